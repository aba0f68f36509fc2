import { join } from 'node:path';
import { run } from './run.mjs';
import { done, fail, step } from './say.mjs';

/** Migrates and loads the demo once, through the application's own database code. */
export function prepareDatabase(root, url) {
  for (const [command, what] of [
    ['migrate', 'Migrating the database'],
    ['demo', 'Loading the demo scenario']
  ]) {
    step(what);
    const result = run(join(root, 'node_modules/.bin/tsx'), [join(root, 'web/src/lib/server/db/cli.ts'), command], {
      cwd: join(root, 'web'),
      env: { DATABASE_URL: url },
      quiet: true
    });
    if (!result.ok) fail(`${what} failed; the lines above say why.`);
    done(result.out.trim());
  }
}

/** How many accounts there are. */
export function accountsIn(root, url) {
  const result = run(join(root, 'node_modules/.bin/tsx'), [join(root, 'web/src/lib/server/db/cli.ts'), 'accounts'], {
    cwd: join(root, 'web'),
    env: { DATABASE_URL: url },
    quiet: true
  });
  if (!result.ok) fail('Counting the accounts failed; the lines above say why.');
  return Number(result.out.trim());
}
