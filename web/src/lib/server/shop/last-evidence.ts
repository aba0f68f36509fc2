import { lastFromEvidence, type InsideReading, type LastEstimate } from '@chiave/core/last';
import type { z } from 'zod';
import type { LastRow, ReadingRow } from '../../api/rows';
import type { readingSchema } from '../../api/stock-schema';
import { database, tables } from '../db';
import { invalid, notFound } from '../problems';
import { allMakers, lastById } from './stockroom';

/** Readings of the insides of pairs on a last, oldest first. */
export async function readingsOf(lastId: string): Promise<ReadingRow[]> {
  const rows = await tables(database()).InsideReading.findAll({ where: { lastId }, order: [['id', 'ASC']] });
  return rows.map(({ id, size, width, side, who, takenOn, lengthMm, ballMm, narrowMm, heelMm, ballGirthMm, outline, note }) => ({
    id,
    size,
    width,
    side,
    who,
    takenOn,
    lengthMm,
    ballMm,
    narrowMm,
    heelMm,
    ballGirthMm,
    outline,
    note
  }));
}

/** Keeps a reading. @throws Problem 404 for the last, 422 for a width its maker has not */
export async function addReading(lastId: string, body: z.infer<typeof readingSchema>): Promise<{ id: number }> {
  const last = await lastById(lastId);
  const letters = await lettersOf(last);
  if (!letters.includes(body.width)) throw invalid([{ path: 'width', message: `${body.width} is none of the maker’s widths: ${letters.join(', ')}` }]);
  const row = await tables(database()).InsideReading.create({ ...body, lastId, createdAt: new Date() });
  return { id: row.id };
}

/** Takes a reading away. @throws Problem 404 */
export async function removeReading(id: number): Promise<void> {
  if ((await tables(database()).InsideReading.destroy({ where: { id } })) === 0) throw notFound(`reading ${id}`);
}

const lettersOf = async (last: LastRow): Promise<readonly string[]> => (await allMakers()).find((m) => m.id === last.maker)?.letters ?? [];

/** What all readings of a last say together, with the last as it is kept for what nobody measured. */
export async function estimateOf(last: LastRow, readings: readonly ReadingRow[]): Promise<LastEstimate> {
  const letters = await lettersOf(last);
  const { evidence, ...rest } = last;
  const mark = evidence.mark === 'unsure' || evidence.mark === 'not-seen' ? evidence.mark : 'claimed';
  const inside = readings
    .filter((r) => [r.lengthMm, r.ballMm, r.heelMm, r.ballGirthMm].some((v) => v !== null && v !== undefined))
    .map((r): InsideReading => ({
      size: r.size,
      widthSteps: letters.indexOf(r.width) - letters.indexOf(last.base.width),
      side: r.side,
      who: r.who,
      lengthMm: r.lengthMm ?? undefined,
      ballMm: r.ballMm ?? undefined,
      heelMm: r.heelMm ?? undefined,
      ballGirthMm: r.ballGirthMm ?? undefined,
      outline: r.outline?.map(([x, y]) => ({ x, y }))
    }));
  return lastFromEvidence({ ...rest, mark }, inside);
}
