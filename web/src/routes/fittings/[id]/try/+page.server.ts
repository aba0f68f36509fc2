import { forPage } from '$lib/server/page';
import { briefsNow } from '$lib/server/shop/briefs';
import { handsOfShop } from '$lib/server/shop/settings';
import { allStyles } from '$lib/server/shop/stockroom';

/** Every style in few words, to carry one to the chair; those that were carried, whole. */
export const load = async ({ parent, depends }) => {
  // What another device carries to the chair comes with the fitting.
  depends('app:fitting');
  const [{ fitting }, { briefs }, styles, hands] = await Promise.all([parent(), forPage(briefsNow()), forPage(allStyles()), forPage(handsOfShop())]);
  const tried = new Set(fitting.tries.map((row) => row.styleId));
  return { briefs, styles: styles.filter((style) => tried.has(style.id)), hands };
};
