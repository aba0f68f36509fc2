import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { afterAll, afterEach, describe, expect, it } from 'vitest';
import { alive, freePort, sleep } from '../processes';

/** The whole application through `npm start`'s own script: started, killed, started again. */
const root = resolve(import.meta.dirname, '../..');
const folder = mkdtempSync(join(tmpdir(), 'chiave-system-'));
let running: ChildProcess | null = null;
let output = '';

async function start(args: string[] = [], env: Record<string, string> = {}): Promise<string> {
  const port = await freePort();
  output = '';
  running = spawn(process.execPath, ['scripts/start.mjs', ...args], {
    cwd: root,
    env: { ...process.env, DATABASE_URL: '', CHIAVE_DATA: folder, PORT: String(port), ...env }
  });
  for (const stream of [running.stdout!, running.stderr!]) stream.on('data', (chunk: Buffer) => (output += chunk.toString()));
  for (let i = 0; i < 900; i++) {
    await sleep(100);
    const address = /Chiave is at (\S+)/.exec(output)?.[1];
    if (address) return address;
    if (running.exitCode !== null) break;
  }
  throw new Error(`the application did not start:\n${output}`);
}
async function stop(): Promise<number | null> {
  const child = running!;
  child.kill('SIGINT');
  for (let i = 0; i < 300 && child.exitCode === null; i++) await sleep(100);
  return child.exitCode;
}
const pids = () => ({
  mariadb: Number(readFileSync(join(folder, 'mariadb.pid'), 'utf8')),
  server: JSON.parse(readFileSync(join(folder, 'running.json'), 'utf8')).server as number
});
const api = async (address: string, method: string, path: string, body?: unknown) => {
  const response = await fetch(`${address}/api/v1${path}`, {
    method,
    headers: { 'content-type': 'application/json' },
    body: body ? JSON.stringify(body) : undefined
  });
  return { status: response.status, body: await response.json() };
};
const feet = (mm: number) => ({ left: { lengthMm: { mm, typed: `${mm} mm` } }, right: { lengthMm: { mm, typed: `${mm} mm` } } });

