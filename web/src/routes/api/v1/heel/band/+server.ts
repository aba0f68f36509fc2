import { heelBandAnswer, heelBandSchema } from '$lib/api/heel-schema';
import { take } from '$lib/server/endpoint';
import { bandFor } from '$lib/server/heel-api';

export const POST = take(
  { needs: 'look', summary: 'How high a heel may be for a foot and what it is for, limit by limit', body: heelBandSchema, answer: heelBandAnswer },
  bandFor
);
