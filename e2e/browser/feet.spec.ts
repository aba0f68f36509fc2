import { spawn } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, test, type Page } from '@playwright/test';
import { kept, newFitting, open, root, savedNow } from './open';

const tracing = (name: string) => join(root, 'demo/tracings', name);
const field = (page: Page, name: string) => page.getByRole('textbox', { name, exact: true });

/** Eight measures of two feet: left as figures, right told from the left. */
const LEFT = {
  lengthMm: '248',
  ballLengthMm: '180',
  ballWidthMm: '93',
  heelWidthMm: '62',
  ballGirthMm: '229',
  waistGirthMm: '221',
  instepGirthMm: '230',
  shortHeelGirthMm: '306'
};
const RIGHT = ['+1', '=', '+1', '=', '-1', '=', '+2', '='];
const expected = Object.entries(LEFT).map(([id, left], i) => [id, Number(left), Number(left) + (RIGHT[i] === '=' ? 0 : Number(RIGHT[i]))] as const);

test.describe('measuring two feet fast', () => {
  test('by keyboard: sixteen values in at most forty keys', async ({ page }) => {
    const id = await newFitting(page, 'Fast keys');
    await open(page, `/fittings/${id}/measure`);
    await page.getByRole('button', { name: 'Fast entry' }).click();
    await expect(field(page, 'Length, left foot')).toBeFocused();
    let keys = 0;
    for (const [i, left] of Object.values(LEFT).entries()) {
      for (const key of left + RIGHT[i]) {
        await page.keyboard.press(key);
        keys++;
      }
    }
    expect(keys).toBeLessThanOrEqual(40);
    await savedNow(page);
    const feet = await kept(page, id);
    for (const [measure, left, right] of expected) expect([measure, feet.left[measure].mm, feet.right[measure].mm]).toEqual([measure, left, right]);
    expect(feet.left.lengthMm).toMatchObject({ how: 'device', under: 'standing', at: expect.stringMatching(/^20/) });
    expect(feet.left.ballGirthMm.how).toBe('tape');
  });
  test('by touch: the same in at most sixty taps on the keypad', async ({ page }) => {
    await page.setViewportSize({ width: 820, height: 1180 });
    const id = await newFitting(page, 'Fast taps');
    await open(page, `/fittings/${id}/measure`);
    await page.getByRole('button', { name: 'Fast entry' }).click();
    const pad = page.getByRole('group', { name: 'Keypad' });
    let taps = 1;
    const NAMES: Record<string, string> = { '=': 'same as left', '+': 'more than left', '-': 'less than left' };
    for (const [i, left] of Object.values(LEFT).entries()) {
      for (const key of left + RIGHT[i]) {
        await pad.getByRole('button', { name: NAMES[key] ?? key, exact: true }).click();
        taps++;
      }
    }
    expect(taps).toBeLessThanOrEqual(60);
    // The keypad stays under the thumb, with the last field in sight above it.
    await expect(pad).toBeInViewport({ ratio: 1 });
    await expect(field(page, 'Short heel girth, right foot')).toBeInViewport();
    await savedNow(page);
    const feet = await kept(page, id);
    for (const [measure, left, right] of expected) expect([measure, feet.left[measure].mm, feet.right[measure].mm]).toEqual([measure, left, right]);
  });
});

test('a slip is named with what would explain it, and changed only when taken', async ({ page }) => {
  const id = await newFitting(page, 'Slip', [250, 251]);
  await open(page, `/fittings/${id}/measure`);
  await field(page, 'Ball girth, left foot').fill('203');
  const slip = page.locator('[data-slip="ballGirthMm-left"]');
  await expect(slip).toContainText('230 with two figures exchanged?');
  await expect(field(page, 'Ball girth, left foot')).toHaveValue('203');
  await slip.getByRole('button', { name: 'Take 230 mm' }).click();
  await expect(field(page, 'Ball girth, left foot')).toHaveValue('230 mm');
  await expect(slip).toHaveCount(0);
});

