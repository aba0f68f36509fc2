import type { z } from 'zod';
import { weighHabit, type HabitEstimate } from '@chiave/core/size';
import type { habitSchema } from '../../api/size-schema';
import type { HabitRow } from '../../api/rows';
import { database, tables, type HabitModel } from '../db';
import { notFound } from '../problems';

const toRow = ({ id, lastId, evidence, offsetSizes, variant, madeYear, note, createdAt }: HabitModel): HabitRow => ({
  id,
  lastId,
  evidence,
  offsetSizes,
  variant: variant ?? '',
  madeYear: madeYear ?? null,
  note: note ?? '',
  createdAt: createdAt.toISOString()
});

/** Every report of how lasts run, newest first. */
export async function allHabits(): Promise<HabitRow[]> {
  const rows = await tables(database()).Habit.findAll({ order: [['createdAt', 'DESC']] });
  return rows.map(toRow);
}

/** Keeps one report. @throws Problem 404 for a last that is not there */
export async function addHabit(report: z.infer<typeof habitSchema>): Promise<HabitRow> {
  const t = tables(database());
  if (!(await t.Last.findByPk(report.lastId))) throw notFound(`last “${report.lastId}”`);
  const row = await t.Habit.create({ ...report, createdAt: new Date() });
  return toRow(row);
}

/** Takes a report away. @throws Problem 404 */
export async function removeHabit(id: number): Promise<void> {
  if ((await tables(database()).Habit.destroy({ where: { id } })) === 0) throw notFound(`report ${id}`);
}

/** Reports of one last weighed together. */
export const habitOf = (rows: readonly HabitRow[], lastId: string): HabitEstimate => weighHabit(rows.filter((r) => r.lastId === lastId));
