import { describe, expect, it } from 'vitest';
import { bestOfStyle, cellOf, footAsWorn, ORDINARY_WEAR, rankAll, rankStock, shorterOrLonger, sizesOf, splitPair, type Style } from '@chiave/core/fit';
import { completeFoot } from '@chiave/core/measure';
import { allStyles } from '../lasts';

const styles = allStyles();
const feet = (left: number, right = left, girth = 0.9) =>
  (['left', 'right'] as const).map((side, i) =>
    footAsWorn(completeFoot({ side, values: { lengthMm: { mm: [left, right][i] }, ballGirthMm: { mm: girth * [left, right][i] } } }), ORDINARY_WEAR)
  );
const sizeOf = (style: Style, label: string): number => sizesOf(style).find((s) => Math.abs(s - Number(label)) < 0.01)!;

describe('shorter with nothing, or longer and filled', () => {
  it('where both are offered the shorter fits as it is and is the shorter, the longer fits with what is named', () => {
    let offered = 0;
    for (const style of styles.filter((s) => s.step === 0.5 && ['oxford', 'lace-boot', 'sneaker', 'pump'].includes(s.kind))) {
      const own = feet(style.last.base.forFootMm - 2);
      const trade = shorterOrLonger(style, style.last.base.size, own, ORDINARY_WEAR);
      if (!trade) continue;
      offered++;
      const [short, long] = [sizeOf(style, trade.shorter.label), sizeOf(style, trade.longer.label)];
      expect(short).toBeLessThan(long);
      expect(cellOf(style, short, trade.shorter.width, own, ORDINARY_WEAR).fits).toBe(true);
      expect(trade.shorter.filled).toEqual([]);
      if (!cellOf(style, long, trade.longer.width, own, ORDINARY_WEAR).fits) expect(trade.longer.filled.length).toBeGreaterThan(0);
    }
    expect(offered).toBeGreaterThan(5);
  });
});

describe('a split pair', () => {
  const alderman = styles.find((s) => s.id === 'alderman')!;
  it('feet alike ask for none; feet a size and more apart get a size each, the longer foot the larger', () => {
    expect(splitPair(alderman, feet(265), ORDINARY_WEAR)).toBeNull();
    const split = splitPair(alderman, feet(256, 268), ORDINARY_WEAR)!;
    expect(split.apart).toBeGreaterThanOrEqual(1);
    expect(split.shorter).toBe('left');
    expect(Number(split.sizes.left.label)).toBeLessThan(Number(split.sizes.right.label));
    const mirrored = splitPair(alderman, feet(268, 256), ORDINARY_WEAR)!;
    expect(mirrored.sizes.left.label).toBe(split.sizes.right.label);
    expect(mirrored.shorter).toBe('right');
  });
});

describe('a stockroom ranked a step at a time', () => {
  const own = feet(245, 246);
  const some = styles.filter((s) => ['pump', 'flat', 'oxford', 'sneaker'].includes(s.kind));
  it('settles every style once, counts what it fitted, and brings what fits first', () => {
    const steps = [...rankStock(some, own, ORDINARY_WEAR)];
    const came = steps.flatMap((s) => (s.candidate ? [s.candidate] : []));
    const without = steps.flatMap((s) => (s.unranked ? [s.unranked.styleId] : []));
    expect(new Set([...came.map((c) => c.styleId), ...without]).size).toBe(some.length);
    expect(steps.at(-1)!.done).toBe(some.length);
    steps.slice(1).forEach((s, i) => expect(s.done).toBeGreaterThanOrEqual(steps[i].done));
    const firstMisfit = came.findIndex((c) => c.verdict !== 'fits');
    if (firstMisfit >= 0) expect(came.slice(firstMisfit).some((c) => c.verdict === 'fits')).toBe(false);
    const all = rankAll(some, own, ORDINARY_WEAR);
    expect(all.considered).toBe(steps.reduce((sum, s) => sum + s.considered, 0));
  });
  it('says of each style what ranking it alone says', () => {
    for (const { candidate } of rankStock(some.slice(0, 12), own, ORDINARY_WEAR)) {
      if (!candidate) continue;
      expect(
        bestOfStyle(
          some.find((s) => s.id === candidate.styleId)!,
          own,
          ORDINARY_WEAR
        ).candidate
      ).toEqual(candidate.whole());
    }
  });
});
