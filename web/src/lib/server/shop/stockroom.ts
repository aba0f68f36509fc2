import type { Style } from '@chiave/core/fit';
import type { Last } from '@chiave/core/last';
import type { Transaction } from 'sequelize';
import { lastShape, wholeDetails, type MakerBody } from '../../api/stock-schema';
import { database, fromJson, select, tables } from '../db';
import { log } from '../log';
import { notFound } from '../problems';
import { textSet } from './kept';

type Columns = Record<string, unknown>;
const plain = (rows: { get: (o: { plain: true }) => unknown }[]): Columns[] => rows.map((r) => r.get({ plain: true }) as Columns);

export type LastRow = Last & { version: number };

const makerOf = ({ id, name, note, letters }: Columns): MakerBody => ({
  id: id as string,
  name: name as string,
  note: (note as string | null) ?? '',
  letters: textSet(letters)
});
const lastOf = (row: Columns): LastRow =>
  ({ id: row.id, maker: row.makerId, name: row.name, family: row.family, ...fromJson<object>(row.definition), version: row.version ?? 0 }) as LastRow;

/** A last as kept; none where what stands there could be no last, which would take every page of the stockroom with it. */
function readableLast(row: Columns): LastRow[] {
  const last = lastOf(row);
  if (lastShape.safeParse(last).success) return [last];
  log.warn({ last: row.id }, 'a last cannot be read; it is left out');
  return [];
}

/** Makers with their widths, by name. */
export async function allMakers(transaction?: Transaction): Promise<MakerBody[]> {
  return plain(await tables(database()).Maker.findAll({ order: [['name', 'ASC']], transaction })).map(makerOf);
}

/** Every last. */
export async function allLasts(transaction?: Transaction): Promise<LastRow[]> {
  return plain(await tables(database()).Last.findAll({ order: [['name', 'ASC']], transaction })).flatMap(readableLast);
}

/** The stockroom as it stood at a stamp: two with the same stamp are the same. */
export interface Stockroom {
  stamp: string;
  styles: readonly Style[];
}
let kept: { stamp: string; styles: Promise<Style[]> } | undefined;

/** Says in one short query whether anything of the stockroom has changed, by whatever hand. */
export const stockStamp = async (): Promise<string> =>
  (await select('CHECKSUM TABLE makers, lasts, styles, stock')).map(({ Checksum }) => Number(Checksum).toString(36)).join('-');

/** The stockroom now. It is read anew only when its stamp has changed: reading thousands of sizes takes some tenths of a second. */
export async function stockroomNow(): Promise<Stockroom> {
  const stamp = await stockStamp();
  if (kept?.stamp !== stamp) {
    const read = { stamp, styles: readStyles() };
    kept = read;
    // What failed is not kept: the next question reads again.
    read.styles.catch(() => kept === read && (kept = undefined));
  }
  return { stamp, styles: await kept.styles };
}

/** Makers, lasts and styles together. */
export async function stockParts(): Promise<{ makers: MakerBody[]; lasts: LastRow[]; styles: readonly Style[] }> {
  const [makers, lasts, styles] = await Promise.all([allMakers(), allLasts(), allStyles()]);
  return { makers, lasts, styles };
}

/** The stockroom as the fit engine takes it: every style with its last, scale, run and what is on the shelf. */
export const allStyles = async (transaction?: Transaction): Promise<Style[]> => (transaction ? readStyles(transaction) : [...(await stockroomNow()).styles]);

async function readStyles(transaction?: Transaction): Promise<Style[]> {
  const t = tables(database());
  const [makers, lasts, rows, stock] = await Promise.all([
    allMakers(transaction),
    allLasts(transaction),
    t.Style.findAll({ order: [['id', 'ASC']], transaction }),
    // Thousands of rows that need nothing of a model.
    t.Stock.findAll({ raw: true, transaction }) as unknown as Promise<Columns[]>
  ]);
  const makerById = new Map(makers.map((m) => [m.id, m]));
  const lastById = new Map(lasts.map((l) => [l.id, l]));
  const counts = new Map<string, Record<string, number>>();
  for (const { styleId, size, width, count } of stock) {
    const own = counts.get(styleId as string) ?? {};
    own[`${size}|${width}`] = count as number;
    counts.set(styleId as string, own);
  }
  const styles = plain(rows);
  return styles.flatMap((s) => {
    const maker = makerById.get(s.makerId as string);
    const last = lastById.get(s.lastId as string);
    if (!maker || !last) return [];
    return {
      id: s.id,
      name: s.name,
      maker: { id: maker.id, name: maker.name },
      last,
      kind: s.kind,
      forWhom: s.forWhom,
      scale: s.scale,
      school: s.school,
      step: s.step,
      from: s.sizeFrom,
      to: s.sizeTo,
      widths: textSet(s.widths),
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

/** One last, held against others where it is to be changed. @throws Problem 404 */
export async function lastById(id: string, transaction?: Transaction): Promise<LastRow> {
  const row = await tables(database()).Last.findByPk(id, transaction && { transaction, lock: transaction.LOCK.UPDATE });
  if (!row) throw notFound(`last “${id}”`);
  return lastOf(row.get({ plain: true }) as Columns);
}
