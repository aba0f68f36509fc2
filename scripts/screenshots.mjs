/** `npm run screenshots`: the pictures in docs/screenshots, made anew from clean demo data. */
import { spawn } from 'node:child_process';
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { installCommands, installPackages } from './install.mjs';
import { done, step } from './say.mjs';
import { throwaway } from './throwaway.mjs';

const root = resolve(dirname(fileURLToPath(import.meta.url)), '..');
installPackages(root);
installCommands({ mariadbd: 'mariadb-server', 'mariadb-install-db': 'mariadb-server', mariadb: 'mariadb-client', chromium: 'chromium' });
const { chromium } = await import('@playwright/test');

// A scanner of its own, whatever else listens on this machine.
const SCANNER_PORT = '5171';
process.env.SCANNER = `127.0.0.1:${SCANNER_PORT}`;
const app = await throwaway(root);
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu', '--enable-unsafe-swiftshader', '--disable-background-networking']
});
const DESK = { width: 1280, height: 800 };
const TABLET = { width: 820, height: 1180 };
const api = async (method, path, body) =>
  (await fetch(`${app.address}/api/v1${path}`, { method, headers: { 'content-type': 'application/json' }, body: body && JSON.stringify(body) })).json();

const people = (await api('GET', '/customers')).customers;
const idOf = (name) => people.find((p) => p.name === name).id;
const fittingOf = async (name) => (await api('GET', `/customers/${idOf(name)}/fittings`)).fittings[0].id;

/** The pairs at the chair in the Try and Keep pictures. */
async function atTheChair(fitting) {
  for (const [styleId, size, felt] of [
    ['lakeside-50', '38.5', { left: { 'toe-room': 'right', instep: 'snug' }, right: { 'toe-room': 'right', 'heel-slip': 'right' } }],
    ['moonrise-70', '39', { left: { 'toe-room': 'roomy' }, right: { 'ball-girth': 'right' } }]
  ]) {
    const { id } = await api('POST', `/fittings/${fitting}/tries`, { styleId, size, width: 'medium' });
    const begun = new Date(Date.now() - 8 * 60_000).toISOString();
    const steps = Object.fromEntries(
      ['dressed', 'weight', 'slide'].map((step) => [step, step === 'dressed' ? { pair: { ok: true } } : { left: { ok: true }, right: { ok: true } }])
    );
    await api('PATCH', `/tries/${id}`, { felt, chair: { steps, timers: [{ step: 'walk-long', since: begun, before: 0, minutes: 15, answered: false }] } });
    if (styleId === 'lakeside-50') await api('PATCH', `/tries/${id}`, { outcome: 'kept', why: 'as if there were no shoe; ball pad carried as a spare' });
  }
}

const ilva = await fittingOf('Ilva Serrandi');
const tullio = await fittingOf('Tullio Brambati');
await atTheChair(ilva);

await api('POST', '/learn/shop');
while ((await api('GET', '/learn/shop')).state === 'running') await new Promise((resolve) => setTimeout(resolve, 500));

/** name, path, viewport, what to wait for, what to do first */
const PICTURES = [
  ['today', '/', DESK, 'h1'],
  ['pointe', `/stock/pointe?person=${idOf('Tecla Brindavoll')}`, DESK, 'svg[role=img]'],
  ['pairs', `/people/${idOf('Jory Tamblin')}/pairs`, DESK, '[data-pair]'],
  ['history', `/people/${idOf('Ilva Serrandi')}`, DESK, 'h1'],
  ['look', `/fittings/${ilva}/look`, DESK, '.pictured'],
  ['measure', `/fittings/${ilva}/measure`, DESK, 'svg path'],
  [
    'measure-tablet',
    `/fittings/${tullio}/measure`,
    TABLET,
    'svg path',
    async (page) => {
      await page.getByRole('button', { name: 'Fast entry' }).click();
      for (let i = 0; i < 11; i++) await page.getByRole('button', { name: 'next field' }).click();
      await page.evaluate(() => scrollTo(0, 0));
    }
  ],
  [
    'trace',
    `/fittings/${ilva}/trace`,
    DESK,
    'h1',
    async (page) => {
      await page.locator('input[type=file]').setInputFiles(join(root, 'demo/tracings/left.jpg'));
      await page.locator('[data-traced]').waitFor({ timeout: 60_000 });
    }
  ],
  [
    'scan',
    `/fittings/${ilva}/scan`,
    DESK,
    'h1',
    async (page) => {
      const scanner = spawn('npx', ['tsx', 'scripts/scanner.ts', '--quick', '--port', SCANNER_PORT], { cwd: root, detached: true });
      await new Promise((ready) => scanner.stdout.on('data', (text) => String(text).includes('scans') && ready()));
      await page.getByRole('button', { name: 'Scan the left foot' }).click();
      await page.locator('[data-scan-drawn="true"]').waitFor({ timeout: 90_000 });
      await page.locator('[data-measure="ballGirthMm"] button').click();
      await page.waitForTimeout(1500);
      process.kill(-scanner.pid);
    }
  ],
  ['pull', `/fittings/${await fittingOf('Oriele Macchiara')}/pull`, DESK, '[data-suit] + p'],
  ['shoe', `/fittings/${ilva}/shoe/moonrise-70?size=39&width=medium`, DESK, '[data-section]'],
  ['try', `/fittings/${ilva}/try`, DESK, '[data-try]'],
  ['rule', '/sizes?left=238&right=239&q=us%20w%207.5', DESK, '[data-mark]'],
  ['stock', '/stock', DESK, '[role=row]'],
  ['uses', `/stock/use?person=${idOf('Jory Tamblin')}&part=gait`, DESK, '[data-school] li'],
  ['learned', '/stock/learned', DESK, '[data-learned]'],
  ['occasion', '/stock/occasion', DESK, 'text=/costs least/'],
  [
    'heel-bench',
    `/stock/heel?person=${idOf('Ilva Serrandi')}`,
    DESK,
    'text=/Ilva Serrandi, 238/',
    async (page) => {
      await page.getByLabel('Ankle reach, °').fill('41');
      await page.evaluate(() => scrollTo(0, 0));
    }
  ],
  ['bench', `/stock/bench?shoes=last:plover,last:heron&person=${idOf('Ilva Serrandi')}`, DESK, 'text=at these toes']
];
const only = process.argv.slice(2);
for (const [name, path, viewport, wait, act] of PICTURES) {
  if (only.length > 0 && !only.includes(name)) continue;
  step(name);
  const page = await browser.newPage({ viewport });
  // Nobody's first visit: the guide is not offered.
  await page.addInitScript(() => localStorage.setItem('chiave-guide', 'seen'));
  await page.goto(app.address + path);
  await page.locator('html[data-ready]').waitFor({ state: 'attached' });
  await page.locator(wait).first().waitFor();
  await page.waitForTimeout(600);
  if (act) await act(page);
  await page.waitForTimeout(300);
  await page.screenshot({ path: join(root, 'docs/screenshots', `${name}.png`) });
  await page.close();
}
await browser.close();
await app.stop();
done('docs/screenshots is of today');
