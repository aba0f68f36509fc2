import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { checkLast, gradedDrop, gradeLast, gradeToFoot, rebase, type Inside, type Last } from '../src/last';
import { anyLast } from './arbitrary';

const KEYS = ['madeForFootMm', 'insoleLengthMm', 'ballWidthMm', 'heelWidthMm', 'ballGirthMm', 'waistGirthMm', 'instepGirthMm', 'toeDepthMm'] as const;
const numbers = (inside: Inside): number[] => KEYS.map((k) => inside[k]);
const size = fc.integer({ min: 1, max: 13 });
const plain: Last = fc.sample(anyLast, { numRuns: 1, seed: 5 })[0];

describe('grading a last', () => {
  it('up and down again is what it was, told from any size and width', () => {
    fc.assert(
      fc.property(anyLast, size, fc.integer({ min: -2, max: 3 }), (last, to, letters) => {
        const back = rebase(rebase(last, to, 'other', letters), last.base.size, 'M', -letters);
        for (const key of Object.keys(last.base) as (keyof Last['base'])[])
          if (typeof last.base[key] === 'number') expect(back.base[key]).toBeCloseTo(last.base[key] as number, 6);
        // And from the other base every size is the same shoe.
        const there = rebase(last, to, 'other', 0);
        numbers(gradeLast(there, 9, 1)).forEach((v, i) => expect(v).toBeCloseTo(numbers(gradeLast(last, 9, 1))[i], 6));
      })
    );
  });
  it('a larger size is longer, wider and fuller; a wider letter wider and fuller and no longer', () => {
    fc.assert(
      fc.property(anyLast, size, (last, at) => {
        const [small, large, wide] = [gradeLast(last, at, 0), gradeLast(last, at + 0.5, 0), gradeLast(last, at, 1)];
        for (const key of KEYS) expect(large[key]).toBeGreaterThan(small[key]);
        expect(wide.insoleLengthMm).toBe(small.insoleLengthMm);
        for (const key of ['ballWidthMm', 'heelWidthMm', 'ballGirthMm', 'waistGirthMm', 'instepGirthMm'] as const)
          expect(wide[key]).toBeGreaterThan(small[key]);
      })
    );
  });
  it('a size of 1/3 in takes 1/4 in of girth, a Paris point 5 mm: 0.75 of a mm for a mm (ISO/TS 19407 and trade tables, from memory)', () => {
    for (const [step, girth] of [
      [25.4 / 3, 25.4 / 4],
      [20 / 3, 5]
    ]) {
      const last = { ...plain, grade: { ...plain.grade, lengthPerSizeMm: step, girthPerSizeMm: girth } };
      const [a, b] = [gradeLast(last, 6, 0), gradeLast(last, 9, 0)];
      expect((b.ballGirthMm - a.ballGirthMm) / (b.madeForFootMm - a.madeForFootMm)).toBeCloseTo(0.75, 3);
    }
  });
  it('a whole size down and one letter wider keeps the girth within 4 mm, half a size too (common practice, no source)', () => {
    const last = { ...plain, grade: { ...plain.grade, lengthPerSizeMm: 25.4 / 3, girthPerSizeMm: 6.35, girthPerWidthMm: 6.35 } };
    const girth = (at: number, letters: number) => gradeLast(last, at, letters).ballGirthMm;
    expect(Math.abs(girth(8, 1) - girth(9, 0))).toBeLessThan(0.01);
    expect(girth(11.5, 1) - girth(12, 0)).toBeCloseTo(3.175, 3);
    expect(Math.abs(girth(11.5, 1) - girth(12, 0))).toBeLessThan(4);
  });
  it('a half can be a width only; one bottom can serve two half sizes', () => {
    const boot = { ...plain, grade: { ...plain.grade, halves: 'width-only' as const } };
    expect(gradeLast(boot, 8.5, 0)).toEqual(gradeLast(boot, 8, 1));
    const coarse = { ...plain, grade: { ...plain.grade, coarse: true } };
    const [whole, half, fine] = [gradeLast(coarse, 8, 0), gradeLast(coarse, 8.5, 0), gradeLast(plain, 8.5, 0)];
    expect([half.insoleLengthMm, half.ballWidthMm, half.heelWidthMm]).toEqual([whole.insoleLengthMm, whole.ballWidthMm, whole.heelWidthMm]);
    expect(half.ballGirthMm).toBeCloseTo(fine.ballGirthMm, 9);
    expect(() => rebase(coarse, 8.5, 'M', 0)).toThrow(/whole size/);
  });
  it('a combination last is narrower behind than its letter says, and only there', () => {
    const combined = { ...plain, combination: { heel: -2, waist: -1 } };
    const [a, b] = [gradeLast(plain, 7, 0), gradeLast(combined, 7, 0)];
    expect(b.ballGirthMm).toBe(a.ballGirthMm);
    expect(b.heelWidthMm).toBeLessThan(a.heelWidthMm - 1);
    expect(b.waistGirthMm).toBeLessThan(a.waistGirthMm - 4);
    numbers(gradeLast(rebase(combined, 9, 'M', 0), 7, 0)).forEach((v, i) => expect(v).toBeCloseTo(numbers(b)[i], 6));
  });
  it('a heel is the same in every size unless it is graded', () => {
    const on = { ...plain, form: { heelHeightMm: 70 } };
    expect(gradedDrop(on, 10)).toBe(70);
    const graded = { ...on, grade: { ...on.grade, heelHeight: 'graded' as const } };
    expect(gradedDrop(graded, 10)!).toBeGreaterThan(70);
    expect(gradedDrop(rebase(graded, 10, 'M', 0), 6)!).toBeCloseTo(70, 6);
    expect(gradedDrop(plain, 10)).toBeNull();
  });
  it('for a foot between two sizes it lies between them', () => {
    const [a, b] = [gradeLast(plain, 6, 0), gradeLast(plain, 6.5, 0)];
    const middle = gradeToFoot(plain, (a.madeForFootMm + b.madeForFootMm) / 2, 0);
    expect(middle.insoleLengthMm).toBeCloseTo((a.insoleLengthMm + b.insoleLengthMm) / 2, 9);
    expect(middle.ballGirthMm).toBeCloseTo((a.ballGirthMm + b.ballGirthMm) / 2, 9);
  });
});

