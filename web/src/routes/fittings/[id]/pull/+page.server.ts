import { packBriefs } from '$lib/style-brief';
import { forPage } from '$lib/server/page';
import { stockroomNow } from '$lib/server/shop/stockroom';

let packed: { stamp: string; briefs: string } | undefined;

/** Of the stockroom the page gets what it filters and names by; the worker that ranks it fetches the rest itself, unless it has it already. */
export const load = async () => {
  const { stamp, styles } = await forPage(stockroomNow());
  if (packed?.stamp !== stamp) packed = { stamp, briefs: packBriefs(styles) };
  return packed;
};
