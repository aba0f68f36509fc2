import { checkFit, footAsWorn, KIND, ORDINARY_WEAR, shoeOf, type Style } from '@chiave/core/fit';
import { completeFoot, SIDES, SOCK } from '@chiave/core/measure';
import { planOccasion } from '@chiave/core/heel';
import { describe, expect, it } from 'vitest';
import { allStyles } from '../../demo/lasts';
import { stockPairs } from '../src/lib/stock-pairs';

const styles = allStyles() as Style[];
const feet = SIDES.map((side) => completeFoot({ side, values: { lengthMm: { mm: 240 }, ballGirthMm: { mm: 221 } } }));
const all = (): ReturnType<typeof stockPairs> extends Generator<undefined, infer R> ? R : never => {
  const job = stockPairs(styles, feet);
  for (;;) {
    const { done, value } = job.next();
    if (done) return value;
  }
};

describe('heels of the stockroom for an occasion', () => {
  const pairs = all();
  it('are street heels that fit both feet, each style once in a size it is made in', () => {
    expect(pairs.length).toBeGreaterThan(4);
    expect(new Set(pairs.map((p) => p.styleId)).size).toBe(pairs.length);
    const worn = feet.map((foot) => footAsWorn(foot, { ...ORDINARY_WEAR, sockMm: SOCK.stocking.mm }));
    for (const pair of pairs) {
      const style = styles.find((s) => s.id === pair.styleId)!;
      expect(KIND[style.kind].street).toBe(true);
      const shoe = shoeOf(style, Number.parseFloat(pair.size.replace(' 1/2', '.5')), pair.width);
      expect(checkFit(worn, shoe, { ...ORDINARY_WEAR, sockMm: SOCK.stocking.mm }).verdict).toBe('fits');
      expect(pair.made.heelHeightMm).toBe(style.heelHeightMm);
      expect(pair.slideMm).toBeGreaterThanOrEqual(0);
    }
  });
  it('are planned with: of a lawn and a dance one of them is chosen', () => {
    const part = { wet: false, turns: false, formality: 4, seen: 1, heightMatters: false } as const;
    const job = planOccasion({
      foot: { lengthMm: 240 },
      weightKg: 60,
      ankleReachDeg: 55,
      reachSchool: 'middle',
      segments: [
        { ...part, name: 'vows', minutes: 40, doing: 'standing', ground: 'lawn-clay-moist' },
        { ...part, name: 'dance', minutes: 120, doing: 'dancing', ground: 'oak' }
      ],
      shoes: pairs,
      wishes: { partner: null, statureMm: 1650, longSkirt: false, hem: false, weights: { comfort: 1, risk: 1, look: 1 } }
    });
    let end = job.next();
    while (!end.done) end = job.next();
    expect(pairs.map((p) => p.id)).toContain(end.value.one!.pairs[0]);
  });
});
