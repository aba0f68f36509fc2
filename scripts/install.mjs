import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { found, run } from './run.mjs';
import { done, fail, step } from './say.mjs';

/** Installs npm packages when there are none, or when the lock file changed since. */
export function installPackages(root) {
  const lock = createHash('sha256')
    .update(readFileSync(join(root, 'package-lock.json')))
    .digest('hex');
  const mark = join(root, 'node_modules', '.chiave-lock');
  if (existsSync(mark) && readFileSync(mark, 'utf8') === lock) return;
  step('Installing npm packages');
  if (!run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'], { cwd: root, quiet: true }).ok) fail('npm ci failed; the lines above say why.');
  mkdirSync(join(root, 'node_modules'), { recursive: true });
  writeFileSync(mark, lock);
  done('done');
}

/** Debian packages whose commands are not there. @param wanted { command, or path of a file: debian package } */
export function missingPackages(wanted) {
  const there = (name) => (name.startsWith('/') ? existsSync(name) : found(name) || existsSync(`/usr/sbin/${name}`));
  return [...new Set(Object.entries(wanted).flatMap(([name, debian]) => (there(name) ? [] : [debian])))];
}

/**
 * Installs Debian packages that bring the commands asked for: through apt as root, else says exactly what to type.
 * @param wanted { command, or path of a file: debian package }
 */
export function installCommands(wanted) {
  const packages = missingPackages(wanted);
  if (packages.length === 0) return;
  const line = `apt-get update && apt-get install -y ${packages.join(' ')}`;
  if (process.getuid?.() !== 0) fail(`Missing: ${packages.join(', ')}. Install with\n\n  sudo sh -c '${line}'\n\nand start again.`);
  step(`Installing ${packages.join(', ')} through apt`);
  const env = {
    DEBIAN_FRONTEND: 'noninteractive',
    // Debian would start a system MariaDB of its own; ours is private.
    RUNLEVEL: '1'
  };
  run('apt-get', ['update', '-qq'], { quiet: true, env });
  if (!run('apt-get', ['install', '-y', '-qq', '--no-install-recommends', ...packages], { quiet: true, env }).ok) {
    fail(`apt could not install ${packages.join(', ')}. Try by hand:\n\n  ${line}`);
  }
  done('done');
}
