import { BLANK_DETAILS } from '@chiave/core/fit';
import type { Transaction } from 'sequelize';
import type { LastBody, MakerBody, StyleBody } from '../../api/stock-schema';
import { database, tables } from '../db';

/** Rows of makers, lasts, styles and counts as they are written; always within somebody's transaction. */
type Counts = Readonly<Record<string, number>>;

/** 'new' keeps only what is not there yet: of two who keep the same id at once, one is told. 'either' writes over what is there. */
type Way = 'new' | 'either';

/** What a row gets when it is written again: the next version. */
const next = (row: { version: number | null } | null): number => (row?.version ?? -1) + 1;

/** Writes a style; what is on its shelf is written by itself, since others sell meanwhile. */
export async function writeStyle(
  { id, last, from, to, stock: _stock, details, ...rest }: StyleBody,
  makerId: string,
  transaction: Transaction,
  way: Way = 'either'
): Promise<void> {
  const columns = { ...rest, lastId: last, makerId, sizeFrom: from, sizeTo: to, details: { ...BLANK_DETAILS, ...details } };
  const { Style } = tables(database());
  const row = way === 'either' ? await Style.findByPk(id, { transaction, lock: transaction.LOCK.UPDATE }) : null;
  if (row) await row.update({ ...columns, version: next(row) }, { transaction });
  else await Style.create({ ...columns, id, version: 0 }, { transaction });
}

/** Writes counts of single sizes and widths; those not named stay. */
export async function writeCounts(styleId: string, counts: Counts, transaction: Transaction): Promise<void> {
  const t = tables(database());
  const rows = Object.entries(counts).map(([key, count]) => ({ styleId, size: key.split('|')[0], width: key.split('|')[1], count }));
  const there = rows.filter((r) => r.count > 0);
  if (there.length > 0) await t.Stock.bulkCreate(there, { updateOnDuplicate: ['count'], transaction });
  for (const { size, width } of rows.filter((r) => r.count === 0)) await t.Stock.destroy({ where: { styleId, size, width }, transaction });
}

/** Writes a last. */
export async function writeLast({ id, maker, name, family, ...definition }: LastBody, transaction: Transaction, way: Way = 'either'): Promise<void> {
  const { Last, LastVersion } = tables(database());
  const columns = { makerId: maker, name, family, definition };
  const row = way === 'either' ? await Last.findByPk(id, { transaction, lock: transaction.LOCK.UPDATE }) : null;
  if (row) await row.update({ ...columns, version: next(row) }, { transaction });
  else await Last.create({ ...columns, id, version: 0 }, { transaction });
  // Every version stays: what was tried on an older one can be read again.
  const version = row ? row.version! : 0;
  await LastVersion.create({ lastId: id, version, definition: { family, name, ...definition }, createdAt: new Date() }, { transaction });
}

/** Writes a maker. */
export async function writeMaker(maker: MakerBody, transaction: Transaction, way: Way = 'either'): Promise<void> {
  const { Maker } = tables(database());
  if (way === 'new') await Maker.create({ ...maker }, { transaction });
  else await Maker.upsert({ ...maker }, { transaction });
}
