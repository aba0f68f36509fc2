import { BLANK_DETAILS } from '@chiave/core/fit';
import { type Last } from '@chiave/core/last';
import type { Transaction } from 'sequelize';
import { checkRun, type LastBody, type MakerBody, type StyleBody } from '../../api/stock-schema';
import { database, tables } from '../db';

/** Rows of makers, lasts, styles and counts as they are written; always within somebody's transaction. */
type Counts = Readonly<Record<string, number>>;

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

/** Writes a style, new or changed; what is on its shelf is written by itself, since others sell meanwhile. */
export async function writeStyle({ last, from, to, stock: _stock, details, ...rest }: StyleBody, makerId: string, transaction: Transaction): Promise<void> {
  const t = tables(database());
  const row = await t.Style.findByPk(rest.id, { transaction });
  const columns = { ...rest, lastId: last, makerId, sizeFrom: from, sizeTo: to, details: { ...BLANK_DETAILS, ...details } };
  if (row) await row.update({ ...columns, version: ((row.get('version') as number | null) ?? 0) + 1 }, { transaction });
  else await t.Style.create({ ...columns, version: 0 }, { transaction });
}

/** Writes counts of single sizes and widths; those not named stay. */
export async function writeCounts(styleId: string, counts: Counts, transaction: Transaction): Promise<void> {
  const t = tables(database());
  const rows = Object.entries(counts).map(([key, count]) => ({ styleId, size: key.split('|')[0], width: key.split('|')[1], count }));
  const there = rows.filter((r) => r.count > 0);
  if (there.length > 0) await t.Stock.bulkCreate(there, { updateOnDuplicate: ['count'], transaction });
  for (const { size, width } of rows.filter((r) => r.count === 0)) await t.Stock.destroy({ where: { styleId, size, width }, transaction });
}

/** Writes a last, new or changed. */
export async function writeLast({ id, maker, name, family, ...definition }: LastBody, transaction: Transaction): Promise<void> {
  const t = tables(database());
  const row = await t.Last.findByPk(id, { transaction });
  const columns = { id, makerId: maker, name, family, definition };
  if (row) await row.update({ ...columns, version: ((row.get('version') as number | null) ?? 0) + 1 }, { transaction });
  else await t.Last.create({ ...columns, version: 0 }, { transaction });
}

/** Writes a maker, new or changed. */
export async function writeMaker(maker: MakerBody, transaction: Transaction): Promise<void> {
  await tables(database()).Maker.upsert({ ...maker }, { transaction });
}
