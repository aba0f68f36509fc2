import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import mariadb from 'mariadb';

export const root = resolve(import.meta.dirname, '../..');

/** Runs a few lines of Node beside the scripts of the project. */
export function node(text: string, env: Record<string, string> = {}): string {
  const made = spawnSync(process.execPath, ['--input-type=module', '-e', text], { encoding: 'utf8', env: { ...process.env, DATABASE_URL: '', ...env } });
  if (made.status !== 0) throw new Error(made.stdout + made.stderr);
  return made.stdout;
}

export interface PrivateServer {
  folder: string;
  url: string;
  pid: () => number;
  /** The same address with another schema. */
  schema: (name: string) => string;
  query: (sql: string, values?: unknown[]) => Promise<Record<string, unknown>[]>;
  /** Starts it again after it was killed. */
  again: () => void;
  stop: () => Promise<void>;
}

/** A MariaDB of its own in a folder that is thrown away, with an empty database. */
export function privateServer(name: string): PrivateServer {
  const folder = mkdtempSync(join(tmpdir(), `chiave-${name}-`));
  const begin = (): string =>
    /url:(\S+)/.exec(
      node(`import { startMariadb } from '${root}/scripts/mariadb.mjs'; const db = await startMariadb('${folder}'); console.log('url:' + db.url);`)
    )![1];
  let url = begin();
  return {
    folder,
    get url() {
      return url;
    },
    pid: () => Number(readFileSync(join(folder, 'mariadb.pid'), 'utf8')),
    schema: (schema) => url.replace(/\/[^/]*$/, `/${schema}`),
    // A connection each time: one that stays open would be another program at work on the database.
    query: async (sql, values = []) => {
      const connection = await mariadb.createConnection(url);
      try {
        return (await connection.query(sql, values)) as Record<string, unknown>[];
      } finally {
        await connection.end();
      }
    },
    again: () => void (url = begin()),
    stop: async () => {
      node(`import { startMariadb } from '${root}/scripts/mariadb.mjs'; await (await startMariadb('${folder}', { onlyIfRunning: true }))?.stop();`);
      rmSync(folder, { recursive: true, force: true });
    }
  };
}
