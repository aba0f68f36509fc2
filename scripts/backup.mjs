/**
 * `npm run backup [-- FILE]`: everything in the database as one compressed SQL file, taken at one moment while the
 * application goes on. It is written beside its place and moved there whole; nothing of it is ever shown.
 *
 *   --try          reads it into a throw-away server, takes a backup of that one too, and compares the two to the byte
 *   --to age1…     encrypts it to a public key: who holds the private one reads it, nobody else
 *   --keep 14      of the backups in its folder that were named by themselves, so many stay, the newest
 */
import { spawn } from 'node:child_process';
import { chmodSync, closeSync, createWriteStream, fsyncSync, openSync, readdirSync, renameSync, rmSync, statSync } from 'node:fs';
import { basename, dirname, join, resolve } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { fileURLToPath } from 'node:url';
import { createGzip } from 'node:zlib';
import { wrapped } from './backup-format.mjs';
import { backupFolder, clientOf, databaseAt, fileAt } from './backup-tools.mjs';
import { tried } from './backup-try.mjs';
import { makeFolder } from './files.mjs';
import { bareWord, flagged } from './flags.mjs';
import { installCommands } from './install.mjs';
import { alive } from './processes.mjs';
import { run } from './run.mjs';
import { ask, bareRefusal } from './scratch-schemas.mjs';
import { done, fail, inPlainWords, step } from './say.mjs';

inPlainWords();
const root = resolve(dirname(fileURLToPath(import.meta.url)), '..');
const stamp = new Date().toISOString().slice(0, 19).replaceAll(':', '-');
const words = process.argv.slice(2);
const recipient = flagged(words, '--to');
const keep = flagged(words, '--keep');
if (recipient !== null && !/^age1[0-9a-z]{50,70}$/.test(recipient)) fail('--to takes a public key of age: age1…, as age-keygen makes one.');
if (keep !== null && !/^[1-9]\d{0,3}$/.test(keep)) fail('--keep takes how many stay: --keep 14.');
const named = bareWord(words, ['--to', '--keep']);
const file = named ? fileAt(named) : join(backupFolder(root), `chiave-${stamp}.sql.gz${recipient ? '.age' : ''}`);
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
// Where the server keeps a log and tells where it stands, the backup can be taken on to any moment after it.
const logged = ask(url, 'SHOW MASTER STATUS;', { loud: false })?.length ? ['--master-data=2'] : [];
const dump = spawn(
  'mariadb-dump',
  // prettier-ignore
  [...args, '--single-transaction', ...logged, '--skip-dump-date', '--hex-blob', '--default-character-set=utf8mb4', '--max-allowed-packet=1G', database],
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
if (words.includes('--try')) {
  step('Trying it on a throw-away server');
  const trouble = await tried(root, part);
  if (trouble) {
    rmSync(part, { force: true });
    fail(`This backup would not bring everything back: ${trouble}. It was thrown away.`);
  }
}
if (recipient) {
  installCommands({ age: 'age' });
  const sealed = run('age', ['--encrypt', '--recipient', recipient, '--output', `${part}.age`, part], { silent: true });
  if (!sealed.ok) {
    for (const left of [part, `${part}.age`]) rmSync(left, { force: true });
    fail(`age did not encrypt it (${bareRefusal(sealed.error)}); nothing was written.`);
  }
  renameSync(`${part}.age`, part);
  chmodSync(part, 0o600);
}
const handle = openSync(part, 'r');
fsyncSync(handle);
closeSync(handle);
renameSync(part, file);
if (keep !== null) {
  const own = readdirSync(dirname(file)).filter((name) => /^chiave-[\dT-]+\.sql\.gz(\.age)?$/.test(name)).sort().reverse(); // prettier-ignore
  for (const old of own.slice(Number(keep))) rmSync(join(dirname(file), old), { force: true });
}
done(`${file}, ${Math.ceil(statSync(file).size / 1024)} kB${words.includes('--try') ? ', tried: it brings everything back' : ''}`);
