import { forPage } from '$lib/server/page';
import { seenLast } from '$lib/server/shop/customers';
import { openFittings } from '$lib/server/shop/fittings';
import { stockroomNow } from '$lib/server/shop/stockroom';

/** So many open fittings stand beside each other, and so many people below. */
const OPEN = 3;
const LAST_HERE = 8;

/** What is going on: fittings in which nothing is kept yet, with the pair at the chair, and who was here last. */
export const load = async () => {
  const [open, people, { styles }] = await forPage(Promise.all([openFittings(OPEN), seenLast(LAST_HERE), stockroomNow()]));
  return { open: open.map((fitting) => ({ fitting, style: styles.find((s) => s.id === fitting.tries[0]?.styleId) ?? null })), people };
};
