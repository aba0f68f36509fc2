import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { gunzipSync, gzipSync } from 'node:zlib';
import { afterAll, describe, expect, it } from 'vitest';

/** Backup and restore as the shop runs them, each on a database server of its own. */
const root = resolve(import.meta.dirname, '../..');
const scratch = mkdtempSync(join(tmpdir(), 'chiave-backup-'));
const at = (name: string) => join(scratch, name);
const env = (data: string) => ({ ...process.env, DATABASE_URL: '', CHIAVE_DATA: at(data) });
const run = (data: string, script: string, ...words: string[]) => {
  const { status, stdout, stderr } = spawnSync(process.execPath, [join(root, 'scripts', script), ...words], { cwd: root, env: env(data), encoding: 'utf8' });
  return { status, said: stdout + stderr };
};
const sqlOf = (file: string) => gunzipSync(readFileSync(at(file))).toString('utf8');

/** A filled database without the application: made, migrated, loaded, stopped again. */
function filled(data: string): void {
  const text = `import { startMariadb } from '${root}/scripts/mariadb.mjs';
    import { prepareDatabase } from '${root}/scripts/database.mjs';
    const db = await startMariadb('${at(data)}');
    prepareDatabase('${root}', db.url);
    await db.stop();`;
  const made = spawnSync(process.execPath, ['--input-type=module', '-e', text], { encoding: 'utf8', env: env(data) });
  expect(made.status, made.stderr).toBe(0);
}
afterAll(() => rmSync(scratch, { recursive: true, force: true }));

describe('backup and restore', () => {
  it('a backup read into an empty server is the same database, to the byte', () => {
    filled('first');
    const saved = run('first', 'backup.mjs', at('one.sql.gz'));
    expect(saved.status, saved.said).toBe(0);
    // Health data is for its owner only.
    expect(statSync(at('one.sql.gz')).mode & 0o077).toBe(0);
    expect(run('second', 'restore.mjs', at('one.sql.gz'))).toMatchObject({ status: 0 });
    expect(run('second', 'backup.mjs', at('two.sql.gz')).status).toBe(0);
    const [one, two] = [sqlOf('one.sql.gz'), sqlOf('two.sql.gz')];
    expect(one).toContain('Abel Quintavar');
    expect(one).toContain('INSERT INTO `foot_measures`');
    expect(two).toBe(one);
  });
  it('a database with content is replaced only when told so', () => {
    const refused = run('second', 'restore.mjs', at('one.sql.gz'));
    expect(refused).toMatchObject({ status: 1, said: expect.stringContaining('say --over') });
    expect(run('second', 'restore.mjs', at('one.sql.gz'), '--over').status).toBe(0);
  });
  it('a file that is missing, no backup or cut short changes nothing', () => {
    expect(run('second', 'restore.mjs', at('none.gz')).said).toContain('There is no file');
    writeFileSync(at('noise.gz'), 'noise');
    expect(run('second', 'restore.mjs', at('noise.gz')).said).toContain('no backup of Chiave');
    writeFileSync(at('short.gz'), gzipSync(sqlOf('one.sql.gz').slice(0, 4000)));
    expect(run('second', 'restore.mjs', at('short.gz'), '--over')).toMatchObject({ status: 1, said: expect.stringContaining('cut short') });
    expect(run('second', 'restore.mjs').said).toContain('Say which file');
    expect(run('second', 'backup.mjs', at('three.sql.gz')).status).toBe(0);
    expect(sqlOf('three.sql.gz')).toBe(sqlOf('one.sql.gz'));
  });
});
