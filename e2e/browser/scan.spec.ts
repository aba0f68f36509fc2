import { spawn, type ChildProcess } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { expect, test, type Page } from '@playwright/test';
import { completeFoot } from '../../core/src/measure';
import { fieldOf, scanOf } from '../../demo/scan/cones';
import { moved } from '../../demo/scan/flaws';
import { measuredScan } from '../../demo/scan/measured';
import { stlOf } from '../../demo/scan/stl';
import { surfaceOf } from '../../demo/scan/surface';
import { axeViolations } from './axe';
import { kept, newFitting, open, root, savedNow } from './open';

/** A scanner's stand-in, which scans one person of the demo; stopped at the end of each test. */
let scanner: ChildProcess | undefined;
const scans = async (...options: string[]): Promise<void> => {
  scanner = spawn('npx', ['tsx', 'scripts/scanner.ts', '--quick', '--person', 'cosima-travaglin', '--step', '2.6', ...options], { cwd: root, detached: true });
  await new Promise<void>((ready, failed) => {
    scanner!.stdout!.on('data', (text: Buffer) => /scans .* on/.test(String(text)) && ready());
    scanner!.on('exit', () => failed(new Error('the stand-in did not start')));
  });
};
test.afterEach(() => {
  if (scanner?.pid) process.kill(-scanner.pid);
  scanner = undefined;
});

const value = async (page: Page, id: string): Promise<number> => Number(/([\d.]+) mm/.exec(await page.locator(`[data-measure="${id}"]`).innerText())![1]);
const taken = (page: Page) => expect(page.locator('[data-scanned]')).toBeVisible({ timeout: 60_000 });
const file = (page: Page) => page.locator('input[type=file]');
const solid = { lengthMm: 246, ballWidthMm: 94, side: 'right', legMm: 120 } as const;
const corners = scanOf(solid, 4);
const stl = (name: string, of: ArrayLike<number>) => ({ name, mimeType: 'model/stl', buffer: Buffer.from(stlOf(of)) });

test('a scanner’s foot comes although the connection breaks in the middle; a tape is moved; all is kept, and the scan given back as it came', async ({
  page
}) => {
  test.setTimeout(150_000);
  await scans('--break', '0.5');
  const id = await newFitting(page, 'Scanned');
  await open(page, `/fittings/${id}/scan`);
  await page.getByRole('button', { name: 'Scan the left foot' }).click();
  await taken(page);
  // The demo measures 243 mm of length, 90 of width, a bunion on the left.
  expect(Math.abs((await value(page, 'lengthMm')) - 243)).toBeLessThan(2);
  expect(Math.abs((await value(page, 'ballWidthMm')) - 90)).toBeLessThan(2);
  await expect(page.locator('[data-scan-facts]')).toContainText('STL in millimetres');
  await expect(page.locator('[data-scan-drawn="true"]')).toBeVisible();
  const waist = await value(page, 'waistGirthMm');
  await page.locator('[data-measure="waistGirthMm"] button').click();
  for (let i = 0; i < 6; i++) await page.getByRole('button', { name: '1 mm forward' }).click();
  await expect(page.locator('[data-measure="waistGirthMm"]')).toContainText('moved');
  await expect.poll(() => value(page, 'waistGirthMm')).toBeGreaterThan(waist + 0.3);
  await page.getByRole('button', { name: 'where the trade lays it' }).click();
  await expect.poll(() => value(page, 'waistGirthMm')).toBe(waist);
  // Dragged by a finger along the drawing.
  await page.getByText('from above').click();
  const box = (await page.locator('canvas').boundingBox())!;
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  const tape = page.locator('[data-measure="waistGirthMm"]');
  for (let off = -40; off <= 40 && !(await tape.innerText()).includes('moved'); off += 8) {
    await page.mouse.move(x, y + off);
    await page.mouse.down();
    await page.mouse.move(x, y + off - 25, { steps: 4 });
    await page.mouse.up();
    await page.waitForTimeout(150);
    if (!(await tape.innerText()).includes('moved')) await page.getByText('from above').click();
  }
  await expect(tape).toContainText('moved');
  await page.getByRole('button', { name: 'where the trade lays it' }).click();
  await page.getByRole('button', { name: 'Take these for the left foot' }).click();
  await expect(page.getByText('Kept, and the left foot is filled in from it.')).toBeVisible();
  const { left } = await kept(page, id);
  expect(left.lengthMm).toMatchObject({ how: 'scan', sdMm: expect.closeTo(0.7, 1) });
  expect(left.ballGirthMm.how).toBe('scan');
  await expect(page.locator('[data-runs="left"]')).toBeVisible();
  const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'cosima-travaglin-left.stl' }).click()]);
  const back = readFileSync((await download.path())!);
  expect(back.length).toBe(84 + 50 * back.readUInt32LE(80));
  // Taken away and put back, the scan is still with it.
  await page.getByRole('button', { name: 'take away' }).click();
  await expect(page.getByText('Taken away; what it filled in stays.')).toBeVisible();
  await page.getByRole('button', { name: 'Put it back' }).click();
  await expect(page.getByRole('button', { name: 'cosima-travaglin-left.stl' })).toBeVisible();
});

