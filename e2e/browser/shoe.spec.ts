import { expect, test } from '@playwright/test';
import { newFitting, open, savedNow, section } from './open';

test('Sizes shows both feet on the rule, the schools apart, and the widths', async ({ page }) => {
  const id = await newFitting(page, 'On the rule', [238, 239]);
  await open(page, `/fittings/${id}/sizes`);
  const rule = page.getByRole('region', { name: /The rule/ });
  await expect(rule).toContainText('L 238');
  await expect(rule).toContainText('R 239');
  const row = page.getByRole('row', { name: /US women/ }).first();
  await expect(row).toContainText('7½');
  await expect(page.getByText('Where schools disagree')).toBeVisible();
  await page.getByRole('button', { name: 'in', exact: true }).click();
  await expect(rule).toContainText('L 9 3/8');
});

test('Pull ranks the stockroom, narrows by kind and by the shelf', async ({ page }) => {
  const id = await newFitting(page, 'Puller', [245, 246]);
  await open(page, `/fittings/${id}/pull`);
  await page.getByRole('radio', { name: 'anyone' }).check();
  await page.getByText('change the kinds').click();
  await page.getByRole('checkbox', { name: 'pump', exact: true }).check();
  await expect(page.getByText(/sizes and widths fitted (in|beforehand)/)).toBeVisible({ timeout: 30_000 });
  // Cards come a frame at a time.
  await expect(page.locator('[data-candidate]')).toHaveCount(12);
  await page.getByRole('checkbox', { name: 'on the shelf in that size' }).check();
  await expect(page.getByText('not on the shelf in this size')).toHaveCount(0);
  expect(await page.locator('[data-candidate]').count()).toBeGreaterThan(0);
  const order = ['fits', 'fits-with-help', 'does-not-fit'];
  const verdicts = await page.locator('[data-candidate]').evaluateAll((items) => items.map((i) => i.getAttribute('data-verdict')!));
  expect([...verdicts].sort((p, q) => order.indexOf(p) - order.indexOf(q))).toEqual(verdicts);
});

test('an opened heel shows both feet in it, its pitch, the slide, the neighbours and what would help', async ({ page }) => {
  const id = await newFitting(page, 'Heels', [238, 239]);
  await open(page, `/fittings/${id}/shoe/moonrise-95?size=38.5&width=medium`);
  await expect(page.getByRole('img', { name: /Both feet in their shoes from above/ })).toBeVisible({ timeout: 20_000 });
  await section(page, /Heel/);
  await expect(page.getByRole('img', { name: /left foot from the side on this heel/ })).toContainText(/pitch \d+° \(\d+° to \d+°\)/);
  await page.getByRole('button', { name: /^R\s*inner side/ }).click();
  await expect(page.getByRole('img', { name: /right foot from the side on this heel/ })).toContainText(/the ankle points \d+°/);
  await expect(page.getByRole('img', { name: /its reach is not measured; this heel asks \d+°/ })).toHaveCount(2);
  const asks = page.getByRole('region', { name: 'What this heel asks' });
  await expect(asks).toContainText(/Ankle reach not measured: measure it before a high heel.*Neither foot runs forward/);
  await expect(asks.getByRole('row', { name: /Toe room on the heel/ })).toContainText(/[\d.]+ to [\d.]+/);
  await expect(page.getByText(/Falls and sprains rise with heel height/)).toBeVisible();
  await section(page, /In brief/);
  const neighbour = page
    .getByRole('table', { name: /Neighbouring sizes/ })
    .getByRole('link')
    .first();
  await neighbour.click();
  await expect(page).toHaveURL(/size=37/);
  await expect(page.getByRole('heading', { level: 1 })).toContainText('37');
  await expect(page.locator('p[data-verdict]')).toHaveAttribute('data-verdict', 'does-not-fit');
  // In a shoe that does not hold the ball both feet run forward.
  await open(page, `/fittings/${id}/shoe/moonrise-95?size=41&width=medium`);
  await expect(page.getByRole('link', { name: /^Heel slides \d/ })).toBeVisible({ timeout: 20_000 });
  await page.keyboard.press('2');
  await expect(asks.getByRole('row', { name: /Slides forward/ })).toContainText(/L [\d.]+ mm.*R [\d.]+ mm/);
  await expect(asks.getByRole('row', { name: /Gap opens at the heel/ })).toContainText(/[\d.]+ mm/);
  await expect(page.getByRole('img', { name: /left foot from the side on this heel/ })).toContainText(/slides [\d.]+ mm\s*between [\d.]+ mm to [\d.]+ mm/);
  // A help pressed here is put into this shoe, and what is left of the slide is told.
  const held = page.locator('[data-held-back]');
  await expect(held.getByText(/A heel of \d+ mm/)).toBeVisible();
  await held
    .getByRole('button', { name: /^in L: / })
    .first()
    .click();
  await expect(page.locator('p[data-verdict]')).toContainText(/^With/, { timeout: 20_000 });
});

