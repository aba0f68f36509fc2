import type { QueryInterface, Sequelize } from 'sequelize';
import { SequelizeStorage, Umzug } from 'umzug';
import * as firstSlice from './migrations/0001-first-slice';
import * as sizes from './migrations/0002-sizes';
import * as feet from './migrations/0003-feet';
import * as stockroom from './migrations/0004-stockroom';
import * as targets from './migrations/0005-targets';
import * as between from './migrations/0006-between';
import * as putIn from './migrations/0007-put-in';
import * as mend from './migrations/0008-mend';
import * as heels from './migrations/0009-heels';
import * as pointe from './migrations/0010-pointe';
import * as beliefs from './migrations/0011-pointe-beliefs';
import * as uses from './migrations/0012-uses';
import * as pulls from './migrations/0013-pulls';
import * as learning from './migrations/0014-learning';
import * as keeping from './migrations/0015-keeping';
import * as safeHands from './migrations/0016-safe-hands';
import * as foundByIndex from './migrations/0017-found-by';
import * as scans from './migrations/0018-scans';
import * as hammerToe from './migrations/0019-hammer-toe';
import { steps, type Steps } from './steps';

interface Migration {
  up: (s: Steps) => Promise<void>;
  down: (s: Steps) => Promise<void>;
}

/** Every migration, in order. A new one is a new row; it must be able to run again from wherever it was interrupted. */
export const MIGRATIONS: readonly (Migration & { name: string })[] = [
  { name: '0001-first-slice', ...firstSlice },
  { name: '0002-sizes', ...sizes },
  { name: '0003-feet', ...feet },
  { name: '0004-stockroom', ...stockroom },
  { name: '0005-targets', ...targets },
  { name: '0006-between', ...between },
  { name: '0007-put-in', ...putIn },
  { name: '0008-mend', ...mend },
  { name: '0009-heels', ...heels },
  { name: '0010-pointe', ...pointe },
  { name: '0011-pointe-beliefs', ...beliefs },
  { name: '0012-uses', ...uses },
  { name: '0013-pulls', ...pulls },
  { name: '0014-learning', ...learning },
  { name: '0015-keeping', ...keeping },
  { name: '0016-safe-hands', ...safeHands },
  { name: '0017-found-by', ...foundByIndex },
  { name: '0018-scans', ...scans },
  { name: '0019-hammer-toe', ...hammerToe }
];

/** Brings the database to the newest structure; what has run is kept in `migrations`. */
export function migrator(sequelize: Sequelize): Umzug<QueryInterface> {
  const context = sequelize.getQueryInterface();
  return new Umzug({
    context,
    storage: new SequelizeStorage({ sequelize, tableName: 'migrations' }),
    logger: undefined,
    migrations: MIGRATIONS.map(({ name, up, down }) => ({ name, up: () => up(steps(context)), down: () => down(steps(context)) }))
  });
}
