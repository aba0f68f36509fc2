import { readFileSync } from 'node:fs';
import { gunzipSync } from 'node:zlib';

/** What a backup holds, without when it was taken and where the log goes on from it: two of the same database are the same to the byte. */
export const sqlOf = (file: string): string =>
  gunzipSync(readFileSync(file))
    .toString('utf8')
    .replace(/ taken \S+ log \S+ \d+\n$/, '\n');
