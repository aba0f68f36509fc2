import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { KIND_IDS } from '../src/fit';
import {
  addMonths,
  BLANK_TALLY,
  dayIn,
  dayNumber,
  dayText,
  dueOf,
  DUE_RULE,
  DUE_RULES,
  KIND_LIFE,
  mondayOf,
  sayDue,
  tallyOf,
  usedBy,
  WEAR_UNITS,
  type DueItem,
  type Habit,
  type KeptPair,
  type KeptRecords,
  type LifeEvent
} from '../src/keep';

const TODAY = dayNumber('2026-11-30');
const person = { id: 1, flags: [], born: 1990.5, growsAs: 'women', weightKg: 60, weightChanged: false, measuredOn: TODAY - 200, inspectedOn: null } as const;
const pair = (own: Partial<KeptPair> & { events?: LifeEvent[] } = {}): KeptPair => {
  const { events = [], ...rest } = own;
  const kind = own.kind ?? 'character';
  const habits = own.habits ?? [];
  return {
    key: '1', name: 'a pair', kind, uses: [], state: 'owned', boughtOn: TODAY - 100, price: 120, returnBy: null, orderedOn: null, expectedOn: null, life: null, leatherSole: null, tip: null, outgrownOn: null,
    ...rest, habits, tally: own.tally ?? tallyOf(events, habits, KIND_LIFE[kind].kmh)
  }; // prettier-ignore
};
const records = (own: Partial<KeptRecords> = {}): KeptRecords => ({ person, pairs: [], parcels: [], events: [], wishes: [], answers: [], ...own });
const idOf = (i: DueItem): string => `${i.rule} ${i.subject}`;

const habit: fc.Arbitrary<Habit> = fc.record({
  from: fc.integer({ min: TODAY - 300, max: TODAY }),
  until: fc.option(fc.integer({ min: TODAY - 100, max: TODAY + 100 })),
  unit: fc.constantFrom(...WEAR_UNITS.map((u) => u.id)),
  perWeek: fc.double({ min: 0.5, max: 40, noNaN: true }),
  times: fc.integer({ min: 1, max: 7 })
});
const worn = (on: fc.Arbitrary<number>): fc.Arbitrary<LifeEvent> =>
  fc.record({
    on,
    what: fc.constant('worn' as const),
    amount: fc.double({ min: 0.25, max: 30, noNaN: true }),
    unit: fc.constantFrom(...WEAR_UNITS.map((u) => u.id))
  });
const other: fc.Arbitrary<LifeEvent> = fc.oneof(
  fc.record({ on: fc.integer({ min: TODAY - 300, max: TODAY }), what: fc.constantFrom('tipped', 'capped', 'resoled', 'washed') }),
  fc.record({
    on: fc.integer({ min: TODAY - 300, max: TODAY }),
    what: fc.constant('checked' as const),
    checks: fc.dictionary(fc.constantFrom('tread', 'firmness', 'tip', 'box', 'shank'), fc.integer({ min: 1, max: 5 }))
  })
);
const line = fc.array(fc.oneof({ weight: 3, arbitrary: worn(fc.integer({ min: TODAY - 300, max: TODAY })) }, { weight: 1, arbitrary: other }), {
  maxLength: 25
});
const anyPair = fc
  .record({
    kind: fc.constantFrom(...KIND_IDS),
    boughtOn: fc.option(fc.integer({ min: TODAY - 1600, max: TODAY })),
    returnBy: fc.option(fc.integer({ min: TODAY - 30, max: TODAY + 30 })),
    outgrownOn: fc.option(fc.integer({ min: TODAY - 60, max: TODAY + 60 })),
    habits: fc.array(habit, { maxLength: 2 }),
    events: line
  })
  .map((own) => ({ own, pair: pair(own) }));
const sameDays = ({ earliest, due, latest }: DueItem) => [earliest, due, latest];

