import type { View } from './rule-view';

/** A length laid under a rule: a place with its doubt, or a step from one place to another. */
export interface LaidLength {
  name: string;
  /** What is written at its end. */
  figure: string;
  fromMm: number;
  toMm: number;
  /** Where it is best told to be, between the two; a step has none. */
  atMm: number | null;
  /** What all the others come to. */
  whole?: true;
}

/** A length with its doubt either way. */
export const withDoubt = (name: string, figure: string, mm: number, sdMm: number): LaidLength => ({
  name,
  figure,
  fromMm: mm - sdMm,
  toMm: mm + sdMm,
  atMm: mm
});

/** Least part of a rule that is shown, mm, and how much of it is left free at either end. */
const LEAST_MM = 24;
const FREE = 0.12;

/** The part of a rule on which every length lies. */
export function viewOf(lengths: readonly LaidLength[]): View {
  const low = Math.min(...lengths.map((l) => Math.min(l.fromMm, l.toMm)));
  const high = Math.max(...lengths.map((l) => Math.max(l.fromMm, l.toMm)));
  const span = Math.max(LEAST_MM, (high - low) / (1 - 2 * FREE));
  const middle = (low + high) / 2;
  return { fromMm: middle - span / 2, toMm: middle + span / 2 };
}

/**
 * Steps one after the other: each begins where the one before ended.
 * @param startMm where the first begins
 */
export function stepsFrom(startMm: number, steps: readonly { name: string; figure: string; mm: number }[]): LaidLength[] {
  let at = startMm;
  return steps.map(({ name, figure, mm }) => ({ name, figure, fromMm: at, toMm: (at += mm), atMm: null }));
}
