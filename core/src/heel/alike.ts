import { rungOf } from './holds';
import { effectiveDrop } from './pitch';
import { tipOf, type HeelMade } from './stand';

/** What counts as one step between two heels: a foot feels each about as much [model]. */
const STEP = { dropMm: 10, platformMm: 15, tipMm: 8, rungs: 2, shape: 0.5 } as const;

/** How far two heels are from feeling alike, in steps; 0 for the same. @param lengthMm of the foot they stand under */
export function heelsApart(a: HeelMade, b: HeelMade, lengthMm: number): number {
  const drop = (h: HeelMade): number => effectiveDrop(h.heelHeightMm, h.platformMm);
  return Math.hypot(
    (drop(a) - drop(b)) / STEP.dropMm,
    (a.platformMm - b.platformMm) / STEP.platformMm,
    (tipOf(a, lengthMm).widthMm - tipOf(b, lengthMm).widthMm) / STEP.tipMm,
    (rungOf(a.hold) - rungOf(b.hold)) / STEP.rungs,
    a.heel === b.heel ? 0 : STEP.shape
  );
}

/** Heels in the order in which they are like one, the most alike first. */
export const alikeFirst = <H extends { made: HeelMade }>(to: HeelMade, heels: readonly H[], lengthMm: number): H[] =>
  heels.map((h) => ({ h, apart: heelsApart(to, h.made, lengthMm) })).sort((p, q) => p.apart - q.apart).map(({ h }) => h); // prettier-ignore

/** How alike two heels are, by how many steps they are apart [model]. */
export const ALIKE = [
  { id: 'same', name: 'hardly another heel', underSteps: 1 },
  { id: 'alike', name: 'much alike', underSteps: 3 },
  { id: 'other', name: 'another heel', underSteps: Infinity }
] as const;
export const alikeOf = (steps: number): (typeof ALIKE)[number] => ALIKE.find((a) => steps < a.underSteps)!;
