import { expect, test, type Page } from '@playwright/test';
import { open } from './open';

const height = (page: Page) => page.getByRole('slider', { name: /^Heel height/ });

test('the heel bench by mouse, touch and keyboard: the height moves, sentence and figures with it', async ({ page }) => {
  await open(page, '/stock/heel');
  await expect(page.getByText(/^60 mm thin stiletto: ankle reach not measured/)).toBeVisible();
  await height(page).press('PageUp');
  await expect(height(page)).toHaveAttribute('aria-valuenow', '70');
  await height(page).press('ArrowLeft');
  await expect(page.getByText(/^69 mm thin stiletto/)).toBeVisible();
  const row = page.getByRole('group', { name: 'One foot on heels of rising height, on one ground' });
  const box = (await row.boundingBox())!;
  await page.mouse.move(box.x + 200, box.y + 120);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width * (7.5 / 8), box.y + 120, { steps: 8 });
  await page.mouse.up();
  await expect(height(page)).toHaveAttribute('aria-valuenow', '120');
  const pitch = page.getByRole('row', { name: /^pitch of the foot/ });
  await expect(pitch).toContainText('54°');
  await height(page).press('Home');
  await expect(height(page)).toHaveAttribute('aria-valuenow', '0');
  await expect(pitch).toContainText('0°');
});

test('platform, tip and ground are dragged by the knobs on the shoe; the heel goes up with its platform', async ({ page }) => {
  await open(page, '/stock/heel');
  const drag = async (knob: string, dx: number, dy: number) => {
    const box = (await page.locator(`[data-knob="${knob}"]`).boundingBox())!;
    const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
    await page.mouse.move(x, y);
    await page.mouse.down();
    await page.mouse.move(x + dx, y + dy, { steps: 5 });
    await page.mouse.up();
  };
  await drag('platformMm', 0, -14);
  await expect(page.getByText(/^Platform: [1-9]\d* mm$/)).toBeVisible();
  const platform = Number(/\d+/.exec((await page.getByText(/^Platform: \d/).textContent())!)![0]);
  await expect(height(page)).toHaveAttribute('aria-valuenow', String(60 + platform));
  const sunk = page.getByText(/On lawn on clay, moist: sticks/);
  await expect(sunk).toBeVisible();
  await drag('tipMm', 22, 0);
  await expect(page.getByText(/^Tip across: (2[4-9]|[3-6]\d)(\.\d)? mm$/)).toBeVisible();
  await expect(sunk).toBeHidden();
  await drag('slopeDeg', 0, 6);
  await expect(page.getByText(/^Ground falls: [4-7]°$/)).toBeVisible();
  // The heel itself was not taken hold of.
  await expect(height(page)).toHaveAttribute('aria-valuenow', String(60 + platform));
});

test('on a touch screen a tap on a height chooses it', async ({ browser }) => {
  const context = await browser.newContext({ hasTouch: true, viewport: { width: 820, height: 1180 } });
  const page = await context.newPage();
  await open(page, '/stock/heel');
  const box = (await page.getByRole('group', { name: /^One foot on heels/ }).boundingBox())!;
  await page.touchscreen.tap(box.x + box.width * 0.7, box.y + 100);
  await expect(height(page)).toHaveAttribute('aria-valuenow', '85');
  await context.close();
});

test('reach, ground, hold and cap change what is said: out of reach with the gap, sinking, steadier', async ({ page }) => {
  await open(page, '/stock/heel');
  await page.getByLabel('Ankle reach, °').fill('30');
  await expect(page.getByText(/in comfort, to 58 mm/)).toBeVisible();
  await page.getByLabel('Heel height', { exact: true }).fill('100');
  await expect(page.getByText(/this ankle does not reach it/)).toBeVisible();
  await expect(page.getByText(/^1[34] mm too high$/)).toBeVisible();
  await expect(page.getByText('This ankle does not reach it: no pad or practice in the shop changes that.')).toBeVisible();
  await page.getByLabel('Ground', { exact: true }).selectOption({ label: 'oak or beech' });
  await expect(page.getByText(/On oak or beech: a faint mark/)).toBeVisible();
  await page.getByLabel('Ground', { exact: true }).selectOption({ label: 'lawn on clay, moist' });
  await expect(page.getByText(/On lawn on clay, moist: sticks/)).toBeVisible();
  const index = () => page.getByRole('img', { name: /^Steadiness/ }).getByText(/^index/);
  const before = await index().textContent();
  await page.getByLabel('What holds the ankle').selectOption({ label: 'laces' });
  await expect(index()).not.toHaveText(before!);
  await page.getByLabel('Cap over the tip, mm').fill('38');
  await expect(page.getByText(/A cap that is not hard to push on/)).toBeVisible();
  await expect(page.getByText(/On lawn on clay, moist: (no trace|a mark)/)).toBeVisible();
});