test('the drawing’s room is the table’s: usable room drawn equals what was computed', async ({ page }) => {
  const id = await newFitting(page, 'Drawn true', [262, 262]);
  await open(page, `/fittings/${id}/shoe/alderman?size=8&width=F`);
  const drawing = page.getByRole('img', { name: /Both feet in their shoes from above/ });
  await expect(drawing).toBeVisible({ timeout: 20_000 });
  const drawn = /: ([\d.]+) mm to go/.exec((await drawing.textContent())!)![1];
  await expect(page.getByRole('row', { name: /toe room/ })).toContainText(`+${Number(drawn).toFixed(1)}`);
  await section(page, /Why/);
  const zone = page.getByRole('row', { name: /toe room/ });
  await expect(zone.locator('summary').first()).toContainText(`+${drawn}`);
  await zone.locator('details:not([open]) summary').first().click();
  await expect(zone.getByRole('img', { name: /toe room, (left|right): \d+(\.\d)? − 262/ }).first()).toContainText('shoe');
});

test('toe by toe, left and right: the first to touch is the one the drawing names, and a filler takes its millimetres from every toe', async ({ page }) => {
  const id = await newFitting(page, 'Toes', [238, 239]);
  await open(page, `/fittings/${id}/shoe/lakeside-50?size=40&width=medium&part=why`);
  const toes = page.locator('[data-toes] tbody tr');
  await expect(toes).toHaveCount(5);
  await expect(page.locator('[data-toes] thead')).toContainText(/L forward.*L above.*R forward.*R above/);
  const first = toes.filter({ hasText: 'first' }).first().locator('th');
  const touching = await first.textContent();
  const forward = async () => (await toes.locator('td:nth-child(2)').allTextContents()).map((t) => parseFloat(t.replace('−', '-')));
  const plain = await forward();
  await section(page, /Helps/);
  await expect(page.getByRole('img', { name: /from above, to scale/ })).toContainText(`${touching}:`);
  await page.getByRole('button', { name: 'toe filler, 4 mm in the left shoe', exact: true }).click();
  await expect(page.locator('p[data-verdict] [data-put]')).toBeVisible();
  await section(page, /Why/);
  (await forward()).forEach((mm, i) => expect(mm).toBeCloseTo(plain[i] - 4, 1));
});

test('a size outside the run, a style not there and a foot not measured each say so', async ({ page }) => {
  const id = await newFitting(page, 'Outside', [262, 262]);
  const outside = await page.goto(`/fittings/${id}/shoe/alderman?size=44&width=F`);
  expect(outside!.status()).toBe(422);
  await expect(page.getByText(/Alderman has no size 44: it is made from 6 to 13/)).toBeVisible();
  expect((await page.goto(`/fittings/${id}/shoe/nothing`))!.status()).toBe(404);
  const bare = await newFitting(page, 'Not measured');
  await open(page, `/fittings/${bare}/pull`);
  await expect(page.getByText(/Measure the length of both feet first/)).toBeVisible();
});

test('Try takes a named pair, refuses a size outside its run in place, and keeps what was typed', async ({ page }) => {
  const id = await newFitting(page, 'Tryer', [262, 262]);
  await open(page, `/fittings/${id}/try`);
  const sizeField = page.locator('form', { hasText: 'Another pair' }).locator('input').first();
  await page.getByLabel('Style').selectOption('alderman');
  await sizeField.fill('44');
  await page.getByRole('button', { name: 'Carry to the chair' }).click();
  await expect(page.getByText(/has no size 44/)).toBeVisible();
  await expect(sizeField).toHaveValue('44');
  await sizeField.fill('8 1/2');
  await page.getByRole('button', { name: 'Carry to the chair' }).click();
  await expect(page.locator('[data-try="alderman"]')).toContainText('8½ E');
  await page.getByRole('button', { name: 'Take off the list' }).click();
  await expect(page.locator('[data-try="alderman"]')).toHaveCount(0);
});

test('the fit engine works beside the page, in one worker however many processors there are', async ({ page }) => {
  const id = await newFitting(page, 'Worker', [262, 262]);
  const listed = page.locator('[data-candidate]');
  for (const processors of [2, 8]) {
    await page.addInitScript((n) => Object.defineProperty(navigator, 'hardwareConcurrency', { value: n, configurable: true }), processors);
    await open(page, `/fittings/${id}/pull`);
    await expect(page.getByText(/sizes and widths fitted (in|beforehand)/)).toBeVisible({ timeout: 40_000 });
    expect(page.workers()).toHaveLength(1);
    await page.getByRole('button', { name: /Show more/ }).click();
    await expect(listed).toHaveCount(32);
    await listed.first().getByRole('link').first().click();
    await expect(page.locator('[data-section=brief]')).toBeVisible({ timeout: 20_000 });
    expect(page.workers()).toHaveLength(1);
  }
});

