import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { readThrough } from './backup-read.mjs';
import { run } from './run.mjs';

const sumOf = async (file) => (await readThrough(file)).sum;
/**
 * Tries a backup: it is restored into a throw-away server, a backup is taken of that, and both must say the same to the byte.
 * @returns what is wrong with it, or null
 */
export async function tried(root, file) {
  const folder = mkdtempSync(join(tmpdir(), 'chiave-tried-'));
  const own = { env: { DATABASE_URL: '', CHIAVE_DATA: join(folder, 'data') }, silent: true };
  const again = join(folder, 'again.sql.gz');
  try {
    const restored = run(process.execPath, [join(root, 'scripts/restore.mjs'), file, '--as-is'], own);
    if (!restored.ok) return restored.error.trim().split('\n')[0] || 'it could not be restored';
    const taken = run(process.execPath, [join(root, 'scripts/backup.mjs'), again], own);
    if (!taken.ok) return 'what it brought back could not be read again';
    return (await sumOf(again)) === (await sumOf(file)) ? null : 'what it brings back is not what it holds';
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}
