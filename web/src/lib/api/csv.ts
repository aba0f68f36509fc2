import Papa from 'papaparse';

/** What makes a spreadsheet take a cell for a formula and run it. */
const RUNS = /^'*[=+\-@\t\r]/;
const PLAIN_NUMBER = /^[+-]?\d+(\.\d+)?$/;

/** A cell that no spreadsheet runs: a formula gets an apostrophe before it, as one would type it; numbers stay numbers. */
export const safeCell = (value: unknown): string => {
  const text = value === null || value === undefined ? '' : String(value);
  return RUNS.test(text) && !PLAIN_NUMBER.test(text) ? `'${text}` : text;
};
/** The same cell read back. */
export const plainCell = (text: string): string => (/^'+[=+\-@\t\r]/.test(text) ? text.slice(1) : text);

/** Rows as CSV that is safe to open in a spreadsheet and is read back the same. */
export const writeCsv = (fields: readonly string[], rows: readonly (Readonly<Record<string, unknown>> | readonly unknown[])[]): string =>
  Papa.unparse({
    fields: fields.map(safeCell),
    data: rows.map((row) => (Array.isArray(row) ? row : fields.map((f) => (row as Record<string, unknown>)[f])).map(safeCell))
  });

/** A CSV with a first line of names, read into rows by name. @param nameOf how a name of the first line is written */
export function readCsv(text: string, nameOf: (name: string) => string = (name) => name): { fields: string[]; rows: Record<string, string>[] } {
  const { data } = Papa.parse<string[]>(text.trim(), { skipEmptyLines: 'greedy' });
  const fields = (data[0] ?? []).map((name) => nameOf(plainCell(name).trim()));
  return { fields, rows: data.slice(1).map((line) => Object.fromEntries(fields.map((name, i) => [name, plainCell(line[i] ?? '')]))) };
}

/** The cells of a paste, without a first line of names. */
export const readCells = (text: string): string[][] =>
  Papa.parse<string[]>(text.trimEnd(), { skipEmptyLines: 'greedy' }).data.map((line) => line.map(plainCell));
