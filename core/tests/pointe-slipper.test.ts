import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { KIND, shoeOf, sizesOf } from '../src/fit';
import { allStyles } from '../../demo/lasts';
import { SEWING, slipperFor, slipperLengths, slipperOn, slippersFor } from '../src/pointe';

describe('slippers', () => {
  it('leather on wood, canvas on a vinyl dance floor; sweat speaks for canvas without overruling the floor (common practice, no source)', () => {
    expect(slipperFor('wood', false)).toEqual({ material: 'leather', reasons: ['grips wood'], but: null });
    expect(slipperFor('vinyl', true).material).toBe('canvas');
    expect(slipperFor('vinyl', true).reasons).toContain('breathes');
    expect(slipperFor('wood', true)).toMatchObject({ material: 'leather', but: 'canvas breathes, but slips on wood' });
  });
  it('lies close between the lengths it tells, bends the toes below and folds above', () => {
    fc.assert(
      fc.property(fc.double({ min: 150, max: 290, noNaN: true }), fc.constantFrom('leather' as const, 'canvas' as const), (length, material) => {
        const { low, high } = slipperLengths(length, material);
        expect(slipperOn(length, low + 0.1, material).fit).toBe('right');
        expect(slipperOn(length, high - 0.1, material).fit).toBe('right');
        expect(slipperOn(length, low - 0.2, material).fit).toBe('short');
        expect(slipperOn(length, high + 0.2, material).fit).toBe('folds');
        // Leather gives more: it may be taken shorter.
        expect(slipperLengths(length, 'leather').low).toBeLessThan(slipperLengths(length, 'canvas').low);
      })
    );
  });
  it('what is left to sew is a list, each once', () => expect(new Set(SEWING.map((s) => s.id)).size).toBe(SEWING.length));
  it('of each style of the stockroom the size that lies closest on both feet, the material asked for first', () => {
    const own = allStyles().filter((s) => KIND[s.kind].slipper);
    const styles = [...own, { ...own[0], id: 'of-plastic', upper: 'plastic' as const }];
    const found = slippersFor(styles, [238, 240], 'canvas');
    expect(found.map((f) => f.material)).toEqual(['canvas', 'leather']);
    for (const { style, insideMm, material, offMm } of found) {
      const other = sizesOf(style).map((size) => shoeOf(style, size, style.widths[style.widths.length >> 1]).inside.insoleLengthMm);
      const off = (mm: number) =>
        Math.max(...[238, 240].map((length) => Math.max(0, -2.5 - slipperOn(length, mm, material).roomMm, slipperOn(length, mm, material).roomMm - 3)));
      expect(offMm).toBeCloseTo(off(insideMm), 9);
      expect(offMm).toBe(Math.min(...other.map(off)));
    }
  });
});
