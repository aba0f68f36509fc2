import { randomUUID } from 'node:crypto';
import { z } from 'zod';
import { apart, bySchema, change, database, selectPlain, tables, transacted } from '../db';

/** How far a learning of the shop is: in the database, so that every process tells it, and none begins a second one. */
const NAME = 'learning-run';
const runSchema = z.object({ id: z.string(), state: z.enum(['running', 'stopping', 'stopped', 'failed', 'done']), done: z.number(), of: z.number(), seen: z.number() }); // prettier-ignore
export type LearningRun = z.infer<typeof runSchema>;
/** One that was not heard of for so long went with its process, ms. */
const LOST_MS = 20_000;
const HEARD_EVERY_MS = 4000;
const goesOn = (run: LearningRun | null, now: number): boolean => run !== null && (run.state === 'running' || run.state === 'stopping') && now - run.seen < LOST_MS; // prettier-ignore
const NONE = "INSERT IGNORE INTO shop_settings (name, value) VALUES (:name, 'null')";

/** What runs, or ran last; one that went with its process has failed. */
export async function runNow(now = Date.now()): Promise<LearningRun | null> {
  const row = await tables(database()).Setting.findByPk(NAME);
  const run = row ? bySchema(row.value, runSchema, null) : null;
  if (run === null || goesOn(run, now)) return run;
  return run.state === 'running' || run.state === 'stopping' ? { ...run, state: 'failed' } : run;
}
/** Begins a run where none goes on. @returns its name; null where one goes on already */
export const claimRun = (now = Date.now()): Promise<string | null> =>
  apart(() =>
    transacted(async (transaction) => {
      await change(NONE, { name: NAME });
      const row = await tables(database()).Setting.findByPk(NAME, { lock: transaction.LOCK.UPDATE, transaction, rejectOnEmpty: true });
      if (goesOn(bySchema(row.value, runSchema, null), now)) return null;
      const run: LearningRun = { id: randomUUID(), state: 'running', done: 0, of: 1, seen: now };
      await row.update({ value: run }, { transaction });
      return run.id;
    })
  );
const SET = (what: string, states: string): string =>
  `UPDATE shop_settings SET value = JSON_SET(value, ${what}) WHERE name = :name AND JSON_VALUE(value, '$.state') IN (${states})`;
const mine = "AND JSON_VALUE(value, '$.id') = :id";
/** Tells how far it has come. @returns false where it should end: somebody stopped it, or another has begun */
export async function tellRun(id: string, done: number, of: number): Promise<boolean> {
  await change(`${SET("'$.done', :done, '$.of', :of, '$.seen', :now", "'running'")} ${mine}`, { name: NAME, id, done, of, now: Date.now() });
  const [row] = await selectPlain<{ state: string; id: string }>(
    `SELECT JSON_VALUE(value, '$.state') AS state, JSON_VALUE(value, '$.id') AS id FROM shop_settings WHERE name = :name`,
    { name: NAME }
  );
  return row?.id === id && row.state === 'running';
}
/** Says that a run still goes on, until it is told to stop saying so. */
export function keepHeard(id: string): () => void {
  const beat = (): void => void change(`${SET("'$.seen', :now", "'running', 'stopping'")} ${mine}`, { name: NAME, id, now: Date.now() }).catch(() => {});
  const timer = setInterval(beat, HEARD_EVERY_MS);
  timer.unref();
  return () => clearInterval(timer);
}
export const endRun = (id: string, state: 'stopped' | 'failed' | 'done'): Promise<unknown> =>
  change(`${SET("'$.state', :state", "'running', 'stopping'")} ${mine}`, { name: NAME, id, state });
/** Ends what goes on after the batch at hand, whichever process it is in. @returns whether anything did */
export async function stopRun(): Promise<boolean> {
  const run = await runNow();
  if (run?.state !== 'running' && run?.state !== 'stopping') return false;
  await change(SET("'$.state', 'stopping'", "'running'"), { name: NAME });
  return true;
}
