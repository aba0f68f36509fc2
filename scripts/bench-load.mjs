/**
 * `npm run bench:load [-- 10000]`: a seeded crowd in a throwaway database: so many people, twice as many visits, ten times as many
 * try-ons, six times as many pairs. First the ten commonest requests together at 50 a second from 20 clients, then pages and requests
 * one by one at 1 and at 20 connections. Prints milliseconds; asserts nothing, since figures belong to a machine.
 */
import autocannon from 'autocannon';
import { dirname, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { done, fail, step } from './say.mjs';
import { crowdOf, tenCommonest } from './ten.mjs';
import { throwaway } from './throwaway.mjs';

const root = resolve(dirname(fileURLToPath(import.meta.url)), '..');
const people = Number(process.argv[2] ?? 10_000);
/** Seconds the ten are asked together, and each alone. */
const [TOGETHER_S, ALONE_S] = [40, 6];
/** Requests a second of the ten together, and clients who send them. */
const [RATE, CLIENTS] = [50, 20];

const app = await throwaway(root);
step(`Filling in ${people} people`);
const crowd = crowdOf(root, app.url, people);
if (!crowd) fail('The crowd could not be filled in.');
const { often, ordinary } = crowd;
done(`the one who comes most often is ${often}`);
const { ten, fitting } = await tenCommonest(app.address, crowd);

const part = (times, share) => times[Math.min(times.length - 1, Math.floor(share * times.length))] ?? NaN;
const ms = (value) => String(Math.round(value)).padStart(6);

/** Each of the ten has its share of the rate and of the clients, all at once. */
async function together() {
  const all = await Promise.all(
    ten.map(async ({ name, path, ...rest }) => {
      const times = [];
      const asked = autocannon({
        url: `${app.address}${path}`,
        connections: CLIENTS / ten.length,
        overallRate: RATE / ten.length,
        duration: TOGETHER_S,
        timeout: 60,
        ...rest
      });
      asked.on('response', (_client, _status, _bytes, time) => times.push(time));
      const { non2xx, errors } = await asked;
      return { name, times: times.sort((a, b) => a - b), failed: non2xx + errors };
    })
  );
  for (const { name, times, failed } of all)
    console.log(
      `  ${name.padEnd(36)} ${ms(part(times, 0.5))} ${ms(part(times, 0.95))} ${ms(times.at(-1))} ms ${String(times.length).padStart(6)} asked ${failed} failed`
    );
  const times = all.flatMap((one) => one.times).sort((a, b) => a - b);
  console.log(
    `  ${'all of them'.padEnd(36)} ${ms(part(times, 0.5))} ${ms(part(times, 0.95))} ${ms(times.at(-1))} ms ${String(times.length).padStart(6)} asked`
  );
}
console.log(`\n${people} people, the ten commonest at ${RATE} a second from ${CLIENTS} clients: median, 95th percentile, longest`);
await together();

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
await app.stop();
