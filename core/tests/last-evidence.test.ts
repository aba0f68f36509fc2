import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { compileInsole, gradeLast, innerWall, lastFromEvidence, outerWall, readInsole, shoePolygon, type InsideReading, type LastPrior } from '../src/last';
import type { Point } from '../src/shape';
import { anyLast } from './arbitrary';

const base = fc.sample(anyLast, { numRuns: 1, seed: 3 })[0];
const prior: LastPrior = { ...base, mark: 'claimed', grade: { ...base.grade, lengthPerSizeMm: 8.467 } };
const reading = (size: number, lengthMm: number, more: Partial<InsideReading> = {}): InsideReading => ({
  size,
  widthSteps: 0,
  side: 'left',
  who: 'Ada',
  lengthMm,
  ...more
});
const trueLength = (size: number, habit = 0): number => base.base.insoleMm + habit + (size - 6) * 8.467;

describe('a last out of what is known', () => {
  it('a label alone gives the kind’s own, with a wide spread, and says that all of it is filled in', () => {
    const { last, filled } = lastFromEvidence(prior, []);
    expect(last.base.insoleMm).toBeCloseTo(base.base.insoleMm, 1);
    expect(last.evidence).toMatchObject({ mark: 'claimed', lengthSdMm: 3.5 });
    expect(filled).toEqual(['length', 'ball width', 'heel width', 'ball girth']);
    expect(lastFromEvidence({ ...prior, mark: 'not-seen' }, []).last.evidence.lengthSdMm).toBe(7);
  });
  it('one traced insole moves the length most of the way and halves the doubt and more; the rest stays filled in', () => {
    const { last, filled } = lastFromEvidence(prior, [reading(8, trueLength(8) + 5)]);
    expect(last.base.insoleMm - base.base.insoleMm).toBeGreaterThan(3.2);
    expect(last.base.insoleMm - base.base.insoleMm).toBeLessThan(5);
    expect(last.evidence.lengthSdMm).toBeLessThan(2.6);
    expect(last.evidence.mark).toBe('measured');
    expect(filled).not.toContain('length');
    expect(filled).toContain('ball girth');
  });
  it('several sizes find the last’s own step, whatever its maker says', () => {
    const rows = [4, 5, 6, 7, 8, 9, 10].map((s) => reading(s, base.base.insoleMm + (s - 6) * 7.9, { who: s % 2 ? 'Ada' : 'Bo' }));
    const { last } = lastFromEvidence(prior, rows);
    expect(last.grade.lengthPerSizeMm).toBeGreaterThan(7.85);
    expect(last.grade.lengthPerSizeMm).toBeLessThan(8.1);
    expect(last.evidence.lengthSdMm).toBeLessThan(0.9);
  });
  it('more readings never make it less sure, and ten by one hand are not as good as two by each of five', () => {
    const many = (hands: number) => Array.from({ length: 10 }, (_, i) => reading(6 + (i % 3), trueLength(6 + (i % 3)), { who: `hand ${i % hands}` }));
    const sd = (rows: InsideReading[]) => lastFromEvidence(prior, rows).last.evidence.lengthSdMm;
    for (let n = 1; n < 10; n++) expect(sd(many(5).slice(0, n + 1))).toBeLessThanOrEqual(sd(many(5).slice(0, n)) + 1e-9);
    expect(sd(many(1))).toBeGreaterThan(sd(many(5)) + 0.1);
  });
  it('one reading far off all the others is named and left out', () => {
    const rows = [4, 5, 6, 7, 8].map((s) => reading(s, trueLength(s)));
    const slip = reading(9, trueLength(9) + 10, { who: 'Cy' });
    const { outliers, last } = lastFromEvidence(prior, [...rows, slip]);
    expect(outliers).toEqual([{ reading: slip, what: 'lengthMm', offMm: expect.closeTo(10, 0) }]);
    expect(last.base.insoleMm).toBeCloseTo(base.base.insoleMm, 0);
    expect(lastFromEvidence(prior, rows).outliers).toEqual([]);
  });
  it('left and right are kept apart', () => {
    const rows = [5, 6, 7, 8].flatMap((s) => [reading(s, trueLength(s) + 0.8), reading(s, trueLength(s) - 0.8, { side: 'right' })]);
    const { leftLessRight } = lastFromEvidence(prior, rows);
    expect(leftLessRight).toEqual([{ what: 'lengthMm', mm: expect.closeTo(1.6, 5), sdMm: expect.closeTo(0.71, 1) }]);
  });
  it('a wider letter is brought to the base width before it counts', () => {
    const wide = lastFromEvidence(prior, [
      { size: 6, widthSteps: 2, side: 'left', who: 'Ada', ballGirthMm: base.base.ballGirthMm + 2 * base.grade.girthPerWidthMm }
    ]);
    expect(wide.last.base.ballGirthMm).toBeCloseTo(base.base.ballGirthMm, 1);
    expect(() => lastFromEvidence(prior, [{ size: 6, widthSteps: 0, side: 'left', who: 'Ada' }])).toThrow(/no figure/);
  });
});

