import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import { existsSync, mkdtempSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createGunzip, gzipSync } from 'node:zlib';
import { createReadStream } from 'node:fs';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { sqlOf } from '../backups';
import { node, privateServer, root, type PrivateServer } from './private-server';
import { LONG, often } from './short';

/** Backup and restore under kills, cuts, foreign files and a database larger than memory likes. */
const scratch = mkdtempSync(join(tmpdir(), 'chiave-faults-backup-'));
const at = (name: string) => join(scratch, name);
let server: PrivateServer;
const env = () => ({ ...process.env, DATABASE_URL: '', CHIAVE_DATA: server.folder });
const run = (script: string, ...words: string[]) => {
  const { status, stdout, stderr } = spawnSync(process.execPath, [join(root, 'scripts', script), ...words], { env: env(), encoding: 'utf8', maxBuffer: 1e9 });
  return { status, said: stdout + stderr };
};
const begin = (script: string, ...words: string[]): ChildProcess =>
  spawn(process.execPath, [join(root, 'scripts', script), ...words], { env: env(), stdio: 'ignore' });
const ended = (child: ChildProcess) =>
  new Promise<void>((done) => (child.exitCode === null && child.signalCode === null ? child.once('exit', () => done()) : done()));
const dumped = (): string => {
  expect(run('backup.mjs', at('now.sql.gz'))).toMatchObject({ status: 0 });
  return sqlOf(at('now.sql.gz'));
};

let old = '';
let other = '';
beforeAll(async () => {
  server = privateServer('backup');
  node(`import { prepareDatabase } from '${root}/scripts/database.mjs'; prepareDatabase('${root}', '${server.url}');`);
  expect(run('backup.mjs', at('old.sql.gz')).status).toBe(0);
  await server.query("UPDATE customers SET work = 'another database altogether'");
  expect(run('backup.mjs', at('other.sql.gz')).status).toBe(0);
  old = sqlOf(at('old.sql.gz'));
  other = sqlOf(at('other.sql.gz'));
  expect(old).not.toBe(other);
});
afterAll(async () => {
  await server.stop();
  rmSync(scratch, { recursive: true, force: true });
});

