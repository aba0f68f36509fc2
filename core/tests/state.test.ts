import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { completeFoot, dayOf, footInState, heelSpreadShare, MEASURES, readTooEarly, STATE_STEP_IDS, type ArchType, type Conditions } from '../src/measure';
import { checkFit, completeShoe, footAsWorn, ORDINARY_WEAR } from '../src/fit';

const foot = (archType?: ArchType) =>
  completeFoot({ side: 'left', archType, values: { lengthMm: { mm: 250 }, ballWidthMm: { mm: 95 }, ballGirthMm: { mm: 235 } } });

describe('from the foot as read to the foot as worn', () => {
  it('nothing known changes nothing, not even the object', () => {
    const read = foot();
    expect(footInState(read, {})).toEqual({ foot: read, steps: [] });
    expect(footInState(read, { wornAt: 'evening' }).foot).toBe(read);
  });
  it('grows 0.2 % in length and 1 % in girth from morning to evening, and shrinks on the way back', () => {
    const there = footInState(foot(), { measuredAt: '09:30', wornAt: 'evening' });
    expect(there.foot.values.lengthMm.mm).toBeCloseTo(250.5, 9);
    expect(there.foot.values.ballGirthMm.mm).toBeCloseTo(237.35, 9);
    expect(there.steps).toMatchObject([{ id: 'day', lengthMm: expect.closeTo(0.5, 9), girthMm: expect.closeTo(2.35, 9), on: true }]);
    expect(footInState(foot(), { measuredAt: 'evening', wornAt: '09:30' }).foot.values.lengthMm.mm).toBeCloseTo(249.5, 9);
  });
  it('standing adds 2 to 4 mm of length and 3 to 5 mm of width to a seated reading (published ranges, from memory), more on a low arch', () => {
    const step = (arch: ArchType) => footInState(foot(arch), { measuredLoad: 'seated' }).steps[0];
    for (const arch of ['low', 'medium', 'high'] as const) {
      expect(step(arch).lengthMm).toBeGreaterThanOrEqual(2);
      expect(step(arch).lengthMm).toBeLessThanOrEqual(4);
      expect(step(arch).widthMm).toBeGreaterThanOrEqual(3);
      expect(step(arch).widthMm).toBeLessThanOrEqual(5.3);
    }
    expect(step('low').lengthMm).toBeGreaterThan(step('high').lengthMm);
  });
  it('from off the floor to full weight: 3.4 % of length and 6 % of width (Tsung 2003, from memory)', () => {
    const [step] = footInState(foot(), { measuredLoad: 'off' }).steps;
    expect(step.lengthMm / 250).toBeCloseTo(0.034, 6);
    expect(step.widthMm / 95).toBeCloseTo(0.06, 6);
  });
  it('a sock worn while reading comes off again: a sport sock of 2.5 mm is 2 mm of length', () => {
    expect(footInState(foot(), { measuredSockMm: 2.5 }).steps[0].lengthMm).toBeCloseTo(-2, 9);
  });
  it('each value goes from its own state, and what is filled in from that of its base', () => {
    const mixed = completeFoot({
      side: 'left',
      values: { lengthMm: { mm: 250, under: 'standing', sockMm: 0 }, ballGirthMm: { mm: 235, under: 'seated', sockMm: 1 } }
    });
    const { foot: worn, steps } = footInState(mixed, { measuredLoad: 'standing' });
    expect(steps.map((s) => [s.id, Number(s.lengthMm.toFixed(2)), Math.sign(s.girthMm)])).toEqual([
      ['load', 0, 1],
      ['sock', 0, -1]
    ]);
    expect(worn.values.lengthMm.mm).toBe(250);
    // The instep was filled in from the seated girth, the ball length from the standing length.
    expect(worn.values.instepGirthMm.mm).not.toBeCloseTo(mixed.values.instepGirthMm.mm, 3);
    expect(worn.values.ballLengthMm.mm).toBe(mixed.values.ballLengthMm.mm);
    // What says nothing itself takes the fitting's answer.
    expect(footInState(foot(), { measuredLoad: 'seated' }).steps[0].lengthMm).toBe(3);
  });
  it('every step that arises is listed; one switched off changes nothing and still shows what it would do', () => {
    const all: Conditions = {
      measuredAt: '09:00',
      wornAt: '18:00',
      measuredLoad: 'seated',
      measuredSockMm: 1,
      wornWarm: true,
      swollen: true,
      pregnant: true,
      gainedKg: 5,
      grownMm: 3,
      age: 68,
      readYearsAgo: 4
    };
    const on = footInState(foot(), all);
    expect(on.steps.map((s) => s.id)).toEqual([...STATE_STEP_IDS]);
    const off = footInState(foot(), { ...all, off: STATE_STEP_IDS });
    expect(off.foot.values).toEqual(foot().values);
    expect(off.steps.every((s) => !s.on)).toBe(true);
    expect(off.steps.find((s) => s.id === 'swollen')!.girthMm).toBeCloseTo(4.7, 6);
    expect(on.foot.values.lengthMm.sdMm).toBeGreaterThan(foot().values.lengthMm.sdMm);
  });
  it('the amounts of the steps that are on add up to the whole change', () => {
    fc.assert(
      fc.property(
        fc.record({
          measuredAt: fc.constantFrom('08:00', '12:30', undefined),
          wornAt: fc.constantFrom('10:00', 'evening', undefined),
          measuredLoad: fc.constantFrom('standing', 'seated', 'off') as fc.Arbitrary<Conditions['measuredLoad']>,
          measuredSockMm: fc.constantFrom(0, 1, 2.5),
          measuredWarm: fc.boolean(),
          wornWarm: fc.boolean(),
          swollen: fc.boolean(),
          gainedKg: fc.double({ min: -20, max: 20, noNaN: true }),
          off: fc.subarray([...STATE_STEP_IDS])
        }),
        (conditions) => {
          const read = foot();
          const { foot: worn, steps } = footInState(read, conditions);
          const sum = (key: 'lengthMm' | 'widthMm' | 'girthMm') => steps.filter((s) => s.on).reduce((total, s) => total + s[key], 0);
          expect(worn.values.lengthMm.mm - read.values.lengthMm.mm).toBeCloseTo(sum('lengthMm'), 6);
          expect(worn.values.ballWidthMm.mm - read.values.ballWidthMm.mm).toBeCloseTo(sum('widthMm'), 6);
          expect(worn.values.ballGirthMm.mm - read.values.ballGirthMm.mm).toBeCloseTo(sum('girthMm'), 6);
          for (const { id } of MEASURES) expect(worn.values[id].sdMm).toBeGreaterThanOrEqual(read.values[id].sdMm - 1e-12);
        }
      )
    );
  });
  it('years past sixty lengthen and widen a little, in one school; before sixty and on the day they do nothing', () => {
    const step = (age: number, readYearsAgo: number) => footInState(foot(), { age, readYearsAgo }).steps.find((s) => s.id === 'age');
    expect(step(70, 5)!.lengthMm).toBeCloseTo(foot().values.lengthMm.mm * 0.004, 6);
    expect(step(70, 5)!.sdMm).toBeCloseTo(1.5, 9);
    // Only the years past sixty count, and none past eighty.
    expect(step(64, 20)!.lengthMm).toBeCloseTo(foot().values.lengthMm.mm * 0.0032, 6);
    expect(step(95, 10)).toBeUndefined();
    expect(step(58, 10)).toBeUndefined();
    expect(step(70, 0)).toBeUndefined();
    expect(footInState(foot(), { age: 70, readYearsAgo: 5, off: ['age'] }).foot.values.lengthMm.mm).toBe(foot().values.lengthMm.mm);
  });
  it('a child read months ago is carried on by its growth, all in proportion, with the doubt of it', () => {
    const read = foot();
    const { foot: worn, steps } = footInState(read, { grownMm: 6, grownSdMm: 2 });
    expect(worn.values.lengthMm.mm - read.values.lengthMm.mm).toBeCloseTo(6, 6);
    expect(worn.values.ballGirthMm.mm / read.values.ballGirthMm.mm).toBeCloseTo(worn.values.lengthMm.mm / read.values.lengthMm.mm, 9);
    expect(worn.values.lengthMm.sdMm).toBeGreaterThan(read.values.lengthMm.sdMm);
    expect(steps.map((s) => s.id)).toEqual(['grown']);
  });
  it('a morning reading for an evening shoe is flagged; an afternoon one is not', () => {
    expect(readTooEarly({ measuredAt: '09:00', wornAt: 'evening' })).toBe(true);
    expect(readTooEarly({ measuredAt: '15:00', wornAt: 'evening' })).toBe(false);
    expect(readTooEarly({ measuredAt: '', wornAt: 'evening' })).toBe(false);
  });
  it('the day runs from smallest in the morning to largest from four', () => {
    const day = dayOf(foot(), { measuredAt: '12:00' }, [8, 10, 13, 16, 20]);
    day.slice(1).forEach((d, i) => expect(d.girthMm).toBeGreaterThanOrEqual(day[i].girthMm));
    expect(day[4].girthMm / day[0].girthMm).toBeCloseTo(1.01, 3);
  });
});

describe('a raised heel spreads the ball', () => {
  it('not up to a low heel, then more with the drop, never beyond one and a half parts in a hundred', () => {
    expect(heelSpreadShare(25)).toBe(0);
    expect(heelSpreadShare(75)).toBeCloseTo(0.01, 9);
    expect(heelSpreadShare(200)).toBe(0.015);
  });
  it('takes that much room at the ball of a high heel, and says so in the sum', () => {
    const [low, high] = [20, 75].map((heelHeightMm) => {
      const shoe = completeShoe({ kind: 'pump', insoleLengthMm: 265, ballGirthMm: 235, heelHeightMm });
      return checkFit([footAsWorn(foot(), ORDINARY_WEAR)], shoe, ORDINARY_WEAR).feet[0].zones.find((z) => z.zone === 'ball-girth')!;
    });
    expect(low.clearanceMm - high.clearanceMm).toBeCloseTo(2.35, 2);
    expect(high.because.sentence).toContain('ball spread by the heel 2.4');
    expect(low.because.sentence).not.toContain('spread');
  });
});
