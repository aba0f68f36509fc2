import { forPage } from '$lib/server/page';
import { retentionOfShop } from '$lib/server/shop/settings';
import { unseenFor } from '$lib/server/shop/unseen';

export const load = async () => {
  const years = await forPage(retentionOfShop());
  return { years, people: await forPage(unseenFor(years)) };
};
