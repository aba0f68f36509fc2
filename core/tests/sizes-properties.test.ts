import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { convertLabel, fromFootMm, readLabel, SCALES, toFootMm, type LengthScale, type School } from '../src/size';

const scales = SCALES.filter((s) => !s.rule);
const pairs: { scale: LengthScale; school: School }[] = scales.flatMap((scale) => scale.schools.map((school) => ({ scale, school })));

describe('every scale and school', () => {
  it('gives a label back through millimetres', () => {
    fc.assert(
      fc.property(fc.constantFrom(...pairs), fc.nat(), ({ scale, school }, n) => {
        const steps = Math.round((scale.range[1] - scale.range[0]) / scale.step);
        const size = scale.range[0] + (n % (steps + 1)) * scale.step;
        const read = readLabel(scale, school.id, toFootMm(school, size));
        expect(read.size).toBeCloseTo(size, 9);
        expect(read.remainderMm).toBeCloseTo(0, 9);
      })
    );
  });
  it('never gives a longer foot a smaller size', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...pairs),
        fc.double({ min: 80, max: 390, noNaN: true }),
        fc.double({ min: 0, max: 10, noNaN: true }),
        ({ scale, school }, mm, more) => {
          expect(fromFootMm(school, mm + more)).toBeGreaterThanOrEqual(fromFootMm(school, mm));
          expect(readLabel(scale, school.id, mm + more).size).toBeGreaterThanOrEqual(readLabel(scale, school.id, mm).size);
        }
      )
    );
  });
  it('converts a label to itself', () => {
    for (const scale of scales) {
      for (const school of scale.schools) {
        const size = Math.round((scale.range[0] + scale.range[1]) / 2 / scale.step) * scale.step;
        const reading = convertLabel({ scale: scale.id, size, school: school.id }, [scale.id]).readings[0];
        expect(reading.exact).toBeCloseTo(size, 9);
      }
    }
  });
  it('has a source, a unit above nought, and an allowance only on a last basis', () => {
    for (const { school } of pairs) {
      expect(school.source.length).toBeGreaterThan(3);
      expect(school.unitMm).toBeGreaterThan(0);
      if (school.basis === 'foot') expect(school.allowanceMm).toBe(0);
    }
  });
});