describe('whether a last can be', () => {
  it('every ordinary one can', () => {
    fc.assert(
      fc.property(anyLast, (last) => {
        expect(checkLast(last)).toEqual([]);
      })
    );
  });
  it.each<[string, (last: Last) => Last]>([
    ['base.heelWidthMm', (l) => ({ ...l, base: { ...l.base, heelWidthMm: l.base.ballWidthMm + 1 } })],
    ['base.ballGirthMm', (l) => ({ ...l, base: { ...l.base, ballGirthMm: 1.9 * l.base.ballWidthMm } })],
    ['base.insoleMm', (l) => ({ ...l, base: { ...l.base, insoleMm: l.base.forFootMm - 30 } })],
    ['taperShiftMm', (l) => ({ ...l, taperShiftMm: -60 })],
    ['base.littleToeDepthMm', (l) => ({ ...l, base: { ...l.base, littleToeDepthMm: l.base.toeDepthMm + 3 } })],
    ['base.throatGirthMm', (l) => ({ ...l, base: { ...l.base, throatGirthMm: l.base.instepGirthMm - 5 } })],
    ['grade.lengthPerSizeMm', (l) => ({ ...l, grade: { ...l.grade, lengthPerSizeMm: 0 } })],
    ['base.forFootMm', (l) => ({ ...l, base: { ...l.base, forFootMm: NaN } })],
    ['grade.coarse', (l) => ({ ...l, grade: { ...l.grade, coarse: true, halves: 'width-only' } })]
  ])('what is wrong is named by its field: %s', (path, spoil) => {
    const problems = checkLast(spoil(plain));
    expect(problems.map((p) => p.path)).toContain(path);
    expect(problems[0].message.length).toBeGreaterThan(15);
  });
});
