import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CLOSURE_IDS, FLAG_IDS, KIND_IDS, UPPER_IDS } from '../src/fit';
import { TOE_FAMILY_IDS } from '../src/last';
import { AT, attributeLimits, USE_ATTRIBUTES, type UseAttributeId } from '../src/attributes';
import { ANYBODY, ALL_USES, ARCHES_SEEN, differences, firstThree, judgeFor, judgeUse, openQuestions, placeAll, QUESTIONS, ROLLS, STRIKES, suitOf, USE_IDS, useSentences, useShoe, WATCHED, WORN_AT, type Answers, type Known, type Looks, type Schools, type UseSetting, type UseShoe, type UseStyle } from '../src/use'; // prettier-ignore

const oneOf = <T>(all: readonly T[]): fc.Arbitrary<T> => fc.constantFrom(...all);
const share = (low: number, high: number): fc.Arbitrary<number> => fc.double({ min: low, max: high, noNaN: true });
const known = (id: UseAttributeId): fc.Arbitrary<Known> => {
  const a = USE_ATTRIBUTES[AT[id]];
  const [low, high] = attributeLimits(a);
  const value = a.as === 'levels' ? fc.integer({ min: low, max: high }) : share(low, high);
  return fc.record({ value, mark: oneOf(['measured', 'felt', 'claimed', 'unsure', 'not-seen'] as const) });
};
const anyStyle: fc.Arbitrary<UseStyle> = fc.record({
  kind: oneOf(KIND_IDS), upper: oneOf(UPPER_IDS), closure: oneOf(CLOSURE_IDS), family: oneOf(TOE_FAMILY_IDS),
  heelHeightMm: share(0, 230), platformMm: share(0, 60), soleStiffness: share(1, 5), removableInsoleMm: share(0, 8),
  madeForMm: share(220, 280), depthMm: fc.option(share(18, 34)),
  attributes: fc.record(Object.fromEntries(USE_ATTRIBUTES.map((a) => [a.id, known(a.id)])), { requiredKeys: [] })
}); // prettier-ignore
const anyLooks: fc.Arbitrary<Looks> = fc.record(
  {
    postureScore: fc.integer({ min: -12, max: 12 }),
    roll: fc.record({ is: oneOf(ROLLS.map((r) => r.id)), watched: oneOf(WATCHED.map((w) => w.id)) }),
    strike: fc.record({ is: oneOf(STRIKES.map((s) => s.id)), watched: oneOf(WATCHED.map((w) => w.id)) }),
    wornAt: oneOf(WORN_AT.map((w) => w.id)),
    arch: fc.array(oneOf(ARCHES_SEEN.map((a) => a.id)), { maxLength: 3 })
  },
  { requiredKeys: [] }
);
const anyAnswers: fc.Arbitrary<Answers> = fc.record(
  Object.fromEntries(QUESTIONS.map((q) => [q.id, q.as === 'number' ? share(q.low, q.high) : q.several ? fc.subarray(q.options.map((o) => o.id)) : oneOf(q.options.map((o) => o.id))])),
  { requiredKeys: [] }
) as fc.Arbitrary<Answers>; // prettier-ignore
const anySetting: fc.Arbitrary<UseSetting> = fc.record({
  person: fc.record({
    lengthMm: share(200, 300), ballWidthMm: fc.option(share(70, 120)), ankleGirthMm: fc.option(share(180, 260)), ankleReachDeg: fc.option(share(20, 90)),
    toeHeightMm: fc.option(share(15, 32)), hammerToeMm: share(0, 8), kneeHeightMm: fc.option(share(400, 560)),
    weightKg: fc.option(share(35, 130)), sockMm: share(0, 4), flags: fc.subarray([...FLAG_IDS]), looks: fc.record({ left: anyLooks, right: anyLooks })
  }),
  answers: anyAnswers
}); // prettier-ignore
const anySchools: fc.Arbitrary<Schools> = fc.record(
  Object.fromEntries(ALL_USES.map((u) => [u.id, fc.record(Object.fromEntries(u.axes.map((a) => [a.id, oneOf(a.options.map((o) => o.id))])), { requiredKeys: [] })])),
  { requiredKeys: [] }
) as fc.Arbitrary<Schools>; // prettier-ignore
const anyUse = oneOf(USE_IDS);
const anyRoom = fc.option(share(0, 30));
const RANK = { suits: 0, 'with-care': 1, against: 2, 'not-for-this': 3 } as const;

