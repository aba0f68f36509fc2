import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { GROUND, standOn } from '@chiave/core/heel';
import { groundWord } from '../src/lib/drawing/ground-words';
import { columnsOf, DRAGGED, draggedTo, heightAt, heightsFor, placeAlong, stretchesOf } from '../src/lib/drawing/heel-row';

const rows = fc
  .tuple(fc.constantFrom(700, 788, 1248), fc.integer({ min: 0, max: 80 }))
  .map(([width, platform]) => ({ width, heights: heightsFor(width, platform) }));

describe('heels in a row', () => {
  it('a height dragged to is the height that stands there, and never beyond the row', () => {
    fc.assert(
      fc.property(rows, fc.double({ min: 0, max: 1, noNaN: true }), ({ width, heights }, share) => {
        const mm = heightAt(share * width, width, heights);
        expect(mm).toBeGreaterThanOrEqual(heights[0]);
        const inside = mm > heights[0] && mm < heights[heights.length - 1];
        if (inside) expect(Math.abs(placeAlong(mm, width, heights) - share * width)).toBeLessThan(0.6 * (width / heights.length / 10));
      })
    );
  });
  it('what is dragged by a knob stays between its ends and on its step', () => {
    fc.assert(
      fc.property(fc.constantFrom('platformMm' as const, 'tipMm' as const, 'slopeDeg' as const), fc.double({ min: -300, max: 300, noNaN: true }), (id, to) => {
        const { low, high, step } = DRAGGED[id];
        const at = draggedTo(id, to);
        expect(at >= low && at <= high && Number.isInteger(at / step)).toBe(true);
        if (to > low && to < high) expect(Math.abs(at - to)).toBeLessThanOrEqual(step / 2);
      })
    );
  });
  it('the one looked at takes the place of its nearest, the others stay', () => {
    fc.assert(
      fc.property(rows, fc.integer({ min: 0, max: 220 }), ({ heights }, mm) => {
        const columns = columnsOf(heights, mm);
        expect(columns.filter((c) => c.chosen).map((c) => c.heightMm)).toEqual([mm]);
        expect(columns).toHaveLength(heights.length);
        const at = columns.findIndex((c) => c.chosen);
        for (const h of heights) expect(Math.abs(heights[at] - mm)).toBeLessThanOrEqual(Math.abs(h - mm));
      })
    );
  });
  it('heels reached alike stand together', () => {
    expect(stretchesOf(['comfortable', 'comfortable', 'near-limit', 'out-of-reach'])).toEqual([
      { reach: 'comfortable', from: 0, to: 1 },
      { reach: 'near-limit', from: 2, to: 2 },
      { reach: 'out-of-reach', from: 3, to: 3 }
    ]);
  });
});

describe('a word for what a heel does to a ground', () => {
  const on = (ground: keyof typeof GROUND, heel: 'thin-stiletto' | 'block' | 'cone') =>
    groundWord(
      standOn({ lengthMm: 240 }, { heelHeightMm: 70, platformMm: 0, heel, hold: 'none' }, { weightKg: 60, doing: 'walking', slopeDeg: 0, reachSchool: 'middle', ankleReachDeg: null, ground: GROUND[ground] })
    ); // prettier-ignore
  it('comes from depth, pressure or openings, and says whether that is well', () => {
    expect(on('lawn-clay-moist', 'thin-stiletto')).toEqual({ words: 'sticks', well: false });
    expect(on('lawn-clay-moist', 'block')).toEqual({ words: 'no trace', well: true });
    expect(on('oak', 'thin-stiletto')).toEqual({ words: 'a faint mark', well: true });
    expect(on('vinyl', 'thin-stiletto')).toEqual({ words: 'dents', well: false });
    expect(on('grating', 'thin-stiletto')).toEqual({ words: 'is caught', well: false });
    expect(on('grating', 'block')).toEqual({ words: 'holds', well: true });
    expect(on('stone', 'cone')).toEqual({ words: 'holds', well: true });
  });
});
