import { existsSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { sleep } from './run.mjs';
import { fail, step } from './say.mjs';

/** Who is running on a data folder: kept in a file, so that a killed start can be cleared up after. */
const file = (folder) => join(folder, 'running.json');

export const alive = (pid) => {
  try {
    process.kill(pid, 0);
    return true;
  } catch {
    return false;
  }
};

/** True when the process is ours, not another that was given the same number since. */
const isOurs = (pid, word) => {
  try {
    return alive(pid) && readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes(word);
  } catch {
    return false;
  }
};

/** Stops a server left over from a start that was killed; refuses when a start is still at work. */
export async function clearLeftovers(folder) {
  if (!existsSync(file(folder))) return;
  const { start, server, address } = JSON.parse(readFileSync(file(folder), 'utf8'));
  if (start !== process.pid && isOurs(start, 'start.mjs')) fail(`Chiave is already running at ${address}. Stop it first (Ctrl-C there, or kill ${start}).`);
  if (server && isOurs(server, 'build/index.js')) {
    step('Stopping a server left over from a start that was killed');
    process.kill(server, 'SIGTERM');
    for (let i = 0; i < 50 && alive(server); i++) await sleep(100);
    if (alive(server)) process.kill(server, 'SIGKILL');
  }
  rmSync(file(folder), { force: true });
}

export const noteRunning = (folder, note) => writeFileSync(file(folder), JSON.stringify({ start: process.pid, ...note }));
export const noteStopped = (folder) => rmSync(file(folder), { force: true });