test('a quoted pair that cannot be, a heel under its platform, a height no foot stands on: in words, and nothing is lost', async ({ page }) => {
  await open(page, '/stock/heel');
  const typed = page.getByLabel('Heel height', { exact: true });
  await typed.fill('70 mm, 3.5 in');
  await expect(page.getByText(/70 mm and 3.5 in are 18.9 mm apart/)).toBeVisible();
  await typed.blur();
  await expect(typed).toHaveValue('70 mm, 3.5 in');
  await expect(height(page)).toHaveAttribute('aria-valuenow', '60');
  await typed.fill('85 mm, 3.35 in');
  await expect(height(page)).toHaveAttribute('aria-valuenow', '85');
  await page.getByLabel('Platform, mm').fill('40');
  await expect(height(page)).toHaveAttribute('aria-valuenow', '125');
  await typed.fill('30');
  await expect(page.getByText(/lower than its platform of 40 mm/)).toBeVisible();
  await typed.fill('300');
  await expect(page.getByText(/No foot of 240 mm stands on that/)).toBeVisible();
  await page.getByLabel('Tip across, mm').fill('80');
  await expect(page.getByText(/^From 4 to 55 mm/)).toBeVisible();
});

test('hem, band and progress: what drags, what decides, what conflicts', async ({ page }) => {
  await open(page, '/stock/heel');
  const hem = page.getByLabel('The hem', { exact: true });
  await expect(hem).toContainText(/Hemmed for 60, in the 35 one stands 1\d to 1\d mm lower: it drags/);
  await page.getByLabel('The other pair, mm').fill('60');
  await expect(hem).toContainText('it clears');
  const band = page.getByLabel('How high');
  await expect(band).toContainText('Up to 64 mm: soft ground decides.');
  await page.getByLabel('For', { exact: true }).selectOption({ label: 'heels class' });
  await expect(band).toContainText(/Nothing is left: 89 mm is asked for, 64 is the most/);
  await page.getByText('numb or diabetic feet').click();
  await expect(band).toContainText(/25 is the most \(what was told of the wearer: ask a clinician\)/);
  await expect(page.getByText('Low and broad, and a clinician is asked first.')).toBeVisible();
});

test('both schools of reach stand on the row, and schools of where to begin and of straps are a choice', async ({ page }) => {
  await open(page, '/stock/heel');
  await page.getByLabel('Ankle reach, °').fill('46');
  await expect(page.getByText(/^share of range 8\d/)).toBeVisible();
  await page.getByLabel('Relaxed drop, mm').fill('101');
  await page.getByLabel('Read above the').selectOption({ label: 'toe tips' });
  await expect(page.getByText(/^relaxed drop 73/)).toBeVisible();
  const band = page.getByLabel('How high');
  await page.getByLabel('Ground', { exact: true }).selectOption({ label: 'stone' });
  await expect(band).toContainText(/Up to 73 mm: the relaxed drop decides/);
  await page.getByLabel('Relaxed drop, mm').fill('');
  await page.getByLabel('For', { exact: true }).selectOption({ label: 'heels class' });
  await page.getByLabel('On the feet, h').fill('1');
  await page.getByLabel('What holds the ankle').selectOption({ label: 'a thin ankle strap' });
  await expect(band).toContainText(/89 mm is asked for, 75 is the most \(an ankle held too little\)/);
  await page.getByText('a good strap counts as laces').click();
  await expect(band).not.toContainText('an ankle held too little decides');
  await page.getByRole('radio', { name: '102' }).check();
  await expect(band).toContainText(/102 mm is asked for/);
  await page.getByLabel('Ground', { exact: true }).selectOption({ label: 'grating' });
  await expect(page.getByLabel('The tip on the ground')).toContainText(/caught in 1\d of 100 steps/);
});

