import { isDeepStrictEqual } from 'node:util';
import type { Transaction } from 'sequelize';
import {
  checkRun,
  checkStyle,
  type CountsChange,
  type LastBody,
  type LastChange,
  type MakerBody,
  type StyleBody,
  type StyleChange
} from '../../api/stock-schema';
import { database, tables, transacted } from '../db';
import { conflict, invalid, notFound, Problem } from '../problems';
import { bodyOf, lastBodyOf } from './stock-bodies';
import { writeCounts, writeLast, writeMaker, writeStyle } from './stock-rows';
import { allLasts, allMakers, allStyles, lastById, styleOf } from './stockroom';

/** Values as they travel: nothing undefined. */
const bare = (value: unknown): unknown => JSON.parse(JSON.stringify(value ?? null));
const same = (a: unknown, b: unknown): boolean => isDeepStrictEqual(bare(a), bare(b));
const meanwhile = (name: string, what: string): Problem =>
  new Problem(409, 'Changed meanwhile', `${what} of ${name} was changed by somebody else since. Nothing was written.`, [
    { path: what, message: 'changed meanwhile' }
  ]);
const taken = (what: string, id: string): Problem => new Problem(409, 'Taken', `There is a ${what} “${id}” already.`, [{ path: 'id', message: 'taken' }]);

type Fields = StyleChange['set'];
/** The values a style has in the places a change names; of details only those named. */
const named = (set: Fields, of: StyleBody): Fields =>
  Object.fromEntries(
    Object.entries(set).map(([key, value]) => [
      key,
      key === 'details'
        ? Object.fromEntries(Object.keys(value as object).map((d) => [d, of.details[d as keyof StyleBody['details']]]))
        : of[key as keyof StyleBody]
    ])
  ) as Fields;
const merged = (was: StyleBody, set: Fields): StyleBody => ({ ...was, ...set, details: { ...was.details, ...set.details } });

/**
 * Changes many styles at once, all or none. What is on the shelf is not theirs to change.
 * @returns what takes each change back: it expects to find what was set, so that it undoes nobody else's change
 * @throws Problem 404, 409 when one was changed meanwhile, 422
 */
export async function changeStyles(changes: readonly StyleChange[]): Promise<{ before: StyleChange[]; versions: Record<string, number> }> {
  return transacted(async (transaction) => {
    await held(
      changes.map((c) => c.id),
      transaction
    );
    const [styles, lasts, makers] = await Promise.all([allStyles(transaction), allLasts(transaction), allMakers(transaction)]);
    const byId = new Map(styles.map((s) => [s.id, s]));
    const errors: { path: string; message: string }[] = [];
    const after: { body: StyleBody; maker: string }[] = [];
    const before = changes.map(({ id, set, version, expects }): StyleChange => {
      const style = byId.get(id);
      if (!style) throw notFound(`style “${id}”`);
      if (version !== undefined && version !== style.version) throw conflict(style.name, version, style.version ?? 0);
      const was = bodyOf(style);
      const other = expects && Object.keys(expects).find((key) => !same(named(expects, was)[key as keyof Fields], expects[key as keyof Fields]));
      if (other) throw meanwhile(style.name, other);
      const body = merged(was, set);
      const last = lasts.find((l) => l.id === body.last);
      for (const p of checkStyle(body, last, makers.find((m) => m.id === last?.maker)?.letters ?? []))
        errors.push({ path: `${id}.${p.path}`, message: `${style.name}: ${p.message}` });
      after.push({ body, maker: last?.maker ?? '' });
      return { id, set: named(set, was), expects: named(set, body) };
    });
    if (errors.length > 0) throw invalid(errors);
    for (const { body, maker } of after) await writeStyle(body, maker, transaction);
    return { before, versions: Object.fromEntries(changes.map(({ id }) => [id, (byId.get(id)!.version ?? 0) + 1])) };
  });
}

/** Holds styles against other changes until the transaction ends. */
const held = async (ids: readonly string[], transaction: Transaction): Promise<void> => {
  await tables(database()).Style.findAll({ where: { id: [...ids] }, attributes: ['id'], transaction, lock: transaction.LOCK.UPDATE });
};

/** Keeps a new style with what is on its shelf. @throws Problem 409 for an id that is taken, 422 */
export async function addStyle(body: StyleBody): Promise<{ id: string }> {
  const [lasts, makers] = await Promise.all([allLasts(), allMakers()]);
  const last = lasts.find((l) => l.id === body.last);
  const problems = checkStyle(body, last, makers.find((m) => m.id === last?.maker)?.letters ?? []);
  if (problems.length > 0) throw invalid(problems);
  if (await tables(database()).Style.findByPk(body.id)) throw taken('style', body.id);
  await transacted(async (transaction) => {
    await writeStyle(body, last!.maker, transaction, 'new');
    await writeCounts(body.id, body.stock, transaction);
  });
  return { id: body.id };
}

