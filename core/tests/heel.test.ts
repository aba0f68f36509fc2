import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { checkFit, completeShoe, footAsWorn, ORDINARY_WEAR } from '../src/fit';
import { effectiveDrop, insockFriction, pitchOf, seatWedgeDeg, shorteningOf, slideDrive, slideOf } from '../src/heel';
import { completeFoot } from '../src/measure';

const drop = fc.double({ min: 26, max: 200, noNaN: true });
const length = fc.double({ min: 200, max: 300, noNaN: true });

describe('pitch of a heel on a foot', () => {
  it('effective drop is heel less what is under the ball', () => {
    expect(effectiveDrop(110, 25)).toBe(85);
  });
  it('preferred wedges of 5, 10 and 17 degrees at 25, 50 and 75 mm are met within 1 degree (published preferences, from memory)', () => {
    for (const [mm, deg] of [
      [25, 5],
      [50, 10],
      [75, 17]
    ])
      expect(Math.abs(seatWedgeDeg(mm) - deg)).toBeLessThanOrEqual(1);
  });
  it('50 mm on a foot of 240 is 16.7 degrees from the back of the heel (arithmetic)', () => {
    expect(pitchOf(50, 240).lowDeg).toBeCloseTo((Math.asin(50 / (0.725 * 240)) * 180) / Math.PI, 9);
    expect(pitchOf(50, 240).lowDeg).toBeCloseTo(16.7, 1);
  });
  it('the same heel is steeper on a shorter foot and a higher one steeper on the same', () => {
    fc.assert(
      fc.property(drop, length, fc.double({ min: 1, max: 40, noNaN: true }), (d, l, more) => {
        expect(pitchOf(d, l + more).centralDeg).toBeLessThanOrEqual(pitchOf(d, l).centralDeg + 1e-9);
        expect(pitchOf(d + more, l).centralDeg).toBeGreaterThanOrEqual(pitchOf(d, l).centralDeg - 1e-9);
        expect(pitchOf(d, l).centralDeg).toBeGreaterThanOrEqual(pitchOf(d, l).lowDeg);
      })
    );
  });
});

describe('the slide', () => {
  it('is nought on low heels and when the ball is held, and bounded by the toes', () => {
    expect(slideOf(slideDrive(25, 0.3, 1), 10, 230, 20)).toEqual({ lowMm: 0, centreMm: 0, highMm: 0 });
    expect(slideOf(slideDrive(80, 0.3, 1), -10, 230, 20).highMm).toBe(0);
    fc.assert(
      fc.property(drop, fc.double({ min: -12, max: 15, noNaN: true }), fc.double({ min: -3, max: 20, noNaN: true }), (d, girth, room) => {
        const s = slideOf(slideDrive(d, 0.3, 1), girth, 225, room);
        expect(s.lowMm).toBeLessThanOrEqual(s.centreMm);
        expect(s.centreMm).toBeLessThanOrEqual(s.highMm);
        expect(s.highMm).toBeLessThanOrEqual(Math.max(0, room + 2) + 1e-9);
      })
    );
  });
  it('a lace holds more than a strap, a strap more than nothing; bare skin holds more than a stocking', () => {
    const at = (lets: number, friction: number) => slideOf(slideDrive(80, friction, lets), 0, 225, 20).centreMm;
    expect(at(0.3, 0.3)).toBeLessThan(at(0.6, 0.3));
    expect(at(0.6, 0.3)).toBeLessThan(at(1, 0.3));
    expect(insockFriction(0)).toBeGreaterThan(insockFriction(0.3));
    expect(at(1, insockFriction(0))).toBeLessThanOrEqual(at(1, insockFriction(0.3)));
  });
  it('a raised arch shortens the foot by at most 1.5 % at 100 mm (direction: Kouchi and Tsutsumi 2000, from memory)', () => {
    expect(shorteningOf(100, 240)).toMatchObject({ lowMm: 0, highMm: expect.closeTo(3.6, 9) });
  });
  it('a high heel is told with pitch, reach, slide and the toe room after it; a low one is not', () => {
    const foot = footAsWorn(completeFoot({ side: 'left', values: { lengthMm: { mm: 240 } }, ankleReachDeg: 30 }), ORDINARY_WEAR);
    const at = (heelHeightMm: number) => checkFit([foot], completeShoe({ kind: 'pump', insoleLengthMm: 256, heelHeightMm }), ORDINARY_WEAR);
    expect(at(20).feet[0].heel).toBeNull();
    const high = at(95);
    expect(high.feet[0].heel).toMatchObject({ reach: 'out-of-reach', pitch: { dropMm: 95 } });
    expect(high.cautions.join()).toMatch(/asks for more than the ankle has/);
    const { slide, toeRoomAfter } = high.feet[0].heel!;
    expect(toeRoomAfter.lowMm).toBeLessThanOrEqual(toeRoomAfter.highMm);
    expect(slide.highMm).toBeGreaterThanOrEqual(slide.lowMm);
  });
});