test('a second reading is averaged, and one that disagrees is asked about; how it was taken can be said', async ({ page }) => {
  const id = await newFitting(page, 'Twice', [248, 249]);
  await open(page, `/fittings/${id}/measure`);
  await page.getByRole('button', { name: 'Length, left: read again' }).click();
  await field(page, 'Length, left foot, second reading').fill('249');
  await expect(page.getByText('mean of two, ± 1.1')).toBeVisible();
  await field(page, 'Length, left foot, second reading').fill('258');
  await expect(page.getByText(/Two readings of the length lie 10 mm apart/)).toBeVisible();
  await field(page, 'Length, left foot, second reading').fill('249');
  await page.getByRole('button', { name: 'Length, left: how it was taken' }).click();
  await page.getByLabel('Length, left: taken by').selectOption('scan');
  await savedNow(page);
  expect((await kept(page, id)).left.lengthMm).toMatchObject({ mm: 248.5, how: 'scan', readings: [{ mm: 248 }, { mm: 249 }] });
  await page.reload();
  await expect(field(page, 'Length, left foot, second reading')).toHaveValue('249 mm');
});

test('the state of the foot: each step with its amount, switched off and on; a morning reading is flagged', async ({ page }) => {
  const id = await newFitting(page, 'State', [250, 250]);
  await open(page, `/fittings/${id}/measure`);
  await page.getByLabel('Measured at').fill('09:00');
  await page.getByRole('radio', { name: 'evening' }).check();
  await page.getByRole('radio', { name: 'seated', exact: true }).check();
  const steps = page.locator('[data-state] tbody tr');
  await expect(steps).toHaveCount(2);
  await expect(steps.first()).toContainText('read seated, worn standing');
  await expect(steps.first()).toContainText('+3');
  await expect(page.getByText(/Read early for shoes worn later/)).toBeVisible();
  await page.getByRole('checkbox', { name: 'read seated, worn standing counts' }).uncheck();
  await savedNow(page);
  const fitting = await (await page.request.get(`/api/v1/fittings/${id}`)).json();
  expect(fitting).toMatchObject({ measuredLoad: 'seated', stateOff: ['load'], measuredAt: '09:00', wornAt: 'evening' });
  expect(fitting.feet.left.lengthMm.under).toBe('seated');
  // One value may say otherwise: read standing, it needs no step, and the other foot's still does.
  await page.getByRole('button', { name: 'Length, left: how it was taken' }).click();
  await page.getByLabel('Length, left: weight on the foot').selectOption('standing');
  await expect(steps.first().locator('td').first()).toHaveText('0');
  await expect.poll(async () => (await kept(page, id)).left.lengthMm.under).toBe('standing');
  expect((await kept(page, id)).right.lengthMm.under).toBe('seated');
});

test('what the measures say, and a place on the drawing leads to its field', async ({ page }) => {
  const id = await newFitting(page, 'Judged', [250, 250]);
  await open(page, `/fittings/${id}/measure`);
  await expect(page.locator('[data-judged]')).toContainText('arch length against length');
  // A line straight across has no height of its own: the event is sent to it.
  await page.locator('[data-place="heelWidthMm-left"]').dispatchEvent('click');
  await expect(field(page, 'Heel width, left foot')).toBeFocused();
  await page.locator('[data-place="toe1TipMm-right"]').dispatchEvent('click');
  await expect(field(page, 'Toe 1, big toe, right foot')).toBeFocused();
  await page.locator('summary', { hasText: 'Arch' }).first().click();
  await field(page, 'Top at half length, seated, left foot').fill('66');
  await field(page, 'Ball length, left foot').fill('180');
  await expect(page.locator('[data-judged]')).toContainText('66 / 180 = 0.367');
});

test('two fitters on one fitting: the second is told, loses nothing, and chooses', async ({ page, context }) => {
  const id = await newFitting(page, 'Two tablets', [250, 251]);
  await open(page, `/fittings/${id}/measure`);
  const other = await context.newPage();
  await open(other, `/fittings/${id}/measure`);
  await field(page, 'Length, left foot').fill('252');
  await savedNow(page);
  await field(other, 'Length, left foot').fill('244');
  await expect(other.locator('[data-save]').first()).toHaveAttribute('data-save', 'conflict');
  await expect(other.getByText(/Someone else has saved these feet/)).toBeVisible();
  await expect(field(other, 'Length, left foot')).toHaveValue('244');
  expect((await kept(page, id)).left.lengthMm.mm).toBe(252);
  await other.getByRole('button', { name: 'Keep mine' }).click();
  await savedNow(other);
  expect((await kept(page, id)).left.lengthMm.mm).toBe(244);
  await field(page, 'Length, left foot').fill('253');
  await page.getByRole('button', { name: 'Take theirs' }).click();
  await expect(field(page, 'Length, left foot')).toHaveValue('244 mm');
});

