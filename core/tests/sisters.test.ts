import { describe, expect, it } from 'vitest';
import { mondopoint, partLetters, sisterSizes } from '../src/size';

describe('sister sizes', () => {
  it('8 E, 9 D and 10 C hold one girth; 11.5 E holds 3.2 mm more than 12 D (common practice, no source)', () => {
    const of9D = sisterSizes('us-m', 'us-letter', 'men', 9, 'D');
    expect(of9D.filter((s) => Math.abs(s.differenceMm) < 0.01).map((s) => `${s.label} ${s.letter}`)).toEqual(['7 EE', '8 E', '9 D', '10 C', '11 B']);
    const of12D = sisterSizes('us-m', 'us-letter', 'men', 12, 'D');
    expect(of12D.find((s) => s.label === '11.5' && s.letter === 'E')!.differenceMm).toBeCloseTo(3.175, 3);
  });
  it('stay within the scale and its letters', () => {
    for (const s of sisterSizes('us-w', 'us-letter', 'women', 1.5, 'AAAA')) expect(s.size).toBeGreaterThanOrEqual(1);
    expect(() => sisterSizes('us-m', 'us-letter', 'men', 9, 'Q')).toThrow(/no width “Q” in US letters/);
  });
});

describe('letters at heel, waist and ball', () => {
  it('a foot of even proportions has one letter, a combination different ones', () => {
    const ball = 248;
    const even = partLetters('us-letter', 'men', 269.7, { ballGirthMm: ball, waistGirthMm: 0.96 * ball, heelWidthMm: 0.676 * 0.405 * ball });
    expect(even.map((p) => p.letter)).toEqual(['D', 'D', 'D']);
    const combination = partLetters('us-letter', 'men', 269.7, {
      ballGirthMm: ball + 6.35,
      waistGirthMm: 0.96 * (ball - 12.7),
      heelWidthMm: 0.676 * 0.405 * (ball - 12.7)
    });
    expect(combination.map((p) => p.letter)).toEqual(['E', 'B', 'B']);
  });
  it('says when a part is beyond the letters', () => {
    expect(partLetters('us-letter', 'men', 269.7, { ballGirthMm: 330, waistGirthMm: 238, heelWidthMm: 68 })[0].beyond).toBe(true);
  });
  it('Mondopoint writes length and width together (ISO 9407, from memory)', () => expect(mondopoint(253.4, 97.6)).toBe('255/98'));
});
