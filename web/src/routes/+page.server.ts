import { dayNumber } from '@chiave/core/keep';
import { forPage } from '$lib/server/page';
import { comeOn } from '$lib/server/shop/appointments';
import { seenLast } from '$lib/server/shop/customers';
import { dueThisWeek, rowsOf } from '$lib/server/shop/due';
import { openFittings } from '$lib/server/shop/fittings';
import { shopToday, zoneOfShop } from '$lib/server/shop/settings';
import { cameBack, runningTimers } from '$lib/server/shop/tries';
import { stockroomNow } from '$lib/server/shop/stockroom';

/** So many open fittings stand beside each other, so many people of whom something is due, and so many who were here last. */
const OPEN = 3;
const DUE = 14;
const LAST_HERE = 6;
/** Pairs that came back are told for so many days. */
const BACK_DAYS = 14;

/** What is going on: who comes, who is being fitted, what is due this week, timers that run, what came back, and who was here last. */
export const load = async () => {
  const [today, zone] = await forPage(Promise.all([shopToday(), zoneOfShop()]));
  const [open, people, { styles }, due, timers, back, comes] = await forPage(
    Promise.all([openFittings(OPEN), seenLast(LAST_HERE), stockroomNow(), dueThisWeek(today, DUE), runningTimers(), cameBack(BACK_DAYS), comeOn(today)])
  );
  const nameOf = (id: string): string => styles.find((s) => s.id === id)?.name ?? id;
  const day = dayNumber(today);
  return {
    today,
    zone,
    comes,
    open: open.map((fitting) => ({ fitting, style: styles.find((s) => s.id === fitting.tries[0]?.styleId) ?? null })),
    people,
    due: due.people.map((p) => ({ id: p.id, name: p.name, items: rowsOf(p, day) })).filter((p) => p.items.length > 0),
    dueTotal: due.total,
    timers: timers.map(({ styleId, ...t }) => ({ ...t, style: nameOf(styleId) })),
    back: back.map(({ styleId, ...b }) => ({ ...b, style: nameOf(styleId) }))
  };
};
