import { expect, test } from '@playwright/test';
import { open } from './open';

test.describe('the size rule', () => {
  test('a typed label answers with no further key, in every school', async ({ page }) => {
    await open(page, '/sizes');
    await page.getByLabel('A size or a length').fill('us w 7.5');
    await expect(page.locator('#rule-answer')).toContainText('US women 7.5 is a foot of 237.1 mm, from 234.9 mm to 239.2 mm');
    await expect(page.locator('[data-read="us-m-device"]')).toHaveText('6');
    const men = page.locator('[data-readings] tr', { hasText: 'US men' });
    await expect(men).toHaveCount(3);
    await page.getByLabel('A size or a length').fill("us w 7.5 in men's");
    await expect(page.locator('[data-readings] tr')).toHaveCount(3);
  });
  test('ambiguous input lists its meanings and moves nothing until one is chosen', async ({ page }) => {
    await open(page, '/sizes?q=7');
    const mark = page.getByRole('slider', { name: /free mark/ });
    await expect(mark).toHaveAttribute('aria-valuenow', '240');
    await page.getByRole('button', { name: /^UK 7/ }).click();
    await expect(page.getByRole('slider', { name: /size or length typed/ })).toHaveAttribute('aria-valuenow', '254');
  });
  test('by keyboard: arrows by a step, Shift by 0.1 mm, zoom, and snap', async ({ page }) => {
    await open(page, '/sizes?left=240');
    const mark = page.getByRole('slider', { name: /left foot/ });
    await mark.focus();
    await page.keyboard.press('ArrowRight');
    await expect(mark).toHaveAttribute('aria-valuenow', '241');
    await page.keyboard.press('Shift+ArrowLeft');
    await expect(mark).toHaveAttribute('aria-valuenow', '240.9');
    await page.keyboard.press('PageDown');
    await expect(mark).toHaveAttribute('aria-valuenow', '230.9');
    await page.getByLabel('Snap to').selectOption('eu');
    await mark.focus();
    await page.keyboard.press('ArrowRight');
    // The nearest continental tick a point further: 37 points less the allowance.
    const now = Number(await mark.getAttribute('aria-valuenow'));
    expect(Math.abs((now + 16.93) / 6.6667 - Math.round((now + 16.93) / 6.6667))).toBeLessThan(0.02);
  });
  test('by mouse: a mark is dragged, the rule slides, the wheel zooms', async ({ page }) => {
    await open(page, '/sizes?left=240');
    const mark = page.getByRole('slider', { name: /left foot/ });
    const box = (await mark.boundingBox())!;
    const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
    await page.mouse.move(x, y);
    await page.mouse.down();
    await page.mouse.move(x + 100, y, { steps: 10 });
    await page.mouse.up();
    const moved = Number(await mark.getAttribute('aria-valuenow'));
    expect(moved).toBeGreaterThan(243);
    const at = (await mark.boundingBox())!.x;
    const rule = page.getByRole('region', { name: 'The rule' });
    const area = (await rule.boundingBox())!;
    await page.mouse.move(area.x + 300, area.y + 200);
    await page.mouse.down();
    await page.mouse.move(area.x + 400, area.y + 200, { steps: 6 });
    await page.mouse.up();
    expect(Math.abs((await mark.boundingBox())!.x - at - 100)).toBeLessThan(4);
    expect(Number(await mark.getAttribute('aria-valuenow'))).toBe(moved);
    await page.mouse.wheel(0, 400);
    await expect.poll(async () => Math.abs((await mark.boundingBox())!.x - at - 100)).toBeGreaterThan(10);
  });
  test('two feet are read together, schools of one scale are told apart, and a mark stays where it was held', async ({ page }) => {
    await open(page, '/sizes?left=238&right=247');
    await expect(page.locator('[data-read="us-w-label"]')).toHaveText('7½ · 8½');
    await expect(page.locator('[data-strip="us-w"]')).toContainText('mm apart');
    await expect(page.locator('[data-strip="uk"]')).not.toContainText('mm apart');
    await expect(page.getByText(/Not along this part: US child\s+ends at/)).toBeVisible();
    const flag = page.getByRole('slider', { name: /left foot/ });
    const box = (await flag.boundingBox())!;
    // Pressed at the plate's edge and let go in place: nothing jumps.
    await page.mouse.move(box.x + 8, box.y + 12);
    await page.mouse.down();
    await page.mouse.up();
    expect(Math.abs(Number(await flag.getAttribute('aria-valuenow')) - 238)).toBeLessThanOrEqual(0.1);
    await page.getByRole('group', { name: 'Unit shown' }).getByRole('button', { name: 'cm' }).click();
    await expect(page.getByRole('region', { name: 'The rule' })).toContainText('23.5');
    await page.getByRole('group', { name: 'Unit shown' }).getByRole('button', { name: 'mm' }).click();
  });
  test('by touch: one finger drags a mark', async ({ browser }) => {
    const context = await browser.newContext({ hasTouch: true, viewport: { width: 820, height: 1180 } });
    const page = await context.newPage();
    await open(page, `${process.env.CHIAVE_URL ?? 'http://127.0.0.1:5150'}/sizes?left=240`);
    const mark = page.getByRole('slider', { name: /left foot/ });
    const box = (await mark.boundingBox())!;
    const client = await context.newCDPSession(page);
    const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
    const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', at?: number) =>
      client.send('Input.dispatchTouchEvent', { type, touchPoints: at === undefined ? [] : [{ x: at, y }] });
    await touch('touchStart', x);
    for (let i = 1; i <= 8; i++) await touch('touchMove', x - i * 10);
    await touch('touchEnd');
    expect(Number(await mark.getAttribute('aria-valuenow'))).toBeLessThan(237);
    await context.close();
  });
  test('strips are taken off, added, reordered, and stay for the shop', async ({ page }) => {
    await open(page, '/sizes');
    await page.getByRole('button', { name: 'Take UK child off the rule' }).click();
    await page.getByRole('button', { name: '+ Brazilian' }).click();
    await page.getByRole('button', { name: 'UK up', exact: true }).click();
    await expect(page.locator('[data-save]').first()).toHaveAttribute('data-save', 'saved');
    await page.reload();
    await expect(page.locator('[data-read="br-standard"]')).toBeVisible();
    await expect(page.locator('[data-read="uk-child-standard"]')).toHaveCount(0);
  });
  test('wrong input is answered in words with the allowed range', async ({ page }) => {
    await open(page, '/sizes');
    for (const [text, words] of [
      ['us w 75', /runs from 1 to 18/],
      ['eu 4', /runs from 15 to 52/],
      ['-3', /below nought/],
      ['us w 7.3', /7 or 7.5, not 7.3/]
    ] as const) {
      await page.getByLabel('A size or a length').fill(text);
      await expect(page.getByRole('alert')).toHaveText(words);
    }
  });
});

