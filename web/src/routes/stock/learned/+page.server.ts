import { forPage } from '$lib/server/page';
import { learningNow } from '$lib/server/shop/learning';
import { allLasts, allStyles } from '$lib/server/shop/stockroom';

export const load = async () => {
  const [now, lasts, styles] = await forPage(Promise.all([learningNow(), allLasts(), allStyles()]));
  const counts: Record<string, number> = {};
  for (const { last } of styles) counts[last.id] = (counts[last.id] ?? 0) + 1;
  return { now, lasts: lasts.map(({ id, name, grade }) => ({ id, name, grade, styles: counts[id] ?? 0 })) };
};