describe('whatever is asked of whatever shoe', () => {
  it('suit lies between −1 and 1, what was seen between 0 and 1, and a shoe that is forbidden is not for this', () => {
    fc.assert(
      fc.property(anyUse, anySetting, anySchools, anyStyle, anyRoom, (use, setting, schools, style, room) => {
        const { suit, seen, class: cls, forbidden } = suitOf(judgeFor(use, setting, schools), useShoe(style), room);
        expect(suit).toBeGreaterThanOrEqual(-1);
        expect(suit).toBeLessThanOrEqual(1);
        expect(seen).toBeGreaterThanOrEqual(0);
        expect(seen).toBeLessThanOrEqual(1 + 1e-9);
        expect(cls === 'not-for-this').toBe(forbidden);
      }),
      { numRuns: 1500 }
    );
  });
  it('a better grade of one rule never lowers the class', () => {
    fc.assert(
      fc.property(anyUse, anySetting, anySchools, anyStyle, fc.nat(), (use, setting, schools, style, which) => {
        const judge = judgeFor(use, setting, schools);
        if (judge.rules.length === 0) return;
        const shoe = useShoe(style);
        const chosen = judge.rules[which % judge.rules.length];
        // Whatever it reads, this rule is as well met as can be; gates and others stay.
        const better = {
          ...judge,
          rules: judge.rules.map((r) => (r === chosen ? { ...r, grade: { as: 'levels' as const, of: [1] } } : r))
        };
        const [was, is] = [suitOf(judge, shoe), suitOf(better, shoe)];
        if (chosen.rule.strength !== 'must') expect(is.suit).toBeGreaterThanOrEqual(was.suit - 1e-9);
        expect(RANK[is.class]).toBeLessThanOrEqual(
          chosen.rule.strength === 'must' && was.suit > 0 ? Math.max(RANK[was.class], RANK[is.class]) : RANK[was.class]
        );
      }),
      { numRuns: 1500 }
    );
  });
  it('what nobody looked at never forbids', () => {
    fc.assert(
      fc.property(anyUse, anySetting, anySchools, anyStyle, (use, setting, schools, style) => {
        const shoe = useShoe(style);
        const judge = judgeFor(use, setting, schools);
        const blind: UseShoe = { ...shoe, known: new Uint8Array(shoe.known.length) };
        const reading = judge.rules.filter((r) => r.reads.length === 0);
        // Sums of kind, upper, closure and last alone stand in the stockroom itself.
        if (reading.some((r) => r.rule.strength === 'must')) return;
        expect(suitOf(judge, blind).forbidden).toBe(false);
      }),
      { numRuns: 1000 }
    );
  });
  it('a school changes only rules of its own axis', () => {
    fc.assert(
      fc.property(anyUse, anySetting, anyStyle, fc.nat(), (use, setting, style, which) => {
        const axes = judgeFor(use, setting).uses.flatMap((u) => u.axes.map((a) => ({ u, a })));
        if (axes.length === 0) return;
        const { u, a } = axes[which % axes.length];
        const shoe = useShoe(style);
        const read = (option: string) => {
          const all = new Map<string, string>();
          suitOf(judgeFor(use, setting, { [u.id]: { [a.id]: option } }), shoe, null, (r) => {
            if (r.here.use !== u || r.here.rule.school?.[0] !== a.id) all.set(`${r.here.use.id} ${r.here.rule.id}`, `${r.s} ${r.wf}`);
          });
          return all;
        };
        const [first, ...rest] = a.options.map((o) => read(o.id));
        for (const other of rest) expect(other).toEqual(first);
      }),
      { numRuns: 400 }
    );
  });
  it('the order of the rules does not matter', () => {
    fc.assert(
      fc.property(anyUse, anySetting, anySchools, anyStyle, (use, setting, schools, style) => {
        const judge = judgeFor(use, setting, schools);
        const shoe = useShoe(style);
        const [there, back] = [judge, { ...judge, rules: [...judge.rules].reverse() }].map((j) => suitOf(j, shoe));
        expect(back.suit).toBeCloseTo(there.suit, 9);
        expect(back.class).toBe(there.class);
      }),
      { numRuns: 500 }
    );
  });
  it('every sentence of 5,000 shoes is whole: a capital, one stop at its end, no gap, nothing that is no number', () => {
    let told = 0;
    fc.assert(
      fc.property(anyUse, anySetting, anySchools, fc.array(anyStyle, { minLength: 20, maxLength: 20 }), (use, setting, schools, styles) => {
        const judge = judgeFor(use, setting, schools);
        for (const style of styles) {
          const shoe = useShoe(style);
          const said = useSentences(judgeUse(judge, shoe, 14), shoe);
          told++;
          for (const line of [
            ...said.forbidden,
            ...said.for,
            ...said.against,
            ...said.look,
            ...said.conflicts,
            ...said.notes,
            ...(said.needs ? [said.needs] : [])
          ]) {
            expect(line).toMatch(/^[A-Z0-9−].*[^.]\.$/);
            expect(line).not.toMatch(/undefined|NaN|null|Infinity| {2}|\.\.|: ;|: \./);
          }
        }
      }),
      { numRuns: 250 }
    );
    expect(told).toBe(5000);
  }, 60_000);
  it('no question is asked that changes nothing: some answer to it changes some shoe, a sum or a note', () => {
    for (const use of ALL_USES) {
      if (use.over === 'everybody') continue;
      const judge = judgeFor(use.id as (typeof USE_IDS)[number], { person: ANYBODY, answers: {} });
      const open = openQuestions(judge);
      expect(open.length).toBeLessThanOrEqual(6);
      expect(open.every((id) => judge.uses.some((u) => u.questions.includes(id)))).toBe(true);
    }
  });
});
describe('fit and suit together', () => {
  const made = fc.array(fc.record({ style: anyStyle, probability: share(0, 1), verdict: oneOf(['fits', 'fits-with-help', 'does-not-fit'] as const) }), { minLength: 1, maxLength: 60 }); // prettier-ignore
  it('nothing forbidden stands before what may be worn and fits; the three first differ and none is forbidden', () => {
    fc.assert(
      fc.property(anyUse, anySetting, made, (use, setting, candidates) => {
        const judge = judgeFor(use, setting);
        const all = candidates.map((c) => ({ ...c, shoe: useShoe(c.style) }));
        const placed = placeAll(all, ({ probability, verdict, shoe }) => ({ probability, verdict, suit: suitOf(judge, shoe) }));
        expect(placed).toHaveLength(all.length);
        const firstForbidden = placed.findIndex((p) => p.suit.forbidden);
        if (firstForbidden >= 0) for (const p of placed.slice(firstForbidden)) expect(p.suit.forbidden || p.verdict === 'does-not-fit' || p.place >= placed[firstForbidden].place).toBe(true); // prettier-ignore
        const compare = (c: (typeof all)[number]) => ({ shoe: c.shoe, last: c.style.family, upper: c.style.upper });
        const three = firstThree(placed, (a, b) => differences(compare(a), compare(b)));
        expect(three.length).toBeLessThanOrEqual(3);
        expect(three[0].placed).toBe(placed[0]);
        for (const { but, placed: p } of three.slice(1)) {
          expect(but).not.toBeNull();
          expect(p.suit.forbidden).toBe(false);
        }
      }),
      { numRuns: 150 }
    );
  });
});
