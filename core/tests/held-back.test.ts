import { checkFit, completeShoe, CLOSURE, footAsWorn, heldBack, ORDINARY_WEAR, wornWith, fitOnce, type Shoe } from '@chiave/core/fit';
import { BLANK_HEEL } from '@chiave/core/heel';
import { completeFoot } from '@chiave/core/measure';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';

const STOCKING = { ...ORDINARY_WEAR, sockMm: 0.3 };
const footOf = (lengthMm: number, ballGirthMm: number) =>
  footAsWorn(completeFoot({ side: 'left', values: { lengthMm: { mm: lengthMm }, ballGirthMm: { mm: ballGirthMm } } }), STOCKING);
const pump = (heelHeightMm: number, more: Partial<Shoe> = {}): Shoe => ({
  ...completeShoe({ kind: 'pump', insoleLengthMm: 262, toeShape: 'almond', madeForFootMm: 247, ballGirthMm: 236, heelHeightMm, closure: 'none' }),
  ...more
});

describe('what holds a foot back on a heel', () => {
  const foot = footOf(239, 222);
  it('tells nothing where the foot does not run forward', () => {
    expect(heldBack(foot, pump(20), STOCKING)).toEqual([]);
  });
  it('tells of each help what is left, which is the fit worked out with it put in', () => {
    const shoe = pump(85);
    const held = heldBack(foot, shoe, STOCKING);
    const helps = held.filter((h) => h.by === 'help');
    expect(helps.length).toBeGreaterThan(0);
    const bare = fitOnce(foot.dims, shoe, STOCKING).slide.centreMm;
    for (const h of helps) {
      const worn = wornWith(shoe, STOCKING, [h.help]);
      expect(fitOnce(foot.dims, shoe, worn.wear, worn.aids).slide).toEqual(h.slide);
      expect(h.slide.centreMm).toBeLessThanOrEqual(bare - 0.5);
    }
    const leftOver = helps.map((h) => h.slide.centreMm);
    expect(leftOver).toEqual([...leftOver].sort((a, b) => a - b));
  });
  it('tells of an ankle strap only where there is no closure that holds as well', () => {
    expect(heldBack(foot, pump(85), STOCKING).some((h) => h.by === 'ankle-strap')).toBe(true);
    expect(heldBack(foot, pump(85, { closure: 'strap' }), STOCKING).some((h) => h.by === 'ankle-strap')).toBe(false);
  });
  it('names the highest heel from which it hardly slides, never below the platform', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 40, max: 115 }),
        fc.integer({ min: 0, max: 30 }),
        fc.double({ min: 212, max: 232, noNaN: true }),
        (high, platform, girth) => {
          const shoe = pump(high, { platformMm: platform });
          for (const h of heldBack(footOf(239, girth), shoe, STOCKING)) {
            if (h.by !== 'lower-heel') continue;
            expect(h.heelHeightMm).toBeLessThan(high);
            expect(h.heelHeightMm).toBeGreaterThan(platform);
            expect(h.slide.centreMm).toBeLessThan(0.5);
          }
        }
      )
    );
  });
  it('a lower heel has its own seat, not the measured one of this heel', () => {
    const steep = pump(85, { heel: { ...BLANK_HEEL, seatWedgeDeg: 28 } });
    const lower = (shoe: Shoe) => heldBack(foot, shoe, STOCKING).find((h) => h.by === 'lower-heel');
    expect(lower(steep)).toEqual(lower(pump(85)));
  });
  it('the gap behind the heel is the slide less what the foot shortens, never below nought', () => {
    const { heel } = checkFit([foot], pump(85), STOCKING).feet[0];
    expect(heel!.heelGap.highMm).toBeLessThanOrEqual(heel!.slide.highMm);
    expect(heel!.heelGap.lowMm).toBeGreaterThanOrEqual(0);
    expect(heel!.heelGap.centreMm).toBeGreaterThan(0);
    expect(CLOSURE.none.letsSlide).toBe(1);
  });
});