test('the quick box answers while typing on any page, lists what is ambiguous, and Enter lays it on the rule', async ({ page }) => {
  await open(page, '/people/1');
  const quick = page.getByRole('searchbox', { name: 'Quick size' });
  await quick.fill('39');
  await expect(page.locator('#quick-answer li')).toHaveCount(1);
  await quick.fill('7');
  await expect(page.getByText(/That may mean 8 things/)).toBeVisible();
  await quick.fill('245');
  await expect(page.locator('#quick-answer')).toContainText('foot of 245 mm');
  await quick.fill('10 4E');
  await expect(page.locator('#quick-answer')).toContainText('US men 10 EEEE');
  await expect(page.locator('#quick-answer')).not.toContainText('UK 10');
  await quick.fill('jp 24.5 EE');
  await expect(page.locator('#quick-answer')).toContainText('Japanese 24.5 EE');
  await quick.press('Enter');
  await expect(page).toHaveURL(/\/sizes\?q=jp/);
  await expect(page.locator('#rule-answer')).toContainText('245 mm');
});

test('the chain adds up, lines can be switched off, and the card carries only what counts', async ({ page }) => {
  await open(page, '/sizes/chain');
  await page.getByLabel('A size or a foot').fill('us w 7.5');
  await expect(page.locator('[data-answer]')).toHaveText('38');
  await page.getByRole('radio', { name: 'sport sock' }).check();
  await page.getByRole('radio', { name: 'running' }).check();
  await expect(page.locator('[data-answer]')).toHaveText('39');
  const sum = page.getByRole('img', { name: /for running: \+.*together:/ });
  await expect(sum).toBeVisible();
  await page.getByRole('checkbox', { name: 'for running counts' }).uncheck();
  await expect(page.getByRole('article', { name: /^Card: / })).not.toContainText('for running');
  await expect(sum).toHaveCount(0);
  await page.getByLabel('Into a shoe of the stockroom').selectOption('usher');
  await expect(page.getByText('How the last Fell runs')).toBeVisible();
  await expect(page.getByText(/plus-sizes are left out/)).toBeVisible();
  const pdf = page.waitForEvent('download');
  await page.getByRole('button', { name: 'PDF, A4' }).click();
  expect((await pdf).suggestedFilename()).toBe('answer.pdf');
});

