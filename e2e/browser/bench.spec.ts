import { expect, test, type Page } from '@playwright/test';
import { newFitting, open, section } from './open';

/** The fit bench in the real interface: grid, helps, forecast, compare, and a ranking that is stopped. */
const verdict = (page: Page) => page.locator('p[data-verdict]');
const putWords = (page: Page) => verdict(page).locator('[data-put]');
const zone = (page: Page, name: RegExp) => page.getByRole('row', { name }).locator('summary').first();
const opened = async (page: Page, path: string): Promise<void> => {
  await open(page, path);
  await expect(page.locator('[data-section]')).toBeVisible({ timeout: 20_000 });
};
/** Holds the stockroom back, so that a ranking is still under way while a hand is on its way to the button. */
const slowStock = (page: Page, ms: number) =>
  page.route('**/api/v1/styles', async (route) => {
    await new Promise((go) => setTimeout(go, ms));
    await route.continue();
  });

test.describe('helps', () => {
  test('what makes it fit is put in with one press: the whole fit is worked out and drawn anew, and taken out again', async ({ page }) => {
    const id = await newFitting(page, 'Puts in', [238, 239]);
    await opened(page, `/fittings/${id}/shoe/lakeside-50?size=40&width=medium`);
    await expect(verdict(page)).toHaveAttribute('data-verdict', 'fits-with-help');
    await section(page, /Why/);
    const before = await zone(page, /^toe room/).textContent();
    await expect(page.getByRole('img', { name: /cut across at the ball/ })).toContainText(/girth [+−]?[\d.]+\s+mm/);
    await section(page, /Helps/);
    await page.getByRole('button', { name: 'Put that in' }).click();
    await expect(putWords(page)).toContainText(/With .*(toe filler|insole|ball pad|heel grip)/);
    await expect(verdict(page)).toHaveAttribute('data-verdict', 'fits');
    await section(page, /Why/);
    expect(await zone(page, /^toe room/).textContent()).not.toBe(before);
    await page
      .locator('details.zone', { hasText: /toe filler|heel grip|sock/ })
      .first()
      .locator('summary')
      .click();
    await expect(page.locator('details.zone[open]').first()).toContainText(/toe filler|heel grip|sock/);
    await page.getByRole('button', { name: 'Take it all out' }).click();
    await expect(page.locator('[data-put]')).toHaveCount(0);
    await expect(verdict(page)).toHaveAttribute('data-verdict', 'fits-with-help');
    expect(await zone(page, /^toe room/).textContent()).toBe(before);
  });
  test('one shoe takes at most two, one of a kind, and the other is left alone', async ({ page }) => {
    const id = await newFitting(page, 'Two at most', [238, 239]);
    await opened(page, `/fittings/${id}/shoe/lakeside-50?size=40&width=medium`);
    await section(page, /Helps/);
    const help = (name: string) => page.getByRole('button', { name: `${name} in the left shoe`, exact: true });
    await help('full insole, 3 mm').click();
    await expect(putWords(page)).toContainText('full insole, 3 mm');
    await help('full insole, 2 mm').click();
    await expect(putWords(page)).toContainText('full insole, 2 mm');
    await expect(putWords(page)).not.toContainText('full insole, 3 mm');
    await help('toe filler, 4 mm').click();
    await expect(putWords(page)).toContainText('full insole, 2 mm and toe filler, 4 mm');
    await expect(help('heel grip, 3 mm')).toBeDisabled();
    await expect(page.getByRole('button', { name: 'heel grip, 3 mm in the right shoe', exact: true })).toBeEnabled();
    await section(page, /Why/);
    await expect(page.getByText('mm under the ball')).toHaveCount(1);
    await section(page, /Sizes/);
    await page.locator('[data-section=sizes]').getByRole('row').nth(1).getByRole('link').first().click();
    await expect(page.locator('[data-put]')).toHaveCount(0);
  });
  test('stay with the pair: in the forecast, on the way to the chair, in Keep, and back at the shoe', async ({ page }) => {
    const id = await newFitting(page, 'Carries helps', [238, 239]);
    await opened(page, `/fittings/${id}/shoe/lakeside-50?size=40&width=medium`);
    await section(page, /Wear/);
    const forecast = page.locator('[data-forecast]');
    const inShop = () => forecast.locator('tbody tr').first().locator('td').first().textContent();
    await forecast.getByLabel('Shown').selectOption('toe-room');
    const plain = await inShop();
    await section(page, /Helps/);
    await page.getByRole('button', { name: 'Put that in' }).click();
    await expect(verdict(page)).toHaveAttribute('data-verdict', 'fits');
    await section(page, /Wear/);
    await forecast.getByLabel('Shown').selectOption('toe-room');
    await expect(forecast).toContainText(/with L .*(toe filler|insole|ball pad|heel grip)/);
    expect(await inShop()).not.toBe(plain);
    const words = (await putWords(page).textContent())!.replace(/^With /, '').trim();
    await page.getByRole('button', { name: 'Carry to the chair' }).click();
    await expect(page.getByRole('link', { name: 'at the chair' })).toBeVisible();
    // The pair with nothing in is another one.
    await page.getByRole('button', { name: 'Take it all out' }).click();
    await expect(page.getByRole('button', { name: 'Carry to the chair' })).toBeVisible();
    const step = (name: RegExp) => page.getByRole('navigation', { name: 'Steps of the fitting' }).getByRole('link', { name }).click();
    await step(/Try/);
    const tried = page.locator('[data-try="lakeside-50"]');
    await expect(tried).toContainText(words);
    await expect(tried).toContainText('The engine said: Fits');
    await tried.getByRole('link').first().click();
    await expect(putWords(page)).toContainText(words);
    await expect(verdict(page)).toHaveAttribute('data-verdict', 'fits');
    await step(/Keep/);
    await expect(page.locator('[data-keep="lakeside-50"]')).toContainText(words);
    await page.goto(`/fittings/${id}/shoe/lakeside-50?size=40&width=medium&put=L.lacing.4`);
    await expect(page.getByText('there are no laces')).toBeVisible();
  });
});

