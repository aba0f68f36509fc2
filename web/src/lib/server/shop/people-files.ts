import { readCsv, writeCsv } from '../../api/csv';
import { feetOut } from '../../api/foot-schema';
import { csvRowsOf, CSV_COLUMNS, feetFile, feetFileSchema, sessionsOfCsv, type FeetSession, type RowProblem } from '../../api/feet-exchange';
import { MOST_PROBLEMS } from '../../api/problem-list';
import { database, tables, transacted } from '../db';
import { Problem, invalid } from '../problems';
import { changesOf, logChange } from './changes';
import { customerOf, heldPerson } from './customers';
import { fittingsOf, writeFeet } from './fittings';
import { knownOf } from './known-shoes';
import { pairsOf } from './pairs';
import { appointments, events, looks, troubles, wishes } from './person-rows';
import { postsOf } from './posts';
import { saidAnswers } from './said';
import { shopToday } from './settings';
import { readByInstruments } from './instruments';
import { tracingsWithFiles } from './tracings';

const sessionsOf = async (id: number): Promise<FeetSession[]> =>
  (await fittingsOf(id))
    .filter((f) => Object.keys(f.feet.left.values).length + Object.keys(f.feet.right.values).length > 0)
    .map(({ openedAt, measuredAt, feet }) => ({ openedAt, measuredAt, feet }));

/** A person's feet, every session. @throws Problem 404 */
export const feetFileOf = async (id: number): Promise<ReturnType<typeof feetFile>> => feetFile(await sessionsOf(id));

/** The same as CSV, one line a value. @throws Problem 404 */
export const feetCsvOf = async (id: number): Promise<string> => writeCsv(CSV_COLUMNS, csvRowsOf(await sessionsOf(id)));

/** Everything kept about one person, as one file. @throws Problem 404 */
export async function everythingOf(id: number): Promise<object> {
  // Before the others begin: one that fails while another is awaited would be nobody's.
  const today = await shopToday();
  const [customer, fittings, changes, knownShoes, parcels, pairs, comes, ahead, wished, hurt, looked, answers] = await Promise.all([
    customerOf(id),
    fittingsOf(id),
    changesOf(id, 100_000),
    knownOf(id),
    postsOf({ customerId: id }),
    pairsOf(id, today),
    ...[appointments, events, wishes, troubles, looks].map((rows) => rows.list(id)),
    saidAnswers(id)
  ]);
  const tracings = fittings.length === 0 ? [] : await tracingsWithFiles(fittings.map((f) => f.id));
  const instrumentReadings = await readByInstruments(fittings.map((f) => f.id));
  return {
    format: 'chiave-person',
    version: 1,
    writtenAt: new Date().toISOString(),
    customer,
    fittings: fittings.map(({ customer: _same, shopTargets: _shop, shopInstruments: _instruments, shopPulls: _pulls, feet, ...f }) => ({
      ...f,
      feet: feetOut(feet)
    })),
    tracings,
    instrumentReadings,
    knownShoes,
    parcels,
    pairs,
    appointments: comes,
    events: ahead,
    wishes: wished,
    troubles: hurt,
    looksAtFeet: looked,
    answers,
    changes
  };
}

export interface ImportReport {
  dryRun: boolean;
  sessions: number;
  values: number;
  problems: RowProblem[];
  added: number;
}

/**
 * Reads a file of feet for a person: looked over only, or taken in. Taken in whole or not at all.
 * @throws Problem 400 for text that is no such file, 404, 422 when rows have problems and it is no dry run
 */
export async function importFeet(body: { customerId: number; kind: 'json' | 'csv'; text: string; dryRun: boolean }, by: string): Promise<ImportReport> {
  await customerOf(body.customerId);
  const { sessions, problems } = body.kind === 'csv' ? sessionsOfText(body.text) : readJson(body.text);
  const values = sessions.reduce((sum, s) => sum + Object.keys(s.feet.left.values).length + Object.keys(s.feet.right.values).length, 0);
  const report: ImportReport = { dryRun: body.dryRun, sessions: sessions.length, values, problems, added: 0 };
  if (body.dryRun) return report;
  if (problems.length > 0) throw invalid(problems.map((p) => ({ path: `row ${p.row}`, message: p.message })));
  if (sessions.length === 0) throw invalid([{ path: 'text', message: 'there is no session in it' }]);
  await transacted(async (transaction) => {
    await heldPerson(body.customerId, transaction, 'share');
    for (const session of sessions) {
      const at = new Date(session.openedAt);
      const row = await tables(database()).Fitting.create(
        { customerId: body.customerId, openedAt: at, updatedAt: new Date(), purpose: 'imported', kinds: [], looked: {}, measuredAt: session.measuredAt },
        { transaction }
      );
      await writeFeet(row.id, session.feet, [], transaction);
    }
    await logChange({ by, customerId: body.customerId, what: 'feet imported', changed: { sessions: sessions.length, values } }, transaction);
  });
  return { ...report, added: sessions.length };
}

function sessionsOfText(text: string): { sessions: FeetSession[]; problems: RowProblem[] } {
  const { fields, rows } = readCsv(text, (name) => name.toLowerCase());
  return sessionsOfCsv(fields, rows);
}

function readJson(text: string): { sessions: FeetSession[]; problems: RowProblem[] } {
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    throw new Problem(400, 'Not JSON', 'The file does not parse as JSON.');
  }
  const parsed = feetFileSchema.safeParse(value);
  if (parsed.success) return { sessions: parsed.data.sessions, problems: [] };
  return {
    sessions: [],
    problems: parsed.error.issues.slice(0, MOST_PROBLEMS).map((issue) => ({
      row: typeof issue.path[1] === 'number' ? issue.path[1] + 1 : 0,
      message: `${issue.path.join('.')}: ${issue.message}`
    }))
  };
}
