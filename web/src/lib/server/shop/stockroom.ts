import { withLearned } from '@chiave/core/last';
import type { Transaction } from 'sequelize';
import { z } from 'zod';
import { lastRow, type LastRow, type StyleRow } from '../../api/rows';
import { styleFields, type MakerBody } from '../../api/stock-schema';
import { database, select, tables, type LastModel, type MakerModel } from '../db';
import { log } from '../log';
import { notFound } from '../problems';
import { learnedInUse, offsetsIn } from './learned-answers';

const makerOf = ({ id, name, note, letters }: MakerModel): MakerBody => ({ id, name, note: note ?? '', letters });

/** A last as kept; none where what stands there could be no last, which would take every page of the stockroom with it. */
function readableLast({ id, makerId: maker, name, family, definition, version }: LastModel): LastRow[] {
  const read = lastRow.safeParse({ id, maker, name, family, ...definition, version: version ?? 0 });
  if (read.success) return [read.data];
  log.warn({ last: id }, 'a last cannot be read; it is left out');
  return [];
}

/** Makers with their widths, by name. */
export async function allMakers(transaction?: Transaction): Promise<MakerBody[]> {
  return (await tables(database()).Maker.findAll({ order: [['name', 'ASC']], transaction })).map(makerOf);
}

/** Every last. */
export async function allLasts(transaction?: Transaction): Promise<LastRow[]> {
  return (await tables(database()).Last.findAll({ order: [['name', 'ASC']], transaction })).flatMap(readableLast);
}

/** The stockroom as it stood at a stamp: two with the same stamp are the same. */
export interface Stockroom {
  stamp: string;
  styles: StyleRow[];
}
let kept: { stamp: string; styles: Promise<StyleRow[]> } | undefined;

/** Says in one short query whether anything of the stockroom has changed, by whatever hand. */
export const stockStamp = async (): Promise<string> =>
  (await select(z.object({ Checksum: z.coerce.number() }), 'CHECKSUM TABLE makers, lasts, styles, stock, learned_answers'))
    .map(({ Checksum }) => Checksum.toString(36))
    .join('-');

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
export async function stockParts(): Promise<{ makers: MakerBody[]; lasts: LastRow[]; styles: readonly StyleRow[] }> {
  const [makers, lasts, styles] = await Promise.all([allMakers(), allLasts(), allStyles()]);
  return { makers, lasts, styles };
}

/** The stockroom as the fit engine takes it: every style with its last, scale, run and what is on the shelf. */
export const allStyles = async (transaction?: Transaction): Promise<StyleRow[]> => (transaction ? readStyles(transaction) : [...(await stockroomNow()).styles]);

async function readStyles(transaction?: Transaction): Promise<StyleRow[]> {
  const t = tables(database());
  const [inUse, makers, lasts, rows, stock] = await Promise.all([
    learnedInUse(),
    allMakers(transaction),
    allLasts(transaction),
    t.Style.findAll({ order: [['id', 'ASC']], transaction }),
    // Thousands of rows that need nothing of a model.
    t.Stock.findAll({ raw: true, transaction })
  ]);
  const makerById = new Map(makers.map((m) => [m.id, m]));
  const lastById = new Map(lasts.map((l) => [l.id, l]));
  const counts = new Map<string, Record<string, number>>();
  for (const { styleId, size, width, count } of stock) {
    const own = counts.get(styleId) ?? {};
    own[`${size}|${width}`] = count;
    counts.set(styleId, own);
  }
  return rows.flatMap((s) => {
    const maker = makerById.get(s.makerId);
    const last = lastById.get(s.lastId);
    if (!maker || !last) return [];
    const made = madeAs.safeParse({ kind: s.kind, forWhom: s.forWhom, scale: s.scale, upper: s.upper, closure: s.closure, toeStructure: s.toeStructure });
    if (!made.success) {
      log.warn({ style: s.id }, 'a style cannot be read; it is left out');
      return [];
    }
    return {
      id: s.id,
      name: s.name,
      maker: { id: maker.id, name: maker.name },
      last: withLearned(last, offsetsIn(inUse, last.id, made.data.kind)),
      ...made.data,
      school: s.school,
      step: s.step,
      from: s.sizeFrom,
      to: s.sizeTo,
      widths: s.widths,
      letters: maker.letters,
      soleStiffness: s.soleStiffness,
      heelHeightMm: s.heelHeightMm,
      platformMm: s.platformMm,
      removableInsoleMm: s.removableInsoleMm,
      details: s.details,
      version: s.version ?? 0,
      stock: counts.get(s.id) ?? {}
    };
  });
}
/** Words of a style that the fit goes by: of a kind that is none of ours it would say something about another shoe. */
const madeAs = styleFields.pick({ kind: true, forWhom: true, scale: true, upper: true, closure: true, toeStructure: true });

/** One style. @throws Problem 404 */
export async function styleOf(id: string): Promise<StyleRow> {
  const style = (await allStyles()).find((s) => s.id === id);
  if (!style) throw notFound(`style “${id}”`);
  return style;
}

/** One last, held against others where it is to be changed. @throws Problem 404 */
export async function lastById(id: string, transaction?: Transaction): Promise<LastRow> {
  const row = await tables(database()).Last.findByPk(id, transaction && { transaction, lock: transaction.LOCK.UPDATE });
  if (!row) throw notFound(`last “${id}”`);
  const [last] = readableLast(row);
  if (!last) throw notFound(`last “${id}” that can be read`);
  return last;
}
