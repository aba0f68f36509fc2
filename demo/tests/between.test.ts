import { describe, expect, it } from 'vitest';
import { FEELS, guessFoot, ORDINARY_WEAR, sizesThere, type Style } from '@chiave/core/fit';
import { allStyles } from '../lasts';

const styles = allStyles();
const styleOf = (id: string): Style => styles.find((s) => s.id === id)!;

describe('between makers, for people who only write', () => {
  it('goes through the inside where it is known, through the label where not, and says which', () => {
    const guess = guessFoot([
      { how: 'style', style: styleOf('second-violin'), size: 5, width: 'D', feel: 'comfortable' },
      { how: 'label', scale: 'eu', size: 38, feel: 'comfortable' }
    ]);
    expect(guess.lines.map((l) => l.way)).toEqual(['inside', 'label']);
    expect(guess.lines[0].sdMm).toBeLessThan(guess.lines[1].sdMm);
    expect(guess.lines[0].share).toBeGreaterThan(guess.lines[1].share);
    expect(guess.lines[0].share + guess.lines[1].share).toBeCloseTo(1, 9);
  });
  it('a tight shoe means a longer foot than a comfortable one of the same size', () => {
    const at = (feel: (typeof FEELS)[number]['id']) => guessFoot([{ how: 'label', scale: 'us-w', size: 7.5, feel }]).lengthMm;
    expect(at('tight')).toBeGreaterThan(at('half-tight'));
    expect(at('half-tight')).toBeGreaterThan(at('comfortable'));
    expect(at('comfortable')).toBeGreaterThan(at('loose'));
    expect(at('comfortable')).toBeCloseTo(237.07, 2);
  });
  it('more shoes narrow the doubt; shoes that contradict each other are named and widen it', () => {
    const one = guessFoot([{ how: 'label', scale: 'eu', size: 38, feel: 'comfortable' }]);
    const two = guessFoot([
      { how: 'label', scale: 'eu', size: 38, feel: 'comfortable' },
      { how: 'label', scale: 'uk', size: 5, feel: 'comfortable' }
    ]);
    expect(two.sdMm).toBeLessThan(one.sdMm);
    expect(two.contradict).toBe(false);
    const apart = guessFoot([
      { how: 'label', scale: 'eu', size: 36, feel: 'comfortable' },
      { how: 'label', scale: 'eu', size: 41, feel: 'comfortable' }
    ]);
    expect(apart.contradict).toBe(true);
    expect(apart.sdMm).toBeGreaterThan(two.sdMm);
  });
  it('a size worn in comfort comes back as that size in the same style', () => {
    for (const [id, size, width] of [
      ['usher', 42, '4'],
      ['hedger', 9, 'F'],
      ['pebble', 38, 'medium']
    ] as const) {
      const guess = guessFoot([{ how: 'style', style: styleOf(id), size, width, feel: 'comfortable' }]);
      const [best] = sizesThere(guess, styleOf(id), ORDINARY_WEAR, width);
      expect(Math.abs(best.sizeNumber - size)).toBeLessThanOrEqual(styleOf(id).step + 1e-9);
    }
  });
  it('gives several sizes with their chances, best first, each with what it would feel like', () => {
    const guess = guessFoot([{ how: 'label', scale: 'eu', size: 42, feel: 'comfortable' }]);
    const there = sizesThere(
      guess,
      styles.find((s) => s.last.id === 'kaede')!,
      ORDINARY_WEAR
    );
    expect(there.length).toBeGreaterThan(2);
    there.slice(1).forEach((s, i) => expect(s.probability).toBeLessThanOrEqual(there[i].probability));
    for (const s of there) expect(s.feel.length).toBeGreaterThan(0);
  });
  it('needs at least one shoe', () => expect(() => guessFoot([])).toThrow(/at least one shoe/));
});
