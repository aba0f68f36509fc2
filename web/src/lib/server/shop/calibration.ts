import type { KindId } from '@chiave/core/fit';
import { calibrationOf, type Calibration, type Outcome } from '@chiave/core/learn';
import { KEPT, LEFT, RETURNED } from '../../api/outcomes';
import { cameOut } from '../../try-outcome';
import { database, tables } from '../db';
import { stockroomNow } from './stockroom';

/** Whether the chances this shop was told came true, in all and by kind of shoe. */
export interface ShopTruth {
  all: Calibration | null;
  kinds: { kind: KindId; calibration: Calibration }[];
  /** Pairs that ended, of which nothing tells whether they fitted. */
  untold: number;
}
/** Pairs that ended, each person and style once: the newest counts. */
export async function truthOfShop(): Promise<ShopTruth> {
  const t = tables(database());
  const [rows, fittings, { styles }] = await Promise.all([
    t.TryOn.findAll({ where: { outcome: [KEPT, LEFT, RETURNED] }, attributes: ['fittingId', 'styleId', 'outcome', 'felt', 'probability'], order: [['id', 'DESC']] }),
    t.Fitting.findAll({ attributes: ['id', 'customerId'], raw: true }),
    stockroomNow()
  ]); // prettier-ignore
  const personOf = new Map(fittings.map((f) => [f.id, f.customerId]));
  const kindOf = new Map(styles.map((s) => [s.id, s.kind]));
  const seen = new Set<string>();
  const byKind = new Map<KindId, Outcome[]>();
  const all: Outcome[] = [];
  let untold = 0;
  for (const row of rows) {
    const key = `${personOf.get(row.fittingId)} ${row.styleId}`;
    if (seen.has(key)) continue;
    seen.add(key);
    const good = cameOut(row);
    if (good === null) {
      untold++;
      continue;
    }
    const outcome = { chance: row.probability, good };
    all.push(outcome);
    const kind = kindOf.get(row.styleId);
    if (kind) byKind.set(kind, [...(byKind.get(kind) ?? []), outcome]);
  }
  const kinds = [...byKind].map(([kind, of]) => ({ kind, calibration: calibrationOf(of)! })).sort((a, b) => b.calibration.n - a.calibration.n);
  return { all: calibrationOf(all), kinds, untold };
}