test('a person’s own feet stand on the bench, left and right', async ({ page }) => {
  const { customers } = await (await page.request.get('/api/v1/customers?search=Ilva')).json();
  await open(page, `/stock/heel?person=${customers[0].id}&height=84`);
  await expect(page.getByText(/^84 mm thin stiletto.*Ilva Serrandi, 238 mm/)).toBeVisible();
  await page.getByRole('radio', { name: 'R right' }).check();
  await expect(page.getByText(/Ilva Serrandi, 239 mm/)).toBeVisible();
});

test('an occasion: planned, changed, kept over a reload, printed', async ({ page }) => {
  await open(page, '/stock/occasion');
  await expect(page.getByText(/^Block 58 with a strap all day costs least/)).toBeVisible();
  const costs = page.getByRole('img', { name: /^What each plan costs/ });
  await expect(costs).toHaveAttribute('aria-label', /one: Block 58 with a strap \d.*weight on the ball.*two: /);
  await expect(page.getByRole('img', { name: /^The day: song on the lawn, 35 min: Block 58/ })).toBeVisible();
  // Look counts for more: the formal pumps come into it.
  await page.getByLabel('Look counts, times').fill('6');
  await expect(page.getByText(/then .* costs least|costs least, .* One pair alone/)).toBeVisible();
  await page.getByLabel('Look counts, times').fill('1');
  await page.getByLabel('Ankle reach, °').fill('24');
  await expect(page.getByText(/left out: Block 83 with a strap, Pump 92|left out: Pump 92/)).toBeVisible();
  await page.getByLabel('Part 1', { exact: true }).fill('the vows');
  await expect(page.getByRole('img', { name: /^The day: the vows/ })).toBeVisible();
  await page.getByRole('button', { name: 'Another pair' }).click();
  await page.getByLabel('Pair 4', { exact: true }).fill('Flat 10');
  await expect(page.getByText(/^Planning|costs least/).first()).toBeVisible();
  await page.waitForTimeout(500);
  await page.reload();
  await expect(page.getByLabel('Part 1', { exact: true })).toHaveValue('the vows');
  await expect(page.getByLabel('Pair 4', { exact: true })).toHaveValue('Flat 10');
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('img', { name: /^What each plan costs/ })).toBeVisible();
  await expect(page.getByLabel('Part 1', { exact: true })).toBeHidden();
});

test('an occasion with nothing in it, a platform over its heel, a day that has passed, no pair within reach: in words', async ({ page }) => {
  await open(page, '/stock/occasion');
  await page.getByLabel('The day', { exact: true }).fill('2020-05-04');
  await expect(page.getByText('That day has passed: give the day that is to come.')).toBeVisible();
  await page.getByLabel('The day', { exact: true }).fill('2031-06-12');
  await expect(page.getByText('19 May 2031')).toBeVisible();
  await page.getByLabel('Platform, mm').first().fill('90');
  await expect(page.getByRole('alert').filter({ hasText: 'its platform is higher than its heel' })).toBeVisible();
  await page.getByLabel('Platform, mm').first().fill('0');
  await page.getByLabel('Ankle reach, °').fill('4');
  await expect(page.getByText(/^No pair is within this ankle’s reach/)).toBeVisible();
  await page.getByLabel('Pair 1', { exact: true }).fill('Block 70 mm, 3.5 in');
  await expect(page.getByText(/70 mm and 3.5 in are 18.9 mm apart/)).toBeVisible();
  for (let i = 4; i >= 1; i--) await page.getByRole('button', { name: `remove part ${i}` }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'at least one part' })).toBeVisible();
});

