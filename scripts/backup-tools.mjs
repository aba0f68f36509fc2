import { readdirSync } from 'node:fs';
import { isAbsolute, join, resolve } from 'node:path';
import { makeFolder } from './files.mjs';
import { takeFolder } from './folder-lock.mjs';
import { startMariadb } from './mariadb.mjs';
import { fail } from './say.mjs';

const held = (folder, { pid, doing }) => fail(`Chiave is at work in ${folder} (${doing}, process ${pid}). Stop it first, then ask again. Nothing was changed.`);

/**
 * The database a backup is taken of or restored into: `DATABASE_URL`, or the private one, started for the time if need be.
 * @param alone nothing else may work on it meanwhile
 */
export async function databaseAt(root, { doing, alone = false }) {
  const folder = resolve(process.env.CHIAVE_DATA ?? join(root, '.data'));
  const own = !process.env.DATABASE_URL;
  makeFolder(folder);
  if (alone) {
    const { heldBy } = takeFolder(folder, doing);
    if (heldBy) held(folder, heldBy);
  }
  if (!own) return { url: process.env.DATABASE_URL, own, stop: async () => {} };
  const running = await startMariadb(folder, { onlyIfRunning: true });
  if (running) return { url: running.url, own, stop: async () => {} };
  if (!alone) {
    const { heldBy } = takeFolder(folder, doing);
    if (heldBy) held(folder, heldBy);
  }
  const started = await startMariadb(folder);
  return { url: started.url, own, stop: () => started.stop() };
}

/** A MariaDB address as the arguments and the environment of MariaDB's own commands; the password never stands on a command line. */
export function clientOf(url) {
  const { hostname, port, username, password, pathname } = new URL(url);
  return {
    args: ['--no-defaults', `--host=${hostname}`, `--port=${port || 3306}`, '--protocol=tcp', `--user=${decodeURIComponent(username)}`],
    env: { MYSQL_PWD: decodeURIComponent(password) },
    database: pathname.slice(1)
  };
}

/** A file named on the command line, from where the command was typed. */
export const fileAt = (name) => (isAbsolute(name) ? name : resolve(process.env.INIT_CWD ?? process.cwd(), name));

/** Where backups that are named by themselves lie: `BACKUP_FOLDER`, else beside the program. */
export const backupFolder = (root) => (process.env.BACKUP_FOLDER ? fileAt(process.env.BACKUP_FOLDER) : join(root, 'backups'));

/** Every step of the structure this version knows, in order. */
export const knownMigrations = (root) =>
  readdirSync(join(root, 'web/src/lib/server/db/migrations'))
    .filter((name) => name.endsWith('.ts'))
    .map((name) => name.replace(/\.ts$/, ''))
    .sort();
