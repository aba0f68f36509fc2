import { z } from 'zod';
import { get } from '$lib/server/endpoint';
import { retentionOfShop } from '$lib/server/shop/settings';
import { unseenFor } from '$lib/server/shop/unseen';

const answer = z.object({ years: z.number(), people: z.array(z.object({ id: z.number(), name: z.string(), lastSeen: z.string(), fittings: z.number(), pairs: z.number() })) }); // prettier-ignore
export const GET = get({ needs: 'health', summary: 'People not seen for so long that they are proposed for erasing', answer }, async () => {
  const years = await retentionOfShop();
  return { years, people: await unseenFor(years) };
});