test('between makers: known shoes make two feet with their doubt, an odd one is asked about, and a size in another last', async ({ page }) => {
  await open(page, '/sizes/between');
  await page.getByLabel('Size of shoe 1').fill('eu 42');
  await expect(page.locator('[data-guess]')).toHaveText(/^26\d\.\d mm$/);
  await expect(page.getByText(/^The (left|right) foot is about 26\d\.\d mm, give or take/)).toBeVisible();
  await expect(page.getByRole('img', { name: /continental 42: 26\d\.\d mm ± .*; the foot: 26/ })).toBeVisible();
  await expect(page.getByText(/A tape of the .+ would tell most\./)).toBeVisible();
  await page.getByLabel('The shoe asked about').selectOption('usher');
  await expect(page.locator('[data-there]')).toBeVisible();
  const send = page.getByRole('list', { name: 'What to send' }).getByRole('listitem');
  await expect(send).toHaveCount(3);
  await expect(send.nth(1)).toContainText(/two pairs\s*.+, .+: \d+ of 100, \d+ more; (not )?worth its way/);
  await page.getByLabel('A kept pair brings').fill('0');
  await expect(send.nth(0)).toContainText('not worth its way');
  await page.getByRole('button', { name: 'Another shoe' }).click();
  await page.getByLabel('Size of shoe 2').fill('8');
  await expect(page.getByText(/That may be .*say which scale/)).toBeVisible();
  await page.getByRole('combobox', { name: 'Shoe 2', exact: true }).selectOption('usher');
  await page.getByLabel('Size of shoe 2').fill('99');
  await expect(page.getByText(/Usher has no size|is not a size/)).toBeVisible();
  await page.getByLabel('Size of shoe 2').fill('42');
  const sd = async (): Promise<number> => Number(/± ([\d.]+)/.exec((await page.locator('h2', { has: page.locator('[data-guess]') }).textContent())!)![1]);
  await expect(page.locator('[data-known]')).toHaveCount(2);
  await expect.poll(sd).toBeLessThan(5);
  // Zone by zone: a girth that is felt speaks of the girth.
  const before = await page.getByRole('row', { name: /^ball girth/ }).textContent();
  await page.locator('[data-known]').nth(1).getByText('Zone by zone').click();
  await page.getByLabel('ball girth, left, shoe 2').selectOption('too tight');
  await expect.poll(() => page.getByRole('row', { name: /^ball girth/ }).textContent()).not.toBe(before);
  // A pair that speaks of another size is asked about, and a tape is its own bar.
  await page.getByRole('button', { name: 'Another shoe' }).click();
  await page.getByLabel('Size of shoe 3').fill('eu 35');
  await expect(page.getByText(/continental 35.*(nothing else says so|was it another size\?)/)).toBeVisible();
  await page.getByLabel('Take shoe 3 away').click();
  await page.getByLabel('Length, left, mm').fill('262');
  await page.getByLabel('Length, right, mm').fill('262');
  await expect(page.getByRole('img', { name: /the tape: 262/ })).toBeVisible();
});

