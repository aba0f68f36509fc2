/**
 * `npm test`: everything. Types, lint, format; the core and the web's parts; then the served build with a throwaway
 * database: API, browser; then the doors with accounts, faults, short here, long by `npm test -- faults`. Ends with
 * `N passed, N failed`.
 */
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join, relative, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { stripVTControlCharacters } from 'node:util';
import { buildWeb } from './build.mjs';
import { installCommands, installPackages } from './install.mjs';
import { run } from './run.mjs';
import { step } from './say.mjs';
import { throwaway } from './throwaway.mjs';

const root = resolve(dirname(fileURLToPath(import.meta.url)), '..');
const only = process.argv.slice(2).filter((word) => !word.startsWith('-'));
const wanted = (name) => only.length === 0 || only.includes(name);
let passed = 0;
let failed = 0;
const failures = [];
const notes = [];

/** First line of an error without colours: why a test failed. */
const firstLine = (error) => stripVTControlCharacters(error ?? '').split('\n').slice(0, 3).join(' ').slice(0, 300); // prettier-ignore

/** `which` names what failed and why, so that the end of a long run tells it. */
function count(name, ok, bad, which = []) {
  passed += ok;
  failed += bad;
  if (bad > 0) failures.push(`${name}: ${bad} failed`, ...which.map((test) => `  ${test}`));
  console.log(`  ${name}: ${ok} passed, ${bad} failed`);
}

function check(name, command, args) {
  step(name);
  const { ok } = run(command, args, { cwd: root, quiet: true });
  count(name, ok ? 1 : 0, ok ? 0 : 1);
}

/** A Vitest project; a run that reports nothing has failed. */
function vitest(name, projects, env = {}) {
  step(name);
  const file = join(scratch, `${name}.json`);
  const args = [...projects.flatMap((p) => ['--project', p]), '--reporter=default', '--reporter=json', `--outputFile=${file}`];
  const { ok } = run(join(root, 'node_modules/.bin/vitest'), ['run', ...args], { cwd: root, env });
  const report = existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : null;
  const bad = report ? report.numFailedTests + report.testResults.filter((t) => t.status === 'failed' && t.assertionResults.length === 0).length : 1;
  const which = report?.testResults.flatMap((file) =>
    file.assertionResults.filter((t) => t.status === 'failed').map((t) => `${relative(root, file.name)}: ${t.fullName}: ${firstLine(t.failureMessages?.[0])}`)
  );
  count(name, report?.numPassedTests ?? 0, Math.max(bad, ok ? 0 : 1), which);
}

function playwright(name, env) {
  step(name);
  const file = join(scratch, 'browser.json');
  const { ok } = run(join(root, 'node_modules/.bin/playwright'), ['test', '--reporter=list,json'], {
    cwd: root,
    env: { ...env, PLAYWRIGHT_JSON_OUTPUT_NAME: file }
  });
  const { stats, suites } = existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : { stats: { expected: 0, flaky: 0, unexpected: 1 }, suites: [] };
  const specs = (suite) => [...(suite.specs ?? []), ...(suite.suites ?? []).flatMap(specs)];
  const tried = suites.flatMap(specs).map((spec) => ({ spec, results: spec.tests.flatMap((t) => t.results) }));
  const why = ({ spec, results }) => `${spec.file}: ${spec.title}: ${firstLine(results.find((r) => r.error)?.error.message)}`;
  // A test that went wrong once and passed when it ran again counts as passed, and is named so that it is not forgotten.
  notes.push(...tried.filter(({ spec, results }) => spec.ok && results.some((r) => r.error)).map((t) => `passed when run again: ${why(t)}`));
  count(name, stats.expected + stats.flaky, Math.max(stats.unexpected, ok ? 0 : 1), tried.filter(({ spec }) => !spec.ok).map(why));
}

installPackages(root);
installCommands({
  mariadbd: 'mariadb-server',
  'mariadb-install-db': 'mariadb-server',
  mariadb: 'mariadb-client',
  chromium: 'chromium',
  units: 'units',
  pdftoppm: 'poppler-utils'
});

const scratch = mkdtempSync(join(tmpdir(), 'chiave-test-'));
process.on('exit', () => rmSync(scratch, { recursive: true, force: true }));

if (wanted('check')) {
  check('types of the core', 'npx', ['tsc', '-p', 'core']);
  check('types of the core’s tests', 'npx', ['tsc', '-p', 'core/tests']);
  check('types of the web', 'npm', ['run', '--silent', 'check', '-w', 'web']);
  check('lint', 'npx', ['eslint', '.']);
  check('format', 'npx', ['prettier', '--check', '.']);
}
if (wanted('unit')) vitest('unit', ['core', 'web', 'tracing']);

if (wanted('api') || wanted('browser')) {
  const app = await throwaway(root);
  const env = { CHIAVE_URL: app.address, DATABASE_URL: app.url };
  if (wanted('api')) vitest('api', ['api'], env);
  if (wanted('browser')) playwright('browser', env);
  await app.stop();
}
const form = only.includes('faults') ? 'long' : 'short';
if (wanted('doors')) {
  // From its first account on everybody signs in: a database of its own.
  const log = join(scratch, 'doors.log');
  const app = await throwaway(root, { log });
  vitest('doors', ['doors'], { CHIAVE_URL: app.address, DATABASE_URL: app.url, CHIAVE_LOG: log, FAULTS: form });
  await app.stop();
}
if (wanted('faults')) {
  // A database of its own: what is made up and cut off here must not be seen by other tests.
  const app = await throwaway(root);
  vitest('faults', ['faults'], { CHIAVE_URL: app.address, DATABASE_URL: app.url, FAULTS: form });
  await app.stop();
}
if (wanted('system')) {
  buildWeb(root);
  vitest('system', ['system']);
}

for (const line of [...notes, ...failures]) console.log(line);
console.log(`${passed} passed, ${failed} failed`);
process.exit(failed > 0 ? 1 : 0);
