import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { seeded } from '../../demo/random';
import { believe, type Gaussian, type Word } from '../src/learn';
import { normalBelow, normalBetween } from '../src/measure';

const one = (mean: number, sd: number): Gaussian => ({ mean: Float64Array.of(mean), cov: Float64Array.of(sd * sd) });
const word = (low: number, high: number, own: Partial<Word> = {}): Word => ({ at: [0], by: [1], mm: 0, low, high, sd: 2.5, slip: 0.03, ...own });
const sdOf = ({ cov, mean }: Gaussian, i = 0): number => Math.sqrt(cov[i * mean.length + i]);
/** The same by plain integration. */
function integrated(prior: Gaussian, words: readonly Word[]): { mean: number; sd: number } {
  const [m, s] = [prior.mean[0], sdOf(prior)];
  let [mass, first, second] = [0, 0, 0];
  for (let k = -4000; k <= 4000; k++) {
    const x = m + (k / 500) * s;
    const p = words.reduce((f, w) => f * ((1 - w.slip) * normalBetween((w.low - w.mm - w.by[0] * x) / w.sd, (w.high - w.mm - w.by[0] * x) / w.sd) + w.slip / 5), Math.exp(-(((x - m) / s) ** 2) / 2)); // prettier-ignore
    mass += p;
    first += p * x;
    second += p * x * x;
  }
  return { mean: first / mass, sd: Math.sqrt(second / mass - (first / mass) ** 2) };
}
const anyWord = fc.record({ mid: fc.double({ min: -8, max: 8, noNaN: true }), half: fc.double({ min: 1, max: 6, noNaN: true }), by: fc.constantFrom(1, -1, 0.5) }); // prettier-ignore
const wordsOf = (of: { mid: number; half: number; by: number }[]): Word[] => of.map(({ mid, half, by }) => word(mid - half, mid + half, { by: [by], mm: -by * 250 })); // prettier-ignore

