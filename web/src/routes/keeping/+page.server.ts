import { dayNumber } from '@chiave/core/keep';
import { forPage } from '$lib/server/page';
import { dueList, rowsOf } from '$lib/server/shop/due';
import { allFeeds } from '$lib/server/shop/feeds';
import { shopToday, zoneOfShop } from '$lib/server/shop/settings';
import { costsOfShop } from '$lib/server/shop/turns';

const AHEAD = { week: 7, month: 30, season: 90 } as const;
/** People whose list is shown at once. */
const PEOPLE = 60;

export const load = async ({ url }) => {
  const asked = url.searchParams.get('ahead') ?? '';
  const span = Object.hasOwn(AHEAD, asked) ? (asked as keyof typeof AHEAD) : 'week';
  const today = await forPage(shopToday());
  const [list, feeds, costs, zone] = await forPage(Promise.all([dueList(today, { ahead: AHEAD[span] }), allFeeds(), costsOfShop(today), zoneOfShop()]));
  const day = dayNumber(today);
  return {
    today,
    span,
    total: list.length,
    people: list
      .slice(0, PEOPLE)
      .map((p) => ({ id: p.id, name: p.name, items: rowsOf(p, day) }))
      .filter((p) => p.items.length > 0),
    feeds,
    costs,
    zone
  };
};
