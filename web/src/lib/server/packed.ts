import { Readable } from 'node:stream';
import { createGunzip } from 'node:zlib';
import { invalid } from './problems';

const unpacking = (packed: string): Readable => Readable.from([Buffer.from(packed, 'base64')]).pipe(createGunzip());

/** What was packed with gzip and written as base64, unpacked as it is read: however large it becomes, it is never held whole. */
export const gunzipped = (packed: string): ReadableStream<Uint8Array> => Readable.toWeb(unpacking(packed)) as ReadableStream<Uint8Array>;

/**
 * Looks whether something packed can be unpacked.
 * @param field named where it cannot
 * @param most bytes that it may come to
 * @throws Problem 422
 */
export async function needUnpacks(packed: string, field: string, most: number): Promise<void> {
  let bytes = 0;
  const stream = unpacking(packed);
  try {
    for await (const chunk of stream as AsyncIterable<Buffer>) {
      bytes += chunk.length;
      if (bytes > most) break;
    }
  } catch {
    throw invalid([{ path: field, message: 'it cannot be unpacked: pack it with gzip and send it whole' }]);
  }
  if (bytes > most) throw invalid([{ path: field, message: `it comes to more than ${most / 1e6} MB: let the scanner write fewer triangles` }]);
}
