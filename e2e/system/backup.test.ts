import { spawnSync } from 'node:child_process';
import { cpSync, existsSync, mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { gzipSync } from 'node:zlib';
import { afterAll, describe, expect, it } from 'vitest';
import { installCommands } from '../../scripts/install.mjs';
import { sqlOf } from '../backups';

/** Backup and restore as the shop runs them, each on a database server of its own. */
const root = resolve(import.meta.dirname, '../..');
const scratch = mkdtempSync(join(tmpdir(), 'chiave-backup-'));
const at = (name: string) => join(scratch, name);
const env = (data: string) => ({ ...process.env, DATABASE_URL: '', CHIAVE_DATA: at(data) });
const run = (data: string, script: string, ...words: string[]) => {
  const { status, stdout, stderr } = spawnSync(process.execPath, [join(root, 'scripts', script), ...words], { cwd: root, env: env(data), encoding: 'utf8' });
  return { status, said: stdout + stderr };
};
/** A backup's text; when it was taken and where the log stood, which its last line says, are other each time. */

/** Asks the database of a data folder as the application would. @returns the rows, as text */
function say(data: string, sql: string): string {
  const text = `import { startMariadb } from '${root}/scripts/mariadb.mjs'; import { ask } from '${root}/scripts/scratch-schemas.mjs';
    const db = await startMariadb('${at(data)}'); console.log(JSON.stringify(ask(db.url, process.env.SAY))); await db.stop();`;
  const done = spawnSync(process.execPath, ['--input-type=module', '-e', text], { encoding: 'utf8', env: { ...env(data), SAY: sql } });
  return done.stdout.trim().split('\n').at(-1)!;
}

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
    const [one, two] = [sqlOf(at('one.sql.gz')), sqlOf(at('two.sql.gz'))];
    expect(one).toContain('Abel Quintavar');
    expect(one).toContain('INSERT INTO `foot_measures`');
    expect(two === one).toBe(true);
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
    writeFileSync(at('short.gz'), gzipSync(sqlOf(at('one.sql.gz')).slice(0, 4000)));
    expect(run('second', 'restore.mjs', at('short.gz'), '--over')).toMatchObject({ status: 1, said: expect.stringContaining('cut short') });
    expect(run('second', 'restore.mjs').said).toContain('Say which file');
    expect(run('second', 'backup.mjs', at('three.sql.gz')).status).toBe(0);
    expect(sqlOf(at('three.sql.gz')) === sqlOf(at('one.sql.gz'))).toBe(true);
  });
  it('a backup is tried on a throw-away server and compared; one that would not bring everything back is thrown away', () => {
    const good = run('second', 'backup.mjs', at('tried.sql.gz'), '--try');
    expect(good, good.said).toMatchObject({ status: 0, said: expect.stringContaining('tried: it brings everything back') });
    // A view is no table of ours: a restore refuses it, and so it is no backup.
    say('second', 'CREATE VIEW chiave.odd AS SELECT 1 AS one;');
    const bad = run('second', 'backup.mjs', at('odd.sql.gz'), '--try');
    expect([bad.status, existsSync(at('odd.sql.gz'))]).toEqual([1, false]);
    expect(bad.said).toMatch(/would not bring everything back/);
    say('second', 'DROP VIEW chiave.odd;');
  });
  it('who was signed out since is not signed in again by a backup', () => {
    say(
      'second',
      `INSERT INTO chiave.accounts (id, login, name, role, password, recovery, created_at) VALUES (1, 'x', 'X', 'owner', 'x', '[]', NOW(3));
      INSERT INTO chiave.sessions (account_id, token, way, began_at, rotated_at, seen_at, ends_at) VALUES (1, 'x', 'password', NOW(3), NOW(3), NOW(3), NOW(3) + INTERVAL 1 DAY);`
    );
    expect(run('second', 'backup.mjs', at('in.sql.gz'), '--try')).toMatchObject({ status: 0 });
    expect(run('second', 'restore.mjs', at('in.sql.gz'), '--over')).toMatchObject({ status: 0 });
    expect(say('second', 'SELECT (SELECT COUNT(*) FROM chiave.accounts), (SELECT COUNT(*) FROM chiave.sessions);')).toBe('[["1","0"]]');
    expect(run('second', 'restore.mjs', at('one.sql.gz'), '--over')).toMatchObject({ status: 0 });
  });
  it('what stood at a moment between two writes is brought back, through a restore in between and twice', { timeout: 240_000 }, () => {
    /** The second that is now, and a wait into one after the next: two writes are surely told apart. */
    const moment = () => {
      const now = new Date(Math.ceil(Date.now() / 1000) * 1000).toISOString();
      spawnSync('sleep', ['2.1']);
      return now;
    };
    const names = () => JSON.parse(say('second', "SELECT name FROM chiave.customers WHERE name LIKE 'Point %' ORDER BY id;")).flat();
    const write = (name: string) =>
      expect(say('second', `INSERT INTO chiave.customers (name, story, fits_as, flags, created_at) VALUES ('${name}', '', '', '[]', NOW(3));`)).toBe('[]');
    const back = (when: string) => {
      const done = run('second', 'restore.mjs', at('from.sql.gz'), '--at', when, '--over');
      expect(done.status, done.said).toBe(0);
      return names();
    };
    write('Point zero');
    expect(run('second', 'backup.mjs', at('from.sql.gz')).status).toBe(0);
    spawnSync('sleep', ['1.1']);
    write('Point one');
    const between = moment();
    write('Point two');
    say('second', 'CREATE TABLE chiave.fleeting (id INT PRIMARY KEY); DROP TABLE chiave.fleeting;');
    const after = moment();
    expect(names()).toEqual(['Point zero', 'Point one', 'Point two']);
    say('second', 'DELETE FROM chiave.customers;');
    expect(names()).toEqual([]);
    expect(back(after)).toEqual(['Point zero', 'Point one', 'Point two']);
    const late = moment();
    write('Point three');
    const [all, whole] = [say('second', 'CHECKSUM TABLE chiave.feet, chiave.foot_measures, chiave.change_log;'), moment()];
    expect(back(between)).toEqual(['Point zero', 'Point one']);
    // The log goes on over what was brought back meanwhile.
    expect(back(late)).toEqual(['Point zero', 'Point one', 'Point two']);
    expect(back(whole)).toEqual(['Point zero', 'Point one', 'Point two', 'Point three']);
    expect(say('second', 'CHECKSUM TABLE chiave.feet, chiave.foot_measures, chiave.change_log;')).toBe(all);
  });
  it('a moment that is no moment, to come, before the backup, or whose log is elsewhere, is refused and changes nothing', () => {
    const refused = (...words: string[]) => run('second', 'restore.mjs', ...words, '--over');
    expect(refused('--at', 'yesterday').said).toContain('takes a day and a time');
    expect(refused('--at', '2126-01-01 10:00').said).toContain('still to come');
    expect(refused(at('from.sql.gz'), '--at', '2026-01-01 10:00').said).toContain('after that moment');
    expect(refused(at('from.sql.gz'), '--at', new Date().toISOString().slice(0, 19) + 'Z', '--logs', at('nowhere')).said).toContain('is not in');
    // A log that was damaged is told, and leaves nothing running behind.
    cpSync(at('second/log'), at('damaged'), { recursive: true });
    for (const name of readdirSync(at('damaged')).filter((n) => /\.\d+$/.test(n))) {
      const bytes = readFileSync(join(at('damaged'), name));
      if (bytes.length > 600) writeFileSync(join(at('damaged'), name), bytes.fill(0x7f, 420, 560));
    }
    expect(refused(at('from.sql.gz'), '--at', new Date().toISOString().slice(0, 19) + 'Z', '--logs', at('damaged')).said).toMatch(
      /The log could not be (read|replayed)/
    );
    expect(spawnSync('pgrep', ['-f', 'mariadbd.*chiave-at-']).stdout.toString()).toBe('');
    expect(say('second', "SELECT COUNT(*) FROM chiave.customers WHERE name LIKE 'Point %';")).toBe('[["4"]]');
    expect(run('second', 'restore.mjs', at('one.sql.gz'), '--over').status).toBe(0);
  });
  it('encrypted to a public key it is read by the private one and by nothing else', () => {
    installCommands({ age: 'age' });
    spawnSync('age-keygen', ['-o', at('shop.key')]);
    spawnSync('age-keygen', ['-o', at('other.key')]);
    const recipient = /age1\w+/.exec(readFileSync(at('shop.key'), 'utf8'))![0];
    expect(run('second', 'backup.mjs', at('x.sql.gz'), '--to', 'somebody').said).toContain('takes a public key');
    const saved = run('second', 'backup.mjs', at('sealed.sql.gz.age'), '--to', recipient);
    expect(saved, saved.said).toMatchObject({ status: 0 });
    expect(statSync(at('sealed.sql.gz.age')).mode & 0o077).toBe(0);
    expect(readFileSync(at('sealed.sql.gz.age')).subarray(0, 18).toString()).toBe('age-encryption.org');
    expect(run('third', 'restore.mjs', at('sealed.sql.gz.age')).said).toContain('is encrypted');
    expect(run('third', 'restore.mjs', at('sealed.sql.gz.age'), '--key', at('other.key')).said).toContain('does not open with this key');
    expect(run('third', 'restore.mjs', at('sealed.sql.gz.age'), '--key', at('shop.key'))).toMatchObject({ status: 0 });
    expect(run('third', 'backup.mjs', at('four.sql.gz')).status).toBe(0);
    expect(sqlOf(at('four.sql.gz')) === sqlOf(at('one.sql.gz'))).toBe(true);
  });
  it('of those named by themselves so many stay, the newest; others are left alone', () => {
    const folder = at('kept');
    mkdirSync(folder);
    for (const name of ['chiave-2026-01-01T03-30-00.sql.gz', 'chiave-2026-01-02T03-30-00.sql.gz.age', 'before-the-move.sql.gz'])
      writeFileSync(join(folder, name), 'old');
    expect(run('second', 'backup.mjs', join(folder, 'chiave-2026-01-03T03-30-00.sql.gz'), '--keep', '2').status).toBe(0);
    expect(readdirSync(folder).sort()).toEqual(['before-the-move.sql.gz', 'chiave-2026-01-02T03-30-00.sql.gz.age', 'chiave-2026-01-03T03-30-00.sql.gz']);
  });
});
