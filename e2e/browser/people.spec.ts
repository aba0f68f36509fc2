import { expect, test } from '@playwright/test';
import { newFitting, open, savedNow } from './open';

test('people are found by name, work or story; a fitting opens from the list', async ({ page }) => {
  await open(page, '/people');
  const items = page.locator('main ul > li');
  const all = await items.count();
  expect(all).toBeGreaterThanOrEqual(15);
  await page.getByRole('searchbox', { name: 'Find' }).fill('bassoon');
  await expect(items).toHaveCount(1);
  await expect(items).toContainText('Tullio Brambati');
  await page.getByRole('searchbox', { name: 'Find' }).fill('nobody at all');
  await expect(page.getByText('Nobody by that name.')).toBeVisible();
  await page.getByRole('searchbox', { name: 'Find' }).fill('Tullio');
  await page.getByRole('button', { name: 'New fitting for Tullio Brambati' }).click();
  await expect(page).toHaveURL(/\/fittings\/\d+\/ask$/);
});

test('a person without a name or born in the future is refused in place, and what was typed stays', async ({ page }) => {
  await open(page, '/people');
  await page.getByRole('button', { name: 'Add a person' }).click();
  await page.getByLabel('Born (year)').fill('2999');
  await page.getByRole('button', { name: 'Add and open a fitting' }).click();
  await expect(page.getByText('a name, or a word to find the person by')).toBeVisible();
  await expect(page.getByText('not in the future')).toBeVisible();
  await expect(page.getByLabel('Born (year)')).toHaveValue('2999');
});

test('Ask saves behind the typing, shows cautions in place, and its answers come back', async ({ page }) => {
  const id = await newFitting(page, 'Asked');
  await open(page, `/fittings/${id}/ask`);
  await page.getByLabel('Purpose').fill('the winter season');
  await page.getByRole('radio', { name: 'dress sock' }).check();
  await expect(page.getByLabel('Sock, one layer, mm')).toHaveValue('1');
  await page.getByRole('checkbox', { name: 'numb feet', exact: true }).check();
  await expect(page.getByText(/No feeling means no/)).toBeVisible();
  await page.getByLabel('or at a time').fill('half past eight');
  await expect(page.getByText('Write the time as HH:MM.')).toBeVisible();
  await page.getByLabel('or at a time').fill('20:30');
  await page.getByLabel('Own insole or insert, mm').fill('40');
  await expect(page.getByText('From -12 to 20 mm.')).toBeVisible();
  await page.getByLabel('Own insole or insert, mm').fill('3');
  await savedNow(page);
  await page.reload();
  await expect(page.getByLabel('Purpose')).toHaveValue('the winter season');
  await expect(page.getByRole('checkbox', { name: 'numb feet', exact: true })).toBeChecked();
  const kept = await (await page.request.get(`/api/v1/fittings/${id}`)).json();
  expect(kept).toMatchObject({ sockMm: 1, insertMm: 3, wornAt: '20:30' });
});

test('Look keeps left and right apart, gives its advice, and a second press clears', async ({ page }) => {
  const id = await newFitting(page, 'Looked');
  await open(page, `/fittings/${id}/look`);
  const left = page.getByRole('group', { name: 'Bumps and skin, left foot' });
  await left.getByRole('radio', { name: 'rubbed or sore' }).check();
  await expect(page.getByText(/is for a clinician before any new shoe/)).toBeVisible();
  await page.getByRole('group', { name: 'Arch, standing, right foot' }).getByRole('radio', { name: 'high' }).check();
  await left.getByRole('radio', { name: 'rubbed or sore' }).click();
  await savedNow(page);
  const kept = await (await page.request.get(`/api/v1/fittings/${id}`)).json();
  expect(kept.looked).toEqual({ 'arch-right': 'high' });
});

