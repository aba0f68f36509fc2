/** Database work for scripts: `tsx cli.ts migrate`, `demo`, `crowd 10000`, `audit`, `account add Name owner`. Plain words on standard output, non-zero on failure. */
import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { accountSchema } from '../../api/door-schema';
import { addAccount, changeAccount } from '../doors/accounts';
import { database } from './connect';
import { fillCrowd } from './crowd';
import { auditDeeds } from './deeds';
import { loadDemo } from './demo';
import { migrator } from './migrate';
import { tables } from './models';

const DEMO_FOLDER = fileURLToPath(new URL('../../../../../demo/data', import.meta.url));

const MOST_VISITS = 60;

/** Accounts from the command line: what the pages judge by judges here too. */
async function account(what: string, name: string, role: string): Promise<string> {
  const { Account } = tables(database());
  const rows = await Account.findAll({ order: [['name', 'ASC']] });
  if (what === 'list') return rows.length === 0 ? 'nobody has an account' : rows.map((a) => `${a.name}: ${a.role}${a.closedAt ? ', closed' : ''}`).join('\n');
  const password = readFileSync(0, 'utf8').split('\n')[0];
  const asked = accountSchema.safeParse({ name, role, password });
  if (!asked.success) throw new Error(asked.error.issues.map((i) => `${i.path.join('.')}: ${i.message}`).join('; '));
  if (what === 'add') {
    await addAccount(asked.data);
    return `added ${name}, ${role}; everybody signs in from now on`;
  }
  const found = rows.find((a) => a.name.toLowerCase() === asked.data.name.toLowerCase());
  if (!found) throw new Error(`there is no account “${name}”`);
  await changeAccount(found.id, { password, closed: false, ...(found.second ? { withoutSecond: true as const } : {}) });
  return `${found.name} has a new password; all their sessions have ended`;
}
/** What a look through the record found. @throws where something was removed or changed */
async function audit(end: string): Promise<string> {
  const found = await auditDeeds(end);
  const told = `${found.deeds} entries${found.earlier > 0 ? `, and ${found.earlier} changes from before the record was chained` : ''}`;
  if (found.wrong.length > 0) throw new Error(`Of ${told}, these are not as they were written:\n  ${found.wrong.slice(0, 50).join('\n  ')}`);
  return `${told}: all as they were written. The record ends with ${found.end || 'nothing'}`;
}

async function run(command: string | undefined, ...said: string[]): Promise<string> {
  const sequelize = database();
  const [count] = said;
  if (command === 'account') return account(said[0], said[1], said[2]);
  if (command === 'accounts') return String(await tables(sequelize).Account.count());
  if (command === 'audit') return audit(count ?? '');
  if (command === 'migrate') {
    const done = await migrator(sequelize).up();
    return done.length === 0 ? 'the database is up to date' : `ran ${done.map((m) => m.name).join(', ')}`;
  }
  if (command === 'demo') {
    const loaded = await loadDemo(sequelize, resolve(DEMO_FOLDER));
    return loaded === null ? 'the database has content; the demo is left as it is' : `loaded ${loaded}`;
  }
  if (command === 'crowd') {
    const people = Number(count);
    if (!Number.isInteger(people) || people < 2) throw new Error('say how many people: crowd 10000');
    const often = await fillCrowd(sequelize, { people, fittings: 2 * people + MOST_VISITS, tries: 10 * people, pairs: 6 * people, mostVisits: MOST_VISITS });
    return `filled with ${people} people; the one with ${MOST_VISITS} visits is ${often}`;
  }
  throw new Error(`unknown command ${command ?? '(none)'}; there are migrate, demo, crowd, account, accounts and audit`);
}

run(process.argv[2], ...process.argv.slice(3))
  .then(async (message) => {
    console.log(message);
    await database().close();
  })
  .catch((error: unknown) => {
    console.error(error instanceof Error ? error.message : error);
    process.exit(1);
  });
