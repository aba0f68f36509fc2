import { expect, test, type Page } from '@playwright/test';
import { newFitting, open, savedNow, section } from './open';

/** The pages as drawings: what stands on them first, what a touch answers, what an address opens. */
const tryOn = (page: Page, fitting: number, styleId: string, size: string) =>
  page.request.post(`/api/v1/fittings/${fitting}/tries`, { data: { styleId, size, width: 'medium' } });

test.describe('Today', () => {
  test('shows the fitting opened last with its feet and its step, and goes on where it stands', async ({ page }) => {
    const id = await newFitting(page, 'Open today', [241, 242]);
    await open(page, '/');
    const card = page.locator(`[data-open="${id}"]`);
    await expect(card).toContainText('Open today');
    await expect(card.getByRole('img', { name: 'at Pull, step 5 of 7' })).toBeVisible();
    await tryOn(page, id, 'lakeside-50', '38.5');
    await page.reload();
    await expect(card).toContainText('1 at the chair');
    await expect(card.locator('[data-small-pair]')).toBeVisible();
    await card.getByRole('link', { name: /Go on: Try, with Open today/ }).click();
    await expect(page).toHaveURL(new RegExp(`/fittings/${id}/try$`));
    // One pair left and another not decided goes on; all left, or one kept, does not.
    await tryOn(page, id, 'moonrise-70', '39');
    const { tries } = await (await page.request.get(`/api/v1/fittings/${id}`)).json();
    const becomes = (which: number, outcome: string) => page.request.patch(`/api/v1/tries/${tries[which].id}`, { data: { outcome } });
    for (const [which, outcome, goesOn] of [
      [0, 'left', 1],
      [1, 'left', 0],
      [1, 'open', 1],
      [0, 'kept', 0]
    ] as const) {
      await becomes(which, outcome);
      await open(page, '/');
      await expect(card).toHaveCount(goesOn);
    }
    await expect(page.getByRole('region', { name: 'Here last' })).toContainText('Open today');
  });
  test('who was erased is neither open nor here last', async ({ page }) => {
    const id = await newFitting(page, 'Goes away', [241, 242]);
    const { customer } = await (await page.request.get(`/api/v1/fittings/${id}`)).json();
    await open(page, '/');
    await expect(page.locator(`[data-open="${id}"]`)).toBeVisible();
    expect((await page.request.delete(`/api/v1/customers/${customer.id}`)).ok()).toBe(true);
    await page.reload();
    await expect(page.locator(`[data-open="${id}"]`)).toHaveCount(0);
    await expect(page.getByText('Goes away')).toHaveCount(0);
  });
  test('the quick box answers in the page; on a first visit the guide is offered, once', async ({ page }) => {
    await open(page, '/');
    await page.getByRole('searchbox', { name: 'Quick size' }).fill('24,1 cm');
    await expect(page.getByRole('search')).toContainText('241 mm');
    await page.getByRole('link', { name: 'Show me' }).click();
    await expect(page).toHaveURL(/\/guide$/);
    for (const name of ['Look', 'Measure', 'Sizes', 'Pull', 'Try', 'Keep']) {
      await page.getByRole('button', { name: `Next: ${name}` }).click();
      await expect(page.getByRole('heading', { level: 1 })).toHaveText(name);
    }
    await expect(page.getByText('lift and blisters').first()).toBeVisible();
    await page.getByRole('link', { name: 'Skip' }).click();
    await expect(page.getByRole('link', { name: 'Show me' })).toHaveCount(0);
  });
});

