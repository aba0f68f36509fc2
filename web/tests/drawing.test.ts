import { describe, expect, it } from 'vitest';
import { closedPath, curveThrough, openPath, toScreen } from '../src/lib/drawing/place';
import { STRIPS, stripOf } from '../src/lib/drawing/rule-strips';
import { EDGE_CUTS, placeAmong, tightColour, wordOf } from '../src/lib/drawing/tightness';

describe('left and right on the screen', () => {
  it('the wearer’s left foot has its big toe towards the right, toes up', () => {
    const bigToe = { x: 240, y: 30 };
    const left = toScreen('left', 100, 500, 1)(bigToe);
    const right = toScreen('right', 300, 500, 1)(bigToe);
    expect(left.x).toBeGreaterThan(100);
    expect(right.x).toBeLessThan(300);
    expect(left.y).toBe(260);
  });
  it('paths go through their points', () => {
    const points = [
      { x: 0, y: 0 },
      { x: 10, y: 5 },
      { x: 20, y: 0 }
    ];
    expect(openPath(points)).toBe('M0.0 0.0L10.0 5.0L20.0 0.0');
    expect(closedPath(points)).toMatch(/Z$/);
    expect(curveThrough(points)).toMatch(/10\.0 5\.0C.*20\.0 0\.0$/);
  });
});

describe('tight to loose', () => {
  it('puts a clearance among its cuts and says it in words', () => {
    expect([-9, -2, 0, 8, 20].map((mm) => placeAmong(mm, EDGE_CUTS))).toEqual([0, 1, 2, 3, 4]);
    expect(wordOf('too-tight')).toBe('too tight');
    expect(tightColour(-1)).not.toBe(tightColour(1));
  });
});

describe('the strips of the rule', () => {
  it('lay every scale along the foot in millimetres, one row a school, in order', () => {
    for (const id of STRIPS) {
      const strip = stripOf(id, 200, 280, 245);
      for (const { ticks } of strip.rows) {
        expect(ticks.every((t) => t.mm >= 199.999 && t.mm <= 280.001)).toBe(true);
        ticks.slice(1).forEach((t, i) => expect(t.mm).toBeGreaterThan(ticks[i].mm));
      }
    }
  });
  it('show the gap between the schools of one size', () => {
    const women = stripOf('us-w', 200, 280, 245);
    expect(women.rows).toHaveLength(3);
    expect(women.gap!.highMm - women.gap!.lowMm).toBeGreaterThan(4);
    expect(stripOf('mondo', 200, 280, 245).gap).toBeNull();
  });
  it('give the boot scale whole lengths only, and nothing outside a scale’s range', () => {
    expect(stripOf('au-boot', 200, 280, 245).rows[0].ticks.every((t) => Number.isInteger(Number(t.label)))).toBe(true);
    expect(stripOf('us-child', 260, 320, 290).rows.every((r) => r.ticks.length === 0)).toBe(true);
  });
});
