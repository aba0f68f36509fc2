import { subYears } from 'date-fns';
import { z } from 'zod';
import { select } from '../db';

/** People who have not come for so long that keeping them wants a reason. */
const row = z.object({ id: z.number(), name: z.string(), lastSeen: z.date().transform((d) => d.toISOString()), fittings: z.coerce.number(), pairs: z.coerce.number() }); // prettier-ignore
export type UnseenRow = z.output<typeof row>;
const MOST = 200;
/**
 * Those who were not seen for some years, the longest first: neither a visit nor anything noted of a pair of theirs.
 * @param now the moment they are counted back from
 */
export const unseenFor = (years: number, now = new Date()): Promise<UnseenRow[]> =>
  select(
    row,
    `SELECT c.id, c.name, GREATEST(c.created_at, COALESCE(f.seen, c.created_at), COALESCE(p.seen, c.created_at)) AS lastSeen, COALESCE(f.n, 0) AS fittings, COALESCE(p.n, 0) AS pairs
     FROM customers c
       LEFT JOIN (SELECT customer_id, MAX(updated_at) AS seen, COUNT(*) AS n FROM fittings GROUP BY customer_id) f ON f.customer_id = c.id
       LEFT JOIN (SELECT customer_id, MAX(updated_at) AS seen, COUNT(*) AS n FROM pairs GROUP BY customer_id) p ON p.customer_id = c.id
     WHERE c.erased_at IS NULL AND c.created_at < :before AND COALESCE(f.seen, c.created_at) < :before AND COALESCE(p.seen, c.created_at) < :before
     ORDER BY lastSeen, c.id LIMIT :most`,
    { before: subYears(now, years), most: MOST }
  );
