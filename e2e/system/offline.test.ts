import { mkdtempSync, rmSync } from 'node:fs';
import type { ChildProcess } from 'node:child_process';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { chromium, type Browser, type Page } from '@playwright/test';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { prepareDatabase } from '../../scripts/database.mjs';
import { freePort, startMariadb } from '../../scripts/mariadb.mjs';
import { addressOf, startWeb, untilServed } from '../../scripts/serve.mjs';
import { ask } from '../../scripts/scratch-schemas.mjs';
import { sleep } from '../processes';

/** Minutes without the shop's server, in the real browser: the application is ended under a fitting and begun again. */
const root = resolve(import.meta.dirname, '../..');
const folder = mkdtempSync(join(tmpdir(), 'chiave-offline-'));
const WAIT = { timeout: 30_000 };
let database: { url: string; stop: () => Promise<void> };
let child: ChildProcess;
let browser: Browser;
let page: Page;
let [port, address, fitting] = [0, '', 0];

async function begin(): Promise<void> {
  child = startWeb(root, { folder, url: database.url, host: '127.0.0.1', port }) as ChildProcess;
  expect(await untilServed(child, address)).toBeNull();
}
async function end(): Promise<void> {
  const gone = new Promise((done) => child.once('exit', done));
  child.kill('SIGKILL');
  await gone;
}
const api = async (method: string, path: string, body?: unknown) =>
  (await fetch(`${address}/api/v1${path}`, { method, headers: { 'content-type': 'application/json' }, body: body && JSON.stringify(body) })).json();
const ready = () => page.locator('html[data-ready]').waitFor({ state: 'attached', ...WAIT });
const saveState = (state: string) => page.locator(`[data-save="${state}"]`).first().waitFor(WAIT);
const length = () => page.getByLabel('Length, left foot', { exact: true });
const away = () => page.locator('[data-away]');
const step = (name: string) => page.getByRole('navigation', { name: 'Steps of the fitting' }).getByRole('link', { name }).click();
/** What the browser keeps of pages, by path; of parts only how many. */
const kept = () =>
  page.evaluate(async () => {
    const names = async (cache: string) => (await (await caches.open(cache)).keys()).map((request) => new URL(request.url).pathname);
    return { pages: await names('chiave-pages'), parts: (await names('chiave-parts')).length };
  });

beforeAll(async () => {
  database = (await startMariadb(folder)) as typeof database;
  prepareDatabase(root, database.url);
  port = (await freePort()) as number;
  address = addressOf('127.0.0.1', port) as string;
  await begin();
  const { id } = await api('POST', '/customers', { name: 'Wilma Undergrove', born: 1985 });
  fitting = (await api('POST', `/customers/${id}/fittings`)).id;
  const side = { lengthMm: { mm: 246, typed: '246 mm' } };
  await api('PUT', `/fittings/${fitting}/feet`, { left: side, right: side });
  browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--disable-background-networking'] }); // prettier-ignore
  page = await (await browser.newContext({ baseURL: address, viewport: { width: 820, height: 1180 } })).newPage();
}, 120_000);
afterAll(async () => {
  await browser?.close();
  child?.kill('SIGKILL');
  await database?.stop();
  rmSync(folder, { recursive: true, force: true });
});

describe('without the shop’s server', { timeout: 120_000 }, () => {
  it('what a fitting needs is kept while it is open', async () => {
    await page.goto(`/fittings/${fitting}/ask`);
    await ready();
    // Gone to within the application: the page itself was never asked for.
    await step('Measure');
    await length().waitFor(WAIT);
    let found = await kept();
    for (let i = 0; i < 100 && !(found.parts > 200 && found.pages.includes(`/fittings/${fitting}/measure`)); i++) {
      await sleep(300);
      found = await kept();
    }
    expect(found.parts).toBeGreaterThan(200);
    for (const path of ['measure', 'measure/__data.json', 'pull/__data.json', 'try/__data.json'].map((p) => `/fittings/${fitting}/${p}`))
      expect(found.pages).toContain(path);
    expect(found.pages).toContain('/api/v1/styles');
    expect(await away().count()).toBe(0);
  });
  it('measuring and fitting go on, and it says so', async () => {
    await end();
    await length().fill('251');
    await saveState('waiting');
    await away().waitFor(WAIT);
    expect(await away().innerText()).toContain('No answer from the shop’s server since');
    await step('Pull');
    // Ranked in this browser, by the feet as they were just measured.
    await page.getByText(/\d+ fit, \d+ fit with help/).waitFor(WAIT);
    await page.getByText('251 mm').first().waitFor(WAIT);
    await step('Measure');
    expect(await length().inputValue()).toMatch(/^251/);
  });
  it('a reload opens the same fitting with what was typed, and still says so', async () => {
    await page.reload();
    await ready();
    expect(page.url()).toContain(`/fittings/${fitting}/measure`);
    await page.getByText('Wilma Undergrove').first().waitFor(WAIT);
    expect(await length().inputValue()).toMatch(/^251/);
    await away().waitFor(WAIT);
    await page.goto('/stock/lasts');
    await page.getByRole('heading', { name: 'This page is not on this device' }).waitFor(WAIT);
    await page.goto(`/fittings/${fitting}/measure`);
    await ready();
  });
  it('when the server answers again, what was typed is saved by itself', async () => {
    await begin();
    await saveState('saved');
    await away().waitFor({ state: 'detached', ...WAIT });
    expect((await api('GET', `/fittings/${fitting}`)).feet.left.lengthMm.mm).toBe(251);
  });
  it('where another device saved meanwhile, the choice is asked, also after a reload without the server', async () => {
    await page.reload();
    await ready();
    await sleep(3000);
    await end();
    await length().fill('253');
    await saveState('waiting');
    await page.reload();
    await ready();
    expect(await length().inputValue()).toMatch(/^253/);
    ask(database.url, `UPDATE chiave.fittings SET feet_version = feet_version + 1 WHERE id = ${fitting};`);
    await begin();
    await saveState('conflict');
    expect((await api('GET', `/fittings/${fitting}`)).feet.left.lengthMm.mm).toBe(251);
    await page.getByRole('button', { name: 'Keep mine' }).click();
    await saveState('saved');
    expect((await api('GET', `/fittings/${fitting}`)).feet.left.lengthMm.mm).toBe(253);
  });
});
