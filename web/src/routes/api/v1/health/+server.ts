import { select } from '$lib/server/db';
import { VERSION } from '$lib/version';

const WAIT_MS = 2500;

/** Asks the database for a row; 503 with the reason when it does not answer. */
export const GET = async (): Promise<Response> => {
  const headers = { 'cache-control': 'no-store' };
  try {
    const late = new Promise<never>((_, reject) => setTimeout(() => reject(new Error('no answer in time')), WAIT_MS).unref());
    await Promise.race([select('SELECT COUNT(*) AS n FROM makers'), late]);
    return Response.json({ status: 'ok', database: 'ok', version: VERSION }, { headers });
  } catch (error) {
    const reason = error instanceof Error ? error.message.split('\n')[0] : 'unknown';
    return Response.json({ status: 'down', database: reason, version: VERSION }, { status: 503, headers });
  }
};
