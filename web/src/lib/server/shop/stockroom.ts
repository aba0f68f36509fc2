import type { Style } from '@chiave/core/fit';
import type { Last } from '@chiave/core/last';
import { checkRun, wholeDetails, type LastBody, type MakerBody, type StyleBody, type StyleChange } from '../../api/stock-schema';
import type { Transaction } from 'sequelize';
import { database, fromJson, tables } from '../db';
import { conflict, invalid, notFound, Problem } from '../problems';

type Columns = Record<string, unknown>;
const plain = (rows: { get: (o: { plain: true }) => unknown }[]): Columns[] => rows.map((r) => r.get({ plain: true }) as Columns);

export type LastRow = Last & { version: number };

const makerOf = ({ id, name, note, letters }: Columns): MakerBody => ({
  id: id as string,
  name: name as string,
  note: (note as string | null) ?? '',
  letters: fromJson(letters)
});
const lastOf = (row: Columns): LastRow =>
  ({ id: row.id, maker: row.makerId, name: row.name, family: row.family, ...fromJson<object>(row.definition), version: row.version ?? 0 }) as LastRow;

/** Makers with their widths, by name. */
export async function allMakers(): Promise<MakerBody[]> {
  return plain(await tables(database()).Maker.findAll({ order: [['name', 'ASC']] })).map(makerOf);
}

/** Every last. */
export async function allLasts(): Promise<LastRow[]> {
  return plain(await tables(database()).Last.findAll({ order: [['name', 'ASC']] })).map(lastOf);
}

/** The stockroom as the fit engine takes it: every style with its last, scale, run and what is on the shelf. */
export async function allStyles(): Promise<Style[]> {
  const t = tables(database());
  const [makers, lasts, styles, stock] = (
    await Promise.all([t.Maker.findAll(), t.Last.findAll(), t.Style.findAll({ order: [['id', 'ASC']] }), t.Stock.findAll({ raw: true })])
  ).map((rows) => (rows.length > 0 && 'get' in rows[0] ? plain(rows) : (rows as unknown as Columns[])));
  const makerById = new Map(makers.map((m) => [m.id as string, makerOf(m)]));
  const lastById = new Map(lasts.map((l) => [l.id as string, lastOf(l)]));
  const counts = new Map<string, Record<string, number>>();
  for (const { styleId, size, width, count } of stock) {
    const own = counts.get(styleId as string) ?? {};
    own[`${size}|${width}`] = count as number;
    counts.set(styleId as string, own);
  }
  return styles.map((s) => {
    const maker = makerById.get(s.makerId as string)!;
    return {
      id: s.id,
      name: s.name,
      maker: { id: maker.id, name: maker.name },
      last: lastById.get(s.lastId as string)!,
      kind: s.kind,
      forWhom: s.forWhom,
      scale: s.scale,
      school: s.school,
      step: s.step,
      from: s.sizeFrom,
      to: s.sizeTo,
      widths: fromJson<string[]>(s.widths),
      letters: maker.letters,
      upper: s.upper,
      closure: s.closure,
      soleStiffness: s.soleStiffness,
      heelHeightMm: s.heelHeightMm,
      platformMm: s.platformMm,
      removableInsoleMm: s.removableInsoleMm,
      toeStructure: s.toeStructure,
      details: wholeDetails(s.details ? fromJson(s.details) : null),
      version: (s.version as number | null) ?? 0,
      stock: counts.get(s.id as string) ?? {}
    } as Style;
  });
}

/** One style. @throws Problem 404 */
export async function styleOf(id: string): Promise<Style> {
  const style = (await allStyles()).find((s) => s.id === id);
  if (!style) throw notFound(`style “${id}”`);
  return style;
}

/** One last. @throws Problem 404 */
export async function lastById(id: string): Promise<LastRow> {
  const row = await tables(database()).Last.findByPk(id);
  if (!row) throw notFound(`last “${id}”`);
  return lastOf(row.get({ plain: true }) as Columns);
}

/** A style as it is carried in files and changed by pages. */
export const bodyOf = (style: Style): StyleBody => ({
  id: style.id,
  last: style.last.id,
  name: style.name,
  kind: style.kind,
  forWhom: style.forWhom,
  scale: style.scale,
  school: style.school,
  step: style.step,
  from: style.from,
  to: style.to,
  widths: [...style.widths],
  upper: style.upper,
  closure: style.closure,
  soleStiffness: style.soleStiffness,
  heelHeightMm: style.heelHeightMm,
  platformMm: style.platformMm,
  removableInsoleMm: style.removableInsoleMm,
  toeStructure: style.toeStructure,
  details: wholeDetails(style.details),
  stock: { ...style.stock }
});

