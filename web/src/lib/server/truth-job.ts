import { ZONE, type KindId, type ZoneId } from '@chiave/core/fit';
import { calibrationOf, type Calibration, type Outcome } from '@chiave/core/learn';
import { SIDES } from '@chiave/core/measure';
import { cameOut, zoneCameOut } from '../try-outcome';
import type { Stock } from './heavy/stock';
import type { EndedRow } from './shop/calibration';

/** Whether the chances this shop was told came true: in all, by kind of shoe, by zone, by who noted it. */
export interface ShopTruth {
  all: Calibration | null;
  kinds: { kind: KindId; calibration: Calibration }[];
  zones: { zone: ZoneId; calibration: Calibration }[];
  fitters: { fitter: string; calibration: Calibration }[];
  /** Pairs that ended, of which nothing tells whether they fitted. */
  untold: number;
}
class Groups<K> {
  readonly #of = new Map<K, Outcome[]>();
  add(key: K, outcome: Outcome): void {
    const own = this.#of.get(key);
    if (own) own.push(outcome);
    else this.#of.set(key, [outcome]);
  }
  /** The largest first. */
  judged = (): { key: K; calibration: Calibration }[] =>
    [...this.#of].map(([key, of]) => ({ key, calibration: calibrationOf(of)! })).sort((a, b) => b.calibration.n - a.calibration.n);
}
/** Each person and style counts once: the newest; what was taken out of learning does not. */
export function truthOf({ rows }: { rows: EndedRow[] }, { styles }: Stock): ShopTruth {
  const kindOf = new Map(styles.map((s) => [s.id, s.kind]));
  const seen = new Set<string>();
  const all: Outcome[] = [];
  const [kinds, zones, fitters] = [new Groups<KindId>(), new Groups<ZoneId>(), new Groups<string>()];
  let untold = 0;
  for (const { person, styleId, outcome, probability, told, triedWith, excluded, ...row } of rows) {
    const key = `${person} ${styleId}`;
    if (seen.has(key) || excluded) continue;
    seen.add(key);
    const felt = row.felt ?? { left: {}, right: {} };
    for (const side of SIDES)
      for (const [zone, word] of Object.entries(felt[side]) as [ZoneId, NonNullable<(typeof felt)['left'][ZoneId]>][]) {
        const chance = told?.[side]?.[zone]?.chance;
        if (chance !== undefined && ZONE[zone].decides) zones.add(zone, { chance, good: zoneCameOut(word) });
      }
    const good = cameOut({ outcome, felt, reason: row.reason });
    if (good === null) {
      untold++;
      continue;
    }
    const counted = { chance: probability, good };
    all.push(counted);
    const kind = kindOf.get(styleId);
    if (kind) kinds.add(kind, counted);
    if (triedWith?.by) fitters.add(triedWith.by, counted);
  }
  return {
    all: calibrationOf(all),
    kinds: kinds.judged().map(({ key, calibration }) => ({ kind: key, calibration })),
    zones: zones.judged().map(({ key, calibration }) => ({ zone: key, calibration })),
    fitters: fitters.judged().map(({ key, calibration }) => ({ fitter: key, calibration })),
    untold
  };
}
