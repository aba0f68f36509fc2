import { costOf, dayNumber, dayText, KIND_LIFE, LIFE_EVENT, lifeOfPair, wearOfPair, WEAR_UNIT, type KeptPair } from '@chiave/core/keep';
import type { Transaction } from 'sequelize';
import type { z } from 'zod';
import { keptPairBody, lifeRow, tomorrowOf, type LifeBody, type LifeRow, type PairBody, type pairChangeSchema, type PairRow } from '../../api/keep-schema';
import type { FittingRow, StyleRow } from '../../api/rows';
import { database, tables, transacted, type PairLifeModel, type PairModel } from '../db';
import { invalid, notFound, Problem } from '../problems';
import { logChange, whatChanged } from './changes';
import { customerOf, heldOf, heldPerson } from './customers';
import { lastMeasured } from './fitting-history';
import { factsOf, stateOf } from './pair-facts';
import { shopToday } from './settings';
import { allStyles } from './stockroom';
import { wholly } from '../watch/asking';

/** Pairs of somebody's own, each with its life line. */

export const lifeOf = (row: PairLifeModel): LifeRow[] => {
  const read = lifeRow.safeParse({ ...row.body, id: Number(row.id), on: row.onDay, what: row.what, by: row.byWhom });
  return read.success ? [read.data] : [];
};
/** What the rules read of a kept pair; facts are worked out where none stand yet. */
export const coreOf = (row: Pick<PairModel, 'id' | 'name' | 'state' | 'facts'>): KeptPair | null =>
  row.facts && { ...row.facts, key: String(row.id), name: row.name, state: row.state };

/** What all pairs of a person are looked at with. */
export interface Around {
  fitting: FittingRow | null;
  styles: ReadonlyMap<string, StyleRow>;
}
export async function aroundOf(customerId: number): Promise<Around> {
  const [fitting, styles] = await Promise.all([lastMeasured(customerId), allStyles()]);
  return { fitting, styles: new Map(styles.map((s) => [s.id, s])) };
}
/** The same for what is kept with a pair: whoever writes it, health notes count. */
export const wholeAroundOf = (customerId: number): Promise<Around> => wholly(() => aroundOf(customerId));
const styleIn = ({ styles }: Around, body: PairBody): StyleRow | null => (body.styleId === null ? null : (styles.get(body.styleId) ?? null));

/** Facts and state of a pair, written anew from its body and its line. */
export async function refreshPair(row: PairModel, around: Around, transaction: Transaction): Promise<void> {
  if (!row.body) return;
  const life = (await tables(database()).PairLife.findAll({ where: { pairId: row.id }, order: [['id', 'ASC']], transaction })).flatMap(lifeOf);
  const facts = factsOf(row.body, life, { fitting: around.fitting, style: styleIn(around, row.body) });
  await row.update({ facts, state: stateOf(row.body, facts) }, { transaction });
}

function rowOf(row: PairModel, body: PairBody, { life, why }: { life: LifeRow[]; why: string }, today: number): PairRow {
  const core = coreOf(row)!;
  const { counts } = KIND_LIFE[core.kind];
  const worn = wearOfPair(core, today);
  const band = lifeOfPair(core);
  const less = (x: number): number => Math.max(0, x - worn[counts]);
  return {
    id: Number(row.id),
    customerId: row.customerId,
    tryId: row.tryId ?? null,
    why,
    state: row.state,
    body,
    life,
    worn,
    left: { low: less(band.low), centre: less(band.centre), high: less(band.high) },
    counts,
    lastWorn: core.tally.all.last === null ? null : dayText(core.tally.all.last),
    cost: costOf(core, today),
    version: row.version
  };
}
/** All pairs of a person, those in use first, the newest first. @throws Problem 404 */
export async function pairsOf(customerId: number, today: string): Promise<PairRow[]> {
  await customerOf(customerId);
  const t = tables(database());
  let rows = await t.Pair.findAll({ where: { customerId }, order: [['id', 'DESC']] });
  if (rows.some((r) => r.body && !r.facts)) {
    await refreshPairs(customerId);
    rows = await t.Pair.findAll({ where: { customerId }, order: [['id', 'DESC']] });
  }
  const lines = rows.length === 0 ? [] : await t.PairLife.findAll({ where: { pairId: rows.map((r) => r.id) }, order: [['onDay', 'DESC'], ['id', 'DESC']] }); // prettier-ignore
  const tryIds = rows.flatMap((r) => r.tryId ?? []);
  const tried = tryIds.length === 0 ? [] : await t.TryOn.findAll({ where: { id: tryIds }, attributes: ['id', 'why'] });
  const whyOf = new Map(tried.map((x) => [x.id, x.why ?? '']));
  const of = new Map<number, LifeRow[]>();
  for (const line of lines) of.set(line.pairId, [...(of.get(line.pairId) ?? []), ...lifeOf(line)]);
  const day = dayNumber(today);
  return rows
    .flatMap((row) => (row.body && row.facts ? [rowOf(row, row.body, { life: of.get(Number(row.id)) ?? [], why: whyOf.get(row.tryId ?? 0) ?? '' }, day)] : []))
    .sort((a, b) => Number(a.state !== 'owned') - Number(b.state !== 'owned') || (b.body.boughtOn ?? '').localeCompare(a.body.boughtOn ?? ''));
}
/** Works out anew what the rules read of all pairs of a person: after a new measurement, or where nothing stands yet. */
export async function refreshPairs(customerId: number): Promise<void> {
  const around = await wholeAroundOf(customerId);
  await transacted(async (transaction) => {
    await heldPerson(customerId, transaction, 'share');
    const rows = await tables(database()).Pair.findAll({ where: { customerId }, transaction, lock: transaction.LOCK.UPDATE });
    for (const row of rows) {
      await row.update({ version: row.version + 1 }, { transaction });
      await refreshPair(row, around, transaction);
    }
  });
}

