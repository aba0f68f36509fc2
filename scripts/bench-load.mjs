/**
 * `npm run bench:load [-- 10000]`: a seeded crowd in a throwaway database, then the commonest requests at 1 and at 20
 * connections. Prints milliseconds; asserts nothing, since figures belong to a machine.
 */
import autocannon from 'autocannon';
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { run } from './run.mjs';
import { done, fail, step } from './say.mjs';
import { throwaway } from './throwaway.mjs';

const root = resolve(dirname(fileURLToPath(import.meta.url)), '..');
const people = Number(process.argv[2] ?? 10_000);
/** Seconds each request is repeated for. */
const SECONDS = 6;

const app = await throwaway(root);
step(`Filling in ${people} people`);
const filled = run(join(root, 'node_modules/.bin/tsx'), [join(root, 'web/src/lib/server/db/cli.ts'), 'crowd', String(people)], {
  cwd: join(root, 'web'),
  env: { DATABASE_URL: app.url },
  quiet: true
});
if (!filled.ok) fail('The crowd could not be filled in.');
done(filled.out.trim());
const often = Number(/visits is (\d+)/.exec(filled.out)[1]);
const ordinary = often - 1;
const api = async (method, path, body) => {
  const response = await fetch(`${app.address}/api/v1${path}`, {
    method,
    headers: { 'content-type': 'application/json' },
    body: body && JSON.stringify(body)
  });
  return response.json();
};
const { id: fitting } = await api('POST', `/customers/${ordinary}/fittings`);
const value = (mm) => ({ mm, typed: `${mm} mm` });
const foot = { lengthMm: value(251), ballWidthMm: value(96), ballGirthMm: value(238), instepGirthMm: value(246) };
const feet = { left: foot, right: foot };
await api('PUT', `/fittings/${fitting}/feet`, feet);
const style = (await api('GET', '/styles')).styles[0];
const { id: tried } = await api('POST', `/fittings/${fitting}/tries`, { styleId: style.id, size: String(style.from), width: style.widths[0] });

const json = { 'content-type': 'application/json' };
const REQUESTS = [
  { name: 'people, first page (API)', path: '/api/v1/customers' },
  { name: 'people found by name (API)', path: '/api/v1/customers?search=gilda%20bell' },
  { name: 'Today, the page', path: '/' },
  { name: 'what is due of everybody (API)', path: '/api/v1/due' },
  { name: 'pairs of a person, the page', path: `/people/${ordinary}/pairs` },
  { name: 'a person, the page', path: `/people/${ordinary}` },
  { name: 'a person with 60 visits, the page', path: `/people/${often}` },
  { name: 'a fitting (API)', path: `/api/v1/fittings/${fitting}` },
  { name: 'Measure, the page', path: `/fittings/${fitting}/measure` },
  { name: 'saving an answer', path: `/api/v1/fittings/${fitting}`, method: 'PATCH', headers: json, body: JSON.stringify({ note: 'narrow heel' }) },
  { name: 'saving both feet', path: `/api/v1/fittings/${fitting}/feet`, method: 'PUT', headers: json, body: JSON.stringify(feet) },
  {
    name: 'saving what was felt',
    path: `/api/v1/tries/${tried}`,
    method: 'PATCH',
    headers: json,
    body: JSON.stringify({ felt: { left: { 'toe-room': 'right' }, right: {} } })
  }
];

console.log(`\n${people} people; median and 97.5th percentile in ms, requests a second, bytes of one answer, failures`);
for (const { name, path, ...rest } of REQUESTS) {
  const cells = [];
  let bytes = 0;
  for (const connections of [1, 20]) {
    const result = await autocannon({ url: `${app.address}${path}`, connections, duration: SECONDS, timeout: 60, ...rest });
    const answered = Math.max(result['2xx'] + result.non2xx, 1);
    bytes = Math.round(result.throughput.total / answered);
    cells.push(
      `${connections}: ${String(result.latency.p50).padStart(6)} ${String(result.latency.p97_5).padStart(6)} ms ${result.requests.average.toFixed(0).padStart(6)}/s ${result.non2xx + result.errors} failed`
    );
  }
  console.log(`  ${name.padEnd(36)} ${cells.join('   ')}   ${bytes} B`);
}
await app.stop();
