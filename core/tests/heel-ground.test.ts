import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  ballLoad,
  capFit,
  capFor,
  chanceSunk,
  DEEPEST_MM,
  floorMark,
  frictionNeeded,
  GROUND,
  GROUNDS,
  inSteps,
  matchTip,
  openings,
  poseOn,
  pressureMpa,
  sinkOf,
  sinkWord,
  stepForce,
  tipDueWeeks,
  treadOf,
  type DoingId,
  type GroundId
} from '../src/heel';

const round = (mm: number) => ({ widthMm: mm, lengthMm: mm, section: 'round' as const });
const ballShare = ballLoad(poseOn({ lengthMm: 240 }, 70));
const treads = (doing: DoingId = 'walking', weightKg = 60) => ({ weightKg, doing, ballShare });
const TIPS = {
  thin9: treadOf(round(9), 0.07),
  thick13: treadOf(round(13), 0.07),
  cone22: treadOf(round(22), 0.05),
  cap38: treadOf(round(33), 0),
  block: treadOf({ widthMm: 45, lengthMm: 38, section: 'square' }, 0.05)
};
const depths = (ground: GroundId, tip: keyof typeof TIPS, doing: DoingId = 'walking', kg = 60): number[] => {
  const s = sinkOf(GROUND[ground], TIPS[tip], treads(doing, kg))!;
  return [s.low, s.centre, s.high];
};

describe('a heel on soft ground (a study of this project: 60 kg, 240 mm, a drop of 70, a step)', () => {
  it.each([
    ['lawn-clay-dry', 'thin9', 3, 12, 21],
    ['lawn-clay-dry', 'thick13', 0, 4, 14],
    ['lawn-clay-moist', 'thin9', 22, 40, DEEPEST_MM],
    ['lawn-clay-moist', 'thick13', 15, 24, 49],
    ['lawn-clay-moist', 'cone22', 2, 11, 21],
    ['lawn-clay-moist', 'cap38', 0, 1, 8],
    ['lawn-clay-wet', 'cap38', 3, 18, 50],
    ['lawn-clay-wet', 'block', 0, 4, 18],
    ['lawn-sand-dry', 'block', 0, 3, 13],
    ['lawn-sand-moist', 'thin9', 38, DEEPEST_MM, DEEPEST_MM],
    ['lawn-sand-moist', 'cone22', 9, 20, 45],
    ['beach-wet', 'thick13', 14, 26, 48],
    ['gravel-loose', 'block', 9, 17, 21],
    ['gravel-rolled', 'thin9', 3, 14, 28],
    ['beach-dry', 'block', 47, DEEPEST_MM, DEEPEST_MM]
  ] as [GroundId, keyof typeof TIPS, number, number, number][])('%s, %s: %i, %i, %i mm', (ground, tip, ...want) => {
    depths(ground, tip).forEach((mm, i) => expect(Math.abs(mm - want[i])).toBeLessThan(2));
  });
  it('standing on moist clay a thin tip goes 3, 15, 49 and a cone no further than 2', () => {
    depths('lawn-clay-moist', 'thin9', 'standing').forEach((mm, i) => expect(Math.abs(mm - [3, 15, 49][i])).toBeLessThan(1.5));
    expect(depths('lawn-clay-moist', 'cone22', 'standing')[2]).toBeLessThanOrEqual(2);
  });
  it('chance of more than 10 mm in a step there: 1.00, 0.99, 0.55, 0.02', () => {
    const chance = (tip: keyof typeof TIPS) => chanceSunk(GROUND['lawn-clay-moist'], TIPS[tip], treads());
    [chance('thin9') - 1, chance('thick13') - 0.99, chance('cone22') - 0.55, chance('cap38') - 0.02].forEach((off) =>
      expect(Math.abs(off)).toBeLessThan(0.015)
    );
    expect(chanceSunk(GROUND.oak, TIPS.thin9, treads())).toBe(0);
  });
  it('a wider tip never sinks deeper, a heavier wearer never less; clay bears worse wet, sand better moist', () => {
    const soft = GROUNDS.filter((g) => g.soil !== null).map((g) => g.id);
    fc.assert(
      fc.property(
        fc.constantFrom(...soft),
        fc.double({ min: 6, max: 40, noNaN: true }),
        fc.double({ min: 45, max: 100, noNaN: true }),
        fc.constantFrom<DoingId>('standing', 'walking', 'dancing'),
        (ground, mm, kg, doing) => {
          const at = (tip: number, weightKg: number, g: GroundId = ground) => sinkOf(GROUND[g], treadOf(round(tip), 0.05), treads(doing, weightKg))!;
          for (const bound of ['low', 'centre', 'high'] as const) {
            expect(at(mm + 2, kg)[bound]).toBeLessThanOrEqual(at(mm, kg)[bound]);
            expect(at(mm, kg + 5)[bound]).toBeGreaterThanOrEqual(at(mm, kg)[bound]);
            expect(at(mm, kg, 'lawn-clay-dry')[bound]).toBeLessThanOrEqual(at(mm, kg, 'lawn-clay-moist')[bound]);
            expect(at(mm, kg, 'lawn-clay-moist')[bound]).toBeLessThanOrEqual(at(mm, kg, 'lawn-clay-wet')[bound]);
            expect(at(mm, kg, 'lawn-sand-moist')[bound]).toBeLessThanOrEqual(at(mm, kg, 'lawn-sand-dry')[bound]);
          }
          expect(at(mm, kg).low).toBeLessThanOrEqual(at(mm, kg).centre);
          expect(at(mm, kg).centre).toBeLessThanOrEqual(at(mm, kg).high);
        }
      ),
      { numRuns: 60 }
    );
  });
  it('depths have words', () => {
    expect([1, 5, 15, 40].map((mm) => sinkWord(mm).id)).toEqual(['no-trace', 'mark', 'sinks', 'sticks']);
  });
});

