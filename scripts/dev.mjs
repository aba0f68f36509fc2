/** `npm run dev`: the private MariaDB and Vite's development server with hot reload. */
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { prepareDatabase } from './database.mjs';
import { makeFolder } from './files.mjs';
import { takeFolder } from './folder-lock.mjs';
import { installCommands, installPackages } from './install.mjs';
import { startMariadb } from './mariadb.mjs';
import { start } from './run.mjs';
import { fail } from './say.mjs';

const root = resolve(dirname(fileURLToPath(import.meta.url)), '..');
const folder = resolve(process.env.CHIAVE_DATA ?? join(root, '.data'));
makeFolder(folder);
const { heldBy } = takeFolder(folder, 'development');
if (heldBy) fail(`Chiave is already at work in ${folder} (${heldBy.doing}). Stop it first (Ctrl-C there, or kill ${heldBy.pid}).`);
installPackages(root);
let mariadb = null;
let url = process.env.DATABASE_URL;
if (!url) {
  installCommands({ mariadbd: 'mariadb-server', 'mariadb-install-db': 'mariadb-server', mariadb: 'mariadb-client' });
  mariadb = await startMariadb(folder);
  url = mariadb.url;
}
prepareDatabase(root, url);
// Vite itself, not through npm: a signal to npm would not reach it.
const vite = start(process.execPath, ['node_modules/vite/bin/vite.js', 'dev', '--port', process.env.PORT ?? '5150', '--strictPort', '--host', '127.0.0.1'], {
  cwd: join(root, 'web'),
  env: { DATABASE_URL: url, HOST: '127.0.0.1' }
});
const stop = async () => {
  vite.kill('SIGTERM');
  await mariadb?.stop();
  process.exit(0);
};
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => void stop());
vite.once('exit', () => void stop());
