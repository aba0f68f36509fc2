import { z } from 'zod';
import type { CustomerRow } from '../../api/rows';
import { select } from '../db';
import { customerOf } from './customers';

/** How much of each kind is kept of somebody: for them to read. */
export interface KeptOf {
  customer: CustomerRow;
  counts: { what: string; n: number; from: string | null }[];
}
const row = z.object({ what: z.string(), n: z.coerce.number(), since: z.union([z.date(), z.string()]).nullable() });
/** What is counted: a name as it is told, and where it lies. */
const COUNTED: readonly [string, string][] = [
  ['visits', 'SELECT COUNT(*) AS n, MIN(opened_at) AS since FROM fittings WHERE customer_id = :id'],
  [
    'measures of the feet',
    'SELECT COUNT(*) AS n, MIN(m.taken_at) AS since FROM foot_measures m JOIN fittings f ON f.id = m.fitting_id WHERE f.customer_id = :id'
  ],
  [
    'what each instrument read',
    'SELECT COUNT(*) AS n, MIN(r.taken_at) AS since FROM instrument_readings r JOIN fittings f ON f.id = r.fitting_id WHERE f.customer_id = :id'
  ],
  ['pairs tried on', 'SELECT COUNT(*) AS n, MIN(f.opened_at) AS since FROM try_ons t JOIN fittings f ON f.id = t.fitting_id WHERE f.customer_id = :id'],
  [
    'tracings and scans of the feet',
    'SELECT COUNT(*) AS n, MIN(f.opened_at) AS since FROM tracings t JOIN fittings f ON f.id = t.fitting_id WHERE f.customer_id = :id'
  ],
  ['pairs of your own, with their lines of life', 'SELECT COUNT(*) AS n, NULL AS since FROM pairs WHERE customer_id = :id'],
  ['shoes you told us of', 'SELECT COUNT(*) AS n, MIN(created_at) AS since FROM known_shoes WHERE customer_id = :id'],
  ['troubles you brought home', 'SELECT COUNT(*) AS n, MIN(created_at) AS since FROM troubles WHERE customer_id = :id'],
  ['looks at the feet', 'SELECT COUNT(*) AS n, MIN(created_at) AS since FROM feet_looked WHERE customer_id = :id'],
  [
    'occasions and events',
    'SELECT COUNT(*) + (SELECT COUNT(*) FROM occasions WHERE customer_id = :id) AS n, MIN(created_at) AS since FROM events_ahead WHERE customer_id = :id'
  ],
  ['wishes', 'SELECT COUNT(*) AS n, MIN(created_at) AS since FROM wishes WHERE customer_id = :id'],
  ['answers we sent', 'SELECT COUNT(*) AS n, MIN(said_at) AS since FROM said_answers WHERE customer_id = :id'],
  ['parcels', 'SELECT COUNT(*) AS n, NULL AS since FROM posts WHERE customer_id = :id'],
  [
    'what was noted for pointe shoes',
    'SELECT COUNT(*) + (SELECT COUNT(*) FROM pointe_barre WHERE customer_id = :id) AS n, NULL AS since FROM pointe_pairs WHERE customer_id = :id'
  ],
  ['lines of who changed what', 'SELECT COUNT(*) AS n, MIN(at) AS since FROM change_log WHERE customer_id = :id']
];
/** @throws Problem 404 */
export async function keptOf(id: number): Promise<KeptOf> {
  const customer = await customerOf(id);
  const rows = await select(row, COUNTED.map(([what, sql]) => `SELECT '${what}' AS what, q.* FROM (${sql}) q`).join(' UNION ALL '), { id });
  return { customer, counts: rows.map(({ what, n, since }) => ({ what, n, from: since === null ? null : new Date(since).toISOString() })) };
}
