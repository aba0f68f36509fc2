import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync, truncateSync, writeFileSync } from 'node:fs';
import { createServer, type Server } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, afterEach, describe, expect, it } from 'vitest';
import { alive, freePort, sleep } from '../processes';
import { root } from './private-server';
import { often } from './short';

/** Starts that meet broken files, held ports, full disks, kills and each other. */
const folder = mkdtempSync(join(tmpdir(), 'chiave-faults-start-'));
const at = (name: string) => join(folder, name);
const bound = (port: number) =>
  new Promise<boolean>((done) => {
    const server: Server = createServer();
    server.once('error', () => done(true));
    server.listen(port, '127.0.0.1', () => server.close(() => done(false)));
  });

interface Started {
  child: ChildProcess;
  port: number;
  said: () => string;
  /** Waits until it said something, or ended. */
  until: (what: RegExp, ms?: number) => Promise<boolean>;
  end: (signal?: NodeJS.Signals) => Promise<number | null>;
}
const children: Started[] = [];
async function begin(env: Record<string, string> = {}, port?: number): Promise<Started> {
  const own = port ?? (await freePort());
  const child = spawn(process.execPath, [join(root, 'scripts/start.mjs')], {
    cwd: root,
    env: { ...process.env, DATABASE_URL: '', CHIAVE_DATA: folder, PORT: String(own), ...env }
  });
  let output = '';
  for (const stream of [child.stdout!, child.stderr!]) stream.on('data', (chunk: Buffer) => (output += chunk.toString()));
  const over = () => child.exitCode !== null || child.signalCode !== null;
  const started: Started = {
    child,
    port: own,
    said: () => output,
    until: async (what, ms = 120_000) => {
      for (const last = Date.now() + ms; Date.now() < last && !what.test(output) && !over();) await sleep(20);
      return what.test(output);
    },
    end: async (signal = 'SIGINT') => {
      if (!over()) child.kill(signal);
      for (let i = 0; i < 400 && !over(); i++) await sleep(50);
      return child.exitCode;
    }
  };
  children.push(started);
  return started;
}
const ready = (s: Started) => s.until(/Chiave is at/);
const health = async (port: number) => {
  const response = await fetch(`http://127.0.0.1:${port}/api/v1/health`).catch(() => null);
  return response ? { status: response.status, body: (await response.json()) as Record<string, string> } : null;
};
/** MariaDB takes its file away when it stops. */
const databaseRuns = (): boolean => existsSync(at('mariadb.pid')) && alive(Number(readFileSync(at('mariadb.pid'), 'utf8')));