/** Days that contradict the life line, by the field that mends them. */
function againstLine(body: PairBody, life: readonly LifeRow[]): void {
  const { boughtOn } = body;
  if (boughtOn === null) return;
  const before = life.find((e) => LIFE_EVENT[e.what].wears && e.on < boughtOn);
  if (before) throw invalid([{ path: 'boughtOn', message: `it was worn on ${before.on}, before that: correct the day it was bought, or take that wear away` }]);
  const habit = body.habits.findIndex((h) => h.from < boughtOn);
  if (habit >= 0) throw invalid([{ path: `habits.${habit}.from`, message: `the habit begins before the pair was bought (${boughtOn})` }]);
}
/** Adds a pair by style, by its label or by a photograph. @throws Problem 404, 410, 422 */
export async function addPair(customerId: number, body: PairBody, by: string, tryId: number | null = null): Promise<{ id: number; version: number }> {
  const around = await wholeAroundOf(customerId);
  againstLine(body, []);
  if (body.styleId !== null && !around.styles.has(body.styleId)) throw invalid([{ path: 'styleId', message: `there is no style “${body.styleId}”; leave it out to add the pair by its label` }]); // prettier-ignore
  return transacted(async (transaction) => {
    await heldPerson(customerId, transaction, 'share');
    const row = await tables(database()).Pair.create({ customerId, tryId, styleId: body.styleId, name: body.name, state: 'owned', body, version: 0, updatedAt: new Date() }, { transaction }); // prettier-ignore
    await refreshPair(row, around, transaction);
    await logChange({ by, customerId, what: 'pair', changed: { name: body.name, size: body.size } }, transaction);
    return { id: Number(row.id), version: 0 };
  });
}
async function heldPair(id: number, transaction: Transaction, seen?: number): Promise<{ row: PairModel; body: PairBody; life: LifeRow[] }> {
  const row = await heldOf(tables(database()).Pair, id, 'pair', transaction, seen);
  if (!row.body) throw notFound(`pair ${id}`);
  const life = (await tables(database()).PairLife.findAll({ where: { pairId: id }, order: [['id', 'ASC']], transaction })).flatMap(lifeOf);
  return { row, body: row.body, life };
}
const ownerOf = async (id: number): Promise<number> => {
  const row = await tables(database()).Pair.findByPk(id, { attributes: ['customerId'] });
  if (!row) throw notFound(`pair ${id}`);
  return row.customerId;
};
/** Changes what is kept of a pair. @throws Problem 404, 409, 410, 422 */
export async function changePair(id: number, { version, ...patch }: z.infer<typeof pairChangeSchema>, by: string): Promise<{ id: number; version: number }> {
  const around = await wholeAroundOf(await ownerOf(id));
  const body = keptPairBody.parse(patch);
  return transacted(async (transaction) => {
    const { row, body: before, life } = await heldPair(id, transaction, version);
    againstLine(body, life);
    const next = row.version + 1;
    await row.update({ body, name: body.name, styleId: body.styleId, version: next, updatedAt: new Date() }, { transaction });
    await refreshPair(row, around, transaction);
    await logChange(
      { by, customerId: row.customerId, what: `pair ${id}`, changed: whatChanged({ ...before, photo: '' }, { ...body, photo: '' }) },
      transaction
    );
    return { id, version: next };
  });
}
/** Takes a pair away that was never theirs, with its line. @throws Problem 404, 410 */
export async function removePair(id: number, by: string): Promise<void> {
  await transacted(async (transaction) => {
    const { row } = await heldPair(id, transaction);
    await row.destroy({ transaction });
    await logChange({ by, customerId: row.customerId, what: 'pair taken away', changed: { name: row.name } }, transaction);
  });
}

const saidOf = (e: Pick<LifeRow, 'what' | 'amount' | 'unit'>): string =>
  e.unit && e.amount !== undefined ? `${e.amount} ${e.amount === 1 ? WEAR_UNIT[e.unit].one : WEAR_UNIT[e.unit].name}` : LIFE_EVENT[e.what].name;
