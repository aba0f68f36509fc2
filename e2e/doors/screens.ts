import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { chromium, type Browser, type BrowserContext, type Page } from '@playwright/test';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { BASE } from '../api/client';
import { ask, as, forgetTries, HANDS, haveHands, sql, type Role } from './hands';

/** The doors as a fitter sees them, in the real browser. */
const axe = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');
const WAIT = { timeout: 20_000 };
describe('on screen', () => {
  let browser: Browser;
  let context: BrowserContext;
  let page: Page;
  const wrong: string[] = [];
  beforeAll(async () => {
    await haveHands();
    browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--disable-background-networking'] }); // prettier-ignore
  });
  afterAll(() => browser.close());
  beforeEach(async () => {
    await forgetTries();
    await context?.close();
    context = await browser.newContext({ baseURL: BASE, viewport: { width: 820, height: 1180 } });
    page = await context.newPage();
    page.on('pageerror', (error) => wrong.push(`${page.url()}: ${error.message}`));
  });
  /** Waits until the page is there, not only asked for behind the door. */
  const at = (path: string) => page.waitForURL((url) => `${url.pathname}${url.search}`.startsWith(path), WAIT);
  const ready = () => page.locator('html[data-ready]').waitFor({ state: 'attached', ...WAIT });
  const open = async (path: string) => {
    await page.goto(path);
    await ready();
  };
  async function enter(role: Role, password = HANDS[role].password): Promise<void> {
    await page.getByLabel('Name').fill(HANDS[role].name);
    await page.getByLabel('Password').fill(password);
    await page.getByRole('button', { name: 'Sign in' }).click();
  }
  /** No serious violation, nothing wider than the tablet. */
  async function clean(): Promise<void> {
    expect(await page.evaluate(() => document.documentElement.scrollWidth), page.url()).toBeLessThanOrEqual(820);
    await page.evaluate(axe);
    const found = await page.evaluate(async () => {
      const { violations } = await (window as unknown as { axe: { run: (o: object) => Promise<{ violations: { id: string; nodes: { html: string }[] }[] }> } }).axe.run({ runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'] }); // prettier-ignore
      return violations.map((v) => `${v.id}: ${v.nodes[0].html.slice(0, 120)}`);
    });
    expect(found, page.url()).toEqual([]);
  }

  it('whoever follows a link signs in first, is told what is wrong, and is led where they wanted to go', async () => {
    await open('/people/6?from=a-link');
    expect(page.url()).toContain('/enter?to=');
    expect(await page.getByRole('navigation', { name: 'Main' }).count()).toBe(0);
    await clean();
    await enter('fitter', 'not the password');
    await page.getByText('Name and password do not go together.').waitFor(WAIT);
    expect(await page.getByLabel('Name').inputValue()).toBe(HANDS.fitter.name);
    await enter('fitter');
    await at('/people/6?from=a-link');
    await ready();
    // Readings are stamped with the account's name, not with what the device said before.
    expect(await page.evaluate(() => localStorage.getItem('chiave-fitter'))).toBe(HANDS.fitter.name);
    await page.getByRole('link', { name: /Fabrice Welt/ }).click();
    await page.getByRole('heading', { name: 'Fabrice Welt' }).waitFor(WAIT);
    await clean();
    await page.getByRole('button', { name: 'Sign out' }).click();
    await at('/enter');
    await open('/people');
    expect(page.url()).toContain('/enter?to=');
  });
  it('a second factor is set up, its code asked for at the door, and a recovery code lets in once', async () => {
    await open('/enter?to=/account');
    await enter('reader');
    await at('/account');
    await ready();
    await page.getByLabel('Password as it is').fill(HANDS.reader.password);
    await page.getByRole('button', { name: 'Set one up' }).click();
    await page.getByRole('img', { name: 'Square code of the secret' }).waitFor(WAIT);
    const secret = (await page.locator('[data-second] p.figures').innerText()).trim();
    const { generate } = await import('otplib');
    await page.getByLabel('Code', { exact: true }).fill(await generate({ secret }));
    await page.getByRole('button', { name: 'Switch it on' }).click();
    await page.getByText('they are not shown again').waitFor(WAIT);
    const recovery = await page.locator('[data-second] li').allInnerTexts();
    expect(recovery).toHaveLength(10);
    await page.getByRole('button', { name: 'Sign out' }).click();
    await at('/enter');
    await ready();
    await enter('reader');
    await page.getByLabel(/Code of the second factor/).fill(recovery[0]);
    await page.getByRole('button', { name: 'Sign in' }).click();
    await page.getByRole('link', { name: /Remo Shelf/ }).waitFor(WAIT);
    await sql('UPDATE accounts SET second = NULL, second_on = 0 WHERE name = ?', [HANDS.reader.name]);
  });
  it('a session that ends in the middle of a fitting loses nothing: it waits, and is saved when somebody has signed in again', async () => {
    const cookie = await as('fitter');
    const { id } = (await ask('POST', '/customers', { cookie, body: { name: 'Mid Fitting' } })).body;
    const fitting = (await ask('POST', `/customers/${id}/fittings`, { cookie })).body.id as number;
    await open(`/enter?to=/fittings/${fitting}/ask`);
    await enter('fitter');
    await at(`/fittings/${fitting}/ask`);
    await ready();
    await sql('DELETE FROM sessions');
    await page.getByLabel('Trouble').fill('little toe, left');
    await page.keyboard.press('Tab');
    await page.locator('[data-save=waiting]').first().waitFor(WAIT);
    const other = await context.newPage();
    await other.goto('/enter');
    await other.locator('html[data-ready]').waitFor({ state: 'attached' });
    await other.getByLabel('Name').fill(HANDS.fitter.name);
    await other.getByLabel('Password').fill(HANDS.fitter.password);
    await other.getByRole('button', { name: 'Sign in' }).click();
    await other.getByRole('link', { name: /Fabrice Welt/ }).waitFor(WAIT);
    await page.locator('[data-save=saved]').first().waitFor(WAIT);
    expect((await ask('GET', `/fittings/${fitting}`, { cookie: await as('fitter') })).body.trouble).toBe('little toe, left');
  });
  it('a tablet for the shop day changes hands by PIN; an apprentice on it is told of health notes, and a change of targets is proposed', async () => {
    const boss = await as('owner');
    const cookie = await as('apprentice');
    expect((await ask('PUT', '/me/password', { cookie, body: { now: HANDS.apprentice.password, pin: '73916' } })).status).toBe(200);
    const { id } = (await ask('POST', '/customers', { cookie: boss, body: { name: 'Noted Well', flags: ['numb'] } })).body;
    await open('/enter?to=/account');
    await page.getByLabel(/This tablet stays/).check();
    await enter('fitter');
    await at('/account');
    await ready();
    await page.getByRole('button', { name: HANDS.apprentice.name }).click();
    await page.getByLabel('Their PIN').fill('73916');
    await clean();
    await page.getByRole('button', { name: 'Take over' }).click();
    await page.getByRole('link', { name: /Avelina Tack/ }).waitFor(WAIT);
    await open(`/people/${id}`);
    await page.getByText('Health notes are kept of this person').waitFor(WAIT);
    await page.getByText('What is kept of this person').click();
    expect(await page.getByRole('button', { name: 'Erase this person' }).count()).toBe(0);
    const proposed = await page.request.put('/api/v1/settings/targets', { data: { kinds: {}, shared: {} } });
    expect(proposed.status()).toBe(202);
    const { last } = await (await page.request.get('/api/v1/lasts/tern')).json();
    const { version, ...body } = last;
    const renamed = await page.request.put('/api/v1/lasts/tern', { data: { last: { ...body, name: 'Tern, looked at anew' }, version } });
    expect(renamed.status()).toBe(202);
    await page.goto('/accounts');
    await page.getByText(/This page is for those who run the shop/).waitFor(WAIT);
    await context.clearCookies();
    await open('/enter?to=/stock/proposals');
    await enter('owner');
    await at('/stock/proposals');
    await ready();
    await clean();
    // Told by what would change, and by nothing else.
    const rows = page.locator('[data-proposal]').filter({ hasText: 'Tern, looked at anew' }).locator('tbody tr');
    expect(await rows.allInnerTexts()).toHaveLength(1);
    expect((await rows.first().innerText()).replace(/\s+/g, ' ')).toBe(`last › name ${last.name} Tern, looked at anew`);
    await page.getByText('It stands there like this already.').first().waitFor(WAIT); // prettier-ignore
    const waits = page.locator('[data-proposal]').first();
    await waits.getByRole('button', { name: 'Leave it' }).click();
    await page.getByText(/left by Ondina Salt/).first().waitFor(WAIT); // prettier-ignore
    expect(wrong).toEqual([]);
  });
  it('signing out leaves nothing of people in the browser, and asks first where something is unsaved', async () => {
    await open('/enter?to=%2Faccount');
    await enter('fitter');
    await at('/account');
    await ready();
    const left = () => page.evaluate(async () => [await caches.has('chiave-pages'), Object.keys(localStorage).some((key) => key.startsWith('chiave-draft-'))]);
    await page.evaluate(async () => {
      await (await caches.open('chiave-pages')).put('/people/6', new Response('kept for minutes without the server'));
      localStorage.setItem('chiave-draft-feet-999', JSON.stringify({ body: {}, version: 1, saved: false }));
      localStorage.setItem('chiave-draft-keep-999', JSON.stringify({ body: {}, version: 1, saved: true }));
    });
    await page.getByRole('button', { name: 'Sign out', exact: true }).click();
    await page.getByText('One entry on this device could not be saved yet.').waitFor(WAIT);
    expect(await left()).toEqual([true, true]);
    await clean();
    await page.getByRole('button', { name: 'sign out and let go of what is unsaved' }).click();
    await at('/enter');
    expect(await left()).toEqual([false, false]);
  });
});
