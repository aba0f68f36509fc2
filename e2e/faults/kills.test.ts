import { randomUUID } from 'node:crypto';
import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import { freePort } from '../../scripts/mariadb.mjs';
import { sleep } from '../processes';
import { root } from './private-server';
import { LONG, often } from './short';

/** The application, its database, or all of it killed at any moment while people are written, again and again. */
const folder = mkdtempSync(join(tmpdir(), 'chiave-kills-'));
const KILLS = often(200, 5);
const WRITERS = 3;
/** A write that is not answered for so long means that something hangs, ms. */
const HUNG_MS = 90_000;
const VICTIMS = ['application', 'database', 'both', 'everything'] as const;
let child: ChildProcess | null = null;
let said = '';
let address = '';
let starts = 0;

/** Starts it as a shop does. @throws with what it said when it does not come up */
async function begin(port: number): Promise<void> {
  starts++;
  said = '';
  const own = spawn(process.execPath, [join(root, 'scripts/start.mjs')], {
    cwd: root,
    env: { ...process.env, DATABASE_URL: '', CHIAVE_DATA: folder, PORT: String(port), BACKUP_AT: 'off' }
  });
  child = own;
  for (const stream of [own.stdout!, own.stderr!]) stream.on('data', (chunk: Buffer) => (said = (said + chunk.toString()).slice(-20_000)));
  for (const last = Date.now() + HUNG_MS; Date.now() < last; await sleep(50)) {
    address = /Chiave is at (\S+)/.exec(said)?.[1] ?? '';
    if (address) return;
    if (own.exitCode !== null) break;
  }
  throw new Error(`a start failed:\n${said}`);
}
const numberIn = (file: string, of: (text: string) => number): number => {
  try {
    return of(readFileSync(resolve(folder, file), 'utf8'));
  } catch {
    return 0;
  }
};
const pids = () => ({
  database: numberIn('mariadb.pid', Number),
  application: numberIn('running.json', (text) => (JSON.parse(text) as { server: number }).server)
});
/** Only what was begun with this folder: after so many starts a number that stands in a file may be another's. */
const ours = (pid: number): boolean => numberIn(`/proc/${pid}/environ`, (text) => Number(text.includes(`CHIAVE_DATA=${folder}\0`))) > 0;
const kill = (pid: number) => pid > 0 && ours(pid) && process.kill(pid, 'SIGKILL');
/** What the database itself holds of somebody who is not listed: rows of the person, of the words they are found by, and of answers. */
const keptOf = (name: string, id: number): string =>
  spawnSync('mariadb', ['--no-defaults', `--socket=${join(folder, 'mariadb.sock')}`, '--batch', 'chiave'], {
    input: `SELECT 'person', id, name FROM customers WHERE id = ${id} OR name = '${name}'; SELECT 'word', word, customer_id FROM customer_words WHERE customer_id = ${id}; SELECT 'answer', status, answer, at FROM answered_writes WHERE answer LIKE '%"id":${id}%'; SELECT 'next', AUTO_INCREMENT FROM information_schema.tables WHERE table_schema = 'chiave' AND table_name = 'customers';`,
    encoding: 'utf8'
  }).stdout;
/** A number from 0 to 1 that is the same in every run. */
function chance(seed: number): () => number {
  let t = seed;
  return () => {
    t = (t + 0x6d2b79f5) | 0;
    const x = Math.imul(t ^ (t >>> 15), t | 1);
    return ((x ^ (x >>> 14)) >>> 0) / 4294967296;
  };
}

afterAll(async () => {
  child?.kill('SIGKILL');
  await sleep(200);
  for (const pid of Object.values(pids())) kill(pid);
  rmSync(folder, { recursive: true, force: true });
});

