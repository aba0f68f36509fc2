import { linkSync, readFileSync, renameSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { readJson, writeWhole } from './files.mjs';
import { alive } from './processes.mjs';

/** When a process began, as the kernel counts: a number given again to another process does not pass for the first. */
function begunAt(pid) {
  try {
    const stat = readFileSync(`/proc/${pid}/stat`, 'utf8');
    return stat.slice(stat.lastIndexOf(')') + 2).split(' ')[19];
  } catch {
    return '';
  }
}
const holds = (lock) => lock !== null && alive(lock.pid) && begunAt(lock.pid) === lock.begun;

/**
 * Takes a data folder for this process, so that no two starts and no restore work on it at once.
 * @param doing what this process does there, in words
 * @returns lets go of it; or, when another holds it, { heldBy } with its pid and what it does
 */
export function takeFolder(folder, doing) {
  const lock = join(folder, 'lock.json');
  const own = `${lock}.${process.pid}`;
  writeWhole(own, JSON.stringify({ pid: process.pid, begun: begunAt(process.pid), doing }));
  try {
    for (let turn = 0; turn < 20; turn++) {
      try {
        // A link is made whole or not at all, and never over one that is there.
        linkSync(own, lock);
        const release = () => readJson(lock)?.pid === process.pid && rmSync(lock, { force: true });
        process.on('exit', release);
        return { release };
      } catch (error) {
        if (error.code !== 'EEXIST') throw error;
      }
      const other = readJson(lock);
      if (holds(other)) return { heldBy: other };
      // Left by a process that was killed. Another may take it at the same moment: what was moved away is looked at again.
      const away = `${own}.stale`;
      try {
        renameSync(lock, away);
      } catch {
        continue;
      }
      const moved = readJson(away);
      if (holds(moved)) {
        try {
          linkSync(away, lock);
        } catch {
          // A third has it by now.
        }
        rmSync(away, { force: true });
        return { heldBy: moved };
      }
      rmSync(away, { force: true });
    }
    throw new Error(`The lock of ${folder} cannot be taken.`);
  } finally {
    rmSync(own, { force: true });
  }
}
