import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { compileFootShape, footPolygon, type FootPlan, type Point } from '../src/shape';
import { measureOutline, outlineSvg } from '../src/tracing';

const plan = fc
  .record({
    lengthMm: fc.double({ min: 120, max: 310, noNaN: true }),
    ball: fc.double({ min: 0.715, max: 0.735, noNaN: true }),
    outer: fc.double({ min: 0.625, max: 0.645, noNaN: true }),
    width: fc.double({ min: 0.355, max: 0.41, noNaN: true }),
    heel: fc.double({ min: 0.24, max: 0.265, noNaN: true }),
    toeShape: fc.constantFrom('egyptian', 'greek', 'square') as fc.Arbitrary<FootPlan['toeShape']>
  })
  .map(({ lengthMm: L, ball, outer, width, heel, toeShape }): FootPlan => ({
    lengthMm: L,
    ballLengthMm: ball * L,
    outerBallLengthMm: outer * L,
    ballWidthMm: width * L,
    heelWidthMm: heel * L,
    toeShape,
    bunionMm: 0,
    littleToeBunionMm: 0
  }));
/** An outline on a sheet: any place, any direction, y down. */
const laid = (foot: FootPlan, side: 'left' | 'right', angle: number): Point[] => {
  const sign = side === 'left' ? -1 : 1;
  const [c, s] = [Math.cos(angle), Math.sin(angle)];
  return footPolygon(compileFootShape(foot, 0)).map(({ x, y }) => ({ x: 100 + c * x - s * sign * y, y: -(70 + s * x + c * sign * y) }));
};
const angle = fc.double({ min: -3.1, max: 3.1, noNaN: true });
const side = fc.constantFrom('left' as const, 'right' as const);

describe('a traced outline read as a foot', () => {
  it('gives length and widths back within half a millimetre, wherever and however it lies', () => {
    fc.assert(
      fc.property(plan, side, angle, (foot, which, turn) => {
        const { values, doubt } = measureOutline(laid(foot, which, turn), which);
        expect(Math.abs(values.lengthMm! - foot.lengthMm)).toBeLessThan(0.5);
        expect(Math.abs(values.ballWidthMm! - foot.ballWidthMm)).toBeLessThan(0.5);
        expect(Math.abs(values.heelWidthMm! - foot.heelWidthMm)).toBeLessThan(0.5);
        // An outline shows where it bulges, not where the joints lie.
        expect(Math.abs(values.ballLengthMm! - foot.ballLengthMm)).toBeLessThan(5);
        expect(doubt).toBe('');
      }),
      { numRuns: 60 }
    );
  });
  it('finds the five toes with their ends in order, and which is longest', () => {
    const foot = (toeShape: FootPlan['toeShape']): FootPlan => ({
      lengthMm: 250,
      ballLengthMm: 181,
      outerBallLengthMm: 159,
      ballWidthMm: 94,
      heelWidthMm: 62,
      toeShape,
      bunionMm: 0,
      littleToeBunionMm: 0
    });
    expect(measureOutline(laid(foot('egyptian'), 'left', 0.3), 'left').values.toe1TipMm).toBeCloseTo(0, 1);
    const greek = measureOutline(laid(foot('greek'), 'right', 2), 'right').values;
    expect(greek.toe2TipMm).toBeCloseTo(0, 1);
    expect(greek.toe1TipMm).toBeCloseTo(0.018 * 250, 0);
    expect(greek.toe5TipMm!).toBeGreaterThan(greek.toe4TipMm!);
  });
  it('mirror-image feet read alike, and a foot called the other one is doubted', () => {
    fc.assert(
      fc.property(plan, angle, (foot, turn) => {
        const [l, r] = [measureOutline(laid(foot, 'left', turn), 'left').values, measureOutline(laid(foot, 'right', turn), 'right').values];
        expect(l.ballWidthMm).toBeCloseTo(r.ballWidthMm!, 1);
        expect(l.ballLengthMm).toBeCloseTo(r.ballLengthMm!, 0);
        expect(measureOutline(laid(foot, 'left', turn), 'right').doubt).toContain('looks like the left foot');
      }),
      { numRuns: 40 }
    );
  });
  it('what is no foot is refused in words', () => {
    const ring = (rx: number, ry: number) => Array.from({ length: 90 }, (_, i) => ({ x: rx * Math.cos(i / 14.32), y: ry * Math.sin(i / 14.32) }));
    expect(() => measureOutline(ring(20, 8), 'left')).toThrow(/mm long; feet are 80 to 400/);
    expect(() => measureOutline(ring(120, 118), 'left')).toThrow(/as wide as long; no foot is/);
    expect(() => measureOutline(ring(120, 10), 'left')).toThrow(/no foot is/);
    expect(() => measureOutline([], 'left')).toThrow(/at least eight points/);
  });
  it('goes out as SVG in millimetres, true to size, with nothing of the title run', () => {
    const foot = laid(
      { lengthMm: 250, ballLengthMm: 181, outerBallLengthMm: 159, ballWidthMm: 94, heelWidthMm: 62, toeShape: 'square', bunionMm: 0, littleToeBunionMm: 0 },
      'left',
      0
    );
    const svg = outlineSvg(measureOutline(foot, 'left').outline, 'left', 'left <script>');
    const height = Number(/height="([\d.]+)mm"/.exec(svg)![1]);
    expect(height).toBeCloseTo(260, 0);
    expect(svg).not.toContain('<script>');
    // Read again from the file it is the same foot, not its mirror image.
    const back = [...svg.matchAll(/[ML]([\d.]+) ([\d.]+)/g)].map((m) => ({ x: Number(m[1]), y: Number(m[2]) }));
    expect(measureOutline(back, 'left')).toMatchObject({ doubt: '', values: { lengthMm: expect.closeTo(250, 0) } });
    expect(svg).toMatch(/viewBox="0 0 [\d.]+ [\d.]+"/);
  });
});
