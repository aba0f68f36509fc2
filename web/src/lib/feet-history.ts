import { checkFit, footAsWorn, readStyleSize, shoeOf, stillGoesIn, type Style } from '@chiave/core/fit';
import { growthAt, remeasureAfter, roomLasts, trendOf, type DatedReading, type Remeasure, type Trend } from '@chiave/core/foot';
import { readingSd, type MeasureId, type Side } from '@chiave/core/measure';
import type { CustomerRow } from './server/shop/customers';
import type { FittingRow } from './server/shop/fittings';
import { feetOf, wearOf } from './fit-feet';

/** A person's feet over the years: what changed beyond the hand's error, when to look again, what room is left. */
export const FOLLOWED = ['lengthMm', 'ballGirthMm', 'ballWidthMm', 'instepGirthMm'] as const satisfies readonly MeasureId[];
export type FollowedId = (typeof FOLLOWED)[number];

export interface Series {
  id: FollowedId;
  sides: Record<Side, { points: DatedReading[]; trend: Trend | null }>;
  /** Left less right at each date where both were read. */
  apart: DatedReading[];
}

const YEAR_MS = 365.2425 * 86_400_000;
export const yearOf = (iso: string): number => 1970 + Date.parse(iso) / YEAR_MS;

/** Series of one measure over a person's fittings, oldest first. */
export function seriesOf(fittings: readonly FittingRow[], id: FollowedId): Series {
  const oldest = [...fittings].sort((p, q) => p.openedAt.localeCompare(q.openedAt));
  const pointsOf = (side: Side): DatedReading[] =>
    oldest.flatMap((f) => {
      const value = f.feet[side].values[id];
      return value ? [{ year: yearOf(f.openedAt), mm: value.mm, sdMm: value.sdMm ?? readingSd(id, value.how) }] : [];
    });
  const [left, right] = [pointsOf('left'), pointsOf('right')];
  const apart = left.flatMap((l) => {
    const r = right.find((p) => p.year === l.year);
    return r ? [{ year: l.year, mm: l.mm - r.mm, sdMm: Math.hypot(l.sdMm, r.sdMm) }] : [];
  });
  return { id, sides: { left: { points: left, trend: trendOf(left) }, right: { points: right, trend: trendOf(right) } }, apart };
}

/** Age in years at a moment, to the month where the month of birth is known. */
export function ageAt({ born, bornMonth }: Pick<CustomerRow, 'born' | 'bornMonth'>, iso: string): number | undefined {
  return born === null ? undefined : yearOf(iso) - (born + ((bornMonth ?? 7) - 0.5) / 12);
}

export interface NextCheck extends Remeasure {
  /** ISO date; null while nothing was measured. */
  due: string | null;
  overdue: boolean;
  growsMmPerYear: number;
}

/** When the feet should be measured again. */
export function nextCheck(customer: CustomerRow, fittings: readonly FittingRow[], now: string): NextCheck {
  const measured = fittings.filter((f) => f.feet.left.values.lengthMm || f.feet.right.values.lengthMm);
  const last = measured.reduce<FittingRow | null>((a, f) => (!a || f.openedAt > a.openedAt ? f : a), null);
  const age = ageAt(customer, now);
  const weights = measured.flatMap((f) => (f.weightKg === null ? [] : [f.weightKg]));
  const weightChanged = weights.length > 1 && Math.max(...weights) - Math.min(...weights) >= 8;
  const rule = remeasureAfter(age, customer.fitsAs, { pregnant: customer.flags.includes('pregnant'), weightChanged });
  const growsMmPerYear = age === undefined ? 0 : growthAt(age, customer.fitsAs).perYearMm;
  if (!last) return { ...rule, due: null, overdue: false, growsMmPerYear };
  const due = new Date(last.openedAt);
  due.setUTCMonth(due.getUTCMonth() + rule.months);
  return { ...rule, due: due.toISOString(), overdue: due.toISOString() < now, growsMmPerYear };
}

export interface PairRoom {
  tryId: number;
  roomMm: number;
  /** Months of growth it still has room for; 0 none, null when the feet no longer grow. */
  months: number | null;
}

/** Room in front of the toes left in each kept pair, for the feet as last measured. */
export function roomInPairs(customer: CustomerRow, fittings: readonly FittingRow[], styles: readonly Style[], now: string): PairRoom[] {
  const last = fittings.find((f) => feetOf(f).length === 2);
  if (!last) return [];
  const wear = wearOf(last);
  const feet = feetOf(last).map((foot) => footAsWorn(foot, wear));
  const age = ageAt(customer, now);
  return fittings
    .flatMap((f) => f.tries.filter((t) => t.outcome === 'kept'))
    .flatMap((t) => {
      const style = styles.find((s) => s.id === t.styleId);
      const size = style && readStyleSize(style, t.size, t.width);
      if (!style || !size || 'message' in size) return [];
      const shoe = shoeOf(style, size.size, size.width);
      const fit = checkFit(feet, shoe, wear, [], 16, stillGoesIn(shoe, wear, t.put) ? t.put : {});
      const roomMm = Math.min(...fit.feet.map((f) => f.zones.find((z) => z.zone === 'toe-room')?.clearanceMm ?? Infinity));
      const longest = Math.max(...feet.map((f) => f.dims.lengthMm));
      return [{ tryId: t.id, roomMm, months: age === undefined ? null : roomLasts(roomMm, longest, age, customer.fitsAs) }];
    });
}
