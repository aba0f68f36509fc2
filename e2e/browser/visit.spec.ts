import { expect, test, type Page } from '@playwright/test';
import { open, savedNow } from './open';

/** The whole visit without a pointer: Tab, arrows, Enter, Space and typing only. */
async function tabTo(page: Page, label: RegExp, most = 120): Promise<void> {
  for (let i = 0; i < most; i++) {
    await page.keyboard.press('Tab');
    const name = await page.evaluate(() => {
      const e = document.activeElement as HTMLElement | null;
      if (!e || e === document.body) return '';
      const labelled =
        e instanceof HTMLInputElement || e instanceof HTMLTextAreaElement || e instanceof HTMLSelectElement ? (e.labels?.[0]?.textContent ?? '') : '';
      return `${e.getAttribute('aria-label') ?? ''} ${labelled} ${e.textContent ?? ''}`.trim();
    });
    if (label.test(name)) return;
  }
  throw new Error(`no way by Tab to ${label}`);
}

test('a whole visit by keyboard alone, kept and found again', async ({ page }) => {
  test.setTimeout(180_000);
  const name = `Keyboard Visitor ${Date.now()}`;
  await open(page, '/');

  // A new person.
  await tabTo(page, /Add a person/);
  await page.keyboard.press('Enter');
  await tabTo(page, /^Name/);
  await page.keyboard.type(name);
  await page.keyboard.press('Tab');
  await page.keyboard.type('1984');
  await tabTo(page, /Add and open a fitting/);
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/fittings\/\d+\/ask$/);

  // Ask.
  await tabTo(page, /^Purpose/);
  await page.keyboard.type('loafers for the office');
  await tabTo(page, /^loafer/);
  await page.keyboard.press('Space');
  await expect(page.getByRole('checkbox', { name: 'loafer' })).toBeChecked();

  // Look, by the shortcut.
  await page.keyboard.press('Alt+2');
  await expect(page).toHaveURL(/look$/);
  await tabTo(page, /even/);
  await page.keyboard.press('Space');

  // Measure: left then right, as people say it.
  await page.keyboard.press('Alt+3');
  await expect(page).toHaveURL(/measure$/);
  await tabTo(page, /^Length, left/);
  await page.keyboard.type('9 5/8 in');
  await page.keyboard.press('Tab');
  await expect(page.getByRole('textbox', { name: 'Length, right foot', exact: true })).toBeFocused();
  await page.keyboard.type('24,5 cm');
  await tabTo(page, /Ball girth, left/);
  await page.keyboard.type('226');
  await page.keyboard.press('Tab');
  await page.keyboard.type('227');
  await page.keyboard.press('ArrowUp');
  await expect(page.getByRole('textbox', { name: 'Ball girth, right foot', exact: true })).toHaveValue('228 mm');
  await savedNow(page);

  // Sizes.
  await page.keyboard.press('Alt+4');
  await expect(page.getByText('Read in every scale')).toBeVisible();
  await expect(page.getByRole('region', { name: /The rule/ })).toContainText('L 244.5');

  // Pull: the first candidate opened, its sums read, carried to the chair.
  await page.keyboard.press('Alt+5');
  const first = page.locator('[data-candidate]').first();
  await expect(first).toBeVisible();
  await expect(page.getByText(/sizes and widths fitted (in|beforehand)/)).toBeVisible({ timeout: 30_000 });
  const title = (await first.getByRole('link').first().textContent())!.trim();
  await tabTo(page, new RegExp(`^${title}$`));
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/shoe\//);
  await expect(page.locator('[data-section=brief]')).toBeVisible({ timeout: 20_000 });
  await page.keyboard.press('7');
  await expect(page.locator('[data-section=why]')).toBeVisible();
  await tabTo(page, /^L /);
  await page.keyboard.press('Enter');
  await expect(page.locator('details.zone[open]').first()).toContainText('Right from');
  await page.keyboard.press('Shift+Tab');
  await page.evaluate(() => (document.activeElement as HTMLElement).blur());
  await tabTo(page, /Carry to the chair/);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('link', { name: 'at the chair' }).first()).toBeVisible();

  // Try: what was felt.
  await page.keyboard.press('Alt+6');
  const card = page.locator('[data-try]').first();
  await expect(card).toBeVisible();
  await tabTo(page, /toe room, left foot: too tight/);
  await page.keyboard.press('Space');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('radio', { name: 'toe room, left foot: right', exact: true })).toBeChecked();
  await expect(card.locator('[data-save]')).toHaveAttribute('data-save', 'saved');

  // Keep: taken, and why.
  await page.keyboard.press('Alt+7');
  await tabTo(page, /not decided/);
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('radio', { name: 'kept' })).toBeChecked();
  await tabTo(page, /^Why/);
  await page.keyboard.type('as if there were no shoe');
  await expect(page.locator('[data-keep] [data-save]')).toHaveAttribute('data-save', 'saved');

  // It stands in the history, after a reload.
  await tabTo(page, new RegExp(`history of ${name}`));
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/people\/\d+$/);
  await page.reload();
  await expect(page.getByRole('region', { name: 'Pairs in use' })).toContainText('as if there were no shoe');
  await expect(page.getByText('toe room right')).toBeVisible();
});

test('the list of shortcuts opens on ?', async ({ page }) => {
  await open(page, '/');
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog')).toContainText('this list');
});
