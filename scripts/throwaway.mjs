import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { buildWeb } from './build.mjs';
import { prepareDatabase } from './database.mjs';
import { freePort, startMariadb } from './mariadb.mjs';
import { serveWeb } from './serve.mjs';

/** The served build on a database of its own with clean demo data, thrown away at the end. */
export async function throwaway(root) {
  const folder = mkdtempSync(join(tmpdir(), 'chiave-throwaway-'));
  buildWeb(root);
  const mariadb = await startMariadb(folder);
  prepareDatabase(root, mariadb.url);
  const { child, address } = await serveWeb(root, { folder, url: mariadb.url, host: '127.0.0.1', port: await freePort() });
  return {
    address,
    url: mariadb.url,
    async stop() {
      child.kill('SIGTERM');
      await mariadb.stop();
      rmSync(folder, { recursive: true, force: true });
    }
  };
}
