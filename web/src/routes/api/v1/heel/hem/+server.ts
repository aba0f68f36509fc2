import { heelHemAnswer, heelHemSchema } from '$lib/api/heel-schema';
import { take } from '$lib/server/endpoint';
import { hemFor } from '$lib/server/heel-api';

export const POST = take({ needs: 'look', summary: 'A hem cut for one pair, worn with another', body: heelHemSchema, answer: heelHemAnswer }, hemFor);