test.describe('an opened shoe', () => {
  test('has its sections in the address and on the keys; figures typed into a field are no keys', async ({ page }) => {
    const id = await newFitting(page, 'Sections', [238, 239]);
    await open(page, `/fittings/${id}/shoe/moonrise-70?size=39&width=medium`);
    const here = page.locator('[data-section]');
    await expect(here).toHaveAttribute('data-section', 'brief', { timeout: 20_000 });
    for (const [key, part] of [
      ['2', 'heel'],
      ['3', 'sizes'],
      ['4', 'helps'],
      ['5', 'wear'],
      ['6', 'trouble'],
      ['7', 'why']
    ]) {
      await page.keyboard.press(key);
      await expect(here).toHaveAttribute('data-section', part);
      await expect(page).toHaveURL(new RegExp(`part=${part}`));
    }
    await page.getByRole('searchbox', { name: 'Quick size' }).fill('2');
    await expect(here).toHaveAttribute('data-section', 'why');
    await page.goBack();
    await expect(here).toHaveAttribute('data-section', 'trouble');
    await section(page, /In brief/);
    await expect(page).not.toHaveURL(/part=/);
  });
  test('says beside the drawing what is worst, in the unit shown, and in its text alternative', async ({ page }) => {
    const id = await newFitting(page, 'Worst said', [238, 239]);
    await open(page, `/fittings/${id}/shoe/moonrise-70?size=37&width=medium`);
    const drawing = page.getByRole('img', { name: /Both feet in their shoes from above/ });
    await expect(drawing).toBeVisible({ timeout: 20_000 });
    const row = page.locator('[data-zone="toe-room"] td').nth(1);
    const figure = ((await row.textContent()) ?? '').split(' ')[0].replace(/\.0$/, '');
    await expect(drawing).toContainText(`${figure} mm`);
    await expect(drawing).toHaveAttribute('aria-label', new RegExp(`left foot: .*toe room ${figure.replace('.', '\\.')}`));
    await page.getByRole('button', { name: 'in', exact: true }).click();
    await expect(drawing).toContainText(/−0\.\d+ in/);
  });
  test('everything that decides stands in the first screen, on the desk and on a tablet', async ({ page }) => {
    const id = await newFitting(page, 'First screen', [238, 239]);
    for (const [size, upTo] of [
      [{ width: 1280, height: 800 }, 800],
      [{ width: 820, height: 1180 }, 1180]
    ] as const) {
      await page.setViewportSize(size);
      await open(page, `/fittings/${id}/shoe/moonrise-70?size=39&width=medium`);
      const drawing = page.getByRole('img', { name: /Both feet in their shoes from above/ });
      await expect(drawing).toBeVisible({ timeout: 20_000 });
      const box = (await drawing.boundingBox())!;
      expect(box.y + box.height).toBeLessThanOrEqual(upTo);
      for (const what of [page.locator('p[data-verdict]'), page.getByRole('button', { name: 'Carry to the chair' }), page.locator('[data-zone="toe-room"]')])
        expect((await what.boundingBox())!.y).toBeLessThan(upTo);
    }
  });
});

test('Pull draws both feet in every card in sight, beside the page, and its first card stands high', async ({ page }) => {
  const id = await newFitting(page, 'Drawn cards', [241, 242]);
  await page.request.patch(`/api/v1/fittings/${id}`, { data: { kinds: ['pump'] } });
  await open(page, `/fittings/${id}/pull`);
  await expect(page.getByText(/sizes and widths fitted (in|beforehand)/)).toBeVisible({ timeout: 30_000 });
  await expect(page.locator('[data-candidate]')).toHaveCount(12);
  await expect(page.locator('[data-candidate] [data-small-pair]')).toHaveCount(12);
  expect((await page.locator('[data-candidate]').first().boundingBox())!.y).toBeLessThan(300);
  await page.emulateMedia({ forcedColors: 'active' });
  await expect(page.locator('[data-candidate] [data-small-pair]').first()).toBeVisible();
});

