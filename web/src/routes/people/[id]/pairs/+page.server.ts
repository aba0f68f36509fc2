import { error } from '@sveltejs/kit';
import { dayNumber } from '@chiave/core/keep';
import { feetOf } from '$lib/fit-feet';
import { likeNow } from '$lib/like-now';
import { forPage } from '$lib/server/page';
import { customerOf } from '$lib/server/shop/customers';
import { dueList, rowsOf } from '$lib/server/shop/due';
import { aroundOf, pairsOf } from '$lib/server/shop/pairs';
import { appointments } from '$lib/server/shop/person-rows';
import { saidAnswers } from '$lib/server/shop/said';
import { shopToday } from '$lib/server/shop/settings';
import { looksOf, seasonsOf, troublesOf, wishesOf } from '$lib/server/shop/turns';

/** Days that are looked ahead beside a person's pairs. */
const AHEAD = 45;

export const load = async ({ params }) => {
  const id = Number(params.id);
  if (!Number.isInteger(id) || id < 1) error(404, 'There is no such person.');
  const [customer, today] = await forPage(Promise.all([customerOf(id), shopToday()]));
  if (customer.erasedAt) error(410, 'This person was erased.');
  // The pairs first: where a migration made them, this works out what the rest reads.
  const pairs = await forPage(pairsOf(id, today));
  const [around, due, seasons, wishes, troubles, looks, said, comes] = await forPage(
    Promise.all([aroundOf(id), dueList(today, { ahead: AHEAD, person: id, quiet: true }), seasonsOf(id, today), wishesOf(id), troublesOf(id), looksOf(id, today), saidAnswers(id), appointments.list(id)]) // prettier-ignore
  );
  const day = dayNumber(today);
  const worn = new Set(pairs.flatMap((p) => p.body.styleId ?? []));
  return {
    customer,
    today,
    pairs,
    now: around.fitting ? likeNow(pairs, around.fitting, around.styles, new Date().toISOString()) : [],
    fitting: around.fitting,
    feet: around.fitting ? feetOf(around.fitting) : [],
    worn: [...around.styles.values()].filter((s) => worn.has(s.id)),
    styles: [...around.styles.values()].map(({ id: styleId, name, kind, upper, maker, last, details }) => ({ id: styleId, name, kind, upper, maker: maker.name, last: last.name, colour: details.colour })), // prettier-ignore
    due: due.flatMap((p) => rowsOf(p, day)),
    seasons,
    wishes,
    troubles,
    looks,
    said,
    comes
  };
};