describe('the normal distribution', () => {
  it('stands at the values of a table of it, to all figures (handbook table, from memory)', () => {
    expect(normalBelow(0)).toBe(0.5);
    expect(normalBelow(1)).toBeCloseTo(0.841344746068543, 14);
    expect(normalBelow(1.959963984540054)).toBeCloseTo(0.975, 14);
    expect(normalBelow(-6) / 9.865876450376946e-10).toBeCloseTo(1, 10);
    expect(normalBelow(-38)).toBeGreaterThan(0);
  });
  it('joins without a step where series and fraction meet, and never falls', () => {
    fc.assert(
      fc.property(fc.double({ min: -9, max: 9, noNaN: true }), fc.double({ min: 1e-6, max: 1, noNaN: true }), (x, more) => {
        expect(normalBelow(x + more)).toBeGreaterThanOrEqual(normalBelow(x));
        expect(normalBelow(x) + normalBelow(-x)).toBeCloseTo(1, 13);
      })
    );
    expect(normalBelow(-3.5 - 1e-9) / normalBelow(-3.5 + 1e-9)).toBeCloseTo(1, 7);
  });
});
describe('what is believed after words and readings', () => {
  it('nothing said: what was believed before, bit for bit', () => {
    const prior = one(250, 10);
    const after = believe(prior, []);
    expect(Array.from(after.mean)).toEqual(Array.from(prior.mean));
    expect(Array.from(after.cov)).toEqual(Array.from(prior.cov));
  });
  it('a reading: 250 ± 10 and 254 ± 1.5 are 253.912 ± 1.483', () => {
    const after = believe(one(250, 10), [], [{ at: [0], by: [1], mm: 0, value: 254, sd: 1.5 }]);
    expect(after.mean[0]).toBeCloseTo(253.912, 3);
    expect(sdOf(after)).toBeCloseTo(1.483, 3);
  });
  it('“right”, 9 to 15 in an inside of 262, on 250 ± 10: 250.000 ± 3.304', () => {
    const after = believe(one(250, 10), [word(9, 15, { by: [-1], mm: 262 })]);
    expect(after.mean[0]).toBeCloseTo(250, 6);
    expect(sdOf(after)).toBeCloseTo(3.304, 3);
  });
  it('agrees with plain integration on what honest people say: means within .06 deviations, spreads within 4 of 100', () => {
    const random = seeded(11);
    const off: number[] = [];
    const spread: number[] = [];
    for (let n = 0; n < 150; n++) {
      const prior = one(250, 6);
      const truth = 250 + 6 * random.normal();
      const words = Array.from({ length: 1 + (n % 5) }, () => {
        const insideMm = truth + 10 + 6 * random.normal();
        const felt = insideMm - truth + 2.5 * random.normal();
        const cut = [-Infinity, 4, 7, 13, 18, Infinity];
        const at = cut.findIndex((c, k) => felt >= c && felt < cut[k + 1]);
        return word(cut[at], cut[at + 1], { by: [-1], mm: insideMm });
      });
      const [ours, exact] = [believe(prior, words), integrated(prior, words)];
      off.push(Math.abs(ours.mean[0] - exact.mean) / exact.sd);
      spread.push(sdOf(ours) / exact.sd);
    }
    const meanOf = (of: number[]) => of.reduce((sum, x) => sum + x, 0) / of.length;
    expect(meanOf(off)).toBeLessThan(0.06);
    expect(Math.abs(meanOf(spread) - 1)).toBeLessThan(0.04);
  });
  it('the order in which words are said does not matter', () => {
    fc.assert(
      fc.property(fc.array(anyWord, { minLength: 2, maxLength: 6 }), (said) => {
        const words = wordsOf(said);
        const [there, back] = [words, [...words].reverse()].map((w) => believe(one(250, 6), w));
        expect(Math.abs(there.mean[0] - back.mean[0])).toBeLessThan(1e-4 * sdOf(there));
      }),
      { numRuns: 100 }
    );
  });
  it('a word more widens nothing by more than a hundredth, and felt without end of noise says nothing', () => {
    fc.assert(
      fc.property(fc.array(anyWord, { minLength: 0, maxLength: 4 }), anyWord, (said, more) => {
        const words = wordsOf(said);
        const before = believe(one(250, 6), words);
        // Slips off: an honest word always narrows.
        const honest = words.map((w) => ({ ...w, slip: 0 }));
        const narrower = believe(one(250, 6), [...honest, ...wordsOf([more]).map((w) => ({ ...w, slip: 0 }))]);
        expect(sdOf(narrower)).toBeLessThanOrEqual(1.01 * sdOf(believe(one(250, 6), honest)));
        const noise = believe(one(250, 6), [...words, { ...wordsOf([more])[0], sd: 1e9 }]);
        expect(Math.abs(noise.mean[0] - before.mean[0])).toBeLessThan(1e-4);
      }),
      { numRuns: 100 }
    );
  });
  it('the looser the word, the smaller the foot', () => {
    const bands = [[-6, 4], [4, 7], [7, 13], [13, 18], [18, 30]] as const; // prettier-ignore
    const feet = bands.map(([low, high]) => believe(one(250, 10), [word(low, high, { by: [-1], mm: 262, slip: 0 })]).mean[0]);
    for (let i = 1; i < feet.length; i++) expect(feet[i]).toBeLessThan(feet[i - 1]);
  });
  it('a word far off is finite, moves little, and at last nothing: it was a slip', () => {
    const agreeing = Array.from({ length: 6 }, () => word(9, 15, { by: [-1], mm: 262 }));
    const without = believe(one(250, 10), agreeing);
    const moved = [10, 100, 1e4, 1e6].map((far) => {
      const after = believe(one(250, 10), [...agreeing, word(15 + far, 21 + far, { by: [-1], mm: 262 })]);
      expect(Number.isFinite(after.mean[0]) && sdOf(after) > 0).toBe(true);
      return Math.abs(after.mean[0] - without.mean[0]);
    });
    expect(Math.max(...moved)).toBeLessThan(1.2);
    expect(moved.at(-1)).toBeLessThan(0.01);
  });
  it('the state stays a state however sharp the words', () => {
    const prior: Gaussian = { mean: Float64Array.of(250, 250), cov: Float64Array.of(100, 97, 97, 100) };
    const words = [word(249, 249.1, { sd: 0.05 }), word(252, 252.1, { at: [1], sd: 0.05 }), word(-3, -2.9, { at: [0, 1], by: [1, -1], sd: 0.05 })];
    const { cov } = believe(prior, words);
    expect(cov[0]).toBeGreaterThan(0);
    expect(cov[0] * cov[3] - cov[1] * cov[2]).toBeGreaterThan(0);
  });
  it('tells which word nothing else supports', () => {
    const agreeing = Array.from({ length: 4 }, () => word(9, 15, { by: [-1], mm: 262 }));
    const { words } = believe(one(250, 10), [...agreeing, word(18, 30, { by: [-1], mm: 262 })]);
    expect(words[4].chance).toBeLessThan(Math.min(...words.slice(0, 4).map((w) => w.chance)));
    expect(words[4].slipped).toBeGreaterThan(words[0].slipped);
    expect(words[4].z).toBeGreaterThan(1.6);
  });
});
