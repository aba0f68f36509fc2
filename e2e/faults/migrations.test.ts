import { spawn } from 'node:child_process';
import { join } from 'node:path';
import type { Sequelize } from 'sequelize';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { connect } from '../../web/src/lib/server/db/connect';
import { MIGRATIONS, migrator } from '../../web/src/lib/server/db/migrate';
import { privateServer, root, type PrivateServer } from './private-server';
import { often } from './short';

/** A migration that is interrupted anywhere goes on at the next start and ends in the same structure. */
let server: PrivateServer;
beforeAll(() => void (server = privateServer('migrations')));
afterAll(() => server.stop());

const CHANGES = /^\s*(?:Executing[^:]*:\s*)?(CREATE|ALTER|DROP|INSERT|UPDATE|DELETE|RENAME)/i;

async function emptySchema(name: string): Promise<Sequelize> {
  await server.query(`DROP DATABASE IF EXISTS ${name}`);
  await server.query(`CREATE DATABASE ${name} CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci`);
  return connect(server.schema(name));
}

/** The connection dies before the n-th statement that changes anything. */
function dyingAfter(sequelize: Sequelize, n: number): { changes: () => number } {
  const query = sequelize.query.bind(sequelize);
  let changes = 0;
  sequelize.query = ((sql: string | { query: string }, options: object) => {
    if (CHANGES.test(typeof sql === 'string' ? sql : sql.query) && ++changes > n) return Promise.reject(new Error('the connection is gone'));
    return query(sql as string, options);
  }) as typeof sequelize.query;
  return { changes: () => changes };
}

async function structureOf(name: string): Promise<Record<string, string>> {
  const tables = await server.query('SELECT table_name AS t FROM information_schema.tables WHERE table_schema = ? ORDER BY t', [name]);
  const found: Record<string, string> = {};
  for (const { t } of tables) {
    const [row] = await server.query(`SHOW CREATE TABLE ${name}.${String(t)}`);
    found[String(t)] = String(row['Create Table']).replace(/ AUTO_INCREMENT=\d+/, '');
  }
  return found;
}

describe('migrations', () => {
  it('stopped before any statement of any of them, go on and end in the same structure', async () => {
    const whole = await emptySchema('chiave_whole');
    const counted = dyingAfter(whole, Infinity);
    await migrator(whole).up();
    await whole.close();
    const wanted = await structureOf('chiave_whole');
    const total = counted.changes();
    expect(total).toBeGreaterThan(MIGRATIONS.length * 2);
    for (let n = 0; n < total; n++) {
      const first = await emptySchema('chiave_broken');
      dyingAfter(first, n);
      await expect(migrator(first).up(), `stopped before statement ${n + 1}`).rejects.toThrow('the connection is gone');
      await first.close();
      const second = connect(server.schema('chiave_broken'));
      await migrator(second).up();
      expect(await migrator(second).pending(), `after statement ${n}`).toEqual([]);
      await second.close();
      expect(await structureOf('chiave_broken'), `after statement ${n}`).toEqual(wanted);
    }
  });

  it('and every one of them runs again over itself, up and down', async () => {
    const sequelize = await emptySchema('chiave_twice');
    await migrator(sequelize).up();
    const wanted = await structureOf('chiave_twice');
    await sequelize.query('DELETE FROM migrations');
    await migrator(sequelize).up();
    expect(await structureOf('chiave_twice')).toEqual(wanted);
    await migrator(sequelize).down({ to: 0 });
    expect(Object.keys(await structureOf('chiave_twice'))).toEqual(['migrations']);
    await migrator(sequelize).up();
    expect(await structureOf('chiave_twice')).toEqual(wanted);
    await sequelize.close();
  });

  it('a process killed at any moment of migrating and loading leaves a database that the next start finishes', async () => {
    const cli = (command: string, url: string) =>
      spawn(join(root, 'node_modules/.bin/tsx'), [join(root, 'web/src/lib/server/db/cli.ts'), command], {
        cwd: join(root, 'web'),
        env: { ...process.env, DATABASE_URL: url },
        detached: true,
        stdio: 'ignore'
      });
    const ends = (child: ReturnType<typeof cli>) => new Promise<number | null>((done) => child.once('exit', (code) => done(code)));
    const url = server.schema('chiave_killed');
    for (let turn = 0; turn < often(12, 3); turn++) {
      await (await emptySchema('chiave_killed')).close();
      for (const command of ['migrate', 'demo']) {
        const child = cli(command, url);
        const ended = ends(child);
        const after = 700 + Math.round(Math.random() * 900);
        await Promise.race([ended, new Promise((later) => setTimeout(later, after))]);
        if (child.exitCode === null) process.kill(-child.pid!, 'SIGKILL');
        await ended;
        expect(await ends(cli(command, url)), `${command} killed after ${after} ms`).toBe(0);
      }
      // Whoever has no name any more is found by no word.
      const [{ people, words }] = await server.query(
        'SELECT (SELECT COUNT(*) FROM chiave_killed.customers WHERE erased_at IS NULL) AS people, (SELECT COUNT(DISTINCT customer_id) FROM chiave_killed.customer_words) AS words'
      );
      expect(Number(people)).toBeGreaterThanOrEqual(15);
      expect(Number(words)).toBe(Number(people));
    }
  });
});