test('at the chair: one pair on each foot, swapped once; a place is touched and answered beside what was expected', async ({ page }) => {
  const id = await newFitting(page, 'Two pairs', [241, 242]);
  await tryOn(page, id, 'lakeside-50', '38.5');
  await tryOn(page, id, 'moonrise-70', '39');
  await open(page, `/fittings/${id}/try`);
  const worn = page.getByRole('region', { name: 'On the feet' });
  const { tries } = await (await page.request.get(`/api/v1/fittings/${id}`)).json();
  const [first, second] = tries.map((t: { styleId: string }) => (t.styleId === 'lakeside-50' ? 'Lakeside 50' : 'Moonrise 70'));
  await expect(worn).toContainText(new RegExp(`A\\s*${first}.*wearer’s left.*B\\s*${second}.*wearer’s right`, 's'));
  await worn.getByRole('button', { name: 'ball width, right foot: not asked' }).click();
  await page.getByRole('radio', { name: 'ball width, right foot: snug', exact: true }).check({ force: true });
  await expect(worn.locator('[data-expected]')).toContainText(/expected [+−]?\d/);
  await expect(worn.getByRole('button', { name: 'ball width, right foot: snug' })).toHaveAttribute('aria-pressed', 'true');
  await savedNow(page);
  await worn.getByRole('button', { name: 'Swap' }).click();
  await expect(worn).toContainText(new RegExp(`A\\s*${second}.*wearer’s left.*B\\s*${first}.*wearer’s right`, 's'));
  // What was felt stays with the pair and the foot it was felt on.
  await expect(worn.getByRole('button', { name: 'ball width, right foot: not asked' })).toBeVisible();
  const card = page.locator(`[data-try="${tries[1].styleId}"]`);
  await expect(card).toContainText(/ball width snug/);
  await card.getByRole('button', { name: /on R/ }).click();
  await expect(worn.getByRole('button', { name: 'ball width, right foot: snug' })).toBeVisible();
  await expect
    .poll(async () => (await (await page.request.get(`/api/v1/fittings/${id}`)).json()).tries.find((t: { id: number }) => t.id === tries[1].id).felt.right)
    .toEqual({ 'ball-width': 'snug' });
});

test('the tape lies at the place of the field that is looked at, and the keypad names it', async ({ page }) => {
  await page.setViewportSize({ width: 820, height: 1180 });
  const id = await newFitting(page, 'Tape', [250, 251]);
  await open(page, `/fittings/${id}/measure`);
  await page.getByRole('textbox', { name: 'Instep girth, right foot', exact: true }).focus();
  const place = (name: string) => page.locator(`[data-place="${name}"]`).first();
  const lines = (name: string) => place(name).locator('path').count();
  expect(await lines('instepGirthMm-right')).toBeGreaterThan(await lines('instepGirthMm-left'));
  await page.getByRole('button', { name: 'Fast entry' }).click();
  const pad = page.getByRole('group', { name: 'Keypad' });
  await expect(pad).toContainText('Length');
  for (let i = 0; i < 3; i++) await pad.getByRole('button', { name: 'next field' }).click();
  await expect(pad).toContainText('Ball length');
  await expect(pad).toContainText('heel to the big-toe joint');
});

test('with less motion no outline grows; at twice the size nothing is cut off', async ({ page }) => {
  const id = await newFitting(page, 'Less motion', [241, 242]);
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await open(page, `/fittings/${id}/shoe/lakeside-50?size=38.5&width=medium`);
  const wall = page
    .getByRole('img', { name: /from above, to scale/ })
    .locator('path.morphs')
    .first();
  await expect(wall).toBeVisible({ timeout: 20_000 });
  expect(await wall.evaluate((e) => getComputedStyle(e).transitionDuration)).toBe('0s');
  await page.emulateMedia({ reducedMotion: 'no-preference' });
  expect(await wall.evaluate((e) => getComputedStyle(e).transitionDuration)).toBe('0.24s');
  // 200 % of a desk is half its width.
  await page.setViewportSize({ width: 640, height: 400 });
  for (const path of ['/', `/fittings/${id}/shoe/lakeside-50?size=38.5&width=medium`, `/fittings/${id}/try`]) {
    await open(page, path);
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(640);
  }
});

test('lasts are told apart by their drawn insoles in the list', async ({ page }) => {
  await open(page, '/stock/lasts');
  const insole = page.getByRole('img', { name: /insole of/ });
  await expect(insole.first()).toBeVisible();
  const lines = await insole.locator('path').evaluateAll((paths) => paths.map((p) => p.getAttribute('d')));
  expect(new Set(lines).size).toBe(lines.length);
});

test('at the chair of feet that are not measured, what is felt can be told all the same', async ({ page }) => {
  const id = await newFitting(page, 'Nothing to draw', [241, 242]);
  await tryOn(page, id, 'lakeside-50', '38.5');
  await page.request.put(`/api/v1/fittings/${id}/feet`, { data: { left: {}, right: {} } });
  await open(page, `/fittings/${id}/try`);
  const worn = page.getByRole('region', { name: 'On the feet' });
  await worn.getByRole('button', { name: 'instep, right foot: not asked' }).click();
  await page.getByRole('radio', { name: 'instep, right foot: roomy', exact: true }).check({ force: true });
  await expect(worn.locator('[data-expected]')).toContainText('nothing is known of it here');
  await expect(worn.getByRole('button', { name: 'instep, right foot: roomy' })).toBeVisible();
});

