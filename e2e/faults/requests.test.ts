import fc from 'fast-check';
import mariadb from 'mariadb';
import { chromium, type Browser } from '@playwright/test';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { BASE, ask, get, newFitting, post, side } from '../api/client';
import { alone } from './alone';
import { hostile, hostileText, nearly, valid, type Schema, type Schemas } from './made-up';
import { often } from './short';

/** Requests made up from the API document; and pages over whatever stands in the database. */
interface Operation {
  method: string;
  path: string;
  body?: Schema;
}
let operations: Operation[] = [];
let schemas: Schemas = {};
beforeAll(async () => {
  const document = (await get('/openapi.json')).body;
  schemas = document.components.schemas;
  operations = Object.entries(document.paths as Record<string, Record<string, { requestBody?: { content: Record<string, { schema: Schema }> } }>>).flatMap(
    ([path, methods]) =>
      Object.entries(methods).map(([method, { requestBody }]) => ({
        method: method.toUpperCase(),
        path: path.replace('/api/v1', ''),
        body: requestBody?.content['application/json']?.schema
      }))
  );
  // One answers for ever; the first account shuts the door on all that follow.
  operations = operations.filter((o) => o.path !== '/gauge' && !(o.method === 'POST' && o.path === '/accounts'));
  const { fitting } = await newFitting('Made up');
  await ask('PUT', `/fittings/${fitting}/feet`, { left: side(255), right: side(256) });
  await post(`/fittings/${fitting}/tries`, { styleId: 'bassoon', size: '8', width: 'F' });
});

const QUERIES = [
  '',
  '?format=csv',
  '?search=%00&limit=-1',
  '?limit=1e9&after=x',
  '?style=bassoon&size=8&width=F',
  '?style=%F0%9F%98%80&size=%00&paper=%ff',
  '?put=L.x.1,,R',
  '?paper=letter'
];
const ids = () =>
  fc.oneof(
    fc.integer({ min: 1, max: 40 }).map(String),
    fc.constantFrom('plover', 'alderman', 'bassoon', '0', '-1', '1e9', '99999999999999999999', 'NaN', '%00', '..%2f..', '%E0%A4%A'),
    hostileText().map((t) => encodeURIComponent(t.toWellFormed()).slice(0, 300))
  );

describe('requests made up from the API document', () => {
  it('are answered below 500, and nobody else waits a second', async () => {
    const total = often(5000, 500);
    const counted: Record<number, number> = {};
    const request = fc.nat().chain((n) => {
      const operation = operations[n % operations.length];
      const body = operation.body
        ? fc.oneof(
            { weight: 4, arbitrary: valid(operation.body, schemas).map((v) => JSON.stringify(v)) },
            { weight: 4, arbitrary: nearly(operation.body, schemas).map((v) => JSON.stringify(v)) },
            { weight: 2, arbitrary: hostile().map((v) => JSON.stringify(v)) },
            { weight: 1, arbitrary: hostileText() }
          )
        : fc.constant(undefined);
      return fc.record({ operation: fc.constant(operation), id: ids(), query: fc.constantFrom(...QUERIES), body, fitter: hostileText() });
    });
    // Making up the first of each takes this process a while, which would be told as somebody's wait.
    fc.sample(request, 3 * operations.length);
    let going = true;
    let waitMs = 0;
    const other = (async () => {
      while (going) {
        const started = performance.now();
        expect((await alone('GET', '/health')).status).toBe(200);
        waitMs = Math.max(waitMs, performance.now() - started);
        await new Promise((later) => setTimeout(later, 25));
      }
    })();
    await fc.assert(
      fc.asyncProperty(request, async ({ operation, id, query, body, fitter }) => {
        const path = operation.path.replace('{id}', id);
        const headers = { 'content-type': 'application/json', 'x-fitter': encodeURIComponent(fitter.toWellFormed()).slice(0, 500) };
        const { status, type, text } = await alone(operation.method, `${path}${query}`, headers, operation.method === 'GET' ? undefined : body);
        counted[status] = (counted[status] ?? 0) + 1;
        if (status >= 400 && type.includes('problem')) expect(JSON.parse(text)).toMatchObject({ status });
        expect(status, `${operation.method} ${path}${query} ${body}: ${text.slice(0, 200)}`).toBeLessThan(500);
      }),
      { numRuns: total, endOnFailure: true }
    );
    going = false;
    await other;
    console.log(`${total} requests: ${JSON.stringify(counted)}; health waited at most ${waitMs.toFixed(0)} ms`);
    expect(counted[200] + (counted[201] ?? 0)).toBeGreaterThan(total / 20);
    expect(waitMs).toBeLessThan(1000);
  });
});