afterEach(async () => {
  for (const child of children.splice(0)) await child.end();
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

describe('npm start', () => {
  it('takes empty and broken small files for none, with everything still there', async () => {
    const first = await begin();
    expect(await ready(first), first.said()).toBe(true);
    const made = await (
      await fetch(`http://127.0.0.1:${first.port}/api/v1/customers`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: '{"name":"Kept Throughout"}'
      })
    ).json();
    expect(await first.end()).toBe(0);
    for (const damage of [
      () => truncateSync(at('database.json'), 0),
      () => writeFileSync(at('database.json'), '{"password": "half'),
      () => writeFileSync(at('database.json'), '[]'),
      () => {
        for (const name of ['running.json', 'lock.json', 'mariadb.pid', 'cookie-secret']) writeFileSync(at(name), '');
      },
      () => {
        for (const name of ['running.json', 'lock.json']) writeFileSync(at(name), '{"start": 1, "server":');
      }
    ]) {
      damage();
      const again = await begin();
      expect(await ready(again), again.said()).toBe(true);
      const kept = await fetch(`http://127.0.0.1:${again.port}/api/v1/customers/${made.id}`);
      expect((await kept.json()).name).toBe('Kept Throughout');
      expect(await again.end()).toBe(0);
    }
  });

  it('stopped or killed at any moment leaves nothing on the port and no database', async () => {
    for (let turn = 0; turn < often(14, 4); turn++) {
      const s = await begin();
      const moment = turn % 2 === 0 ? /Serving on port/ : /Starting MariaDB/;
      await s.until(moment);
      await sleep(Math.random() * 600);
      expect(await s.end(), s.said()).toBe(0);
      expect(await bound(s.port), `port ${s.port} after stopping at ${moment}`).toBe(false);
      expect(databaseRuns(), s.said()).toBe(false);
    }
  });

  it('starts a crashed server again, and what is asked then is answered', async () => {
    const s = await begin();
    await ready(s);
    for (let turn = 0; turn < 2; turn++) {
      const { server } = JSON.parse(readFileSync(at('running.json'), 'utf8')) as { server: number };
      process.kill(server, 'SIGKILL');
      let well = null;
      for (let i = 0; i < 100 && well?.status !== 200; i++) {
        await sleep(100);
        well = await health(s.port);
      }
      expect(well?.status).toBe(200);
      expect(JSON.parse(readFileSync(at('running.json'), 'utf8')).server).not.toBe(server);
    }
    expect(s.said()).toMatch(/ended by itself \(SIGKILL\)/);
    expect(await s.end()).toBe(0);
  });

  it('two at once on one folder: one serves, the other says so', async () => {
    const both = await Promise.all([begin(), begin()]);
    const served = await Promise.all(both.map(ready));
    expect(served.filter(Boolean)).toHaveLength(1);
    const refused = both[served.indexOf(false)];
    expect(refused.said()).toMatch(/Chiave is already (at work in|running at)/);
    expect(await refused.end()).toBe(1);
    const serving = both[served.indexOf(true)];
    expect((await health(serving.port))?.status).toBe(200);
    // A restore meanwhile would change what is served.
    const restore = spawnSync(process.execPath, [join(root, 'scripts/restore.mjs'), at('database.json')], {
      env: { ...process.env, CHIAVE_DATA: folder },
      encoding: 'utf8'
    });
    expect(restore.status).toBe(1);
  });

  it('a restore is refused while the application runs', async () => {
    const s = await begin();
    await ready(s);
    const env = { ...process.env, DATABASE_URL: '', CHIAVE_DATA: folder };
    const saved = spawnSync(process.execPath, [join(root, 'scripts/backup.mjs'), at('now.sql.gz')], { env, encoding: 'utf8' });
    expect(saved.status, saved.stderr).toBe(0);
    const restore = spawnSync(process.execPath, [join(root, 'scripts/restore.mjs'), at('now.sql.gz'), '--over'], { env, encoding: 'utf8' });
    expect(restore.stderr).toMatch(/is at work in .* \(serving/);
    expect(restore.status).toBe(1);
  });

  it('says in words that a port is held, a folder cannot be written, a disk is full', async () => {
    const holder = createServer().listen(0, '127.0.0.1');
    await new Promise((done) => holder.once('listening', done));
    const { port } = holder.address() as { port: number };
    const held = await begin({}, port);
    expect(await held.end('SIGCONT')).toBe(1);
    expect(held.said()).toContain(`Port ${port} is held by another program.`);
    holder.close();
    const words = async (env: Record<string, string>, what: RegExp) => {
      const s = await begin(env);
      expect(await s.until(what, 20_000), s.said()).toBe(true);
      expect(s.said()).not.toMatch(/\n {4}at /);
      expect(await s.end('SIGCONT')).toBe(1);
    };
    await words({ CHIAVE_DATA: '/proc/chiave' }, /CHIAVE_DATA=/);
    await words({ CHIAVE_DATA: '/dev/null/chiave' }, /What should be a folder is a file/);
    await words({ DISK_LEAST_MB: '999999999' }, /The disk of .* is full/);
  });

  it('health tells a full disk', async () => {
    const s = await begin();
    await ready(s);
    expect((await health(s.port))?.body).toMatchObject({ status: 'ok', disk: 'ok' });
    await s.end();
    const env = JSON.parse(readFileSync(at('database.json'), 'utf8')) as { port: number };
    expect(env.port).toBeGreaterThan(0);
    const { diskTrouble } = await import('../../web/src/lib/server/disk');
    expect(await diskTrouble(folder)).toBeNull();
    expect(await diskTrouble('/proc')).toMatch(/^full: 0 MB left/);
    expect(await diskTrouble('/nowhere/at/all')).toBe('the data folder cannot be read');
  });
});
