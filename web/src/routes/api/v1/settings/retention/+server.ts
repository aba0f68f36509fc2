import { savedAnswer } from '$lib/api/answers';
import { retentionSchema } from '$lib/api/consent';
import { get, write } from '$lib/server/endpoint';
import { keepRetention, retentionOfShop } from '$lib/server/shop/settings';

export const GET = get(
  { needs: 'look', summary: 'Years after which somebody who does not come is proposed for erasing', answer: retentionSchema },
  async () => ({
    years: await retentionOfShop()
  })
);
export const PUT = write(
  { needs: 'shop', summary: 'Keep after how many years somebody is proposed for erasing', body: retentionSchema, answer: savedAnswer },
  async ({ years }) => {
    await keepRetention(years);
    return { saved: true };
  }
);
