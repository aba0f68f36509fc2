/**
 * `npm run restore -- [FILE] [--at MOMENT] [--over] [--key FILE] [--logs FOLDER]`: brings a backup back. Into an empty database without a
 * word; over one with content only when told `--over`. It is read through first, then read in beside what is there, then put in its place in one step: whatever
 * happens meanwhile, the database is the old one or the new one, whole. `--key` names the private key of one that is encrypted.
 * `--at "2026-11-20 15:00"` brings back what stood at that second: the backup named, or the newest from before it among the backups, is
 * taken on by the log of what was written since; `--logs FOLDER` says where that lies when it is not the data folder's own.
 * Everybody signs in anew afterwards; `--as-is` leaves that out, for trying a backup.
 */
import { spawn } from 'node:child_process';
import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { readThrough } from './backup-read.mjs';
import { backupFolder, clientOf, databaseAt, fileAt, knownMigrations } from './backup-tools.mjs';
import { needRoom } from './disk.mjs';
import { bareWord, flagged } from './flags.mjs';
import { installCommands } from './install.mjs';
import { logFolderOf } from './mariadb.mjs';
import { run } from './run.mjs';
import { ask, bareRefusal, dropScratch, scratchOf, tablesOf } from './scratch-schemas.mjs';
import { done, fail, inPlainWords, step } from './say.mjs';
import { momentOf, newestBefore, takenOn } from './take-on.mjs';

inPlainWords();
const root = resolve(dirname(fileURLToPath(import.meta.url)), '..');
const words = process.argv.slice(2);
const VALUED = ['--key', '--at', '--logs'];
const [keyFile, moment, logs] = VALUED.map((flag) => flagged(words, flag));
const key = keyFile === null ? null : fileAt(keyFile);
const at = moment === null ? null : momentOf(moment);
const data = resolve(process.env.CHIAVE_DATA ?? join(root, '.data'));
const name = bareWord(words, VALUED);
if (!name && !at) fail('Say which file: npm run restore -- backups/chiave-….sql.gz; or which moment: npm run restore -- --at "2026-11-20 15:00"');
const backups = backupFolder(root);
let file = name ? fileAt(name) : newestBefore(backups, at);
if (!file) fail(`There is no backup in ${backups} from before that moment. Name one that is elsewhere.`);
if (!existsSync(file)) fail(`There is no file ${file}.`);
if (file.endsWith('.age')) {
  if (!key) fail(`${file} is encrypted: say who reads it, --key KEYFILE.`);
  if (!existsSync(key)) fail(`There is no key file ${key}.`);
  installCommands({ age: 'age' });
  const folder = mkdtempSync(join(tmpdir(), 'chiave-opened-'));
  process.on('exit', () => rmSync(folder, { recursive: true, force: true }));
  const opened = join(folder, 'opened.sql.gz');
  const read = run('age', ['--decrypt', '--identity', key, '--output', opened, file], { silent: true });
  if (!read.ok) fail(`${file} does not open with this key. Nothing was changed.`);
  file = opened;
}

step('Reading the backup through');
let first;
try {
  first = await readThrough(file);
} catch (error) {
  fail(`${file} is no backup of Chiave: ${error.message}. Nothing was changed.`);
}
if (at) {
  const { from } = first.scan;
  if (!from) fail(`${file} does not say where the log goes on from it: it can be restored as it is, and not taken on. Nothing was changed.`);
  if (new Date(from.taken) > at) fail(`${file} was taken at ${from.taken}, after that moment. Name an earlier one. Nothing was changed.`);
  file = await takenOn(root, file, from, at, logs === null ? logFolderOf(data) : fileAt(logs));
  first = await readThrough(file);
}
const known = knownMigrations(root);
const unknown = (names) => names.find((m, i) => m !== known[i]);
const { migrations, tables } = first.scan;
const newer = migrations && unknown(migrations);
if (newer) fail(`${file} was written by another version of Chiave: it has the step ${newer}, which this one does not know. Nothing was changed.`);
if (!tables.has('migrations') || !tables.has('customers')) fail(`${file} is no backup of Chiave: its tables are others. Nothing was changed.`);

const { url, own, stop } = await databaseAt(root, { doing: 'restoring a backup', alone: true });
const { args, env, database } = clientOf(url);
const { incoming, outgoing } = scratchOf(database);
if (own) needRoom(data);
const refuse = async (text) => {
  ask(url, `DROP DATABASE IF EXISTS \`${incoming}\`;`, { loud: false });
  await stop();
  fail(text);
};
const others = ask(url, `SELECT COUNT(*) FROM information_schema.processlist WHERE db = '${database}' AND id <> CONNECTION_ID();`);
if (!others) await refuse('The database does not answer.');
if (Number(others[0][0]) > 0) await refuse(`Another program is connected to ${database}: stop the application first. Nothing was changed.`);
const there = tablesOf(url, database);
if (there.length > 0 && !words.includes('--over')) {
  await refuse('The database has content. Stop the application, then say --over to replace it by the backup.');
}
dropScratch(url);

step('Reading it in beside what is there');
if (!ask(url, `CREATE DATABASE \`${incoming}\` CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;`))
  await refuse(`The user of the database may not make ${incoming}, where the backup is read in. Grant it, then ask again. Nothing was changed.`);
// Binary mode: the client takes nothing in the file for a command of its own.
const client = spawn('mariadb', [...args, '--binary-mode', '--default-character-set=utf8mb4', '--max-allowed-packet=1G', incoming], {
  env: { ...process.env, ...env },
  stdio: ['pipe', 'ignore', 'pipe']
});
let said = '';
client.stderr.on('data', (chunk) => (said = (said + chunk).slice(-4000)));
const ended = new Promise((end) => client.once('close', end));
let second;
try {
  second = await readThrough(file, client.stdin);
  if ((await ended) !== 0) throw new Error('refused');
} catch {
  await ended;
  await refuse(`The backup could not be read in: ${bareRefusal(said)}. Nothing was changed.`);
}
const came = tablesOf(url, incoming);
const names = (ask(url, `SELECT name FROM \`${incoming}\`.migrations ORDER BY name;`) ?? []).map(([m]) => m);
const strange = names.length === 0 ? 'none' : unknown(names);
if (second.sum !== first.sum || came.join() !== [...tables].sort().join() || strange || (migrations && names.join() !== migrations.join())) {
  await refuse(`${file} is no whole backup of a version that is known. Nothing was changed.`);
}

// Who was signed out since must not be signed in again by an old backup.
if (came.includes('sessions') && !words.includes('--as-is') && !ask(url, `DELETE FROM \`${incoming}\`.sessions;`))
  await refuse('Its sessions could not be ended. Nothing was changed.');

step('Putting it in its place');
// One statement, which MariaDB does whole or not at all, also when it is killed in the middle of it.
const moves = [
  ...there.map((t) => `\`${database}\`.\`${t}\` TO \`${outgoing}\`.\`${t}\``),
  ...came.map((t) => `\`${incoming}\`.\`${t}\` TO \`${database}\`.\`${t}\``)
];
const moved = ask(
  url,
  `CREATE DATABASE IF NOT EXISTS \`${outgoing}\` CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci; SET FOREIGN_KEY_CHECKS=0; RENAME TABLE ${moves.join(', ')};`
);
if (!moved) await refuse('The backup could not be put in its place; what was there is there still.');
dropScratch(url);
await stop();
done(at ? `everything is as it was at ${at.toLocaleString('sv')}` : `${file} is back`);
