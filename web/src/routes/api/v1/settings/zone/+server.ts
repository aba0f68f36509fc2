import { z } from 'zod';
import { savedAnswer } from '$lib/api/answers';
import { get, write } from '$lib/server/endpoint';
import { keepZone, shopToday, zoneOfShop } from '$lib/server/shop/settings';

const known = (zone: string): boolean => {
  try {
    return Boolean(new Intl.DateTimeFormat('en-GB', { timeZone: zone }));
  } catch {
    return false;
  }
};
const body = z
  .strictObject({ zone: z.string().max(60).refine(known, 'a time zone as Europe/Rome') })
  .meta({ id: 'TimeZone', example: { zone: 'Europe/Rome' } });
export const GET = get(
  { needs: 'look', summary: 'The time zone whose days the shop goes by', answer: z.object({ zone: z.string(), today: z.string() }) },
  async () => ({
    zone: await zoneOfShop(),
    today: await shopToday()
  })
);
export const PUT = write({ needs: 'shop', summary: 'Set the time zone whose days the shop goes by', body, answer: savedAnswer }, async ({ zone }) => {
  await keepZone(zone);
  return { saved: true };
});
