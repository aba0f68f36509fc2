import { useFirstAnswer, useFirstSchema } from '$lib/api/use-schema';
import { take } from '$lib/server/endpoint';
import { firstForApi } from '$lib/server/use-api';

export const POST = take({ needs: 'look', summary: 'What a first pair for a use should be, and what is still to be asked', body: useFirstSchema, answer: useFirstAnswer }, firstForApi); // prettier-ignore
