import { createHash } from 'node:crypto';
import { createServer, type AddressInfo, type Server, type Socket } from 'node:net';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { ScanEvent } from '../src/lib/api/scanner-line';

/** A scanner of this test's own: it says what it is told to, over a real connection. */
let server: Server;
let sockets: Socket[] = [];
let asked: string[] = [];
let heard: ScanEvent[] = [];
let stop = (): void => {};
let takeFromScanner: typeof import('../src/lib/server/scanner').takeFromScanner;
const until = (done: () => boolean) => vi.waitFor(() => expect(done()).toBe(true), { timeout: 5000 });

beforeEach(async () => {
  sockets = [];
  asked = [];
  heard = [];
  server = createServer((socket) => {
    sockets.push(socket);
    socket.on('data', (line) => asked.push(...line.toString().trim().split('\n')));
    socket.on('error', () => {});
  });
  await new Promise<void>((ready) => server.listen(0, '127.0.0.1', ready));
  vi.stubEnv('SCANNER', `127.0.0.1:${(server.address() as AddressInfo).port}`);
  vi.resetModules();
  ({ takeFromScanner } = await import('../src/lib/server/scanner'));
});
afterEach(() => {
  stop();
  for (const socket of sockets) socket.destroy();
  server.close();
  vi.unstubAllEnvs();
});

const HELLO = '{"scanner":"chiave-scanner","version":1}\n';
const FILE = Buffer.from(Array.from({ length: 5000 }, (_, i) => (i * 7) % 256));
const sha256 = createHash('sha256').update(FILE).digest('hex');
const head = (from: number, more: object = {}) =>
  `${JSON.stringify({ scan: 'left-2', side: 'left', name: 'foot.stl', bytes: FILE.length, sha256, from, ...more })}\n`;
const begin = async (ask: Parameters<typeof takeFromScanner>[0] = { side: 'left' }) => {
  stop = takeFromScanner(ask, (event) => heard.push(event));
  await until(() => sockets.length === 1);
  sockets[0].write(HELLO);
  await until(() => asked.length === 1);
};
const came = () => Buffer.concat(heard.flatMap((e) => (e.kind === 'piece' ? [Buffer.from(e.base64, 'base64')] : [])));
const kinds = () => heard.map((e) => e.kind);

describe('taking a scan out of a scanner', () => {
  it('brings its file whole, however the network cuts it; the file may hold newlines and follow its line at once', async () => {
    await begin();
    expect(JSON.parse(asked[0])).toEqual({ take: 'left' });
    sockets[0].write('noise\n{"scanning":"left","done":0.5}\n' + head(0).slice(0, 30));
    await until(() => kinds().includes('scanning'));
    sockets[0].write(Buffer.concat([Buffer.from(head(0).slice(30)), FILE.subarray(0, 1000)]));
    await until(() => came().length === 1000);
    sockets[0].write(FILE.subarray(1000));
    await until(() => heard.at(-1)?.kind === 'whole');
    expect(came().equals(FILE)).toBe(true);
    expect(heard.find((e) => e.kind === 'begins')).toEqual({ kind: 'begins', scan: 'left-2', side: 'left', name: 'foot.stl', bytes: 5000 });
  });
  it('lost in the middle, it is looked for again and asked for the rest', async () => {
    await begin();
    sockets[0].write(Buffer.concat([Buffer.from(head(0)), FILE.subarray(0, 2000)]));
    await until(() => came().length === 2000);
    sockets[0].destroy();
    await until(() => sockets.length === 2);
    expect(heard.at(-1)).toEqual({ kind: 'lost', why: 'the scanner was lost in the middle; it is looked for again' });
    sockets[1].write(HELLO);
    await until(() => asked.length === 2);
    expect(JSON.parse(asked[1])).toEqual({ again: 'left-2', from: 2000 });
    sockets[1].write(Buffer.concat([Buffer.from(head(2000)), FILE.subarray(2000)]));
    await until(() => heard.at(-1)?.kind === 'whole');
    expect(came().equals(FILE)).toBe(true);
    expect(kinds().filter((k) => k === 'begins')).toHaveLength(1);
  });
  it('a page that lost the application goes on with what it has', async () => {
    await begin({ scan: 'left-2', from: 3000 });
    expect(JSON.parse(asked[0])).toEqual({ again: 'left-2', from: 3000 });
    sockets[0].write(Buffer.concat([Buffer.from(head(3000)), FILE.subarray(3000)]));
    await until(() => heard.at(-1)?.kind === 'whole');
    expect(came().equals(FILE.subarray(3000))).toBe(true);
  });
  it('what came otherwise than it was sent is not taken for whole', async () => {
    await begin();
    sockets[0].write(Buffer.concat([Buffer.from(head(0)), FILE.map((b, i) => (i === 77 ? b ^ 1 : b))]));
    await until(() => heard.at(-1)?.kind === 'failed');
    expect(kinds()).not.toContain('whole');
  });
  it.each([
    ['a fault it tells', '{"fault":"the foot moved"}\n', /the foot moved/],
    ['a file that begins elsewhere than asked', head(9), /in another place/],
    ['what never ends a line', 'x'.repeat(3000), /is no scanner/]
  ])('%s is told in words, and ends it', async (_what, said, why) => {
    await begin();
    sockets[0].write(said);
    await until(() => heard.at(-1)?.kind === 'failed');
    expect((heard.at(-1) as { why: string }).why).toMatch(why);
    await until(() => sockets[0].destroyed || sockets[0].readableEnded || sockets[0].closed);
  });
  it('none there: it is told and looked for, and stopped it comes back no more', async () => {
    await new Promise((closed) => server.close(closed));
    stop = takeFromScanner({ side: 'right' }, (event) => heard.push(event));
    await until(() => heard.length > 0);
    expect(heard[0]).toMatchObject({ kind: 'lost', why: expect.stringMatching(/no scanner answers at 127\.0\.0\.1:\d+; it is looked for again/) });
    stop();
    const before = heard.length;
    await new Promise((later) => setTimeout(later, 900));
    expect(heard).toHaveLength(before);
  });
});
