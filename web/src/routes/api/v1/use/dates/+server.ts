import { useDatesAnswer, useDatesSchema } from '$lib/api/use-schema';
import { take } from '$lib/server/endpoint';
import { datesForApi } from '$lib/server/use-api';

export const POST = take({ needs: 'look', summary: 'Last day to buy for an event, and whether a running pair lives until then', body: useDatesSchema, answer: useDatesAnswer }, datesForApi); // prettier-ignore
