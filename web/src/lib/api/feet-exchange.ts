import { EXTRAS, figureOf, LOADS, MEASURES, refusalOf, takenUnit, WAYS, type Side, type TakenId } from '@chiave/core/measure';
import { z } from 'zod';
import { MOST_PROBLEMS } from './problem-list';
import { emptySide, feetOut, footSchema, takenValue, type FeetBody, type TakenValue } from './foot-schema';

/** A person's feet as one file: every session with both feet, each value with how it was taken. Units are millimetres, angles degrees. */
export const FORMAT = 'chiave-feet';
/** Two since a foot is written as it is sent everywhere: measures by their names, without a folder of values. */
const FORMAT_VERSION = 2;
const session = z.object({
  openedAt: z.iso.datetime('a moment as 2026-11-25T09:30:00.000Z'),
  measuredAt: z.string().max(10).default(''),
  feet: z.object({ left: footSchema, right: footSchema })
});
export const feetFileSchema = z
  .object({
    format: z.literal(FORMAT, `this is not a ${FORMAT} file`),
    version: z.literal(FORMAT_VERSION, `this version of ${FORMAT} is not read; version ${FORMAT_VERSION} is`),
    sessions: z.array(session).max(500, 'at most 500 sessions')
  })
  .meta({ id: 'FeetFile' });
/** Sessions as they are worked with; `feetFile` writes them. */
export interface FeetSession {
  openedAt: string;
  measuredAt: string;
  feet: FeetBody;
}
export const feetFile = (sessions: readonly FeetSession[]) => ({
  format: FORMAT,
  version: FORMAT_VERSION,
  sessions: sessions.map(({ feet, ...session }) => ({ ...session, feet: feetOut(feet) }))
});

/** What is sent to be imported: the text of a file, looked over first when `dryRun`. */
export const importSchema = z
  .object({
    customerId: z.number().int().min(1),
    kind: z.enum(['json', 'csv']),
    text: z.string().max(900_000, 'at most 900 kB'),
    dryRun: z.boolean().default(true)
  })
  .meta({ id: 'FeetImport' });

export interface RowProblem {
  row: number;
  message: string;
}

/** Columns of the CSV form; the first four must be there. */
export const CSV_COLUMNS = ['date', 'side', 'measure', 'value', 'unit', 'how', 'under', 'by'] as const;
const REQUIRED = CSV_COLUMNS.slice(0, 4);
const BY_NAME = new Map<string, TakenId>(
  [...MEASURES, ...EXTRAS].flatMap((m) => [
    [m.id.toLowerCase(), m.id],
    [m.name.toLowerCase(), m.id]
  ])
);

/** One line a value: the CSV form of sessions. */
export const csvRowsOf = (sessions: readonly FeetSession[]): Record<(typeof CSV_COLUMNS)[number], string>[] =>
  sessions.flatMap(({ openedAt, feet }) =>
    (['left', 'right'] as const).flatMap((side) =>
      Object.entries(feet[side].values).map(([id, v]) => ({
        date: openedAt,
        side,
        measure: id,
        value: `${v!.mm}`,
        unit: takenUnit(id).code,
        how: v!.how,
        under: v!.under,
        by: v!.by
      }))
    )
  );

/**
 * Sessions from rows of a CSV; every row that cannot be taken says why, by its line in the file.
 * @param fields the headers found
 */
export function sessionsOfCsv(fields: readonly string[], rows: readonly Record<string, string>[]): { sessions: FeetSession[]; problems: RowProblem[] } {
  const missing = REQUIRED.filter((c) => !fields.includes(c));
  if (missing.length > 0) {
    return {
      sessions: [],
      problems: [{ row: 1, message: `The first line must name the columns ${CSV_COLUMNS.join(', ')}; ${missing.join(', ')} is missing.` }]
    };
  }
  const problems: RowProblem[] = [];
  const found = new Map<string, FeetBody>();
  /** Line each value was taken from. */
  const lineOf = new Map<string, number>();
  for (const [i, row] of rows.entries()) {
    if (problems.length >= MOST_PROBLEMS) break;
    const line = i + 2;
    const read = readRow(row);
    if (typeof read === 'string') {
      problems.push({ row: line, message: read });
      continue;
    }
    const feet = found.get(read.date) ?? { left: emptySide(), right: emptySide() };
    found.set(read.date, feet);
    if (feet[read.side].values[read.id])
      problems.push({ row: line, message: `${read.id} of the ${read.side} foot stands twice on ${read.date.slice(0, 10)}.` });
    else {
      feet[read.side].values[read.id] = read.value;
      lineOf.set(`${read.date} ${read.side} ${read.id}`, line);
    }
  }
  const sessions = [...found].map(([openedAt, feet]) => ({ openedAt, measuredAt: '', feet }));
  // Values are judged against the length of the same foot, which may stand further down.
  for (const { openedAt, feet } of sessions) {
    for (const side of ['left', 'right'] as const) {
      for (const [id, value] of Object.entries(feet[side].values)) {
        const message = refusalOf(id as TakenId, value!.mm, feet[side].values.lengthMm?.mm);
        if (message) problems.push({ row: lineOf.get(`${openedAt} ${side} ${id}`)!, message });
      }
    }
  }
  return { sessions, problems: problems.sort((p, q) => p.row - q.row).slice(0, MOST_PROBLEMS) };
}

/** No foot was measured for this before. */
const FIRST_DAY = '1900-01-01';

function momentOf(text: string | undefined): string | null {
  // A day that is not in the calendar would be read as one of the next month.
  const [, day, hour] = /^(\d{4}-\d{2}-\d{2})(?:[T ](\d{2}:\d{2}.*))?$/.exec(text?.trim() ?? '') ?? [];
  if (!day || !z.iso.date().safeParse(day).success || day < FIRST_DAY) return null;
  const time = Date.parse(hour ? `${day}T${hour}` : day);
  return Number.isNaN(time) ? null : new Date(time).toISOString();
}

function readRow(row: Record<string, string>): { date: string; side: Side; id: TakenId; value: TakenValue } | string {
  const date = momentOf(row.date);
  if (!date) return `“${row.date ?? ''}” is not a date; write 2026-11-25 or 2026-11-25T09:30.`;
  const side = row.side?.trim().toLowerCase();
  if (side !== 'left' && side !== 'right') return `“${row.side ?? ''}” is no side; write left or right.`;
  const id = BY_NAME.get(row.measure?.trim().toLowerCase() ?? '');
  if (!id) return `“${row.measure ?? ''}” is no measure; write lengthMm, ball girth and so on.`;
  const unit = (row.unit ?? '').trim();
  const typed = `${row.value ?? ''}${unit && unit !== 'deg' ? ` ${unit}` : ''}`.trim();
  const mm = figureOf(id, typed, 'mm');
  if (mm === null) return `“${row.value ?? ''}” is not a value; write 243, 24.3 with unit cm, or 9 1/2 with unit in.`;
  const how = (row.how ?? '').trim() || 'tape';
  const way = WAYS.find((w) => w.id === how);
  if (!way) return `“${how}” is no way of taking; there are ${WAYS.map((w) => w.id).join(', ')}.`;
  const under = (row.under ?? '').trim() || 'standing';
  const load = LOADS.find((l) => l.id === under);
  if (!load) return `“${under}” is not known; there are ${LOADS.map((l) => l.id).join(', ')}.`;
  return {
    date,
    side,
    id,
    value: takenValue({ mm, typed: typed.slice(0, 40), how: way.id, by: (row.by ?? '').slice(0, 60), under: load.id })
  };
}