test('a gauge: live figures, both feet taken when they stand still, a lost connection survived', async ({ page }) => {
  const id = await newFitting(page, 'Gauge');
  await open(page, `/fittings/${id}/measure`);
  await page.getByRole('button', { name: 'Digital gauge' }).click();
  const panel = page.locator('[data-gauge]');
  await expect(panel).toHaveAttribute('data-gauge', 'away');
  const gauge = spawn(process.execPath, ['scripts/gauge.mjs', '--quick', '--left', '247,179,92', '--right', '251,182,95', '--lose', '55'], { cwd: root });
  try {
    await expect(panel).toHaveAttribute('data-gauge', 'here', { timeout: 15_000 });
    await expect(panel).toContainText('R taken', { timeout: 45_000 });
    await savedNow(page);
    const { left, right } = await kept(page, id);
    for (const [foot, length, ball, width] of [
      [left, 247, 179, 92],
      [right, 251, 182, 95]
    ] as const) {
      expect(Math.abs(foot.lengthMm.mm - length)).toBeLessThan(0.7);
      expect(Math.abs(foot.ballLengthMm.mm - ball)).toBeLessThan(0.7);
      expect(Math.abs(foot.ballWidthMm.mm - width)).toBeLessThan(0.7);
      expect(foot.lengthMm.how).toBe('device');
    }
    gauge.kill();
    await expect(panel).toHaveAttribute('data-gauge', 'away', { timeout: 15_000 });
    await expect(panel).toContainText('What was taken stays');
  } finally {
    gauge.kill();
  }
});

test('feet that were traced are drawn along their lines, beside the model’s', async ({ page }) => {
  const { customers } = await (await page.request.get('/api/v1/customers?search=rosalba')).json();
  const { fittings } = await (await page.request.get(`/api/v1/customers/${customers[0].id}/fittings`)).json();
  await open(page, `/fittings/${fittings[0].id}/trace`);
  await expect(page.getByRole('img', { name: /^Both feet along their traced lines/ }).locator('path')).toHaveCount(4);
  await expect(page.getByText(/L: five toes found\./)).toBeVisible();
});

