import { MOST_PACKED } from '../api/shop-schema';

/** Characters of base64 that a file of so many bytes comes to. */
const inBase64 = (bytes: number): number => Math.ceil(bytes / 3) * 4;
/** Bytes turned to text at once: as many as fit into one call. */
const AT_ONCE = 30_000;

/** A file packed with gzip, as base64, as the server keeps it; null where it is too large even so. */
export async function packedFile(file: Blob & { name?: string }): Promise<{ name: string; packed: string } | null> {
  const packed = new Uint8Array(await new Response(file.stream().pipeThrough(new CompressionStream('gzip'))).arrayBuffer());
  if (inBase64(packed.length) > MOST_PACKED) return null;
  let text = '';
  for (let at = 0; at < packed.length; at += AT_ONCE) text += String.fromCharCode(...packed.subarray(at, at + AT_ONCE));
  return { name: (file.name || 'scan').slice(0, 120), packed: btoa(text) };
}
