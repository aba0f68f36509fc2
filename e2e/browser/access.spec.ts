import { expect, test } from '@playwright/test';
import { axeViolations } from './axe';
import { newFitting, open } from './open';

const VIEWS = [
  '/',
  '/people',
  '/guide',
  '/people/1',
  '/api/v1/docs',
  '/sizes?left=238&right=239&q=us%20w%207.5',
  '/sizes/widths',
  '/sizes/makers',
  '/sizes/chain',
  '/sizes/between',
  '/stock/truth',
  '/stock/learned',
  '/sizes/insoles',
  '/sizes/many',
  '/sizes/charts',
  '/enter',
  '/stock',
  '/stock/styles/alderman',
  '/stock/lasts',
  '/stock/lasts/teasel',
  '/stock/bench?person=1',
  '/stock/heel?person=1',
  '/stock/occasion',
  '/stock/toes',
  ...['first', 'floors', 'gait', 'device', 'closet'].map((part) => `/stock/use?person=5&part=${part}`),
  '/stock/use/card',
  ...['bench', 'pull', 'barre', 'life', 'slippers'].map((part) => `/stock/pointe?person=1&part=${part}`),
  ...['pairs', 'turns', 'wishes', 'trouble', 'answers'].map((part) => `/people/6/pairs?part=${part}`),
  '/people/9/care/17',
  ...['due', 'reminders', 'calendar', 'costs'].map((part) => `/keeping?part=${part}`),
  '/answers',
  '/accounts',
  '/people/unseen',
  '/people/6/kept',
  '/stock/pointe/models',
  '/stock/matrix',
  '/stock/files',
  '/stock/targets',
  ...['ask', 'look', 'measure', 'trace', 'scan', 'sizes', 'pull', 'post', 'try', 'keep'].map((s) => `fitting/${s}`),
  'fitting/shoe/moonrise-70?size=39&width=medium',
  'fitting/shoe/moonrise-95?size=38.5&width=medium&part=heel',
  'fitting/shoe/moonrise-70?size=39&width=medium&part=helps',
  'fitting/shoe/moonrise-70?size=39&width=medium&part=why'
];

for (const view of VIEWS) {
  test(`${view} has no serious accessibility violation, and nothing wider than the tablet`, async ({ page }) => {
    const id = await newFitting(page, 'Accessible', [240, 241]);
    await page.request.post(`/api/v1/fittings/${id}/tries`, { data: { styleId: 'lakeside-50', size: '38.5', width: 'medium' } });
    await page.setViewportSize({ width: 820, height: 1180 });
    await open(page, view.startsWith('fitting/') ? `/fittings/${id}/${view.slice('fitting/'.length)}` : view);
    if (view.endsWith('/pull')) await expect(page.locator('[data-candidate]').first()).toBeVisible({ timeout: 30_000 });
    if (view.includes('part=pull')) await expect(page.locator('[data-pointe]').first()).toBeVisible({ timeout: 30_000 });
    if (view.includes('shoe')) await expect(page.locator('[data-section]')).toBeVisible({ timeout: 20_000 });
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(820);
    expect(await axeViolations(page)).toEqual([]);
  });
}
