import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { boxOf, demiChain, demiDeg, doubtBy, flatChain, heelPinch, footChord, layInBox, neededDeg, onShank, overBounds, overBox, overFootOf, pointeChain, pointeReport, shankBand, shankGround, shankStiffness, type Box } from '../src/pointe'; // prettier-ignore
import { boxCase, footCase, forefootCase, modelNamed, REFERENCE, type FootCase } from './pointe-cases';
import { overByHalving } from './pointe-reference';

const shank = (nm: number, length: 'full' | 'three-quarter' | 'half' = 'full', bend = 0.42): Box => boxCase({ shank: { nm, length, bend } });
const over = (o: FootCase, box: Box = REFERENCE, cover = 6, left = 1) => overBox(footCase(o), box, cover, left)!;
const GRADES_NM = [4, 6, 9, 13, 18];

describe('the chain of joints', () => {
  it('stands as the study’s poses, mm from the toe’s end', () => {
    const mm = (p: { x: number; y: number }): number[] => [p.x, p.y].map((v) => Math.round(230 * v));
    const flat = flatChain();
    // The study tells heights over the floor; the toe's end stands 10 mm over it.
    expect(mm(flat.ankle)[0]).toBe(-172);
    expect(mm(flat.toeJoint)[0]).toBe(-63);
    const demi = demiChain(60, 30.36);
    expect(mm(demi.ankle)[0]).toBeCloseTo(-90, -0.5);
    const pointe = pointeChain(30.36);
    expect(Math.abs(mm(pointe.midfoot)[0] - 19)).toBeLessThanOrEqual(1);
    expect(mm(pointe.toeJoint)[1]).toBe(63);
  });
  it('upright asks for about 90 degrees of reach (Novella 1995, Weiss 2009, from memory), a little less where the midfoot gives more', () => {
    expect(neededDeg(30)).toBeCloseTo(87.9, 1);
    expect(neededDeg(50)).toBeCloseTo(86.3, 1);
    for (const mid of [20, 30, 40, 50]) expect(Math.abs(neededDeg(mid) - 90)).toBeLessThan(5);
  });
  it('8 degrees short is 25 mm at the ankle', () => {
    const [a, b] = [pointeChain(30), pointeChain(30, -8)].map((c) => c.ankle);
    expect(Math.abs(230 * Math.hypot(a.x - b.x, a.y - b.y) - 25)).toBeLessThan(1.6);
  });
});