const styleColumns = ({ last, from, to, stock: _stock, details, ...rest }: StyleBody, makerId: string): Columns => ({
  ...rest,
  lastId: last,
  makerId,
  sizeFrom: from,
  sizeTo: to,
  details: wholeDetails(details)
});
const lastColumns = ({ id, maker, name, family, ...definition }: LastBody): Columns => ({ id, makerId: maker, name, family, definition });

/** What a style must agree on with its last and its maker. */
export function checkStyle(
  style: StyleBody,
  last: Pick<Last, 'maker' | 'name' | 'base'> | undefined,
  letters: readonly string[]
): { path: string; message: string }[] {
  if (!last) return [{ path: 'last', message: `there is no last “${style.last}”` }];
  const strange = style.widths.filter((w) => !letters.includes(w));
  const problems = checkRun(style);
  if (strange.length > 0) problems.push({ path: 'widths', message: `${strange.join(', ')} is none of the maker’s widths: ${letters.join(', ')}` });
  if (!letters.includes(last.base.width)) problems.push({ path: 'last', message: `the last’s base width ${last.base.width} is none of the maker’s` });
  return problems;
}

/** Writes a style whole, its counts with it. */
export async function writeStyle(style: StyleBody, makerId: string, transaction: Transaction): Promise<void> {
  const t = tables(database());
  const row = await t.Style.findByPk(style.id, { transaction });
  const columns = styleColumns(style, makerId);
  if (row) await row.update({ ...columns, version: ((row.get('version') as number | null) ?? 0) + 1 }, { transaction });
  else await t.Style.create({ ...columns, version: 0 }, { transaction });
  await writeCounts(style.id, style.stock, transaction);
}

/** Replaces what is on the shelf of a style. */
export async function writeCounts(styleId: string, counts: Readonly<Record<string, number>>, transaction: Transaction): Promise<void> {
  const t = tables(database());
  await t.Stock.destroy({ where: { styleId }, transaction });
  const rows = Object.entries(counts)
    .filter(([, count]) => count > 0)
    .map(([key, count]) => ({ styleId, size: key.split('|')[0], width: key.split('|')[1], count }));
  if (rows.length > 0) await t.Stock.bulkCreate(rows, { transaction });
}

/** Writes a last whole. */
export async function writeLast(last: LastBody, transaction: Transaction): Promise<void> {
  const t = tables(database());
  const row = await t.Last.findByPk(last.id, { transaction });
  const columns = lastColumns(last);
  if (row) await row.update({ ...columns, version: ((row.get('version') as number | null) ?? 0) + 1 }, { transaction });
  else await t.Last.create({ ...columns, version: 0 }, { transaction });
}

/** Writes a maker whole. */
export async function writeMaker(maker: MakerBody, transaction: Transaction): Promise<void> {
  await tables(database()).Maker.upsert({ ...maker }, { transaction });
}

/**
 * Changes many styles at once, all or none.
 * @returns what each had before, to take the change back with
 * @throws Problem 404, 409 when one was changed meanwhile, 422
 */
export async function changeStyles(changes: readonly StyleChange[]): Promise<{ before: StyleChange[]; versions: Record<string, number> }> {
  const [styles, lasts, makers] = await Promise.all([allStyles(), allLasts(), allMakers()]);
  const byId = new Map(styles.map((s) => [s.id, s]));
  const errors: { path: string; message: string }[] = [];
  const before: StyleChange[] = [];
  const after: { body: StyleBody; maker: string }[] = [];
  for (const { id, set, version } of changes) {
    const style = byId.get(id);
    if (!style) throw notFound(`style “${id}”`);
    if (version !== undefined && version !== style.version) throw conflict(style.name, version, style.version ?? 0);
    const was = bodyOf(style);
    const body: StyleBody = { ...was, ...set, details: { ...was.details, ...set.details } };
    const last = lasts.find((l) => l.id === body.last);
    const letters = makers.find((m) => m.id === last?.maker)?.letters ?? [];
    for (const p of checkStyle(body, last, letters)) errors.push({ path: `${id}.${p.path}`, message: `${style.name}: ${p.message}` });
    before.push({ id, set: Object.fromEntries(Object.keys(set).map((key) => [key, was[key as keyof StyleBody]])) as StyleChange['set'] });
    after.push({ body, maker: last?.maker ?? '' });
  }
  if (errors.length > 0) throw invalid(errors);
  await database().transaction(async (transaction) => {
    for (const { body, maker } of after) await writeStyle(body, maker, transaction);
  });
  return { before, versions: Object.fromEntries(changes.map(({ id }) => [id, (byId.get(id)!.version ?? 0) + 1])) };
}