describe('a traced insole', () => {
  const traced = (seed: number, angle: number, side: 'left' | 'right', shake = 0): { points: Point[]; truth: ReturnType<typeof gradeLast> } => {
    const last = fc.sample(anyLast, { numRuns: 1, seed })[0];
    const truth = gradeLast(last, 6, 0);
    const sign = side === 'left' ? -1 : 1;
    const [c, s] = [Math.cos(angle), Math.sin(angle)];
    const points = shoePolygon(compileInsole(truth)).map(({ x, y }, i) => {
      const [dx, dy] = [shake * Math.sin(i * 2.3), shake * Math.cos(i * 3.1)];
      return { x: 90 + c * x - s * sign * y + dx, y: -(40 + s * x + c * sign * y) + dy };
    });
    return { points, truth };
  };
  it('gives its three numbers and its heel back, however it lies, left or right', () => {
    for (let seed = 1; seed < 25; seed++) {
      const side = seed % 2 ? ('left' as const) : ('right' as const);
      const { points, truth } = traced(seed, (seed - 12) / 4, side);
      const read = readInsole(points, side, truth.madeForFootMm);
      expect(Math.abs(read.lengthMm - truth.insoleLengthMm)).toBeLessThan(0.5);
      expect(Math.abs(read.ballMm - truth.ballWidthMm)).toBeLessThan(1);
      // A seat has no sharp place of its own.
      expect(Math.abs(read.heelMm - truth.heelWidthMm)).toBeLessThan(1.5);
      const shoe = compileInsole(truth);
      let narrow = Infinity;
      for (let x = 0.25; x < 0.6; x += 0.01) narrow = Math.min(narrow, innerWall(shoe, x * truth.insoleLengthMm) + outerWall(shoe, x * truth.insoleLengthMm));
      expect(Math.abs(read.narrowMm - narrow)).toBeLessThan(1);
    }
  });
  it('its toe curve lies on the traced one within half a millimetre, a shaky hand’s within one', () => {
    for (let seed = 1; seed < 20; seed++) {
      const { points, truth } = traced(seed, 0.2, 'left');
      expect(readInsole(points, 'left', truth.madeForFootMm).offMm).toBeLessThan(0.6);
      const shaky = traced(seed, 0.2, 'left', 0.4);
      expect(readInsole(shaky.points, 'left', truth.madeForFootMm).offMm).toBeLessThan(1.2);
    }
  });
  it('what is no insole is refused in words', () => {
    const ring = (rx: number, ry: number) => Array.from({ length: 90 }, (_, i) => ({ x: rx * Math.cos(i / 14.32), y: ry * Math.sin(i / 14.32) }));
    expect(() => readInsole(ring(20, 8), 'left')).toThrow(/mm long; insoles are 80 to 450/);
    expect(() => readInsole(ring(130, 125), 'left')).toThrow(/no insole is/);
    expect(() => readInsole([], 'left')).toThrow(/at least eight points/);
  });
});