describe('over the box', () => {
  it.each([
    [
      85,
      [
        [-1.6, 10.6],
        [-2.4, 12.2],
        [-3.9, 14.7],
        [-6, 18],
        [-9, 22]
      ]
    ],
    [
      88,
      [
        [1.5, 7.6],
        [0.5, 9.3],
        [-1, 12],
        [-3.2, 15.7],
        [-6.4, 19]
      ]
    ],
    [
      92,
      [
        [5.5, 3.7],
        [4.5, 5.5],
        [2.9, 8.5],
        [0.5, 12.4],
        [-2.9, 16]
      ]
    ],
    [
      96,
      [
        [9.5, -0.2],
        [8.5, 1.7],
        [6.8, 4.9],
        [4.1, 9.2],
        [0.4, 13.4]
      ]
    ],
    [
      100,
      [
        [13.5, -4.2],
        [12.5, -2.1],
        [10.6, 1.4],
        [7.8, 6.1],
        [3.8, 10.4]
      ]
    ]
  ])('reach %i: to spare and held back of the study in every grade', (reach, table) => {
    // prettier-ignore
    GRADES_NM.forEach((nm, i) => {
      const o = over({ reach }, shank(nm));
      expect(Math.abs(o.toSpareDeg - table[i][0])).toBeLessThan(0.15);
      expect(Math.abs(o.heldBackDeg - table[i][1])).toBeLessThan(0.5);
    });
  });
  it('a hypermobile reach of 108 is far over, and held only by firm shanks', () => {
    const o = over({ reach: 108, hypermobile: true, ankle: 72 }, shank(18));
    expect(o.toSpareDeg).toBeGreaterThan(5);
    expect(over({ reach: 108, hypermobile: true, ankle: 72 }, shank(4)).heldBackDeg).toBeLessThan(-5);
  });
  it('a harder shank and a longer vamp give less to spare and hold back more; a worn shank falls over sooner', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 84, max: 106 }),
        fc.double({ min: 3, max: 18, noNaN: true }),
        fc.double({ min: 0, max: 12, noNaN: true }),
        (reach, nm, cover) => {
          const a = over({ reach }, shank(nm), cover);
          const harder = over({ reach }, shank(nm * 1.2), cover);
          const longer = over({ reach }, shank(nm), cover + 2);
          const worn = over({ reach }, shank(nm), cover, 0.5);
          for (const b of [harder, longer]) {
            expect(b.toSpareDeg).toBeLessThanOrEqual(a.toSpareDeg + 0.03);
            expect(b.heldBackDeg).toBeGreaterThanOrEqual(a.heldBackDeg - 0.03);
          }
          expect(worn.heldBackDeg).toBeLessThanOrEqual(a.heldBackDeg + 0.03);
        }
      )
    );
  });
  it('more reach spares more, holds back less, and moves the band of shanks up', () => {
    const all = [85, 88, 92, 96, 100, 104].map((reach) => over({ reach }));
    all.forEach((o, i) => {
      if (i === 0) return;
      expect(o.toSpareDeg).toBeGreaterThan(all[i - 1].toSpareDeg);
      expect(o.heldBackDeg).toBeLessThan(all[i - 1].heldBackDeg);
      expect(o.lowNm).toBeGreaterThanOrEqual(all[i - 1].lowNm - 1e-9);
      expect(o.highNm).toBeGreaterThan(all[i - 1].highNm);
    });
    expect(over({ reach: 88 }).highNm).toBeLessThan(9);
    expect(over({ reach: 104 }).lowNm).toBeGreaterThan(10);
    expect(over({ reach: 85 }).band).toBeNull();
  });
  it('reach 80 is short by more than 4 in every grade; 90 gets over in a soft one', () => {
    for (const nm of GRADES_NM) expect(over({ reach: 80 }, shank(nm)).toSpareDeg).toBeLessThan(-4);
    expect(over({ reach: 90 }, shank(6)).toSpareDeg).toBeGreaterThan(0);
  });
  it('the least shank rises with weight and falls with rises', () => {
    const low = (o: FootCase): number => over({ reach: 100, ...o }).lowNm;
    expect([38, 50, 62].map((weightKg) => Math.round(10 * low({ weightKg })) / 10)).toEqual([6.1, 8.6, 11.1]);
    expect([28, 20, 10].map((rises) => Math.round(10 * low({ rises })) / 10)).toEqual([6.4, 8.6, 11.5]);
    expect(low({ rises: 28 })).toBeLessThan(low({ rises: 20 }));
    expect(low({ rises: 20 })).toBeLessThan(low({ rises: 10 }));
  });
  it('low and high enclose both margins', () => {
    const b = overBounds(footCase(), REFERENCE, 6)!;
    expect(b.toSpareDeg.low).toBeLessThan(b.toSpareDeg.centre);
    expect(b.toSpareDeg.high).toBeGreaterThan(b.toSpareDeg.centre);
    expect(b.heldBackDeg.low).toBeLessThan(b.heldBackDeg.centre);
    expect(b.heldBackDeg.high).toBeGreaterThan(b.heldBackDeg.centre);
    expect(Math.abs(b.toSpareDeg.low - 0.4)).toBeLessThan(0.5);
    expect(Math.abs(b.heldBackDeg.high - 11.9)).toBeLessThan(1.2);
  });
  it('agrees within 1 % with the same balances halved, over 500 random pairs', () => {
    fc.assert(
      fc.property(
        fc.record({ reach: fc.integer({ min: 82, max: 110 }), weightKg: fc.integer({ min: 34, max: 66 }), rises: fc.integer({ min: 0, max: 40 }), lengthMm: fc.integer({ min: 205, max: 255 }), hypermobile: fc.boolean() }), // prettier-ignore
        fc.double({ min: 3, max: 20, noNaN: true }),
        fc.double({ min: -2, max: 12, noNaN: true }),
        (o, nm, cover) => {
          const box = { ...shank(nm), insideLengthMm: o.lengthMm };
          const [fast, slow] = [overBox(footCase(o), box, cover)!, overByHalving(footCase(o), box, cover)];
          // Of the degrees of reach that are balanced.
          const within = 0.01 * o.reach;
          if (fast.toSpareDeg > -12) expect(Math.abs(fast.toSpareDeg - slow.toSpareDeg)).toBeLessThan(within);
          if (fast.heldBackDeg < 24) expect(Math.abs(fast.heldBackDeg - slow.heldBackDeg)).toBeLessThan(within);
        }
      ),
      { numRuns: 500 }
    );
  });
  it('without a point reach nothing is said of it, and the chance leaves it out', () => {
    const report = pointeReport(forefootCase({ reach: null }), REFERENCE, doubtBy('claimed'));
    expect(report.over).toBeNull();
    expect(report.toSpareDeg).toBeNull();
    expect(report.zones.map((z) => z.zone)).not.toContain('to-spare');
    expect(footCase({ reach: null }).filled).toContain('reach');
    expect(overFootOf(footCase({ reach: null }))).toBeNull();
  });
});

