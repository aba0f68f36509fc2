import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { checkFit, checkShoe, completeShoe, footAsWorn, KIND_IDS, ORDINARY_WEAR, type ShoeInput } from '../src/fit';
import { completeFoot } from '../src/measure';
import { gradeLast } from '../src/last';
import { anyLast } from './arbitrary';

const oxford = (more: Partial<ShoeInput>): Partial<ShoeInput> => ({ kind: 'oxford', insoleLengthMm: 272, ...more });
const said = (more: Partial<ShoeInput>): string =>
  checkShoe(oxford(more))
    .map((p) => `${p.path}: ${p.message}`)
    .join('\n');

describe('a shoe that contradicts itself', () => {
  it.each([
    [
      'a girth that cannot go round its bottom',
      { ballWidthMm: 95, ballGirthMm: 150 },
      /^ballGirthMm: a girth of 150 cannot go round a bottom 95 wide: at least 195/
    ],
    ['a heel as wide as the ball', { ballWidthMm: 88, heelWidthMm: 90 }, /^heelWidthMm: the heel is narrower than the ball, 88 mm/],
    ['a bend at the tip', { flexLineMm: 265 }, /^flexLineMm: a shoe of 272 mm bends 136 to 231 mm from the heel/],
    ['a taper behind the bend', { flexLineMm: 190, taperStartMm: 180 }, /^taperStartMm: the taper starts ahead of where the shoe bends, 190 mm/],
    ['a taper beyond the tip', { taperStartMm: 280 }, /^taperStartMm: the taper starts before the end of the insole/],
    ['a throat tighter than the instep', { instepGirthMm: 240, throatGirthMm: 230 }, /^throatGirthMm: the throat goes round heel and instep/],
    ['a foot longer than the insole', { madeForFootMm: 290 }, /^madeForFootMm: a shoe is not made for a foot longer/],
    ['a platform above the heel', { platformMm: 120, heelHeightMm: 40 }, /^platformMm: the platform is far higher/]
  ])('%s is named by the field that mends it', (_, more, message) => {
    expect(said(more)).toMatch(message);
  });
  it('says every contradiction, and nothing of what was not told', () => {
    expect(checkShoe(oxford({ ballWidthMm: 95, ballGirthMm: 150, heelWidthMm: 99 }))).toHaveLength(2);
    expect(checkShoe(oxford({}))).toEqual([]);
    expect(checkShoe(oxford({ ballGirthMm: 100 }))).toEqual([]);
  });
  it('no last that can be is a contradiction', () => {
    fc.assert(
      fc.property(anyLast, fc.integer({ min: 3, max: 10 }), (last, size) => {
        const { insoleLengthMm, madeForFootMm, flexLineMm, ballWidthMm, ballGirthMm, heelWidthMm, instepGirthMm } = gradeLast(last, size, 0);
        expect(checkShoe({ insoleLengthMm, madeForFootMm, flexLineMm, ballWidthMm, ballGirthMm, heelWidthMm, instepGirthMm })).toEqual([]);
      })
    );
  });
});

describe('a shoe of which hardly anything is known', () => {
  const foot = footAsWorn(completeFoot({ side: 'left', values: { lengthMm: { mm: 250 } } }), ORDINARY_WEAR);
  it.each(KIND_IDS.map((kind) => [kind]))('%s: kind and insole are enough for a verdict that says how little it knows', (kind) => {
    const shoe = completeShoe({ kind, insoleLengthMm: 268 });
    const fit = checkFit([foot], shoe, ORDINARY_WEAR, [], 64);
    expect(shoe.assumed.length).toBeGreaterThan(5);
    expect(fit.sentence.length).toBeGreaterThan(10);
    for (const z of fit.feet[0].zones) {
      expect(Number.isFinite(z.clearanceMm)).toBe(true);
      expect(z.sdMm).toBeGreaterThan(0);
    }
    // Girths nobody measured are told to no better than a few millimetres.
    expect(fit.feet[0].zones.find((z) => z.zone === 'ball-girth')!.sdMm).toBeGreaterThan(5);
  });
});
