import { QueryTypes, type Model, type ModelStatic } from 'sequelize';
import type { z } from 'zod';
import { database } from './connect';

/**
 * Rows of a SELECT written in SQL, where models would take several round trips. Values go in as replacements, never into the text.
 * @param row what each row is
 * @throws ZodError when a row is something else
 */
export const select = async <S extends z.ZodType>(row: S, sql: string, replacements: Record<string, unknown> = {}): Promise<z.output<S>[]> =>
  (await database().query<object>(sql, { type: QueryTypes.SELECT, replacements })).map((found) => row.parse(found));

/** Rows of a SELECT of a model's columns, read as the model reads them; what else is selected stands beside them (`row.get()`). */
export const selectRows = <M extends Model>(model: ModelStatic<M>, sql: string, replacements: Record<string, unknown> = {}): Promise<M[]> =>
  database().query<M>(sql, { type: QueryTypes.SELECT, replacements, model, mapToModel: true });

/** Rows of a SELECT as they come, for tens of thousands of them: of what our own hand wrote, with the columns that are asked for. */
export const selectPlain = <R extends object>(sql: string, replacements: Record<string, unknown> = {}): Promise<R[]> =>
  database().query<R>(sql, { type: QueryTypes.SELECT, replacements, raw: true });
/** One statement that changes rows, written in SQL. */
export const change = (sql: string, replacements: Record<string, unknown> = {}): Promise<unknown> => database().query(sql, { replacements });