test('what the shoes say is taken into a visit, each value marked as what it is', async ({ page }) => {
  const { id } = (await (await page.request.post('/api/v1/customers', { data: { name: 'Tessaly Bramwick', fitsAs: 'women', consent: true } })).json()) as {
    id: number;
  };
  expect(id).toBeGreaterThan(0);
  await open(page, '/sizes/between');
  await page.getByLabel('Size of shoe 1').fill('eu 40');
  await expect(page.locator('[data-guess]')).toHaveText(/^24\d\.\d mm$/);
  await page.getByRole('combobox', { name: 'Of whom' }).fill('Tessaly');
  await page.getByRole('list', { name: 'Of whom, found' }).getByRole('button', { name: 'Tessaly Bramwick' }).first().click();
  await page.getByRole('button', { name: 'Take these feet' }).click();
  await page.waitForURL(/\/fittings\/\d+\/measure/);
  const fitting = /fittings\/(\d+)/.exec(page.url())![1];
  const { feet } = await (await page.request.get(`/api/v1/fittings/${fitting}`)).json();
  expect(feet.left.lengthMm.how).toBe('worn');
  expect(feet.left.lengthMm.sdMm).toBeGreaterThan(2);
  expect(feet.right.instepGirthMm.how).toBe('worn');
});

test('insoles: the example is fitted, its odd rows are named, and it is kept as a habit', async ({ page }) => {
  await open(page, '/sizes/insoles');
  await page.getByRole('button', { name: 'Example: Hedger, a lace boot' }).click();
  await expect(page.locator('[data-step]')).toHaveText('8.44 mm');
  await expect(page.getByText(/^The last runs 0.86 sizes long against UK, give or take 0.18 \(estimate\); /)).toBeVisible();
  await expect(page.getByText(/length over the line by 1.9 mm/)).toBeVisible();
  await expect(page.getByText(/narrow part narrower than in size/)).toHaveCount(1);
  await page.getByLabel('The last').selectOption({ label: 'Teasel, Fenwhistle & Daughter' });
  await page.getByRole('button', { name: 'Keep as its habit, measured' }).click();
  await expect(page.getByRole('heading', { name: /Teasel, Fenwhistle/ })).toBeVisible();
  await page.getByLabel('Insole table').fill('7,26.5\neight,27\n9,28.4');
  await expect(page.getByText('Line 2: “eight” is not a size.')).toBeVisible();
  await expect(page.getByText(/at least three different sizes/)).toBeVisible();
  await page.getByRole('button', { name: 'remove' }).first().click();
});

