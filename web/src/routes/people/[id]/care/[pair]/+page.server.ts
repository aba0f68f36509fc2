import { error } from '@sveltejs/kit';
import { UPPER } from '@chiave/core/fit';
import { careOf, careTitle } from '@chiave/core/keep';
import { forPage } from '$lib/server/page';
import { customerOf } from '$lib/server/shop/customers';
import { pairsOf } from '$lib/server/shop/pairs';
import { shopToday } from '$lib/server/shop/settings';

export const load = async ({ params }) => {
  const id = Number(params.id);
  if (!Number.isInteger(id) || id < 1) error(404, 'There is no such person.');
  const today = await forPage(shopToday());
  const [customer, pairs] = await forPage(Promise.all([customerOf(id), pairsOf(id, today)]));
  const pair = pairs.find((p) => String(p.id) === params.pair);
  if (customer.erasedAt) error(410, 'This person was erased.');
  if (!pair) error(404, 'There is no such pair.');
  const { kind, upper, leatherSole } = pair.body;
  return { customer, pair: pair.body, title: careTitle(kind, UPPER[upper].name), care: careOf({ kind, upper, leatherSole }) };
};
