import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { UPPER_IDS, KIND_IDS } from '../src/fit';
import {
  BLANK_TALLY, careOf, costOf, costOfMany, dayNumber, endsOf, KIND_LIFE, missedDays, rotate, sizesSuspected, tallyOf, untilEvent, usesOf, zonesOf,
  type EventAhead, type KeptPair, type LifeEvent, type PairUseId, type Slot
} from '../src/keep'; // prettier-ignore

const TODAY = dayNumber('2026-11-30');
let key = 0;
const pair = (own: Partial<KeptPair> & { events?: LifeEvent[] } = {}): KeptPair => {
  const { events = [], ...rest } = own;
  const kind = own.kind ?? 'character';
  key += 1;
  return {
    key: String(key), name: `pair ${key}`, kind, uses: [], state: 'owned', boughtOn: TODAY - 100, price: 120, returnBy: null, orderedOn: null, expectedOn: null, life: null, leatherSole: null, tip: null, outgrownOn: null,
    habits: [], ...rest, tally: events.length > 0 ? tallyOf(events, rest.habits ?? [], KIND_LIFE[kind].kmh) : (own.tally ?? BLANK_TALLY)
  }; // prettier-ignore
};
const worn = (on: number, amount: number, unit: LifeEvent['unit'] = 'hours'): LifeEvent => ({ on, what: 'worn', amount, unit });

/** Every way of giving pairs to slots, for a few of them. */
function best(slots: readonly Slot[], pairs: readonly KeptPair[]): { missing: number; unrested: number } {
  let found = { missing: Infinity, unrested: Infinity };
  const go = (i: number, last: number[], missing: number, unrested: number): void => {
    if (i === slots.length) {
      if (missing < found.missing || (missing === found.missing && unrested < found.unrested)) found = { missing, unrested };
      return;
    }
    const able = pairs.flatMap((p, k) => (usesOf(p).includes(slots[i].use) ? [k] : []));
    if (able.length === 0) return go(i + 1, last, missing + 1, unrested);
    for (const k of able) go(i + 1, last.map((v, at) => (at === k ? slots[i].on : v)), missing, unrested + (slots[i].on - last[k] > KIND_LIFE[pairs[k].kind].restDays ? 0 : 1)); // prettier-ignore
  };
  go(0, pairs.map((p) => p.tally.all.last ?? -Infinity), 0, 0); // prettier-ignore
  return found;
}
const slotsOf = fc.array(fc.record({ on: fc.integer({ min: TODAY, max: TODAY + 6 }), use: fc.constantFrom<PairUseId[]>('floor', 'stage', 'long') }), {
  minLength: 1,
  maxLength: 6
});
const pairsOf = fc.array(fc.record({ kind: fc.constantFrom('pointe', 'running', 'oxford', 'character'), lastAgo: fc.option(fc.integer({ min: 0, max: 3 })) }), {
  minLength: 1,
  maxLength: 3
});

describe('turns', () => {
  it('leave as few wears without a rested pair as any way of sharing them can', () => {
    fc.assert(
      fc.property(slotsOf, pairsOf, (asked, designs) => {
        const slots = [...asked].sort((a, b) => a.on - b.on) as Slot[];
        const pairs = designs.map(({ kind, lastAgo }) => pair({ kind: kind as KeptPair['kind'], events: lastAgo === null ? [] : [worn(TODAY - lastAgo, 1)] }));
        const turns = rotate(slots, pairs, TODAY);
        expect(turns).toHaveLength(slots.length);
        const { missing, unrested } = best(slots, pairs);
        expect(turns.filter((t) => !t.pair)).toHaveLength(missing);
        expect(turns.filter((t) => t.pair && !t.rested)).toHaveLength(unrested);
        for (const t of turns) if (t.pair) expect(usesOf(t.pair)).toContain(t.slot.use);
      })
    );
  });
  it('two running pairs go in turn, the fresher one more', () => {
    const [old, fresh] = [pair({ kind: 'running', events: [worn(TODAY - 9, 400, 'km')] }), pair({ kind: 'running' })];
    const slots: Slot[] = [0, 1, 2, 4].map((d) => ({ on: TODAY + d, use: 'long' }));
    const turns = rotate(slots, [old, fresh], TODAY);
    expect(turns.every((t) => t.rested)).toBe(true);
    const count = (p: KeptPair) => turns.filter((t) => t.pair === p).length;
    expect(count(fresh)).toBeGreaterThan(count(old));
  });
  it('what ended is not worn', () => {
    expect(rotate([{ on: TODAY, use: 'floor' }], [pair({ state: 'sold' })], TODAY)[0].pair).toBeNull();
  });
});

