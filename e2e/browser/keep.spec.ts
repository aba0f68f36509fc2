import { expect, test, type Page } from '@playwright/test';
import { open } from './open';

/** A person with a pair of character shoes and a line. */
const dayOf = (offset: number): string => new Date(Date.now() + offset * 86_400_000).toISOString().slice(0, 10);
async function withPair(page: Page, name: string, own: object = {}, flags: string[] = []): Promise<{ person: number; pair: number }> {
  const post = async (url: string, data?: object) => {
    const sent = await page.request.post(`/api/v1${url}`, { data });
    expect(sent.ok(), await sent.text()).toBe(true);
    return sent.json();
  };
  const { id: person } = await post('/customers', { name, born: 1987, consent: true, flags });
  const { id: pair } = await post(`/customers/${person}/pairs`, {
    name: 'Lacquer 50',
    kind: 'character',
    size: '5½',
    boughtOn: dayOf(-100),
    price: 120,
    uses: ['stage'],
    ...own
  });
  return { person, pair };
}
const card = (page: Page, name = 'Lacquer 50') => page.locator(`[data-pair="${name}"]`);

test.describe('on the tablet', () => {
  test.use({ viewport: { width: 820, height: 1180 } });
  test('wear is logged in one tap, once; a second on the same day is asked about; a tip is due, done on the line', async ({ page }) => {
    const { person, pair } = await withPair(page, 'Tilda Vesperlin');
    await open(page, `/people/${person}/pairs`);
    await card(page)
      .getByRole('button', { name: /^Worn today: 1 performance/ })
      .click();
    await expect(page.getByRole('status')).toContainText('Noted. Lacquer 50: 1 performance');
    await expect(card(page).locator('svg[role=img]')).toHaveAttribute('aria-label', /2\.5 h worn/);
    await card(page)
      .getByRole('button', { name: /^Worn today/ })
      .click();
    await expect(page.getByRole('alert')).toContainText('it counts once');
    await page.getByRole('button', { name: 'Once is right' }).click();
    await card(page)
      .getByRole('button', { name: /^Line, 1, of Lacquer 50/ })
      .click();
    await expect(card(page).getByRole('listitem')).toHaveCount(1);
    await page.request.post(`/api/v1/pairs/${pair}/life`, { data: { on: dayOf(0), what: 'checked', checks: { tip: 2 } } });
    await page.reload();
    const tip = card(page).locator('[data-due="tips"]');
    await expect(tip).toContainText('Tip marked 2 of 5');
    await tip.getByRole('button', { name: /^Why/ }).click();
    await expect(tip).toContainText('practice');
    await tip.getByRole('button', { name: /^New tips/ }).click();
    await expect(tip).toHaveCount(0);
    await expect(card(page).locator('svg[role=img]')).toHaveAttribute('aria-label', /new tips/);
  });
  test('what cannot be is told beside its field, and what was typed stays', async ({ page }) => {
    const { person } = await withPair(page, 'Tilda Morvane');
    await open(page, `/people/${person}/pairs`);
    await card(page).getByRole('button', { name: 'Note more on Lacquer 50' }).click();
    const form = page.locator('[data-note]');
    await form.getByLabel('On', { exact: true }).fill(dayOf(-300));
    await form.getByLabel('Note', { exact: true }).fill('rehearsal in the old hall');
    await form.getByRole('button', { name: 'Note it' }).click();
    await expect(page.getByRole('alert').first()).toContainText('before the day it was bought');
    await expect(form.getByLabel('Note', { exact: true })).toHaveValue('rehearsal in the old hall');
    await form.getByLabel('On', { exact: true }).fill(dayOf(-3));
    await form.getByRole('button', { name: 'Note it' }).click();
    await expect(form.getByLabel('Note', { exact: true })).toHaveValue('');
  });
  test('the daily look at feet that feel little: noted, and whom to call', async ({ page }) => {
    const { person } = await withPair(page, 'Ottavia Numbrel', {}, ['diabetic', 'numb']);
    await open(page, `/people/${person}/pairs?part=trouble`);
    const looks = page.locator('[data-looks]');
    await expect(looks).toContainText('Not looked at today yet');
    await expect(looks).toContainText('clinician');
    await looks.getByRole('checkbox', { name: 'a blister' }).check({ force: true });
    await expect(looks).toContainText('before the shoe is worn again');
    await looks.getByRole('button', { name: 'Note the look' }).click();
    await expect(looks).toContainText('The feet were looked at today');
  });
});

