import { statfs } from 'node:fs/promises';

/** Below this there is no room for a day's work and the database's own files, MB; the shop may say otherwise. */
const LEAST_MB = Number(process.env.DISK_LEAST_MB ?? 100);

/** What is wrong with the disk the data stands on, in words; null when there is room, or nobody said where the data stands. */
export async function diskTrouble(folder = process.env.CHIAVE_DATA): Promise<string | null> {
  if (!folder) return null;
  try {
    const { bavail, bsize } = await statfs(folder);
    const freeMb = Math.floor((bavail * bsize) / 1e6);
    return freeMb < LEAST_MB ? `full: ${freeMb} MB left, ${LEAST_MB} MB are needed` : null;
  } catch {
    return 'the data folder cannot be read';
  }
}
