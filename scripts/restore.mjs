/**
 * `npm run restore -- FILE [--over]`: brings a backup back. Into an empty database without a word; over one with content only
 * when told `--over`, since what is there is then replaced.
 */
import { existsSync, readFileSync } from 'node:fs';
import { dirname, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { gunzipSync } from 'node:zlib';
import { clientOf, databaseAt, fileAt } from './backup-tools.mjs';
import { run } from './run.mjs';
import { done, fail, step } from './say.mjs';

const root = resolve(dirname(fileURLToPath(import.meta.url)), '..');
const words = process.argv.slice(2);
const name = words.find((w) => !w.startsWith('-'));
if (!name) fail('Say which file: npm run restore -- backups/chiave-….sql.gz');
const file = fileAt(name);
if (!existsSync(file)) fail(`There is no file ${file}.`);
let sql;
try {
  sql = gunzipSync(readFileSync(file)).toString('utf8');
} catch {
  fail(`${file} is no backup of Chiave: it does not unpack.`);
}
if (!sql.includes('-- Dump completed')) fail(`${file} is cut short: its last line is missing. Nothing was changed.`);

const { url, stop } = await databaseAt(root);
const { args, env, database } = clientOf(url);
const ask = (text) => run('mariadb', [...args, '--batch', '--skip-column-names', '--default-character-set=utf8mb4'], { env, quiet: true, input: text });
step('Restoring');
const tables = ask(`SELECT COUNT(*) FROM information_schema.tables WHERE table_schema = '${database}';`);
if (!tables.ok) fail('The database does not answer.');
if (Number(tables.out.trim()) > 0 && !words.includes('--over')) {
  await stop();
  fail('The database has content. Stop the application, then say --over to replace it by the backup.');
}
const made = ask(
  `DROP DATABASE IF EXISTS \`${database}\`; CREATE DATABASE \`${database}\` CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci; USE \`${database}\`;\n${sql}`
);
await stop();
if (!made.ok) fail('The backup could not be read in; the lines above say why.');
done(`${file} is back`);