afterEach(async () => {
  if (running && running.exitCode === null) await stop();
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

describe('npm start', () => {
  let fitting = 0;

  it('makes its own database, loads the demo once, serves, and stops both on Ctrl-C', async () => {
    const address = await start();
    expect(output).toMatch(/loaded 12 makers, 44 lasts, 200 styles/);
    const people = (await api(address, 'GET', '/customers')).body.customers;
    expect(people.length).toBeGreaterThanOrEqual(15);
    fitting = (await api(address, 'POST', `/customers/${people[0].id}/fittings`)).body.id;
    expect((await api(address, 'PUT', `/fittings/${fitting}/feet`, feet(251))).status).toBe(200);
    const { mariadb, server } = pids();
    expect(await stop()).toBe(0);
    expect([alive(mariadb), alive(server)]).toEqual([false, false]);
  });

  it('a second start keeps the data and a third beside it is refused', async () => {
    const address = await start();
    expect(output).toMatch(/the demo is left as it is/);
    expect((await api(address, 'GET', `/fittings/${fitting}`)).body.feet.left.lengthMm.mm).toBe(251);
    const first = running;
    await expect(start()).rejects.toThrow(/already running at/);
    running = first;
  });

  it('nothing saved is lost when the server and mariadbd are killed in mid-use', async () => {
    let address = await start();
    let saved = 0;
    let going = true;
    const saving = (async () => {
      for (let mm = 200; going && mm < 330; mm++) {
        const answer = await api(address, 'PUT', `/fittings/${fitting}/feet`, feet(mm)).catch(() => null);
        if (answer?.status === 200) saved = mm;
      }
    })();
    await sleep(700);
    // On a busy machine the first save may take longer.
    for (const last = Date.now() + 20_000; saved <= 202 && Date.now() < last;) await sleep(50);
    const { mariadb, server } = pids();
    running!.kill('SIGKILL');
    process.kill(server, 'SIGKILL');
    process.kill(mariadb, 'SIGKILL');
    going = false;
    await saving;
    expect(saved).toBeGreaterThan(200);
    address = await start();
    const { left, right } = (await api(address, 'GET', `/fittings/${fitting}`)).body.feet;
    // What was answered as saved is there; at most the one save in flight came after it, whole.
    expect([saved, saved + 1]).toContain(left.lengthMm.mm);
    expect(right.lengthMm.mm).toBe(left.lengthMm.mm);
  });

  it('a database killed under the running application answers 503, comes back by itself, and the next save goes through', async () => {
    const address = await start();
    process.kill(pids().mariadb, 'SIGKILL');
    // Both at once: the database may be back a second later.
    const [refused, health] = await Promise.all([api(address, 'PUT', `/fittings/${fitting}/feet`, feet(260)), api(address, 'GET', '/health')]);
    expect(refused).toMatchObject({ status: 503, body: { detail: expect.stringContaining('Nothing was saved') } });
    expect(health.status).toBe(503);
    let status = 0;
    for (let i = 0; i < 200 && status !== 200; i++) {
      await sleep(200);
      status = (await api(address, 'PUT', `/fittings/${fitting}/feet`, feet(261))).status;
    }
    expect(status).toBe(200);
    expect((await api(address, 'GET', `/fittings/${fitting}`)).body.feet.left.lengthMm.mm).toBe(261);
  });

  it('a start killed alone leaves a server behind, which the next start clears away', async () => {
    await start();
    const { server } = pids();
    running!.kill('SIGKILL');
    await sleep(300);
    expect(alive(server)).toBe(true);
    await start();
    expect(output).toMatch(/left over from a start that was killed/);
    expect(alive(server)).toBe(false);
    // Killed before it could note its server: the next start finds it all the same.
    const unnoted = pids().server;
    running!.kill('SIGKILL');
    rmSync(join(folder, 'running.json'));
    await start();
    expect(output).toMatch(/left over from a start that was killed/);
    expect(alive(unnoted)).toBe(false);
  });

  it('a door open to the network needs an account, made on the command line; then everybody signs in, on this machine too', async () => {
    const open = { HOST: '0.0.0.0' };
    await expect(start([], open)).rejects.toThrow(/nobody has an account yet/);
    // Beside this process: connections that it keeps would be closed under it if it waited.
    const account = (args: string[], password: string): Promise<{ status: number | null; stdout: string; stderr: string }> =>
      new Promise((done) => {
        const child = spawn(process.execPath, ['scripts/account.mjs', ...args], { cwd: root, env: { ...process.env, DATABASE_URL: '', CHIAVE_DATA: folder } });
        const said = { stdout: '', stderr: '' };
        for (const name of ['stdout', 'stderr'] as const) child[name].on('data', (chunk: Buffer) => (said[name] += chunk.toString()));
        child.once('close', (status) => done({ status, ...said }));
        child.stdin.end(`${password}\n`);
      });
    const short = await account(['add', 'Ondina Salt'], 'short');
    expect([short.status, short.stderr]).toEqual([1, expect.stringContaining('at least 10')]);
    const first = await account(['add', 'Ondina Salt', 'fitter'], 'nine brass buckles');
    expect([first.status, first.stderr]).toEqual([1, expect.stringContaining('the first account is an owner')]);
    expect((await account(['add', 'Ondina Salt'], 'nine brass buckles')).stdout).toContain('added Ondina Salt, owner');
    const address = await start([], open);
    expect((await api(address, 'GET', '/customers')).status).toBe(401);
    const page = await fetch(`${address}/people/1`, { redirect: 'manual' });
    expect([page.status, page.headers.get('location')]).toEqual([303, '/enter?to=%2Fpeople%2F1']);
    const enter = (password: string) =>
      fetch(`${address}/api/v1/enter`, { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify({ name: 'Ondina Salt', password }) }); // prettier-ignore
    expect((await enter('not the password')).status).toBe(401);
    const entered = await enter('nine brass buckles');
    const cookie = (entered.headers.get('set-cookie') ?? '').split(';')[0];
    expect((await fetch(`${address}/api/v1/customers`, { headers: { cookie } })).status).toBe(200);
    // Sessions outlive the process that began them.
    await stop();
    const again = await start();
    expect((await fetch(`${again}/api/v1/customers`, { headers: { cookie } })).status).toBe(200);
    expect((await api(again, 'GET', '/customers')).status).toBe(401);
    // An owner who is locked out; whoever sits at the machine helps.
    expect((await account(['password', 'ondina salt'], 'ten brass buckles')).stdout).toContain('new password');
    expect((await fetch(`${again}/api/v1/customers`, { headers: { cookie } })).status).toBe(401);
  });

  it('--fresh begins again with clean demo data', async () => {
    const address = await start(['--fresh']);
    expect(output).toMatch(/loaded 12 makers, 44 lasts, 200 styles/);
    expect((await api(address, 'GET', `/fittings/${fitting}`)).status).toBe(404);
  });
});
