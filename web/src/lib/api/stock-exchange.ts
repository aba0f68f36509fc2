import { BLANK_DETAILS, KIND_IDS, readStyleSize, stockKey, type Style } from '@chiave/core/fit';
import { parseSize } from '@chiave/core/size';
import { z } from 'zod';
import { isDetail, STYLE_COLUMNS, styleValue } from './style-fields';
import { LAST_FIELDS, lastOfTexts, textsOfLast } from './last-fields';
import { MOST_PROBLEMS } from './problem-list';
import { lastSchema, makerSchema, styleSchema, type LastBody, type StyleBody } from './stock-schema';

/** The stockroom as one file: makers, lasts, styles with what is on the shelf. */
export const STOCK_FORMAT = 'chiave-stock';
export const stockFileSchema = z
  .object({
    format: z.literal(STOCK_FORMAT, `this is not a ${STOCK_FORMAT} file`),
    version: z.literal(1),
    makers: z.array(makerSchema).max(500).default([]),
    lasts: z.array(lastSchema).max(5000).default([]),
    styles: z.array(styleSchema).max(20000).default([])
  })
  .meta({ id: 'StockFile' });
export type StockFile = z.infer<typeof stockFileSchema>;

export const IMPORT_KINDS = ['json', 'lasts', 'styles', 'counts', 'run'] as const;
/** What is sent to be imported: the text of a file or of a paste, looked over first when `dryRun`. */
export const stockImportSchema = z
  .object({
    kind: z.enum(IMPORT_KINDS),
    text: z.string().min(1, 'the file is empty').max(8_000_000, 'at most 8 MB'),
    /** For a pasted run: the style it belongs to. */
    style: z.string().max(60).optional(),
    dryRun: z.boolean().default(true)
  })
  .meta({ id: 'StockImport' });

export interface StockProblem {
  /** Line of the file, or place in the JSON. */
  where: string;
  message: string;
}

const REQUIRED = ['id', 'last', 'name', 'kind', 'scale', 'from', 'to', 'widths'] as const;
export const COUNT_COLUMNS = ['style', 'size', 'width', 'count'] as const;

/** Columns of a CSV of lasts: the places of its fields. */
export const LAST_COLUMNS: readonly string[] = ['id', 'maker', ...LAST_FIELDS.map((f) => f.path)];
const LAST_REQUIRED = ['id', 'maker', ...LAST_FIELDS.filter((f) => f.needed).map((f) => f.path)];
/** What is believed of a last whose file does not say how it is known. */
const UNSURE = { evidence: { mark: 'unsure', lengthSdMm: 3.5, widthSdMm: 3, girthSdMm: 6 } };

/** One row a last. */
export const lastRows = (lasts: readonly LastBody[]): Record<string, string>[] => lasts.map(({ id, maker, ...last }) => ({ id, maker, ...textsOfLast(last) }));

/** Lasts from rows of a CSV; an empty cell is a field that is not known. @param kept lasts that are there: a traced line has no column and stays */
export function lastsOfRows(
  fields: readonly string[],
  rows: readonly Record<string, string>[],
  kept: ReadonlyMap<string, LastBody> = new Map()
): { lasts: LastBody[]; problems: StockProblem[] } {
  const problems = missingColumns(fields, LAST_REQUIRED, LAST_COLUMNS);
  const lasts: LastBody[] = [];
  if (problems.length > 0) return { lasts, problems };
  for (const [i, row] of rows.entries()) {
    if (problems.length >= MOST_PROBLEMS) break;
    const named = Object.fromEntries(['id', 'maker'].flatMap((key) => (row[key]?.trim() ? [[key, row[key].trim()]] : [])));
    const outline = kept.get(named.id)?.outline;
    const parsed = lastSchema.safeParse({ ...lastOfTexts(row, UNSURE), ...named, ...(outline ? { outline } : {}) });
    if (parsed.success) lasts.push(parsed.data);
    else for (const issue of parsed.error.issues) problems.push({ where: `line ${i + 2}`, message: `${issue.path.join('.') || 'row'}: ${issue.message}` });
  }
  return { lasts, problems };
}

/** One row a style. */
export const styleRows = (styles: readonly StyleBody[]): Record<string, string>[] =>
  styles.map((s) =>
    Object.fromEntries(
      STYLE_COLUMNS.map((c) => {
        const value = isDetail(c) ? s.details[c] : s[c as keyof StyleBody];
        return [c, Array.isArray(value) ? value.join(' ') : value === null || value === undefined ? '' : String(value)];
      })
    )
  );
/** One row a size and width on the shelf. */
export const countRows = (styles: readonly StyleBody[]): Record<string, string>[] =>
  styles.flatMap((s) =>
    Object.entries(s.stock).map(([key, count]) => ({ style: s.id, size: key.split('|')[0], width: key.split('|')[1], count: String(count) }))
  );

const missingColumns = (fields: readonly string[], needed: readonly string[], all: readonly string[]): StockProblem[] => {
  const missing = needed.filter((c) => !fields.includes(c));
  return missing.length > 0
    ? [{ where: 'line 1', message: `The first line must name the columns; ${missing.join(', ')} is missing. Known are ${all.join(', ')}.` }]
    : [];
};

