import { expect, test } from '@playwright/test';
import { axeViolations } from './axe';
import { open } from './open';

test('an instrument that has drifted stands first; another one’s lean is taken into the fit and left again', async ({ page }) => {
  await open(page, '/stock/instruments');
  await expect(page.getByRole('alert')).toContainText('The gauge or calliper has drifted: it reads more than it did');
  await expect(page.getByRole('button', { name: 'Take it into the fit' })).toBeDisabled();
  await expect(page.getByRole('img', { name: /^Cumulated sums, length/ })).toBeVisible();
  await page.getByRole('button', { name: 'The gauge or calliper is right again: begin afresh' }).click();
  await expect(page.getByRole('status')).toContainText('what it read before counts no more');
  await expect(page.getByRole('alert')).toHaveCount(0);
  await page.getByRole('button', { name: 'Count it again' }).click();
  await expect(page.getByRole('alert')).toContainText('has drifted');
  await page.getByRole('button', { name: 'length, scan / tape' }).click();
  await expect(page.locator('[data-agreement="limits"]')).toContainText(/The scan reads the length as 0\.\d mm more than the tape/);
  await expect(page.getByRole('img', { name: /^length, scan less tape, each foot:/ })).toBeVisible();
  await page.getByRole('button', { name: 'Take it into the fit' }).click();
  await expect(page.getByText(/In the fit since/)).toBeVisible();
  await expect(page.getByRole('row', { name: /length, scan \/ tape/ })).toContainText('in the fit');
  await page.setViewportSize({ width: 820, height: 1180 });
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(820);
  expect(await axeViolations(page)).toEqual([]);
  await page.getByRole('button', { name: 'Leave it again' }).click();
  await expect(page.getByRole('button', { name: 'Take it into the fit' })).toBeEnabled();
});
