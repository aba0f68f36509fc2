import { error } from '@sveltejs/kit';
import { roomLeft } from '$lib/feet-history';
import { forPage } from '$lib/server/page';
import { customerOf } from '$lib/server/shop/customers';
import { followedOf, lastMeasured, triedStyles } from '$lib/server/shop/fitting-history';
import { fittingsOf } from '$lib/server/shop/fittings';
import { pairsOf } from '$lib/server/shop/pairs';
import { shopToday } from '$lib/server/shop/settings';
import { allStyles } from '$lib/server/shop/stockroom';

/** Visits shown at first; older ones are asked for. */
const VISITS_AT_ONCE = 10;

export const load = async ({ params }) => {
  const id = Number(params.id);
  if (!Number.isInteger(id) || id < 1) error(404, 'There is no such person.');
  const customer = await forPage(customerOf(id));
  if (customer.erasedAt) error(410, 'This person was erased.');
  const [fittings, followed, all, last, tried, styles] = await forPage(
    Promise.all([
      fittingsOf(id, { limit: VISITS_AT_ONCE + 1 }),
      followedOf(id),
      shopToday().then((today) => pairsOf(id, today)),
      lastMeasured(id),
      triedStyles(id),
      allStyles()
    ])
  );
  const now = new Date().toISOString();
  const pairs = all.filter((p) => p.state === 'owned');
  const room = pairs.flatMap((pair) => {
    const style = styles.find((s) => s.id === pair.body.styleId);
    const left = last && style && roomLeft(last, pair.body, style, now);
    return left ? [{ pair, ...left }] : [];
  });
  return {
    customer,
    fittings: fittings.slice(0, VISITS_AT_ONCE),
    next: fittings.length > VISITS_AT_ONCE ? fittings[VISITS_AT_ONCE - 1].id : null,
    followed,
    pairs,
    names: Object.fromEntries(styles.filter((s) => tried.has(s.id)).map((s) => [s.id, `${s.name}, ${s.maker.name}`])),
    now,
    room
  };
};
