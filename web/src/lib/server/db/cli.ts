/** Database work for scripts: `tsx cli.ts migrate`, `demo`, `crowd 10000`. Plain words on standard output, non-zero on failure. */
import { resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { database } from './connect';
import { fillCrowd } from './crowd';
import { loadDemo } from './demo';
import { migrator } from './migrate';

const DEMO_FOLDER = fileURLToPath(new URL('../../../../../demo/data', import.meta.url));

const MOST_VISITS = 60;

async function run(command: string | undefined, count: string | undefined): Promise<string> {
  const sequelize = database();
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
  throw new Error(`unknown command ${command ?? '(none)'}; there are migrate, demo and crowd`);
}

run(process.argv[2], process.argv[3])
  .then(async (message) => {
    console.log(message);
    await database().close();
  })
  .catch((error: unknown) => {
    console.error(error instanceof Error ? error.message : error);
    process.exit(1);
  });
