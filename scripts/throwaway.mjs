import { mkdtempSync, openSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { buildWeb } from './build.mjs';
import { prepareDatabase } from './database.mjs';
import { freePort, startMariadb } from './mariadb.mjs';
import { fail } from './say.mjs';
import { addressOf, startWeb, untilServed } from './serve.mjs';

/**
 * The served build on a database of its own with clean demo data, thrown away at the end.
 * @param log file that takes what the application says, every request too; none where it says little, to ours
 */
export async function throwaway(root, { log } = {}) {
  const folder = mkdtempSync(join(tmpdir(), 'chiave-throwaway-'));
  buildWeb(root);
  const mariadb = await startMariadb(folder);
  prepareDatabase(root, mariadb.url);
  const [host, port] = ['127.0.0.1', await freePort()];
  const out = log && openSync(log, 'a');
  const told = log ? { stdio: ['ignore', out, out], env: { LOG_LEVEL: 'info' } } : {};
  const child = startWeb(root, { folder, url: mariadb.url, host, port, ...told });
  const address = addressOf(host, port);
  const trouble = await untilServed(child, address);
  if (trouble) fail(trouble);
  return {
    address,
    folder,
    url: mariadb.url,
    async stop() {
      child.kill('SIGTERM');
      await mariadb.stop();
      rmSync(folder, { recursive: true, force: true });
    }
  };
}
