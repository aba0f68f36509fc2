import { mkdtempSync, rmSync } from 'node:fs';
import { spawnSync, type ChildProcess } from 'node:child_process';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { prepareDatabase } from '../../scripts/database.mjs';
import { freePort, startMariadb } from '../../scripts/mariadb.mjs';
import { addressOf, startWeb, untilServed } from '../../scripts/serve.mjs';
import { crowdOf, tenCommonest, untilReckoned } from '../../scripts/ten.mjs';
import { sleep } from '../processes';

/** What the database does for the ten commonest requests, in a shop with many people: each statement it was sent is explained by it. */
const root = resolve(import.meta.dirname, '../..');
const folder = mkdtempSync(join(tmpdir(), 'chiave-plans-'));
const PEOPLE = 1500;
/**
 * The most rows of a table that one step of a statement may go through: what the shop stocks and how it has set things up is read whole
 * on purpose, and does not grow with the people.
 */
const WHOLE_ROWS = 1000;
let database: { url: string; owner: string[]; stop: () => Promise<void> };
let web: ChildProcess;
let address = '';

/** Asks as the owner of the server. @returns rows by the names of their columns */
function ask(sql: string): Record<string, string>[] {
  const { stdout, stderr, status } = spawnSync('mariadb', [...database.owner, '--batch', '--raw', 'chiave'], { input: sql, encoding: 'utf8', maxBuffer: 64e6 });
  if (status !== 0) throw new Error(stderr);
  const [head, ...rows] = stdout.split('\n').filter(Boolean).map((line) => line.split('\t')); // prettier-ignore
  return rows.map((cells) => Object.fromEntries(cells.map((cell, i) => [head[i], cell])));
}
beforeAll(async () => {
  database = (await startMariadb(folder)) as typeof database;
  prepareDatabase(root, database.url);
  expect(crowdOf(root, database.url, PEOPLE)).not.toBeNull();
  ask('ANALYZE TABLE customers, customer_words, fittings, foot_measures, foot_features, try_ons, pairs, pair_life, due_people, change_log, deeds;');
  const port = (await freePort()) as number;
  web = startWeb(root, { folder, url: database.url, host: '127.0.0.1', port }) as ChildProcess;
  address = addressOf('127.0.0.1', port) as string;
  expect(await untilServed(web, address)).toBeNull();
}, 240_000);
afterAll(async () => {
  web?.kill('SIGKILL');
  await database?.stop();
  rmSync(folder, { recursive: true, force: true });
});

describe('the ten commonest requests', () => {
  it('are answered by indexes: nothing that grows with the people is read from end to end', { timeout: 240_000 }, async () => {
    const last = Number(ask('SELECT MAX(id) AS id FROM customers;')[0].id);
    const { ten } = await tenCommonest(address, last - 1);
    // What is worked out after a start, and once a day, is worked out by now.
    await untilReckoned(address, database.url);
    for (const { path } of ten.filter((request) => !request.body)) await fetch(address + path);
    await sleep(2000);
    const found: string[] = [];
    let statements = 0;
    for (const { name, path, ...rest } of ten) {
      ask("SET GLOBAL log_output = 'TABLE'; TRUNCATE mysql.general_log; SET GLOBAL general_log = 1;");
      const response = await fetch(address + path, rest);
      expect(response.status, name).toBe(200);
      await response.text();
      const sent = ask("SET GLOBAL general_log = 0; SELECT REPLACE(REPLACE(CONVERT(argument USING utf8mb4), '\\n', ' '), '\\t', ' ') AS text FROM mysql.general_log WHERE command_type IN ('Query', 'Execute');"); // prettier-ignore
      const explained = sent.map((row) => row.text).filter((text) => /^\s*(SELECT|UPDATE|DELETE|WITH)\b/i.test(text) && /\bFROM\b|^\s*UPDATE/i.test(text));
      expect(explained.length, name).toBeGreaterThan(0);
      statements += explained.length;
      for (const text of explained)
        for (const step of ask(`${/^\s*SELECT/i.test(text) && !/FOR UPDATE|LOCK IN/i.test(text) ? 'ANALYZE' : 'EXPLAIN'} ${text};`)) {
          // Rows that were read; where a write is only explained, those that would be. A count goes through an index and reads no row.
          const rows = Number(step.r_rows ?? step.rows);
          const counted = /\bUsing index\b/.test(step.Extra) && /COUNT\(/i.test(text);
          if (rows > WHOLE_ROWS && !counted) found.push(`${name}: ${step.table} (${rows} rows, ${step.type}): ${text.slice(0, 300)}`);
        }
    }
    console.log(`${statements} statements of the ten commonest requests explained`);
    expect(statements).toBeGreaterThan(40);
    expect(Number(ask('SELECT COUNT(*) AS many FROM customers;')[0].many)).toBeGreaterThan(WHOLE_ROWS);
    expect(found).toEqual([]);
  });
  it('a statement without an index would be found', () => {
    const [step] = ask("EXPLAIN SELECT * FROM customers WHERE work = 'chorus';");
    expect([step.type, Number(step.rows) > WHOLE_ROWS]).toEqual(['ALL', true]);
  });
});
