import { KIND_LIFE } from './by-kind';
import type { DayNumber } from './days';
import { PAIR_USE, WEAR_UNIT, type PairUseId } from './life';
import { lifeOfPair, wearOfPair, type KeptPair } from './records';

/** Which pair for which day, so that each rests. */
export interface Slot {
  on: DayNumber;
  use: PairUseId;
  /** Hours it takes; the usual of the use where it is left out. */
  hours?: number;
}
export interface Turn {
  slot: Slot;
  /** The pair that is worn; null where none is for that. */
  pair: KeptPair | null;
  /** It has rested as long as its kind does. */
  rested: boolean;
}
/** Uses of a pair: those told, or those of its kind. */
export const usesOf = (pair: Pick<KeptPair, 'uses' | 'kind'>): readonly PairUseId[] => (pair.uses.length > 0 ? pair.uses : KIND_LIFE[pair.kind].uses);
/** Hours a use takes in a kind, where nobody says otherwise. */
export function usualHours(use: PairUseId, kind: KeptPair['kind']): number {
  const { unit, amount } = PAIR_USE[use].tap;
  return WEAR_UNIT[unit].hours === null ? amount / KIND_LIFE[kind].kmh : amount * WEAR_UNIT[unit].hours;
}
interface Way {
  turns: readonly Turn[];
  last: readonly DayNumber[];
  used: readonly number[];
  missing: number;
  unrested: number;
  uneven: number;
}
const put = (list: readonly number[], at: number, value: number): number[] => list.map((v, i) => (i === at ? value : v));
/** So many ways are followed at once; beyond that the worst are let go. */
const WIDTH = 400;
const better = (a: Way, b: Way): number => a.missing - b.missing || a.unrested - b.unrested || a.uneven - b.uneven;

/**
 * A proposal: every slot has a pair that is for it, rested wherever that can be, and what is left of the pairs stays even.
 * @param today wear until now counts as it is
 */
export function rotate(slots: readonly Slot[], pairs: readonly KeptPair[], today: DayNumber): Turn[] {
  const mine = pairs.filter((p) => p.state === 'owned');
  const lives = mine.map((p) => {
    const { counts, kmh } = KIND_LIFE[p.kind];
    const { centre } = lifeOfPair(p);
    return counts === 'km' ? centre / kmh : centre;
  });
  const order = [...slots].sort((a, b) => a.on - b.on);
  let ways: Way[] = [
    { turns: [], last: mine.map((p) => p.tally.all.last ?? -Infinity), used: mine.map((p, i) => wearOfPair(p, today).hours / lives[i]), missing: 0, unrested: 0, uneven: 0 }
  ]; // prettier-ignore
  for (const slot of order) {
    const next: Way[] = [];
    for (const way of ways) {
      let any = false;
      mine.forEach((pair, i) => {
        if (!usesOf(pair).includes(slot.use)) return;
        any = true;
        const rested = slot.on - way.last[i] > KIND_LIFE[pair.kind].restDays;
        const share = (slot.hours ?? usualHours(slot.use, pair.kind)) / lives[i];
        next.push({
          turns: [...way.turns, { slot, pair, rested }],
          last: put(way.last, i, slot.on),
          used: put(way.used, i, way.used[i] + share),
          missing: way.missing,
          unrested: way.unrested + (rested ? 0 : 1),
          // The square of what is used grows least where the least used is taken.
          uneven: way.uneven + (way.used[i] + share) ** 2 - way.used[i] ** 2
        });
      });
      if (!any) next.push({ ...way, turns: [...way.turns, { slot, pair: null, rested: true }], missing: way.missing + 1 });
    }
    ways = next.sort(better).slice(0, WIDTH);
  }
  return [...ways[0].turns];
}
