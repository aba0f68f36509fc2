import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { readJson, writeWhole } from './files.mjs';
import { alive, runs } from './processes.mjs';
import { sleep } from './run.mjs';
import { step } from './say.mjs';

/** What runs on a data folder: kept in a file, so that a killed start can be cleared up after. */
const file = (folder) => join(folder, 'running.json');

export const readRunning = (folder) => readJson(file(folder));
export const noteRunning = (folder, note) => writeWhole(file(folder), JSON.stringify({ start: process.pid, ...note }));
export const noteStopped = (folder) => rmSync(file(folder), { force: true });

/** Stops a server left over from a start that was killed. */
export async function clearLeftovers(folder) {
  const { server } = readRunning(folder) ?? {};
  if (server && runs(server, 'build/index.js')) {
    step('Stopping a server left over from a start that was killed');
    process.kill(server, 'SIGTERM');
    for (let i = 0; i < 50 && alive(server); i++) await sleep(100);
    if (alive(server)) process.kill(server, 'SIGKILL');
  }
  noteStopped(folder);
}
