import { createHash } from 'node:crypto';
import { existsSync, readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { run } from './run.mjs';
import { done, fail, step } from './say.mjs';

/** What a build depends on. */
const SOURCES = [
  'core/src',
  'web/src',
  'web/static',
  'web/package.json',
  'web/svelte.config.js',
  'web/vite.config.ts',
  'web/vite.heavy.config.ts',
  'package-lock.json'
];

function* filesUnder(path) {
  if (!existsSync(path)) return;
  const entries = readdirSyncOrNull(path);
  if (entries === null) yield path;
  else for (const entry of entries) yield* filesUnder(join(path, entry));
}

function readdirSyncOrNull(path) {
  try {
    return readdirSync(path).sort();
  } catch {
    return null;
  }
}

function sourceHash(root) {
  const hash = createHash('sha256');
  for (const source of SOURCES) {
    for (const file of filesUnder(join(root, source))) hash.update(file.slice(root.length)).update(readFileSync(file));
  }
  return hash.digest('hex');
}

/** Builds the application when its sources changed since the last build. */
export function buildWeb(root) {
  const mark = join(root, 'web/build/.chiave-source');
  const hash = sourceHash(root);
  if (existsSync(join(root, 'web/build/index.js')) && existsSync(mark) && readFileSync(mark, 'utf8') === hash) return;
  step('Building');
  if (!run('npm', ['run', 'build', '--silent', '--', '--logLevel', 'error'], { cwd: join(root, 'web'), quiet: true }).ok) {
    fail('The build failed; the lines above say why.');
  }
  writeFileSync(mark, hash);
  done('done');
}
