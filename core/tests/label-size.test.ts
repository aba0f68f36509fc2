import { describe, expect, it } from 'vitest';
import { claimedFootMm, footAsWorn, ORDINARY_WEAR, rankAll, shoeOf, type Candidate } from '../src/fit';
import { completeFoot } from '../src/measure';
import { readLabel, SCALE, schoolOf } from '../src/size';
import { allStyles } from '../../demo/lasts';

const styles = allStyles();
const ranked = (lengthMm: number, ballGirthMm: number): { longest: number; candidates: Candidate[] } => {
  const feet = (['left', 'right'] as const).map((side, i) =>
    footAsWorn(completeFoot({ side, values: { lengthMm: { mm: lengthMm + i }, ballGirthMm: { mm: ballGirthMm } } }), ORDINARY_WEAR)
  );
  return { longest: lengthMm + 1, candidates: rankAll(styles, feet, ORDINARY_WEAR).candidates };
};

describe('why a size is not the one its label would say', () => {
  it('is told in one line where the two are half a size or more apart, and nowhere else', () => {
    let told = 0;
    for (const [length, girth] of [
      [238, 219],
      [231, 244],
      [264, 236]
    ] as const) {
      const { longest, candidates } = ranked(length, girth);
      for (const c of candidates) {
        const style = styles.find((s) => s.id === c.styleId)!;
        const labelled = readLabel(SCALE[style.scale], style.school, longest, style.step).size;
        const apart = Math.abs(c.sizeNumber - labelled) >= 0.5 - 1e-6;
        expect(c.notTheLabel !== null, `${c.styleId} ${c.size} against ${labelled}`).toBe(apart);
        if (c.notTheLabel === null) continue;
        told++;
        expect(c.notTheLabel).toMatch(/^By its label [\d ./]+(,|, but there:|, in which it is not made)/);
        expect(c.notTheLabel).not.toContain('\n');
      }
    }
    expect(told).toBeGreaterThan(50);
  });
  it('names what would be off in that size: a foot fuller than its length asks for a longer shoe where no width is left', () => {
    const { candidates } = ranked(231, 250);
    const full = candidates.filter((c) => c.notTheLabel?.includes('but there:'));
    expect(full.some((c) => /ball girth|ball width|instep/.test(c.notTheLabel!))).toBe(true);
  });
  it('says that a last runs long or short only where it does so against its own label, whatever the foot', () => {
    let said = 0;
    for (let length = 222; length <= 282; length += 5) {
      const { longest, candidates } = ranked(length, 0.94 * length);
      for (const c of candidates) {
        if (!c.notTheLabel?.includes('which would do')) continue;
        const style = styles.find((s) => s.id === c.styleId)!;
        const { size } = readLabel(SCALE[style.scale], style.school, longest, style.step);
        const habit = (shoeOf(style, size, c.width).inside.madeForFootMm - claimedFootMm(style, size)) / schoolOf(SCALE[style.scale], style.school).unitMm;
        const way = Math.abs(habit) < 0.25 ? null : habit > 0 ? 'long' : 'short';
        expect(/the last runs (long|short)/.exec(c.notTheLabel)?.[1] ?? null, `${c.styleId} ${size}`).toBe(way);
        said++;
      }
    }
    expect(said).toBeGreaterThan(0);
  });
});
