/** Plans an occasion beside the page, telling how far it is; the newest question wins and stops the one before. */
import { planOccasion, type PlanAsked, type PlanEnd } from '@chiave/core/heel';
import type { Foot } from '@chiave/core/measure';
import { expose } from 'comlink';
import { stockPairs, type StockPair } from '../stock-pairs';
import { fetchStock } from './fetch-stock';

/** How long it goes on before it listens, ms. */
const BREATH_MS = 25;
let newest = 0;

/** @returns how it ended, or null where it was stopped or another was asked for meanwhile */
async function plan(asked: PlanAsked, tell: (done: number, of: number) => void): Promise<{ end: PlanEnd; tookMs: number } | null> {
  const own = ++newest;
  const started = performance.now();
  const job = planOccasion(asked);
  let heard = started;
  for (;;) {
    const { done, value } = job.next();
    if (done) return { end: value, tookMs: performance.now() - started };
    if (performance.now() - heard < BREATH_MS) continue;
    tell(value.done, value.of);
    await new Promise((resolve) => setTimeout(resolve, 0));
    if (own !== newest) return null;
    heard = performance.now();
  }
}

let newestFeet = 0;
let stock: ReturnType<typeof fetchStock> | undefined;
/** Heels of the stockroom that fit these feet. @returns null where a newer question came */
async function stocked(feet: readonly Foot[]): Promise<StockPair[] | null> {
  const own = ++newestFeet;
  // What failed is not kept: the next question asks again.
  const styles = await (stock ??= fetchStock().catch((error) => ((stock = undefined), Promise.reject(error))));
  const job = stockPairs(styles.values(), feet);
  for (let heard = performance.now(); ;) {
    const { done, value } = job.next();
    if (done) return value;
    if (performance.now() - heard < BREATH_MS) continue;
    await new Promise((resolve) => setTimeout(resolve, 0));
    if (own !== newestFeet) return null;
    heard = performance.now();
  }
}

const planner = { plan, stocked, stop: (): void => void newest++ };
export type Planner = typeof planner;
expose(planner);
