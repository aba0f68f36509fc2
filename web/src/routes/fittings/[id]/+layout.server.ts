import { error } from '@sveltejs/kit';
import { forPage } from '$lib/server/page';
import { measuredBefore } from '$lib/server/shop/fitting-history';
import { fittingOf } from '$lib/server/shop/fittings';
import { stockStamp } from '$lib/server/shop/stockroom';

export const load = async ({ params, depends }) => {
  depends('app:fitting');
  const id = Number(params.id);
  if (!Number.isInteger(id) || id < 1) error(404, 'There is no such fitting.');
  const fitting = await forPage(fittingOf(id));
  // The newest earlier visit with measured feet, to start from.
  const [earlier, stamp] = await forPage(Promise.all([measuredBefore(fitting), stockStamp()]));
  return { fitting, stamp, earlier: earlier ? { openedAt: earlier.openedAt, feet: earlier.feet, weightKg: earlier.weightKg } : null };
};
