import { readFileSync } from 'node:fs';
import { expect, test, type Page } from '@playwright/test';
import { newFitting, open } from './open';

const grid = (page: Page, name = 'Styles') => page.getByRole('grid', { name });
const rows = (page: Page, name = 'Styles') => grid(page, name).getByRole('row');
const shownRows = async (page: Page) => Number(/^(\d+)/.exec((await page.getByText(/^\d+( of \d+)? rows$/).textContent())!)![1]);
const undo = (page: Page) => page.getByRole('button', { name: 'Undo' });

test.describe('the table of styles', () => {
  test('is searched, filtered, sorted, its columns chosen and kept', async ({ page }) => {
    await open(page, '/stock');
    await expect(grid(page)).toBeVisible();
    const all = await shownRows(page);
    expect(all).toBeGreaterThanOrEqual(200);
    await page.getByRole('searchbox', { name: 'Search' }).fill('bramble suede');
    await expect.poll(() => shownRows(page)).toBeLessThan(12);
    for (const text of (await rows(page).allTextContents()).slice(1)) expect(text).toMatch(/Bramble.*suede/);
    await page.getByRole('searchbox', { name: 'Search' }).fill('');
    await page.getByRole('combobox', { name: 'Toe', exact: true }).selectOption('snip');
    await expect.poll(() => shownRows(page)).toBeLessThan(all);
    await grid(page)
      .getByRole('button', { name: /^Heel, mm/ })
      .click();
    await expect(grid(page).getByRole('columnheader', { name: /Heel/ })).toHaveAttribute('aria-sort', 'ascending');
    const heels = async () => (await rows(page).locator('[role=gridcell]:nth-child(8)').allTextContents()).map((t) => parseInt(t, 10));
    const up = await heels();
    expect([...up].sort((a, b) => a - b)).toEqual(up);
    await grid(page)
      .getByRole('button', { name: /^Heel, mm/ })
      .click();
    const down = await heels();
    expect([...down].sort((a, b) => b - a)).toEqual(down);
    await page.getByText('Columns', { exact: true }).click();
    await page.getByRole('checkbox', { name: 'Factory' }).check();
    await expect(grid(page).getByRole('columnheader', { name: 'Factory' })).toBeVisible();
    await page.reload();
    await expect(grid(page).getByRole('columnheader', { name: 'Factory' })).toBeVisible();
  });
  test('many are changed at once, and it is taken back', async ({ page }) => {
    await open(page, '/stock');
    await page.getByRole('searchbox', { name: 'Search' }).fill('notary');
    await expect.poll(() => shownRows(page)).toBeLessThan(8);
    const before = (await (await page.request.get('/api/v1/styles/notary')).json()).details.price;
    await page.getByRole('checkbox', { name: 'Pick every row shown' }).check();
    await page.getByPlaceholder('new value').fill('much');
    await page.getByRole('button', { name: 'Change them all' }).click();
    await expect(page.getByRole('alert')).toContainText('Nothing was changed');
    await page.getByPlaceholder('new value').fill('333');
    await page.getByRole('button', { name: 'Change them all' }).click();
    await expect(page.getByText(/^Changed: price of \d styles/)).toBeVisible();
    expect((await (await page.request.get('/api/v1/styles/notary')).json()).details.price).toBe(333);
    await undo(page).click();
    await expect(page.getByText(/^Taken back: price/)).toBeVisible();
    expect((await (await page.request.get('/api/v1/styles/notary')).json()).details.price).toBe(before);
  });
  test('every size and width is thousands of rows of which few are in the page, by keyboard too', async ({ page }) => {
    await open(page, '/stock');
    await page.getByText('every size and width').click();
    const items = grid(page, 'Sizes and widths');
    await expect.poll(() => shownRows(page)).toBeGreaterThan(5000);
    await expect.poll(() => items.getByRole('row').count()).toBeLessThan(60);
    await items.focus();
    await page.keyboard.press('End');
    await expect.poll(async () => Number(await items.getByRole('row').last().getAttribute('aria-rowindex'))).toBeGreaterThan(5000);
    await expect(items.getByRole('row').last()).toContainText('mm');
  });
});

