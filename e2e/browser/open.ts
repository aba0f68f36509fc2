import { resolve } from 'node:path';
import { expect, type Page } from '@playwright/test';

export const root = resolve(import.meta.dirname, '../..');
/** The feet of a visit as the server has them. */
export const kept = async (page: Page, id: number) => (await (await page.request.get(`/api/v1/fittings/${id}`)).json()).feet;

/** Opens a new fitting for a new person through the API, as a start for a test of one step. */
export async function newFitting(page: Page, name: string, lengths?: [number, number]): Promise<number> {
  const customer = await (await page.request.post('/api/v1/customers', { data: { name, born: 1985 } })).json();
  const fitting = await (await page.request.post(`/api/v1/customers/${customer.id}/fittings`)).json();
  if (lengths) {
    const side = (mm: number) => ({
      lengthMm: { mm, typed: `${mm} mm` },
      ballGirthMm: { mm: Math.round(mm * 0.92), typed: `${Math.round(mm * 0.92)} mm` }
    });
    await page.request.put(`/api/v1/fittings/${fitting.id}/feet`, { data: { left: side(lengths[0]), right: side(lengths[1]) } });
  }
  return fitting.id as number;
}

/** Goes to a page and waits until it can be used. */
export async function open(page: Page, path: string): Promise<void> {
  await page.goto(path);
  await expect(page.locator('html[data-ready]')).toBeAttached();
}

export const savedNow = (page: Page) => expect(page.locator('[data-save]').first()).toHaveAttribute('data-save', 'saved');

/** Goes to a section of an opened shoe. */
export const section = (page: Page, name: RegExp): Promise<void> =>
  page.getByRole('navigation', { name: 'Sections of this shoe' }).getByRole('link', { name }).click();
