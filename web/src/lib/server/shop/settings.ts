import type { z } from 'zod';
import type { stripsSchema } from '../../api/size-schema';
import { STRIPS } from '../../drawing/rule-strips';
import { database, fromJson, tables } from '../db';

const STRIPS_NAME = 'rule-strips';

/** The strips along the rule as this shop keeps them; the usual ones when it has not chosen. */
export async function stripsOfShop(): Promise<string[]> {
  const row = await tables(database()).Setting.findByPk(STRIPS_NAME);
  if (!row) return [...STRIPS];
  return fromJson<string[]>(row.get('value'));
}

/** Keeps the shop's strips, in order. */
export async function keepStrips({ strips }: z.infer<typeof stripsSchema>): Promise<void> {
  await tables(database()).Setting.upsert({ name: STRIPS_NAME, value: strips });
}