/** Keeps a new style. @throws Problem 409 for an id that is taken, 422 */
export async function addStyle(body: StyleBody): Promise<{ id: string }> {
  const [lasts, makers] = await Promise.all([allLasts(), allMakers()]);
  const last = lasts.find((l) => l.id === body.last);
  const problems = checkStyle(body, last, makers.find((m) => m.id === last?.maker)?.letters ?? []);
  if (problems.length > 0) throw invalid(problems);
  if (await tables(database()).Style.findByPk(body.id))
    throw new Problem(409, 'Taken', `There is a style “${body.id}” already.`, [{ path: 'id', message: 'taken' }]);
  await database().transaction((transaction) => writeStyle(body, last!.maker, transaction));
  return { id: body.id };
}

/** A variant: a style like another but for what is set. @throws Problem 404, 409, 422 */
export async function duplicateStyle(from: string, id: string, name: string, set: StyleChange['set'], withStock: boolean): Promise<{ id: string }> {
  const was = bodyOf(await styleOf(from));
  return addStyle({ ...was, ...set, details: { ...was.details, ...set.details }, id, name, stock: withStock ? was.stock : {} });
}

/** Takes a style away. @throws Problem 404, 409 while visits speak of it */
export async function removeStyle(id: string): Promise<void> {
  const t = tables(database());
  const tried = await t.TryOn.count({ where: { styleId: id } });
  if (tried > 0)
    throw new Problem(
      409,
      'In use',
      `It was tried at ${tried} ${tried === 1 ? 'visit' : 'visits'}, whose record it stays in. Set its counts to nought instead.`
    );
  if ((await t.Style.destroy({ where: { id } })) === 0) throw notFound(`style “${id}”`);
}

/** Sets what is on the shelf. @returns the counts before. @throws Problem 404, 422 for a size that is not made */
export async function setCounts(id: string, counts: Readonly<Record<string, number>>): Promise<{ before: Record<string, number> }> {
  const was = bodyOf(await styleOf(id));
  const problems = checkRun({ ...was, stock: { ...counts } });
  if (problems.length > 0) throw invalid(problems);
  await database().transaction((transaction) => writeCounts(id, counts, transaction));
  return { before: was.stock };
}

/** Keeps a new maker. @throws Problem 409 for an id that is taken */
export async function addMaker(maker: MakerBody): Promise<{ id: string }> {
  if (await tables(database()).Maker.findByPk(maker.id))
    throw new Problem(409, 'Taken', `There is a maker “${maker.id}” already.`, [{ path: 'id', message: 'taken' }]);
  await database().transaction((transaction) => writeMaker(maker, transaction));
  return { id: maker.id };
}

/** Keeps a new last. @throws Problem 404 for its maker, 409 for an id that is taken */
export async function addLast(last: LastBody): Promise<{ id: string }> {
  const t = tables(database());
  if (!(await t.Maker.findByPk(last.maker))) throw notFound(`maker “${last.maker}”`);
  if (await t.Last.findByPk(last.id)) throw new Problem(409, 'Taken', `There is a last “${last.id}” already.`, [{ path: 'id', message: 'taken' }]);
  await database().transaction((transaction) => writeLast(last, transaction));
  return { id: last.id };
}

/** Changes a last. @throws Problem 404, 409 when it was changed meanwhile, 422 */
export async function changeLast(id: string, last: LastBody, version: number | undefined): Promise<{ version: number }> {
  const was = await lastById(id);
  if (last.id !== id) throw invalid([{ path: 'id', message: 'an id stays what it is' }]);
  if (version !== undefined && version !== was.version) throw conflict(was.name, version, was.version);
  await database().transaction((transaction) => writeLast(last, transaction));
  return { version: was.version + 1 };
}

/**
 * Joins a last that turned out to be the same under another name: its styles, readings and habits move over, its name stays as an alias.
 * @throws Problem 404, 422 when both are the same or of different makers' widths
 */
export async function joinLasts(keepId: string, otherId: string): Promise<{ moved: number }> {
  if (keepId === otherId) throw invalid([{ path: 'other', message: 'a last cannot be joined with itself' }]);
  const [keep, other] = [await lastById(keepId), await lastById(otherId)];
  if (keep.maker !== other.maker) throw invalid([{ path: 'other', message: 'they are of two makers: their widths mean different things' }]);
  const t = tables(database());
  return database().transaction(async (transaction) => {
    const where = { lastId: otherId };
    const [moved] = await t.Style.update({ lastId: keepId }, { where, transaction });
    await t.InsideReading.update({ lastId: keepId }, { where, transaction });
    await t.Habit.update({ lastId: keepId }, { where, transaction });
    const aliases = [...new Set([...(keep.aliases ?? []), other.name, ...(other.aliases ?? [])])].filter((a) => a !== keep.name);
    const { version: _version, ...body } = keep;
    await writeLast({ ...body, aliases } as unknown as LastBody, transaction);
    await t.Last.destroy({ where: { id: otherId }, transaction });
    return { moved };
  });
}
