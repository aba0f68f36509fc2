import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { STEADY, steadyReading, type GaugeSample } from '../src/measure';

const at = (t: number, lengthMm: number, side: 'left' | 'right' = 'left'): GaugeSample => ({
  t,
  side,
  values: { lengthMm, ballLengthMm: 180, ballWidthMm: 93 }
});
const still = (n: number, mm = 248, from = 0) => Array.from({ length: n }, (_, i) => at(from + i * 100, mm + (i % 2 ? 0.3 : -0.3)));

describe('a gauge’s figures are taken when they stand still', () => {
  it('not before they have stood long enough, then as their mean', () => {
    expect(steadyReading([])).toBeNull();
    expect(steadyReading(still(6))).toBeNull();
    const read = steadyReading(still(14))!;
    expect(read.lengthMm).toBeCloseTo(248, 1);
    expect(read.sdMm).toBeGreaterThan(0);
    expect(read.sdMm).toBeLessThan(0.2);
    expect(read.samples).toBeGreaterThanOrEqual(STEADY.samples);
  });
  it('not while the foot still slides, nor across a lifted foot, the other foot or a gap', () => {
    expect(steadyReading(Array.from({ length: 20 }, (_, i) => at(i * 100, 248 + 6 * Math.exp(-i / 6))))).toBeNull();
    expect(steadyReading([...still(14), { t: 1400, side: 'left', values: null }])).toBeNull();
    expect(steadyReading([...still(14), at(1400, 248, 'right')])).toBeNull();
    expect(steadyReading([...still(7), ...still(7, 248, 2000)])).toBeNull();
  });
  it('some lines lost do no harm', () => {
    expect(steadyReading(still(20).filter((_, i) => i % 4 !== 1))).not.toBeNull();
  });
  it('whatever came before, the newest steady stretch decides, within the range it stood in', () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: 200, max: 300, noNaN: true }), { maxLength: 30 }), fc.double({ min: 200, max: 300, noNaN: true }), (before, mm) => {
        const samples = [...before.map((v, i) => at(i * 100, v)), ...still(18, mm, before.length * 100 + 5000)];
        expect(Math.abs(steadyReading(samples)!.lengthMm - mm)).toBeLessThan(0.31);
      })
    );
  });
});
