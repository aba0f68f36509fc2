import { expect, test, type Page } from '@playwright/test';
import { open } from './open';

/** The dancer of the demo who tried four boxes. */
async function tecla(page: Page, part = 'bench'): Promise<void> {
  const { customers } = await (await page.request.get('/api/v1/customers?search=Tecla')).json();
  await open(page, `/stock/pointe?person=${customers[0].id}&part=${part}`);
  await expect(page.locator('.says').first()).toContainText('Tecla Brindavoll, reach 97°');
}

test('a dancer in four boxes: three poses, the box, the shank, and each change told in one line', async ({ page }) => {
  await tecla(page);
  await expect(page.locator('.says').first()).toContainText(/^Sedge 4½ IV, soft: gets over and holds/);
  await expect(page.getByRole('img', { name: /left foot from its inner side: flat, .* demi-pointe, .* on pointe, over by \d+°/ })).toBeVisible();
  await expect(page.getByRole('img', { name: /in the box from in front, on pointe: sinks/ })).toBeVisible();
  await expect(page.getByRole('img', { name: /^Platform from below: toe 1 \d+ N/ })).toBeVisible();
  const row = page.getByRole('list', { name: /Models side by side/ });
  await expect(row.getByRole('button')).toHaveCount(4);
  const shank = page.getByLabel(/^Shank: \d+ N m/);
  await shank.focus();
  for (let i = 0; i < 8; i++) await page.keyboard.press('ArrowRight');
  await expect(page.getByText(/^Against the shoe as it is stocked, new: sinks .* over −\d+\.\d°, held \+\d+\.\d°/)).toBeVisible();
  await page.getByRole('button', { name: 'As it stands in the stockroom' }).click();
  await expect(page.getByText(/^Drag: what a special order/)).toBeVisible();
  // A worn shoe sinks further, and its shank stands softer on the strip.
  await page.getByLabel(/^Danced: /).fill('12');
  await expect(page.getByText(/^Against the shoe as it is stocked, new: sinks \+\d/)).toBeVisible();
  await expect(page.getByText('now', { exact: true })).toBeVisible();
  await row.getByRole('button').nth(2).click();
  await expect(page.locator('.says').first()).not.toContainText(/^Sedge 4½/);
  await expect(row.getByRole('button').nth(2)).toHaveAttribute('aria-pressed', 'true');
  await page.getByText('R right').click();
  await expect(page.getByRole('img', { name: /right foot from its inner side/ })).toBeVisible();
});

test('Pull for pointe ranks every model, says why not one, and finds the nearest in other makers', async ({ page }) => {
  await tecla(page, 'pull');
  await expect(page.getByText(/both feet, every size and width near them, in/)).toBeVisible({ timeout: 20_000 });
  const rows = page.locator('[data-pointe]');
  expect(await rows.count()).toBeGreaterThan(10);
  await expect(rows.first()).toContainText(/about [5-9] in 10/);
  await page.getByLabel('Why not this one').selectOption({ label: 'Plover' });
  await expect(page.getByText(/Plover, at its best/)).toBeVisible();
  const alike = page.getByRole('table', { name: 'Alike shoes, nearest first' });
  await expect(alike.getByRole('row').nth(1)).toContainText('Sedge Quiet');
  await page.getByText('Weights of the parts').click();
  await page.getByLabel(/^inside length: 3.0/).fill('0');
  await expect(page.getByLabel(/^inside length: 0.0/)).toBeVisible();
  await rows
    .nth(1)
    .getByRole('button', { name: /^Look at/ })
    .click();
  await expect(page.locator('.says').first()).toContainText(/gets over|short|falls over/);
});

