import { statfsSync } from 'node:fs';
import { fail } from './say.mjs';

/** Room without which nothing is begun, MB; the application's health goes by the same. */
const LEAST_MB = Number(process.env.DISK_LEAST_MB ?? 100);

/** Ends the script in words when the disk of a folder is full. */
export function needRoom(folder) {
  const { bavail, bsize } = statfsSync(folder);
  const freeMb = Math.floor((bavail * bsize) / 1e6);
  if (freeMb < LEAST_MB)
    fail(`The disk of ${folder} is full: ${freeMb} MB are left, ${LEAST_MB} MB are needed. Nothing was changed: make room and start again.`);
}
