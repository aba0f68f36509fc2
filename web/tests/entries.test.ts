import { describe, expect, it } from 'vitest';
import type { FeetBody } from '../src/lib/api/shop-schema';
import { bodyOf, entriesOf, readEntry, stepped, withUnit, type Entries } from '../src/lib/ui/entries';

const entries = (left: Entries['left'], right: Entries['right'] = {}): Entries => ({ left, right });

describe('the fields of Measure', () => {
  it('keep what was typed and save only what can be read', () => {
    const typed = entries({ lengthMm: '9 3/4 in', ballGirthMm: 'wide', ballWidthMm: '' });
    expect(bodyOf(typed, 'left', 'mm')).toEqual({ lengthMm: { mm: expect.closeTo(247.65, 6), typed: '9 3/4 in', how: 'tape' } });
    expect(typed.left.ballGirthMm).toBe('wide');
    expect(readEntry(typed, 'left', 'ballGirthMm', 'mm').findings[0].level).toBe('refuse');
    expect(readEntry(typed, 'left', 'ballWidthMm', 'mm')).toEqual({ mm: null, findings: [] });
  });
  it('a bare number takes the unit it was typed under, so that a later switch does not change it', () => {
    expect(withUnit('24.8', 'cm')).toBe('24.8 cm');
    expect(withUnit('24,8 cm', 'mm')).toBe('24,8 cm');
    expect(withUnit('wide', 'cm')).toBe('wide');
    expect(bodyOf(entries({ lengthMm: '24.8' }), 'left', 'cm').lengthMm).toMatchObject({ mm: 248, typed: '24.8 cm' });
  });
  it('judges a measure by the length of the same foot', () => {
    const both = entries({ lengthMm: '250', ballGirthMm: '92' }, { ballGirthMm: '92' });
    expect(readEntry(both, 'left', 'ballGirthMm', 'mm').mm).toBeNull();
    expect(readEntry(both, 'right', 'ballGirthMm', 'mm').mm).toBe(92);
  });
  it('steps from what stands there, or begins at what is filled in', () => {
    expect(stepped('248 mm', undefined, 'mm', 1)).toBe('249 mm');
    expect(stepped('24.8 cm', undefined, 'mm', -1)).toBe('24.7 cm');
    expect(stepped('', 91.6, 'mm', 1)).toBe('92 mm');
    expect(stepped('9 3/4 in', undefined, 'mm', 1)).toBe('248.7 mm');
    expect(stepped('', undefined, 'mm', 1)).toBe('');
  });
  it('an earlier visit’s feet come back as they were typed', () => {
    const side = {
      values: { lengthMm: { mm: 248, typed: '24,8 cm', how: 'tape' } },
      toeShape: null,
      archType: null,
      bunionMm: null,
      hammerToeMm: null,
      ankleReachDeg: null
    };
    expect(entriesOf({ left: side, right: { ...side, values: {} } } as FeetBody)).toEqual({ left: { lengthMm: '24,8 cm' }, right: {} });
  });
});