/** Styles from rows of a CSV; what a row leaves out of a style that is known stays as it is. */
export function stylesOfRows(
  fields: readonly string[],
  rows: readonly Record<string, string>[],
  known: ReadonlyMap<string, StyleBody>
): { styles: StyleBody[]; problems: StockProblem[] } {
  const problems = missingColumns(fields, REQUIRED, STYLE_COLUMNS);
  if (problems.length > 0) return { styles: [], problems };
  const styles: StyleBody[] = [];
  const seen = new Set<string>();
  for (const [i, row] of rows.entries()) {
    if (problems.length >= MOST_PROBLEMS) break;
    const where = `line ${i + 2}`;
    const id = row.id?.trim() ?? '';
    if (seen.has(id)) {
      problems.push({ where, message: `“${id}” stands twice in the file.` });
      continue;
    }
    seen.add(id);
    const was = known.get(id);
    const body: Record<string, unknown> = was ? { ...was, details: { ...was.details } } : { details: {}, forWhom: 'unisex', step: 0.5 };
    for (const column of STYLE_COLUMNS) {
      if (!fields.includes(column)) continue;
      const text = (row[column] ?? '').trim();
      const target = isDetail(column) ? (body.details as Record<string, unknown>) : body;
      if (text !== '') target[column] = styleValue(column, text);
      else if (isDetail(column)) target[column] = BLANK_DETAILS[column];
    }
    const parsed = styleSchema.safeParse(withUsual(body));
    if (parsed.success) styles.push(parsed.data);
    else for (const issue of parsed.error.issues) problems.push({ where, message: `${issue.path.join('.') || 'row'}: ${issue.message}` });
  }
  return { styles, problems };
}

/** What a new style of a kind has where the file is silent. */
function withUsual(body: Record<string, unknown>): Record<string, unknown> {
  const kind = body.kind as (typeof KIND_IDS)[number];
  if (!KIND_IDS.includes(kind)) return body;
  return { upper: 'smooth-leather', closure: 'none', soleStiffness: 3, heelHeightMm: 20, ...body };
}

/** Counts from rows `style, size, width, count`; a size is read as it is written on a box. */
export function countsOfRows(
  fields: readonly string[],
  rows: readonly Record<string, string>[],
  styles: ReadonlyMap<string, Style>
): { counts: Map<string, Record<string, number>>; problems: StockProblem[] } {
  const problems = missingColumns(fields, COUNT_COLUMNS, COUNT_COLUMNS);
  const counts = new Map<string, Record<string, number>>();
  if (problems.length > 0) return { counts, problems };
  rows.every((row, i) => {
    const where = `line ${i + 2}`;
    const refuse = (message: string): boolean => problems.push({ where, message }) < MOST_PROBLEMS;
    const style = styles.get(row.style?.trim());
    if (!style) return refuse(`There is no style “${row.style ?? ''}”.`);
    const read = readStyleSize(style, row.size ?? '', row.width ?? '');
    if ('message' in read) return refuse(read.message);
    const count = Number((row.count ?? '').trim());
    if (!/^\d{1,4}$/.test((row.count ?? '').trim())) return refuse(`“${row.count ?? ''}” is no count: whole pairs, 0 to 9999.`);
    const own = counts.get(style.id) ?? {};
    const key = stockKey(style, read.size, read.width);
    if (key in own) return refuse(`${style.name} ${key.replace('|', ' ')} stands twice.`);
    own[key] = count;
    counts.set(style.id, own);
    return true;
  });
  return { counts, problems };
}

/** Lines of a pasted run that are read: more than any run has. */
const MOST_LINES = 500;

/** A size run pasted from a spreadsheet: widths across the first line, sizes down the first column, or the other way about. */
export function countsOfPaste(style: Style, cells: readonly (readonly string[])[]): { counts: Record<string, number>; problems: StockProblem[] } {
  const table = cells.map((line) => line.map((c) => c.trim())).filter((line) => line.some((c) => c !== ''));
  const problems: StockProblem[] = [];
  if (table.length < 2 || table[0].length < 2) {
    return {
      counts: {},
      problems: [{ where: 'line 1', message: 'A run has widths along the first line and a size at the start of each further line, counts between.' }]
    };
  }
  const isWidth = (text: string): boolean => style.letters.some((l) => l.toUpperCase() === text.toUpperCase());
  const across = table[0].slice(1).every((c) => c === '' || isWidth(c));
  // Sizes across and widths down is the same table lying on its side.
  const upright = across ? table : table[0].map((_, i) => table.map((line) => line[i] ?? ''));
  const counts: Record<string, number> = {};
  const [head, ...lines] = upright;
  lines.slice(0, MOST_LINES).forEach((line, i) => {
    const where = `${across ? 'line' : 'column'} ${i + 2}`;
    if (parseSize(line[0]) === null) return void problems.push({ where, message: `“${line[0]}” is not a size.` });
    head.slice(1).forEach((width, k) => {
      const text = line[k + 1] ?? '';
      if (text === '' || width === '') return;
      const read = readStyleSize(style, line[0], width);
      if ('message' in read) problems.push({ where, message: read.message });
      else if (!/^\d{1,4}$/.test(text)) problems.push({ where, message: `“${text}” is no count: whole pairs, 0 to 9999.` });
      else counts[stockKey(style, read.size, read.width)] = Number(text);
    });
  });
  return { counts, problems };
}