test('many at once: what is read, what is not and why; cancelled in mid-work; noise is refused', async ({ page }) => {
  await open(page, '/sizes/many');
  const box = page.getByLabel('Sizes, one a line');
  await box.fill('us w 7.5\n"broken, row\n7\nus w 75\n25.4 cm');
  await page.getByRole('button', { name: 'Convert' }).click();
  await expect(page.locator('[data-report]')).toBeVisible();
  await box.fill('us w 7.5\nhello\n7\nus w 75\n25.4 cm');
  await page.getByRole('button', { name: 'Convert' }).click();
  await expect(page.locator('[data-report]')).toContainText('2 read, 3 could not be read');
  await expect(page.getByRole('img', { name: /^Feet by length along the rule: 1 from 2\d\d mm/ })).toBeVisible();
  await expect(page.getByText(/line 4.*runs from 1 to 18/)).toBeVisible();
  await page.getByLabel('A bare number is').selectOption('us-w');
  await page.getByRole('button', { name: 'Convert' }).click();
  await expect(page.locator('[data-report]')).toContainText('3 read, 2 could not be read');
  const csv = page.waitForEvent('download');
  await page.getByRole('button', { name: 'CSV', exact: true }).click();
  expect((await csv).suggestedFilename()).toBe('sizes.csv');
  await page.locator('input[type=file]').setInputFiles({ name: 'noise.csv', mimeType: 'text/csv', buffer: Buffer.alloc(10_000_000, 'x') });
  await expect(page.getByText(/noise.csv has 10.0 MB; at most 8 MB are read/)).toBeVisible();
  await page.locator('input[type=file]').setInputFiles({
    name: 'many.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(Array.from({ length: 60_000 }, (_, i) => `us w ${5 + (i % 12) / 2}`).join('\n'))
  });
  await page.getByRole('button', { name: 'Convert' }).click();
  await page.getByRole('button', { name: 'Cancel' }).click();
  await expect(page.getByText(/Stopped after \d+ rows/)).toBeVisible({ timeout: 20_000 });
});

test('charts and gauge: made from any scales, corrected by the check rulers, refused when they are off', async ({ page }) => {
  await open(page, '/sizes/charts');
  await expect(page.locator('[data-chart] tbody tr')).toHaveCount(15);
  const csv = page.waitForEvent('download');
  await page.getByRole('button', { name: 'CSV', exact: true }).click();
  expect((await csv).suggestedFilename()).toBe('sizes.csv');
  await page.getByLabel('The gauge reads').fill('250');
  await expect(page.locator('[data-corrected]')).toHaveText('250 mm');
  await page.getByLabel('Check ruler across measures, mm').fill('96');
  await page.getByLabel('Check ruler down measures, mm').fill('96');
  await expect(page.locator('[data-corrected]')).toHaveText('240 mm');
  await page.getByLabel('Check ruler down measures, mm').fill('80');
  await expect(page.getByText(/Print again at 100 %/)).toBeVisible();
});

test('widths: the letter of a foot, sister sizes, and one letter in two makers in millimetres', async ({ page }) => {
  await open(page, '/sizes/widths');
  await expect(page.getByRole('img', { name: /Width letters along the rule, this foot at 224 mm: US letters B/ })).toBeVisible();
  await expect(page.locator('[data-letters] tr', { hasText: 'US letters' })).toContainText('B');
  await page.getByLabel('Ball girth').fill('wide');
  await expect(page.getByRole('alert')).toContainText('Not a foot’s ball girth');
  await page.getByRole('combobox', { name: /^Scale/ }).selectOption('us-m');
  await page.getByLabel('Size of it').fill('9');
  await page.getByLabel('Letter', { exact: true }).fill('D');
  await expect(page.locator('[data-sisters]')).toContainText('8 E');
  await expect(page.locator('[data-sisters]')).toContainText('10 C');
  await page.getByLabel('Letter', { exact: true }).fill('Q');
  await expect(page.getByText(/no width “Q” in US letters; there are AAAA/)).toBeVisible();
  await expect(page.locator('[data-two] tr', { hasText: 'ball girth' })).toContainText('mm');
  await page.getByLabel('In size').first().fill('44');
  await expect(page.getByText(/Alderman has no size 44/)).toBeVisible();
});

