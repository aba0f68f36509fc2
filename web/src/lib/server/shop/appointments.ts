import { z } from 'zod';
import { appointmentFields } from '../../api/keep-schema';
import { bySchema, select } from '../db';

export interface Comes {
  id: number;
  personId: number;
  name: string;
  purpose: string;
  /** Minutes after midnight in the shop, and how long it takes. */
  from: number;
  minutes: number;
}
const row = z.object({ id: z.number(), personId: z.number(), name: z.string(), body: z.unknown() });
/** Who comes on a day, the earliest first. */
export async function comeOn(day: string): Promise<Comes[]> {
  const rows = await select(
    row,
    `SELECT a.id, a.customer_id AS personId, c.name, a.body FROM appointments a JOIN customers c ON c.id = a.customer_id
     WHERE a.on_day = :day AND c.erased_at IS NULL`,
    { day }
  );
  return rows
    .flatMap(({ id, personId, name, body }): Comes[] => {
      const read = bySchema(body, appointmentFields, null);
      if (!read) return [];
      const [h, m] = read.time.split(':').map(Number);
      return [{ id, personId, name, purpose: read.purpose, from: 60 * h + m, minutes: read.minutes }];
    })
    .sort((a, b) => a.from - b.from || a.id - b.id);
}
