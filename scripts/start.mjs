/** `npm start`: installs what is missing, starts the private MariaDB, migrates, loads the demo, builds and serves. */
import { rmSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { buildWeb } from './build.mjs';
import { accountsIn, prepareDatabase } from './database.mjs';
import { needRoom } from './disk.mjs';
import { makeFolder } from './files.mjs';
import { takeFolder } from './folder-lock.mjs';
import { installCommands, installPackages } from './install.mjs';
import { forever, logFolderOf, startMariadb } from './mariadb.mjs';
import { alive } from './processes.mjs';
import { BEGUN_BY_START, clearLeftovers, noteRunning, noteStopped, readRunning } from './running.mjs';
import { sleep, start } from './run.mjs';
import { addressOf, needPort, startWeb, untilServed } from './serve.mjs';
import { done, fail, inPlainWords, step } from './say.mjs';
import { dropScratch } from './scratch-schemas.mjs';

inPlainWords();
const root = resolve(dirname(fileURLToPath(import.meta.url)), '..');
const folder = resolve(process.env.CHIAVE_DATA ?? join(root, '.data'));
const fresh = process.argv.includes('--fresh');
const host = process.env.HOST ?? '127.0.0.1';
const port = Number(process.env.PORT ?? 5150);
const LOOPBACK = ['127.0.0.1', 'localhost', '::1'];

if (Number(process.versions.node.split('.')[0]) < 20) fail(`Node ${process.versions.node} is too old: Chiave needs Node 20.19 or newer.`);
if (!/^(off|([01]\d|2[0-3]):[0-5]\d)$/.test(process.env.BACKUP_AT ?? 'off')) fail(`BACKUP_AT=${process.env.BACKUP_AT} is no time: write 03:30, or off.`);
if (!Number.isInteger(port) || port < 1 || port > 65535) fail(`PORT=${process.env.PORT} is not a port: give a number from 1 to 65535.`);
let mariadb = null;
/** Process of a database that was begun and may not answer yet. */
let mariadbPid = 0;
let server = null;
let stopping = false;
// A start that fails half-way must leave neither its server nor its database behind.
process.on('exit', () => {
  if (stopping) return;
  for (const pid of [server?.pid, mariadb?.pid ?? mariadbPid]) if (pid && alive(pid)) process.kill(pid, 'SIGTERM');
});

/** How long a database that was only just begun may take to stop, ms. */
const BEGUN_STOPS_MS = 8000;

async function stop(code) {
  if (stopping) return;
  stopping = true;
  if (server && server.exitCode === null && server.signalCode === null) {
    step('Stopping the application');
    const gone = new Promise((resolve) => server.once('exit', resolve));
    server.kill('SIGTERM');
    await Promise.race([gone, new Promise((resolve) => setTimeout(resolve, 5000))]);
    if (server.exitCode === null && server.signalCode === null) server.kill('SIGKILL');
  }
  if (mariadb) {
    step('Stopping MariaDB');
    await mariadb.stop();
  } else if (mariadbPid && alive(mariadbPid)) {
    process.kill(mariadbPid, 'SIGTERM');
    for (const last = Date.now() + BEGUN_STOPS_MS; Date.now() < last && alive(mariadbPid);) await sleep(100);
    // One that has hung itself up at its start hears nothing, and holds nothing that is not on the disk.
    if (alive(mariadbPid)) process.kill(mariadbPid, 'SIGKILL');
    while (alive(mariadbPid)) await sleep(50);
  }
  noteStopped(folder);
  process.exit(code);
}
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => void stop(0));

makeFolder(folder);
needRoom(folder);
const { heldBy } = takeFolder(folder, 'serving');
if (heldBy) {
  const { start, address } = readRunning(folder) ?? {};
  const where = start === heldBy.pid && address ? `already running at ${address}` : `already at work in ${folder} (${heldBy.doing})`;
  fail(`Chiave is ${where}. Stop it first (Ctrl-C there, or kill ${heldBy.pid}).`);
}
await clearLeftovers(folder);
await needPort(host, port);
installPackages(root);

