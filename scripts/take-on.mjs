import { spawn } from 'node:child_process';
import { existsSync, mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { LOG_DAYS, startMariadb } from './mariadb.mjs';
import { run } from './run.mjs';
import { bareRefusal } from './scratch-schemas.mjs';
import { fail, step } from './say.mjs';

/** A moment as somebody types it, in this machine's time: `2026-11-20 15:00`, with seconds or an offset if need be. @returns Date; fails in words */
export function momentOf(text) {
  const at = /^\d{4}-\d\d-\d\d[ T]\d\d:\d\d(:\d\d(\.\d+)?)?(Z|[+-]\d\d:\d\d)?$/.test(text) ? new Date(text.replace(' ', 'T')) : new Date(NaN);
  if (Number.isNaN(at.getTime())) fail(`--at takes a day and a time, as --at "2026-11-20 15:00"; “${text}” is none.`);
  if (at.getTime() > Date.now()) fail(`--at ${text} is still to come. Give a moment that is past.`);
  return at;
}

/** When a backup that was named by itself was begun; null for another file. */
const begunOf = (name) => {
  const [, day, time] = /^chiave-(\d{4}-\d\d-\d\d)T(\d\d-\d\d-\d\d)\.sql\.gz(?:\.age)?$/.exec(name) ?? [];
  return day ? new Date(`${day}T${time.replaceAll('-', ':')}Z`) : null;
};

/** The newest backup of a folder that was begun before a moment. @returns its path, or null */
export function newestBefore(folder, at) {
  const names = existsSync(folder) ? readdirSync(folder) : [];
  const before = names.filter((name) => begunOf(name) && begunOf(name) < at).sort();
  return before.length > 0 ? join(folder, before.at(-1)) : null;
}

/** Files of the log from one on, in order; fails in words where one that is needed is gone. */
function logFiles(folder, first) {
  const [base, number] = [first.replace(/\.\d+$/, ''), Number(/\d+$/.exec(first)?.[0])];
  const there = (existsSync(folder) ? readdirSync(folder) : [])
    .filter((name) => name.startsWith(`${base}.`) && /\.\d+$/.test(name))
    .map((name) => ({ name, number: Number(/\d+$/.exec(name)[0]) }))
    .filter((file) => file.number >= number)
    .sort((a, b) => a.number - b.number);
  const whole = there.length > 0 && there.every((file, i) => file.number === number + i);
  if (!whole)
    fail(
      `The log this backup goes on with (${first}) is not in ${folder}, or not whole. It reaches back ${LOG_DAYS} days, and belongs to the data folder the backup was taken of. Nothing was changed.`
    );
  return there.map((file) => join(folder, file.name));
}

/**
 * Takes a backup on to a moment: reads it into a throw-away server, replays the log of what was written since, up to that second,
 * and takes a backup of what came of it.
 * @param from where the log goes on, as the backup's last line says
 * @returns path of the new backup, thrown away when this process ends
 */
export async function takenOn(root, file, from, at, logs) {
  const files = logFiles(logs, from.log);
  const scratch = mkdtempSync(join(tmpdir(), 'chiave-at-'));
  process.on('exit', () => rmSync(scratch, { recursive: true, force: true }));
  const data = join(scratch, 'data');
  const own = { env: { DATABASE_URL: '', CHIAVE_DATA: data }, silent: true };
  step('Reading it into a throw-away server');
  const read = run(process.execPath, [join(root, 'scripts/restore.mjs'), file, '--as-is'], own);
  if (!read.ok) fail(`${file} could not be read in: ${read.error.trim().split('\n')[0]}. Nothing was changed.`);
  const server = await startMariadb(data);
  step('Replaying what was written since');
  let trouble = null;
  try {
    // prettier-ignore
    const reader = spawn(
      'mariadb-binlog',
      ['--no-defaults', `--start-position=${from.position}`, `--stop-datetime=${at.toISOString().slice(0, 19).replace('T', ' ')}`, ...files],
      { env: { ...process.env, TZ: 'UTC' }, stdio: ['ignore', 'pipe', 'pipe'] }
    );
    const writer = spawn('mariadb', [...server.owner, '--binary-mode', '--max-allowed-packet=1G'], { stdio: ['pipe', 'ignore', 'pipe'] });
    let said = '';
    reader.stderr.resume();
    writer.stderr.on('data', (chunk) => (said = (said + chunk).slice(-2000)));
    const ended = (child) => new Promise((end) => child.once('close', end));
    const [readEnd, writeEnd] = [ended(reader), ended(writer)];
    await pipeline(reader.stdout, writer.stdin).catch(() => {});
    if ((await readEnd) !== 0) trouble = 'The log could not be read: it is broken before that moment';
    if ((await writeEnd) !== 0) trouble ??= `The log could not be replayed (${bareRefusal(said)})`;
  } finally {
    await server.stop();
  }
  // Said only now: it ends the process, and the server would be left behind.
  if (trouble) fail(`${trouble}. Nothing was changed.`);
  const taken = join(scratch, 'at.sql.gz');
  if (!run(process.execPath, [join(root, 'scripts/backup.mjs'), taken], own).ok) fail('What came of it could not be read again. Nothing was changed.');
  return taken;
}
