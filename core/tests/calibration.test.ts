import { describe, expect, it } from 'vitest';
import { seeded } from '../../demo/random';
import { calibrationOf, corrected, LEAST_PAIRS, wilson, type Outcome } from '../src/learn';

type Truth = (chance: number) => number;
const honest: Truth = (p) => p;
const moved = (level: number, slope: number): Truth => (p) => 1 / (1 + Math.exp(-(level + slope * Math.log(p / (1 - p))))); // prettier-ignore
/** A shop whose chances are told, and come true by another rule. */
function shop(seed: number, pairs: number, truth: Truth): Outcome[] {
  const { uniform } = seeded(seed);
  return Array.from({ length: pairs }, () => {
    const chance = 0.05 + 0.9 * uniform();
    return { chance, good: uniform() < truth(chance) };
  });
}
const SHOPS = 200;
const calledUntrue = (pairs: number, truth: Truth): number =>
  Array.from({ length: SHOPS }, (_, i) => calibrationOf(shop(1000 + i, pairs, truth))!).filter((c) => c.truth !== 'nothing-wrong' && c.truth !== 'too-few')
    .length / SHOPS;

describe('are the chances true', () => {
  it('Wilson’s intervals: 8 of 10, 0 of 5 (published formula, from memory)', () => {
    const [eight, none] = [wilson(8, 10), wilson(0, 5)];
    expect([eight.low, eight.high].map((x) => x.toFixed(2))).toEqual(['0.54', '0.93']);
    expect([none.low, none.high].map((x) => x.toFixed(2))).toEqual(['0.00', '0.35']);
    expect(wilson(0, 0)).toEqual({ low: 0, high: 1 });
  });
  it('no outcome, no answer; under sixty pairs it says how many are missing and judges nothing', () => {
    expect(calibrationOf([])).toBeNull();
    const few = calibrationOf(shop(1, 35, moved(-3, 1)))!;
    expect([few.truth, few.missing, few.correction]).toEqual(['too-few', LEAST_PAIRS - 35, null]);
  });
  it('an error by itself means nothing: 35 honest pairs show more than three in a hundred', () => {
    const errors = Array.from({ length: 50 }, (_, i) => calibrationOf(shop(i, 35, honest))!);
    expect(errors.filter((c) => c.error > 0.03).length).toBeGreaterThan(40);
    for (const c of errors) expect(c.errorByChance).toBeGreaterThan(0.05);
  });
  it('honest chances are seldom called untrue; too sure (300 pairs) and too hopeful ones (100) mostly', () => {
    expect(calledUntrue(100, honest)).toBeLessThanOrEqual(0.15);
    expect(calledUntrue(300, honest)).toBeLessThanOrEqual(0.15);
    expect(calledUntrue(300, moved(0, 0.6))).toBeGreaterThanOrEqual(0.7);
    expect(calledUntrue(100, moved(-0.7, 1))).toBeGreaterThanOrEqual(0.7);
  });
  it('says in which way they are off', () => {
    const truth = (t: Truth) => calibrationOf(shop(7, 600, t))!.truth;
    expect(truth(moved(-0.7, 1))).toBe('too-hopeful');
    expect(truth(moved(0.7, 1))).toBe('too-gloomy');
    expect(truth(moved(0, 0.5))).toBe('too-sure');
    expect(truth(moved(0, 2))).toBe('too-timid');
  });
  it('bins hold everybody once, said lies between their ends, and what came within its interval', () => {
    const { bins, n, good } = calibrationOf(shop(3, 317, honest))!;
    expect(bins.length).toBe(10);
    expect(bins.reduce((s, b) => s + b.n, 0)).toBe(n);
    expect(bins.reduce((s, b) => s + b.good, 0)).toBe(good);
    for (const b of bins) {
      expect(b.said).toBeGreaterThanOrEqual(b.lowest);
      expect(b.said).toBeLessThanOrEqual(b.highest);
      expect(b.good / b.n).toBeGreaterThanOrEqual(b.came.low);
      expect(b.good / b.n).toBeLessThanOrEqual(b.came.high);
    }
  });
  it('a correction comes only where something is off, keeps the order, and foretells the next pairs better', () => {
    expect(calibrationOf(shop(11, 400, honest))!.correction).toBeNull();
    const t = moved(-0.7, 1);
    const { correction } = calibrationOf(shop(12, 400, t))!;
    const next = shop(13, 2000, t);
    const brier = (of: (chance: number) => number) => next.reduce((s, o) => s + (Number(o.good) - of(o.chance)) ** 2, 0) / next.length;
    expect(brier((p) => corrected(p, correction!))).toBeLessThan(brier((p) => p));
    for (let p = 0.02; p < 0.97; p += 0.05) expect(corrected(p + 0.05, correction!)).toBeGreaterThan(corrected(p, correction!));
  });
  it('which pair was counted first does not matter', () => {
    const outcomes = shop(5, 130, honest);
    const [there, back] = [calibrationOf(outcomes)!, calibrationOf([...outcomes].reverse())!];
    expect(back.brier).toBeCloseTo(there.brier, 12);
    expect(back.truth).toBe(there.truth);
  });
});
