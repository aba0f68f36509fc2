import type { StockReport } from '../../api/answers';
import type { StockImport } from './stock-plan';
import { COUNT_COLUMNS, countRows, LAST_COLUMNS, lastRows, STOCK_FORMAT, styleRows, type StockFile } from '../../api/stock-exchange';
import { STYLE_COLUMNS } from '../../api/style-fields';
import { writeCsv } from '../../api/csv';
import { transacted } from '../db';
import type { Answered } from '../heavy/jobs';
import { heavy } from '../heavy/pool';
import { invalid } from '../problems';
import { bodyOf, lastBodyOf } from './stock-bodies';
import { writeCounts, writeLast, writeMaker, writeStyle } from './stock-rows';
import { allLasts, allMakers, allStyles } from './stockroom';

/** The whole stockroom as one file. */
export async function stockFile(): Promise<StockFile> {
  const [makers, lasts, styles] = await Promise.all([allMakers(), allLasts(), allStyles()]);
  return { format: STOCK_FORMAT, version: 1, makers, lasts: lasts.map(lastBodyOf), styles: styles.map(bodyOf) };
}
export const stylesCsv = async (): Promise<string> => writeCsv(STYLE_COLUMNS, styleRows((await allStyles()).map(bodyOf)));
export const lastsCsv = async (): Promise<string> => writeCsv(LAST_COLUMNS, lastRows((await allLasts()).map(lastBodyOf)));
export const countsCsv = async (): Promise<string> => writeCsv(COUNT_COLUMNS, countRows((await allStyles()).map(bodyOf)));

/** A file held against the stockroom: what it would change, and the rows for it. */
export type LookedOver = Answered<'planStock'>;
/** Reads a file or a paste and writes nothing. @throws Problem 400 for text that is no such file */
export const lookOver = (body: StockImport): Promise<LookedOver> => heavy('planStock', body);

/** Takes in what was looked over, whole or not at all; nothing when it was only to be looked over. @throws Problem 422 when rows have problems */
export async function takeIn({ report, write }: LookedOver): Promise<StockReport> {
  if (report.dryRun) return report;
  if (report.problems.length > 0) throw invalid(report.problems.map((p) => ({ path: p.where, message: p.message })));
  await transacted(async (transaction) => {
    for (const maker of write.makers) await writeMaker(maker, transaction);
    for (const last of write.lasts) await writeLast(last, transaction);
    const makerOf = new Map((await allLasts(transaction)).map((last) => [last.id, last.maker]));
    for (const style of write.styles) await writeStyle(style, makerOf.get(style.last) ?? '', transaction);
    for (const [id, counts] of write.counts) await writeCounts(id, counts, transaction);
  });
  return report;
}
