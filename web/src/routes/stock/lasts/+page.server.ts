import { forPage } from '$lib/server/page';
import { allLasts, allMakers, allStyles } from '$lib/server/shop/stockroom';

export const load = async () => {
  const [lasts, makers, styles] = await forPage(Promise.all([allLasts(), allMakers(), allStyles()]));
  const uses: Record<string, number> = {};
  for (const style of styles) uses[style.last.id] = (uses[style.last.id] ?? 0) + 1;
  return { lasts, makers, uses };
};
