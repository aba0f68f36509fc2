import { heelMadeOf, shoeOf } from '@chiave/core/fit';
import { forPage } from '$lib/server/page';
import { tipStockOfShop } from '$lib/server/shop/settings';
import { styleOf } from '$lib/server/shop/stockroom';
import { benchPeople } from '$lib/server/shop/bench-people';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ url }) => {
  const mm = (name: string, most: number): number | null => {
    const value = Number(url.searchParams.get(name) ?? NaN);
    return value >= 0 && value <= most ? Math.round(value) : null;
  };
  const id = url.searchParams.get('style');
  // A style that is not there any more is none: the bench opens with what else the address says.
  const style = id === null ? null : await styleOf(id).catch(() => null);
  const shoe = style && shoeOf(style, style.last.base.size, style.last.base.width);
  return {
    ...(await benchPeople(url)),
    heightMm: mm('height', 280) ?? shoe?.heelHeightMm ?? null,
    platformMm: mm('platform', 120) ?? shoe?.platformMm ?? null,
    made: shoe && heelMadeOf(shoe),
    pinBoreMm: shoe?.heel?.pinBoreMm ?? null,
    tipStock: await forPage(tipStockOfShop())
  };
};
