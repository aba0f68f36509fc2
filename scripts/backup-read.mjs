import { createReadStream } from 'node:fs';
import { Transform } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { createGunzip } from 'node:zlib';
import { BackupScan } from './backup-format.mjs';

/**
 * Reads a backup through and keeps nothing of it, and hands it on to a stream where one is given.
 * @returns { scan, sum }: what it holds and what it adds up to
 * @throws Error with a sentence for a file that is no whole backup
 */
export async function readThrough(file, into = null) {
  const scan = new BackupScan();
  const through = new Transform({
    transform(chunk, _encoding, next) {
      try {
        scan.push(chunk);
        next(null, into ? chunk : undefined);
      } catch (error) {
        next(error);
      }
    }
  });
  try {
    if (into) await pipeline(createReadStream(file), createGunzip(), through, into);
    else {
      through.resume();
      await pipeline(createReadStream(file), createGunzip(), through);
    }
    return { scan, sum: scan.end() };
  } catch (error) {
    if (error.code === 'Z_BUF_ERROR') throw new Error('it is cut short', { cause: error });
    if (String(error.code ?? '').startsWith('Z_')) throw new Error('it does not unpack', { cause: error });
    throw error;
  }
}
