import { createServer, type AddressInfo, type Server, type Socket } from 'node:net';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { GaugeEvent } from '../src/lib/api/gauge-line';

/** A gauge of this test's own: it says what it is told to, over a real connection. */
let server: Server;
let sockets: Socket[] = [];
let heard: GaugeEvent[] = [];
let stop = (): void => {};
const until = (done: () => boolean) => vi.waitFor(() => expect(done()).toBe(true), { timeout: 5000 });

beforeEach(async () => {
  sockets = [];
  heard = [];
  server = createServer((socket) => sockets.push(socket));
  await new Promise<void>((ready) => server.listen(0, '127.0.0.1', ready));
  vi.stubEnv('GAUGE', `127.0.0.1:${(server.address() as AddressInfo).port}`);
  vi.resetModules();
  const { listenToGauge } = await import('../src/lib/server/gauge');
  stop = listenToGauge((event) => heard.push(event));
  await until(() => sockets.length === 1);
});
afterEach(() => {
  stop();
  for (const socket of sockets) socket.destroy();
  server.close();
  vi.unstubAllEnvs();
});

const HELLO = '{"gauge":"chiave-gauge","version":1,"unit":"mm"}\n';
const line = (t: number, lengthMm: number) => `${JSON.stringify({ t, side: 'left', lengthMm, ballLengthMm: 180, ballWidthMm: 93 })}\n`;

describe('listening to a gauge', () => {
  it('hears lines however the network cuts them, and leaves out what cannot be read', async () => {
    sockets[0].write(HELLO);
    sockets[0].write(line(0, 248).slice(0, 20));
    await until(() => heard.length === 1);
    sockets[0].write(line(0, 248).slice(20) + 'noise\n{"t":1}\n' + line(100, 9000) + line(200, 249) + '{"t":300,"side":"left","fault":"no foot"}\n');
    await until(() => heard.length === 4);
    expect(heard.map((e) => (e.kind === 'line' ? ('fault' in e.line ? e.line.fault : e.line.lengthMm) : e.kind))).toEqual(['here', 248, 249, 'no foot']);
  });
  it('a connection that does not say it is a gauge is not listened to', async () => {
    sockets[0].write(line(0, 248));
    sockets[0].write(HELLO + line(100, 250));
    await until(() => heard.length === 2);
    expect(heard[1]).toMatchObject({ kind: 'line', line: { lengthMm: 250 } });
  });
  it('tells when it is lost, looks for it again and goes on', async () => {
    sockets[0].write(HELLO);
    await until(() => heard.length === 1);
    sockets[0].destroy();
    await until(() => heard.at(-1)?.kind === 'away');
    expect(heard.at(-1)).toMatchObject({ why: 'the gauge was lost; it is looked for again' });
    await until(() => sockets.length === 2);
    sockets[1].write(HELLO + line(0, 251));
    await until(() => heard.at(-1)?.kind === 'line');
  });
  it('stopped, it lets go and comes back no more', async () => {
    stop();
    await until(() => sockets[0].destroyed || sockets[0].readableEnded || sockets[0].closed);
    const before = sockets.length;
    await new Promise((done) => setTimeout(done, 1300));
    expect(sockets.length).toBe(before);
    expect(heard.filter((e) => e.kind === 'away')).toEqual([]);
  });
});
