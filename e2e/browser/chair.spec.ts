import { expect, test, type Page } from '@playwright/test';
import { open } from './open';

/** Somebody with both feet measured and some pairs at the chair. */
async function atTheChair(page: Page, name: string, pairs: readonly [style: string, size: string, width: string][]): Promise<number> {
  const post = async (url: string, data?: object) => (await page.request.post(`/api/v1${url}`, { data })).json();
  const { id } = await post('/customers', { name, fitsAs: 'men', consent: true });
  const { id: fitting } = await post(`/customers/${id}/fittings`);
  const foot = { lengthMm: 262, ballGirthMm: 250, ballWidthMm: 101, instepGirthMm: 252, heelWidthMm: 66 };
  expect((await page.request.put(`/api/v1/fittings/${fitting}/feet`, { data: { left: foot, right: foot } })).ok()).toBe(true);
  for (const [styleId, size, width] of pairs)
    expect((await page.request.post(`/api/v1/fittings/${fitting}/tries`, { data: { styleId, size, width } })).ok()).toBe(true);
  return fitting;
}
const chair = (page: Page) => page.getByRole('region', { name: 'At the chair' }).or(page.locator('[aria-label="At the chair"]')).first();

test.describe('a whole try on the tablet', () => {
  test.use({ viewport: { width: 820, height: 1180 } });
  test('step by step, with a time that survives a reload and asks when it rings', async ({ page }) => {
    const fitting = await atTheChair(page, 'Bruno Tesdal', [['usher', '42', '4']]);
    await open(page, `/fittings/${fitting}/try`);
    await expect(chair(page)).toContainText('At the chair, walking');
    await page.getByRole('radio', { name: 'right', exact: true }).first().check({ force: true });
    await expect(chair(page)).toContainText('1 of');
    // The next step opens by itself: weight, foot by foot.
    await expect(page.locator('[data-open="weight"]')).toBeVisible();
    await page.locator('[data-step="longest-toe"]').getByRole('button').click();
    const left = page.getByLabel(/^Longest toe, left foot/);
    await left.last().fill('a finger');
    await expect(page.getByText('Your own was never measured')).toBeVisible();
    await left.last().fill('14');
    await expect(chair(page)).toContainText('L 14 mm');
    await page.locator('[data-step="walk-long"]').getByRole('button').click();
    await page.getByRole('button', { name: 'Start the time: 15 minutes' }).click();
    await expect(page.locator('[data-timer="walk-long"]')).toContainText('of 15 minutes');
    await expect(page.locator('[data-save="saved"]').first()).toBeVisible();
    await page.reload();
    await expect(page.locator('[data-timer="walk-long"]')).toContainText(/0:\d\d\s*of 15 minutes/);
    // Twenty minutes later it rings, wherever one is, and asks.
    await page.clock.install({ time: new Date(Date.now() + 20 * 60_000) });
    await open(page, `/fittings/${fitting}/keep`);
    await page.clock.runFor(1500);
    await expect(page.locator('[data-rings="walk-long"]')).toContainText('Which place speaks now');
    await page.locator('[data-rings="walk-long"]').getByRole('button', { name: 'Asked' }).click();
    await expect(page.locator('[data-rings]')).toHaveCount(0);
  });
  test('one on each foot, sides swapped once, the winner stays; who won against what was expected', async ({ page }) => {
    const fitting = await atTheChair(page, 'Casper Tesdal', [['usher', '42', '4'], ['usher', '41', '4'], ['usher', '43', '4']]); // prettier-ignore
    await open(page, `/fittings/${fitting}/try`);
    const standing = page.locator('[aria-label="The last one standing"]');
    await expect(standing).toContainText('round 1 of 2');
    await page.getByRole('button', { name: 'A, left' }).click();
    await expect(standing).toContainText('Swap sides once');
    // The first is on the right now: it wins there too.
    await page.getByRole('button', { name: 'B, right' }).click();
    await expect(standing).toContainText('round 2 of 2');
    await page.getByRole('button', { name: 'Take the last answer back' }).click();
    await expect(standing).toContainText('round 1 of 2');
    await page.getByRole('button', { name: 'B, right' }).click();
    // Both times the left foot: it is the foot, not the shoe.
    await page.getByRole('button', { name: 'A, left' }).click();
    await page.getByRole('button', { name: 'A, left' }).click();
    await expect(standing).toContainText('decided');
    await expect(standing).toContainText('the same foot liked both');
    await expect(standing).toContainText(/won(, as the engine expected|; the engine expected)/);
    await standing.getByLabel(/^Where .* lost$/).first().selectOption({ label: 'at toe room' }); // prettier-ignore
    await expect(page.locator('[data-save="saved"]').first()).toBeVisible();
    await page.reload();
    await expect(standing).toContainText('decided');
  });
});

test('a plan by post, its parcel and its return', async ({ page }) => {
  const fitting = await atTheChair(page, 'Dario Tesdal', []);
  await page.request.patch(`/api/v1/fittings/${fitting}`, { data: { kinds: ['walking'] } });
  await open(page, `/fittings/${fitting}/pull`);
  await page.getByRole('link', { name: 'By post' }).click();
  const sets = page.getByRole('list', { name: 'What to send' }).getByRole('listitem');
  await expect(sets).toHaveCount(3, { timeout: 30_000 });
  await expect(sets.nth(1)).toContainText(/of 100, \d+ more; (not )?worth its way/);
  await sets.nth(1).getByRole('button', { name: 'Write this parcel' }).click();
  const form = page.getByRole('form', { name: 'Parcel' });
  await expect(form.getByLabel('What to look at at home')).toHaveValue(/On carpet only/);
  await form.getByLabel('Maker’s last day to send back').fill('2020-01-01');
  await form.getByRole('button', { name: 'Send it' }).click();
  await expect(form).toContainText('lies before the day it is sent');
  const tomorrow = new Date(Date.now() + 86_400_000).toISOString().slice(0, 10);
  await form.getByLabel('Maker’s last day to send back').fill(tomorrow);
  await form.getByRole('button', { name: 'Send it' }).click();
  const parcel = page.locator('[data-post]');
  await expect(parcel).toContainText('goes back tomorrow at the latest');
  await open(page, '/');
  await expect(page.locator('[data-due="parcel-back"]').first()).toContainText('Dario Tesdal');
  await open(page, `/fittings/${fitting}/post`);
  await parcel.getByRole('radio', { name: 'kept' }).first().check({ force: true });
  await parcel.getByRole('radio', { name: 'came back' }).last().check({ force: true });
  await parcel.getByRole('radio', { name: 'did not fit' }).check({ force: true });
  await expect(parcel).toContainText('1 of 2 kept');
  await expect(page.locator('[data-counts]')).toContainText(/\d+ pairs sent, \d+ kept, \d+ came back/);
});

test('what two years of try-ons teach: learned with progress, taken over, given back', async ({ page }) => {
  await open(page, '/stock/learned');
  await page.getByRole('button', { name: /^Learn (anew|from all try-ons)$/ }).click();
  await expect(page.locator('[data-head]')).toContainText('Two lasts stand off their sheets; the targets of one kind could move.', { timeout: 90_000 });
  const bramble = page.locator('[data-learned="Bramble, length"]');
  await expect(bramble).toContainText(/Runs 2\.\d shorter than its sheet, give or take 0\.\d\./);
  await bramble.getByRole('button', { name: 'Take it over' }).click();
  await expect(bramble).toContainText('Taken over');
  await bramble.getByRole('button', { name: 'Give it back' }).click();
  await expect(bramble.getByRole('button', { name: 'Take it over' })).toBeVisible();
});
