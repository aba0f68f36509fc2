import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { evenly, longAxis, sectionOf, spread, turned, type Point } from '../src/shape';

const angle = fc.double({ min: -Math.PI / 2 + 0.01, max: Math.PI / 2 - 0.01, noNaN: true });
const box = (length: number, width: number): Point[] => [
  { x: 0, y: 0 },
  { x: length, y: 0 },
  { x: length, y: width },
  { x: 0, y: width }
];
const perimeter = (points: readonly Point[]): number =>
  points.reduce((sum, p, i) => sum + Math.hypot(points[(i + 1) % points.length].x - p.x, points[(i + 1) % points.length].y - p.y), 0);

describe('points along an outline', () => {
  it('stand no further apart than asked, on the outline, and go round it once', () => {
    fc.assert(
      fc.property(fc.double({ min: 20, max: 300, noNaN: true }), fc.double({ min: 10, max: 120, noNaN: true }), (length, width) => {
        const points = evenly(box(length, width), 2);
        points.forEach((p, i) => {
          const q = points[(i + 1) % points.length];
          expect(Math.hypot(q.x - p.x, q.y - p.y)).toBeLessThanOrEqual(2 + 1e-9);
          expect(p.x === 0 || p.y === 0 || Math.abs(p.x - length) < 1e-9 || Math.abs(p.y - width) < 1e-9).toBe(true);
        });
        expect(perimeter(points)).toBeCloseTo(2 * (length + width), 6);
      })
    );
  });
  it('the direction in which they are longest is found, however they are turned', () => {
    fc.assert(
      fc.property(angle, (by) => {
        const points = turned(evenly(box(200, 60)), -by);
        expect(longAxis(points)).toBeCloseTo(by, 6);
        const [low, high] = spread(turned(points, by).map((p) => p.x));
        expect(high - low).toBeCloseTo(200, 6);
      })
    );
  });
  it('turned there and back they are where they were, and no distance has changed', () => {
    fc.assert(
      fc.property(angle, (by) => {
        const points = box(120, 40);
        turned(turned(points, by), -by).forEach((p, i) => {
          expect(p.x).toBeCloseTo(points[i].x, 9);
          expect(p.y).toBeCloseTo(points[i].y, 9);
        });
        expect(perimeter(turned(points, by))).toBeCloseTo(perimeter(points), 9);
      })
    );
  });
});

describe('a section across the ball', () => {
  const width = fc.double({ min: 70, max: 115, noNaN: true });
  const share = fc.double({ min: 2.35, max: 2.7, noNaN: true });
  it('has the girth and the width it was asked for and stands on its flat bottom', () => {
    fc.assert(
      fc.property(width, share, (w, s) => {
        const { outline, girthMm } = sectionOf(0.85 * w, w, s * w);
        expect(girthMm).toBeCloseTo(s * w, 3);
        expect(perimeter(outline)).toBeCloseTo(s * w, 3);
        const [left, right] = spread(outline.map((p) => p.x));
        expect(right - left).toBeCloseTo(w, 1);
        expect(Math.min(...outline.map((p) => p.y))).toBeCloseTo(0, 9);
      })
    );
  });
  it('more girth on the same width stands higher, and its crown to the inner side', () => {
    fc.assert(
      fc.property(width, share, (w, s) => {
        const [low, high] = [sectionOf(0.85 * w, w, s * w), sectionOf(0.85 * w, w, (s + 0.05) * w)];
        expect(high.heightMm).toBeGreaterThan(low.heightMm);
        const crown = low.outline.reduce((top, p) => (p.y > top.y ? p : top));
        expect(crown.x).toBeGreaterThan(0);
      })
    );
  });
});