test.describe('a tracing', () => {
  const file = (page: Page) => page.locator('input[type=file]');
  test('photographed, read, corrected by a point, taken; then out again as SVG and back in', async ({ page }) => {
    const id = await newFitting(page, 'Traced');
    await open(page, `/fittings/${id}/trace`);
    await file(page).setInputFiles(tracing('left.jpg'));
    const table = page.locator('[data-traced]');
    await expect(table).toBeVisible({ timeout: 40_000 });
    const lengthOf = async () => Number(/length\s*([\d.]+)/.exec(await table.innerText())![1]);
    const read = await lengthOf();
    const truth = JSON.parse(readFileSync(tracing('truth.json'), 'utf8'));
    expect(Math.abs(read - truth.left.lengthMm)).toBeLessThan(1.5);
    const first = page.getByRole('button', { name: /^Point 0 of the line/ });
    await first.focus();
    for (let i = 0; i < 6; i++) await page.keyboard.press('ArrowUp');
    await expect.poll(async () => Math.abs((await lengthOf()) - read)).toBeGreaterThan(1);
    for (let i = 0; i < 6; i++) await page.keyboard.press('ArrowDown');
    await page.getByRole('button', { name: 'Take these for the left foot' }).click();
    await expect(page.getByText('Kept, and the left foot is filled in from it.')).toBeVisible();
    expect((await kept(page, id)).left.lengthMm).toMatchObject({ how: 'tracing', mm: expect.closeTo(read, 0), sdMm: expect.closeTo(1.1, 0) });
    expect((await kept(page, id)).left.ballLengthMm.sdMm).toBeGreaterThan(2.5);
    // The fit of that foot runs along the line, until it is taken away.
    const runs = page.locator('[data-runs="left"]');
    const outline = async () => (await (await page.request.get(`/api/v1/fittings/${id}`)).json()).outlines.left;
    await expect(runs).toBeVisible();
    expect((await outline()).length).toBeGreaterThan(20);
    await page.getByRole('button', { name: 'take away' }).click();
    await expect(page.getByText('Taken away; what it filled in stays.')).toBeVisible();
    await expect(runs).toHaveCount(0);
    expect(await outline()).toBeNull();
    await page.getByRole('button', { name: 'Put it back' }).click();
    await expect(runs).toBeVisible();
    const [saved] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'SVG, true size' }).click()]);
    await file(page).setInputFiles({
      name: 'outline-left.svg',
      mimeType: 'image/svg+xml',
      buffer: await (await import('node:fs/promises')).readFile((await saved.path())!)
    });
    await expect.poll(lengthOf).toBeCloseTo(read, 0);
  });
  test('a long foot comes from two sheets, another beside a card; a wrong second sheet loses nothing', async ({ page }) => {
    const truth = JSON.parse(readFileSync(tracing('truth.json'), 'utf8'));
    const id = await newFitting(page, 'Halves');
    await open(page, `/fittings/${id}/trace`);
    const table = page.locator('[data-traced]');
    const lengthOf = async () => Number(/length\s*([\d.]+)/.exec(await table.innerText())![1]);
    const side = async (which: 'left' | 'right') => page.getByRole('group', { name: 'Which foot' }).getByText(which).click();
    await page.getByText('across two sheets').click();
    await side(truth.halves.side);
    await file(page).setInputFiles(tracing('heel-half.jpg'));
    await expect(page.getByText('The first sheet is read')).toBeVisible({ timeout: 40_000 });
    await file(page).setInputFiles(tracing('heel-half.jpg'));
    await expect(page.getByRole('alert')).toContainText('same half', { timeout: 40_000 });
    await expect(page.getByText('The first sheet is read')).toBeVisible();
    await file(page).setInputFiles(tracing('toe-half.jpg'));
    await expect(table).toBeVisible({ timeout: 40_000 });
    expect(Math.abs((await lengthOf()) - truth.halves.lengthMm)).toBeLessThan(2);
    await page.getByText('a card beside it').click();
    await expect(table).toBeHidden();
    await side(truth.card.side);
    await file(page).setInputFiles(tracing('card.jpg'));
    await expect(table).toBeVisible({ timeout: 40_000 });
    expect(Math.abs((await lengthOf()) - truth.card.lengthMm)).toBeLessThan(5);
    await page.getByRole('button', { name: /^Take these for the/ }).click();
    await expect(page.getByText(/foot is filled in from it/)).toBeVisible();
    expect((await kept(page, id))[truth.card.side as 'left'].lengthMm.sdMm).toBeGreaterThan(1.2);
  });
  test('what cannot be read is told: no foot, an open line, no picture, too large', async ({ page }) => {
    const id = await newFitting(page, 'Untraced');
    await open(page, `/fittings/${id}/trace`);
    const alert = page.getByRole('alert');
    await file(page).setInputFiles(tracing('no-sheet.jpg'));
    await expect(alert).toContainText(/sheet/, { timeout: 40_000 });
    await file(page).setInputFiles(tracing('open-line.jpg'));
    await expect(alert).toContainText(/closed line|whole sheet/, { timeout: 40_000 });
    await file(page).setInputFiles({ name: 'foot.png', mimeType: 'image/png', buffer: Buffer.from('no picture at all') });
    await expect(alert).toContainText('no picture that can be opened', { timeout: 40_000 });
    await file(page).setInputFiles({ name: 'huge.jpg', mimeType: 'image/jpeg', buffer: Buffer.alloc(21_000_000) });
    await expect(alert).toContainText('pictures up to 20 MB are read');
  });
  test('an SVG without units is asked about, one with a script is read for its shape only', async ({ page }) => {
    const id = await newFitting(page, 'Vector');
    await open(page, `/fittings/${id}/trace`);
    const ellipse = Array.from({ length: 60 }, (_, i) => `${(60 + 45 * Math.cos(i / 9.55)).toFixed(1)},${(140 + 125 * Math.sin(i / 9.55)).toFixed(1)}`).join(
      ' '
    );
    const svg = (attributes: string) =>
      `<svg xmlns="http://www.w3.org/2000/svg" ${attributes} viewBox="0 0 120 280"><script>document.title='stolen'</script><polygon points="${ellipse}"/></svg>`;
    const send = (attributes: string) => file(page).setInputFiles({ name: 'o.svg', mimeType: 'image/svg+xml', buffer: Buffer.from(svg(attributes)) });
    await send('');
    await expect(page.getByText(/does not say how large it is/)).toBeVisible();
    await page.getByLabel('One unit is').fill('1');
    await page.getByRole('button', { name: 'Read it so' }).click();
    await expect(page.locator('[data-traced]')).toContainText(/length(249|250)/);
    await send('width="240mm" height="560mm"');
    await expect(page.getByRole('alert')).toBeVisible();
    await expect(page).toHaveTitle(/Tracing/);
    await file(page).setInputFiles({ name: 'o.svg', mimeType: 'image/svg+xml', buffer: Buffer.from('<html>') });
    await expect(page.getByText('This is no SVG file.')).toBeVisible();
  });
});

