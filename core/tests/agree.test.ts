import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { agreementOf, biasByHand, comparisonsOf, correctionOf, driftOf, ownSdOf, repeatsOf, type Difference, type InstrumentReading } from '../src/agree';
import { seeded } from '../src/learn';

const day = (i: number): string => new Date(Date.UTC(2026, 0, 1 + i, 10)).toISOString();
const pairs = (ds: readonly number[], by = 'A'): Difference[] => ds.map((d, i) => ({ person: i, d, mean: 250 + i, at: day(i), by }));
const drawn = (n: number, bias: number, sd: number, seed: number): Difference[] => {
  const random = seeded(seed);
  return pairs(Array.from({ length: n }, () => bias + sd * random.normal()));
};

describe('how two instruments agree', () => {
  it('bias is the mean over persons, not over feet; left and right of one person are one', () => {
    const both = [...pairs([1, 3]), { person: 0, d: 2, mean: 250, at: day(0), by: 'A' }];
    expect(agreementOf(both, 1.5)).toMatchObject({ persons: 2, pairs: 3, biasMm: 2.25 });
    expect(agreementOf([], 1)).toBeNull();
  });
  it('fewer than four persons give no limits, four to nine a guess (n = 2 draws none; ten persons’ pairs give n = 10)', () => {
    for (const [n, says] of [
      [1, 'points'],
      [2, 'points'],
      [3, 'points'],
      [4, 'few'],
      [9, 'few'],
      [10, 'limits']
    ] as const)
      // prettier-ignore
      expect(agreementOf(drawn(n, 0, 1, n), 1.5)).toMatchObject({ persons: n, says });
  });
  it('limits hold the next difference 95 times in 100, also while they are few', () => {
    for (const n of [5, 12, 30]) {
      let held = 0;
      const draws = 1500;
      for (let seed = 1; seed <= draws; seed++) {
        const all = drawn(n + 1, 0.8, 1.4, 1000 * n + seed);
        const { limits } = agreementOf(all.slice(0, n), 1.5)!;
        if (all[n].d >= limits[0] && all[n].d <= limits[1]) held++;
      }
      expect(held / draws).toBeGreaterThan(0.93);
      expect(held / draws).toBeLessThan(0.985);
    }
  });
  it('for many persons they are the classical ones: bias and 1.96 deviations (Bland and Altman 1986, from memory)', () => {
    const all = drawn(4000, -0.6, 1.2, 3);
    const { biasMm, limits, biasHalfMm } = agreementOf(all, 1.2)!;
    expect(biasMm).toBeCloseTo(-0.6, 1);
    expect(limits[1] - biasMm).toBeCloseTo(1.96 * 1.2, 1);
    expect(biasHalfMm).toBeCloseTo((1.96 * 1.2) / Math.sqrt(4000), 2);
  });
  it('few of one’s own are drawn to the usual deviation: four of a true 1.5 never say 0.5 or 2.6', () => {
    const own = Array.from({ length: 400 }, (_, i) => agreementOf(drawn(4, 0, 1.5, 50 + i), 1.5)!.sdMm).sort((a, b) => a - b);
    expect(own[20]).toBeGreaterThan(1.1);
    expect(own[380]).toBeLessThan(2);
  });
  it('what is added to one instrument is its bias, whoever reads', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -3, max: 3, noNaN: true }), { minLength: 4, maxLength: 30 }),
        fc.double({ min: -4, max: 4, noNaN: true }),
        (ds, more) => {
          const [plain, moved] = [pairs(ds), pairs(ds.map((d) => d + more))].map((p) => agreementOf(p, 1.2)!);
          expect(moved.biasMm - plain.biasMm).toBeCloseTo(more, 6);
          expect(moved.sdMm).toBeCloseTo(plain.sdMm, 6);
        }
      )
    );
  });
  it('a hand’s own bias is drawn to nothing while its readings are few', () => {
    const all = [...pairs([2, 2, 2, 2], 'A'), ...pairs([0], 'B')];
    const [a, b] = biasByHand(all);
    expect(a.biasMm).toBeCloseTo(0.4 / 2, 6);
    expect(b.biasMm).toBeCloseTo(-1.6 / 5, 6);
  });
  it('the same foot read twice tells what one instrument errs by; three times is too little', () => {
    const random = seeded(8);
    expect(ownSdOf(Array.from({ length: 2000 }, () => 0.9 * (random.normal() - random.normal())))!).toBeCloseTo(0.9, 1);
    expect(ownSdOf([1, 2, 3])).toBeNull();
  });
  it('is accepted for the first instrument with its share of the deviation, never under 0.3 mm; too few and too much are refused in words', () => {
    const agreed = agreementOf(drawn(30, 1.1, 1.5, 4), 1.5)!;
    const { biasMm, sdMm } = correctionOf(agreed, 1, 1.5);
    expect(biasMm).toBe(agreed.biasMm);
    expect(sdMm).toBeCloseTo((agreed.sdMm * 1) / Math.hypot(1, 1.5), 9);
    expect(correctionOf({ ...agreed, sdMm: 0.1 }, 1, 1).sdMm).toBe(0.3);
    expect(() => correctionOf(agreementOf(pairs([1, 1]), 1)!, 1, 1)).toThrow('read 4 persons');
    expect(() => correctionOf(agreementOf(drawn(20, 25, 1, 2), 1)!, 1, 1)).toThrow('that is no bias');
  });
});

