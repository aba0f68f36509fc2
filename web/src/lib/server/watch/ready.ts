import { z } from 'zod';
import { select } from '../db';
import { diskTrouble } from '../disk';
import { VERSION } from '../../version';

const WAIT_MS = 2500;
/** Whether requests can be answered: asks the database for a row and the disk for room. */
async function readiness(): Promise<{ status: 'ok' | 'down'; database: string; disk: string; version: string }> {
  const disk = (await diskTrouble()) ?? 'ok';
  let database = 'ok';
  try {
    const late = new Promise<never>((_, reject) => setTimeout(() => reject(new Error('no answer in time')), WAIT_MS).unref());
    await Promise.race([select(z.unknown(), 'SELECT 1 FROM makers LIMIT 1'), late]);
  } catch (error) {
    database = error instanceof Error ? error.message.split('\n')[0] : 'unknown';
  }
  return { status: database === 'ok' && disk === 'ok' ? 'ok' : 'down', database, disk, version: VERSION };
}
/** The answer to whoever asks whether it is: 503 with the reason where it is not. */
export async function readyResponse(): Promise<Response> {
  const ready = await readiness();
  return Response.json(ready, { status: ready.status === 'ok' ? 200 : 503, headers: { 'cache-control': 'no-store' } });
}