test('with little measured it says what would tell most, and by how much; once measured it asks for something else', async ({ page }) => {
  const id = await newFitting(page, 'Hardly measured', [250, 250]);
  const typed = (mm: number) => ({ mm, typed: `${mm} mm` });
  const feet = (more: object) => {
    const side = { lengthMm: typed(250), ...more };
    return page.request.put(`/api/v1/fittings/${id}/feet`, { data: { left: side, right: side } });
  };
  await feet({});
  await opened(page, `/fittings/${id}/shoe/hedger?size=6&width=F`);
  const panel = page.locator('[data-next-measure]');
  await expect(panel).toContainText(/measure the (instep|ball|heel|toe)/);
  await expect(panel).toContainText(/the chance (rises|falls) by \d+ in 100/);
  const first = (await panel.locator('p a').textContent())!;
  await feet({ ballGirthMm: typed(230), instepGirthMm: typed(232), ballWidthMm: typed(92), heelWidthMm: typed(64), toeHeightMm: typed(22) });
  await opened(page, `/fittings/${id}/shoe/hedger?size=6&width=F`);
  if ((await panel.count()) > 0) await expect(panel.locator('p a')).not.toHaveText(first);
  await open(page, `/fittings/${id}/shoe/hedger?size=6&width=F`);
});

test('pointing to the edge of a foot tells its millimetres there, left and right apart', async ({ page }) => {
  const id = await newFitting(page, 'Points', [262, 263]);
  await opened(page, `/fittings/${id}/shoe/alderman?size=8.5&width=F`);
  const drawing = page.getByRole('img', { name: /from above, to scale/ });
  const told = page.locator('[data-pointed]');
  /** Across the drawing, at the edges of the left foot's inner and the right foot's outer side. */
  const BESIDE = { inner: 265, outer: 606 };
  await expect(told).toContainText('Point to the edge');
  await drawing.scrollIntoViewIfNeeded();
  const box = (await drawing.boundingBox())!;
  const at = (x: number, y: number) => page.mouse.move(box.x + (box.width * x) / 770, box.y + (box.height * y) / 464);
  await at(BESIDE.inner, 200);
  await expect(told).toContainText(/^L\s+inner side, \d+(\.\d)? mm from the heel: (gap|touches)/);
  await at(BESIDE.outer, 200);
  await expect(told).toContainText(/^R\s+outer side, \d+/);
  await at(320, 455);
  await expect(told).toContainText('Point to the edge');
});