test('toe shapes: every one on these toes, best first; longer is not roomier', async ({ page }) => {
  await open(page, '/stock/toes');
  await expect(page.getByText(/Longer is not roomier: pointed is 2\d mm longer than broad square/)).toBeVisible();
  await expect(page.locator('[data-toe-shape]')).toHaveCount(12);
  const pointed = page.getByRole('article', { name: /^pointed/ });
  await expect(pointed).toContainText('usable');
  const before = await pointed.textContent();
  await page.getByRole('radio', { name: 'square' }).check();
  await expect(page.getByRole('article', { name: 'pointed, does not suit' })).toBeVisible();
  expect(await pointed.textContent()).not.toBe(before);
  await expect(page.locator('[data-toe-shape]').first()).toHaveAttribute('data-toe-shape', 'broad-square');
  await page.getByLabel('Foot length, mm').fill('500');
  await expect(page.getByText('From 150 to 330 mm.')).toBeVisible();
});

test('heels side by side, the most alike first, on both feet and on another’s; heel-less stands on the ball alone', async ({ page }) => {
  const people = await (await page.request.get('/api/v1/customers?search=Ilva')).json();
  await open(page, `/stock/heel?person=${people.customers[0].id}&style=moonrise-95`);
  await expect(page.getByText(/^95 mm thin stiletto/)).toBeVisible();
  const table = page.getByRole('table', { name: 'Heels side by side' });
  await expect(table.getByRole('columnheader')).toHaveCount(3);
  await page.getByRole('button', { name: 'Keep this heel beside the next' }).click();
  await page.getByLabel('Heel height', { exact: true }).fill('45');
  await page.getByRole('button', { name: 'Keep this heel beside the next' }).click();
  await page.getByLabel('Heel height', { exact: true }).fill('55');
  const rows = table.getByRole('row');
  await expect(rows).toHaveCount(4);
  await expect(rows.nth(1)).toContainText('looked at now');
  // 45 mm is more like 55 than 95 is.
  await expect(rows.nth(2)).toContainText('45 mm');
  await expect(rows.nth(3)).toContainText('95 mm');
  await expect(rows.nth(3)).toContainText(/ankle \d+° of 48°/);
  await page.getByLabel('And on whose feet').fill('Oriele');
  await page.getByRole('button', { name: /^Oriele/ }).click();
  await expect(table.getByRole('columnheader')).toHaveCount(5);
  await page.getByRole('button', { name: 'Take away thin stiletto 95 mm' }).click();
  await expect(rows).toHaveCount(3);
  await page.getByRole('radio', { name: /heel-less/ }).check();
  await page.getByLabel('Platform, mm').fill('40');
  await page.getByLabel('Platform, mm').press('Tab');
  await expect(page.getByRole('row', { name: /^weight on ball and toes/ })).toContainText('100 %');
  await page.getByRole('button', { name: 'Alike in the stockroom' }).click();
  const found = page.getByRole('list', { name: 'Alike in the stockroom' });
  await expect(found.getByRole('listitem')).toHaveCount(6);
  await found.getByRole('button').first().click();
  await expect(rows).toHaveCount(4);
  // Nobody sees a style that is gone: the bench opens without it.
  await open(page, '/stock/heel?style=gone');
  await expect(page.getByText(/^60 mm thin stiletto/)).toBeVisible();
});

test('an occasion planned from the stockroom names the pair, its size and whether it is on the shelf', async ({ page }) => {
  await open(page, '/stock/occasion');
  await page.getByRole('checkbox', { name: /every heel of the stockroom/ }).check();
  await expect(page.getByText(/^\d+ of them, each in its best size/)).toBeVisible({ timeout: 30_000 });
  for (let i = 3; i > 0; i--) await page.getByRole('button', { name: `remove pair ${i}` }).click();
  await expect(page.locator('[data-from-stock]').first()).toContainText(/\d.*(on the shelf|order it)/, { timeout: 30_000 });
  await expect(page.getByText(/costs least/).first()).toBeVisible();
});

