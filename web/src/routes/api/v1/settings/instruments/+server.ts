import { acceptSchema, correctionsSchema } from '$lib/api/instrument-schema';
import { fitterOf, get, write } from '$lib/server/endpoint';
import { acceptInstrument, correctionsOfShop } from '$lib/server/shop/instruments';
import { z } from 'zod';

const answer = z.object({ corrections: correctionsSchema });
export const GET = get({ needs: 'look', summary: 'What the shop has accepted of its instruments', answer }, async () => ({
  corrections: await correctionsOfShop()
}));
export const POST = write(
  { needs: 'lasts', summary: 'Accept what an instrument is off by, or leave it again', body: acceptSchema, answer },
  async (body, event) => ({ corrections: await acceptInstrument(body, fitterOf(event)) })
);
