import { dayNumber, dueOf, KIND_LIFE, rotate, tallyOf, type Habit, type KeptPair, type KeptRecords, type LifeEvent, type Slot } from '../core/src/keep';

/** What is due of 10,000 people with 60,000 pairs, worked out anew; one person; and a proposal for a fortnight of turns. */
const TODAY = dayNumber('2026-11-30');
const PEOPLE = 10_000;
const PAIRS_EACH = 6;
const KINDS = ['running', 'character', 'oxford', 'sneaker', 'pump', 'walking'] as const;

function pairOf(i: number, logged: number): KeptPair {
  const kind = KINDS[i % KINDS.length];
  const boughtOn = TODAY - 10 - ((i * 37) % 900);
  const unit = KIND_LIFE[kind].counts === 'km' ? 'km' : 'hours';
  const events: LifeEvent[] = Array.from({ length: logged }, (_, k) => ({ on: TODAY - 3 - 9 * k, what: 'worn', amount: 2 + ((i + k) % 9), unit }));
  const habits: Habit[] = i % 3 === 0 ? [{ from: boughtOn, until: null, unit: 'hours', perWeek: 4, times: 2 }] : [];
  return {
    key: String(i), name: `pair ${i}`, kind, uses: [], state: 'owned', boughtOn, price: 120, returnBy: i % 40 === 0 ? TODAY + 3 : null, orderedOn: null, expectedOn: null, habits,
    tally: tallyOf(events.filter((e) => e.on >= boughtOn), habits, KIND_LIFE[kind].kmh), life: null, leatherSole: null, tip: null, outgrownOn: null
  }; // prettier-ignore
}
const recordsOf = (p: number, logged: number): KeptRecords => ({
  person: { id: p, flags: [], born: 1940 + (p % 80), growsAs: 'women', weightKg: 60, weightChanged: false, measuredOn: TODAY - (p % 700), inspectedOn: null },
  pairs: Array.from({ length: PAIRS_EACH }, (_, k) => pairOf(p * PAIRS_EACH + k, logged)),
  parcels: [],
  events: [],
  wishes: [],
  answers: []
});

export interface KeepFigures {
  people: number;
  pairs: number;
  found: number;
  /** What is due of everybody, and of a tenth of them, ms. */
  allMs: number;
  tenthMs: number;
  /** A line of 300 notes tallied, and a fortnight of turns of five pairs, ms. */
  tallyMs: number;
  turnsMs: number;
}
const RUNS = 7;
/** The middle of some runs, ms. */
function middle(work: () => void): number {
  const taken = Array.from({ length: RUNS }, () => {
    const started = performance.now();
    work();
    return performance.now() - started;
  });
  return taken.sort((a, b) => a - b)[Math.floor(RUNS / 2)];
}
export function keepFigures(): KeepFigures {
  const everybody = Array.from({ length: PEOPLE }, (_, p) => recordsOf(p, 6));
  const tenth = everybody.slice(0, PEOPLE / 10);
  const line = Array.from({ length: 300 }, (_, k) => ({ on: TODAY - 900 + 3 * k, what: 'worn' as const, amount: 2, unit: 'hours' as const }));
  const slots: Slot[] = Array.from({ length: 14 }, (_, d) => ({ on: TODAY + d, use: 'long' }));
  const runners = Array.from({ length: 5 }, (_, k) => ({ ...pairOf(6 * k, 4), key: String(k) }));
  let found = 0;
  const due = (people: readonly KeptRecords[]) => () => {
    found = people.reduce((sum, r) => sum + dueOf(r, TODAY, 7).length, 0);
  };
  const tenthMs = middle(due(tenth));
  const allMs = middle(due(everybody));
  return {
    people: PEOPLE,
    pairs: PEOPLE * PAIRS_EACH,
    found,
    allMs,
    tenthMs,
    tallyMs: middle(() => void tallyOf(line, [], 3)),
    turnsMs: middle(() => void rotate(slots, runners, TODAY))
  };
}