test('an occasion is kept with the person, opened again, changed and taken away', async ({ page }) => {
  const name = `Kept for ${Date.now()}`;
  const { id } = await (await page.request.post('/api/v1/customers', { data: { name, born: 1990 } })).json();
  await open(page, `/stock/occasion?person=${id}`);
  const bar = page.locator('[data-kept-occasions]');
  await page.getByLabel('Stature, mm').fill('1712');
  await page.getByLabel('Stature, mm').press('Tab');
  await bar.getByLabel('Called').fill('premiere on the terrace');
  await bar.getByRole('button', { name: 'Keep this plan' }).click();
  await expect(bar.getByRole('button', { name: 'Keep the change' })).toBeVisible();
  await page.evaluate(() => localStorage.clear());
  await open(page, `/stock/occasion?person=${id}`);
  await bar.getByLabel(`Kept with ${name}`).selectOption({ label: 'premiere on the terrace' });
  await expect(page.getByLabel('Stature, mm')).toHaveValue('1712');
  await bar.getByLabel('Called').fill('premiere indoors');
  await bar.getByRole('button', { name: 'Keep the change' }).click();
  await expect(bar.getByLabel(`Kept with ${name}`)).toContainText('premiere indoors');
  await bar.getByRole('button', { name: 'take it away' }).click();
  await expect(bar.getByLabel(`Kept with ${name}`)).toContainText('none yet');
});

test('platform, tip and slope are dragged, and the figures move with them', async ({ page }) => {
  await open(page, '/stock/heel');
  const load = page.getByRole('row', { name: /^weight on ball and toes/ });
  const standing = page.getByRole('img', { name: /^Steadiness/ });
  const [weight, steady] = [await load.textContent(), await standing.getAttribute('aria-label')];
  await page.getByRole('slider', { name: /^Tip across/ }).fill('24');
  await expect(standing).not.toHaveAttribute('aria-label', steady!);
  await page.getByRole('slider', { name: /^Ground falls/ }).fill('6');
  await expect(load).not.toHaveText(weight!);
  await page.getByRole('slider', { name: /^Platform/ }).fill('20');
  // The heel goes up with its platform: the drop stays.
  await expect(page.getByText(/^80 mm thin stiletto on 20 mm:/)).toBeVisible();
});

test('a straight shank leaves the arch hanging, a curved one carries it; the drawing follows', async ({ page }) => {
  await open(page, '/stock/heel');
  await expect(page.getByText(/^The arch hangs [\d.]+ mm free of this shank; a curved one would carry it\.$/)).toBeVisible();
  await page.getByLabel('Arch line').selectOption({ label: 'curved' });
  await expect(page.getByText('The arch is carried: this shank follows it.')).toBeVisible();
});

test('an answer about heights to send says every limit', async ({ page }) => {
  await open(page, '/stock/heel');
  await page.getByText('An answer to send').click();
  await expect(page.getByLabel('What is sent')).toHaveValue(/^A foot, 240 mm long; the reach of the ankle was not measured\.[\s\S]*- \d+ mm: .*\(practice/);
});

test('the drawer of tips and caps: which one fits, how caps sit, when it is due; a width that is none is named', async ({ page }) => {
  await open(page, '/stock/heel?style=moonrise-95');
  const card = page.getByRole('region', { name: 'Tips and caps in the drawer' });
  await card.getByLabel('Pin bore, mm').fill('');
  await card.getByLabel(/^Tips stocked/).fill('6 9.5 10 12/3');
  await card.getByLabel(/^Tips stocked/).press('Tab');
  await expect(card.getByText(/^Take the 9\.5 mm tip: /)).toBeVisible();
  await expect(card.getByText(/^Due in \d+ weeks at 3 hours a week/)).toBeVisible();
  await expect(card.getByRole('table', { name: /stocked caps/ }).getByText('right: hard to push on')).toBeVisible();
  await card.getByLabel(/^Caps stocked/).fill('8.5 wide');
  await card.getByLabel(/^Caps stocked/).press('Tab');
  await expect(card.getByText('“wide” is no width: write 8.5')).toBeVisible();
  await expect(card.getByLabel(/^Caps stocked/)).toHaveValue('8.5 wide');
  // What the shop stocks is kept for everybody.
  await open(page, '/stock/heel');
  await expect(page.getByLabel(/^Tips stocked/)).toHaveValue('6 9.5 10 12/3');
});
