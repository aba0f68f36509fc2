import { forPage } from '$lib/server/page';
import { seenLast } from '$lib/server/shop/customers';
import { openFittings } from '$lib/server/shop/fittings';
import { postsDue } from '$lib/server/shop/posts';
import { runningTimers } from '$lib/server/shop/tries';
import { stockroomNow } from '$lib/server/shop/stockroom';

/** So many open fittings stand beside each other, and so many people below. */
const OPEN = 3;
const LAST_HERE = 8;
/** Parcels are shown this many days before their last day. */
const DUE_DAYS = 5;

/** What is going on: fittings in which nothing is kept yet, with the pair at the chair, and who was here last. */
export const load = async () => {
  const [open, people, { styles }, due, timers] = await forPage(
    Promise.all([openFittings(OPEN), seenLast(LAST_HERE), stockroomNow(), postsDue(DUE_DAYS), runningTimers()])
  );
  const nameOf = (id: string): string => styles.find((s) => s.id === id)?.name ?? id;
  return {
    open: open.map((fitting) => ({ fitting, style: styles.find((s) => s.id === fitting.tries[0]?.styleId) ?? null })),
    people,
    due: due.map(({ id, person, fittingId, dueOn, pairs }) => ({ id, person, fittingId, dueOn, pairs: pairs.map((p) => nameOf(p.styleId)) })),
    timers: timers.map(({ styleId, ...t }) => ({ ...t, style: nameOf(styleId) }))
  };
};
