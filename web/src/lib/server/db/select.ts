import { QueryTypes } from 'sequelize';
import { database } from './connect';

/** Rows of a SELECT written in SQL, where models would take several round trips. Values go in as replacements, never into the text. */
export const select = (sql: string, replacements: Record<string, unknown> = {}): Promise<Record<string, unknown>[]> =>
  database().query<Record<string, unknown>>(sql, { type: QueryTypes.SELECT, replacements });