describe('pages survive whatever stands in the database', () => {
  let browser: Browser;
  let pool: mariadb.Pool;
  beforeAll(async () => {
    const { hostname, port, username, password, pathname } = new URL(process.env.DATABASE_URL!);
    pool = mariadb.createPool({ host: hostname, port: Number(port), user: username, password, database: pathname.slice(1), connectionLimit: 2 });
    browser = await chromium.launch({
      executablePath: '/usr/bin/chromium',
      args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--disable-background-networking']
    });
  });
  afterAll(async () => {
    await browser.close();
    await pool.end();
  });

  it('repeated flags and widths, days that do not exist, figures without measure, lasts that are gone, text of any kind', async () => {
    const { customer, fitting } = await newFitting('Odd rows');
    await ask('PUT', `/fittings/${fitting}/feet`, { left: side(255, { ballGirthMm: 238 }), right: side(256) });
    const { id: tried } = (await post(`/fittings/${fitting}/tries`, { styleId: 'bassoon', size: '8', width: 'F' })).body;
    const run = (sql: string, values: unknown[] = []) => pool.query(sql, values);
    await run('UPDATE customers SET flags = ?, story = ?, work = ? WHERE id = ?', [
      '["numb","numb","diabetic","diabetic","no such flag",7]',
      '<script>window.ran = 1</script>\u202E',
      '\u200B',
      customer
    ]);
    await run('UPDATE fittings SET kinds = ?, looked = ?, state_off = ?, measured_at = ?, worn_at = ? WHERE id = ?', [
      '["oxford","oxford","nonsense",null]',
      '[1,2]',
      '{"a":1}',
      '25:99',
      '31.2.',
      fitting
    ]);
    await run('UPDATE foot_measures SET readings = ?, mm = IF(field = "ballGirthMm", 1e308, mm) WHERE fitting_id = ?', [
      '[{"mm":1e308,"typed":null},{"mm":"x"},7,null]',
      fitting
    ]);
    await run(
      'INSERT INTO foot_measures (fitting_id, side, field, mm, how, typed) VALUES (?, "left", "noSuchMeasure", 3, "tape", "3"), (?, "both", "lengthMm", 3, "tape", "3")',
      [fitting, fitting]
    );
    await run('UPDATE try_ons SET felt = ?, outcome = "kept" WHERE id = ?', ['{"left":{"instep":"snug","no-zone":"odd"},"right":null}', tried]);
    await run('INSERT INTO size_matrices (name, definition, created_at) VALUES (?, ?, NOW()), (?, ?, NOW())', [
      'gone',
      '{"lasts":["no-such-last","plover","plover"],"footMm":1e308}',
      'x'.repeat(120),
      '{"lasts":"plover"}'
    ]);
    await run('INSERT INTO makers (id, name, letters) VALUES ("odd-maker", "Odd", \'["B","B","","C"]\')');
    const [{ definition }] = (await run('SELECT definition FROM lasts WHERE id = "plover"')) as { definition: object | string }[];
    const last = typeof definition === 'string' ? JSON.parse(definition) : structuredClone(definition);
    const odd = (name: string, change: (l: typeof last) => void) => {
      const copy = structuredClone(last);
      change(copy);
      return run('INSERT INTO lasts (id, maker_id, name, family, definition) SELECT ?, maker_id, ?, family, ? FROM lasts WHERE id = "plover"', [
        name,
        `Odd ${name}`,
        JSON.stringify(copy)
      ]);
    };
    await odd('odd-huge', (l) => (l.base.insoleMm = 1e308));
    await odd('odd-bare', (l) => delete l.grade);
    await run(
      'INSERT INTO inside_readings (last_id, size, width, side, who, taken_on, length_mm, note, created_at) VALUES ("plover", 7, "zz", "left", "x", "2026-02-31", 260, "", NOW()), ("plover", 7, "zz", "left", "x", "never", 1e308, "", NOW())'
    );
    await run(
      'INSERT INTO styles (id, maker_id, last_id, name, kind, for_whom, scale, school, step, size_from, size_to, widths, upper, closure, sole_stiffness, heel_height_mm, platform_mm, removable_insole_mm, toe_structure, details) SELECT "odd-style", maker_id, last_id, "Odd style", kind, for_whom, scale, school, step, size_from, size_to, ?, upper, closure, sole_stiffness, heel_height_mm, platform_mm, removable_insole_mm, toe_structure, ? FROM styles WHERE id = "bassoon"',
      ['["F","F","G"]', '{"evidence":{"price":{"mark":"measured","source":"x","date":"2026-02-31"}},"madeFrom":99999,"price":1e308}']
    );

    const context = await browser.newContext({ baseURL: BASE, viewport: { width: 1280, height: 800 } });
    const page = await context.newPage();
    const wrong: string[] = [];
    page.on('pageerror', (error) => wrong.push(`${page.url()}: ${error.message}`));
    const paths = [
      '/',
      `/people/${customer}`,
      ...['ask', 'look', 'measure', 'sizes', 'pull', 'try', 'keep', 'trace', 'shoe/bassoon?size=8&width=F', 'shoe/odd-style?size=8&width=F'].map(
        (step) => `/fittings/${fitting}/${step}`
      ),
      '/stock',
      '/stock/lasts',
      '/stock/lasts/plover',
      '/stock/bench?shoes=last:plover,style:odd-style&person=' + customer,
      '/stock/matrix',
      '/stock/styles/odd-style',
      '/stock/files',
      '/stock/targets',
      '/sizes',
      '/sizes/chain',
      '/sizes/between',
      '/sizes/insoles',
      '/sizes/makers',
      '/sizes/widths',
      '/sizes/many',
      '/sizes/charts'
    ];
    for (const path of paths) {
      const response = await page.goto(path);
      expect(response!.status(), path).toBe(200);
      await page.locator('html[data-ready]').waitFor({ state: 'attached', timeout: 20_000 });
      await page.waitForTimeout(250);
      expect((await page.locator('main').innerText()).trim().length, path).toBeGreaterThan(20);
    }
    expect(await page.evaluate('window.ran')).toBeUndefined();
    expect(wrong).toEqual([]);
    for (const path of [
      `/fittings/${fitting}/card?style=odd-style&size=8&width=F`,
      `/customers/${customer}/export`,
      `/customers/${customer}/feet?format=csv`,
      '/export/stock?format=styles',
      '/lasts/plover'
    ])
      expect((await fetch(`${BASE}/api/v1${path}`)).status, path).toBeLessThan(500);
    await context.close();
    // Taken away again: other tests count what is there.
    await run('DELETE FROM styles WHERE id = "odd-style"');
    await run('DELETE FROM lasts WHERE id LIKE "odd-%"');
    await run('DELETE FROM makers WHERE id = "odd-maker"');
    await run('DELETE FROM inside_readings WHERE width = "zz"');
  });
});
