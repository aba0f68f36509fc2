/** Database work for the start script: `tsx cli.ts migrate`, `tsx cli.ts demo`. Plain words on standard output, non-zero on failure. */
import { resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { database } from './connect';
import { loadDemo } from './demo';
import { migrator } from './migrate';

const DEMO_FOLDER = fileURLToPath(new URL('../../../../../demo/data', import.meta.url));

async function run(command: string | undefined): Promise<string> {
  const sequelize = database();
  if (command === 'migrate') {
    const done = await migrator(sequelize).up();
    return done.length === 0 ? 'the database is up to date' : `ran ${done.map((m) => m.name).join(', ')}`;
  }
  if (command === 'demo') {
    const loaded = await loadDemo(sequelize, resolve(DEMO_FOLDER));
    return loaded === null ? 'the database has content; the demo is left as it is' : `loaded ${loaded}`;
  }
  throw new Error(`unknown command ${command ?? '(none)'}; there are migrate and demo`);
}

run(process.argv[2])
  .then(async (message) => {
    console.log(message);
    await database().close();
  })
  .catch((error: unknown) => {
    console.error(error instanceof Error ? error.message : error);
    process.exit(1);
  });
