import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  archCarried,
  archGap,
  CUT,
  flatSkin,
  HEEL_SHAPES,
  heelAt,
  pitchOf,
  posedSkin,
  poseOn,
  sideDrawing,
  type HeelShapeId,
  type SideLook
} from '../src/heel';
import { smoothOpen, type Point } from '../src/shape';

const foot = fc.record({ lengthMm: fc.double({ min: 200, max: 300, noNaN: true }) });
const share = fc.double({ min: 0, max: 0.46, noNaN: true });
const look: SideLook = { heelHeightMm: 70, platformMm: 0, heel: 'thin-stiletto', pastToesMm: 14, toeThickMm: 11, opensTo: 0.765 };

describe('a foot posed on a heel', () => {
  // A study of this project's own, three figures a row: pitch, what the ankle points, what the forefoot turns.
  it.each([
    [220, 90, 38.1, 34.9, 41],
    [240, 50, 18.1, 16.8, 19],
    [240, 75, 27.7, 25.7, 30],
    [240, 100, 39.1, 35.6, 42],
    [265, 100, 34.1, 31.6, 37]
  ])('%i mm on a drop of %i mm', (lengthMm, dropMm, pitch, demand, fore) => {
    const pose = poseOn({ lengthMm }, dropMm);
    expect(pose.pitchDeg).toBeCloseTo(pitch, 1);
    expect(pose.ankleDemandDeg).toBeCloseTo(demand, 1);
    expect(Math.abs(pose.foreDeg - fore)).toBeLessThan(0.6);
  });
  it('stands between the two bounds of pitch, more on a higher drop, less the longer it is; the joint stays over the footbed', () => {
    fc.assert(
      fc.property(foot, share, ({ lengthMm }, s) => {
        const drop = s * lengthMm;
        const pose = poseOn({ lengthMm }, drop);
        const bounds = pitchOf(drop, lengthMm);
        if (!pose.tooSteep && !bounds.tooSteep) {
          expect(pose.pitchDeg).toBeGreaterThanOrEqual(bounds.lowDeg - 0.01);
          expect(pose.pitchDeg).toBeLessThanOrEqual(bounds.centralDeg + 0.01);
        }
        expect(pose.ball.y).toBeCloseTo(0.055 * lengthMm, 6);
        expect(poseOn({ lengthMm }, drop + 1).ankleDemandDeg).toBeGreaterThanOrEqual(pose.ankleDemandDeg - 1e-9);
        expect(poseOn({ lengthMm: lengthMm + 5 }, drop).pitchDeg).toBeLessThanOrEqual(pose.pitchDeg + 1e-6);
        const [low, high] = [poseOn({ lengthMm }, drop, 'high'), poseOn({ lengthMm }, drop, 'low')];
        expect(low.ankleDemandDeg).toBeLessThanOrEqual(pose.ankleDemandDeg + 1e-9);
        expect(high.ankleDemandDeg).toBeGreaterThanOrEqual(pose.ankleDemandDeg - 1e-9);
      })
    );
  });
  it('what the ankle must point decides the drop: 29.9 degrees are 86 mm on 240 and 79 mm on 220', () => {
    expect(poseOn({ lengthMm: 240 }, 86).ankleDemandDeg).toBeCloseTo(29.9, 0);
    expect(poseOn({ lengthMm: 220 }, 79).ankleDemandDeg).toBeCloseTo(29.9, 0);
  });
  it('the heel stands on the seat, whose wedge is 5.5, 11 and 16.5 degrees at 25, 50 and 75 mm and never over 20', () => {
    for (const [drop, wedge] of [
      [25, 5.5],
      [50, 11],
      [75, 16.5],
      [110, 20]
    ]) {
      const pose = poseOn({ lengthMm: 240 }, drop);
      expect(pose.wedgeDeg).toBeCloseTo(wedge, 9);
      const w = (wedge * Math.PI) / 180;
      expect(Math.hypot(pose.pad.x, pose.pad.y - drop)).toBeCloseTo(36, 6);
      expect(Math.atan2(drop - pose.pad.y, pose.pad.x)).toBeCloseTo(w, 6);
    }
  });
  it('at one wedge angles depend on shape alone: twice the foot on twice the drop stands alike', () => {
    fc.assert(
      fc.property(foot, share, ({ lengthMm }, s) => {
        const [one, two] = [poseOn({ lengthMm }, s * lengthMm, 'centre', 12), poseOn({ lengthMm: 2 * lengthMm }, 2 * s * lengthMm, 'centre', 12)];
        expect(two.ankleDemandDeg).toBeCloseTo(one.ankleDemandDeg, 5);
        expect(two.pitchDeg).toBeCloseTo(one.pitchDeg, 5);
      }),
      { numRuns: 40 }
    );
  });
  it('a millimetre of drop moves no point of the skin by more than 2.2 mm beside the ball', () => {
    fc.assert(
      fc.property(fc.double({ min: 215, max: 270, noNaN: true }), fc.double({ min: 0, max: 0.45, noNaN: true }), (lengthMm, s) => {
        const on = (drop: number) => {
          const pose = poseOn({ lengthMm }, drop);
          return posedSkin(pose, () => -Infinity).map((p) => ({ x: p.x - pose.ball.x, y: p.y }));
        };
        const [low, high] = [on(s * lengthMm), on(s * lengthMm + 1)];
        low.forEach((p, i) => expect(Math.hypot(high[i].x - p.x, high[i].y - p.y)).toBeLessThan(2.2));
      }),
      { numRuns: 60 }
    );
  });
  it('on no drop its skin is the flat foot’s', () => {
    const pose = poseOn({ lengthMm: 243 }, 0);
    posedSkin(pose, () => 0).forEach((p, i) => {
      const flat = flatSkin(pose.foot)[i];
      expect(Math.hypot(p.x - flat.x, p.y - flat.y)).toBeLessThan(0.05);
    });
  });
  it('a measured height stretches only what it is the height of', () => {
    const plain = flatSkin(poseOn({ lengthMm: 243 }, 0).foot);
    const high = flatSkin(poseOn({ lengthMm: 243, toeHeightMm: 31 }, 0).foot);
    const moved = plain.flatMap((p, i) => (Math.abs(high[i].y - p.y) > 0.1 ? [i] : []));
    expect(moved).toEqual([18, 19, 20, 21, 22, 23, 24, 25, 26]);
  });
});

