/**
 * `npm run backup [-- FILE]`: everything in the database as one compressed SQL file, taken at one moment while the
 * application goes on. It is written beside its place and moved there whole; nothing of it is ever shown.
 */
import { spawn } from 'node:child_process';
import { closeSync, createWriteStream, fsyncSync, openSync, readdirSync, renameSync, rmSync, statSync } from 'node:fs';
import { basename, dirname, join, resolve } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { fileURLToPath } from 'node:url';
import { createGzip } from 'node:zlib';
import { wrapped } from './backup-format.mjs';
import { clientOf, databaseAt, fileAt } from './backup-tools.mjs';
import { makeFolder } from './files.mjs';
import { alive } from './processes.mjs';
import { ask, bareRefusal } from './scratch-schemas.mjs';
import { done, fail, inPlainWords, step } from './say.mjs';

inPlainWords();
const root = resolve(dirname(fileURLToPath(import.meta.url)), '..');
const stamp = new Date().toISOString().slice(0, 19).replaceAll(':', '-');
const file = process.argv[2] ? fileAt(process.argv[2]) : join(root, 'backups', `chiave-${stamp}.sql.gz`);
const part = `${file}.${process.pid}.part`;
makeFolder(dirname(file));
// What a backup that was killed left behind.
for (const name of readdirSync(dirname(file))) {
  const [, pid] = /\.(\d+)\.part$/.exec(name) ?? [];
  if (pid && name.startsWith(basename(file).slice(0, 6)) && !alive(Number(pid))) rmSync(join(dirname(file), name), { force: true });
}

const { url, stop } = await databaseAt(root, { doing: 'backing up' });
const { args, env, database } = clientOf(url);
step('Backing up');
const migrations = ask(url, `SELECT name FROM ${database}.migrations ORDER BY name;`);
if (!migrations?.length) {
  await stop();
  fail('There is nothing to back up: the database has not been set up. Run npm start once.');
}
const dump = spawn(
  'mariadb-dump',
  [...args, '--single-transaction', '--skip-dump-date', '--hex-blob', '--default-character-set=utf8mb4', '--max-allowed-packet=1G', database],
  { env: { ...process.env, ...env }, stdio: ['ignore', 'pipe', 'pipe'] }
);
let said = '';
dump.stderr.on('data', (chunk) => (said = (said + chunk).slice(-2000)));
const ended = new Promise((end) => dump.once('close', end));
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'])
  process.on(signal, () => {
    rmSync(part, { force: true });
    dump.kill();
    process.exit(1);
  });
try {
  await pipeline(
    dump.stdout,
    wrapped(migrations.map(([name]) => name)),
    createGzip(),
    // Health data: for the owner's eyes only.
    createWriteStream(part, { mode: 0o600 })
  );
  if ((await ended) !== 0) throw new Error(bareRefusal(said));
} catch (error) {
  rmSync(part, { force: true });
  dump.kill();
  await stop();
  if (error.code) throw error;
  fail(`mariadb-dump did not finish (${error.message}); nothing was written.`);
}
await stop();
const handle = openSync(part, 'r');
fsyncSync(handle);
closeSync(handle);
renameSync(part, file);
done(`${file}, ${Math.ceil(statSync(file).size / 1024)} kB`);
