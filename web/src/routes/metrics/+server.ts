import { METRICS_TYPE, metricsText } from '$lib/server/watch/metrics';

/** What this process did, for a program that watches it: behind a token that may “watch”. */
export const GET = async (): Promise<Response> => new Response(await metricsText(), { headers: { 'content-type': METRICS_TYPE, 'cache-control': 'no-store' } });
