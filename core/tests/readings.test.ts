import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { combineReadings, EXTRAS, extraProblem, MEASURES, readingSd, tipsOf, WAYS, type ExtraId } from '../src/measure';

describe('several readings of one measure', () => {
  it('one reading is itself, with the error of the way it was taken', () => {
    expect(combineReadings('lengthMm', [{ mm: 248, how: 'device' }])).toEqual({ mm: 248, sdMm: 1, disagreement: '' });
    expect(readingSd('lengthMm', 'tape')).toBe(1.5);
    expect(readingSd('ballGirthMm', 'stated')).toBe(6);
  });
  it('alike readings are averaged, unlike ones by their errors', () => {
    expect(
      combineReadings(
        'lengthMm',
        [248, 249].map((mm) => ({ mm, how: 'device' as const }))
      ).mm
    ).toBeCloseTo(248.5, 9);
    const mixed = combineReadings('lengthMm', [
      { mm: 250, how: 'device' },
      { mm: 246, how: 'stated' }
    ]);
    expect(mixed.mm).toBeGreaterThan(249);
  });
  it('more readings never make a value less sure, and never surer than the error they share', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...MEASURES.map((m) => m.id)),
        fc.constantFrom(...WAYS.map((w) => w.id)),
        fc.array(fc.double({ min: 240, max: 244, noNaN: true }), { minLength: 1, maxLength: 12 }),
        (id, how, values) => {
          const readings = values.map((mm) => ({ mm, how }));
          const { mm, sdMm } = combineReadings(id, readings);
          const alone = combineReadings(id, readings.slice(0, 1)).sdMm;
          expect(sdMm).toBeLessThanOrEqual(alone + 1e-9);
          expect(sdMm).toBeGreaterThanOrEqual(0.4 * alone - 1e-9);
          expect(mm).toBeGreaterThanOrEqual(Math.min(...values) - 1e-9);
          expect(mm).toBeLessThanOrEqual(Math.max(...values) + 1e-9);
        }
      )
    );
  });
  it('a disagreement beyond the error of the hand is asked about; a millimetre or two is not', () => {
    const pair = (a: number, b: number) =>
      combineReadings(
        'lengthMm',
        [a, b].map((mm) => ({ mm, how: 'device' as const }))
      ).disagreement;
    expect(pair(248, 250)).toBe('');
    expect(pair(248, 256)).toBe('Two readings of the length lie 8 mm apart; the hand explains about 2.6. Take it once more.');
    expect(
      combineReadings(
        'pointReachDeg',
        [80, 100].map((mm) => ({ mm, how: 'device' as const }))
      ).disagreement
    ).toContain('20 ° apart');
  });
  it('no reading is no value', () => expect(() => combineReadings('lengthMm', [])).toThrow(/needs a reading/));
});

describe('what else is taken of a foot', () => {
  it('each has a name, a definition, a range and an error', () => {
    for (const e of EXTRAS) {
      expect(e.definition.length).toBeGreaterThan(10);
      expect(e.range[0]).toBeLessThan(e.range[1]);
      expect(e.sd).toBeGreaterThan(0);
    }
  });
  it('says what can be and what was typed', () => {
    expect(extraProblem('pointReachDeg', 95)).toBe('');
    expect(extraProblem('pointReachDeg', 400)).toBe('point reach is 0 to 140 °; 400 was typed.');
  });
  it('toe tips count when all five are there', () => {
    const tips = Object.fromEntries([0, 2, 5, 12, 24].map((mm, i) => [`toe${i + 1}TipMm`, { mm }])) as Partial<Record<ExtraId, { mm: number }>>;
    expect(tipsOf(tips)).toEqual([0, 2, 5, 12, 24]);
    delete tips.toe3TipMm;
    expect(tipsOf(tips)).toBeUndefined();
  });
});
