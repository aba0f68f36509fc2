import { savedAnswer } from '$lib/api/answers';
import { handsSchema } from '$lib/api/chair-schema';
import { get, write } from '$lib/server/endpoint';
import { handsOfShop, keepHands } from '$lib/server/shop/settings';

export const GET = get({ needs: 'look', summary: 'Thumbs and fingers of the fitters, mm', answer: handsSchema }, async () => ({ hands: await handsOfShop() }));
export const PUT = write(
  { needs: 'fit', summary: 'Keep how wide the fitters’ thumbs and fingers are', body: handsSchema, answer: savedAnswer },
  async (body) => {
    await keepHands(body.hands);
    return { saved: true };
  }
);
