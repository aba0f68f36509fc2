import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { poseFootOf } from '../src/fit';
import { completeFoot } from '../src/measure';
import {
  backwardDeg,
  ballLoad,
  GROUND,
  baseOf,
  halfWidth,
  HEEL_SHAPES,
  HOLDS,
  poseOn,
  prints,
  riseIn,
  stabilityOf,
  standOn,
  tipArea,
  tipPlace,
  type HeelMade,
  type HoldId
} from '../src/heel';

const KG = 60;
const made = (over: Partial<HeelMade>): HeelMade => ({ heelHeightMm: 90, platformMm: 0, heel: 'thin-stiletto', hold: 'none', ...over });
/** Steadiness of a foot of 240 mm under 60 kg. */
const on = (over: Partial<HeelMade>) => {
  const m = made(over);
  return stabilityOf(poseOn({ lengthMm: 240 }, m.heelHeightMm - m.platformMm), baseOf(m, 240, KG));
};
const index = (over: Partial<HeelMade>): number => on(over).indexDeg;
const round = (mm: number) => ({ widthMm: mm, lengthMm: mm, section: 'round' as const });
const thick = { heel: 'thick-stiletto' as const };
const squared = { ...thick, tip: { widthMm: 14, lengthMm: 14, section: 'round-square' as const } };

