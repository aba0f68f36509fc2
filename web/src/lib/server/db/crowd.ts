import { ENGINE_VERSION } from '@chiave/core/fit';
import { dayText, KIND_LIFE, tallyOf, type Habit, type LifeEvent } from '@chiave/core/keep';
import { MEASURES } from '@chiave/core/measure';
import type { Sequelize } from 'sequelize';
import { packFacts, tables } from './models';
import { foundBy } from './person-words';
import { steps } from './steps';

/** How many of each a crowd has. */
export interface CrowdSize {
  people: number;
  /** Visits of everybody. */
  fittings: number;
  tries: number;
  /** Pairs of their own, each with a line of some events. */
  pairs?: number;
  /** Visits of the one person who comes most often, the last of the crowd. */
  mostVisits: number;
}

const FIRST = ['Alda', 'Bruno', 'Cleo', 'Dario', 'Edda', 'Fosco', 'Gilda', 'Hugo', 'Irma', 'Jole', 'Kalina', 'Livio', 'Mara', 'Nino', 'Olga', 'Pio'];
const LAST = ['Arvenni', 'Bellacqua', 'Corvasso', 'Dolfini', 'Ermolai', 'Fiorazzi', 'Gandolva', 'Lumetti', 'Mezzadra', 'Norvanni', 'Ostellari', 'Pradovan'];
const WORK = ['chorus', 'wardrobe', 'front of house', 'second violin', 'stage hand', 'school of dance', 'walks to work', 'runs on Sundays'];
const STORY = ['comes before every season', 'one foot longer than the other', 'stands all evening', 'was sent by a friend', ''];
/** Measures each visit has on both feet; the frequent visitor has all of them. */
const USUAL = ['lengthMm', 'ballLengthMm', 'ballWidthMm', 'ballGirthMm', 'heelWidthMm', 'instepGirthMm'];
const DAY_MS = 86_400_000;
const BEGIN = Date.UTC(2022, 0, 3, 9);
/** Rows in one INSERT. */
const CHUNK = 2000;

/** A number from 0 to 1 that depends on nothing but its place. */
function at(place: number): number {
  let t = (place * 0x9e3779b1 + 0x6d2b79f5) >>> 0;
  t = Math.imul(t ^ (t >>> 15), t | 1);
  t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
  return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
}
const pick = <T>(list: readonly T[], place: number): T => list[Math.floor(at(place) * list.length)];

/**
 * Fills a migrated database that has a stockroom with invented people, for measuring under load. The same size gives the same crowd.
 * @returns the id of the person with most visits
 */
