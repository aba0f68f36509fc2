import { FLAG_IDS } from '@chiave/core/fit';
import {
  dayNumber,
  tallyOf,
  type DueAnswer,
  type EventAhead,
  type KeptPair,
  type KeptPerson,
  type KeptRecords,
  type PairState,
  type ParcelOut,
  type WishInStock
} from '@chiave/core/keep';
import { weightChanges } from '@chiave/core/foot';
import { boxOf, lifeOf as pointeLife } from '@chiave/core/pointe';
import type { EventRow } from '../../api/keep-schema';
import { eventFields, wishFields } from '../../api/keep-schema';
import { BLANK_DANCER, type PointePairBody } from '../../api/pointe-schema';
import { occasionFields } from '../../api/occasion-schema';
import { bornAt } from '../../feet-history';
import { coreModels } from '../../pointe-models';
import { bySchema, selectPlain, textSet, unpackFacts } from '../db';
import { pointeStock } from './pointe';

/** Everything the rules read of some people, or of all of them, in a handful of queries. */
export interface NamedRecords {
  name: string;
  /** False for somebody who wants no reminders. */
  reminded: boolean;
  records: KeptRecords;
}
const parsed = <T>(value: unknown): T => (typeof value === 'string' ? JSON.parse(value) : value) as T;
const byPerson = <R extends { customerId: number }, T>(rows: readonly R[], of: (row: R) => T[]): ReadonlyMap<number, T[]> => {
  const out = new Map<number, T[]>();
  for (const row of rows) {
    const own = out.get(row.customerId);
    if (own) own.push(...of(row));
    else out.set(row.customerId, of(row));
  }
  return out;
};

interface PersonLine {
  id: number;
  name: string;
  born: number | null;
  bornMonth: number | null;
  fitsAs: KeptPerson['growsAs'];
  flags: unknown;
  /** “false” where reminders were taken back. */
  reminded: string | null;
}
interface SeenLine {
  customerId: number;
  measuredOn: string | null;
  /** As weighed last. */
  weightKg: number | null;
  leastKg: number | null;
  mostKg: number | null;
}
interface PairLine {
  id: number;
  customerId: number;
  name: string;
  state: PairState;
  facts: unknown;
}

/** Pairs as they were read last, by their version: of tens of thousands only those that changed are read again, whoever changed them. */
const readBefore = new Map<number, { version: number; pair: KeptPair }>();
const CHUNK = 5000;
const pairsAmong = (where: string, values: object): Promise<(PairLine & { version: number })[]> =>
  selectPlain(`SELECT id, customer_id AS customerId, name, state, version, facts FROM pairs WHERE ${where} AND facts IS NOT NULL`, { ...values });
const coreOf = ({ id, name, state, facts }: PairLine): KeptPair => ({ ...unpackFacts(parsed(facts)), key: String(id), name, state });
let allBefore: { stamp: string; pairs: ReadonlyMap<number, KeptPair[]> } | undefined;
/** Pairs in use or on their way of everybody. Every change of a pair counts its version up. */
async function pairsOfAll(): Promise<ReadonlyMap<number, KeptPair[]>> {
  const [now] = await selectPlain<{ pairs: number; versions: string | null; newest: number | null }>('SELECT COUNT(*) AS pairs, SUM(version) AS versions, MAX(id) AS newest FROM pairs'); // prettier-ignore
  const stamp = `${now.pairs} ${now.versions} ${now.newest}`;
  if (allBefore?.stamp !== stamp) allBefore = { stamp, pairs: await readAll() };
  return allBefore.pairs;
}
async function readAll(): Promise<ReadonlyMap<number, KeptPair[]>> {
  const lines = await selectPlain<{ id: number; customerId: number; version: number }>("SELECT id, customer_id AS customerId, version FROM pairs WHERE state IN ('owned', 'ordered')"); // prettier-ignore
  const stale = lines.filter((l) => readBefore.get(l.id)?.version !== l.version).map((l) => l.id);
  if (stale.length > 0) {
    const there = new Set(lines.map((l) => l.id));
    for (const id of readBefore.keys()) if (!there.has(id)) readBefore.delete(id);
  }
  for (let i = 0; i < stale.length; i += CHUNK)
    for (const row of await pairsAmong('id IN (:ids)', { ids: stale.slice(i, i + CHUNK) })) readBefore.set(row.id, { version: row.version, pair: coreOf(row) });
  return byPerson(lines, ({ id }) => {
    const found = readBefore.get(id);
    return found ? [found.pair] : [];
  });
}