describe('a heel on hard ground', () => {
  it('half of 60 kg on a square centimetre is 2.94 MPa, on a round 10 mm 3.75 (arithmetic)', () => {
    expect(pressureMpa(30 * 9.81, 100)).toBeCloseTo(2.94, 2);
    expect(pressureMpa(30 * 9.81, Math.PI * 25)).toBeCloseTo(3.75, 2);
  });
  it('a step on 9 mm is 0.30 of what dents oak and 0.60 of pine, a bare nail of 3 mm 2.7 (hardness by EN 1534, common practice, from memory)', () => {
    const step = stepForce(60, 'walking');
    const ratio = (ground: GroundId, mm: number) => floorMark(GROUND[ground], (Math.PI * mm * mm) / 4, step)!;
    expect(ratio('oak', 9).ratio).toBeCloseTo(0.3, 2);
    expect(ratio('pine', 9).ratio).toBeCloseTo(0.6, 2);
    expect(ratio('oak', 13).ratio).toBeCloseTo(0.14, 2);
    expect(ratio('oak', 3)).toMatchObject({ mark: 'dents' });
    expect(ratio('oak', 3).ratio).toBeCloseTo(2.7, 1);
    expect(floorMark(GROUND.stone, 64, step)).toBeNull();
  });
  it('sheet vinyl takes 1.72 MPa (ASTM F970, from memory): a 9 mm tip is 5.9 times that, a block 0.2', () => {
    const step = stepForce(60, 'walking');
    expect(floorMark(GROUND.vinyl, (Math.PI * 81) / 4, step)!.ratio).toBeCloseTo(5.9, 1);
    expect(floorMark(GROUND.vinyl, 45 * 38, step)!.ratio).toBeCloseTo(0.2, 1);
  });
  it('a grating of 13 every 25 catches a 9 mm tip in 0.16 of steps, 0.97 within 20; one of 14 never', () => {
    const { opening } = GROUND.grating;
    expect(openings(opening!, 9).caught).toBeCloseTo(0.16, 9);
    expect(inSteps(0.16, 20)).toBeCloseTo(0.97, 2);
    expect(openings(opening!, 14).caught).toBe(0);
    expect(openings(opening!, 20).rocks).toBe(0);
  });
  it('down 1 in 12 a walk needs a friction of 0.28 (Redfern 2001, from memory)', () => {
    expect(frictionNeeded((Math.atan(1 / 12) * 180) / Math.PI)).toBeCloseTo(0.28, 2);
  });
});

describe('tips and caps', () => {
  const stocked = [9, 10, 12].map((diameterMm) => ({ diameterMm }));
  it('a heel of 7 with 9 the smallest is told: it stands out by 1.0', () => {
    expect(matchTip(7, stocked)).toMatchObject({ overhangMm: 1, overhang: 'too-large', told: true });
    expect(matchTip(9.2, stocked)).toMatchObject({ tip: { diameterMm: 9 }, overhang: 'flush', told: false });
    expect(matchTip(13, stocked)).toBeNull();
    expect(matchTip(9, [{ diameterMm: 9, pinBoreMm: 3 }], 2.5)).toBeNull();
  });
  it('caps of 8, 9.5 and 11.5 leave gaps: 9.6 and 11.2 take none, 9.0 the small, 10.4 the middle, 12.5 the large', () => {
    const caps = [
      { id: 'S', insideMm: 8 },
      { id: 'M', insideMm: 9.5 },
      { id: 'L', insideMm: 11.5 }
    ];
    expect([9.6, 11.2, 9.0, 10.4, 12.5].map((mm) => capFor(round(mm), caps)?.id ?? null)).toEqual([null, null, 'S', 'M', 'L']);
    expect([8.5, 9, 9.2, 10, 12].map((mm) => capFit(round(9), mm === 12 ? 6 : mm).id)).toEqual(['right', 'loose', 'falls-off', 'falls-off', 'will-not-go']);
  });
  it('a tip is due after 13 weeks at 7 mm, 21 at 9, at most 26, at three hours a week', () => {
    expect([7, 9, 13].map((mm) => Math.round(tipDueWeeks(round(mm), 60)))).toEqual([13, 21, 26]);
  });
});
