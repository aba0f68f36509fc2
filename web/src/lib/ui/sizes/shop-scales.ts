import { page } from '$app/state';
import { bookOfMakers, type KeptScale, type ScaleBook } from '@chiave/core/size';

const made = new WeakMap<readonly KeptScale[], ScaleBook>();
const NONE: readonly KeptScale[] = [];

/** Every scale this shop reads: the published ones and its makers' own. Read it inside `$derived`. */
export function shopBook(): ScaleBook {
  const kept: readonly KeptScale[] = page.data.makerScales ?? NONE;
  const known = made.get(kept);
  if (known) return known;
  const book = bookOfMakers(kept);
  made.set(kept, book);
  return book;
}