describe('an instrument that drifts', () => {
  const foundAfter = (shift: number, seed: number): number => {
    const random = seeded(seed);
    const all = pairs(Array.from({ length: 60 }, () => 0.5 + 1.2 * (shift + random.normal())));
    const { foundAt } = driftOf(all, { biasMm: 0.5, sdMm: 1.2 });
    return foundAt === null ? Infinity : foundAt + 1;
  };
  it('by one deviation is found within twenty pairs nine times in ten; by two within eight', () => {
    for (const [shift, within] of [
      [1, 20],
      [2, 8],
      [-1, 20]
    ] as const) {
      // prettier-ignore
      const found = Array.from({ length: 300 }, (_, i) => foundAfter(shift, 700 + i)).filter((n) => n <= within).length;
      expect(found / 300).toBeGreaterThan(0.9);
    }
  });
  it('one that does not is seldom called out in sixty pairs, and the way it went is told', () => {
    const false60 = Array.from({ length: 400 }, (_, i) => foundAfter(0, 40 + i)).filter((n) => n < Infinity).length;
    expect(false60 / 400).toBeLessThan(0.2);
    expect(driftOf(pairs(Array<number>(20).fill(3)), { biasMm: 0, sdMm: 1.2 })).toMatchObject({ way: 'more' });
    expect(driftOf(pairs(Array<number>(20).fill(-3)), { biasMm: 0, sdMm: 1.2 })).toMatchObject({ way: 'less' });
  });
  it('goes by time, and both feet of one visit are one', () => {
    const all = [...pairs([0, 1, 2]), { person: 1, d: 3, mean: 251, at: day(1), by: 'A' }].reverse();
    expect(driftOf(all, { biasMm: 0, sdMm: 1 }).pairs.map((p) => p.d)).toEqual([0, 2, 2]);
  });
});

describe('readings of the same foot', () => {
  const reading = (more: Partial<InstrumentReading>): InstrumentReading => ({
    person: 1, visit: 7, side: 'left', measure: 'lengthMm', how: 'tape', by: 'A', mm: 250, at: day(0), under: 'standing', sockMm: 0, ...more
  }); // prettier-ignore
  it('are held against each other only in the same state, at the same visit', () => {
    const scan = { how: 'scan', mm: 251 } as const;
    expect(comparisonsOf([reading({}), reading(scan)])).toMatchObject([{ how: 'scan', against: 'tape', differences: [{ d: 1, mean: 250.5 }] }]);
    for (const other of [{ under: 'seated' }, { sockMm: 2 }, { visit: 8 }, { side: 'right' }, { measure: 'ballWidthMm' }] as const)
      expect(comparisonsOf([reading({}), reading({ ...scan, ...other })])).toEqual([]);
  });
  it('what was told, and the shoes worn, are no instruments; two hands of one stand as their mean', () => {
    expect(comparisonsOf([reading({ how: 'stated' }), reading({ how: 'scan' })])).toEqual([]);
    const [one] = comparisonsOf([reading({}), reading({ by: 'B', mm: 252 }), reading({ how: 'scan', mm: 251.5 })]);
    expect(one.differences).toMatchObject([{ d: 0.5 }]);
    expect(repeatsOf([reading({}), reading({ by: 'B', mm: 252 })], 'lengthMm', 'tape')).toEqual([-2]);
  });
});
