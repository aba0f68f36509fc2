import { FLAG } from '@chiave/core/fit';
import {
  dayNumber,
  dayText,
  rotate,
  untilEvent,
  zonesOf,
  sizesSuspected,
  missedDays,
  costOf,
  costOfMany,
  type EventAhead,
  type KeptPair
} from '@chiave/core/keep';
import { lastBuyDays } from '@chiave/core/use';
import type { z } from 'zod';
import type { CostRow, EventRow, RotationAnswer, rotationSchema, SeasonRow, TroublesAnswer, WishRow } from '../../api/keep-schema';
import { database, select, selectPlain, tables, unpackFacts } from '../db';
import { customerOf } from './customers';
import { recordsOf } from './kept-records';
import { coreOf } from './pairs';
import { events, looks, troubles, wishes } from './person-rows';
import { z as zod } from 'zod';

/** Turns and season, what troubles point to, wishes against the shelf, days without a look, and what pairs cost. */
const pairsNow = async (customerId: number, today: string): Promise<readonly KeptPair[]> => {
  await customerOf(customerId);
  return (await recordsOf([customerId], today)).get(customerId)?.records.pairs ?? [];
};
/** A proposal which pair for which day. @throws Problem 404 */
export async function turnsOf(customerId: number, { slots }: z.infer<typeof rotationSchema>, today: string): Promise<RotationAnswer> {
  const pairs = await pairsNow(customerId, today);
  const turns = rotate(slots.map((s) => ({ ...s, on: dayNumber(s.on) })), pairs, dayNumber(today)); // prettier-ignore
  return { turns: turns.map(({ slot, pair, rested }) => ({ on: dayText(slot.on), use: slot.use, pair: pair && { key: pair.key, name: pair.name }, rested })) };
}
/** What comes, and each pair of its kind against it. @throws Problem 404 */
export async function seasonsOf(customerId: number, today: string): Promise<{ events: EventRow[]; seasons: SeasonRow[] }> {
  const [list, pairs, customer] = await Promise.all([events.list(customerId), pairsNow(customerId, today), customerOf(customerId)]);
  const withDevice = customer.flags.some((f) => FLAG[f].device);
  const day = dayNumber(today);
  const seasons = list.flatMap(({ id, body }): SeasonRow[] => {
    if (body.kind === null || body.on < today) return [];
    const event: EventAhead = { id: String(id), name: body.name, on: dayNumber(body.on), kind: body.kind, pair: null, hem: body.hem, postDays: body.postDays, kmAWeek: body.kmAWeek }; // prettier-ignore
    const { least, better } = lastBuyDays(body.kind, withDevice, body.postDays);
    const mine = pairs.filter((p) => p.state === 'owned' && (body.pairId === null ? p.kind === body.kind : p.key === String(body.pairId)));
    return [
      {
        eventId: id,
        buyBy: dayText(event.on - least),
        better: dayText(event.on - better),
        wearInFrom: dayText(event.on - better + body.postDays),
        pairs: mine.flatMap((pair) => {
          const s = untilEvent(pair, event, day, withDevice);
          const pairId = Number(pair.key);
          if (!Number.isInteger(pairId)) return [];
          return [{ pairId, pair: pair.name, until: s.until, left: s.left, ends: s.ends && { earliest: dayText(s.ends.earliest), centre: dayText(s.ends.centre), latest: dayText(s.ends.latest) }, daysBefore: s.daysBefore }]; // prettier-ignore
        })
      }
    ];
  });
  return { events: list, seasons };
}
/** What was brought home, what it points to, and sizes in which more than one pair went bad. @throws Problem 404 */
export async function troublesOf(customerId: number): Promise<TroublesAnswer> {
  const list = await troubles.list(customerId);
  const rows = await tables(database()).Pair.findAll({ where: { customerId } });
  const sizeOf = new Map(rows.map((r) => [Number(r.id), r.body ? `${r.body.size} ${r.body.width}`.trim() : '']));
  const core = list.map(({ body }) => ({
    on: dayNumber(body.on),
    symptom: body.symptom,
    side: body.side,
    pair: body.pairId === null ? null : String(body.pairId),
    size: (body.pairId === null ? '' : (sizeOf.get(body.pairId) ?? '')) || null
  }));
  return { troubles: list, zones: zonesOf(core), sizes: sizesSuspected(core) };
}
/** Days that are looked back for missed looks at the feet. */
export async function looksOf(customerId: number, today: string) {
  const [list, customer] = await Promise.all([looks.list(customerId), customerOf(customerId)]);
  const seen = list.map((l) => dayNumber(l.body.on));
  return { looks: list, missed: missedDays(seen, dayNumber(today)).map(dayText), flags: customer.flags };
}
const PRIORITY = ['first', 'soon', 'some-day'];
/** Wishes of a person, found ones last, each with how many the stockroom has. @throws Problem 404 */
export async function wishesOf(customerId: number): Promise<WishRow[]> {
  const list = await wishes.list(customerId);
  const counts = await select(
    zod.object({ id: zod.number(), n: zod.coerce.number() }),
    `SELECT w.id, COALESCE((SELECT SUM(s.count) FROM stock s WHERE s.style_id = JSON_VALUE(w.body, '$.styleId') AND s.size = JSON_VALUE(w.body, '$.size')
       AND (JSON_VALUE(w.body, '$.width') = '' OR s.width = JSON_VALUE(w.body, '$.width'))), 0) AS n FROM wishes w WHERE w.customer_id = :customerId`,
    { customerId }
  );
  const of = new Map(counts.map((c) => [c.id, c.n]));
  return list
    .map((w) => ({ ...w, inStock: of.get(w.id) ?? 0 }))
    .sort((a, b) => Number(a.body.found) - Number(b.body.found) || PRIORITY.indexOf(a.body.priority) - PRIORITY.indexOf(b.body.priority) || a.id - b.id);
}
/** What pairs cost, by production and by season; pairs that name neither are in no row. */
export async function costsOfShop(today: string): Promise<{ productions: CostRow[]; seasons: CostRow[] }> {
  const rows = await selectPlain<{
    id: number;
    name: string;
    state: 'owned';
    facts: string | Record<string, unknown>;
    production: string | null;
    season: string | null;
  }>(
    `SELECT id, name, state, facts, JSON_VALUE(body, '$.production') AS production, JSON_VALUE(body, '$.season') AS season FROM pairs
     WHERE facts IS NOT NULL AND (JSON_VALUE(body, '$.production') <> '' OR JSON_VALUE(body, '$.season') <> '')`
  );
  const day = dayNumber(today);
  const costs = rows.map((r) => {
    const facts = unpackFacts(typeof r.facts === 'string' ? JSON.parse(r.facts) : r.facts);
    return { ...r, cost: costOf(coreOf({ ...r, facts })!, day) };
  });
  const by = (of: (r: (typeof costs)[number]) => string | null): CostRow[] => {
    const names = [...new Set(costs.map(of))].filter((n): n is string => Boolean(n));
    return names.map((name) => ({ name, ...costOfMany(costs.filter((r) => of(r) === name).map((r) => r.cost)) })).sort((a, b) => b.spent - a.spent);
  };
  return { productions: by((r) => r.production), seasons: by((r) => r.season) };
}