test.describe('a person’s record', () => {
  test('consent and changes are kept; feet come in after a look; erasing takes the name', async ({ page }) => {
    const name = `Recorded ${Date.now()}`;
    const id = await newFitting(page, name, [250, 251]);
    const { customer } = await (await page.request.get(`/api/v1/fittings/${id}`)).json();
    await open(page, `/people/${customer.id}`);
    await page.getByText('What is kept of this person').click();
    await expect(page.getByLabel('Name', { exact: true })).toHaveValue(name);
    await page.getByLabel('Month, for children').fill('13');
    await page.getByRole('button', { name: 'Save', exact: true }).click();
    await expect(page.getByText('a month from 1 to 12', { exact: true })).toBeVisible();
    await page.getByLabel('Month, for children').fill('4');
    await page.getByRole('button', { name: 'Save', exact: true }).click();
    await expect(page.getByText('Saved.')).toBeVisible();
    await page.getByRole('button', { name: 'Fitting: agreed' }).click();
    await expect(page.getByText(/^agreed \d/)).toBeVisible();
    // What is agreed to is no change of what stands in the form.
    await page.getByLabel('Work').fill('page turner');
    await page.getByRole('button', { name: 'Save', exact: true }).click();
    await expect(page.locator('[data-purpose=fitting]')).toContainText('agreed on');
    await page.getByRole('button', { name: 'Who changed what' }).click();
    await expect(page.locator('[data-changes]')).toContainText('feet of fitting');
    const input = page.locator('input[type=file]');
    await input.setInputFiles({ name: 'feet.csv', mimeType: 'text/csv', buffer: Buffer.from('when,foot\n2026,left') });
    await expect(page.locator('[data-import]')).toContainText('is missing');
    await expect(page.getByRole('button', { name: 'Take them in' })).toBeDisabled();
    await input.setInputFiles({
      name: 'feet.csv',
      mimeType: 'text/csv',
      buffer: Buffer.from('date,side,measure,value\n2025-05-01,left,length,24.8 cm\n2025-05-01,right,length,249\n')
    });
    await page.getByRole('button', { name: 'Take them in' }).click();
    await expect(page.getByText('1 session taken in.')).toBeVisible();
    await expect(page.getByRole('region', { name: 'Feet over the years' })).toContainText('no change beyond the error of the hand');
    await expect(page.locator('[data-next-check]')).toContainText('Measure again by');
    await expect(page.getByRole('button', { name: 'Erase this person' })).toBeDisabled();
    await page.getByLabel('Write the name to erase').fill(name);
    await page.getByRole('button', { name: 'Erase this person' }).click();
    await expect(page).toHaveURL(/\/$/);
    await expect(page.getByText(name, { exact: true })).toHaveCount(0);
  });
});