test('an opened pair is told over its hours, in both schools, and a trouble brought home is traced', async ({ page }) => {
  const id = await newFitting(page, 'Hours', [236, 237]);
  await open(page, `/fittings/${id}/shoe/lakeside-50-slate?size=38&width=medium&part=wear`);
  const panel = page.locator('[data-forecast]');
  await expect(panel).toContainText('What you feel in the shop you go on feeling', { timeout: 30_000 });
  await expect(panel).toContainText(/gives [\d.]+ mm of girth yet/);
  const girths = (await panel.locator('tbody td:nth-child(2)').allTextContents()).map((t) => Number(t.replace('−', '-')));
  expect(girths[2]).toBeGreaterThan(girths[0] + 2);
  // Through the day: what fits on waking may not by four; a thicker sock takes its girth from every hour.
  await expect(panel.locator('thead')).toContainText(/fits\s*on waking\s*by four/);
  await panel.getByLabel('Sock').selectOption({ label: 'thick boot sock' });
  await expect.poll(async () => Number((await panel.locator('tbody td:nth-child(2)').first().textContent())!.replace('−', '-'))).toBeLessThan(girths[0] - 5);
  await panel.getByLabel('Sock').selectOption({ index: 0 });
  await panel.getByLabel('Shown').selectOption('toe-room');
  await expect(panel.getByRole('img')).toHaveAttribute('aria-label', /toe room over hours of wear: left/);
  await section(page, /Trouble/);
  const trouble = page.locator('[data-symptoms]');
  await trouble.locator('select').selectOption('numb-forefoot');
  await expect(trouble.locator('li').first()).toContainText(/ball girth|ball width|toe box depth|instep/);
  await expect(trouble).toContainText('clinician');
});

test('up to four are compared side by side, and any style says why it is not offered', async ({ page }) => {
  const id = await newFitting(page, 'Compares', [238, 239]);
  await page.request.patch(`/api/v1/fittings/${id}`, { data: { kinds: ['pump'] } });
  await open(page, `/fittings/${id}/pull`);
  await expect(page.getByText(/sizes and widths fitted (in|beforehand)/)).toBeVisible({ timeout: 30_000 });
  for (const i of [0, 1, 2, 3]) await page.getByLabel('compare').nth(i).check();
  await expect(page.getByLabel('compare').nth(4)).toBeDisabled();
  const table = page.locator('[data-compare] tbody');
  await expect(table).toContainText('ball girth');
  await expect(table.locator('tr').first().locator('td')).toHaveCount(8);
  const why = page.locator('[data-why-not]');
  await why.getByRole('combobox').fill('alderman');
  await expect(why).toContainText('not among those chosen');
  await why.getByRole('combobox').fill('no such shoe');
  await expect(why).toContainText('No style of the stockroom has that name');
  await why.getByRole('combobox').fill('a');
  await expect(why).toContainText(/\d+ styles have that in their names/);
  const first = page.locator('[data-candidate]').first();
  const name = (await first.getByRole('link').first().textContent())!;
  await why.getByRole('combobox').fill(`${name.trim()}, ${(await first.locator('p.soft').first().textContent())!.split(',')[0]}`);
  await expect(why).toContainText(/stands 1 of \d+/);
  await page.getByRole('link', { name: 'Lay them over each other' }).click();
  await expect(page.locator('[data-readout]')).toContainText('D against A');
});

test('feet a size and more apart are offered a split pair', async ({ page }) => {
  const id = await newFitting(page, 'Splits', [256, 269]);
  await open(page, `/fittings/${id}/shoe/alderman?size=9&width=F&part=sizes`);
  await expect(page.locator('[data-split]')).toContainText(/ask for a split pair, L\s+\d+(\.5)? [EFG] and R/, { timeout: 30_000 });
});

test('the ground asked for in Ask is told on every card with a heel, and on the opened heel with what a cap changes', async ({ page }) => {
  const id = await newFitting(page, 'On the lawn', [243, 243]);
  await open(page, `/fittings/${id}/ask`);
  await page.getByLabel('Worn on: what ground').selectOption({ label: 'lawn on clay, moist' });
  await page.getByRole('checkbox', { name: 'pump' }).check();
  await savedNow(page);
  await open(page, `/fittings/${id}/pull`);
  await expect(page.locator('[data-on-ground]').first()).toContainText(/On lawn on clay, moist: \S/, { timeout: 30_000 });
  // In the order of the ground nothing that it does not bear stands before what it bears, among those that fit.
  await page.getByLabel('best on lawn on clay, moist first').check();
  const first = page.locator('[data-verdict="fits"] [data-on-ground]').first();
  await expect(first).toContainText(/no heel to speak of|no trace|a mark/, { timeout: 30_000 });
  await page.getByLabel('best on lawn on clay, moist first').uncheck();
  await open(page, `/fittings/${id}/shoe/moonrise-95?size=39&width=medium&part=heel`);
  const there = page.getByRole('table', { name: /How this heel and others in its place stand there/ });
  await expect(there.getByRole('row', { name: /with a cap of 25/ })).toContainText(/deep\s*[\d.]+°/, { timeout: 20_000 });
  await expect(page.getByText(/In a step of 60 kg, taken for lack of a weight/)).toBeVisible();
});