describe('demi-pointe', () => {
  const demi = (box: Box): number => demiDeg({ ...footCase(), demiReachDeg: 110 }, box, 6);
  it('a stiffer shank or paste rolls less far; half a shank further than three-quarter, that further than full', () => {
    expect([6, 9, 13].map((nm) => Math.round(demi(shank(nm))))).toEqual([88, 76, 63]);
    expect([6, 9, 13].map((nm) => Math.round(demi({ ...shank(nm), paste: 'hard' })))).toEqual([64, 57, 50]);
    expect(demi(shank(9, 'half'))).toBeGreaterThan(demi(shank(9, 'three-quarter')));
    expect(demi(shank(9, 'three-quarter'))).toBeGreaterThan(demi(shank(9)));
  });
  it('never further than the foot', () => expect(demiDeg(footCase(), shank(2, 'half'), 0)).toBe(75));
});

describe('the fold at the heel', () => {
  const pinch = (o: FootCase, box: Box): number => {
    const inBox = layInBox(forefootCase(o), box);
    return onShank(inBox, box, shankGround(inBox)).pinchMm;
  };
  it('is 7.7 mm in the reference, half a millimetre more a millimetre of length, a quarter a millimetre of cloth', () => {
    expect(pinch({}, REFERENCE)).toBeCloseTo(7.7, 1);
    const foot = footCase();
    const k = shankStiffness(REFERENCE, 230);
    const at = (box: Box, rest = -5): number => heelPinch(foot, box, rest, 30.36, k, footChord(230, 30.36));
    expect(at(boxCase({ insideLengthMm: 230 })) - at(REFERENCE)).toBeCloseTo(0.5, 1);
    expect(at(REFERENCE, -6) - at(REFERENCE, -5)).toBeCloseTo(0.5, 6);
    expect(at(boxCase({ heelWidthMm: 56 })) - at(boxCase({ heelWidthMm: 57 }))).toBeCloseTo(-0.25, 6);
    expect(at(boxCase({ drawstring: false })) - at(REFERENCE)).toBe(2);
  });
});

describe('the band of shanks', () => {
  it('reach 92: from what holds the arch to what still lets her over', () => {
    const f = overFootOf(footCase())!;
    const band = shankBand(f, REFERENCE, 6);
    expect(band.lowNm).toBeCloseTo(3.9, 1);
    expect(band.highNm).toBeCloseTo(15, 0);
    expect(band.middleNm).toBeGreaterThan(band.lowNm);
    expect(band.middleNm).toBeLessThan(band.highNm);
  });
  it('a quiet variant starts half a grade softer', () => {
    const model = modelNamed('Sedge');
    const nm = (quiet: boolean): number => boxOf({ ...model, quiet }, 4, 'III', 'medium').box.shank.nm;
    expect(nm(true)).toBeLessThan(nm(false));
    expect(nm(true)).toBeGreaterThan(6);
  });
});
