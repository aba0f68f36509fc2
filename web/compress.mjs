/** Lays a compressed copy beside every file of the client that compresses well; the server sends it to whoever takes it. */
import { readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';

const ROOT = new URL('./build/client', import.meta.url).pathname;
const TEXT = /\.(js|css|json|svg|html|txt|wasm)$/;
/** Smaller ones are sent as fast as they are, bytes. */
const LEAST = 1024;
/** Brotli from nought to eleven: eleven takes twenty times as long for a tenth less. */
const QUALITY = 5;

for (const file of readdirSync(ROOT, { recursive: true })) {
  const path = join(ROOT, String(file));
  if (!TEXT.test(path) || !statSync(path).isFile() || statSync(path).size < LEAST) continue;
  const text = readFileSync(path);
  writeFileSync(
    `${path}.br`,
    brotliCompressSync(text, { params: { [constants.BROTLI_PARAM_QUALITY]: QUALITY, [constants.BROTLI_PARAM_SIZE_HINT]: text.length } })
  );
  writeFileSync(`${path}.gz`, gzipSync(text));
}
