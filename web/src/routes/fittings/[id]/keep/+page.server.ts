import { forPage } from '$lib/server/page';
import { allStyles } from '$lib/server/shop/stockroom';

/** The styles that were tried, for their names and drawings. */
export const load = async ({ parent }) => {
  const { fitting } = await parent();
  const tried = new Set(fitting.tries.map((row) => row.styleId));
  return { styles: (await forPage(allStyles())).filter((style) => tried.has(style.id)) };
};
