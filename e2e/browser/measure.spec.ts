import { expect, test } from '@playwright/test';
import { newFitting, open, savedNow } from './open';

const field = (page: import('@playwright/test').Page, name: string) => page.getByRole('textbox', { name, exact: true });

test.describe('Measure', () => {
  test('fills in from proportions, shows it as filled in, and draws both feet from the numbers', async ({ page }) => {
    const id = await newFitting(page, 'Proportions');
    await open(page, `/fittings/${id}/measure`);
    await expect(page.getByText('length first')).toHaveCount(2);
    await field(page, 'Length, left foot').fill('250');
    await expect(field(page, 'Ball length, left foot')).toHaveAttribute('placeholder', '≈ 181 mm');
    await expect(page.locator('.cell', { has: field(page, 'Ball length, left foot') })).toContainText('filled in: 0.725 of length');
    await expect(page.getByText('length first')).toHaveCount(1);
    const outline = page.locator('svg[aria-label*="drawn from the numbers"] path.skin').first();
    const before = await outline.getAttribute('d');
    await field(page, 'Ball width, left foot').fill('104');
    await expect.poll(() => outline.getAttribute('d')).not.toBe(before);
  });

  test('letters are refused in words, stay in the field, and survive a reload; the rest is saved', async ({ page }) => {
    const id = await newFitting(page, 'Letters');
    await open(page, `/fittings/${id}/measure`);
    await field(page, 'Length, left foot').fill('248');
    await field(page, 'Ball girth, left foot').fill('quite wide');
    await expect(page.getByText('“quite wide” is not a length. Write it as 243, 24.3 cm or 9 1/2 in.')).toBeVisible();
    await expect(field(page, 'Ball girth, left foot')).toHaveAttribute('aria-invalid', 'true');
    await savedNow(page);
    await page.reload();
    await expect(field(page, 'Ball girth, left foot')).toHaveValue('quite wide');
    await expect(field(page, 'Length, left foot')).toHaveValue('248 mm');
    const kept = await (await page.request.get(`/api/v1/fittings/${id}`)).json();
    expect(kept.feet.left).toMatchObject({ lengthMm: { mm: 248 } });
    expect(kept.feet.left.ballGirthMm).toBeUndefined();
  });

  test('inches typed while centimetres are shown are offered as inches and changed only when taken', async ({ page }) => {
    const id = await newFitting(page, 'Inches');
    await open(page, `/fittings/${id}/measure`);
    await page.getByRole('button', { name: 'cm', exact: true }).click();
    await field(page, 'Length, right foot').fill('9 3/4');
    await expect(page.getByText(/Did you mean 9 3\/4 in/)).toBeVisible();
    await expect(field(page, 'Length, right foot')).toHaveValue('9 3/4');
    await page.getByRole('button', { name: 'Take 9 3/4 in' }).click();
    await expect(field(page, 'Length, right foot')).toHaveValue('9 3/4 in');
    await savedNow(page);
    const kept = await (await page.request.get(`/api/v1/fittings/${id}`)).json();
    expect(kept.feet.right.lengthMm).toMatchObject({ mm: expect.closeTo(247.65, 2), typed: '9 3/4 in' });
  });

  test('a left foot 40 mm longer is questioned, not refused; an impossible girth is refused with the reason', async ({ page }) => {
    const id = await newFitting(page, 'Asymmetry');
    await open(page, `/fittings/${id}/measure`);
    await field(page, 'Length, left foot').fill('290');
    await field(page, 'Length, right foot').fill('250');
    await expect(page.getByText(/The left foot is 40 mm longer than the other/)).toBeVisible();
    await field(page, 'Ball girth, right foot').fill('92');
    await expect(page.getByText(/A ball girth of 92 mm cannot be on a foot 250 mm long/)).toBeVisible();
    await savedNow(page);
    const kept = await (await page.request.get(`/api/v1/fittings/${id}`)).json();
    expect(kept.feet.left.lengthMm.mm).toBe(290);
  });

  test('a database that goes away in mid-save loses nothing: it says so, keeps what was typed, and saves it when it is back', async ({ page }) => {
    const id = await newFitting(page, 'Database Gone', [250, 251]);
    await open(page, `/fittings/${id}/measure`);
    await page.route('**/feet', (route) =>
      route.fulfill({
        status: 503,
        contentType: 'application/problem+json',
        body: JSON.stringify({ status: 503, detail: 'Nothing was saved. What you typed is still here; try again in a moment.' })
      })
    );
    await field(page, 'Length, left foot').fill('253');
    await expect(page.getByText(/Not saved yet\./)).toBeVisible();
    await page.reload();
    await expect(field(page, 'Length, left foot')).toHaveValue('253 mm');
    await expect(page.getByText('What had been typed on this device before is back.')).toBeVisible();
    await page.unroute('**/feet');
    await savedNow(page);
    await expect.poll(async () => (await (await page.request.get(`/api/v1/fittings/${id}`)).json()).feet.left.lengthMm.mm, { timeout: 15_000 }).toBe(253);
  });

  test('steppers by touch step a millimetre from what is there or from what is filled in', async ({ page }) => {
    const id = await newFitting(page, 'Steppers', [250, 250]);
    await open(page, `/fittings/${id}/measure`);
    await page.getByRole('button', { name: 'Length, left, 1 mm more', exact: true }).click();
    await expect(field(page, 'Length, left foot')).toHaveValue('251 mm');
    await page.getByRole('button', { name: 'Heel width, left, 1 mm more' }).click();
    await expect(field(page, 'Heel width, left foot')).toHaveValue('63 mm');
  });
});
