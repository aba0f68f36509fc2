import { z } from 'zod';
import { excludedSchema, reasonSchema, toldSchema, triedWithSchema } from '../../api/chair-schema';
import { KEPT, LEFT, OUTCOMES, RETURNED } from '../../api/outcomes';
import { feltSchema } from '../../api/shop-schema';
import { idOf } from '../../api/values';
import { select } from '../db';
import { heavy } from '../heavy/pool';
import type { ShopTruth } from '../truth-job';

/** A JSON column as SQL brings it: text, or nothing; what cannot be read counts as nothing. */
const json = <S extends z.ZodType>(of: S) =>
  z.unknown().transform((value): z.output<S> | null => {
    try {
      return of.safeParse(typeof value === 'string' ? JSON.parse(value) : value).data ?? null;
    } catch {
      return null;
    }
  });
const endedRow = z.object({
  person: z.coerce.number(),
  styleId: z.string(),
  outcome: z.enum(idOf(OUTCOMES)),
  probability: z.number(),
  felt: json(feltSchema),
  reason: json(reasonSchema),
  told: json(toldSchema),
  triedWith: json(triedWithSchema),
  excluded: json(excludedSchema)
});
export type EndedRow = z.output<typeof endedRow>;

/** Whether the chances told in this shop came true: every pair that ended, newest first, judged beside the requests. */
export async function truthOfShop(): Promise<ShopTruth> {
  const rows = await select(
    endedRow,
    `SELECT f.customer_id AS person, t.style_id AS styleId, t.outcome, t.probability, t.felt, t.reason, t.told, t.tried_with AS triedWith, t.excluded
     FROM try_ons t JOIN fittings f ON f.id = t.fitting_id WHERE t.outcome IN (:ended) ORDER BY t.id DESC`,
    { ended: [KEPT, LEFT, RETURNED] }
  );
  return heavy('truthOf', { rows });
}
