import { PUBLISHED } from '@chiave/core/size';
import { describe, expect, it } from 'vitest';
import { closedPath, curveThrough, openPath, toScreen } from '../src/lib/drawing/place';
import { isWritten, STRIPS, stripOf } from '../src/lib/drawing/rule-strips';
import { EDGE_CUTS, placeAmong, toneOf, wordOf } from '../src/lib/drawing/tightness';

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
    expect(openPath(points)).toBe('M0,0L10,5L20,0');
    expect(closedPath(points)).toMatch(/Z$/);
    expect(curveThrough(points)).toMatch(/10,5C.*20,0$/);
  });
});

describe('tight to loose', () => {
  it('puts a clearance among its cuts and says it in words', () => {
    expect([-9, -2, 0, 8, 20].map((mm) => placeAmong(mm, EDGE_CUTS))).toEqual([0, 1, 2, 3, 4]);
    expect(wordOf('too-tight')).toBe('too tight');
    expect([-1, 0, 1].map(toneOf)).toEqual(['tight', 'even', 'loose']);
  });
});

describe('the strips of the rule', () => {
  it('lay every scale along the foot in millimetres, one row a school, in order', () => {
    for (const scale of PUBLISHED.all) {
      const strip = stripOf(scale, 200, 280);
      expect(strip.rows).toHaveLength(scale.rule ? 1 : scale.schools.length);
      for (const { school, ticks } of strip.rows) {
        expect(ticks.every((t) => t.mm >= 199.999 && t.mm <= 280.001)).toBe(true);
        ticks.slice(1).forEach((t, i) => expect(t.mm - ticks[i].mm).toBeCloseTo(strip.step * school.unitMm, 6));
      }
    }
  });
  it('give the boot scale whole lengths only, and nothing outside a scale’s range', () => {
    expect(stripOf(PUBLISHED.get('au-boot'), 200, 280).rows[0].ticks.every((t) => Number.isInteger(Number(t.label)))).toBe(true);
    expect(stripOf(PUBLISHED.get('us-child'), 260, 320).rows.every((r) => r.ticks.length === 0)).toBe(true);
  });
  it('write thirds as one sign, and only whole sizes where there is little room', () => {
    const { rows, step } = stripOf(PUBLISHED.get('eu-third'), 240, 262);
    const { ticks } = rows[0];
    expect(ticks.map((t) => t.label)).toEqual(['38⅔', '39', '39⅓', '39⅔', '40', '40⅓', '40⅔', '41', '41⅓', '41⅔']);
    expect(ticks.filter((t) => isWritten(t, 1, step))).toHaveLength(10);
    expect(ticks.filter((t) => isWritten(t, 2, step)).map((t) => t.label)).toEqual(['39', '40', '41']);
    expect(ticks.filter((t) => isWritten(t, 5, step)).map((t) => t.label)).toEqual(['40']);
  });
  it('are those of the shop’s usual scales', () => expect(STRIPS.every((id) => PUBLISHED.find(id))).toBe(true));
});
