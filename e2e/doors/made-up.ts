import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { HANGS_MS, operationsOf, requestsOf, sendMadeUp, told } from '../faults/requests';
import { often } from '../faults/short';
import { as, ask, type Role } from './hands';

/** Requests made up from the API document by each of those who sign in: a role opens what nobody else reaches. */
const EACH = often(2500, 60);
describe('requests made up', () => {
  for (const role of ['reader', 'apprentice', 'fitter', 'owner'] as const satisfies readonly Role[])
    it(`by the ${role} are answered below 500, and none hangs`, { timeout: 1_800_000 }, async () => {
      let cookie = await as(role);
      const document = (await ask('GET', '/openapi.json', { cookie })).body;
      // An owner would close the accounts of the others, and change what the next one signs in by.
      const operations = operationsOf(document).filter((o) => !o.path.startsWith('/accounts') && !o.path.startsWith('/me/'));
      const counted: Record<number, number> = {};
      let longestMs = 0;
      await fc.assert(
        fc.asyncProperty(requestsOf(operations, document.components.schemas), async (made) => {
          const started = performance.now();
          const { status, text, cookie: fresh } = await sendMadeUp(made, { cookie });
          longestMs = Math.max(longestMs, performance.now() - started);
          cookie = fresh || cookie;
          counted[status] = (counted[status] ?? 0) + 1;
          expect(status, `${told(made)}: ${text.slice(0, 200)}`).toBeLessThan(500);
          // Signed out by one of them.
          if (status === 401 || made.operation.path === '/leave') cookie = await as(role);
        }),
        { numRuns: EACH, endOnFailure: true }
      );
      console.log(`${EACH} requests by the ${role}: ${JSON.stringify(counted)}; the longest ${longestMs.toFixed(0)} ms`);
      expect(counted[200] ?? 0).toBeGreaterThan(EACH / 30);
      expect(longestMs).toBeLessThan(HANGS_MS);
    });
});
