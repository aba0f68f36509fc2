import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { UPPER_IDS } from '../src/fit';
import { ANYBODY, asWorn, figureOf, gripsWith, judgeFor, muOf, OUR_GRIPS, POLES, PULLED_MATERIALS, PULLED_PARTS, suitOf, SURFACES, surfaceAt, USE_FLOORS, useShoe, WEAR_LOOKS, wearOf, type Pull, type UseSetting, type UseStyle } from '../src/use'; // prettier-ignore

const pullOf = (own: Partial<Pull> = {}): Pull => ({ part: 'sole', material: 'leather', surface: 'wood', kg: [1, 1.1, 0.9], insideKg: 2, shoeKg: 0.5, ...own });
const slipper: UseStyle = { kind: 'ballet-slipper', upper: 'canvas', closure: 'elastic', family: 'round', heelHeightMm: 0, platformMm: 0, soleStiffness: 1, madeForMm: 240 }; // prettier-ignore
const settingOn = (floor: string, pulls: readonly Pull[] = []): UseSetting => ({ person: ANYBODY, answers: { floor }, grips: gripsWith(pulls) });

describe('grip, ours and the shop’s own', () => {
  it('a pull is the mean of its goes by what presses', () => expect(muOf(pullOf())).toBeCloseTo(0.4, 9));
  it('takes the place of our estimate for its own material and surface, and of no other', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...PULLED_PARTS).chain((part) => fc.record({ part: fc.constant(part), material: fc.constantFrom(...PULLED_MATERIALS[part]), surface: fc.constantFrom(...(part === 'sole' ? USE_FLOORS : SURFACES)), kg: fc.array(fc.double({ min: 0.1, max: 3, noNaN: true }), { minLength: 1, maxLength: 4 }), insideKg: fc.double({ min: 1, max: 5, noNaN: true }), shoeKg: fc.double({ min: 0.1, max: 1, noNaN: true }) })),
        (pull) => {
          const book = gripsWith([pull]);
          for (const part of PULLED_PARTS)
            for (const material of PULLED_MATERIALS[part]) {
              const rowOf = (g: typeof book) => (part === 'sole' ? g.sole[PULLED_MATERIALS.sole.indexOf(material)] : g.upper[material as (typeof UPPER_IDS)[number]]);
              rowOf(book).forEach((grip, at) => {
                const own = part === pull.part && material === pull.material && at === surfaceAt(pull.surface);
                expect(grip.pulls).toBe(own ? 1 : 0);
                expect(grip.mu).toBeCloseTo(own ? muOf(pull) : rowOf(OUR_GRIPS)[at].mu, 9);
                expect(grip.low).toBeLessThanOrEqual(grip.mu);
                expect(grip.high).toBeGreaterThanOrEqual(grip.mu);
              });
            }
        }
      ),
      { numRuns: 60 }
    );
  }); // prettier-ignore
  it('several pulls: their mean, a band that holds every go, whatever their order', () => {
    const pulls = [pullOf(), pullOf({ kg: [1.5] }), pullOf({ kg: [0.8, 0.9], shoeKg: 0.4 })];
    const [there, back] = [gripsWith(pulls), gripsWith([...pulls].reverse())].map((g) => g.sole[0][0]);
    expect(there.pulls).toBe(3);
    expect(there.mu).toBeCloseTo((0.4 + 0.6 + 0.85 / 2.4) / 3, 9);
    expect([there.low, there.high]).toEqual([0.8 / 2.4, 0.6]);
    expect(back.mu).toBeCloseTo(there.mu, 9);
  });
  it('a hand on a scale is no closer than a tenth', () => {
    const { low, high, mu } = gripsWith([pullOf({ kg: [1, 1, 1] })]).sole[0][0];
    expect(low).toBeCloseTo(0.9 * mu, 9);
    expect(high).toBeCloseTo(1.1 * mu, 9);
  });
  it('what is pulled of a material there is none of changes nothing', () => expect(gripsWith([pullOf({ material: 'glass' })]).sole).toEqual(OUR_GRIPS.sole));
  it('a pole is reckoned from chrome until it is pulled itself', () => {
    const drag = (pulls: readonly Pull[]) => gripsWith(pulls).upper.suede[surfaceAt('brass')].mu;
    expect(drag([])).toBeCloseTo(0.26 * POLES.brass, 9);
    expect(drag([pullOf({ part: 'upper', material: 'suede', surface: 'chrome' })])).toBeCloseTo(0.26 * POLES.brass, 9);
    expect(drag([pullOf({ part: 'upper', material: 'suede', surface: 'brass' })])).toBeCloseTo(0.4, 9);
  });
  it('a shop whose floor grips otherwise judges otherwise', () => {
    const suit = (setting: UseSetting) => suitOf(judgeFor('slipper', setting, { slipper: { grip: 'floor' } }), useShoe(slipper)).suit;
    // Canvas slips on bare wood by our table; this shop’s wood is dull.
    const own = pullOf({ part: 'upper', material: 'canvas', surface: 'wood', kg: [1.1] });
    expect(suit(settingOn('wood', [own]))).toBeGreaterThan(suit(settingOn('wood')));
    expect(suit(settingOn('vinyl', [own]))).toBeCloseTo(suit(settingOn('vinyl')), 9);
  });
});
describe('one figure of a shoe', () => {
  const boot: UseStyle = { ...slipper, kind: 'tall-boot', upper: 'smooth-leather', closure: 'zip', heelHeightMm: 25, soleStiffness: 4, madeForMm: 240 };
  const rider = (lengthMm: number): UseSetting => ({ person: { ...ANYBODY, lengthMm }, answers: { stirrup: 125 } });
  it('is told with the doubt of what nobody took, and without where it was measured', () => {
    const unseen = figureOf('stirrup', rider(240), useShoe(boot))!;
    const taken = figureOf('stirrup', rider(240), useShoe({ ...boot, attributes: { outside: { value: 98, mark: 'measured' } } }))!;
    expect(unseen.known).toBe(false);
    expect(taken).toEqual({ low: 27, centre: 27, high: 27, known: true });
    // A longer foot asks for a larger boot: less is left.
    expect(figureOf('stirrup', rider(264), useShoe({ ...boot, attributes: { outside: { value: 98, mark: 'measured' } } }))!.centre).toBeCloseTo(
      125 - 98 * 1.1,
      9
    );
  });
  it('is nothing while something was not answered', () => expect(figureOf('stirrup', { person: ANYBODY, answers: {} }, useShoe(boot))).toBeNull());
  it('reads an attribute as it stands', () => expect(figureOf('heel', rider(240), useShoe(boot))).toEqual({ low: 25, centre: 25, high: 25, known: true }));
});
describe('a pair of one’s own', () => {
  it('the more it is worn, the firmer it is and the less it treads', () => {
    const shoe = useShoe({ ...slipper, kind: 'running', upper: 'mesh', closure: 'lace', heelHeightMm: 30, attributes: { tread: { value: 3, mark: 'measured' }, rear: { value: 2, mark: 'felt' } } }); // prettier-ignore
    const at = (looks: (typeof WEAR_LOOKS)[number]['id'], id: 'tread' | 'rear') =>
      figureOf(id, { person: ANYBODY, answers: {} }, asWorn(shoe, wearOf({ looks, hours: 0 })))!.centre;
    const all = WEAR_LOOKS.map((w) => w.id);
    const treads = all.map((l) => at(l, 'tread'));
    const firms = all.map((l) => at(l, 'rear'));
    expect(treads).toEqual([...treads].sort((a, b) => b - a));
    expect(new Set(treads).size).toBe(all.length);
    expect(firms).toEqual([2, 2, 3, 3]);
  });
});
