import { describe, expect, it } from 'vitest';
import { FEELS, ORDINARY_WEAR, shoeOf, type KindId, type Style } from '@chiave/core/fit';
import { labelSays, labelShoe, learnFeet, questionsOf, sendPlan, wearOfKnown, type KnownPair, type LearnedFeet } from '@chiave/core/learn';
import { PUBLISHED } from '@chiave/core/size';
import { allStyles } from '../lasts';

const styles = allStyles();
const styleOf = (id: string): Style => styles.find((s) => s.id === id)!;
type Feel = (typeof FEELS)[number]['id'];
const byStyle = (id: string, size: number, width: string, whole: Feel = 'comfortable'): KnownPair => {
  const style = styleOf(id);
  const shoe = shoeOf(style, size, width);
  return { id, shoe, lastId: style.last.id, mark: style.last.evidence.mark, wear: wearOfKnown(shoe, ORDINARY_WEAR), whole, zones: {}, worn: true };
};
const byLabel = (scale: string, size: number, whole: Feel = 'comfortable', kind: KindId = 'oxford'): KnownPair => {
  const { footMm, stepMm, name } = labelSays(PUBLISHED, scale, size);
  const shoe = labelShoe(kind, footMm);
  return { id: name, shoe, lastId: null, mark: 'not-seen', labelStepMm: stepMm, wear: wearOfKnown(shoe, ORDINARY_WEAR), whole, zones: {}, worn: true };
};
const learn = (...pairs: KnownPair[]): LearnedFeet => learnFeet({ pairs, tape: {}, preference: 'regular' });
const planFor = (style: Style, ...pairs: KnownPair[]) => sendPlan({ pairs, tape: {}, preference: 'regular' }, [style], ORDINARY_WEAR);

describe('between makers, for people who only write', () => {
  it('a shoe whose inside is known says more than a label, and shares make one', () => {
    const { pairs } = learn(byStyle('second-violin', 5, 'D'), byLabel('eu', 38));
    expect(pairs[0].aloneSdMm).toBeLessThan(pairs[1].aloneSdMm);
    expect(pairs[0].share).toBeGreaterThan(pairs[1].share);
    expect(pairs[0].share + pairs[1].share).toBeCloseTo(1, 9);
  });
  it('a tight shoe means a longer foot than a comfortable one of the same size, and that is about what its label says', () => {
    const at = (feel: Feel) => learn(byLabel('us-w', 7.5, feel)).feet.left.lengthMm.mm;
    const lengths = FEELS.map((f) => at(f.id));
    for (let i = 1; i < lengths.length; i++) expect(lengths[i]).toBeLessThan(lengths[i - 1]);
    expect(Math.abs(at('comfortable') - labelSays(PUBLISHED, 'us-w', 7.5).footMm)).toBeLessThan(2);
  });
  it('more shoes narrow the doubt; one that speaks like another size is asked about by name', () => {
    const one = learn(byStyle('usher', 42, '4'));
    const three = learn(byStyle('usher', 42, '4'), byStyle('second-violin', 8.5, 'F'), byStyle('tarn', 42, '4'));
    expect(three.feet.left.lengthMm.sdMm).toBeLessThan(one.feet.left.lengthMm.sdMm);
    const odd = learn(byStyle('usher', 42, '4'), byStyle('tarn', 42, '4'), byLabel('eu', 42), byLabel('eu', 42), byLabel('eu', 35));
    expect(questionsOf(odd, (id) => id, String).join(' ')).toMatch(/continental 35/); // prettier-ignore
  });
  it('a size worn in comfort comes back as that size in the same style', () => {
    for (const [id, size, width] of [
      ['usher', 42, '4'],
      ['hedger', 9, 'F'],
      ['pebble', 38, 'medium']
    ] as const) {
      const best = planFor(styleOf(id), byStyle(id, size, width)).each.find((s) => s.width === width)!;
      expect(Math.abs(best.sizeNumber - size)).toBeLessThanOrEqual(styleOf(id).step + 1e-9);
    }
  });
  it('gives several sizes with their chances, best first, each with what it would feel like', () => {
    const { there } = planFor(styles.find((s) => s.last.id === 'kaede')!, byLabel('eu', 42)); // prettier-ignore
    expect(there.length).toBeGreaterThan(2);
    there.slice(1).forEach((s, i) => expect(s.chance).toBeLessThanOrEqual(there[i].chance));
    for (const s of there) expect(s.feel.length).toBeGreaterThan(0);
  });
});
