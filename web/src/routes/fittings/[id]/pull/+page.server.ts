import { briefOf } from '$lib/style-brief';
import { forPage } from '$lib/server/page';
import { stockroomNow } from '$lib/server/shop/stockroom';

/** Of the stockroom the page gets what it filters and names by; the worker that ranks it fetches the rest itself, unless it has it already. */
export const load = async () => {
  const { stamp, styles } = await forPage(stockroomNow());
  return { stamp, styles: styles.map(briefOf) };
};
