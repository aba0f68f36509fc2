import { isAbsolute, join, resolve } from 'node:path';
import { startMariadb } from './mariadb.mjs';

/** The database a backup is taken of or restored into: `DATABASE_URL`, or the private one, started for the time if need be. */
export async function databaseAt(root) {
  if (process.env.DATABASE_URL) return { url: process.env.DATABASE_URL, stop: async () => {} };
  const folder = process.env.CHIAVE_DATA ?? join(root, '.data');
  const running = await startMariadb(folder, { onlyIfRunning: true });
  if (running) return { url: running.url, stop: async () => {} };
  const own = await startMariadb(folder);
  return { url: own.url, stop: () => own.stop() };
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