/** What cannot be on this line. @throws Problem 409 for what was noted already, 422 */
function againstEvent(body: PairBody, life: readonly LifeRow[], e: LifeBody, again: boolean, today: string): void {
  if (e.on > tomorrowOf(today)) throw invalid([{ path: 'on', message: `${e.on} has not come yet: today is ${today}` }]);
  if (LIFE_EVENT[e.what].wears && body.boughtOn !== null && e.on < body.boughtOn)
    throw invalid([{ path: 'on', message: `${e.on} lies before the day it was bought, ${body.boughtOn}: correct one of the two` }]);
  const ended = life.find((l) => LIFE_EVENT[l.what].ends && l.on < e.on);
  if (ended) throw invalid([{ path: 'on', message: `the pair was ${LIFE_EVENT[ended.what].name} on ${ended.on}` }]);
  const same = life.find((l) => l.on === e.on && l.what === e.what && l.unit === e.unit);
  if (same && !again)
    throw new Problem(
      409,
      'Noted already',
      `On ${e.on} ${same.by || 'somebody'} has already noted ${saidOf(same)}: it counts once. If it was twice, send it again with “again”.`,
      [{ path: 'again', message: saidOf(same) }]
    );
}
/** Notes something on the life line. @throws Problem 404, 409, 410, 422 */
export async function addLife(
  id: number,
  { again, ...e }: LifeBody & { again: boolean },
  by: string
): Promise<{ id: number; version: number; worn: PairRow['worn'] }> {
  const [today, owner] = await Promise.all([shopToday(), ownerOf(id)]);
  const around = await wholeAroundOf(owner);
  return transacted(async (transaction) => {
    const { row, body, life } = await heldPair(id, transaction);
    againstEvent(body, life, e, again, today);
    const { on, what, ...rest } = e;
    const line = await tables(database()).PairLife.create({ pairId: id, onDay: on, what, body: rest, byWhom: by, createdAt: new Date() }, { transaction });
    const next = row.version + 1;
    await row.update({ version: next, updatedAt: new Date() }, { transaction });
    await refreshPair(row, around, transaction);
    return { id: Number(line.id), version: next, worn: wearOfPair(coreOf(row)!, dayNumber(today)) };
  });
}
/** Takes something off a life line again. @throws Problem 404, 410 */
export async function removeLife(lifeId: number): Promise<void> {
  const line = await tables(database()).PairLife.findByPk(lifeId);
  if (!line) throw notFound(`note ${lifeId}`);
  const around = await wholeAroundOf(await ownerOf(line.pairId));
  await transacted(async (transaction) => {
    const { row } = await heldPair(line.pairId, transaction);
    await line.destroy({ transaction });
    await row.update({ version: row.version + 1, updatedAt: new Date() }, { transaction });
    await refreshPair(row, around, transaction);
  });
}

/** What a pair takes from its style. */
export const ofStyle = ({ id, name, maker, last, kind, upper, details }: StyleRow): Partial<PairBody> & Pick<PairBody, 'name' | 'kind'> => ({
  name,
  styleId: id,
  maker: maker.name,
  last: last.name,
  kind,
  upper,
  colour: details?.colour ?? '',
  price: details?.price ?? null,
  tipMm: KIND_LIFE[kind].tip ? (details?.tipWidthMm ?? null) : null
});

/** A kept try becomes a pair; one that is kept no more goes, unless something was noted on its line since: then it was sent back. */
export async function pairOfTry(
  tried: { id: number; styleId: string; size: string; width: string; putIn: PairBody['put'] },
  { customerId, kept, today, by }: { customerId: number; kept: boolean; today: string; by: string },
  around: Around,
  transaction: Transaction
): Promise<void> {
  const t = tables(database());
  const row = await t.Pair.findOne({ where: { tryId: tried.id }, transaction });
  if (kept && !row) {
    const style = around.styles.get(tried.styleId);
    if (!style) return;
    const body = keptPairBody.parse({
      ...ofStyle(style), size: tried.size, width: tried.width, put: tried.putIn, boughtOn: today
    }); // prettier-ignore
    const made = await t.Pair.create({ customerId, tryId: tried.id, styleId: style.id, name: body.name, state: 'owned', body, version: 0, updatedAt: new Date() }, { transaction }); // prettier-ignore
    await refreshPair(made, around, transaction);
  }
  if (kept || !row) return;
  if ((await t.PairLife.count({ where: { pairId: row.id }, transaction })) === 0) await row.destroy({ transaction });
  else if (!row.facts?.tally.ended) {
    await t.PairLife.create({ pairId: row.id, onDay: today, what: 'returned', body: { note: '' }, byWhom: by, createdAt: new Date() }, { transaction });
    await row.update({ version: row.version + 1, updatedAt: new Date() }, { transaction });
    await refreshPair(row, around, transaction);
  }
}
