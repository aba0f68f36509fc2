import { collectDefaultMetrics, Counter, Gauge, Histogram, Registry } from 'prom-client';
import { ENGINE_VERSION } from '@chiave/core/fit';
import { poolNow } from '../db';
import { VERSION } from '../../version';

/** What this process did, for a program that watches it. Routes are named as they are written, never with a person's number. */
const registry = new Registry();
collectDefaultMetrics({ register: registry });
const SECONDS = [0.005, 0.01, 0.025, 0.05, 0.1, 0.15, 0.25, 0.5, 1, 2.5, 5, 10];
const requests = new Counter({ name: 'chiave_requests_total', help: 'requests answered', labelNames: ['method', 'route', 'status'], registers: [registry] });
const latency = new Histogram({ name: 'chiave_request_seconds', help: 'how long a request took', labelNames: ['method', 'route'], buckets: SECONDS, registers: [registry] }); // prettier-ignore
const jobs = new Histogram({ name: 'chiave_job_seconds', help: 'how long the engine and other heavy work took, waiting left out', labelNames: ['job', 'outcome'], buckets: SECONDS, registers: [registry] }); // prettier-ignore
const waited = new Histogram({ name: 'chiave_job_wait_seconds', help: 'how long heavy work waited for a thread', labelNames: ['job'], buckets: SECONDS, registers: [registry] }); // prettier-ignore
const turnedAway = new Counter({ name: 'chiave_jobs_refused_total', help: 'heavy work refused since too much waited', labelNames: ['pool'], registers: [registry] }); // prettier-ignore
new Gauge({ name: 'chiave_info', help: 'the version that runs, and the engine it answers by', labelNames: ['version', 'engine'], registers: [registry] }).set({ version: VERSION, engine: ENGINE_VERSION }, 1); // prettier-ignore
new Gauge({
  name: 'chiave_database_connections',
  help: 'connections of this process to the database',
  labelNames: ['state'],
  registers: [registry],
  collect() {
    const { size, available, using, waiting } = poolNow();
    for (const [state, n] of Object.entries({ all: size, idle: available, used: using, waited_for: waiting })) this.set({ state }, n);
  }
});
const waiting = new Map<string, () => number>();
new Gauge({
  name: 'chiave_jobs_waiting',
  help: 'heavy work that waits for a thread',
  labelNames: ['pool'],
  registers: [registry],
  collect() {
    for (const [pool, count] of waiting) this.set({ pool }, count());
  }
});

export function noteRequest(method: string, route: string, status: number, seconds: number): void {
  requests.inc({ method, route, status });
  latency.observe({ method, route }, seconds);
}
export function noteJob(job: string, outcome: 'done' | 'refused' | 'failed', seconds: number, waitSeconds: number): void {
  jobs.observe({ job, outcome }, seconds);
  waited.observe({ job }, Math.max(0, waitSeconds));
}
export const noteTurnedAway = (pool: string): void => turnedAway.inc({ pool });
/** Tells how much waits in a pool whenever it is asked. */
export const watchPool = (pool: string, count: () => number): void => void waiting.set(pool, count);
export const metricsText = (): Promise<string> => registry.metrics();
export const METRICS_TYPE = registry.contentType;