test('a variant of a last is weighed by itself, and the chain asks which making is meant', async ({ page }) => {
  const { styles } = await (await page.request.get('/api/v1/styles')).json();
  const style = styles[0];
  const keep = async (report: object): Promise<number> =>
    (await (await page.request.post('/api/v1/habits', { data: { lastId: style.last.id, evidence: 'fitters', ...report } })).json()).id;
  const ids = [await keep({ offsetSizes: 0 }), await keep({ offsetSizes: -1, variant: 'wide', madeYear: 2021 })];
  await open(page, '/sizes/insoles');
  const making = page.locator(`[data-making="${style.last.id} wide, 2021"]`);
  await expect(making.getByRole('listitem')).toHaveCount(3);
  await expect(page.locator(`[data-making="${style.last.id} "]`).getByRole('listitem')).toHaveCount(2);
  await open(page, '/sizes/chain');
  await page.getByLabel('Into a shoe of the stockroom').selectOption(style.id);
  const sums = page.getByRole('table').first();
  const before = await sums.textContent();
  await page.getByLabel('Which making of the last').selectOption('wide, 2021');
  await expect(page.getByText('fitters, −1 sizes, wide, 2021.')).toBeVisible();
  expect(await sums.textContent()).not.toBe(before);
  for (const id of ids) await page.request.delete(`/api/v1/habits/${id}`);
});

test('a maker’s own scale: kept from one known size, read for a foot, refused in place, laid along the rule', async ({ page }) => {
  await open(page, '/sizes/makers');
  await page.getByLabel('Maker', { exact: false }).first().selectOption({ label: 'Mirtenza' });
  await page.getByLabel('Name of the scale').fill('runs large');
  await page.getByLabel('One size, mm').fill('long');
  await page.getByLabel('Known size').fill('38');
  await page.getByLabel('is for a foot of, mm').fill('243');
  await page.getByLabel('Smallest size').fill('35');
  await page.getByLabel('Largest size').fill('43');
  await page.getByRole('button', { name: 'Keep this scale' }).click();
  await expect(page.getByText('one size in mm')).toBeVisible();
  await page.getByLabel('One size, mm').fill('6 2/3');
  await page.getByRole('button', { name: 'Keep this scale' }).click();
  const kept = page.locator('[data-maker-scale]');
  await expect(kept).toContainText('38½');
  await expect(page.getByText(/^A foot of 245 mm takes 38½ in runs large/)).toBeVisible();
  await page.getByLabel('A foot, read in each').fill('230');
  await expect(page.getByText(/^A foot of 230 mm takes 36 in runs large/)).toBeVisible();
  await open(page, '/sizes');
  await page.getByRole('button', { name: '+ runs large' }).click();
  await expect(page.locator('[data-read^="maker-"]')).toHaveText('37½');
  await expect(page.locator('[data-readings]')).toContainText('maker’s own');
  // By its name everywhere a size is typed, and as a scale wherever one is chosen.
  await page.getByLabel('Quick size').fill('runs large 38');
  await expect(page.locator('#quick-answer')).toContainText('runs large 38 243 mm');
  await page.getByLabel('Quick size').fill('runs large 47');
  await expect(page.locator('#quick-answer')).toContainText('runs large runs from 35 to 43; 47 is outside it.');
  await page.getByLabel('Quick size').fill('');
  await open(page, '/sizes/chain');
  await page.getByLabel('A size or a foot').fill('24.3 cm');
  await page.getByLabel('Scale', { exact: true }).selectOption({ label: 'runs large' });
  await expect(page.locator('[data-answer]')).toHaveText('38');
  await open(page, '/sizes/charts');
  await page.getByRole('checkbox', { name: 'runs large' }).check();
  await expect(page.locator('[data-chart] thead')).toContainText('runs large');
  await open(page, '/sizes/many');
  await page.getByLabel('Sizes, one a line').fill('38\n39.5');
  await page.getByLabel('A bare number is').selectOption({ label: 'runs large' });
  await page.getByRole('button', { name: 'Convert' }).click();
  await expect(page.locator('[data-report]')).toContainText('2 read, 0 could not be read');
  await open(page, '/sizes/makers');
  await page.getByRole('button', { name: 'remove' }).click();
  await expect(kept).toHaveCount(0);
});