describe('steadiness on a heel (a study of this project, 240 mm, 60 kg)', () => {
  it.each([
    ['thin 9', {}, 5.7, 6.8],
    ['thick 13', thick, 6.2, 7.4],
    ['round-square 14', squared, 6.6, 7.9],
    ['thin with a cap of 18', { capMm: 18 }, 6.6, 7.9],
    ['cone 22', { heel: 'cone' }, 7.3, 8.7],
    ['spool 32', { heel: 'spool' }, 8.8, 10.5],
    ['block 45 by 38', { heel: 'block' }, 11.9, 14.2],
    ['wedge', { heel: 'wedge' }, 13.4, 16.0]
  ] as [string, Partial<HeelMade>, number, number][])('%s: at 90 and at 50 mm', (_, over, high, low) => {
    expect(Math.abs(index(over) - high)).toBeLessThan(0.2);
    // A heel of 50 is not made lower than its shape is.
    expect(Math.abs(index({ ...over, heelHeightMm: 50 }) - low)).toBeLessThan(0.2);
  });
  it('thin 9 at 90: 1.5 on the heel, 9.8 standing, 16.9 on the ball', () => {
    const { heelDeg, standingDeg, ballDeg } = on({});
    expect([heelDeg, standingDeg, ballDeg].map((d) => Number(d.toFixed(1)))).toEqual([1.5, 9.8, 16.9]);
  });
  it('is steadier by shape in the order thin, thick, round-square, cone, spool, block, wedge', () => {
    const order = [{}, thick, squared, { heel: 'cone' as const }, { heel: 'spool' as const }, { heel: 'block' as const }, { heel: 'wedge' as const }].map(
      index
    );
    expect([...order].sort((a, b) => a - b)).toEqual(order);
  });
  it('a tip square in front is steadier than a round one as wide, and stands on more', () => {
    const rounded = { ...thick, tip: round(14) };
    expect(on(squared).heelDeg - on(rounded).heelDeg).toBeCloseTo(3.0 - 2.3, 1);
    expect(Math.abs(tipArea(squared.tip) - 174)).toBeLessThan(1.1);
    expect(Math.round(tipArea(round(14)))).toBe(154);
    expect(halfWidth(squared.tip)).toBe(7);
  });
  it.each([
    ['none', 5.7],
    ['strap', 6.4],
    ['sock-shaft', 6.8],
    ['wide-strap', 7.1],
    ['laced', 8.5],
    ['laced-boot', 11.3]
  ] as [HoldId, number][])('95 mm on a tip of 10, held by %s: %f', (hold, want) => {
    expect(Math.abs(index({ heelHeightMm: 95, tip: round(10), hold }) - want)).toBeLessThan(0.15);
  });
  it('half a millimetre of uneven wear, a whole one, a tip bent in by 3: 4.5, 3.4, 4.8; a cap of 20 gives it back: 6.7', () => {
    const at = (over: Partial<HeelMade>) => index({ heelHeightMm: 95, tip: round(10), ...over });
    [at({ unevenMm: 0.5 }) - 4.5, at({ unevenMm: 1 }) - 3.4, at({ bentInMm: 3 }) - 4.8, at({ capMm: 20 }) - 6.7].forEach((off) =>
      expect(Math.abs(off)).toBeLessThan(0.15)
    );
  });
  it('never gains by height, wear or a bend; never loses by a rung of the ladder or a cap', () => {
    const height = fc.double({ min: 52, max: 105, noNaN: true });
    const shape = fc.constantFrom(...HEEL_SHAPES.filter((s) => s.leastMm <= 50 && s.tipWidthMm !== null && s.tipWidthMm < 40).map((s) => s.id));
    fc.assert(
      fc.property(height, shape, fc.double({ min: 0, max: 1.5, noNaN: true }), (heelHeightMm, heel, wear) => {
        const at = (over: Partial<HeelMade>) => index({ heelHeightMm, heel, unevenMm: wear, ...over });
        expect(at({ heelHeightMm: heelHeightMm + 3 })).toBeLessThan(at({}));
        expect(at({ unevenMm: wear + 0.2 })).toBeLessThan(at({}));
        expect(at({ bentInMm: 1 })).toBeLessThan(at({}));
        expect(at({ capMm: 45 })).toBeGreaterThan(at({}));
        const ladder = HOLDS.map(({ id }) => at({ hold: id }));
        expect([...ladder].sort((a, b) => a - b)).toEqual(ladder);
      }),
      { numRuns: 60 }
    );
  });
  it('a platform costs steadiness: 178 over 76 on a round 14 with a wide strap is 4.8, on 18 by 16 square before 5.4', () => {
    const high = { heelHeightMm: 178, platformMm: 76, hold: 'wide-strap' as const };
    expect(Math.abs(index({ ...high, tip: round(14) }) - 4.8)).toBeLessThan(0.2);
    expect(Math.abs(index({ ...high, tip: { widthMm: 18, lengthMm: 16, section: 'round-square' } }) - 5.4)).toBeLessThan(0.2);
  });
  it('backward it is 9 degrees at a setback of 0.05, 14 at none, 2 at 0.12; a tip far behind the heel bends the shank', () => {
    const pose = poseOn({ lengthMm: 240 }, 90);
    const at = (share: number) => baseOf(made({ setbackMm: share * 240 }), 240, KG);
    expect([0.05, 0, 0.12].map((s) => Math.round(backwardDeg(pose, at(s))))).toEqual([9, 14, 2]);
    expect(tipPlace(pose, at(-0.02))).toBe('shank-bends');
    expect(tipPlace(pose, at(0.05))).toBe('under-heel');
    expect(tipPlace(pose, at(0.16))).toBe('tucks-under');
  });
  it('what stands on the ground is the tip behind and the ball before it, the tip as long and wide as it is', () => {
    const pose = poseOn({ lengthMm: 240 }, 90);
    const { tip, ball } = prints(pose, baseOf(made({ heel: 'block' }), 240, KG));
    const size = (k: 'x' | 'y') => Math.max(...tip.map((p) => p[k])) - Math.min(...tip.map((p) => p[k]));
    expect(size('x')).toBeCloseTo(38, 6);
    expect(size('y')).toBeCloseTo(45, 6);
    expect(Math.min(...ball.map((p) => p.x))).toBeGreaterThan(Math.max(...tip.map((p) => p.x)));
  });
});

describe('how much taller one stands', () => {
  it.each([
    [25, 17, 18, 19],
    [50, 33, 35, 38],
    [75, 47, 52, 56],
    [95, 57, 64, 71],
    [100, 60, 68, 76]
  ])('on a drop of %i: %i, %i, %i', (dropMm, low, centre, high) => {
    const r = riseIn({ lengthMm: 240 }, { dropMm, platformMm: 0, stackMm: 0 });
    [r.lowMm - low, r.centreMm - centre, r.highMm - high].forEach((off) => expect(Math.abs(off)).toBeLessThan(0.6));
    expect(r.mostMm).toBe(dropMm);
  });
  it('low, centre, high and most come in order; a platform lifts it whole: 178 over 76 is 76 more than 102', () => {
    fc.assert(
      fc.property(fc.double({ min: 200, max: 290, noNaN: true }), fc.double({ min: 0, max: 0.44, noNaN: true }), (lengthMm, share) => {
        const r = riseIn({ lengthMm }, { dropMm: share * lengthMm, platformMm: 20 });
        expect(r.lowMm).toBeLessThanOrEqual(r.centreMm + 1e-9);
        expect(r.centreMm).toBeLessThanOrEqual(r.highMm + 1e-9);
        expect(r.highMm).toBeLessThanOrEqual(r.mostMm + 1e-9);
      })
    );
    const [high, low] = [riseIn({ lengthMm: 240 }, { dropMm: 102, platformMm: 76 }), riseIn({ lengthMm: 240 }, { dropMm: 102, platformMm: 0 })];
    expect(high.centreMm - low.centreMm).toBeCloseTo(76, 9);
  });
});

