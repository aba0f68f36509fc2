import { forPage } from '$lib/server/page';
import { peoplePage } from '$lib/server/shop/customers';
import { allStyles } from '$lib/server/shop/stockroom';

export const load = async () => {
  const [styles, people] = await forPage(Promise.all([allStyles(), peoplePage({})]));
  return { styles, people };
};
