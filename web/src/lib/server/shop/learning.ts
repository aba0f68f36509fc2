import { ENGINE_VERSION } from '@chiave/core/fit';
import { CHANNEL_ORDER, type Given, type ShopVisit } from '@chiave/core/learn';
import { z } from 'zod';
import { shopLearned, type LearningState, type ShopLearned } from '../../api/learned-schema';
import type { VisitsRead } from '../../learn-visits';
import { apart, bySchema, database, select, tables } from '../db';
import type { Answered, Asked } from '../heavy/jobs';
import { heavy } from '../heavy/pool';
import { log } from '../log';
import { Problem } from '../problems';
import { claimRun, endRun, keepHeard, runNow, stopRun, tellRun } from './learning-run';
import { answersNow } from './learned-answers';
import { visitsAsKept } from './fittings';
import { allLasts } from './stockroom';
import { wholly } from '../watch/asking';

/** What a whole shop's words teach: worked out beside the requests, batch by batch, and kept with the stamp of what it was worked out from. */
const NAME = 'learned';
/** Visits read at once by one thread. */
const BATCH = 60;
const keptSchema = z.object({ stamp: z.string(), at: z.string(), learned: shopLearned });

/** What would have to change for something else to be learned. */
async function stampNow(): Promise<string> {
  const [tries] = await select(
    z.object({ n: z.coerce.number(), last: z.coerce.number(), versions: z.coerce.number() }),
    'SELECT COUNT(*) AS n, COALESCE(MAX(id), 0) AS last, COALESCE(SUM(version), 0) AS versions FROM try_ons'
  );
  const [checks] = await Promise.all([select(z.object({ Checksum: z.coerce.number() }), 'CHECKSUM TABLE lasts, styles')]);
  return [ENGINE_VERSION, tries.n, tries.last, tries.versions, ...checks.map((c) => c.Checksum.toString(36))].join(' ');
}
async function kept(): Promise<z.infer<typeof keptSchema> | null> {
  const row = await tables(database()).Setting.findByPk(NAME);
  return row ? bySchema(row.value, keptSchema, null) : null;
}
/** How far it has come, what was learned last, and what the shop answered. */
export async function learningNow(): Promise<LearningState> {
  const [run, was, stamp, answers] = await Promise.all([runNow(), kept(), stampNow(), answersNow()]);
  const goesOn = run?.state === 'running' || run?.state === 'stopping';
  return {
    state: goesOn ? 'running' : run?.state === 'stopped' || run?.state === 'failed' ? run.state : was ? 'done' : 'none',
    done: goesOn ? run.done : 0,
    of: goesOn ? run.of : 0,
    at: was?.at ?? null,
    stale: was?.stamp !== stamp,
    learned: was?.learned ?? null,
    answers
  };
}
/** Learns all anew, in the background; one at a time in the whole shop. @returns false where it is under way already */
export async function beginLearning(): Promise<boolean> {
  const id = await claimRun();
  if (id === null) return false;
  const heard = keepHeard(id);
  void wholly(() => apart(() => learnAll(id)))
    .then((state) => endRun(id, state))
    .catch((err: unknown) => {
      log.error({ err }, 'learning failed');
      return endRun(id, 'failed').catch(() => {});
    })
    .finally(heard);
  return true;
}
/** Ends what is under way after the batch at hand; what was learned before stands. */
export const stopLearning = stopRun;

/** Too much at once is no reason to give up what runs in the background. */
const [PAUSE_MS, MOST_PAUSES] = [500, 120];
async function patiently<N extends 'readVisits' | 'learnChannel'>(name: N, asked: Asked<N>): Promise<Answered<N>> {
  for (let pause = 0; ; pause++) {
    try {
      return await heavy(name, asked);
    } catch (error) {
      if (!(error instanceof Problem && error.status === 429) || pause === MOST_PAUSES) throw error;
      await new Promise((resolve) => setTimeout(resolve, PAUSE_MS));
    }
  }
}
async function learnAll(run: string): Promise<'done' | 'stopped'> {
  const stamp = await stampNow();
  const ids = (
    await select(
      z.object({ id: z.coerce.number() }),
      "SELECT DISTINCT fitting_id AS id FROM try_ons WHERE JSON_LENGTH(felt, '$.left') + JSON_LENGTH(felt, '$.right') > 0 ORDER BY fitting_id"
    )
  ).map((r) => r.id);
  const batches = Array.from({ length: Math.ceil(ids.length / BATCH) }, (_, i) => ids.slice(i * BATCH, (i + 1) * BATCH));
  const of = batches.length + CHANNEL_ORDER.length;
  let done = 0;
  const all: VisitsRead[] = [];
  for (const batch of batches) {
    if (!(await tellRun(run, done, of))) return 'stopped';
    all.push(await patiently('readVisits', { fittings: await visitsAsKept(batch) }));
    done++;
  }
  const visits = all.flatMap((r) => r.visits);
  const lasts = (await allLasts()).map((l) => ({ id: l.id, maker: l.maker, mark: l.evidence.mark }));
  const learned: ShopLearned = { lasts: [], ways: [], targets: [], ...countOf(visits, all) };
  let given: Given = {};
  for (const channel of CHANNEL_ORDER) {
    if (!(await tellRun(run, done, of))) return 'stopped';
    const says = await patiently('learnChannel', { channel, lasts, given, visits: onlyOf(visits, channel) });
    given = { ...given, [channel]: says.given };
    learned.lasts.push(...says.lasts);
    learned.ways.push(...says.ways);
    learned.targets.push(...says.targets);
    done++;
  }
  const value = keptSchema.parse({ stamp, at: new Date().toISOString(), learned });
  await tables(database()).Setting.upsert({ name: NAME, value });
  return 'done';
}
/** The words of one channel alone: what travels to a thread. */
function onlyOf(visits: readonly ShopVisit[], channel: string): ShopVisit[] {
  return visits.flatMap((v) => {
    const at = v.words.flatMap((w, i) => (w.channel === channel ? [i] : []));
    if (at.length === 0) return [];
    const together = Float64Array.from(at.flatMap((i) => at.map((j) => v.together[i * v.words.length + j])));
    return [{ ...v, words: at.map((i) => v.words[i]), together }];
  });
}
function countOf(visits: readonly ShopVisit[], all: readonly VisitsRead[]): Pick<ShopLearned, 'people' | 'pairs' | 'words' | 'leftOut' | 'otherEngine'> {
  const sum = (of: (r: VisitsRead) => number): number => all.reduce((s, r) => s + of(r), 0);
  const zones = sum((r) => r.other.zones);
  return {
    people: new Set(visits.map((v) => v.person)).size,
    pairs: sum((r) => r.pairs),
    words: visits.reduce((s, v) => s + v.words.length, 0),
    leftOut: {
      excluded: sum((r) => r.leftOut.excluded),
      numb: sum((r) => r.leftOut.numb),
      helps: sum((r) => r.leftOut.helps),
      gone: sum((r) => r.leftOut.gone)
    },
    otherEngine: { pairs: sum((r) => r.other.pairs), meanMm: zones > 0 ? sum((r) => r.other.sumMm) / zones : 0 }
  };
}
