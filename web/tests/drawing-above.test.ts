import { checkFit, drawFit, footAsWorn, ORDINARY_WEAR, ZONES } from '@chiave/core/fit';
import { smoothClosed, type Point } from '@chiave/core/shape';
import { describe, expect, it } from 'vitest';
import { TALL, callOuts, zonePlace } from '../src/lib/drawing/above/call-outs';
import { besideFoot, edgeRuns } from '../src/lib/drawing/above/edge-runs';
import { shadeOf } from '../src/lib/drawing/above/paths';
import { SMALL, smallPair } from '../src/lib/drawing/above/small-pair';
import { ODD_CASES, oddPair } from '../src/lib/drawing/odd-feet';
import { toScreen } from '../src/lib/drawing/place';
import { EDGE_CUTS } from '../src/lib/drawing/tightness';

const place = toScreen('left', 200, 440, 1.6);
const drawn = ODD_CASES.map((odd) => {
  const { foot, shoe } = oddPair(odd);
  const worn = footAsWorn(foot, ORDINARY_WEAR);
  return { name: odd.name, shoe, drawing: drawFit(worn, shoe, ORDINARY_WEAR), fit: checkFit([worn], shoe, ORDINARY_WEAR, [], 16).feet[0] };
});
const inside = (line: readonly Point[], { x, y }: Point): boolean =>
  line.reduce((odd, a, i) => {
    const b = line[(i + 1) % line.length];
    return a.y > y !== b.y > y && x < ((b.x - a.x) * (y - a.y)) / (b.y - a.y) + a.x ? !odd : odd;
  }, false);

describe.each(drawn)('$name', ({ drawing, fit, shoe }) => {
  it('keeps its nails, its clefts’ shade and the places of its zones on the foot', () => {
    const line = smoothClosed(drawing.foot.knots);
    for (const toe of drawing.foot.toes) for (const p of toe.nail) expect(inside(line, p)).toBe(true);
    for (const [, end] of shadeOf(drawing.foot).clefts) expect(inside(line, end)).toBe(true);
    for (const { id, place: at } of ZONES) {
      const p = zonePlace(drawing, id);
      if (at !== 'first-toe' && Math.abs(at.across) < 0.9 && at.along > 0.05 && at.along < 0.9) expect(inside(line, p)).toBe(true);
    }
  });
  it('colours no place that is right, and the toes’ fronts as the toe room is', () => {
    const off = besideFoot(drawing)
      .flat()
      .filter(({ clearanceMm: mm }) => mm < EDGE_CUTS.b || mm > EDGE_CUTS.c);
    const sides = edgeRuns(drawing, 'right', place);
    expect(sides.length > 0).toBe(off.length > 0);
    expect(edgeRuns(drawing, 'too-tight', place)).toHaveLength(sides.length + 5);
  });
  it('says at most two things of a foot, none of what is right, none over the lines of another', () => {
    const outs = callOuts(fit, drawing, place, 40, 420);
    expect(outs.length).toBeLessThanOrEqual(2);
    for (const { zone } of outs) expect(zone.state).not.toBe('right');
    if (outs.length === 2) expect(outs[1].y - outs[0].y).toBeGreaterThanOrEqual(TALL);
    for (const { y } of outs) expect(y <= 420).toBe(true);
    const wrong = fit.zones.filter((z) => z.decides && z.state !== 'right').length;
    expect(outs).toHaveLength(Math.min(2, wrong));
    expect(shoe.inside.insoleLengthMm).toBeGreaterThan(100);
  });
});

describe('left and right', () => {
  it('mirror each other: the same foot drawn for the other side lies as far on the other side of its middle', () => {
    const [{ drawing }] = drawn;
    const right = toScreen('right', 200, 440, 1.6);
    for (const k of drawing.foot.knots) expect(place(k).x - 200).toBeCloseTo(200 - right(k).x, 9);
  });
});

describe('a pair as large as a card allows', () => {
  const parts = (path: string): Point[][] =>
    path
      .split('M')
      .slice(1)
      .map((part) => [...part.matchAll(/(-?[\d.]+),(-?[\d.]+)/g)].map(([, x, y]) => ({ x: Number(x), y: Number(y) })));
  const pairs = drawn.map(({ name, drawing, fit }) => {
    const room = fit.zones.find((z) => z.zone === 'toe-room')?.state;
    return { name, lines: smallPair([{ side: 'left', drawing }, { side: 'right', drawing }], { left: room, right: room }) }; // prettier-ignore
  });
  it.each(pairs)('$name: one path a kind, mirrored, within the card, its points no nearer than a pixel', ({ lines }) => {
    for (const line of ['outside', 'inside', 'opening', 'foot'] as const) {
      const [left, right, ...more] = parts(lines[line]);
      expect(more).toEqual([]);
      left.forEach((p, i) => {
        expect(Math.abs(SMALL.width - p.x - right[i].x)).toBeLessThan(0.11);
        expect(p.x > 0 && p.x < SMALL.width && p.y > 0 && p.y < SMALL.height).toBe(true);
        if (i > 0) expect(Math.hypot(p.x - left[i - 1].x, p.y - left[i - 1].y)).toBeGreaterThan(1);
      });
    }
    expect(lines.edges.length).toBeLessThanOrEqual(4);
    // A page of cards pays by the letter.
    expect(JSON.stringify(lines).length).toBeLessThan(14_000);
  });
  it('its foot keeps its toes: five tips stand before four webs', () => {
    const [left] = parts(pairs[0].lines.foot);
    const tips = left.filter((p, i) => {
      const [a, b] = [left[(i + left.length - 1) % left.length], left[(i + 1) % left.length]];
      return p.y < SMALL.height / 2 && p.y < a.y && p.y <= b.y;
    });
    expect(tips).toHaveLength(5);
  });
});
