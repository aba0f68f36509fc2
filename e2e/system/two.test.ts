import { randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import type { ChildProcess } from 'node:child_process';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { prepareDatabase } from '../../scripts/database.mjs';
import { freePort, startMariadb } from '../../scripts/mariadb.mjs';
import { addressOf, startWeb, untilServed } from '../../scripts/serve.mjs';
import { sleep } from '../processes';

/** Two processes of the application on one database: what one knows, the other knows. */
const root = resolve(import.meta.dirname, '../..');
const folder = mkdtempSync(join(tmpdir(), 'chiave-two-'));
const OWNER = { name: 'Ondina Salt', password: 'nine brass buckles' };
let database: { url: string; stop: () => Promise<void> };
let children: ChildProcess[] = [];
let places: string[] = [];
let cookie = '';

async function begin(): Promise<{ child: ChildProcess; place: string }> {
  const port = (await freePort()) as number;
  const child = startWeb(root, { folder, url: database.url, host: '127.0.0.1', port }) as ChildProcess;
  const place = addressOf('127.0.0.1', port) as string;
  expect(await untilServed(child, place)).toBeNull();
  return { child, place };
}
async function ask(at: 0 | 1, method: string, path: string, body?: unknown, headers: Record<string, string> = {}) {
  const response = await fetch(`${places[at]}/api/v1${path}`, {
    method,
    headers: { ...(cookie ? { cookie } : {}), ...(body === undefined ? {} : { 'content-type': 'application/json' }), ...headers },
    body: body === undefined ? undefined : JSON.stringify(body)
  });
  const set = response.headers.getSetCookie().map((c) => c.split(';')[0]).filter((c) => !c.endsWith('=')); // prettier-ignore
  return { status: response.status, body: await response.json(), cookie: set.at(-1) ?? '' };
}
beforeAll(async () => {
  database = (await startMariadb(folder)) as typeof database;
  prepareDatabase(root, database.url);
  const [one, two] = [await begin(), await begin()];
  [children, places] = [
    [one.child, two.child],
    [one.place, two.place]
  ];
});
afterAll(async () => {
  for (const child of children) child.kill('SIGKILL');
  await database.stop();
  rmSync(folder, { recursive: true, force: true });
});

describe('two processes', () => {
  it('the first account, made at one, closes the open door of the other; a session begun at one is known at the other and ends at both', async () => {
    expect((await ask(1, 'GET', '/me')).body.way).toBe('open');
    expect((await ask(0, 'POST', '/accounts', { ...OWNER, role: 'owner' })).status).toBe(201);
    expect((await ask(1, 'GET', '/customers')).status).toBe(401);
    const first = (await ask(0, 'POST', '/enter', OWNER)).cookie;
    cookie = first;
    expect((await ask(1, 'GET', '/me')).body.name).toBe(OWNER.name);
    expect((await ask(1, 'POST', '/leave', {})).status).toBe(200);
    expect((await ask(0, 'GET', '/me')).status).toBe(401);
    cookie = '';
    cookie = (await ask(1, 'POST', '/enter', OWNER)).cookie;
  });
  it('guesses at both are counted together', async () => {
    const seen = [];
    for (let i = 0; i < 10; i++) seen.push((await ask((i % 2) as 0 | 1, 'POST', '/enter', { name: 'Nobody Atall', password: `guess ${i}` })).status);
    expect(seen).toEqual([...Array(8).fill(401), 429, 429]);
  });
  it('one wish to write, sent to both at once, is done once and answered the same', async () => {
    const key = { 'idempotency-key': randomUUID() };
    const all = await Promise.all(([0, 1, 0, 1] as const).map((at) => ask(at, 'POST', '/customers', { name: 'Sent Twice' }, key)));
    expect(new Set(all.map((a) => a.status))).toEqual(new Set([201]));
    expect(new Set(all.map((a) => a.body.id)).size).toBe(1);
    expect((await ask(0, 'GET', '/customers?search=Sent')).body.total).toBe(1);
  });
  it('a change of the stockroom at one is ranked by at the other at once', async () => {
    const before = (await ask(1, 'GET', '/styles')).body;
    const { id, version } = before.styles[0] as { id: string; version: number };
    expect((await ask(0, 'PATCH', '/styles', { changes: [{ id, set: { name: 'Renamed Elsewhere' }, version }] })).status).toBe(200);
    const after = (await ask(1, 'GET', '/styles')).body;
    expect(after.stamp).not.toBe(before.stamp);
    expect((after.styles as { id: string; name: string }[]).find((s) => s.id === id)?.name).toBe('Renamed Elsewhere');
  });
  it('a learning begun at one is told at the other, is not begun twice, and is stopped from there', async () => {
    expect((await ask(0, 'POST', '/learn/shop')).body.began).toBe(true);
    expect((await ask(1, 'GET', '/learn/shop')).body.state).toBe('running');
    expect((await ask(1, 'POST', '/learn/shop')).body.began).toBe(false);
    expect((await ask(1, 'DELETE', '/learn/shop')).body.removed).toBe(true);
    let state = '';
    for (let i = 0; i < 200 && state !== 'stopped'; i++) {
      await sleep(100);
      ({ state } = (await ask(1, 'GET', '/learn/shop')).body as { state: string });
    }
    expect(state).toBe('stopped');
  });
  it('killed under a load of writes, one leaves nothing behind that was answered and is not there; the other goes on', async () => {
    const { id } = (await ask(1, 'POST', '/customers', { name: 'Written Under Load' })).body;
    const fitting = (await ask(1, 'POST', `/customers/${id}/fittings`)).body.id as number;
    const saved: number[] = [0, 0];
    let going = true;
    // Each writes people of its own; what was answered is counted.
    const writes = ([0, 1] as const).map(async (at) => {
      for (let i = 0; going; i++) {
        const answer = await ask(at, 'POST', '/customers', { name: `Load${at} ${i}` }).catch(() => null);
        if (answer?.status === 201) saved[at]++;
        if (answer === null) break;
      }
    });
    await sleep(3000);
    children[0].kill('SIGKILL');
    await sleep(1500);
    going = false;
    await Promise.all(writes);
    const total = async (word: string) => (await ask(1, 'GET', `/customers?search=${word}&limit=1`)).body.total as number;
    expect(saved[0]).toBeGreaterThan(20);
    expect(saved[1]).toBeGreaterThan(saved[0]);
    // At most the one write in flight came after what was answered.
    expect([saved[0], saved[0] + 1]).toContain(await total('Load0'));
    expect(await total('Load1')).toBe(saved[1]);
    console.log(`${saved[0]} and ${saved[1]} writes were answered by two processes, one of them killed: all are there`);
    const side = { lengthMm: { mm: 251, typed: '251 mm' } };
    expect((await ask(1, 'PUT', `/fittings/${fitting}/feet`, { left: side, right: side })).status).toBe(200);
    // A process that comes back joins the other.
    const again = await begin();
    [children[0], places[0]] = [again.child, again.place];
    expect((await ask(0, 'GET', `/fittings/${fitting}`)).body.feet.left.lengthMm.mm).toBe(251);
  });
});