/** Pointe pairs as the rules read them: their life is worked out by the bench’s own sums. */
async function pointePairs(whose: string, ids: readonly number[] | null): Promise<ReadonlyMap<number, KeptPair[]>> {
  const rows = await selectPlain<{ id: number; customerId: number; pair: unknown; asked: unknown }>(
    `SELECT p.id, p.customer_id AS customerId, p.pair, d.asked FROM pointe_pairs p LEFT JOIN pointe_dancers d ON d.customer_id = p.customer_id WHERE p.${whose}`,
    { ids }
  );
  if (rows.length === 0) return new Map();
  const file = await pointeStock();
  const models = coreModels(file);
  const lead = new Map(file.makers.map((m) => [m.id, m.leadDays]));
  return byPerson(rows, ({ id, pair: kept, asked }): KeptPair[] => {
    const pair = parsed<PointePairBody>(kept);
    const model = models.find((m) => m.id === pair.left?.modelId);
    if (!model) return [];
    const dancer = { ...BLANK_DANCER, ...parsed<Partial<typeof BLANK_DANCER> | null>(asked) };
    let life: KeptPair['life'] = null;
    try {
      const { box } = boxOf(model, pair.left.size, pair.left.mark, pair.left.grade, {});
      life = pointeLife({ ...dancer, weightKg: dancer.weightKg ?? 50, paste: box.paste, shankNm: box.shank.nm, sinkMm: 0 }).hours;
    } catch {
      // A size the model is not made in any more: only the middle of its kind is known.
    }
    const begun = pair.begunOn ? dayNumber(pair.begunOn) : null;
    const ordered = pair.orderedOn ? dayNumber(pair.orderedOn) : null;
    return [
      {
        key: `pointe-${id}`,
        name: `${model.name} ${pair.left.size} ${pair.left.mark}`,
        kind: 'pointe',
        uses: [],
        state: pair.died ? 'retired' : begun === null && ordered !== null ? 'ordered' : 'owned',
        boughtOn: begun,
        price: file.models.find((m) => m.id === model.id)?.price ?? null,
        returnBy: null,
        orderedOn: ordered,
        expectedOn: begun === null && ordered !== null ? ordered + (lead.get(model.maker.id) ?? 60) : null,
        habits: [],
        tally: tallyOf(begun !== null && pair.hours > 0 ? [{ on: begun, what: 'worn', amount: pair.hours, unit: 'hours' }] : [], [], 3),
        life,
        leatherSole: null,
        tip: null,
        outgrownOn: null
      }
    ];
  });
}

const eventAhead = (id: string, { on, name, kind, pairId, hem, postDays, kmAWeek }: EventRow['body']): EventAhead => ({ id, name, on: dayNumber(on), kind, pair: pairId === null ? null : String(pairId), hem, postDays, kmAWeek }); // prettier-ignore

/**
 * @param ids people, or null for everybody who was not erased
 * @param today as YYYY-MM-DD: what lies behind it is not read
 */
