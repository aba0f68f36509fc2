/**
 * `npm run bench:load [-- 10000]`: a seeded crowd in a throwaway database: so many people, twice as many visits, ten times as many
 * try-ons, six times as many pairs. First the ten commonest requests together at 50 a second from 20 clients, of one process and of two;
 * then pages and requests one by one at 1 and at 20 connections. Prints milliseconds; asserts nothing, since figures belong to a machine.
 */
import autocannon from 'autocannon';
import { dirname, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { freePort } from './mariadb.mjs';
import { sleep } from './run.mjs';
import { done, fail, step } from './say.mjs';
import { addressOf, startWeb, untilServed } from './serve.mjs';
import { crowdOf, tenCommonest, untilReckoned } from './ten.mjs';
import { throwaway } from './throwaway.mjs';

const root = resolve(dirname(fileURLToPath(import.meta.url)), '..');
const people = Number(process.argv[2] ?? 10_000);
/** Seconds the ten are asked together, and each alone. */
const [TOGETHER_S, ALONE_S] = [40, 6];
/** Seconds before that which are not counted: a process that has just begun is slower. */
const WARM_S = 12;
/** Requests a second of the ten together, and clients who send them. */
const [RATE, CLIENTS] = [50, 20];

const app = await throwaway(root);
step(`Filling in ${people} people`);
const crowd = crowdOf(root, app.url, people);
if (!crowd) fail('The crowd could not be filled in.');
const { often, ordinary } = crowd;
done(`the one who comes most often is ${often}`);
await untilReckoned(app.address, app.url);
// Each client has a person of their own in the chair.
const clients = [];
for (let c = 0; c < CLIENTS; c++) clients.push(await tenCommonest(app.address, ordinary - c));
const [{ ten, fitting }] = clients;

const part = (times, share) => times[Math.min(times.length - 1, Math.floor(share * times.length))] ?? NaN;
const ms = (value) => String(Math.round(value)).padStart(6);

/**
 * Each client goes through the ten, beginning at another, some in a second; they begin one after another, so that the requests come spread
 * and not all at once. @param addresses of the processes that are asked in turn
 */
async function together(addresses, seconds, quiet = false) {
  const times = new Map(ten.map(({ name }) => [name, []]));
  let failed = 0;
  await Promise.all(
    clients.map(async (client, c) => {
      await sleep((c * 1000) / CLIENTS);
      const own = ten.map((_, i) => client.ten[(i + c) % ten.length]);
      const asked = autocannon({
        url: addresses[c % addresses.length],
        connections: 1,
        // So many of this client that all of them come to the rate.
        connectionRate: Math.floor((RATE * (c + 1)) / CLIENTS) - Math.floor((RATE * c) / CLIENTS),
        duration: seconds,
        timeout: 60,
        requests: own.map(({ name: _name, ...request }) => ({ method: 'GET', ...request }))
      });
      // One connection answers in the order it was asked in.
      let n = 0;
      asked.on('response', (_client, status, _bytes, time) => {
        times.get(own[n++ % own.length].name).push(time);
        if (status >= 400) failed++;
      });
      await asked;
    })
  );
  if (quiet) return;
  for (const [name, of] of [...times, ['all of them', [...times.values()].flat()]]) {
    of.sort((a, b) => a - b);
    console.log(`  ${name.padEnd(36)} ${ms(part(of, 0.5))} ${ms(part(of, 0.95))} ${ms(of.at(-1))} ms ${String(of.length).padStart(6)} asked`);
  }
  if (failed > 0) console.log(`  ${failed} failed`);
}
const port = await freePort();
const second = startWeb(root, { folder: app.folder, url: app.url, host: '127.0.0.1', port });
const two = [app.address, addressOf('127.0.0.1', port)];
const trouble = await untilServed(second, two[1]);
if (trouble) fail(trouble);
console.log(`\n${people} people, the ten commonest at ${RATE} a second from ${CLIENTS} clients: median, 95th percentile, longest`);
for (const addresses of [[app.address], two]) {
  console.log(addresses.length === 1 ? ' one process' : ' two processes');
  await together(addresses, WARM_S, true);
  await together(addresses, TOGETHER_S);
}

const alone = [
  ...ten,
  { name: 'Today, the page', path: '/' },
  { name: 'people, the page', path: '/people' },
  { name: 'people found by name, the page', path: '/people?search=gilda%20bell' },
  { name: 'a person with 60 visits, the page', path: `/people/${often}` },
  { name: 'Measure, the page', path: `/fittings/${fitting}/measure` },
  { name: 'Try, the page', path: `/fittings/${fitting}/try` },
  { name: 'pairs of a person, the page', path: `/people/${ordinary}/pairs` },
  { name: 'what is due of everybody', path: '/api/v1/due' }
];
console.log(`\neach alone; median and 97.5th percentile in ms, requests a second, bytes of one answer, failures`);
for (const { name, path, ...rest } of alone) {
  const cells = [];
  let bytes = 0;
  for (const connections of [1, 20]) {
    const result = await autocannon({ url: `${app.address}${path}`, connections, duration: ALONE_S, timeout: 60, ...rest });
    bytes = Math.round(result.throughput.total / Math.max(result['2xx'] + result.non2xx, 1));
    cells.push(
      `${connections}: ${ms(result.latency.p50)} ${ms(result.latency.p97_5)} ms ${result.requests.average.toFixed(0).padStart(6)}/s ${result.non2xx + result.errors} failed`
    );
  }
  console.log(`  ${name.padEnd(36)} ${cells.join('   ')}   ${bytes} B`);
}
second.kill('SIGKILL');
await app.stop();
