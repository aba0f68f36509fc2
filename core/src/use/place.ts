import type { VERDICTS } from '../fit';
import { SUIT_CLASSES, type SuitClass, type Suit } from './judge';

/** Fit and suit together: in which place a candidate stands. What is forbidden keeps its fit and its words, and stands under all that may be worn. */
export type FitVerdict = (typeof VERDICTS)[number];
/** By class, in the order of the classes. */
const PLACES: Readonly<Record<FitVerdict, readonly [number, number, number, number]>> = {
  fits: [1, 2, 5, 7],
  'fits-with-help': [3, 4, 6, 8],
  'does-not-fit': [9, 9, 10, 11]
};
const CLASS_AT = Object.fromEntries(SUIT_CLASSES.map((c, i) => [c.id, i])) as Readonly<Record<SuitClass, number>>;
export const placeOf = (verdict: FitVerdict, cls: SuitClass): number => PLACES[verdict][CLASS_AT[cls]];
/** Places in which a shoe may be proposed among the first three. */
export const PROPOSED_TO = 6;
/** Within a place: half of a hundred steps of chance and suit together. */
export const worthOf = (probability: number, { suit }: Pick<Suit, 'suit'>): number => Math.round((50 * probability * (1 + suit)) / 2);

export interface Placed<C> {
  candidate: C;
  verdict: FitVerdict;
  probability: number;
  suit: Suit;
  place: number;
  worth: number;
}
/** Puts candidates in order by fit and suit. @param candidates in the fit's own order, which stays where nothing else decides */
export function placeAll<C>(candidates: readonly C[], of: (c: C) => { verdict: FitVerdict; probability: number; suit: Suit }): Placed<C>[] {
  return candidates
    .map((candidate): Placed<C> => {
      const { verdict, probability, suit } = of(candidate);
      return { candidate, verdict, probability, suit, place: placeOf(verdict, suit.class), worth: worthOf(probability, suit) };
    })
    .sort((a, b) => a.place - b.place || b.worth - a.worth);
}

/** In what candidates differ, with how it is told. */
export interface Difference {
  id: string;
  words: string;
}
/** How far the first three are looked for, and what a place, a further difference and one shown already take off. */
const THREE = { of: 30, perPlace: 0.12, perDifference: 0.1, shown: 0.15, most: 3 } as const;
/**
 * The first, and two more that differ from it in one thing, as far as such are to be had.
 * @param differ in what the second differs from the first
 */
export function firstThree<C>(placed: readonly Placed<C>[], differ: (c: C, from: C) => readonly Difference[]): { placed: Placed<C>; but: Difference | null }[] {
  const [first] = placed;
  if (!first) return [];
  const chosen: { placed: Placed<C>; but: Difference | null }[] = [{ placed: first, but: null }];
  const told = new Set<string>();
  const rest = placed.slice(1, THREE.of + 1).filter((p) => p.place <= PROPOSED_TO);
  while (chosen.length < THREE.most && rest.length > 0) {
    const scored = rest.map((p) => {
      const differences = differ(p.candidate, first.candidate);
      // The difference that is new is the one to tell.
      const but = differences.find((d) => !told.has(d.id)) ?? differences[0] ?? null;
      const worth =
        p.worth / Math.max(1, first.worth) -
        THREE.perPlace * (p.place - first.place) -
        THREE.perDifference * Math.max(0, differences.length - 1) -
        (but && told.has(but.id) ? THREE.shown : 0);
      return { p, but, worth: differences.length === 0 ? -Infinity : worth };
    });
    const best = scored.reduce((a, b) => (b.worth > a.worth ? b : a));
    if (best.worth === -Infinity) break;
    chosen.push({ placed: best.p, but: best.but });
    if (best.but) told.add(best.but.id);
    rest.splice(rest.indexOf(best.p), 1);
  }
  return chosen;
}
