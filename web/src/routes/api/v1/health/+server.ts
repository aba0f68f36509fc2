import { z } from 'zod';
import { healthAnswer } from '$lib/api/answers';
import { asIs } from '$lib/server/endpoint';
import { diskTrouble } from '$lib/server/disk';
import { select } from '$lib/server/db';
import { VERSION } from '$lib/version';

const WAIT_MS = 2500;

/** Asks the database for a row and the disk for room; 503 with the reason when either fails. */
export const GET = asIs({ needs: 'open', summary: 'Whether the application and its database answer', answer: healthAnswer }, async (): Promise<Response> => {
  const headers = { 'cache-control': 'no-store' };
  const disk = (await diskTrouble()) ?? 'ok';
  let database = 'ok';
  try {
    const late = new Promise<never>((_, reject) => setTimeout(() => reject(new Error('no answer in time')), WAIT_MS).unref());
    await Promise.race([select(z.unknown(), 'SELECT 1 FROM makers LIMIT 1'), late]);
  } catch (error) {
    database = error instanceof Error ? error.message.split('\n')[0] : 'unknown';
  }
  const well = database === 'ok' && disk === 'ok';
  return Response.json({ status: well ? 'ok' : 'down', database, disk, version: VERSION }, { status: well ? 200 : 503, headers });
});