const onspawn = (pid) => (mariadbPid = pid);
const givenUp = () => stopping;
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
    for (const left of [join(folder, 'mariadb'), logFolderOf(folder)]) rmSync(left, { recursive: true, force: true });
  }
  const begun = await startMariadb(folder, { onspawn, givenUp });
  // Stopped meanwhile: what stops it knows of it already.
  if (stopping) await forever();
  mariadb = begun;
  url = mariadb.url;
  // What a restore that was killed left behind.
  dropScratch(url);
}
prepareDatabase(root, url);
if (!LOOPBACK.includes(host) && accountsIn(root, url) === 0) {
  const begin = 'npm run account -- add "Your name"';
  console.error(`\nHOST=${host} opens the shop's records to the network, and nobody has an account yet. Make the first one:\n\n  ${begin}\n`);
  await stop(1);
}
buildWeb(root);

/** A server that ends by itself so often in a minute will not be mended by starting it again. */
const MOST_CRASHES = 5;
const CRASHES_WITHIN_MS = 60_000;
const crashes = [];
const address = addressOf(host, port);

/** Starts the server, notes it before it answers, and starts it again when it ends by itself. */
function serve() {
  server = startWeb(root, { folder, url, host, port, env: BEGUN_BY_START });
  noteRunning(folder, { server: server.pid, address });
  const child = server;
  child.once('exit', async (code, signal) => {
    if (stopping || child !== server) return;
    crashes.push(Date.now());
    while (crashes[0] < Date.now() - CRASHES_WITHIN_MS) crashes.shift();
    console.error(`The application ended by itself (${signal ?? `code ${code}`}).`);
    if (!ready || crashes.length > MOST_CRASHES) {
      await stop(1);
      return;
    }
    step('Starting it again');
    await sleep(300 * crashes.length);
    if (!stopping) serve();
  });
  return child;
}
let ready = false;
step(`Serving on port ${port}`);
const trouble = await untilServed(serve(), address);
if (trouble && !stopping) {
  console.error(`\n${trouble}\n`);
  await stop(1);
}
ready = true;

/** A database that was killed is started again; the application finds it on its old port. */
async function watchDatabase() {
  while (!stopping) {
    await sleep(1000);
    if (stopping || alive(mariadb.pid)) continue;
    step('MariaDB has gone away; starting it again');
    const again = await startMariadb(folder, { onspawn, givenUp });
    if (again.url !== mariadb.url) fail('Its port has been taken meanwhile: start Chiave again. Nothing saved is lost.');
    mariadb = again;
  }
}
if (mariadb) void watchDatabase();

/** A backup each night, tried, beside the data: at BACKUP_AT, as 03:30; “off” leaves it to somebody else. */
const AT = process.env.BACKUP_AT ?? '03:30';
const KEPT_BACKUPS = process.env.BACKUP_KEEP ?? '14';
const MINUTE_MS = 60_000;
function backUpByNight() {
  const [hour, minute] = AT.split(':').map(Number);
  let last = '';
  setInterval(() => {
    const now = new Date();
    const day = now.toDateString();
    if (stopping || last === day || now.getHours() !== hour || now.getMinutes() !== minute) return;
    last = day;
    const to = process.env.BACKUP_TO ? ['--to', process.env.BACKUP_TO] : [];
    const child = start(process.execPath, [join(root, 'scripts/backup.mjs'), '--try', '--keep', KEPT_BACKUPS, ...to], {
      cwd: root,
      env: { DATABASE_URL: url, CHIAVE_DATA: folder }
    });
    child.once('exit', (code) => {
      if (code !== 0) console.error('The backup of tonight failed: see the lines above.');
      else mariadb?.turnLog();
    });
  }, MINUTE_MS / 2).unref();
}
if (AT !== 'off') backUpByNight();

done(`Chiave is at ${address}   (Ctrl-C stops it)`);