describe('a file that is no whole backup of ours changes nothing and is told why', () => {
  const bare = (text: string) => text.split('\n').slice(1, -2).join('\n');
  const cases: [string, (sql: string) => string, RegExp][] = [
    ['cut in the middle', (sql) => sql.slice(0, sql.length / 2), /cut short/],
    ['its last line gone', (sql) => sql.split('\n').slice(0, -2).join('\n'), /cut short/],
    ['one letter changed', (sql) => sql.replace('Ilva Serrandi', 'Ilva Serrande'), /does not add up/],
    ['a row gone', (sql) => sql.replace(/\n\(9,4,[^\n]*\n/, '\n'), /does not add up|no part of a backup/],
    [
      'foreign SQL',
      () => '-- notes\nCREATE TABLE `notes` (`id` int) ENGINE=InnoDB;\nINSERT INTO `notes` VALUES (1);\n-- Dump completed\n',
      /its tables are others|no part/
    ],
    ['a client command', (sql) => `\\! touch ${at('touched')}\n${sql}`, /no part of a backup/],
    ['a client command in mid-file', (sql) => sql.replace('\nLOCK TABLES', `\n\\! touch ${at('touched')}\nLOCK TABLES`), /no part of a backup/],
    ['a delimiter', (sql) => sql.replace('\nLOCK TABLES', '\nDELIMITER //\nLOCK TABLES'), /no part of a backup/],
    ['another schema', (sql) => sql.replace('\nLOCK TABLES', '\nUSE mysql;\nLOCK TABLES'), /no part of a backup/],
    ['a table elsewhere', (sql) => sql.replace('DROP TABLE IF EXISTS `', 'DROP TABLE IF EXISTS `mysql`.`'), /no part of a backup/],
    ['a right given', (sql) => sql.replace('\nLOCK TABLES', "\nGRANT ALL ON *.* TO 'x'@'%';\nLOCK TABLES"), /no part of a backup/],
    [
      'a file read',
      (sql) => sql.replace('INSERT INTO `makers` VALUES\n(', "INSERT INTO `makers` VALUES\n((SELECT LOAD_FILE('/etc/passwd')),"),
      /no part of a backup/
    ],
    ['other quoting', (sql) => sql.replace("'NO_AUTO_VALUE_ON_ZERO'", "'NO_BACKSLASH_ESCAPES'"), /no part of a backup/],
    ['a later version', (sql) => sql.replace('0008-mend', '0008-mend 0999-tomorrow'), /another version|does not add up/],
    ['a first version’s backup cut short', (sql) => bare(sql).slice(0, -3000), /cut short/]
  ];
  it.each(cases)('%s', (_name, damage, why) => {
    writeFileSync(at('bad.sql.gz'), gzipSync(damage(old)));
    const { status, said } = run('restore.mjs', at('bad.sql.gz'), '--over');
    expect(said).toMatch(why);
    expect(said).toContain('Nothing was changed');
    expect(said).not.toMatch(/Serrandi|\n {4}at /);
    expect(status).toBe(1);
    expect(existsSync(at('touched'))).toBe(false);
  });
  it('noise and half a gzip file', () => {
    writeFileSync(at('noise.sql.gz'), randomBytes(5000));
    expect(run('restore.mjs', at('noise.sql.gz'), '--over').said).toContain('does not unpack');
    writeFileSync(at('half.sql.gz'), readFileSync(at('old.sql.gz')).subarray(0, 9000));
    expect(run('restore.mjs', at('half.sql.gz'), '--over').said).toContain('cut short');
  });
  it('and after all of them the database is what it was', () => expect(dumped()).toBe(other));
  it('a backup of the first version, without our lines, is still read', () => {
    writeFileSync(at('first.sql.gz'), gzipSync(`${bare(old)}\n`));
    expect(run('restore.mjs', at('first.sql.gz'), '--over')).toMatchObject({ status: 0 });
    expect(dumped()).toBe(old);
  });
});

describe('killed', () => {
  it('in mid-restore, the script or the database: the old or the new is there, whole', async () => {
    let was = dumped();
    const seen = { old: 0, fresh: 0 };
    const started = performance.now();
    expect(run('restore.mjs', at(was === old ? 'old.sql.gz' : 'other.sql.gz'), '--over').status).toBe(0);
    const whole = performance.now() - started;
    for (let turn = 0; turn < often(24, 5); turn++) {
      const [file, fresh] = was === old ? ['other.sql.gz', other] : ['old.sql.gz', old];
      const child = begin('restore.mjs', at(file), '--over');
      await new Promise((later) => setTimeout(later, whole * (0.2 + 0.8 * Math.random())));
      if (turn % 2 === 0) child.kill('SIGKILL');
      else process.kill(server.pid(), 'SIGKILL');
      await ended(child);
      if (turn % 2 === 1) server.again();
      const now = dumped();
      expect([was, fresh].map((sql) => sql === now)).toContain(true);
      seen[now === was ? 'old' : 'fresh']++;
      was = now;
    }
    const [{ n }] = await server.query("SELECT COUNT(*) AS n FROM information_schema.schemata WHERE schema_name LIKE 'chiave\\_%'");
    // What a killed restore left beside is taken away by the next.
    expect(run('restore.mjs', at('old.sql.gz'), '--over').status).toBe(0);
    const [{ left }] = await server.query("SELECT COUNT(*) AS `left` FROM information_schema.schemata WHERE schema_name LIKE 'chiave\\_%'");
    expect(Number(left)).toBe(0);
    console.log(`killed in mid-restore ${often(24, 5)} times: ${seen.old} times the old, ${seen.fresh} times the new; ${String(n)} left beside at the end`);
  });
  it('in mid-backup: what stands under its name is whole, or nothing', async () => {
    for (let turn = 0; turn < often(12, 4); turn++) {
      rmSync(at('killed.sql.gz'), { force: true });
      const child = begin('backup.mjs', at('killed.sql.gz'));
      await new Promise((later) => setTimeout(later, 150 + Math.random() * 500));
      child.kill('SIGKILL');
      await ended(child);
      if (existsSync(at('killed.sql.gz'))) expect(sqlOf(at('killed.sql.gz'))).toContain('-- Chiave backup ends');
    }
    expect(run('backup.mjs', at('killed.sql.gz')).status).toBe(0);
    expect(readdirSync(scratch).filter((name) => name.endsWith('.part'))).toEqual([]);
  });
});

describe('a database of many megabytes', () => {
  // More than what was once the limit of a dump; the long form proves half a gigabyte.
  const megabytes = LONG ? 500 : 80;
  it(`${megabytes} MB are backed up and come back, and nothing of them is shown`, async () => {
    const [{ id }] = await server.query('SELECT id FROM styles LIMIT 1');
    for (let i = 0; i < megabytes; i++)
      await server.query(
        "INSERT INTO style_photos (style_id, shows, caption, mime, content, created_at) VALUES (?, 'toe', 'secret caption', 'image/png', ?, NOW())",
        [id, randomBytes(750_000).toString('base64')]
      );
    const { status, said } = run('backup.mjs', at('large.sql.gz'));
    expect(status, said).toBe(0);
    expect(said.length).toBeLessThan(1000);
    expect(said).not.toContain('secret');
    let size = 0;
    for await (const chunk of createReadStream(at('large.sql.gz')).pipe(createGunzip())) size += (chunk as Buffer).length;
    expect(size).toBeGreaterThan(megabytes * 1e6);
    const sum = async () => (await server.query('SELECT COUNT(*) AS n, SUM(CRC32(content)) AS c FROM style_photos'))[0];
    const before = await sum();
    await server.query('DELETE FROM style_photos');
    expect(run('restore.mjs', at('large.sql.gz'), '--over')).toMatchObject({ status: 0 });
    expect(await sum()).toEqual(before);
    console.log(`${(size / 1e6).toFixed(0)} MB of dump in ${(statSync(at('large.sql.gz')).size / 1e6).toFixed(0)} MB`);
  });
  it('a disk that is full is said in words, and nothing half stands there', () => {
    const { status, said } = run('backup.mjs', '/dev/full/chiave.sql.gz');
    expect(status).toBe(1);
    expect(said).toMatch(/What should be a folder is a file/);
  });
});
