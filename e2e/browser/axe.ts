import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import type { Page } from '@playwright/test';

const axe = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');

/** What of a page somebody with other eyes or hands could not use, in words; empty where there is nothing serious. */
export async function axeViolations(page: Page): Promise<string[]> {
  // Playwright evaluates in the page's own world, so the content policy need not be opened for it.
  await page.evaluate(axe);
  return page.evaluate(async () => {
    const { violations } = await (
      window as unknown as {
        axe: { run: (options: object) => Promise<{ violations: { id: string; impact: string; nodes: { html: string; failureSummary: string }[] }[] }> };
      }
    ).axe.run({
      runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa']
    });
    return violations
      .filter((v) => ['serious', 'critical'].includes(v.impact))
      .map((v) => `${v.id}: ${v.nodes[0].html.slice(0, 160)} ${v.nodes[0].failureSummary.slice(0, 160)}`);
  });
}