const life = { low: 480, centre: 640, high: 800 };
const run: EventAhead = { id: '1', name: 'the run', on: TODAY + 42, kind: 'running', pair: null, hem: false, postDays: 0, kmAWeek: 35 };
describe('a season', () => {
  it('tells what a pair has left on the day, and by when the next is bought', () => {
    // 42 days of 35 km a week are 210 km.
    const s = untilEvent(pair({ kind: 'running', life, events: [worn(TODAY - 40, 500, 'km')] }), run, TODAY);
    expect(s.left.centre).toBeCloseTo(640 - 500 - 210, 6);
    expect(s.until).toBe('next');
    // 140 km at 5 a day: 28 days; a fortnight before the run.
    expect(s.ends!.centre).toBe(TODAY + 28);
    expect(s.daysBefore).toBe(14);
    expect(s.buyBy).toEqual({ better: run.on - 14, last: run.on - 7 });
    expect(untilEvent(pair({ kind: 'running', life, events: [worn(TODAY - 40, 200, 'km')] }), run, TODAY).until).toBe('lives');
    expect(untilEvent(pair({ kind: 'running', life, events: [worn(TODAY - 40, 300, 'km')] }), run, TODAY).until).toBe('look');
  });
  it('more to come never leaves more', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 900 }), fc.integer({ min: 1, max: 100 }), fc.integer({ min: 1, max: 100 }), (km, a, b) => {
        const p = pair({ kind: 'running', life, events: km > 0 ? [worn(TODAY - 40, km, 'km')] : [] });
        const [less, more] = [Math.min(a, b), Math.max(a, b)];
        const left = (kmAWeek: number) => untilEvent(p, { ...run, kmAWeek }, TODAY).left.centre;
        expect(left(more)).toBeLessThanOrEqual(left(less));
        const [early, late] = [endsOf(p, TODAY, more)!, endsOf(p, TODAY, less)!];
        expect(early.centre).toBeLessThanOrEqual(late.centre);
      })
    );
  });
  it('a pair nobody wears ends on no day', () => expect(endsOf(pair({ kind: 'running', life }), TODAY)).toBeNull());
});

describe('cost', () => {
  it('is what was paid and repaired, by the wear and by the hour, as a band over its life', () => {
    const c = costOf(pair({ price: 120, events: [worn(TODAY - 20, 10, 'classes'), { on: TODAY - 3, what: 'tipped', cost: 14 }] }), TODAY);
    expect(c).toMatchObject({ spent: 134, repairs: 14, wears: 10, hours: 12.5, perWear: 13.4 });
    expect(c.perHour).toBeCloseTo(134 / 12.5, 9);
    // 600 hours of a character shoe, from .7 to 1.4 of them.
    expect(c.overLife!.perHour.centre).toBeCloseTo(134 / 600, 9);
    expect(c.overLife!.perHour.low).toBeCloseTo(134 / 840, 9);
    expect(c.overLife!.perHour.high).toBeCloseTo(134 / 420, 9);
  });
  it('of a pair that ended is what it was; without a price nothing is told', () => {
    const c = costOf(pair({ price: 100, state: 'retired', events: [worn(TODAY - 20, 50), { on: TODAY - 1, what: 'retired' }] }), TODAY);
    expect(c.overLife!.perHour).toEqual({ low: 2, centre: 2, high: 2 });
    expect(costOf(pair({ price: null, events: [worn(TODAY, 2)] }), TODAY)).toMatchObject({ spent: null, perHour: null, overLife: null });
  });
  it('of many adds up, and says how many have no price', () => {
    const many = costOfMany([costOf(pair({ price: 100, events: [worn(TODAY, 10)] }), TODAY), costOf(pair({ price: null, events: [worn(TODAY, 5)] }), TODAY)]);
    expect(many).toMatchObject({ pairs: 2, unpriced: 1, spent: 100, hours: 15, perHour: 10 });
  });
});

describe('care', () => {
  it('of every material and kind says what must not be done, and nothing twice', () => {
    for (const upper of UPPER_IDS)
      for (const kind of KIND_IDS) {
        const { does, never } = careOf({ kind, upper, leatherSole: null });
        expect(does.length, `${kind} ${upper}`).toBeGreaterThan(0);
        expect(never.length, `${kind} ${upper}`).toBeGreaterThan(0);
        expect(new Set([...does, ...never]).size).toBe(does.length + never.length);
      }
  });
  it('knits shrink by heat, cotton socks are not for running, dead boxes are not danced (common practice, no source)', () => {
    expect(careOf({ kind: 'sneaker', upper: 'knit', leatherSole: null }).never.join(' ')).toMatch(/heat shrinks/);
    expect(careOf({ kind: 'running', upper: 'mesh', leatherSole: null }).never.join(' ')).toMatch(/cotton/);
    expect(careOf({ kind: 'pointe', upper: 'satin', leatherSole: null }).never.join(' ')).toMatch(/dead box/);
  });
});

describe('troubles', () => {
  const t = (symptom: Parameters<typeof zonesOf>[0][number]['symptom'], p: string | null, size: string | null) => ({ on: TODAY, symptom, side: 'left' as const, pair: p, size }); // prettier-ignore
  it('point to zones, likeliest first', () => {
    expect(zonesOf([t('heel-blister', null, null)])[0]).toMatchObject({ zone: 'heel-slip', way: 'loose' });
    // Both tell of a heel that lifts.
    expect(zonesOf([t('heel-blister', null, null), t('heel-rub', null, null)])[0]).toMatchObject({ zone: 'heel-slip', troubles: 2 });
  });
  it('two pairs gone bad in one size point to the size; one pair twice does not', () => {
    expect(sizesSuspected([t('toe-callus', '1', '10 H'), t('toe-callus', '2', '10 H')])).toEqual([{ size: '10 H', pairs: 2 }]);
    expect(sizesSuspected([t('toe-callus', '1', '10 H'), t('heel-rub', '1', '10 H'), t('heel-rub', '3', '9 H')])).toEqual([]);
  });
  it('days without a look are those between looks, today not yet', () => {
    expect(missedDays([TODAY - 5, TODAY - 4, TODAY - 1], TODAY)).toEqual([TODAY - 3, TODAY - 2]);
    expect(missedDays([], TODAY)).toEqual([]);
  });
});
