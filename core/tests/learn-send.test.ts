import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { allStyles } from '../../demo/lasts';
import { ORDINARY_WEAR, type Style } from '../src/fit';
import { bestSets, labelSays, labelShoe, sendPlan, wearOfKnown, worthSending, type KnownPair, type LearnAsk, type Sendable } from '../src/learn'; // prettier-ignore
import { normalBelow } from '../src/measure';
import { PUBLISHED } from '../src/size';

/** Bits of a candidate over draws, where a test holds. */
function bitsWhere(draws: readonly number[], holds: (x: number) => boolean): Uint32Array {
  const bits = new Uint32Array(Math.ceil(draws.length / 32));
  draws.forEach((x, n) => {
    if (holds(x)) bits[n >> 5] |= 1 << (n & 31);
  });
  return bits;
}
/** The place below which a share of the normal lies, by halving. */
function quantile(p: number): number {
  let [low, high] = [-8, 8];
  for (let i = 0; i < 60; i++) {
    const middle = (low + high) / 2;
    if (normalBelow(middle) < p) low = middle;
    else high = middle;
  }
  return low;
}
const MANY = 4096;
const normal = Array.from({ length: MANY }, (_, i) => quantile((i + 0.5) / MANY));

describe('the best one, two and three to send', () => {
  it('length known to 6.2, half sizes, right 6.5 either way: .706, .950, .998, and the best two do without the best one', () => {
    const HALF = 8.47 / 2;
    const sizes = Array.from({ length: 13 }, (_, i) => i - 6).map((k): Sendable => ({ id: String(k), bits: bitsWhere(normal, (x) => Math.abs(6.2 * x - k * HALF) <= 6.5) })); // prettier-ignore
    const [one, two, three] = bestSets(sizes, MANY);
    expect(one.ids).toEqual(['0']);
    expect([one, two, three].map((s) => s.chance.toFixed(3).slice(0, 4))).toEqual(['0.70', '0.95', '0.99']);
    expect(two.ids).not.toContain('0');
    expect(Math.abs(Number(two.ids[0]) - Number(two.ids[1]))).toBe(3);
    // Taking the best and then the next best comes to less.
    const greedy = Math.max(...sizes.slice(0).map((s) => bestSets([{ id: 'both', bits: s.bits.map((w, i) => w | sizes[6].bits[i]) }], MANY)[0].chance)); // prettier-ignore
    expect(greedy).toBeLessThan(0.91);
  });
  it('is exact against trying them all, never falls with one more, and does not hang on their order', () => {
    fc.assert(
      fc.property(fc.array(fc.array(fc.boolean(), { minLength: 64, maxLength: 64 }), { minLength: 1, maxLength: 7 }), (rows) => {
        const all = rows.map((row, i): Sendable => ({ id: `c${i}`, bits: bitsWhere([...row.keys()], (n) => row[n]) }));
        const chance = (ids: number[]) => rows[0].filter((_, n) => ids.some((i) => rows[i][n])).length / 64;
        const sets = bestSets(all, 64);
        sets.forEach(({ chance: best }, k) => {
          const of = (from: number, ids: number[]): number => (ids.length === k + 1 ? chance(ids) : Math.max(-1, ...rows.slice(from).map((_, i) => of(from + i + 1, [...ids, from + i])))); // prettier-ignore
          expect(best).toBeCloseTo(of(0, []), 12);
          if (k > 0) expect(best).toBeGreaterThanOrEqual(sets[k - 1].chance);
        });
        expect(bestSets([...all].reverse(), 64).map((s) => s.chance)).toEqual(sets.map((s) => s.chance));
      }),
      { numRuns: 60 }
    );
  });
  it('a pair more is worth its way by what it gains: margin 60, six out and six back, over .18', () => {
    const post = { marginEach: 60, out: 6, back: 6 };
    expect(worthSending(0.19, post)).toBe(true);
    expect(worthSending(0.17, post)).toBe(false);
  });
});

describe('what to send somebody who only wrote', () => {
  const style: Style = allStyles().find((s) => s.id === 'usher')!;
  const { footMm, stepMm } = labelSays(PUBLISHED, 'eu', 42);
  const shoe = labelShoe('sneaker', footMm);
  const worn: KnownPair = { id: 'a', shoe, lastId: null, mark: 'not-seen', labelStepMm: stepMm, wear: wearOfKnown(shoe, ORDINARY_WEAR), whole: 'comfortable', zones: {}, worn: true }; // prettier-ignore
  const taped = { lengthMm: { mm: 262, sdMm: 1.5 }, ballGirthMm: { mm: 250, sdMm: 3 } };
  const ask: LearnAsk = { pairs: [worn], tape: {}, preference: 'regular' };
  const byLabel = sendPlan(ask, [style], ORDINARY_WEAR);
  const byTape = sendPlan({ ...ask, tape: { left: taped, right: taped } }, [style], ORDINARY_WEAR);
  it('two are better than one, three than two; one by itself is the best of each', () => {
    const [one, two, three] = byLabel.sets.map((s) => s.chance);
    expect(two).toBeGreaterThan(one);
    expect(three).toBeGreaterThan(two);
    expect(one).toBe(byLabel.each[0].chance);
    expect(byLabel.sets.map((s) => s.pairs.length)).toEqual([1, 2, 3]);
  });
  it('two numbers by tape are worth more than a second pair in the post', () => {
    expect(byTape.sets[0].chance).toBeGreaterThan(byLabel.sets[1].chance);
    expect(Math.abs(byTape.sets[0].pairs[0].sizeNumber - 42)).toBeLessThan(1);
  });
  it('the best six are told with what would be felt first, and their chances are those of the plan', () => {
    expect(byTape.there.map(({ size, width, chance }) => [size, width, chance])).toEqual(byTape.each.slice(0, 6).map(({ size, width, chance }) => [size, width, chance])); // prettier-ignore
    for (const t of byTape.there) expect(t.feel.length).toBeGreaterThan(0);
    expect(byTape.needs[0].worth).toBeGreaterThanOrEqual(byTape.needs[1].worth);
  });
  it('the same question gets the same answer', () => expect(sendPlan(ask, [style], ORDINARY_WEAR)).toEqual(byLabel));
  it('nothing made near these feet: nothing to send', () => {
    const small = { ...taped, lengthMm: { mm: 180, sdMm: 1.5 } };
    const { each, there, sets } = sendPlan({ ...ask, pairs: [], tape: { left: small, right: small } }, [style], ORDINARY_WEAR);
    expect([each, there, sets]).toEqual([[], [], []]);
  });
});
