import { describe, expect, it } from 'vitest';
import { aboutWords, rangeWords, slides } from '../src/lib/range-words';

describe('lengths that lie between two others', () => {
  it('say both ends, and one where both read alike', () => {
    expect(rangeWords(1.2, 3.4, 'mm')).toBe('1.2 mm to 3.4 mm');
    expect(rangeWords(1.21, 1.22, 'mm')).toBe('1.2 mm');
    expect(rangeWords(10, 14, 'cm')).toBe('1 cm to 1.4 cm');
  });
  it('say what is most likely first', () => {
    expect(aboutWords({ lowMm: 1, centreMm: 2, highMm: 3 }, 'mm')).toBe('2 mm (1 mm to 3 mm)');
    expect(aboutWords({ lowMm: 2, centreMm: 2, highMm: 2 }, 'mm')).toBe('2 mm');
  });
  it('a foot slides where it reads as anything in the unit shown', () => {
    expect(slides({ highMm: 0 }, 'mm')).toBe(false);
    expect(slides({ highMm: 0.01 }, 'mm')).toBe(false);
    expect(slides({ highMm: 0.4 }, 'mm')).toBe(true);
    expect(slides({ highMm: 4 }, 'in')).toBe(true);
  });
});
