import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { SEWING, slipperFor, slipperLengths, slipperOn } from '../src/pointe';

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
});