test('the grid of lengths by widths opens each neighbour with its own fit', async ({ page }) => {
  const id = await newFitting(page, 'Neighbours', [262, 263]);
  await opened(page, `/fittings/${id}/shoe/alderman?size=8.5&width=F`);
  const grid = page.getByRole('table', { name: /Neighbouring sizes/ });
  await expect(grid.getByRole('row')).toHaveCount(4);
  const cell = grid
    .getByRole('link')
    .filter({ hasText: /snug|regular|generous/ })
    .first();
  const href = (await cell.getAttribute('href'))!;
  await cell.click();
  await expect(page).toHaveURL(new RegExp(`size=${new URL(href, 'http://x').searchParams.get('size')!.replace('.', '\\.')}`));
  await expect(verdict(page)).toHaveAttribute('data-verdict', 'fits');
});

test.describe('Pull', () => {
  test('a ranking under way is stopped by one press, and says so; asked again it goes to its end', async ({ page }) => {
    const id = await newFitting(page, 'Stops it', [245, 246]);
    await slowStock(page, 2500);
    await open(page, `/fittings/${id}/pull`);
    await page.getByRole('button', { name: 'Cancel' }).click();
    await expect(page.getByText(/stopped/)).toBeVisible();
    await expect(page.locator('[data-candidate]')).toHaveCount(0);
    await page.waitForTimeout(3000);
    await expect(page.locator('[data-candidate]')).toHaveCount(0);
    await page.getByRole('radio', { name: 'anyone' }).check();
    await expect(page.getByText(/sizes and widths fitted (in|beforehand)/)).toBeVisible({ timeout: 30_000 });
    await expect(page.locator('[data-candidate]').first()).toBeVisible();
  });
  test('the stockroom is fetched while the feet are asked about, once, and again after a change', async ({ page }) => {
    // With more processors a second worker fetches it for itself.
    await page.addInitScript(() => Object.defineProperty(navigator, 'hardwareConcurrency', { value: 2 }));
    const id = await newFitting(page, 'Warm', [238, 239]);
    let fetched = 0;
    page.on('request', (r) => (fetched += r.url().endsWith('/api/v1/styles') && r.method() === 'GET' ? 1 : 0));
    const step = (name: RegExp) => page.getByRole('navigation', { name: 'Steps of the fitting' }).getByRole('link', { name }).click();
    const ranked = () => expect(page.getByText(/sizes and widths fitted (in|beforehand)/)).toBeVisible({ timeout: 30_000 });
    await open(page, `/fittings/${id}/ask`);
    await expect.poll(() => fetched).toBe(1);
    await step(/Pull/);
    await ranked();
    await page.getByRole('radio', { name: 'anyone' }).check();
    await ranked();
    expect(fetched).toBe(1);
    const counted = await page.request.patch('/api/v1/styles/organist/stock', { data: { counts: { '10|F': 9 } } });
    const { before } = await counted.json();
    await step(/Ask/);
    await expect(page.getByRole('heading', { name: 'Ask', exact: true })).toBeAttached();
    await step(/Pull/);
    await expect.poll(() => fetched).toBe(2);
    await ranked();
    // Back where the fitting was opened, before the change: what is looked at beforehand takes what is there.
    await step(/Ask/);
    await page.waitForTimeout(1500);
    expect(fetched).toBe(2);
    await page.request.patch('/api/v1/styles/organist/stock', { data: before });
  });
  test('what the feet come to is looked at beforehand, is what a ranking says, and is let go when they are worn otherwise', async ({ page }) => {
    const id = await newFitting(page, 'Beforehand', [241, 242]);
    const done = page.getByText(/sizes and widths fitted (in|beforehand)/);
    const cards = () => page.locator('[data-candidate]').allInnerTexts();
    await open(page, `/fittings/${id}/pull`);
    await expect(done).toContainText('fitted in', { timeout: 30_000 });
    // While the first are looked at the worker goes through the rest.
    await expect(async () => {
      await page.getByRole('radio', { name: 'women, unisex' }).check();
      await page.getByRole('radio', { name: 'anyone' }).check();
      await expect(done).toContainText('fitted beforehand', { timeout: 1000 });
    }).toPass({ timeout: 30_000 });
    await expect(page.locator('[data-candidate]')).toHaveCount(12);
    const beforehand = await cards();
    const step = (name: RegExp) => page.getByRole('navigation', { name: 'Steps of the fitting' }).getByRole('link', { name }).click();
    await step(/Ask/);
    await page.getByRole('radio', { name: 'generous', exact: true }).check();
    await step(/Pull/);
    const settled = async (): Promise<string[]> => {
      await page.getByRole('radio', { name: 'anyone' }).check();
      await expect(done).toBeVisible({ timeout: 30_000 });
      await expect(page.locator('[data-candidate]')).toHaveCount(12);
      return cards();
    };
    const generous = await settled();
    expect(generous).not.toEqual(beforehand);
    // As an engine says that knows nothing of before.
    await expect(page.getByText(/^saved \d\d:\d\d/)).toBeVisible();
    await open(page, `/fittings/${id}/pull`);
    expect(await settled()).toEqual(generous);
    await page.request.patch(`/api/v1/fittings/${id}`, { data: { preference: 'regular' } });
    await open(page, `/fittings/${id}/pull`);
    expect(await settled()).toEqual(beforehand);
  });
  test('one thing is held equal: the size over other lasts, the last over other sizes, and let go again', async ({ page }) => {
    const id = await newFitting(page, 'Holds', [238, 239]);
    await page.request.patch(`/api/v1/fittings/${id}`, { data: { kinds: ['pump'] } });
    await open(page, `/fittings/${id}/pull`);
    await expect(page.getByText(/sizes and widths fitted (in|beforehand)/)).toBeVisible({ timeout: 30_000 });
    await expect(page.locator('[data-candidate]')).toHaveCount(12);
    const sizes = async () => (await page.locator('[data-candidate] [data-size]').allTextContents()).map((s) => s.replace('½', '.5'));
    const free = new Set((await sizes()).map((s) => s.split(' ')[0]));
    expect(free.size).toBeGreaterThan(1);
    await page.getByLabel('Hold equal').selectOption('size');
    await expect(page.locator('[data-held]')).toContainText(/size \d+(\.5)? \(continental\) in every last/);
    const held = /size ([\d.]+)/.exec((await page.locator('[data-held]').textContent())!)![1];
    await expect.poll(async () => [...new Set((await sizes()).map((s) => s.split(' ')[0]))]).toEqual([held]);
    await page.getByLabel('Hold equal').selectOption('last');
    await expect(page.locator('[data-held]')).toContainText(/the last \w+/);
    const last = /the last (\w+)/.exec((await page.locator('[data-held]').textContent())!)![1];
    await expect
      .poll(async () =>
        page
          .locator('[data-candidate]')
          .filter({ hasNotText: `last ${last}` })
          .count()
      )
      .toBe(0);
    const why = page.locator('[data-why-not]');
    await why.getByRole('combobox').fill(last === 'Heron' ? 'Lakeside 50' : 'Moonrise 70');
    await expect(why).toContainText(/was left out: the list is held to .+ by its last/);
    await page.getByLabel('Hold equal').selectOption({ label: 'hold nothing equal' });
    await expect(page.locator('[data-held]')).toHaveCount(0);
    await expect.poll(async () => new Set((await sizes()).map((s) => s.split(' ')[0])).size).toBeGreaterThan(1);
  });
  test('what is carried to the chair stands in the short list', async ({ page }) => {
    const id = await newFitting(page, 'Short list', [238, 239]);
    await page.request.patch(`/api/v1/fittings/${id}`, { data: { kinds: ['pump'] } });
    await open(page, `/fittings/${id}/pull`);
    const first = page.locator('[data-candidate]').first();
    await expect(page.getByText(/sizes and widths fitted (in|beforehand)/)).toBeVisible({ timeout: 30_000 });
    const name = (await first.getByRole('link').first().textContent())!.trim();
    await first.getByRole('button', { name: 'Carry to the chair' }).click();
    await expect(page.locator('[data-short-list]')).toContainText(name);
    await page.locator('[data-short-list]').getByRole('link').click();
    await expect(page).toHaveURL(/\/try$/);
  });
});

test('the school for sandals and boots between two sizes is chosen in Ask and moves what fits', async ({ page }) => {
  const id = await newFitting(page, 'Between', [241, 241]);
  await open(page, `/fittings/${id}/ask`);
  const school = page.getByRole('group', { name: /between two sizes/ });
  await school.getByText('sandals down, closed boots up').click();
  await expect.poll(async () => (await (await page.request.get(`/api/v1/fittings/${id}`)).json()).betweenSchool).toBe('sandals-down');
  const sandal = (await (await page.request.get('/api/v1/styles')).json()).styles.find((s: { kind: string }) => s.kind === 'pole-sandal');
  await opened(page, `/fittings/${id}/shoe/${sandal.id}?size=${sandal.from}&width=${encodeURIComponent(sandal.widths[0])}&part=why`);
  await expect(
    page
      .getByRole('row', { name: /^toe room/ })
      .locator('details')
      .first()
  ).toContainText('limits −5.1 and +7.9 mm');
});
