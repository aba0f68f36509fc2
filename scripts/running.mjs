import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { readJson, writeWhole } from './files.mjs';
import { alive, processesWith, runs } from './processes.mjs';
import { sleep } from './run.mjs';
import { step } from './say.mjs';

/** How a server is known among the processes of the machine. */
const SERVER = 'build/index.js';
/** What runs on a data folder: kept in a file, so that a killed start can be cleared up after. */
const file = (folder) => join(folder, 'running.json');

export const readRunning = (folder) => readJson(file(folder));
export const noteRunning = (folder, note) => writeWhole(file(folder), JSON.stringify({ start: process.pid, ...note }));
export const noteStopped = (folder) => rmSync(file(folder), { force: true });

/** What the servers of a start carry: one that was killed before it could note its server is cleared up after by it. */
export const BEGUN_BY_START = { CHIAVE_BEGUN_BY: 'start' };

/** Stops servers left over from a start that was killed. Whoever calls it has the folder to himself. */
export async function clearLeftovers(folder) {
  const { server } = readRunning(folder) ?? {};
  const noted = server && runs(server, SERVER) ? [server] : [];
  for (const pid of new Set([...noted, ...processesWith(SERVER, { CHIAVE_DATA: folder, ...BEGUN_BY_START })])) {
    step('Stopping a server left over from a start that was killed');
    if (alive(pid)) process.kill(pid, 'SIGTERM');
    for (let i = 0; i < 50 && alive(pid); i++) await sleep(100);
    if (alive(pid)) process.kill(pid, 'SIGKILL');
  }
  noteStopped(folder);
}