const crossing = (line: readonly Point[]): boolean => {
  const turn = (p: Point, q: Point, r: Point): number => (q.x - p.x) * (r.y - p.y) - (q.y - p.y) * (r.x - p.x);
  for (let i = 0; i + 1 < line.length; i++)
    for (let j = i + 2; j + 1 < line.length; j++) {
      const [a, b, c, d] = [line[i], line[i + 1], line[j], line[j + 1]];
      if (turn(a, b, c) * turn(a, b, d) < 0 && turn(c, d, a) * turn(c, d, b) < 0) return true;
    }
  return false;
};

describe('a shoe drawn round the posed foot', () => {
  it('on any heel the skin does not cross itself and stands on the footbed', () => {
    fc.assert(
      fc.property(fc.double({ min: 215, max: 270, noNaN: true }), share, (lengthMm, s) => {
        const pose = poseOn({ lengthMm }, s * lengthMm);
        const { foot } = sideDrawing(pose, { ...look, heelHeightMm: s * lengthMm });
        expect(crossing(smoothOpen([...foot.slice(CUT.back), ...foot.slice(0, CUT.front + 1)], 3))).toBe(false);
        expect(Math.min(...foot.map((p) => p.y))).toBeGreaterThan(-1);
      }),
      { numRuns: 60 }
    );
  });
  it('every shape of heel stands on the ground and under the seat; higher platforms lift everything alike', () => {
    for (const { id, wedge } of HEEL_SHAPES.filter((s) => !s.heelless)) {
      const pose = poseOn({ lengthMm: 243 }, 70);
      const drawn = sideDrawing(pose, { ...look, heel: id });
      expect(Math.min(...drawn.heel!.map((p) => p.y))).toBeCloseTo(drawn.groundY, 6);
      expect(Math.max(...drawn.heel!.map((p) => p.y))).toBeGreaterThan(50);
      expect(drawn.tip === null).toBe(wedge);
      const raised = sideDrawing(pose, { ...look, heel: id, heelHeightMm: 110, platformMm: 40 });
      expect(raised.groundY).toBeCloseTo(drawn.groundY - 40, 6);
      expect(raised.foot).toEqual(drawn.foot);
      expect(raised.platform).not.toBeNull();
    }
  });
  it('heel-less: the same pose, nothing under the seat, and a platform that runs back under the arch', () => {
    const pose = poseOn({ lengthMm: 243 }, 70);
    const with_ = (heel: HeelShapeId) => sideDrawing(pose, { ...look, heel, heelHeightMm: 110, platformMm: 40 });
    const [bare, heeled] = [with_('heel-less'), with_('thin-stiletto')];
    expect(bare.heel).toBeNull();
    expect(bare.tip).toBeNull();
    expect(bare.foot).toEqual(heeled.foot);
    expect(Math.min(...bare.platform!.map((p) => p.x))).toBeCloseTo(0.31 * 243, 6);
    expect(Math.min(...bare.platform!.map((p) => p.x))).toBeLessThan(Math.min(...heeled.platform!.map((p) => p.x)));
  });
  it('a tip stands where it is set back to, as long as it is; a platform’s toe slants as far as it was told', () => {
    const pose = poseOn({ lengthMm: 243 }, 70);
    const told = { ...look, heel: 'block', heelHeightMm: 110, platformMm: 40 } as const;
    const { tip } = sideDrawing(pose, { ...told, setbackMm: 14, tipLengthMm: 22 });
    expect(Math.min(...tip!.map((p) => p.x))).toBeCloseTo(14, 9);
    expect(Math.max(...tip!.map((p) => p.x))).toBeCloseTo(36, 9);
    const front = (toeSlantDeg: number): number =>
      Math.max(
        ...sideDrawing(pose, { ...told, toeSlantDeg })
          .platform!.filter((p) => p.y < -30)
          .map((p) => p.x)
      );
    expect(front(10) - front(40)).toBeCloseTo((Math.tan((40 * Math.PI) / 180) - Math.tan((10 * Math.PI) / 180)) * 34, 0);
  });
  it('a platform lifts, and asks nothing more of the ankle: 178 over 76 is 102 over nothing', () => {
    const [high, low] = [sideDrawing(poseOn({ lengthMm: 240 }, 102), { ...look, heelHeightMm: 178, platformMm: 76 }), sideDrawing(poseOn({ lengthMm: 240 }, 102), { ...look, heelHeightMm: 102 })]; // prettier-ignore
    expect(high.foot).toEqual(low.foot);
    expect(low.groundY - high.groundY).toBeCloseTo(76, 9);
  });
  it.each([
    [50, 18.6, 13.6],
    [75, 20.6, 14.2],
    [95, 21.8, 14.2]
  ])('a curved shank carries an arch that a straight one leaves hanging: drop %i, gaps of %f and %f mm', (drop, straight, curved) => {
    const pose = poseOn({ lengthMm: 240 }, drop);
    const gap = (archLine: 'straight' | 'curved'): number => archGap(pose, archLine);
    expect(gap('straight') - gap('curved')).toBeGreaterThan(4);
    expect(Math.abs(gap('straight') - straight)).toBeLessThan(0.5);
    expect(Math.abs(gap('curved') - curved)).toBeLessThan(2);
    // The bare arch on the flat is about 14.
    expect(archCarried(pose, 'curved').carried).toBe(true);
    expect(archCarried(pose, 'straight')).toMatchObject({ carried: false });
    expect(archCarried(pose, 'straight').hangsMm).toBeCloseTo(gap('straight') - archGap(poseOn({ lengthMm: 240 }, 0), 'straight'), 9);
  });
  it('a low heel is stacked whatever is usual for its kind', () => {
    expect(heelAt('thin-stiletto', 95)).toBe('thin-stiletto');
    expect(heelAt('thin-stiletto', 40)).toBe('kitten');
    expect(heelAt('thin-stiletto', 20)).toBe('stacked');
    expect(heelAt('wedge', 12)).toBe('wedge');
  });
});
