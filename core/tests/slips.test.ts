import { describe, expect, it } from 'vitest';
import { findSlips, judgeJointly, sidesExchanged, slipWords, type JointValue, type MeasureId } from '../src/measure';
import { seeded } from '../../demo/random';
import { honestFeet } from '../../bench/honest-feet';
import { slipFigures } from '../../bench/slips';

const set = (left: Partial<Record<MeasureId, number>>, right: Partial<Record<MeasureId, number>> = {}): JointValue[] =>
  (
    [
      ['left', left],
      ['right', right]
    ] as const
  ).flatMap(([side, values]) => Object.entries(values).map(([id, mm]) => ({ side, id: id as MeasureId, mm, sdMm: 1.5 })));
const ordinary = { lengthMm: 250, ballLengthMm: 181, ballWidthMm: 93, ballGirthMm: 230, instepGirthMm: 230, heelWidthMm: 63 };

describe('the joint model (spreads and correlations: this project’s own)', () => {
  it('an ordinary set is not odd; its distance is about its number of values', () => {
    const { distance, rarity, each } = judgeJointly(set(ordinary, { ...ordinary, lengthMm: 251 }));
    expect(distance).toBeLessThan(12);
    expect(rarity).toBeGreaterThan(0.4);
    expect(Math.max(...each.map((e) => Math.abs(e.z)))).toBeLessThan(2);
  });
  it('mirror-image feet are judged alike, and scale does not matter: a child’s proportions are as ordinary', () => {
    const a = judgeJointly(set(ordinary, { ...ordinary, ballGirthMm: 236 }));
    const b = judgeJointly(set({ ...ordinary, ballGirthMm: 236 }, ordinary));
    expect(a.distance).toBeCloseTo(b.distance, 9);
    const small = Object.fromEntries(Object.entries(ordinary).map(([id, mm]) => [id, mm * 0.6]));
    expect(findSlips(set(small, small))).toEqual([]);
  });
  it('one foot speaks for the other: a girth that suits the length but not the other foot is nearer its edge', () => {
    const z = (right: Partial<Record<MeasureId, number>>) =>
      judgeJointly(set({ ...ordinary, ballGirthMm: 246 }, right)).each.find((e) => e.side === 'left' && e.id === 'ballGirthMm')!;
    expect(z({ ...ordinary, ballGirthMm: 229 }).z).toBeGreaterThan(z({}).z);
    expect(z(ordinary).conditionalSdMm).toBeLessThan(z({}).conditionalSdMm);
  });
  it('one value alone cannot be judged', () => expect(() => judgeJointly(set({ lengthMm: 250 }))).toThrow(/two values/));
});

describe('slips of the tape', () => {
  const spoiled = (values: Partial<Record<MeasureId, number>>) => findSlips(set({ ...ordinary, ...values }, ordinary));
  it('names inches read as centimetres, and offers what was meant', () => {
    const [slip] = spoiled({ lengthMm: 98 });
    expect(slip).toMatchObject({ side: 'left', id: 'lengthMm', cause: { kind: 'unit', typed: 'in', readAs: 'cm' }, offerMm: expect.closeTo(248.9, 1) });
    expect(slipWords(slip)).toContain('Typed in inches, read as centimetres?');
  });
  it('names exchanged figures', () => {
    const [slip] = spoiled({ ballGirthMm: 320 });
    expect(slip).toMatchObject({ id: 'ballGirthMm', cause: { kind: 'exchanged', figures: '230' }, offerMm: 230 });
    expect(slipWords(slip)).toContain('230 with two figures exchanged?');
  });
  it('says which other measure a value would suit, and offers no other figure', () => {
    const { instepGirthMm: _none, ...without } = ordinary;
    const slips = findSlips(set({ ...without, instepGirthMm: 305 }, without));
    expect(slips[0]).toMatchObject({ id: 'instepGirthMm', cause: { kind: 'other-measure' }, offerMm: null });
    expect(slipWords(slips[0])).toContain('The short heel girth measured instead?');
  });
  it('finds two slips in one set, and never more than three', () => {
    expect(
      spoiled({ lengthMm: 98, ballWidthMm: 39 })
        .map((s) => s.id)
        .sort()
    ).toEqual(['ballWidthMm', 'lengthMm']);
    expect(findSlips(set({ lengthMm: 250, ballLengthMm: 18, ballWidthMm: 9, ballGirthMm: 23, instepGirthMm: 23, heelWidthMm: 6 })).length).toBeLessThanOrEqual(
      3
    );
  });
  it('on feet of another generator: at least 95 of 100 slips beyond five deviations found, under 2 of 100 false alarms', () => {
    const figures = slipFigures(400, 11);
    expect(figures.made).toBeGreaterThan(300);
    expect(figures.found / figures.made).toBeGreaterThanOrEqual(0.95);
    expect(figures.falseAlarms / figures.sets).toBeLessThan(0.02);
    expect(figures.exchanged.falsely / figures.sets).toBeLessThan(0.02);
    expect(figures.exchanged.found / figures.sets).toBeGreaterThan(0.8);
  });
  it('the honest feet are those of the surveys: length and breadth within a few millimetres of the means (US survey 1988, from memory)', () => {
    const random = seeded(3).uniform;
    const feet = Array.from({ length: 3000 }, () => honestFeet(random));
    const mean = (id: MeasureId) => feet.reduce((sum, f) => sum + f.find((v) => v.id === id)!.mm, 0) / feet.length;
    expect(mean('lengthMm')).toBeCloseTo((269.7 + 244.4) / 2, -0.5);
    expect(mean('ballWidthMm')).toBeCloseTo((100.6 + 89.7) / 2, -0.5);
  });
});

describe('left and right against an earlier visit', () => {
  const before = set({ lengthMm: 250, ballGirthMm: 232 }, { lengthMm: 256, ballGirthMm: 238 });
  it('asks when the larger foot was the other one', () => {
    expect(sidesExchanged(set({ lengthMm: 256, ballGirthMm: 238 }, { lengthMm: 250, ballGirthMm: 232 }), before)!.asked).toBe(true);
    expect(sidesExchanged(set({ lengthMm: 251, ballGirthMm: 233 }, { lengthMm: 257, ballGirthMm: 238 }), before)!.asked).toBe(false);
  });
  it('says nothing of feet that are alike, or that share no measure', () => {
    const alike = set({ lengthMm: 250 }, { lengthMm: 250 });
    expect(sidesExchanged(alike, alike)!.asked).toBe(false);
    expect(sidesExchanged(set({ lengthMm: 250 }, { lengthMm: 250 }), set({ ballGirthMm: 230 }, { ballGirthMm: 230 }))).toBeNull();
  });
});
