import { error } from '@sveltejs/kit';
import { forPage } from '$lib/server/page';
import { customerOf } from '$lib/server/shop/customers';
import { fittingsOf } from '$lib/server/shop/fittings';
import { allStyles } from '$lib/server/shop/stockroom';

export const load = async ({ params }) => {
  const id = Number(params.id);
  if (!Number.isInteger(id) || id < 1) error(404, 'There is no such person.');
  const [customer, fittings, styles] = await forPage(Promise.all([customerOf(id), fittingsOf(id), allStyles()]));
  const names = Object.fromEntries(styles.map((s) => [s.id, `${s.name}, ${s.maker.name}`]));
  return { customer, fittings, names };
};
