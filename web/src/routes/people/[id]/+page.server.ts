import { error } from '@sveltejs/kit';
import { roomInPairs } from '$lib/feet-history';
import { forPage } from '$lib/server/page';
import { customerOf } from '$lib/server/shop/customers';
import { fittingsOf } from '$lib/server/shop/fittings';
import { allStyles } from '$lib/server/shop/stockroom';

export const load = async ({ params }) => {
  const id = Number(params.id);
  if (!Number.isInteger(id) || id < 1) error(404, 'There is no such person.');
  const [customer, fittings, styles] = await forPage(Promise.all([customerOf(id), fittingsOf(id), allStyles()]));
  const names = Object.fromEntries(styles.map((s) => [s.id, `${s.name}, ${s.maker.name}`]));
  if (customer.erasedAt) error(404, 'This person was erased.');
  const now = new Date().toISOString();
  return { customer, fittings, names, now, room: roomInPairs(customer, fittings, styles, now) };
};
