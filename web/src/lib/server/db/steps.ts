import { Op, type QueryInterface } from 'sequelize';

export const OPTIONS = { engine: 'InnoDB', charset: 'utf8mb4', collate: 'utf8mb4_unicode_ci' };

type Column = Parameters<QueryInterface['addColumn']>[2];

export interface Steps {
  createTable: (table: string, columns: Parameters<QueryInterface['createTable']>[1]) => Promise<void>;
  dropTable: (table: string) => Promise<void>;
  addColumn: (table: string, name: string, column: Column) => Promise<void>;
  removeColumn: (table: string, name: string) => Promise<void>;
  /** Sets a column to what is given, whatever it was. */
  changeColumn: (table: string, name: string, column: Column) => Promise<void>;
  addIndex: (table: string, columns: readonly string[]) => Promise<void>;
  removeIndex: (table: string, columns: readonly string[]) => Promise<void>;
  /** Rows that are there, some at a time. */
  rows: (table: string, columns: readonly string[], each: (rows: Record<string, unknown>[]) => Promise<void>) => Promise<void>;
  /** Adds rows; those whose key is there already stay as they are. */
  addRows: (table: string, rows: readonly object[]) => Promise<void>;
  /** One UPDATE that changes nothing where it has run before. */
  changeRows: (update: string) => Promise<void>;
}

const indexName = (table: string, columns: readonly string[]): string => `${table}_${columns.join('_')}`;

/** Rows read at once. */
const BATCH = 500;

/**
 * Changes of the structure for migrations. Each leaves alone what is there already, so that a migration that was
 * interrupted anywhere can run again from its beginning: MariaDB makes each of these statements whole or not at all.
 */
export function steps(q: QueryInterface): Steps {
  const has = async (table: string, name: string): Promise<boolean> => name in (await q.describeTable(table));
  return {
    // Sequelize writes CREATE TABLE IF NOT EXISTS and DROP TABLE IF EXISTS.
    createTable: (table, columns) => q.createTable(table, columns, OPTIONS),
    dropTable: (table) => q.dropTable(table),
    addColumn: async (table, name, column) => {
      if (!(await has(table, name))) await q.addColumn(table, name, column);
    },
    // Sequelize's own looks for foreign keys first, and fails at it with this driver.
    removeColumn: (table, name) => q.sequelize.query(`ALTER TABLE \`${table}\` DROP COLUMN IF EXISTS \`${name}\``).then(() => {}),
    changeColumn: (table, name, column) => q.changeColumn(table, name, column as never).then(() => {}),
    removeIndex: (table, columns) => q.sequelize.query(`DROP INDEX IF EXISTS \`${indexName(table, columns)}\` ON \`${table}\``).then(() => {}),
    addIndex: async (table, columns) => {
      const name = indexName(table, columns);
      const there = (await q.showIndex(table)) as { name: string }[];
      if (!there.some((index) => index.name === name)) await q.addIndex(table, [...columns], { name });
    },
    rows: async (table, columns, each) => {
      for (let after = 0; ;) {
        const found = (await q.select(null, table, {
          attributes: ['id', ...columns],
          where: { id: { [Op.gt]: after } },
          order: ['id'],
          limit: BATCH
        } as never)) as {
          id: number;
        }[];
        if (found.length === 0) return;
        await each(found);
        after = found.at(-1)!.id;
      }
    },
    addRows: async (table, rows) => {
      if (rows.length > 0) await q.bulkInsert(table, [...rows], { ignoreDuplicates: true } as never);
    },
    changeRows: (update) => q.sequelize.query(update).then(() => {})
  };
}