test('a second visit can start from the first one’s feet, and the history shows what changed', async ({ page }) => {
  const first = await newFitting(page, 'Twice seen', [250, 252]);
  const { customer } = await (await page.request.get(`/api/v1/fittings/${first}`)).json();
  const second = await (await page.request.post(`/api/v1/customers/${customer.id}/fittings`)).json();
  await open(page, `/fittings/${second.id}/measure`);
  await page.getByRole('button', { name: /Start from/ }).click();
  const length = page.getByRole('textbox', { name: 'Length, left foot', exact: true });
  await expect(length).toHaveValue('250 mm');
  await length.fill('251.5');
  await savedNow(page);
  await open(page, `/people/${customer.id}`);
  await expect(page.getByText('(+1.5 mm)')).toBeVisible();
});

test('units are shown as chosen, on every page', async ({ page }) => {
  await open(page, '/people');
  await page.getByRole('button', { name: 'cm', exact: true }).click();
  // Whoever came last stands first: she is found by name, however many the other tests bring.
  await page.getByLabel('Find', { exact: true }).fill('Ilva Serrandi');
  await expect(page.getByText('23.8 cm').first()).toBeVisible();
  await open(page, '/people/1');
  await expect(page.getByText('23.8 cm').first()).toBeVisible();
});

test('a page or fitting that is not there says so', async ({ page }) => {
  expect((await page.goto('/fittings/987654/ask'))!.status()).toBe(404);
  await expect(page.getByText('There is no fitting 987654.')).toBeVisible();
  expect((await page.goto('/nowhere'))!.status()).toBe(404);
});

test('a person who comes often opens with the newest visits, and the older ones are asked for', async ({ page }) => {
  const first = await newFitting(page, 'Comes very often', [250, 251]);
  const { customer } = await (await page.request.get(`/api/v1/fittings/${first}`)).json();
  for (let i = 0; i < 14; i++) {
    const { id } = await (await page.request.post(`/api/v1/customers/${customer.id}/fittings`)).json();
    const side = { lengthMm: { mm: 252 + i / 2, typed: '' } };
    await page.request.put(`/api/v1/fittings/${id}/feet`, { data: { left: side, right: side } });
  }
  await open(page, `/people/${customer.id}`);
  const visits = page.locator('ol > li.sheet');
  await expect(visits).toHaveCount(10);
  await expect(page.getByText('10 of 15')).toBeVisible();
  await page.getByRole('button', { name: 'Show older visits' }).click();
  await expect(visits).toHaveCount(15);
  await expect(page.getByRole('button', { name: 'Show older visits' })).toHaveCount(0);
  await expect(visits.nth(9)).toContainText('(+0.5 mm)');
});

test('what two tablets felt at once is a choice, and theirs can be taken', async ({ page, context }) => {
  const fitting = await newFitting(page, 'Felt on two', [262, 263]);
  await page.request.post(`/api/v1/fittings/${fitting}/tries`, { data: { styleId: 'bassoon', size: '8', width: 'F' } });
  const other = await context.newPage();
  await open(page, `/fittings/${fitting}/try`);
  await open(other, `/fittings/${fitting}/try`);
  const felt = (on: typeof page, word: string) => on.getByRole('radio', { name: `toe room, left foot: ${word}`, exact: true });
  const saved = (on: typeof page) => expect(on.locator('[data-try] [data-save]')).toHaveAttribute('data-save', 'saved');
  await felt(page, 'snug').check({ force: true });
  await saved(page);
  await felt(other, 'roomy').check({ force: true });
  await expect(other.getByText(/Someone else has saved this pair/)).toBeVisible();
  await other.getByRole('button', { name: 'Take theirs' }).click();
  await expect(felt(other, 'snug')).toBeChecked();
  await felt(other, 'right').check({ force: true });
  await saved(other);
  const kept = await (await page.request.get(`/api/v1/fittings/${fitting}`)).json();
  expect(kept.tries[0]).toMatchObject({ felt: { left: { 'toe-room': 'right' } }, version: 2 });
});
