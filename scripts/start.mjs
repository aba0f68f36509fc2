/** `npm start`: installs what is missing, starts the private MariaDB, migrates, loads the demo, builds and serves. */
import { mkdirSync, rmSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { buildWeb } from './build.mjs';
import { prepareDatabase } from './database.mjs';
import { installCommands, installPackages } from './install.mjs';
import { startMariadb } from './mariadb.mjs';
import { alive, clearLeftovers, noteRunning, noteStopped } from './running.mjs';
import { sleep } from './run.mjs';
import { serveWeb } from './serve.mjs';
import { done, fail, step } from './say.mjs';

const root = resolve(dirname(fileURLToPath(import.meta.url)), '..');
const folder = resolve(process.env.CHIAVE_DATA ?? join(root, '.data'));
const fresh = process.argv.includes('--fresh');
const host = process.env.HOST ?? '127.0.0.1';
const port = Number(process.env.PORT ?? 5150);
const LOOPBACK = ['127.0.0.1', 'localhost', '::1'];

if (Number(process.versions.node.split('.')[0]) < 20) fail(`Node ${process.versions.node} is too old: Chiave needs Node 20.19 or newer.`);
if (!Number.isInteger(port) || port < 1 || port > 65535) fail(`PORT=${process.env.PORT} is not a port: give a number from 1 to 65535.`);
if (!LOOPBACK.includes(host) && !process.env.SHOP_PASSCODE) {
  fail(`HOST=${host} opens the shop's records to the network. Set SHOP_PASSCODE as well:\n\n  HOST=${host} SHOP_PASSCODE='something long' npm start`);
}

let mariadb = null;
let server = null;
let stopping = false;
// A start that fails half-way must not leave its database behind.
process.on('exit', () => {
  if (!stopping && mariadb && alive(mariadb.pid)) process.kill(mariadb.pid, 'SIGTERM');
});

async function stop(code) {
  if (stopping) return;
  stopping = true;
  if (server && server.exitCode === null) {
    step('Stopping the application');
    const gone = new Promise((resolve) => server.once('exit', resolve));
    server.kill('SIGTERM');
    await Promise.race([gone, new Promise((resolve) => setTimeout(resolve, 5000))]);
    if (server.exitCode === null) server.kill('SIGKILL');
  }
  if (mariadb) {
    step('Stopping MariaDB');
    await mariadb.stop();
  }
  noteStopped(folder);
  process.exit(code);
}
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => void stop(0));

mkdirSync(folder, { recursive: true, mode: 0o700 });
await clearLeftovers(folder);
installPackages(root);

let url = process.env.DATABASE_URL;
if (url) {
  step('Using the MariaDB of DATABASE_URL');
  if (fresh) fail('--fresh would empty the database of DATABASE_URL. Empty it yourself, then start without --fresh.');
} else {
  installCommands({ mariadbd: 'mariadb-server', 'mariadb-install-db': 'mariadb-server', mariadb: 'mariadb-client' });
  if (fresh) {
    step('Beginning again with clean demo data');
    const old = await startMariadb(folder, { onlyIfRunning: true });
    await old?.stop();
    rmSync(join(folder, 'mariadb'), { recursive: true, force: true });
  }
  mariadb = await startMariadb(folder);
  url = mariadb.url;
}
prepareDatabase(root, url);
buildWeb(root);

step(`Serving on port ${port}`);
const served = await serveWeb(root, { folder, url, host, port });
server = served.child;
noteRunning(folder, { server: server.pid, address: served.address });
server.once('exit', (code) => {
  if (stopping) return;
  console.error(`The application ended by itself (code ${code}).`);
  void stop(1);
});

/** A database that was killed is started again; the application finds it on its old port. */
async function watchDatabase() {
  while (!stopping) {
    await sleep(1000);
    if (stopping || alive(mariadb.pid)) continue;
    step('MariaDB has gone away; starting it again');
    const again = await startMariadb(folder);
    if (again.url !== mariadb.url) fail('Its port has been taken meanwhile: start Chiave again. Nothing saved is lost.');
    mariadb = again;
  }
}
if (mariadb) void watchDatabase();

done(`Chiave is at ${served.address}   (Ctrl-C stops it)`);