export async function recordsOf(ids: readonly number[] | null, today: string): Promise<ReadonlyMap<number, NamedRecords>> {
  if (ids?.length === 0) return new Map();
  const whose = ids === null ? 'customer_id > 0' : 'customer_id IN (:ids)';
  // Of everybody one query after another: all connections at once would keep everybody else waiting.
  let before: Promise<unknown> = Promise.resolve();
  const q = <R extends object>(sql: string): Promise<R[]> => {
    const asked = (): Promise<R[]> => selectPlain<R>(sql, { ids, today });
    if (ids !== null) return asked();
    const own = before.then(asked);
    before = own.catch(() => {});
    return own;
  };
  const [people, seen, pairsBy, pointe, posts, events, occasions, wished, answers, looked] = await Promise.all([
    q<PersonLine>(`SELECT id, name, born, born_month AS bornMonth, fits_as AS fitsAs, flags, JSON_VALUE(consents, '$.reminders.agreed') AS reminded FROM customers WHERE erased_at IS NULL${ids === null ? '' : ' AND id IN (:ids)'}`), // prettier-ignore
    q<SeenLine>(
      `SELECT f.customer_id AS customerId, DATE_FORMAT(MAX(CASE WHEN EXISTS (SELECT 1 FROM foot_measures m WHERE m.fitting_id = f.id AND m.field = 'lengthMm') THEN f.opened_at END), '%Y-%m-%d') AS measuredOn,
         CAST(SUBSTRING_INDEX(GROUP_CONCAT(f.weight_kg ORDER BY f.opened_at DESC), ',', 1) AS DOUBLE) AS weightKg, MIN(f.weight_kg) AS leastKg, MAX(f.weight_kg) AS mostKg
       FROM fittings f WHERE f.${whose} GROUP BY f.customer_id`
    ),
    ids === null
      ? pairsOfAll()
      : pairsAmong("customer_id IN (:ids) AND state IN ('owned', 'ordered')", { ids }).then((rows) => byPerson(rows, (row) => [coreOf(row)])),
    pointePairs(whose, ids),
    q<{ id: number; customerId: number; dueOn: string; names: string }>(
      `SELECT p.id, p.customer_id AS customerId, p.due_on AS dueOn, GROUP_CONCAT(COALESCE(s.name, t.style_id) SEPARATOR ', ') AS names
       FROM posts p JOIN try_ons t ON t.post_id = p.id LEFT JOIN styles s ON s.id = t.style_id WHERE p.${whose} AND p.closed_on IS NULL AND p.due_on IS NOT NULL GROUP BY p.id`
    ),
    q<{ id: number; customerId: number; body: unknown }>(`SELECT id, customer_id AS customerId, body FROM events_ahead WHERE ${whose} AND on_day >= :today`),
    q<{ id: number; customerId: number; name: string; plan: unknown }>(`SELECT id, customer_id AS customerId, name, plan FROM occasions WHERE ${whose}`),
    q<{ id: number; customerId: number; body: unknown; createdAt: string; count: number | null }>(
      `SELECT w.id, w.customer_id AS customerId, w.body, DATE_FORMAT(w.created_at, '%Y-%m-%d') AS createdAt,
         (SELECT SUM(s.count) FROM stock s WHERE s.style_id = JSON_VALUE(w.body, '$.styleId') AND s.size = JSON_VALUE(w.body, '$.size')
            AND (JSON_VALUE(w.body, '$.width') = '' OR s.width = JSON_VALUE(w.body, '$.width'))) AS count
       FROM wishes w WHERE w.${whose}`
    ),
    q<{ customerId: number; rule: string; subject: string; anchor: string; answer: DueAnswer['answer']; onDay: string; untilDay: string | null }>(
      `SELECT customer_id AS customerId, rule, subject, anchor, answer, on_day AS onDay, until_day AS untilDay FROM due_answers WHERE ${whose}`
    ),
    q<{ customerId: number; last: string }>(`SELECT customer_id AS customerId, MAX(on_day) AS last FROM feet_looked WHERE ${whose} GROUP BY customer_id`)
  ]);
  const seenOf = new Map(seen.map((s) => [s.customerId, s]));
  const lookedOf = new Map(looked.map((l) => [l.customerId, dayNumber(l.last)]));
  const postsBy = byPerson(posts, ({ id, dueOn, names }): ParcelOut[] => [{ id, name: names, dueOn: dayNumber(dueOn) }]);
  const eventsBy = byPerson(events, ({ id, body }) => {
    const read = bySchema(body, eventFields, null);
    return read ? [eventAhead(String(id), read)] : [];
  });
  const occasionsBy = byPerson(occasions, ({ id, name, plan }): EventAhead[] => {
    const read = bySchema(plan, occasionFields, null);
    if (!read?.event || read.event < today) return [];
    return [{ id: `occasion-${id}`, name, on: dayNumber(read.event), kind: null, pair: null, hem: read.hem, postDays: read.deliveryDays, kmAWeek: 0 }];
  });
  const wishesBy = byPerson(wished, ({ id, body, count, createdAt }): WishInStock[] => {
    const read = Number(count ?? 0) > 0 ? bySchema(body, wishFields, null) : null;
    return read && !read.found ? [{ id, name: read.name, since: dayNumber(createdAt) }] : [];
  });
  const answersBy = byPerson(answers, ({ rule, subject, anchor, answer, onDay, untilDay }): DueAnswer[] => [{ rule, subject, answer, on: dayNumber(onDay), anchor: dayNumber(anchor), until: untilDay === null ? null : dayNumber(untilDay) }]); // prettier-ignore
  const none: never[] = [];
  return new Map(
    people.map((p) => {
      const s = seenOf.get(p.id);
      const person: KeptPerson = {
        id: p.id,
        flags: p.flags === '[]' ? none : textSet(p.flags, FLAG_IDS),
        born: bornAt(p),
        growsAs: p.fitsAs,
        weightKg: s?.weightKg ?? null,
        weightChanged: s !== undefined && s.mostKg !== null && s.leastKg !== null && weightChanges(s.leastKg, s.mostKg),
        measuredOn: s?.measuredOn ? dayNumber(s.measuredOn) : null,
        inspectedOn: lookedOf.get(p.id) ?? null
      };
      const records: KeptRecords = {
        person,
        pairs: pointe.has(p.id) ? [...(pairsBy.get(p.id) ?? none), ...pointe.get(p.id)!] : (pairsBy.get(p.id) ?? none),
        parcels: postsBy.get(p.id) ?? none,
        events: [...(eventsBy.get(p.id) ?? none), ...(occasionsBy.get(p.id) ?? none)],
        wishes: wishesBy.get(p.id) ?? none,
        answers: answersBy.get(p.id) ?? none
      };
      return [p.id, { name: p.name, reminded: String(p.reminded) !== 'false' && String(p.reminded) !== '0', records }] as const;
    })
  );
}
/** People behind one, of whose pairs the facts were never worked out: those that a migration made. One that cannot be read never gets any. */
export const withoutFacts = async (after: number, most: number): Promise<number[]> =>
  (await selectPlain<{ id: number }>('SELECT DISTINCT customer_id AS id FROM pairs WHERE facts IS NULL AND customer_id > :after ORDER BY customer_id LIMIT :most', { after, most })).map((r) => r.id); // prettier-ignore