test('a file lies as it likes: which foot it is is seen and can be said otherwise; what is saved holds what stands there', async ({ page }) => {
  const id = await newFitting(page, 'From a file');
  await open(page, `/fittings/${id}/scan`);
  const [c, s] = [Math.cos(1), Math.sin(1)];
  await file(page).setInputFiles(stl('right.stl', moved(corners, [[c, 0, s], [0, 1, 0], [-s, 0, c]], [300, 5, -80]))); // prettier-ignore
  await taken(page);
  await expect(page.getByRole('radio', { name: /right/ }).first()).toBeChecked();
  expect(Math.abs((await value(page, 'lengthMm')) - 246)).toBeLessThan(2.5);
  const [measures] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'Measures' }).click()]);
  const csv = readFileSync((await measures.path())!, 'utf8');
  expect(csv).toContain(`right,length,${await value(page, 'lengthMm')}`);
  const [svg] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'SVG, true size' }).click()]);
  expect(readFileSync((await svg.path())!, 'utf8')).toMatch(/width="\d+\.\d+mm"/);
  await page.getByText('L left').click();
  await expect(page.getByRole('alert')).toContainText('It looks like the right foot');
  await page.getByRole('button', { name: 'It is the right' }).click();
  await expect(page.getByRole('button', { name: 'Take these for the right foot' })).toBeVisible();
  expect(await axeViolations(page)).toEqual([]);
});

test('a unit that is not told is asked for; what is no foot is refused in words, each its own', async ({ page }) => {
  const id = await newFitting(page, 'Badly scanned');
  await open(page, `/fittings/${id}/scan`);
  await file(page).setInputFiles(stl('inches.stl', corners.map((v) => v / 25.4))); // prettier-ignore
  await expect(page.getByText('In which unit was it written?')).toBeVisible({ timeout: 30_000 });
  await page.getByRole('button', { name: 'inches' }).click();
  await taken(page);
  expect(Math.abs((await value(page, 'lengthMm')) - 246)).toBeLessThan(2.5);
  const alert = page.getByRole('alert');
  const front = corners.filter((_, i) => corners[9 * Math.floor(i / 9)] > 130);
  // Half a foot is short enough that its unit is asked for first.
  await file(page).setInputFiles(stl('half.stl', front));
  await page.getByRole('button', { name: 'millimetres' }).click();
  await expect(alert).toContainText('half.stl: it is not shaped like a foot', { timeout: 30_000 });
  for (const [bad, why] of [
    [{ name: 'scan.zip', mimeType: 'application/zip', buffer: Buffer.from('PK\x03\x04and the rest of it') }, /scan\.zip: it is packed/],
    [{ name: 'none.stl', mimeType: 'model/stl', buffer: Buffer.from('solid none\nendsolid none\n') }, /none\.stl: it holds no triangles/],
    [{ name: 'word.obj', mimeType: 'model/obj', buffer: Buffer.from('a letter, not a scan') }, /word\.obj: it is none of STL, OBJ or PLY/]
  ] as const) {
    await file(page).setInputFiles(bad);
    await expect(alert).toContainText(why, { timeout: 30_000 });
    await expect(page.locator('[data-scanned]')).toHaveCount(0);
  }
});

test('a foot that looks like neither for sure is asked about; one that is being read can be stopped, and nothing of it stays', async ({ page }) => {
  const id = await newFitting(page, 'Unsure');
  await open(page, `/fittings/${id}/scan`);
  // Grown together at the toes it is less sure a left one.
  const values = { lengthMm: { mm: 243 }, ballWidthMm: { mm: 90 }, ballGirthMm: { mm: 223 }, instepGirthMm: { mm: 224 }, heelWidthMm: { mm: 60 } };
  const foot = measuredScan(completeFoot({ side: 'left', values, toeTipsMm: [0, 2, 9, 18, 30] }), { skin: true });
  await file(page).setInputFiles(stl('closed.stl', foot));
  await page.getByRole('button', { name: 'Cancel' }).click();
  await expect(page.getByRole('alert')).toContainText('Stopped. Nothing was read.');
  await expect(page.locator('[data-scanned]')).toHaveCount(0);
  await file(page).setInputFiles(stl('closed.stl', foot));
  await expect(page.getByText('It looks like neither foot for sure')).toBeVisible({ timeout: 30_000 });
  await expect(page.locator('[data-scanned]')).toHaveCount(0);
  await page.getByText('L left').click();
  await taken(page);
  await expect(page.locator('[data-scan-facts]')).toContainText('The toes are closed in the scan');
});

test('a foot that is closed over a low cut leg stands on its sole; what its leg does not show is said', async ({ page }) => {
  const id = await newFitting(page, 'Closed');
  await open(page, `/fittings/${id}/scan`);
  const foot = fieldOf(solid);
  const [c, s] = [Math.cos(2.2), Math.sin(2.2)];
  const closed = surfaceOf((x, y, z) => Math.max(foot(x, y, z), z - 72), { ...solid, legMm: 110 }, 4);
  await file(page).setInputFiles(stl('low.stl', moved(closed, [[c, 0, s], [0, 1, 0], [-s, 0, c]], [40, 0, 90]))); // prettier-ignore
  await taken(page);
  await expect(page.locator('[data-scan-facts]')).toContainText('Its leg ends too low for ankle and short heel');
  await expect(page.locator('[data-counts-as]')).toContainText('standing, weight on; no sock');
  expect(Math.abs((await value(page, 'lengthMm')) - solid.lengthMm)).toBeLessThan(1.5);
  await expect(page.locator('[data-measure="shortHeelGirthMm"]')).toHaveCount(0);
});

test('without a scanner it is told, and can be stopped; nothing is lost', async ({ page }) => {
  const id = await newFitting(page, 'No scanner');
  await open(page, `/fittings/${id}/scan`);
  await page.getByRole('button', { name: 'Scan the right foot' }).click();
  await expect(page.getByRole('status').filter({ hasText: 'no scanner answers' })).toBeVisible({ timeout: 15_000 });
  await page.getByRole('button', { name: 'Cancel' }).click();
  await expect(page.getByRole('alert')).toContainText('Stopped. Nothing was read.');
  await savedNow(page);
});