describe('days', () => {
  it('go through leap days and month ends', () => {
    expect(dayText(dayNumber('2028-02-29'))).toBe('2028-02-29');
    expect(dayText(addMonths(dayNumber('2028-02-29'), 12))).toBe('2029-02-28');
    expect(dayText(addMonths(dayNumber('2027-01-31'), 1))).toBe('2027-02-28');
    expect(dayText(addMonths(dayNumber('2028-01-31'), 1))).toBe('2028-02-29');
    expect(dayText(addMonths(dayNumber('2026-08-30'), 6))).toBe('2027-02-28');
    expect(dayText(mondayOf(dayNumber('2026-12-06')))).toBe('2026-11-30');
    expect(dayNumber('2027-03-29') - dayNumber('2027-03-28')).toBe(1);
  });
  it('are those of the shop, whatever the clock of the machine', () => {
    const late = new Date('2026-11-30T23:30:00Z');
    expect(dayIn(late, 'UTC')).toBe('2026-11-30');
    expect(dayIn(late, 'Europe/Rome')).toBe('2026-12-01');
    expect(dayIn(late, 'America/New_York')).toBe('2026-11-30');
    // The night the clocks go back has 25 hours and is one day.
    expect(dayIn(new Date('2026-10-24T22:30:00Z'), 'Europe/Rome')).toBe('2026-10-25');
    expect(dayIn(new Date('2026-10-25T22:30:00Z'), 'Europe/Rome')).toBe('2026-10-25');
  });
});

describe('wear', () => {
  it('is told in any unit and counted in hours and kilometres', () => {
    const { all } = tallyOf([{ on: TODAY, what: 'worn', amount: 2, unit: 'classes' }], [], 3);
    expect(usedBy(all, [], -Infinity, TODAY, 3)).toEqual({ hours: 2.5, km: 7.5, wears: 2 });
  });
  it('of a habit counts by itself, and what is logged in the same week is not counted twice', () => {
    const monday = mondayOf(TODAY) - 28;
    const habits: Habit[] = [{ from: monday, until: null, unit: 'hours', perWeek: 3, times: 2 }];
    const used = (events: LifeEvent[], today: number) => usedBy(tallyOf(events, habits, 3).all, habits, -Infinity, today, 3).hours;
    expect(used([], monday + 13)).toBeCloseTo(6, 9);
    const logged = (on: number, amount: number): LifeEvent => ({ on, what: 'worn', amount, unit: 'hours' });
    expect(used([logged(monday + 1, 1.5), logged(monday + 3, 1.5)], monday + 13)).toBeCloseTo(6, 9);
    expect(used([logged(monday + 1, 5)], monday + 13)).toBeCloseTo(8, 9);
    // What is logged today counts at once, though the habit’s week is young.
    expect(used([logged(monday + 14, 1.5)], monday + 14)).toBeCloseTo(7.5, 9);
  });
  it('never goes down with another wear, and never beyond logged and habit together', () => {
    fc.assert(
      fc.property(fc.array(habit, { maxLength: 2 }), fc.array(worn(fc.integer({ min: TODAY - 200, max: TODAY })), { maxLength: 15 }), worn(fc.integer({ min: TODAY - 200, max: TODAY })), (habits, events, more) => {
        const of = (e: LifeEvent[]) => usedBy(tallyOf(e, habits, 5).all, habits, -Infinity, TODAY, 5).hours;
        const before = of(events);
        expect(of([...events, more])).toBeGreaterThanOrEqual(before - 1e-9);
        const logged = usedBy(tallyOf(events, [], 5).all, [], -Infinity, TODAY, 5).hours;
        const alone = usedBy(BLANK_TALLY.all, habits, -Infinity, TODAY, 5).hours;
        expect(before).toBeLessThanOrEqual(logged + alone + 1e-9);
        expect(before).toBeGreaterThanOrEqual(Math.max(logged, alone) - 1e-9);
      })
    ); // prettier-ignore
  });
});

