/** One candidate on each foot, and which felt as if there were no shoe on; null where there was no difference. Ids are those of pairs. */
export interface Bout {
  left: number;
  right: number;
  winner: number | null;
}
/** Two pairs against each other: once this way and once with sides swapped, so that shoe and foot are not taken for each other. */
export interface Duel {
  a: number;
  b: number;
  bouts: Bout[];
  /**
   * Who goes on: null until sides were swapped.
   * `shoe` won on either foot; `even` where no difference or either foot liked another: then the one with the better chance goes on.
   */
  end: { winner: number; loser: number; by: 'shoe' | 'foot' | 'even' } | null;
}
export interface Elimination {
  duels: Duel[];
  /** What to put on next; null when it is over or nothing is there to compare. */
  next: { left: number; right: number; swapped: boolean } | null;
  winner: number | null;
  /** Duels there are in all. */
  of: number;
}
const NEEDED = 2;

function endOf(a: number, b: number, bouts: readonly Bout[], chance: (id: number) => number): Duel['end'] {
  if (bouts.length < NEEDED) return null;
  const score = bouts.reduce((s, { winner }) => s + (winner === a ? 1 : winner === b ? -1 : 0), 0);
  if (score !== 0) return { winner: score > 0 ? a : b, loser: score > 0 ? b : a, by: 'shoe' };
  const winner = chance(b) > chance(a) ? b : a;
  // Both bouts were won, by whichever was on the same foot.
  return { winner, loser: winner === a ? b : a, by: bouts.every((x) => x.winner !== null) ? 'foot' : 'even' };
}
/**
 * How far an elimination has come, from what was said alone: a bout taken back was never there. Bouts of pairs that are gone are left out.
 * @param pairs in the order in which they come to the chair
 * @param chance what the engine expects of each, 0 to 1
 */
export function eliminationOf(pairs: readonly number[], bouts: readonly Bout[], chance: (id: number) => number): Elimination {
  const said = bouts.filter((x) => pairs.includes(x.left) && pairs.includes(x.right) && x.left !== x.right);
  const of = Math.max(0, pairs.length - 1);
  const duels: Duel[] = [];
  let [champion, ...waiting] = pairs;
  while (waiting.length > 0) {
    // Whoever was compared with the champion already comes first: the fitter may put on another than the next one.
    const met = said.find((x) => (x.left === champion && waiting.includes(x.right)) || (x.right === champion && waiting.includes(x.left)));
    const challenger = met ? (met.left === champion ? met.right : met.left) : waiting[0];
    const own = said.filter((x) => [x.left, x.right].includes(champion) && [x.left, x.right].includes(challenger));
    // One bout each way round counts, the newest.
    const newest = [own.filter((x) => x.left === champion).at(-1), own.filter((x) => x.right === champion).at(-1)];
    const both = own.filter((x) => newest.includes(x));
    const duel: Duel = { a: champion, b: challenger, bouts: both, end: endOf(champion, challenger, both, chance) };
    duels.push(duel);
    if (!duel.end) {
      const [one] = both;
      const last = duels.at(-2)?.bouts.at(-1);
      // The winner stays on the foot it stands on; the next comes on the other one.
      const left = one ? one.right : last?.right === champion ? challenger : champion;
      return { duels, next: { left, right: left === champion ? challenger : champion, swapped: one !== undefined }, winner: null, of };
    }
    waiting = waiting.filter((id) => id !== challenger);
    champion = duel.end.winner;
  }
  return { duels, next: null, winner: pairs.length > 1 ? champion : null, of };
}
/** Pairs as the engine ranked them before anyone spoke. */
export const expectedFirst = (pairs: readonly number[], chance: (id: number) => number): number | null =>
  pairs.length < 2 ? null : pairs.reduce((a, b) => (chance(b) > chance(a) ? b : a));
