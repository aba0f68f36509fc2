import { pointeBarreCheckAnswer, pointeBarreCheckSchema } from '$lib/api/pointe-schema';
import { take } from '$lib/server/endpoint';
import { causesFor } from '$lib/server/pointe-api';

export const POST = take({ needs: 'look', summary: 'Signs at the barre, their causes with shares, and what to change', body: pointeBarreCheckSchema, answer: pointeBarreCheckAnswer }, causesFor); // prettier-ignore
