import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { buildWeb } from './build.mjs';
import { prepareDatabase } from './database.mjs';
import { freePort, startMariadb } from './mariadb.mjs';
import { fail } from './say.mjs';
import { addressOf, startWeb, untilServed } from './serve.mjs';

/** The served build on a database of its own with clean demo data, thrown away at the end. */
export async function throwaway(root) {
  const folder = mkdtempSync(join(tmpdir(), 'chiave-throwaway-'));
  buildWeb(root);
  const mariadb = await startMariadb(folder);
  prepareDatabase(root, mariadb.url);
  const [host, port] = ['127.0.0.1', await freePort()];
  const child = startWeb(root, { folder, url: mariadb.url, host, port });
  const address = addressOf(host, port);
  const trouble = await untilServed(child, address);
  if (trouble) fail(trouble);
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