/** A variant: a style like another but for what is set. @throws Problem 404, 409, 422 */
export async function duplicateStyle(from: string, id: string, name: string, set: Fields, withStock: boolean): Promise<{ id: string }> {
  const was = bodyOf(await styleOf(from));
  return addStyle({ ...merged(was, set), id, name, stock: withStock ? was.stock : {} });
}

/** Takes a style away. @returns it whole, to bring it back with. @throws Problem 404, 409 while visits or photographs hang on it */
export async function removeStyle(id: string): Promise<{ removed: StyleBody }> {
  const t = tables(database());
  return transacted(async (transaction) => {
    await held([id], transaction);
    const body = bodyOf(await styleOf(id));
    const where = { styleId: id };
    const tried = await t.TryOn.count({ where });
    const photos = await t.StylePhoto.count({ where });
    if (tried > 0)
      throw new Problem(
        409,
        'In use',
        `It was tried at ${tried} ${tried === 1 ? 'visit' : 'visits'}, whose record it stays in. Set its counts to nought instead.`
      );
    if (photos > 0)
      throw new Problem(409, 'In use', `It has ${photos} ${photos === 1 ? 'photograph' : 'photographs'}: remove them first, they cannot be brought back.`);
    await t.Style.destroy({ where: { id }, transaction });
    return { removed: body };
  });
}

/**
 * Sets counts of single sizes and widths; the others stay, whoever sells meanwhile.
 * @returns what takes it back
 * @throws Problem 404, 409 when a count is not what was expected, 422 for a size that is not made
 */
export async function setCounts(id: string, { counts, expects = {} }: CountsChange): Promise<{ before: CountsChange }> {
  return transacted(async (transaction) => {
    await held([id], transaction);
    const style = (await allStyles(transaction)).find((s) => s.id === id);
    if (!style) throw notFound(`style “${id}”`);
    const problems = checkRun({ ...bodyOf(style), stock: { ...counts } });
    if (problems.length > 0) throw invalid(problems);
    const other = Object.keys(expects).find((key) => (style.stock[key] ?? 0) !== expects[key]);
    if (other) throw meanwhile(style.name, `the count of ${other.replace('|', ' ')}`);
    await writeCounts(id, counts, transaction);
    return { before: { counts: Object.fromEntries(Object.keys(counts).map((key) => [key, style.stock[key] ?? 0])), expects: counts } };
  });
}

/** Keeps a new maker. @throws Problem 409 for an id that is taken */
export async function addMaker(maker: MakerBody): Promise<{ id: string }> {
  if (await tables(database()).Maker.findByPk(maker.id)) throw taken('maker', maker.id);
  await transacted((transaction) => writeMaker(maker, transaction, 'new'));
  return { id: maker.id };
}

/** Keeps a new last. @throws Problem 404 for its maker, 409 for an id that is taken */
export async function addLast(last: LastBody): Promise<{ id: string }> {
  const t = tables(database());
  if (!(await t.Maker.findByPk(last.maker))) throw notFound(`maker “${last.maker}”`);
  if (await t.Last.findByPk(last.id)) throw taken('last', last.id);
  await transacted((transaction) => writeLast(last, transaction, 'new'));
  return { id: last.id };
}

/** Changes a last. @returns its version, and what takes the change back. @throws Problem 404, 409 when it was changed meanwhile, 422 */
export async function changeLast(id: string, { last, version, expects }: LastChange): Promise<{ version: number; before: LastChange }> {
  if (last.id !== id) throw invalid([{ path: 'id', message: 'an id stays what it is' }]);
  return transacted(async (transaction) => {
    const now = await lastById(id, transaction);
    const was = lastBodyOf(now);
    if (version !== undefined && version !== now.version) throw conflict(now.name, version, now.version);
    if (expects && !same(expects, was)) throw meanwhile(now.name, 'the definition');
    await writeLast(last, transaction);
    return { version: now.version + 1, before: { last: was, expects: last } };
  });
}

/**
 * Joins a last that turned out to be the same under another name: its styles, readings and habits move over, its name stays as an alias.
 * @throws Problem 404, 422 when both are the same or of different makers' widths
 */
export async function joinLasts(keepId: string, otherId: string): Promise<{ moved: number }> {
  if (keepId === otherId) throw invalid([{ path: 'other', message: 'a last cannot be joined with itself' }]);
  const t = tables(database());
  return transacted(async (transaction) => {
    const [keep, other] = [await lastById(keepId, transaction), await lastById(otherId, transaction)];
    if (keep.maker !== other.maker) throw invalid([{ path: 'other', message: 'they are of two makers: their widths mean different things' }]);
    const where = { lastId: otherId };
    const [moved] = await t.Style.update({ lastId: keepId }, { where, transaction });
    await t.InsideReading.update({ lastId: keepId }, { where, transaction });
    await t.Habit.update({ lastId: keepId }, { where, transaction });
    const aliases = [...new Set([...(keep.aliases ?? []), other.name, ...(other.aliases ?? [])])].filter((a) => a !== keep.name);
    await writeLast({ ...lastBodyOf(keep), aliases }, transaction);
    await t.Last.destroy({ where: { id: otherId }, transaction });
    return { moved };
  });
}
