import { expect, test, type Page } from '@playwright/test';
import { open } from './open';

/** Somebody with both feet measured and one pair at the chair. */
async function atTheChair(page: Page, name: string, more: object = {}): Promise<number> {
  const post = async (url: string, data?: object) => (await page.request.post(`/api/v1${url}`, { data })).json();
  const { id } = await post('/customers', { name, fitsAs: 'men', consent: true, ...more });
  const { id: fitting } = await post(`/customers/${id}/fittings`);
  const foot = { lengthMm: 262, ballGirthMm: 250, ballWidthMm: 101, instepGirthMm: 252, heelWidthMm: 66 };
  expect((await page.request.put(`/api/v1/fittings/${fitting}/feet`, { data: { left: foot, right: foot } })).ok()).toBe(true);
  expect((await page.request.post(`/api/v1/fittings/${fitting}/tries`, { data: { styleId: 'usher', size: '42', width: '4' } })).ok()).toBe(true);
  return fitting;
}
const felt = (page: Page, word: string) => page.getByRole('radio', { name: `toe room, left foot: ${word}`, exact: true });

test('a mark that contradicts the fit is told at once, with three reasons and the one check; taken back, it is gone', async ({ page }) => {
  await open(page, `/fittings/${await atTheChair(page, 'Corvin Ashgrove')}/try`);
  await felt(page, 'right').check({ force: true });
  const told = page.locator('[data-try] [role="status"]', { hasText: 'more than the doubt' });
  await expect(page.locator('[data-save="saved"]').first()).toBeVisible();
  await expect(told).toHaveCount(0);
  await felt(page, 'too loose').check({ force: true });
  await expect(told).toContainText(/^\s*Toe room left felt too loose; .* was expected, give or take .*: more than the doubt\./);
  await expect(told).toContainText(/Likeliest: .*\(\d+ of 100\); .*\(\d+ of 100\); .*\(\d+ of 100\)\./);
  await expect(told).toContainText(/(Take the .+ of the left foot again|Lay its insole on one|Ask the right foot the same)/);
  await felt(page, 'right').check({ force: true });
  await expect(told).toHaveCount(0);
});

test('what numb feet say of a shoe is held against nothing', async ({ page }) => {
  await open(page, `/fittings/${await atTheChair(page, 'Wendel Ashgrove', { flags: ['numb'] })}/try`);
  await felt(page, 'too loose').check({ force: true });
  await expect(page.locator('[data-save="saved"]').first()).toBeVisible();
  await expect(page.getByText('more than the doubt')).toHaveCount(0);
});
