import fc from 'fast-check';
import mariadb from 'mariadb';
import { chromium, type Browser } from '@playwright/test';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { BASE, ask, get, newFitting, post, side } from '../api/client';
import { alone } from './alone';
import { HANGS_MS, operationsOf, requestsOf, sendMadeUp, told, type MadeUp } from './requests';
import { HOSTILE } from './made-up';
import { often } from './short';

/** Requests made up from the API document; and pages over whatever stands in the database. */
let request: fc.Arbitrary<MadeUp>;
let kinds = 0;
beforeAll(async () => {
  const document = (await get('/openapi.json')).body;
  // The first account shuts the door on all that follow.
  const operations = operationsOf(document).filter((o) => !(o.method === 'POST' && o.path === '/accounts'));
  request = requestsOf(operations, document.components.schemas);
  kinds = operations.length;
  const { fitting } = await newFitting('Made up');
  await ask('PUT', `/fittings/${fitting}/feet`, { left: side(255), right: side(256) });
  await post(`/fittings/${fitting}/tries`, { styleId: 'bassoon', size: '8', width: 'F' });
});

describe('requests made up from the API document', () => {
  it('are answered below 500, and nobody else waits a second', async () => {
    const total = often(10_000, 500);
    const counted: Record<number, number> = {};
    // Making up the first of each takes this process a while, which would be told as somebody's wait.
    fc.sample(request, 3 * kinds);
    let going = true;
    let waitMs = 0;
    let longestMs = 0;
    const other = (async () => {
      while (going) {
        const started = performance.now();
        expect((await alone('GET', '/health')).status).toBe(200);
        waitMs = Math.max(waitMs, performance.now() - started);
        await new Promise((later) => setTimeout(later, 25));
      }
    })();
    await fc.assert(
      fc.asyncProperty(request, async (made) => {
        const started = performance.now();
        const { status, type, text } = await sendMadeUp(made);
        longestMs = Math.max(longestMs, performance.now() - started);
        counted[status] = (counted[status] ?? 0) + 1;
        if (status >= 400 && type.includes('problem')) expect(JSON.parse(text)).toMatchObject({ status });
        expect(status, `${told(made)}: ${text.slice(0, 200)}`).toBeLessThan(500);
      }),
      { numRuns: total, endOnFailure: true }
    );
    going = false;
    await other;
    console.log(`${total} requests: ${JSON.stringify(counted)}; the longest ${longestMs.toFixed(0)} ms; health waited at most ${waitMs.toFixed(0)} ms`);
    expect(longestMs).toBeLessThan(HANGS_MS);
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
    // People, pairs and visits called by what has broken programs before, and by very long names.
    const LONGEST = 120;
    const names = [
      ...HOSTILE,
      'N'.repeat(LONGEST),
      'word '.repeat(LONGEST / 5),
      '<img src=x onerror="window.ran=2">',
      '\u202Eeman\u202C<b>',
      '"><svg onload=window.ran=3>'
    ];
    const bad = names.map((n) => [...n.toWellFormed()].slice(0, LONGEST).join(''));
    for (const name of bad)
      await run('INSERT INTO customers (name, story, work, fits_as, flags, created_at) VALUES (?, ?, ?, "women", "[]", NOW(3))', [name, name, name]);
    const oddPeople = ((await run('SELECT id FROM customers ORDER BY id DESC LIMIT ?', [bad.length])) as { id: number }[]).map((r) => r.id);
    await run('UPDATE fittings SET purpose = ? WHERE id = ?', [bad.at(-3), fitting]);
    await run('UPDATE styles SET name = ? WHERE id = "usher"', [bad.at(-1)]);
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
    page.on('dialog', (dialog) => (wrong.push(`${page.url()}: ${dialog.message()}`), void dialog.dismiss()));
    // Nothing was even tried: what is refused by the policy of the page would be told here.
    page.on('console', (line) => void (/Content Security Policy/.test(line.text()) && wrong.push(`${page.url()}: ${line.text()}`)));
    const paths = [
      '/',
      '/people',
      '/people?search=%3Cscript%3Ewindow.ran%3D4%3C%2Fscript%3E%E2%80%AE%00',
      ...oddPeople.flatMap((id) => [`/people/${id}`, `/people/${id}/kept`]),
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
      await page.waitForTimeout(oddPeople.some((id) => path.startsWith(`/people/${id}`)) ? 60 : 250);
      if ((await page.evaluate(() => document.documentElement.scrollWidth)) > 1280) wrong.push(`${path} is wider than the screen`);
      expect((await page.locator('main').innerText()).trim().length, path).toBeGreaterThan(20);
    }
    expect(await page.evaluate('window.ran')).toBeUndefined();
    // The policy is there: a script that somehow stood in a page would not run.
    const policy = (await page.goto('/people'))!.headers()['content-security-policy'];
    expect(/script-src [^;]+/.exec(policy)?.[0]).not.toMatch(/unsafe/);
    await page.evaluate(() => (document.body.append(Object.assign(document.createElement('script'), { textContent: 'window.ran = 5' })), undefined));
    expect(await page.evaluate('window.ran')).toBeUndefined();
    wrong.splice(0, wrong.length, ...wrong.filter((line) => !line.includes('Content Security Policy')));
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
    await run('DELETE FROM customers WHERE id IN (?)', [oddPeople]);
    await run('UPDATE styles SET name = "Usher" WHERE id = "usher"');
    await run('DELETE FROM styles WHERE id = "odd-style"');
    await run('DELETE FROM lasts WHERE id LIKE "odd-%"');
    await run('DELETE FROM makers WHERE id = "odd-maker"');
    await run('DELETE FROM inside_readings WHERE width = "zz"');
  });
});
