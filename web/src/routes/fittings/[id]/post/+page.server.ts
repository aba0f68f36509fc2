import { forPage } from '$lib/server/page';
import { knownOf } from '$lib/server/shop/known-shoes';
import { postsOf, sentAndKept } from '$lib/server/shop/posts';
import { allStyles } from '$lib/server/shop/stockroom';

export const load = async ({ parent, depends }) => {
  depends('app:posts');
  const { fitting } = await parent();
  const customerId = fitting.customer.id;
  const [styles, posts, counts, known] = await forPage(Promise.all([allStyles(), postsOf({ customerId }), sentAndKept(), knownOf(customerId)]));
  return { styles, posts, counts, known };
};
