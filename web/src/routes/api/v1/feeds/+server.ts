import { feedMadeAnswer, feedsAnswer, feedSchema } from '$lib/api/keep-schema';
import { originOf } from '$lib/server/doors/host';
import { fitterOf, get, writeSecret } from '$lib/server/endpoint';
import { addFeed, allFeeds } from '$lib/server/shop/feeds';

export const GET = get({ needs: 'shop', summary: 'Calendars that were given out', answer: feedsAnswer }, async () => ({ feeds: await allFeeds() }));
export const POST = writeSecret(
  {
    needs: 'shop',
    summary: 'Give out a private address under which what is due is read as a calendar; it is told once',
    body: feedSchema,
    status: 201,
    answer: feedMadeAnswer
  },
  async (body, event) => {
    const { id, token } = await addFeed(body, fitterOf(event));
    return { id, address: `${originOf(event.request)}/calendar/${token}` };
  }
);
