import { checkedSchema, checksSchema } from '$lib/api/instrument-schema';
import { fitterOf, write } from '$lib/server/endpoint';
import { checkInstrument } from '$lib/server/shop/instruments';
import { z } from 'zod';

export const POST = write(
  {
    needs: 'lasts',
    summary: 'Note that an instrument was checked: what it read before counts no more',
    body: checkedSchema,
    answer: z.object({ checks: checksSchema })
  },
  async (body, event) => ({ checks: await checkInstrument(body, fitterOf(event)) })
);