test.describe('a style', () => {
  test('is changed with its evidence, keeps what was typed when refused, and is undone', async ({ page }) => {
    await open(page, '/stock/styles/hedger');
    const weight = page.getByLabel('Weight of one, g', { exact: true });
    const was = await weight.inputValue();
    await weight.fill('heavy');
    await page.getByRole('button', { name: 'Keep this style' }).click();
    await expect(page.getByText(/Not kept/)).toBeVisible();
    await expect(weight).toHaveValue('heavy');
    await weight.fill('612');
    await page.getByLabel('Weight of one, g: how it is known').selectOption('measured');
    await page.getByRole('button', { name: 'Keep this style' }).click();
    await expect(undo(page)).toBeVisible();
    const kept = (await (await page.request.get('/api/v1/styles/hedger')).json()).details;
    expect(kept).toMatchObject({ weightG: 612, evidence: { weightG: { mark: 'measured' } } });
    await undo(page).click();
    await expect(weight).toHaveValue(was);
  });
  test('its counts take a block from a spreadsheet; what else is on its last is listed', async ({ page }) => {
    await open(page, '/stock/styles/rampart');
    await expect(page.locator('[data-same-last]')).toContainText('Hedger');
    const cell = page.getByLabel('8 F on the shelf', { exact: true });
    const was = await cell.inputValue();
    await cell.focus();
    await page.evaluate(() => {
      const data = new DataTransfer();
      data.setData('text/plain', '7\t8\n9\t1');
      document.activeElement!.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }));
    });
    await expect(page.getByLabel('8.5 G on the shelf', { exact: true })).toHaveValue('1');
    await page.getByRole('button', { name: 'Keep the counts' }).click();
    await expect(undo(page)).toBeVisible();
    expect((await (await page.request.get('/api/v1/styles/rampart')).json()).stock).toMatchObject({ '8|F': 7, '8|G': 8, '8.5|F': 9, '8.5|G': 1 });
    await undo(page).click();
    await expect(cell).toHaveValue(was);
  });
  test('traced insoles of a last become its line, which can be taken over and left again', async ({ page }) => {
    await open(page, '/stock/lasts/curlew');
    const line = page.locator('[data-line]');
    await expect(line).toContainText('4 tracings by 2 hands');
    await expect(line).toContainText('Once taken');
    const kept = async () => (await (await page.request.get('/api/v1/lasts/curlew')).json()).last.outline;
    await page.getByRole('button', { name: 'Take this as the last' }).click();
    await expect(line).toContainText('The fit runs along it.');
    expect(await kept()).toMatchObject({ tracings: 4, hands: 2 });
    await expect(page.locator('p', { hasText: 'dotted: the soft almond toe’s own curve.' })).toContainText('As traced, ± 0.');
    await page.getByRole('button', { name: 'Fit along the soft almond toe’s curve instead' }).click();
    await expect(line).toContainText('Once taken');
    expect(await kept()).toBeUndefined();
    await undo(page).click();
    await expect(line).toContainText('The fit runs along it.');
    await undo(page).click();
    await expect(line).toContainText('Once taken');
  });
  test('a variant is made of it, a close-up is kept with it, and it can go again', async ({ page }) => {
    await open(page, '/stock/styles/drystone');
    await page.getByLabel('Called').fill('Drystone Browser');
    await page.getByRole('button', { name: 'Duplicate and change' }).click();
    await expect(page).toHaveURL(/\/stock\/styles\/drystone-browser$/);
    await page.locator('input[type=file]').setInputFiles('demo/tracings/left.jpg');
    await expect(page.locator('[data-photos] img')).toHaveCount(1);
    // A picture is fetched when it comes into sight.
    await page.locator('[data-photos] img').scrollIntoViewIfNeeded();
    await expect.poll(() => page.locator('[data-photos] img').evaluate((img: HTMLImageElement) => img.naturalWidth)).toBeGreaterThan(100);
    await page.getByRole('button', { name: 'Take this style away' }).click();
    await expect(page.getByText(/1 photograph: remove them first/)).toBeVisible();
    await page.locator('[data-photos]').getByRole('button').first().click();
    await expect(page.locator('[data-photos] img')).toHaveCount(0);
    await page.getByRole('button', { name: 'Take this style away' }).click();
    await expect(page).toHaveURL(/\/stock$/);
    await undo(page).click();
    await expect(page.getByText('Taken back: Drystone Browser taken away.')).toBeVisible();
    await page.getByRole('searchbox', { name: 'Search' }).fill('drystone browser');
    await rows(page).getByRole('link', { name: 'Drystone Browser' }).click();
    await expect(page).toHaveURL(/\/stock\/styles\/drystone-browser$/);
    await page.getByRole('button', { name: 'Take this style away' }).click();
    await expect(page).toHaveURL(/\/stock$/);
    expect((await page.request.get('/api/v1/styles/drystone-browser')).status()).toBe(404);
  });
});

