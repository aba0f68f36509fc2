/**
 * `npm run backup [-- FILE]`: everything in the database as one compressed SQL file, taken at one moment while the
 * application goes on.
 */
import { mkdirSync, statSync, writeFileSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { gzipSync } from 'node:zlib';
import { clientOf, databaseAt, fileAt } from './backup-tools.mjs';
import { run } from './run.mjs';
import { done, fail, step } from './say.mjs';

const root = resolve(dirname(fileURLToPath(import.meta.url)), '..');
const stamp = new Date().toISOString().slice(0, 19).replaceAll(':', '-');
const file = process.argv[2] ? fileAt(process.argv[2]) : join(root, 'backups', `chiave-${stamp}.sql.gz`);
const { url, stop } = await databaseAt(root);
const { args, env, database } = clientOf(url);
step('Backing up');
const dump = run('mariadb-dump', [...args, '--single-transaction', '--skip-dump-date', '--hex-blob', '--default-character-set=utf8mb4', database], {
  env,
  quiet: true
});
await stop();
if (!dump.ok || !dump.out.includes('-- Dump completed')) fail('mariadb-dump did not finish; nothing was written.');
mkdirSync(dirname(file), { recursive: true });
// Health data: for the owner's eyes only.
writeFileSync(file, gzipSync(dump.out), { mode: 0o600 });
done(`${file}, ${Math.ceil(statSync(file).size / 1024)} kB`);