test('a return day is met from Today by keyboard, and gone', async ({ page }) => {
  const { person } = await withPair(page, 'Aurelio Zwindt', { boughtOn: dayOf(-6), returnBy: dayOf(1), name: 'Moonrise 70' });
  await open(page, '/');
  const item = page.locator('[data-due="return-day"]').filter({ hasText: 'Aurelio Zwindt' });
  await expect(item).toContainText('Moonrise 70');
  const done = item.getByRole('button', { name: /^Done: last day to send back/i });
  await done.focus();
  await page.keyboard.press('Enter');
  await expect(item).toHaveCount(0);
  await open(page, `/people/${person}/pairs`);
  await expect(card(page, 'Moonrise 70')).toBeVisible();
  await expect(page.locator('[data-due="return-day"]')).toHaveCount(0);
});

test('a pair by its label with a weekly habit; a run ahead tells by when to buy; turns and sizes', async ({ page }) => {
  const { person } = await withPair(page, 'Corrado Lunghetti');
  await open(page, `/people/${person}/pairs`);
  await page.getByRole('button', { name: 'Add a pair' }).click();
  const form = page.locator('[data-pair-form]');
  await form.getByLabel('Pair', { exact: true }).fill('lake trainers');
  await form.getByLabel('Kind').selectOption('running');
  await form.getByLabel('Size').fill('44');
  await form.getByLabel('Bought on').fill(dayOf(-120));
  await form.getByRole('button', { name: 'Add a weekly habit' }).click();
  await form.locator('[data-habit]').getByLabel('In', { exact: true }).selectOption('km');
  await form.locator('[data-habit]').getByLabel('A week').fill('35');
  await form.locator('[data-habit]').getByLabel('From').fill(dayOf(-112));
  await form.getByRole('button', { name: 'Keep the pair' }).click();
  await expect(card(page, 'lake trainers')).toContainText('left');
  await expect(card(page, 'lake trainers').locator('svg[role=img]')).toHaveAttribute('aria-label', /56\d km worn/);
  await page.getByRole('link', { name: /Turns and season/ }).click();
  await page.getByLabel('Called').fill('the lakeside run');
  await page.getByLabel('On', { exact: true }).fill(dayOf(40));
  await page.getByLabel('Worn', { exact: true }).selectOption('running');
  await page.getByLabel('Until then, a week, km').fill('35');
  await page.getByRole('button', { name: 'Add it' }).click();
  await expect(page.locator('[data-event="the lakeside run"]')).toContainText(/lake trainers ends.*before: buy by/);
  await page.getByRole('link', { name: 'Sizes and wishes' }).click();
  await expect(page.getByText('44')).toBeVisible();
});

test('a calendar address is given out, told once, and taken back', async ({ page }) => {
  await open(page, '/keeping?part=calendar');
  const name = `wall ${Date.now()}`;
  await page.getByLabel('For whose calendar').fill(name);
  await page.getByRole('button', { name: 'Give out an address' }).click();
  const address = (await page.locator('[data-address]').textContent())!;
  const path = new URL(address).pathname;
  const read = await page.request.get(path);
  expect(await read.text()).toContain('BEGIN:VCALENDAR');
  await page.getByRole('button', { name: `Take back: ${name}` }).click();
  await expect(page.getByText(name)).toHaveCount(0);
  expect((await page.request.get(path)).status()).toBe(404);
});

test('an answer is made, kept with who asked, and said again with one press', async ({ page }) => {
  await open(page, '/answers?kind=arrive');
  await page.getByLabel('Style', { exact: true }).selectOption('moonrise-70');
  await expect(page.getByRole('article', { name: /When your Moonrise 70 arrives/ })).toContainText('carpet');
  const who = `an oboe ${Date.now()}`;
  await page.getByLabel('Or somebody else').fill(who);
  await page.getByRole('button', { name: 'Keep as said' }).click();
  await expect(page.getByRole('status')).toContainText(`asked by ${who}`);
  const row = page.locator('[data-said]').filter({ hasText: who });
  await row.getByRole('button', { name: /^Say again/ }).click();
  await expect(row).toContainText('said 2 times');
  await expect(row.getByRole('article')).toContainText('carpet');
});

test('reminders are there to copy, lists to print, and costs by production', async ({ page }) => {
  await open(page, '/keeping?part=reminders');
  await expect(page.locator('[data-reminder]').first()).toContainText(/Dear \w+,/);
  await page.getByRole('link', { name: 'Costs' }).click();
  await expect(page.getByRole('table').first()).toContainText('operetta');
  await page.getByRole('link', { name: /^Due/ }).click();
  await page.emulateMedia({ media: 'print' });
  await expect(page.locator('[data-person]').first()).toBeVisible();
  await expect(page.getByRole('button', { name: 'Print the list' })).toBeHidden();
});