describe('what is due', () => {
  it('is never told before its band, and bands are in order', () => {
    fc.assert(
      fc.property(anyPair, fc.integer({ min: 0, max: 60 }), ({ pair: p }, ahead) => {
        for (const item of dueOf(records({ pairs: [p] }), TODAY, ahead)) {
          expect(item.earliest).toBeLessThanOrEqual(TODAY + ahead);
          expect(item.earliest).toBeLessThanOrEqual(item.due);
          expect(item.due).toBeLessThanOrEqual(item.latest);
          expect(sayDue(item, TODAY).reason).not.toMatch(/undefined|NaN/);
        }
      })
    );
  });
  it('comes nearer, never later, with a later wear', () => {
    fc.assert(
      fc.property(anyPair, worn(fc.constant(TODAY)), ({ own }, more) => {
        const days = (events: LifeEvent[]) => new Map(dueOf(records({ pairs: [pair({ ...own, events })] }), TODAY, 20_000).filter((i) => !DUE_RULE[i.rule].quiet).map((i) => [idOf(i), sameDays(i)])); // prettier-ignore
        const before = days(own.events);
        const after = days([...own.events, more]);
        for (const [id, was] of before) {
          const now = after.get(id);
          // A look at the foam gives way to the end of the pair; everything else stays.
          if (!now && id.startsWith('foam-and-tread')) {
            expect(after.has(id.replace('foam-and-tread', 'running-pair')), id).toBe(true);
            continue;
          }
          expect(now, id).toBeDefined();
          now!.forEach((d, i) => expect(d, id).toBeLessThanOrEqual(was[i]));
        }
      })
    );
  });
  it('once done never returns before its next band', () => {
    fc.assert(
      fc.property(anyPair, fc.integer({ min: 1, max: 400 }), ({ own, pair: p }, later) => {
        for (const item of dueOf(records({ pairs: [p] }), TODAY)) {
          const { writes } = DUE_RULE[item.rule];
          const done = writes
            ? records({ pairs: [pair({ ...own, events: [...own.events, { on: TODAY, what: writes }] , state: writes === 'retired' ? 'retired' : 'owned' })] })
            : records({ pairs: [p], answers: [{ rule: item.rule, subject: item.subject, answer: 'done', on: TODAY, anchor: item.anchor, until: null }] }); // prettier-ignore
          const same = (today: number) => dueOf(done, today).filter((i) => idOf(i) === idOf(item) && !DUE_RULE[i.rule].quiet);
          expect(same(TODAY), idOf(item)).toEqual([]);
          for (const again of same(TODAY + later)) expect(again.earliest, idOf(item)).toBeGreaterThan(TODAY);
        }
      })
    );
  });
  it('put off is silent until its day, and what is not wanted for good', () => {
    fc.assert(
      fc.property(anyPair, fc.integer({ min: 1, max: 40 }), ({ pair: p }, days) => {
        for (const item of dueOf(records({ pairs: [p] }), TODAY)) {
          const answer = { rule: item.rule, subject: item.subject, on: TODAY, anchor: item.anchor };
          const told = (answers: KeptRecords['answers'], today: number) => dueOf(records({ pairs: [p], answers }), today).some((i) => idOf(i) === idOf(item));
          const off = [{ ...answer, answer: 'snoozed', until: TODAY + days } as const];
          for (let d = 0; d < days; d++) expect(told(off, TODAY + d)).toBe(false);
          expect(told(off, TODAY + days)).toBe(told([], TODAY + days));
          expect(told([{ ...answer, answer: 'not-wanted', until: null }], TODAY + days)).toBe(false);
        }
      })
    );
  });
  it('every rule says where it comes from and what to do', () => {
    for (const r of DUE_RULES) {
      expect(r.source.words.length, r.id).toBeGreaterThan(10);
      expect(r.action.length, r.id).toBeGreaterThan(5);
    }
    expect(new Set(DUE_RULES.map((r) => r.id)).size).toBe(DUE_RULES.length);
  });
});

