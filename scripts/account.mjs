/**
 * `npm run account`: accounts without the application, for the first one of a shop on a network and for an owner who is locked out.
 *
 *   npm run account -- add "Name" [owner|fitter|apprentice|reader]
 *   npm run account -- password "Name"      a new password; all their sessions end, the second factor goes
 *   npm run account -- list
 *
 * The password is asked for, or read from standard input where that is no terminal. It never stands on a command line.
 */
import { dirname, join, resolve } from 'node:path';
import { createInterface } from 'node:readline';
import { Writable } from 'node:stream';
import { fileURLToPath } from 'node:url';
import { databaseAt } from './backup-tools.mjs';
import { prepareDatabase } from './database.mjs';
import { installPackages } from './install.mjs';
import { run } from './run.mjs';
import { done, fail, inPlainWords } from './say.mjs';
import { shopSecret } from './serve.mjs';

inPlainWords();
const root = resolve(dirname(fileURLToPath(import.meta.url)), '..');
const [command, name, role = 'owner'] = process.argv.slice(2);
if (!['add', 'password', 'list'].includes(command) || (command !== 'list' && !name))
  fail('Say what to do:\n\n  npm run account -- add "Name" [owner|fitter|apprentice|reader]\n  npm run account -- password "Name"\n  npm run account -- list');

/** Asks without showing what is typed. */
async function asked(question) {
  const typing = process.stdin.isTTY;
  if (typing) process.stdout.write(question);
  const quiet = new Writable({ write: (_chunk, _encoding, next) => next() });
  const lines = createInterface({ input: process.stdin, output: quiet, terminal: typing });
  for await (const line of lines) {
    lines.close();
    if (typing) process.stdout.write('\n');
    return line;
  }
  return '';
}
const password = command === 'list' ? '' : await asked(`A password for ${name}, at least ten characters: `);
installPackages(root);
const folder = resolve(process.env.CHIAVE_DATA ?? join(root, '.data'));
const database = await databaseAt(root, { doing: 'changing accounts' });
prepareDatabase(root, database.url);
const result = run(join(root, 'node_modules/.bin/tsx'), [join(root, 'web/src/lib/server/db/cli.ts'), 'account', command, name ?? '', role], {
  cwd: join(root, 'web'),
  env: { DATABASE_URL: database.url, SHOP_SECRET: process.env.SHOP_SECRET ?? shopSecret(folder) },
  input: password,
  silent: true
});
await database.stop();
if (!result.ok) fail(result.error.trim() || 'It could not be done.');
done(result.out.trim());