test('a hypermobile dancer in a soft shank falls over the box: drawn, said, and the shank is called too soft', async ({ page }) => {
  const { customers } = await (await page.request.get('/api/v1/customers?search=Oriele')).json();
  await open(page, `/stock/pointe?person=${customers[0].id}`);
  await expect(page.locator('.says').first()).toContainText('reach 106°');
  await page.getByLabel('Shank', { exact: true }).selectOption({ label: 'very soft' });
  await expect(page.getByRole('img', { name: /on pointe, falls over by \d+°/ })).toBeVisible();
  await expect(page.locator('.says').first()).toContainText(/falls over by \d+°/);
  await expect(page.getByText('Too soft a shank to hold')).toBeVisible();
});

test('at the barre signs tell causes, opposites another model, and what is kept teaches the model', async ({ page }) => {
  await tecla(page, 'barre');
  const sign = (name: string) => page.getByRole('group', { name, exact: true }).first();
  await sign('not over').or(sign('does not get over')).getByText('seen', { exact: true }).click();
  await sign('hard to roll through').getByText('seen', { exact: true }).click();
  await expect(page.getByRole('heading', { name: /^Next: (a softer shank|no shoe|a shorter vamp)/ })).toBeVisible();
  await expect(page.getByRole('list', { name: 'Causes, likeliest first' })).toContainText(/for it: .*hard to roll through/);
  await expect(page.getByText(/^Would tell most now: /)).toBeVisible();
  await sign('falls over the box').getByText('not seen').click();
  await sign('sinks into the box').getByText('not seen').click();
  await page.getByRole('button', { name: 'Keep, and rank again' }).click();
  await expect(page.getByText(/Kept\. Sedge is now believed [\d.]+ mm (narrower|wider) in girth.*; \d+ % (stiffer|softer) in shank/)).toBeVisible();
  await expect(page.getByText('Tick what is seen, and what was looked for and is not there.')).toBeVisible();
});

test('life: pairs of a season with low and high, a pair begun and danced; slippers by floor, and what is left to sew', async ({ page }) => {
  await tecla(page, 'life');
  await expect(page.getByRole('heading', { name: /lives about \d+ hours with her: \d+ pairs a season, \d+ to \d+\./ })).toBeVisible();
  await page.getByLabel('Sweat').selectOption({ label: 'hardly any' });
  await page.getByRole('button', { name: /^Begin a pair of/ }).click();
  await expect(page.getByRole('table', { name: 'Pairs kept with the dancer' }).getByRole('row')).toHaveCount(6);
  // A special order is the stock model with what was changed on the bench.
  await page.getByRole('link', { name: 'Bench', exact: true }).click();
  await page.getByLabel(/^Vamp: /).fill('70');
  await page.getByRole('link', { name: 'Dancer and life' }).click();
  await page.getByRole('button', { name: /^Order it as changed on the bench, about 70 days/ }).click();
  await expect(page.getByRole('table', { name: 'Pairs kept with the dancer' })).toContainText(/ordered \d{4}-\d\d-\d\d, due about \d{4}-\d\d-\d\d.*vamp 70/);
  await tecla(page, 'slippers');
  await expect(page.getByRole('link', { name: /^Adagio / })).toBeVisible();
  await page.getByText('wood', { exact: true }).click();
  await expect(page.getByRole('heading', { name: /^Leather on wood: it grips wood/ })).toBeVisible();
  await page.getByLabel('Pin the elastics at the arch, foot pointed and flexed').check();
  await expect(page.getByRole('heading', { name: 'Left to sew: 5 of 6' })).toBeVisible();
  await page.getByLabel('Inside length, new, mm').fill('260');
  await expect(page.getByText('too long: it folds under the foot').first()).toBeVisible();
});

test('a child without the teacher’s word, and a reach under 90: the sums stand under cautions, nothing is recommended', async ({ page }) => {
  await open(page, '/stock/pointe');
  await page.getByLabel('Point reach, °').fill('84');
  await expect(page.getByText(/The point reach is under 90°: no shoe makes up for it/)).toBeVisible();
  await page.getByRole('link', { name: 'Pull' }).click();
  await expect(page.getByText(/Sums only: nothing in this list is a recommendation/)).toBeVisible();
  await page.getByLabel('Point reach, °').fill('400');
  await expect(page.getByText('From 60 to 130 °.')).toBeVisible();
  await page.getByRole('combobox', { name: 'Whose foot' }).fill('Perla');
  await page.getByRole('button', { name: 'Perla Ondavi' }).click();
  await expect(page.getByText(/The teacher’s word is not noted/)).toBeVisible();
  await expect(page.getByText(/Growing: there is no room to grow in a pointe shoe/)).toBeVisible();
});