describe('one foot on one heel, all told', () => {
  const worn = { weightKg: KG, doing: 'walking' as const, slopeDeg: 0, reachSchool: 'middle' as const, ankleReachDeg: 46, ground: null };
  it('a slope that falls forward turns the ground, not the shin: 1 in 12 at a drop of 60 is 11 mm, and the ankle 16.5, 20.3, 24.2', () => {
    const at = (slopeDeg: number) => standOn({ lengthMm: 240 }, made({ heelHeightMm: 60 }), { ...worn, slopeDeg });
    const slope = (Math.atan(1 / 12) * 180) / Math.PI;
    expect(at(slope).dropMm - 60).toBeCloseTo(11, 0);
    [-slope, 0, slope].forEach((s, i) => expect(Math.abs(at(s).ankleDemandDeg.centre - [16.5, 20.3, 24.2][i])).toBeLessThan(0.25));
  });
  it.each([
    [220, 90, 48, 59, 75],
    [240, 50, 41, 45, 51],
    [240, 75, 44, 51, 61],
    [240, 100, 48, 60, 76],
    [265, 100, 46, 56, 69]
  ])('%i mm on a drop of %i: %i, %i, %i per cent of the weight on ball and toes', (lengthMm, drop, low, centre, high) => {
    const share = ballLoad(poseOn({ lengthMm }, drop));
    [share.low - low / 100, share.centre - centre / 100, share.high - high / 100].forEach((off) => expect(Math.abs(off)).toBeLessThan(0.006));
  });
  it('weight on the ball is 0.36 on the flat (Cavanagh 1987, from memory) and rises with the drop in every bound; without a heel it is all there', () => {
    fc.assert(
      fc.property(fc.double({ min: 200, max: 290, noNaN: true }), fc.double({ min: 0, max: 0.4, noNaN: true }), (lengthMm, share) => {
        const at = (drop: number) => ballLoad(poseOn({ lengthMm }, drop));
        const [low, high] = [at(share * lengthMm), at(share * lengthMm + 4)];
        for (const bound of ['low', 'centre', 'high'] as const) expect(high[bound]).toBeGreaterThan(low[bound]);
        expect(at(0).centre).toBeCloseTo(0.36, 3);
      })
    );
    expect(ballLoad(poseOn({ lengthMm: 240 }, 90), true)).toEqual({ low: 1, centre: 1, high: 1 });
  });
  it('a left and a right foot of the same measures come out the same to the last figure', () => {
    const of = (side: 'left' | 'right') => {
      const foot = completeFoot({ side, values: { lengthMm: { mm: 243 }, ballGirthMm: { mm: 228 } }, bunionMm: 4 });
      return standOn(poseFootOf(foot), made({ heelHeightMm: 74, throatMm: 197 }), { ...worn, ground: GROUND['lawn-sand-moist'] });
    };
    expect(of('left')).toEqual(of('right'));
  });
  it('low, centre and high stand in order everywhere', () => {
    fc.assert(
      fc.property(fc.double({ min: 210, max: 270, noNaN: true }), fc.double({ min: 30, max: 95, noNaN: true }), (lengthMm, heelHeightMm) => {
        const sits = { ballGirthMm: 225, ballGirthClearanceMm: 0, toeRoomMm: 9, friction: 0.4, letsThrough: 1 };
        const r = standOn({ lengthMm }, made({ heelHeightMm, throatMm: 0.82 * lengthMm }), worn, sits);
        for (const b of [r.ankleDemandDeg, r.ballLoadShare, r.toeRoomAfterMm!, r.heelGapMm!]) {
          expect(b.low).toBeLessThanOrEqual(b.centre + 1e-9);
          expect(b.centre).toBeLessThanOrEqual(b.high + 1e-9);
        }
        expect(r.slide!.highMm).toBeLessThanOrEqual(11 + 1e-9);
        expect(r.pitchDeg.low).toBeLessThanOrEqual(r.pitchDeg.high + 1e-9);
        expect(r.cleavageMm).toHaveLength(4);
      }),
      { numRuns: 60 }
    );
  });
});
