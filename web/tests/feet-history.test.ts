import { describe, expect, it } from 'vitest';
import { ageAt, nextCheck, seriesOf, yearOf } from '../src/lib/feet-history';
import type { CustomerRow } from '../src/lib/api/rows';
import type { FittingRow } from '../src/lib/api/rows';

const person = (more: Partial<CustomerRow> = {}): CustomerRow => ({
  id: 1,
  name: 'A',
  born: 1990,
  bornMonth: null,
  work: '',
  story: null,
  fitsAs: 'women',
  flags: [],
  version: 0,
  consentAt: null,
  consentNote: '',
  erasedAt: null,
  consents: { fitting: null, health: null, photos: null, reminders: null },
  guardian: '',
  withheld: false,
  ...more
});
const visit = (openedAt: string, left: number, right: number, weightKg: number | null = null): FittingRow =>
  ({
    openedAt,
    weightKg,
    feet: {
      left: { values: { lengthMm: { mm: left, how: 'device' } } },
      right: { values: { lengthMm: { mm: right, how: 'device' } } }
    },
    tries: []
  }) as unknown as FittingRow;

describe('feet over the years', () => {
  it('series run from the oldest visit, left against right beside them', () => {
    const series = seriesOf([visit('2026-05-01T10:00:00.000Z', 251, 254), visit('2024-05-01T10:00:00.000Z', 250, 252)], 'lengthMm');
    expect(series.sides.left.points.map((p) => p.mm)).toEqual([250, 251]);
    expect(series.apart.map((p) => p.mm)).toEqual([-2, -3]);
    expect(series.sides.left.trend!.real).toBe(false);
    expect(yearOf('2026-01-01T00:00:00.000Z')).toBeCloseTo(2026, 2);
  });
  it('a child’s next check comes after months, an elder’s after a year, an adult’s at the next purchase', () => {
    const due = (born: number, more: Partial<CustomerRow> = {}) =>
      nextCheck(person({ born, ...more }), [visit('2026-01-15T10:00:00.000Z', 200, 200)], '2026-11-25T00:00:00.000Z');
    expect(due(2019)).toMatchObject({ months: 6, overdue: true, growsMmPerYear: 9, due: expect.stringMatching(/^2026-07-15/) });
    expect(due(1960)).toMatchObject({ months: 12, overdue: false, growsMmPerYear: 0 });
    expect(due(1990)).toMatchObject({ months: 24, overdue: false });
    expect(due(1990, { flags: ['pregnant'] })).toMatchObject({ months: 3, overdue: true });
    expect(nextCheck(person(), [], '2026-11-25T00:00:00.000Z').due).toBeNull();
  });
  it('a changed weight asks for another look', () => {
    const visits = [visit('2026-10-01T10:00:00.000Z', 250, 250, 82), visit('2025-10-01T10:00:00.000Z', 250, 250, 70)];
    expect(nextCheck(person(), visits, '2026-11-25T00:00:00.000Z').why).toBe('weight');
  });
  it('age counts to the month where it is known', () => {
    expect(ageAt({ born: 2020, bornMonth: 1 }, '2026-01-16T00:00:00.000Z')).toBeCloseTo(6, 1);
    expect(ageAt({ born: 2020, bornMonth: 12 }, '2026-01-16T00:00:00.000Z')).toBeCloseTo(5.1, 1);
    expect(ageAt({ born: null, bornMonth: null }, '2026-01-16T00:00:00.000Z')).toBeUndefined();
  });
});