test.describe('a last', () => {
  test('is corrected with what cannot be said beside its field, and undone', async ({ page }) => {
    await open(page, '/stock/lasts/fell');
    const heel = page.getByLabel('heel width, mm').last();
    const was = await heel.inputValue();
    await heel.fill('130');
    await page.getByRole('button', { name: 'Keep this last' }).click();
    await expect(page.getByRole('alert').first()).toContainText(/heel width (must be 20 to 120|130 must be less)/);
    await expect(heel).toHaveValue('130');
    await heel.fill(String(Number(was) + 1));
    await page.getByRole('button', { name: 'Keep this last' }).click();
    await expect(undo(page)).toBeVisible();
    await undo(page).click();
    await expect(heel).toHaveValue(was);
  });
  test('an insole drawn as SVG fills the figures in; readings make an estimate', async ({ page }) => {
    await open(page, '/stock/lasts/comfrey');
    const form = page.locator('main form').first();
    const points = Array.from({ length: 80 }, (_, i) => {
      const t = (i / 80) * 2 * Math.PI;
      const y = 150 - 128 * Math.cos(t);
      return `${(60 + (33 + 9 * Math.cos(t)) * Math.sin(t)).toFixed(1)},${y.toFixed(1)}`;
    }).join(' ');
    const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="120mm" height="300mm" viewBox="0 0 120 300"><polygon points="${points}"/></svg>`;
    await form.locator('input[type=file]').setInputFiles({ name: 'insole.svg', mimeType: 'image/svg+xml', buffer: Buffer.from(svg) });
    await expect(form.getByLabel('length, mm')).toHaveValue(/^25[5-7]/);
    await expect(page.getByText(/Its toe lies closest to/)).toBeVisible();
    await form.getByLabel(/^Size/).fill('six');
    await form.getByLabel('By whom').fill('Ada');
    await page.getByRole('button', { name: 'Keep this reading' }).click();
    await expect(page.getByText('write the size as a number')).toBeVisible();
    await form.getByLabel(/^Size/).fill('5');
    await page.getByRole('button', { name: 'Keep this reading' }).click();
    await expect(page.locator('[data-readings]')).toContainText('Ada');
    await expect(page.locator('[data-estimate]')).toContainText(/Insole 25\d/);
    await undo(page).click();
    await expect(page.locator('[data-readings]').getByText('Ada')).toHaveCount(0);
  });
});

test('a maker, a last and a style are made from nothing, and one last under two names becomes one', async ({ page }) => {
  const mark = `${Date.now()}`.slice(-6);
  await open(page, '/stock/lasts');
  await page.getByLabel('A new maker, called').fill(`Ostlery ${mark}`);
  await page.getByRole('button', { name: 'Add the maker' }).click();
  await expect(page.getByRole('alert')).toContainText(/letters|width/);
  await expect(page.getByLabel('A new maker, called')).toHaveValue(`Ostlery ${mark}`);
  await page.getByLabel('Widths, narrowest first').fill('thin plain full');
  await page.getByRole('button', { name: 'Add the maker' }).click();
  await expect(page.getByText(`Ostlery ${mark} is kept.`)).toBeVisible();
  const addLast = async (name: string): Promise<void> => {
    await page.getByLabel('A new last, called').fill(name);
    await page.getByLabel('begun as').selectOption('plover');
    await page.getByLabel('by', { exact: true }).selectOption({ label: `Ostlery ${mark}` });
    await page.getByRole('button', { name: 'Add it' }).click();
    await expect(page).toHaveURL(/\/stock\/lasts\/[a-z-]+\d+/);
  };
  await addLast(`Merlin ${mark}`);
  const first = page.url();
  const { last } = await (await page.request.get(`/api/v1/lasts/${first.split('/').at(-1)}`)).json();
  expect(last).toMatchObject({ maker: `ostlery-${mark}`, base: { width: 'plain' }, evidence: { mark: 'unsure', note: 'begun as Plover' } });
  await open(page, '/stock/lasts');
  await addLast(`Kestrel ${mark}`);
  await page.getByLabel('A new style on it, called').fill(`Gallop ${mark}`);
  await page.getByLabel('begun as').selectOption({ index: 1 });
  await page.getByRole('button', { name: 'Add it' }).click();
  await expect(
    page
      .locator('[data-same-last]')
      .or(page.getByRole('heading', { name: `Gallop ${mark}` }))
      .first()
  ).toContainText(`Gallop ${mark}`);
  await open(page, new URL(first).pathname);
  await page.getByLabel(`Last of Ostlery ${mark}`).selectOption({ label: `Kestrel ${mark}` });
  await page.getByRole('button', { name: `Join it into Merlin ${mark}` }).click();
  await expect(page.getByText('Joined: 1 styles moved over')).toBeVisible();
  await expect(page.locator('[data-same-last]')).toContainText(`Gallop ${mark}`);
  await expect(page.getByText(`also called Kestrel ${mark}`)).toBeVisible();
  expect((await page.request.get(`/api/v1/lasts/kestrel-${mark}`)).status()).toBe(404);
  expect((await page.request.delete(`/api/v1/styles/gallop-${mark}`)).status()).toBe(200);
});

test.describe('the last bench', () => {
  test('lays two over each other, says what differs, takes a customer’s toes, and goes out as SVG in millimetres', async ({ page }) => {
    await open(page, '/stock/bench?shoes=last:plover,last:heron');
    const readout = page.locator('[data-readout]');
    await expect(readout).toContainText(/Heron against Plover: 1\d(\.\d)? mm longer/);
    await page.getByText('chosen sizes').click();
    await page.getByLabel('Size of B').fill('40');
    await expect(readout).toContainText('Heron 40 against Plover 38');
    await page.getByLabel('Size of B').fill('large');
    await expect(page.getByRole('alert')).toContainText('write its size as a number');
    await page.getByLabel('Size of B').fill('38');
    await page.getByText('ball', { exact: true }).click();
    await page.getByRole('button', { name: 'Blink' }).click();
    await page.getByRole('button', { name: 'Stop blinking' }).click();
    const id = await newFitting(page, 'Stands in it', [238, 239]);
    const { customer } = await (await page.request.get(`/api/v1/fittings/${id}`)).json();
    await open(page, `/stock/bench?shoes=last:plover,style:moonrise-70&person=${customer.id}`);
    await expect(readout).toContainText('at these toes');
    await expect(page.getByText('toes end')).toBeVisible();
    const [saved] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'SVG, true size' }).click()]);
    const svg = readFileSync((await saved.path())!, 'utf8');
    expect(svg).toMatch(/width="[\d.]+mm"/);
    expect(Number(/height="([\d.]+)mm"/.exec(svg)![1])).toBeGreaterThan(250);
  });
  test('whose foot is in it is found by typing', async ({ page }) => {
    await newFitting(page, 'Zenobia Benchfoot', [238, 239]);
    await open(page, '/stock/bench?shoes=last:plover,style:moonrise-70');
    const finder = page.getByRole('combobox', { name: 'Whose foot is in it' });
    await finder.fill('zenob');
    await page.getByRole('button', { name: 'Zenobia Benchfoot' }).click();
    await expect(finder).toHaveValue('Zenobia Benchfoot');
    await expect(page.getByText('toes end')).toBeVisible();
    await finder.fill('');
    await expect(page.getByText('toes end')).toHaveCount(0);
  });
  test('the cursor measures in millimetres', async ({ page }) => {
    await open(page, '/stock/bench?shoes=last:plover,last:sandpiper');
    const drawing = page.getByRole('img', { name: /from above/ });
    await drawing.evaluate((svg) => svg.scrollIntoView({ block: 'start' }));
    const box = (await drawing.boundingBox())!;
    await page.mouse.move(box.x + box.width / 2, box.y + 60);
    await page.mouse.down();
    await page.mouse.move(box.x + box.width / 2, box.y + 260, { steps: 4 });
    const read = page.getByText(/^\d+(\.\d+)? mm$/).first();
    await expect(read).toBeVisible();
    const text = await read.textContent();
    const viewHeight = Number((await drawing.getAttribute('viewBox'))!.split(' ')[3]);
    const viewWidth = Number((await drawing.getAttribute('viewBox'))!.split(' ')[2]);
    const scale = Math.max(viewHeight / box.height, viewWidth / box.width);
    expect(parseFloat(text!)).toBeCloseTo(200 * scale, 0);
    await page.mouse.up();
  });
  test('a photograph is laid by the ruler in it', async ({ page }) => {
    await open(page, '/stock/bench?shoes=last:plover,last:heron');
    await page.getByText('Photographs with a ruler in them').click();
    await page.locator('input[type=file]').setInputFiles('demo/tracings/card.jpg');
    const picture = page.getByRole('img', { name: /four places/ });
    await picture.evaluate((e) => e.scrollIntoView({ block: 'center' }));
    const box = (await picture.boundingBox())!;
    for (const [x, y] of [
      [0.3, 0.9],
      [0.6, 0.9],
      [0.5, 0.8],
      [0.5, 0.2]
    ])
      await page.mouse.click(box.x + box.width * x, box.y + box.height * y);
    await page.getByRole('button', { name: 'Lay it down' }).click();
    await expect(page.getByRole('img', { name: /from above/ }).locator('image')).toHaveCount(1);
  });
});

test.describe('sizes that feel alike', () => {
  test('one size is found in another last with what is left over; a set is worked out, kept and shown again', async ({ page }) => {
    await open(page, '/stock/matrix');
    await page.getByLabel('Size', { exact: true }).fill('38');
    await page.getByLabel('of', { exact: true }).selectOption('plover');
    await page.getByLabel('in', { exact: true }).selectOption('tern');
    await expect(page.locator('[data-equivalent]')).toContainText(/^\s*3\d(\.5)? [NRW]/);
    await page.getByLabel('Size', { exact: true }).fill('x');
    await expect(page.getByRole('alert')).toContainText('“x” is not a size');
    const lasts = page.getByRole('group', { name: 'Lasts in the set' });
    for (const last of [/^Plover/, /^Tern/, /^Clove /]) await lasts.getByRole('checkbox', { name: last }).check();
    const name = `Set ${Date.now()}`;
    await page.getByLabel('Called').fill(name);
    await page.getByRole('button', { name: 'Work it out' }).click();
    await expect(page.locator('[data-matrix] tbody tr')).toHaveCount(3);
    await page.getByRole('button', { name: 'Keep this set' }).click();
    await expect(page.getByRole('status').filter({ hasText: 'Kept.' })).toBeVisible();
    await open(page, '/stock/matrix');
    await page.getByRole('button', { name }).click();
    await expect(page.locator('[data-matrix] caption')).toContainText(name);
  });
});

test.describe('in and out', () => {
  test('a file with errors is looked over, told row by row, and nothing of it is taken in', async ({ page }) => {
    await open(page, '/stock/files');
    const csv = 'style,size,width,count\nalderman,8,F,many\nalderman,99,F,1\nnobody,8,F,1\n';
    const counts = page.locator('label', { hasText: 'Counts CSV' }).locator('input');
    await counts.setInputFiles({ name: 'counts.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) });
    await expect(page.locator('[data-problems] li')).toHaveCount(3);
    await expect(page.locator('[data-problems]')).toContainText('line 2: “many” is no count');
    await expect(page.getByRole('button', { name: 'Take it in' })).toHaveCount(0);
    await counts.setInputFiles({ name: 'odd.csv', mimeType: 'text/csv', buffer: Buffer.from('a,b\n1,2\n') });
    await expect(page.locator('[data-problems]')).toContainText('The first line must name the columns');
    await page
      .locator('label', { hasText: /^JSON/ })
      .locator('input')
      .setInputFiles({ name: 'x.json', mimeType: 'application/json', buffer: Buffer.from('{') });
    await expect(page.getByRole('alert')).toContainText('does not parse as JSON');
  });
  test('what goes out comes in again without a change; a pasted run changes its counts', async ({ page }) => {
    await open(page, '/stock/files');
    const [saved] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'Everything, as JSON' }).click()]);
    await page
      .locator('label', { hasText: /^JSON/ })
      .locator('input')
      .setInputFiles((await saved.path())!);
    await expect(page.locator('[data-report]')).toHaveText(/^\s*\d+ as they are\s*$/);
    await page.locator('form select').selectOption('contralto');
    await page.locator('textarea').fill('\tD\tE\n5\t3\t\n5.5\t\t2');
    await page.getByRole('button', { name: 'Look it over' }).click();
    await expect(page.getByText('The pasted run')).toBeVisible();
    await page.getByRole('button', { name: 'Take it in' }).click();
    await expect(page.getByText('The pasted run: taken in.')).toBeVisible();
    expect((await (await page.request.get('/api/v1/styles/contralto')).json()).stock).toMatchObject({ '5|D': 3, '5.5|E': 2 });
  });
});

test('the shop sets a target of its own, ours stays beside it, and it is taken back', async ({ page }) => {
  await open(page, '/stock/targets');
  await page.getByLabel('Kind of shoe').selectOption('character');
  const snug = page.getByLabel('toe room: snug below, mm');
  await snug.fill('12');
  await page.getByRole('button', { name: 'Keep these targets' }).click();
  await expect(page.getByRole('alert')).toContainText('the four must rise');
  await expect(snug).toHaveValue('12');
  await snug.fill('2');
  await page.getByRole('button', { name: 'Keep these targets' }).click();
  await expect(undo(page)).toBeVisible();
  await expect(page.locator('[data-targets]')).toContainText('-1 1 6 9');
  await undo(page).click();
  await expect(snug).toHaveValue('1');
  expect((await (await page.request.get('/api/v1/settings/targets')).json()).targets).toBeNull();
});
