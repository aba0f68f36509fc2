import type { z } from 'zod';
import { weighHabit, type EvidenceId, type HabitEstimate } from '@chiave/core/size';
import type { habitSchema } from '../../api/size-schema';
import { database, tables } from '../db';
import { notFound } from '../problems';

export interface HabitRow {
  id: number;
  lastId: string;
  evidence: EvidenceId;
  offsetSizes: number;
  variant: string;
  madeYear: number | null;
  note: string;
  createdAt: string;
}

const toRow = (value: Record<string, unknown>): HabitRow => ({
  id: value.id as number,
  lastId: value.lastId as string,
  evidence: value.evidence as EvidenceId,
  offsetSizes: value.offsetSizes as number,
  variant: (value.variant as string) ?? '',
  madeYear: (value.madeYear as number | null) ?? null,
  note: (value.note as string | null) ?? '',
  createdAt: new Date(value.createdAt as string).toISOString()
});

/** Every report of how lasts run, newest first. */
export async function allHabits(): Promise<HabitRow[]> {
  const rows = await tables(database()).Habit.findAll({ order: [['createdAt', 'DESC']] });
  return rows.map((row) => toRow(row.get({ plain: true }) as Record<string, unknown>));
}

/** Keeps one report. @throws Problem 404 for a last that is not there */
export async function addHabit(report: z.infer<typeof habitSchema>): Promise<HabitRow> {
  const t = tables(database());
  if (!(await t.Last.findByPk(report.lastId))) throw notFound(`last “${report.lastId}”`);
  const row = await t.Habit.create({ ...report, createdAt: new Date() });
  return toRow(row.get({ plain: true }) as Record<string, unknown>);
}

/** Takes a report away. @throws Problem 404 */
export async function removeHabit(id: number): Promise<void> {
  if ((await tables(database()).Habit.destroy({ where: { id } })) === 0) throw notFound(`report ${id}`);
}

/** Reports of one last weighed together. */
export const habitOf = (rows: readonly HabitRow[], lastId: string): HabitEstimate => weighHabit(rows.filter((r) => r.lastId === lastId));