test('a model is changed with its evidence; what cannot be made is said at its field and stays as typed', async ({ page }) => {
  await open(page, '/stock/pointe/models');
  await page.getByRole('button', { name: 'Change Medlar' }).click();
  const platform = page.getByLabel('platform width, mm', { exact: true });
  await platform.fill('88');
  await page.getByRole('button', { name: 'Keep the model' }).click();
  await expect(page.getByText(/Platform width is 30 to \d+ mm; 88 was given/).first()).toBeVisible();
  await expect(platform).toHaveValue('88');
  await platform.fill('52.5');
  await page.getByLabel('Price').fill('97');
  await page.getByRole('button', { name: 'Keep the model' }).click();
  await expect(page.getByText('Medlar is kept.')).toBeVisible();
  await expect(page.locator('[data-model="medlar"]')).toContainText('97');
});

test('a new maker with its own scale and a new model of it, by the form; a name taken already is said', async ({ page }) => {
  await open(page, '/stock/pointe/models');
  await page.getByRole('button', { name: 'New maker' }).click();
  const name = page.getByLabel('Name of the maker');
  await name.fill('Tessandry');
  await page.getByRole('button', { name: 'Keep the maker' }).click();
  await expect(page.getByText('there is a maker of this name: change that one, or give this one another name')).toBeVisible();
  await name.fill('Ivrelle');
  for (const [label, value] of [
    ['First size', '33'],
    ['Last size', '43'],
    ['Inside length of the first size, mm', '214'],
    ['A whole size adds, mm', 'six'],
    ['A mark adds to the girth, mm', '4.5'],
    ['A mark adds to the width, mm', '1.5']
  ])
    // prettier-ignore
    await page.getByLabel(label, { exact: true }).fill(value);
  await page.getByLabel('Width marks, narrow first').fill('slim, plain, full');
  await page.getByRole('button', { name: 'Keep the maker' }).click();
  await expect(page.getByLabel('A whole size adds, mm')).toHaveAttribute('aria-invalid', 'true');
  await page.getByLabel('A whole size adds, mm').fill('6.1');
  await page.getByRole('button', { name: 'Keep the maker' }).click();
  await expect(page.getByText('Ivrelle is kept.')).toBeVisible();
  await expect(page.locator('[data-maker="ivrelle"]')).toContainText('33 to 43, halves');
  await page.getByRole('button', { name: 'New model' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Sallow');
  await page.getByLabel('Maker', { exact: true }).selectOption({ label: 'Ivrelle' });
  await page.getByLabel('Base size').fill('36');
  await page.getByLabel('Base mark').fill('plain');
  await page.getByLabel('girth at the joints, mm').fill('202');
  await page.getByRole('button', { name: 'Keep the model' }).click();
  await expect(page.locator('[data-model="sallow"]')).toContainText('Ivrelle');
  await page.request.delete('/api/v1/pointe/models/sallow', { headers: { origin: new URL(page.url()).origin } });
});

test('on a touch screen a tap looks at another model', async ({ browser }) => {
  const context = await browser.newContext({ hasTouch: true, viewport: { width: 820, height: 1180 } });
  const page = await context.newPage();
  await open(page, '/stock/pointe');
  const card = page
    .getByRole('list', { name: /Models side by side/ })
    .getByRole('button')
    .nth(1);
  const name = (await card.locator('b').first().textContent())!;
  await card.tap();
  await expect(page.locator('.says').first()).toContainText(name);
  await context.close();
});
