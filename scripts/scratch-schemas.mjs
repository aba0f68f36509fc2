import { clientOf } from './backup-tools.mjs';
import { run } from './run.mjs';
import { fail } from './say.mjs';

/** Names beside a database's own that a restore works under: what is being read in, and what was there before. */
export const scratchOf = (database) => ({ incoming: `${database}_restoring`, outgoing: `${database}_replaced` });

/** Asks a database server. @returns the rows as lists of cells; null when it refused, told without the data in it */
export function ask(url, text, { loud = true } = {}) {
  const { args, env } = clientOf(url);
  const { ok, out, error } = run('mariadb', [...args, '--batch', '--skip-column-names', '--default-character-set=utf8mb4'], { env, silent: true, input: text });
  if (!ok) {
    if (loud) console.error(bareRefusal(error));
    return null;
  }
  return out
    .split('\n')
    .filter(Boolean)
    .map((line) => line.split('\t'));
}

/** A refusal of MariaDB's client without the piece of the statement it quotes: that may be somebody's name or foot. */
export const bareRefusal = (text) => /ERROR \d+ \([\w]+\)(?: at line \d+)?/.exec(text)?.[0] ?? 'The database does not answer.';

export const tablesOf = (url, schema) => {
  const rows = ask(url, `SELECT table_name FROM information_schema.tables WHERE table_schema = '${schema}' ORDER BY table_name;`);
  if (!rows) fail('The database does not answer.');
  return rows.map(([name]) => name).sort();
};

/** Takes away what a restore that was killed left behind. The database itself is whole: it was changed in one step or not at all. */
export function dropScratch(url) {
  const { database } = clientOf(url);
  const { incoming, outgoing } = scratchOf(database);
  const whole = tablesOf(url, database);
  // Never while the tables are not where they belong.
  if (whole.length === 0 && tablesOf(url, outgoing).length > 0) {
    fail(`The tables of ${database} stand in ${outgoing}: a change was interrupted in a way that cannot be. Move them back by hand before anything else.`);
  }
  ask(url, `DROP DATABASE IF EXISTS \`${incoming}\`; DROP DATABASE IF EXISTS \`${outgoing}\`;`);
}