export async function fillCrowd(sequelize: Sequelize, size: CrowdSize): Promise<number> {
  const t = tables(sequelize);
  const styles = (await t.Style.findAll({ attributes: ['id', 'sizeFrom', 'widths'], order: [['id', 'ASC']] })).map((s) => ({
    id: s.id,
    size: String(s.sizeFrom)
  }));
  const firstPerson = Number((await t.Customer.max('id')) ?? 0) + 1;
  const firstFitting = Number((await t.Fitting.max('id')) ?? 0) + 1;
  const often = firstPerson + size.people - 1;
  const q = sequelize.getQueryInterface();
  const inChunks = async (count: number, row: (i: number) => object[], write: (rows: object[]) => Promise<unknown>): Promise<void> => {
    let rows: object[] = [];
    for (let i = 0; i < count; i++) {
      rows.push(...row(i));
      if (rows.length >= CHUNK || i === count - 1) await write(rows);
      if (rows.length >= CHUNK) rows = [];
    }
  };
  const bulk = (table: string) => (rows: object[]) => q.bulkInsert(table, rows);

  await inChunks(
    size.people,
    (i) => [
      {
        id: firstPerson + i,
        name: `${pick(FIRST, i)} ${pick(LAST, i + 7)} ${i}`,
        born: 1940 + Math.floor(at(i + 3) * 80),
        work: pick(WORK, i + 1),
        story: pick(STORY, i + 2),
        fits_as: at(i + 4) < 0.5 ? 'women' : 'men',
        flags: '[]',
        created_at: new Date(BEGIN)
      }
    ],
    bulk('customers')
  );
  const { rows, addRows } = steps(q);
  await rows('customers', ['name', 'work', 'story'], (people) =>
    addRows(
      'customer_words',
      people.flatMap((p) => foundBy(p).map(({ word, ofHealth }) => ({ word, customer_id: p.id, of_health: ofHealth })))
    )
  );
  const personOf = (i: number): number => (i < size.mostVisits ? often : firstPerson + (i % (size.people - 1)));
  await inChunks(
    size.fittings,
    (i) => {
      const openedAt = new Date(BEGIN + Math.floor(at(i + 11) * 1500) * DAY_MS);
      return [
        { id: firstFitting + i, customer_id: personOf(i), opened_at: openedAt, updated_at: openedAt, purpose: 'season', kinds: '["oxford"]', looked: '{}' }
      ];
    },
    bulk('fittings')
  );
  const all = MEASURES.map((m) => m.id as string);
  await inChunks(
    size.fittings,
    (i) => {
      const length = 225 + Math.floor(at(personOf(i)) * 60);
      return (['left', 'right'] as const).flatMap((side) =>
        (i < size.mostVisits ? all : USUAL).map((field) => ({
          fitting_id: firstFitting + i,
          side,
          field,
          mm: (SHARE[field] ?? 0.5) * length + Math.floor(at(i + 13) * 3),
          how: 'tape',
          typed: `${length} mm`
        }))
      );
    },
    bulk('foot_measures')
  );
  await inChunks(
    size.fittings,
    (i) => (['left', 'right'] as const).map((side) => ({ fitting_id: firstFitting + i, side, toe_shape: 'egyptian', arch_type: 'medium' })),
    bulk('foot_features')
  );
  await inChunks(
    size.tries,
    (i) => {
      const style = pick(styles, i + 17);
      return [
        {
          fitting_id: firstFitting + (i % size.fittings),
          style_id: style.id,
          size: style.size,
          width: 'medium',
          felt: '{"left":{"toe-room":"right"},"right":{}}',
          outcome: at(i + 19) < 0.1 ? 'kept' : 'left',
          why: 'tried',
          verdict: 'fits',
          probability: 0.6,
          said: 'fits',
          engine: ENGINE_VERSION,
          created_at: new Date(BEGIN)
        }
      ];
    },
    bulk('try_ons')
  );
  const kinds = ['running', 'character', 'oxford', 'sneaker', 'pump', 'walking'] as const;
  const today = Math.floor(Date.now() / DAY_MS);
  const firstPair = Number((await t.Pair.max('id')) ?? 0) + 1;
  const life = (i: number): LifeEvent[] => {
    const kind = kinds[i % kinds.length];
    const unit = KIND_LIFE[kind].counts === 'km' ? 'km' : 'hours';
    return Array.from({ length: 1 + Math.floor(at(i + 29) * 8) }, (_, k) => ({
      on: today - 5 - 12 * k,
      what: 'worn',
      amount: 2 + Math.floor(at(i + k) * 9),
      unit
    }));
  };
  await inChunks(
    size.pairs ?? 0,
    (i) => {
      const kind = kinds[i % kinds.length];
      const boughtOn = today - 10 - Math.floor(at(i + 23) * 900);
      const habits: Habit[] = at(i + 31) < 0.3 ? [{ from: boughtOn, until: null, unit: 'hours', perWeek: 4, times: 2 }] : [];
      const facts = { kind, uses: [], boughtOn, price: 120, returnBy: null, orderedOn: null, expectedOn: null, habits, tally: tallyOf(life(i).filter((e) => e.on >= boughtOn), habits, KIND_LIFE[kind].kmh), life: null, leatherSole: null, tip: null, outgrownOn: null }; // prettier-ignore
      const body = {
        name: `pair ${i}`,
        kind,
        size: '38',
        width: '',
        boughtOn: dayText(boughtOn),
        habits: habits.map((h) => ({ ...h, from: dayText(h.from), until: null }))
      };
      return [{ id: firstPair + i, customer_id: firstPerson + (i % size.people), style_id: null, name: `pair ${i}`, state: 'owned', body: JSON.stringify(body), facts: JSON.stringify(packFacts(facts)), version: 0, updated_at: new Date(BEGIN) }]; // prettier-ignore
    },
    bulk('pairs')
  );
  await inChunks(
    size.pairs ?? 0,
    (i) => life(i).map(({ on, what, amount, unit }) => ({ pair_id: firstPair + i, on_day: dayText(on), what, body: JSON.stringify({ amount, unit, note: '' }), by_whom: '', created_at: new Date(BEGIN) })), // prettier-ignore
    bulk('pair_life')
  );
  if (size.pairs) await inChunks(size.people, (i) => [{ customer_id: firstPerson + i, next_on: '', sort_on: '', stale: 1 }], bulk('due_people'));
  return often;
}

/** Share of the foot's length, for measures that look like a foot's; the rest need only be numbers. */
const SHARE: Readonly<Record<string, number>> = {
  lengthMm: 1,
  ballLengthMm: 0.72,
  outerBallLengthMm: 0.62,
  ballWidthMm: 0.38,
  ballGirthMm: 0.93,
  waistGirthMm: 0.92,
  instepGirthMm: 0.95,
  heelWidthMm: 0.25,
  shortHeelGirthMm: 1.25
};
