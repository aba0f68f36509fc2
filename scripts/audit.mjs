/**
 * `npm run audit`: looks through the whole record of who did what and tells what was removed or changed in it.
 *
 *   npm run audit
 *   npm run audit -- --end HASH     was this end of the record, told by an earlier audit, cut off?
 */
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { databaseAt } from './backup-tools.mjs';
import { flagged } from './flags.mjs';
import { installPackages } from './install.mjs';
import { run } from './run.mjs';
import { done, fail, inPlainWords } from './say.mjs';

inPlainWords();
const root = resolve(dirname(fileURLToPath(import.meta.url)), '..');
const end = flagged(process.argv, '--end') ?? '';
installPackages(root);
const database = await databaseAt(root, { doing: 'looking through the record' });
const result = run(join(root, 'node_modules/.bin/tsx'), [join(root, 'web/src/lib/server/db/cli.ts'), 'audit', end], {
  cwd: join(root, 'web'),
  env: { DATABASE_URL: database.url },
  silent: true
});
await database.stop();
if (!result.ok) fail(result.error.trim());
done(result.out.trim());
