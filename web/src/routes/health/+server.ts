import { VERSION } from '$lib/version';

/** For whatever restarts processes: this one is alive. It asks neither the database nor the disk, whose trouble no restart mends. */
export const GET = (): Response =>
  Response.json({ status: 'ok', version: VERSION, upSeconds: Math.round(process.uptime()) }, { headers: { 'cache-control': 'no-store' } });