test('on a tablet a card of Pull has its strip as wide as on the desk, its action beside its size, and nothing beyond the page', async ({ page }) => {
  await page.setViewportSize({ width: 820, height: 1180 });
  const id = await newFitting(page, 'Cards by touch', [241, 242]);
  await page.request.patch(`/api/v1/fittings/${id}`, { data: { kinds: ['pump'] } });
  await open(page, `/fittings/${id}/pull`);
  const card = page.locator('[data-candidate]').first();
  await expect(card).toBeVisible({ timeout: 30_000 });
  const strip = (await card.getByRole('img').first().boundingBox())!;
  expect(strip.width).toBeGreaterThan(280);
  const action = (await card.getByRole('button', { name: 'Carry to the chair' }).boundingBox())!;
  expect(action.y).toBeLessThan(strip.y);
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(820);
  // The head stands on one line.
  expect((await page.getByRole('banner').boundingBox())!.height).toBeLessThan(80);
});

test('what is looked at is drawn for each foot, chosen by its word, and kept', async ({ page }) => {
  const id = await newFitting(page, 'Looked at', [241, 242]);
  await open(page, `/fittings/${id}/look`);
  const toes = page.getByRole('group', { name: 'Toes, right foot' });
  await expect(toes.locator('svg')).toHaveCount(4);
  await toes.getByText('raised toe').click();
  await expect(page.getByText('A raised toe needs depth')).toBeVisible();
  await savedNow(page);
  await page.reload();
  await expect(toes.getByRole('radio', { name: 'raised toe' })).toBeChecked();
  await expect(page.getByRole('group', { name: 'Toes, left foot' }).getByRole('radio', { name: 'raised toe' })).not.toBeChecked();
});

test('a measure of the leg shows how it is taken while its field is looked at', async ({ page }) => {
  const id = await newFitting(page, 'Leg', [250, 251]);
  await open(page, `/fittings/${id}/measure`);
  await page.locator('summary', { hasText: 'Leg' }).click();
  await page.getByRole('textbox', { name: 'Calf girth, left foot', exact: true }).focus();
  await expect(page.getByRole('img', { name: /calf/ })).toBeVisible();
  await page.getByRole('textbox', { name: 'Length, left foot', exact: true }).focus();
  await expect(page.locator('[data-how-taken]')).toHaveCount(0);
});

test('pairs are drawn where they are kept, styles where they are listed, words where they are told', async ({ page }) => {
  const id = await newFitting(page, 'Drawn everywhere', [241, 242]);
  await tryOn(page, id, 'lakeside-50', '38.5');
  await open(page, `/fittings/${id}/keep`);
  const kept = page.locator('[data-keep="lakeside-50"]');
  await expect(kept.locator('[data-small-pair]')).toBeVisible();
  await expect(kept.getByRole('heading')).toContainText('38½ medium');
  await open(page, '/stock');
  const styles = page.getByRole('img', { name: /from the side/ });
  await expect(styles.first()).toBeVisible();
  for (const d of await styles.locator('path').evaluateAll((paths) => paths.map((p) => p.getAttribute('d')))) expect(d!.length).toBeGreaterThan(200);
  await open(page, '/guide');
  await expect(page.getByRole('img', { name: /each word’s number/ })).toBeVisible();
});

test('on paper what is said and drawn stays, what is pressed does not', async ({ page }) => {
  const id = await newFitting(page, 'On paper', [238, 239]);
  await open(page, `/fittings/${id}/shoe/moonrise-70?size=39&width=medium`);
  const drawing = page.getByRole('img', { name: /Both feet in their shoes from above/ });
  await expect(drawing).toBeVisible({ timeout: 20_000 });
  await page.emulateMedia({ media: 'print' });
  await expect(drawing).toBeVisible();
  await expect(page.locator('p[data-verdict]')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Carry to the chair' })).toBeHidden();
  await expect(page.getByRole('navigation', { name: 'Sections of this shoe' })).toBeHidden();
  expect(await page.evaluate(() => getComputedStyle(document.body).backgroundColor)).toBe('rgb(255, 255, 255)');
});
