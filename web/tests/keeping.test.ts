import { describe, expect, it } from 'vitest';
import { allStyles } from '../../demo/lasts';
import { keptPairBody, lifeSchema, pairSchema, type DueRow, type PairRow } from '../src/lib/api/keep-schema';
import { saidCardSchema } from '../src/lib/api/said-schema';
import { comparables, shoeAt } from '../src/lib/compare-shoes';
import { amountWords, leftWords, reminderText, tapOf, whenWords, wornWords } from '../src/lib/keep-words';
import { offBand } from '../src/lib/like-now';
import { ofArrival, ofMeasuring, ofTwo } from '../src/lib/said-cards';
import { packFacts, unpackFacts } from '../src/lib/server/db/models/keeping';
import { factsOf, stateOf } from '../src/lib/server/shop/pair-facts';

const body = (own: object = {}) => keptPairBody.parse({ name: 'a pair', kind: 'character', boughtOn: '2026-09-01', ...own });
const row = (own: Partial<PairRow> = {}) => ({
  life: [],
  body: body(),
  counts: 'hours' as const,
  worn: { hours: 0, km: 0, wears: 0 },
  left: { low: 10, centre: 20, high: 30 },
  ...own
});

describe('words of keeping', () => {
  it('amounts, wear and what is left', () => {
    expect(amountWords(1, 'classes')).toBe('1 class');
    expect(amountWords(2.5, 'hours')).toBe('2.5 hours');
    expect(wornWords({ worn: { hours: 3, km: 21.4, wears: 2 }, counts: 'km' })).toBe('21 km');
    expect(leftWords(row())).toBe('10 to 30 h left');
    expect(leftWords(row({ left: { low: 0, centre: 0, high: 12 } }))).toBe('at most 12 h left');
    expect(leftWords(row({ left: { low: 0, centre: 0, high: 0 } }))).toBe('past its life');
  });
  it('one tap notes what was noted last, else a day of the habit, else what is usual', () => {
    expect(tapOf(row())).toEqual({ amount: 1, unit: 'classes' });
    expect(tapOf(row({ body: body({ habits: [{ from: '2026-09-01', unit: 'km', perWeek: 24, times: 3 }] }) }))).toEqual({ amount: 8, unit: 'km' });
    expect(tapOf(row({ life: [{ id: 1, by: '', on: '2026-10-01', what: 'worn', amount: 12, unit: 'km', note: '' }] }))).toEqual({ amount: 12, unit: 'km' });
  });
  it('when something is due, from the day that is today', () => {
    const item = { state: 'soon', earliest: '2026-11-25', due: '2026-12-01', latest: '2026-12-03' } as const;
    expect(whenWords(item, '2026-11-30')).toBe('by 3 Dec');
    expect(whenWords(item, '2026-11-20')).toBe('from 25 Nov to 3 Dec');
    expect(whenWords({ ...item, state: 'now' }, '2026-12-03')).toBe('today at the latest');
    expect(whenWords({ ...item, state: 'late' }, '2026-12-09')).toBe('late since 3 Dec');
  });
  it('a reminder greets by the first name and says nothing of health', () => {
    const text = reminderText({ person: { id: 1, name: 'Ilva Serrandi' }, remind: 'Come by.' } as DueRow, 'The shoe room');
    expect(text).toBe('Dear Ilva,\n\nCome by.\n\nThe shoe room');
  });
});

describe('how far a zone is from right', () => {
  it('is below nought inside its band, nought at its edges and one where it cannot be worn', () => {
    const target = { a: -8, b: -4, c: 4, d: 12 };
    expect([-8, -4, 0, 4, 12].map((clearanceMm) => offBand({ clearanceMm, target }))).toEqual([1, 0, -1, 0, 1]);
  });
});

describe('cards to send', () => {
  const styles = allStyles();
  const [a, b] = [styles.find((s) => s.kind === 'pump')!, styles.find((s) => s.kind === 'walking')!];
  it('two styles: what is alike first, then what differs, and all within what is kept', () => {
    const [one, other] = [a, b].map((s) => shoeAt(comparables([], [s], [])[0], { by: 'foot', footMm: 240 }));
    const card = ofTwo(a, b, [one, other]);
    expect(card.parts.map((p) => p.heading)).toEqual(['Alike', 'Different']);
    expect(card.parts[1].lines.map((l) => l.text).join()).toMatch(/Kind: pump, and walking/);
    expect(saidCardSchema.safeParse(card).success).toBe(true);
    const same = ofTwo(a, a, [one, one]);
    expect(same.parts[1].lines).toEqual([{ text: 'Nothing that was measured.', figure: '', source: '' }]);
  });
  it('every card of every style can be kept', () => {
    for (const s of styles) expect(saidCardSchema.safeParse(ofArrival([s], ['numb', 'brace'])).success, s.id).toBe(true);
    expect(saidCardSchema.safeParse(ofMeasuring()).success).toBe(true);
    expect(ofArrival([a], ['numb']).reservations.join()).toMatch(/feel little/);
  });
});

describe('what the rules read of a pair', () => {
  it('is packed without what says nothing, and comes back whole', () => {
    const facts = factsOf(body({ returnBy: '2026-12-01', tipMm: 9 }), [{ on: '2026-10-01', what: 'tipped' }], { fitting: null, style: null });
    const packed = JSON.parse(JSON.stringify(packFacts(facts)));
    expect(Object.keys(packed)).not.toContain('expectedOn');
    expect(unpackFacts(packed)).toEqual(JSON.parse(JSON.stringify(facts)));
  });
  it('a pair that was sold is sold, whatever is ordered', () => {
    const state = (own: object, life: Parameters<typeof factsOf>[1]) => stateOf(body(own), factsOf(body(own), life, { fitting: null, style: null }));
    expect(state({}, [])).toBe('owned');
    expect(state({ ordered: true }, [])).toBe('ordered');
    expect(state({ ordered: true }, [{ on: '2026-10-01', what: 'sold' }])).toBe('sold');
  });
});

describe('what a body may say', () => {
  const errors = (schema: typeof pairSchema | typeof lifeSchema, value: object): string[] => schema.safeParse(value).error?.issues.map((i) => i.path.join('.')) ?? []; // prettier-ignore
  it('days that contradict each other, habits that end before they begin, unknown units', () => {
    const pair = { name: 'a', kind: 'pump', boughtOn: '2026-09-01' };
    expect(errors(pairSchema, { ...pair, returnBy: '2026-08-01' })).toEqual(['returnBy']);
    expect(errors(pairSchema, { ...pair, orderedOn: '2026-09-01', expectedOn: '2026-08-01' })).toEqual(['expectedOn']);
    expect(errors(pairSchema, { ...pair, habits: [{ from: '2026-09-02', until: '2026-09-01', unit: 'hours', perWeek: 1 }] })).toEqual(['habits.0.until']);
    expect(errors(pairSchema, { ...pair, photo: 'javascript:alert(1)' })).toEqual(['photo']);
    expect(errors(lifeSchema, { on: '2026-09-01', what: 'worn', amount: 0, unit: 'km' })).toEqual(['amount']);
    expect(errors(lifeSchema, { on: '2026-09-01', what: 'washed', checks: { tip: 2 } })).toEqual(['checks']);
    expect(errors(lifeSchema, { on: '2026-09-01', what: 'checked', checks: { tip: 6 } })).toEqual(['checks.tip']);
    expect(errors(lifeSchema, { on: '1066-10-14', what: 'washed' })).toEqual(['on']);
  });
});