const told = (r: KeptRecords, today: number, ahead = 0): string[] => dueOf(r, today, ahead).map((i) => i.rule);
const at = (day: string): number => dayNumber(day);
describe('rules', () => {
  it('tips: at bending, or about six months of regular dance (common practice, no source)', () => {
    const events: LifeEvent[] = Array.from({ length: 60 }, (_, w) => ({ on: at('2026-01-05') + 7 * w, what: 'worn', amount: 1, unit: 'hours' }));
    const until = (day: string) => events.filter((e) => e.on <= at(day));
    const one = (day: string, more: LifeEvent[] = []) => records({ pairs: [pair({ boughtOn: at('2026-01-04'), events: [...until(day), ...more] })] });
    expect(told(one('2026-05-01'), at('2026-05-01'))).not.toContain('tips');
    const item = dueOf(one('2026-07-04'), at('2026-07-04')).find((i) => i.rule === 'tips')!;
    expect(dayText(item.due)).toBe('2026-07-04');
    expect(told(one('2026-03-01', [{ on: at('2026-03-01'), what: 'checked', checks: { tip: 2 } }]), at('2026-03-01'))).toContain('tips');
    expect(told(one('2026-07-10', [{ on: at('2026-07-05'), what: 'tipped' }]), at('2026-07-10'))).not.toContain('tips');
  });
  it('a running pair: 300 to 500 miles of running (published advice, from memory)', () => {
    const life = { low: 480, centre: 640, high: 800 };
    const run = (km: number) => pair({ kind: 'running', life, boughtOn: TODAY - 100, events: [{ on: TODAY - 50, what: 'worn', amount: km, unit: 'km' }] });
    expect(told(records({ pairs: [run(450)] }), TODAY)).not.toContain('running-pair');
    expect(told(records({ pairs: [run(500)] }), TODAY)).toContain('running-pair');
    expect(
      sayDue(
        dueOf(records({ pairs: [run(900)] }), TODAY).find((i) => i.rule === 'running-pair')!,
        TODAY
      ).state
    ).toBe('late');
  });
  it('children are measured again by age (Gould 1990, from memory: 2, 3, 4, 6 months)', () => {
    const child = (born: number) => dueOf(records({ person: { ...person, born, measuredOn: TODAY } }), TODAY, 400).find((i) => i.rule === 'remeasure')!;
    const year = 2026.913;
    for (const [age, months] of [[1, 2], [1.6, 3], [2.5, 4], [8, 6]] as const) expect(child(year - age).due, String(age)).toBe(addMonths(TODAY, months)); // prettier-ignore
    expect(dueOf(records({ person: { ...person, born: year - 65, measuredOn: TODAY } }), TODAY, 400).find((i) => i.rule === 'remeasure')!.due).toBe(addMonths(TODAY, 12)); // prettier-ignore
    expect(told(records({ person: { ...person, born: year - 40, measuredOn: TODAY - 900 } }), TODAY)).not.toContain('remeasure');
  });
  it('grown feet are measured at each purchase (common practice, no source)', () => {
    const bought = (ago: number, measuredAgo: number) =>
      records({ person: { ...person, measuredOn: TODAY - measuredAgo }, pairs: [pair({ kind: 'sneaker', boughtOn: TODAY - ago })] });
    expect(told(bought(3, 500), TODAY)).toContain('remeasure');
    expect(told(bought(3, 100), TODAY)).not.toContain('remeasure');
    expect(told(bought(200, 900), TODAY)).not.toContain('remeasure');
    // Measured since: done by itself.
    expect(told(bought(3, 0), TODAY)).not.toContain('remeasure');
  });
  it('the last day to send back is told before it, and for a week after it is past', () => {
    const p = (returnBy: number) => records({ pairs: [pair({ kind: 'sneaker', returnBy })] });
    expect(told(p(TODAY + 8), TODAY)).not.toContain('return-day');
    expect(told(p(TODAY + 7), TODAY)).toContain('return-day');
    expect(
      sayDue(
        dueOf(p(TODAY - 1), TODAY).find((i) => i.rule === 'return-day')!,
        TODAY
      ).state
    ).toBe('late');
    expect(told(p(TODAY - 8), TODAY)).not.toContain('return-day');
  });
  it('an event: one or two weeks of wear before a running race (common practice, no source)', () => {
    const race = { id: '1', name: 'the run', on: TODAY + 20, kind: 'running', pair: null, hem: false, postDays: 0, kmAWeek: 40 } as const;
    const buy = dueOf(records({ events: [race] }), TODAY).find((i) => i.rule === 'buy-for-event')!;
    expect([buy.due, buy.latest]).toEqual([race.on - 14, race.on - 7]);
    const life = { low: 480, centre: 640, high: 800 };
    const run = (km: number) => pair({ kind: 'running', life, events: [{ on: TODAY - 5, what: 'worn', amount: km, unit: 'km' }] });
    // It lives until then: nothing to buy, and it is worn in already.
    expect(told(records({ events: [race], pairs: [run(300)] }), TODAY)).not.toContain('buy-for-event');
    // 20 days of 40 km a week are 114 km: 400 and those are more than the least it lasts.
    expect(told(records({ events: [race], pairs: [run(400)] }), TODAY)).toContain('buy-for-event');
  });
  it('leather rests a day and a pointe pair dries a day (common practice, no source)', () => {
    const wornOn = (kind: KeptPair['kind'], on: number) => records({ pairs: [pair({ kind, events: [{ on, what: 'worn', amount: 1, unit: 'hours' }] })] });
    expect(told(wornOn('oxford', TODAY - 1), TODAY)).toContain('leather-rest');
    expect(told(wornOn('oxford', TODAY - 2), TODAY)).not.toContain('leather-rest');
    expect(told(wornOn('pointe', TODAY), TODAY)).toContain('pointe-dries');
  });
  it('a dance heel: at least four years with care (common practice, no source)', () => {
    const heel = (bought: string, events: LifeEvent[] = []) => records({ pairs: [pair({ kind: 'character', boughtOn: at(bought), events })] });
    const item = dueOf(heel('2023-01-10'), at('2026-12-01')).find((i) => i.rule === 'dance-heel')!;
    expect(dayText(item.due)).toBe('2027-01-10');
    expect(told(heel('2023-01-10'), at('2026-11-01'))).not.toContain('dance-heel');
    expect(told(heel('2023-01-10', [{ on: at('2026-12-01'), what: 'checked', checks: { shank: 4 } }]), at('2026-12-02'))).not.toContain('dance-heel');
  });
  it('a pointe pair: a student’s 10 to 20 hours, or a box that gives (common practice, no source)', () => {
    const life = { low: 10, centre: 15, high: 20 };
    const danced = (hours: number, more: LifeEvent[] = []) =>
      records({ pairs: [pair({ kind: 'pointe', life, events: [{ on: TODAY - 20, what: 'worn', amount: hours, unit: 'hours' }, ...more] })] });
    expect(told(danced(6), TODAY)).not.toContain('pointe-pair');
    expect(told(danced(11), TODAY)).toContain('pointe-pair');
    expect(told(danced(2, [{ on: TODAY, what: 'checked', checks: { box: 2 } }]), TODAY)).toContain('pointe-pair');
  });
  it('caps are told by the hours that they are on, from none where none are on', () => {
    const capped = (hours: number) => pair({ events: [{ on: TODAY - 30, what: 'capped' }, { on: TODAY - 10, what: 'worn', amount: hours, unit: 'hours' }] }); // prettier-ignore
    expect(told(records({ pairs: [capped(20)] }), TODAY)).not.toContain('caps');
    expect(told(records({ pairs: [capped(26)] }), TODAY)).toContain('caps');
    expect(told(records({ pairs: [pair({ events: [{ on: TODAY - 10, what: 'worn', amount: 300, unit: 'hours' }] })] }), TODAY)).not.toContain('caps');
  });
  it('an order, a wish that arrived and shoes that get short are told by their days', () => {
    const ordered = (expectedOn: number) => records({ pairs: [pair({ state: 'ordered', orderedOn: TODAY - 30, expectedOn, boughtOn: null })] });
    expect(told(ordered(TODAY + 1), TODAY)).not.toContain('order-comes');
    expect(sayDue(dueOf(ordered(TODAY - 8), TODAY)[0], TODAY)).toMatchObject({ rule: 'order-comes', state: 'late', reason: 'ordered 30 days ago' });
    const wished = (since: number) => records({ wishes: [{ id: 7, name: 'red pumps', since }] });
    expect(dueOf(wished(TODAY - 2), TODAY)[0]).toMatchObject({ rule: 'wish-in-stock', subject: 'wish:7', latest: TODAY + 12 });
    expect(told(wished(TODAY - 60), TODAY)).toEqual([]);
    const grows = (outgrownOn: number) => records({ pairs: [pair({ kind: 'sneaker', outgrownOn })] });
    expect(told(grows(TODAY + 20), TODAY)).toContain('outgrown');
    expect(told(grows(TODAY + 120), TODAY)).not.toContain('outgrown');
  });
  it('feet with a device or that feel little are looked at daily; missed days are told', () => {
    const of = (inspectedOn: number) => records({ person: { ...person, flags: ['numb'], inspectedOn } });
    expect(told(of(TODAY), TODAY)).not.toContain('inspect');
    expect(
      sayDue(
        dueOf(of(TODAY - 4), TODAY).find((i) => i.rule === 'inspect')!,
        TODAY
      ).reason
    ).toBe('3 days without a look noted');
    expect(told(records({ person: { ...person, inspectedOn: TODAY - 4 } }), TODAY)).not.toContain('inspect');
  });
});