describe('killed at any moment', () => {
  it(`${KILLS} times, nothing that was answered is lost and no start fails`, { timeout: LONG ? 3_600_000 : 400_000 }, async () => {
    // Below the ports that connections take for themselves: one of those must not hold it while the application is away.
    const port = (await freePort(20_000 + (process.pid % 8000))) as number;
    await begin(port);
    const answered = new Map<string, number>();
    const killsBefore = new Map<string, number>();
    let done = 0;
    let going = true;
    const post = async (name: string, key: string): Promise<number | null> => {
      const response = await fetch(`http://127.0.0.1:${port}/api/v1/customers`, {
        method: 'POST',
        headers: { 'content-type': 'application/json', 'idempotency-key': key },
        body: JSON.stringify({ name }),
        signal: AbortSignal.timeout(20_000)
      }).catch(() => null);
      if (!response) return null;
      const body = (await response.json().catch(() => null)) as { id: number } | null;
      if (response.status === 201 && body) return body.id;
      // Refused for a while is well; wrong is not.
      expect([201, 502, 503]).toContain(response.status);
      return null;
    };
    const writers = Array.from({ length: WRITERS }, async (_, w) => {
      for (let i = 0; going; i++) {
        const [name, key] = [`Killed ${w} number ${i}`, randomUUID()];
        for (;;) {
          const id = await post(name, key);
          if (id !== null) {
            answered.set(name, id);
            killsBefore.set(name, done);
          }
          if (id !== null || !going) break;
          await sleep(60);
        }
      }
    });
    const next = chance(20261130);
    const killed: Record<string, number> = {};
    try {
      for (let k = 0; k < KILLS; k++) {
        await sleep(150 + next() * 900);
        const victim = VICTIMS[Math.floor(next() * VICTIMS.length)];
        killed[victim] = (killed[victim] ?? 0) + 1;
        done = k + 1;
        const { application, database } = pids();
        if (victim === 'everything') child!.kill('SIGKILL');
        if (victim !== 'database') kill(application);
        if (victim !== 'application') kill(database);
        const before = answered.size;
        if (victim === 'everything') await begin(port);
        for (const last = Date.now() + HUNG_MS; answered.size === before;) {
          if (Date.now() > last) throw new Error(`nothing was written again after kill ${k + 1} (${victim}):\n${said}`);
          // It gives up where the application ends too often by itself in a minute, which it does not here: then it is begun again.
          if (child!.exitCode !== null) {
            expect(said).toMatch(/ended by itself|gone away/);
            await begin(port);
          }
          await sleep(50);
        }
      }
    } finally {
      going = false;
      await Promise.all(writers);
    }
    // A write that was under way at the last kill may have been answered after it, before the application was back.
    const back = (): Promise<boolean> => fetch(`${address}/api/v1/health`).then((r) => r.ok, () => false); // prettier-ignore
    for (const last = Date.now() + HUNG_MS; !(await back()) && Date.now() < last;) await sleep(100);
    const rows: { id: number; name: string }[] = [];
    for (let after: number | null = null; ;) {
      const page = (await (await fetch(`${address}/api/v1/customers?search=killed&limit=200${after ? `&after=${after}` : ''}`)).json()) as { customers: { id: number; name: string }[]; next: number | null }; // prettier-ignore
      rows.push(...page.customers);
      after = page.next;
      if (after === null) break;
    }
    const there = new Map(rows.map((row) => [row.name, row.id]));
    expect(rows.length).toBe(there.size);
    const missing = [...answered].filter(([name, id]) => there.get(name) !== id);
    // Whether it is gone, or only not found, and after which kill it was answered.
    const told = missing.map(([name, id]) => ({ name, id, after: killsBefore.get(name), listed: there.get(name) ?? null, kept: keptOf(name, id) }));
    expect(told).toEqual([]);
    // At most what each was writing at the end came without an answer.
    expect(there.size - answered.size).toBeLessThanOrEqual(WRITERS);
    const audit = spawnSync(process.execPath, [join(root, 'scripts/audit.mjs')], {
      encoding: 'utf8',
      env: { ...process.env, DATABASE_URL: '', CHIAVE_DATA: folder }
    });
    expect(audit.stdout + audit.stderr).toContain('all as they were written');
    console.log(`killed ${KILLS} times (${JSON.stringify(killed)}): ${answered.size} writes were answered, all are there once; ${starts} starts, none failed`);
  });
});
