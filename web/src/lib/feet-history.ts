import { fitOnce, footAsWorn, readStyleSize, shoeOf, stateOfFlags, stillGoesIn, wornWith, ZONE_AT, type Style } from '@chiave/core/fit';
import { growthAt, remeasureAfter, roomLasts, trendOf, weightChanges, type DatedReading, type Remeasure, type Trend } from '@chiave/core/foot';
import { readingSd, type MeasureId, type Side, type HowTaken } from '@chiave/core/measure';
import type { CustomerRow } from './api/rows';
import type { FittingRow, TryRow } from './api/rows';
import { feetOf, wearOf } from './fit-feet';

/** A person's feet over the years: what changed beyond the hand's error, when to look again, what room is left. */
export const FOLLOWED = ['lengthMm', 'ballGirthMm', 'ballWidthMm', 'instepGirthMm'] as const satisfies readonly MeasureId[];
export type FollowedId = (typeof FOLLOWED)[number];

/** Of a visit what is followed over the years; a whole fitting is one too. */
export interface FollowedFitting {
  openedAt: string;
  weightKg: number | null;
  feet: Record<Side, { values: Partial<Record<FollowedId, { mm: number; how: Exclude<HowTaken, 'derived'>; sdMm?: number }>> }>;
}

export interface Series {
  id: FollowedId;
  sides: Record<Side, { points: DatedReading[]; trend: Trend | null }>;
  /** Left less right at each date where both were read. */
  apart: DatedReading[];
}

const YEAR_MS = 365.2425 * 86_400_000;
export const yearOf = (iso: string): number => 1970 + Date.parse(iso) / YEAR_MS;
/** The moment of a year as a fraction, epoch milliseconds. */
export const momentOf = (year: number): number => (year - 1970) * YEAR_MS;

/** Series of one measure over a person's fittings, oldest first. */
export function seriesOf(fittings: readonly FollowedFitting[], id: FollowedId): Series {
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

/** When somebody was born, as years: to the middle of the month where it is known, of the year where not. */
export const bornAt = ({ born, bornMonth }: Pick<CustomerRow, 'born' | 'bornMonth'>): number | null =>
  born === null ? null : born + ((bornMonth ?? 7) - 0.5) / 12;
/** Age in years at a moment, to the month where the month of birth is known. */
export function ageAt(customer: Pick<CustomerRow, 'born' | 'bornMonth'>, iso: string): number | undefined {
  const born = bornAt(customer);
  return born === null ? undefined : yearOf(iso) - born;
}

export interface NextCheck extends Remeasure {
  /** ISO date; null while nothing was measured. */
  due: string | null;
  overdue: boolean;
  growsMmPerYear: number;
}

/** When the feet should be measured again. */
export function nextCheck(customer: CustomerRow, fittings: readonly FollowedFitting[], now: string): NextCheck {
  const measured = fittings.filter((f) => f.feet.left.values.lengthMm || f.feet.right.values.lengthMm);
  const last = measured.reduce<FollowedFitting | null>((a, f) => (!a || f.openedAt > a.openedAt ? f : a), null);
  const age = ageAt(customer, now);
  const weights = measured.flatMap((f) => (f.weightKg === null ? [] : [f.weightKg]));
  const weightChanged = weights.length > 1 && weightChanges(Math.min(...weights), Math.max(...weights));
  const rule = remeasureAfter(age, customer.fitsAs, { pregnant: stateOfFlags(customer.flags).pregnant, weightChanged });
  const growsMmPerYear = age === undefined ? 0 : growthAt(age, customer.fitsAs).perYearMm;
  if (!last) return { ...rule, due: null, overdue: false, growsMmPerYear };
  const due = new Date(last.openedAt);
  due.setUTCMonth(due.getUTCMonth() + rule.months);
  return { ...rule, due: due.toISOString(), overdue: due.toISOString() < now, growsMmPerYear };
}

/** A size of a style, and what was put into either shoe. */
export type SizedPair = Pick<TryRow, 'size' | 'width' | 'put'>;
export interface RoomLeft {
  roomMm: number;
  /** Months of growth it still has room for; 0 none, null when the feet no longer grow. */
  months: number | null;
}
/**
 * Room in front of the toes left in a pair, for the feet as last measured; null for a size the style has not any more.
 * @param last the newest visit at which both feet were measured
 */
export function roomLeft(last: FittingRow, { size, width, put }: SizedPair, style: Style, now: string): RoomLeft | null {
  const read = readStyleSize(style, size, width);
  if ('message' in read) return null;
  const { customer } = last;
  const wear = wearOf(last);
  const feet = feetOf(last).map((foot) => footAsWorn(foot, wear));
  const shoe = shoeOf(style, read.size, read.width);
  const goesIn = stillGoesIn(shoe, wear, put);
  const worn = feet.map((foot) => wornWith(shoe, wear, goesIn ? put[foot.foot.side] : undefined));
  const roomMm = Math.min(...feet.map((foot, i) => fitOnce(foot.dims, shoe, worn[i].wear, worn[i].aids).zone[ZONE_AT['toe-room']]));
  if (!Number.isFinite(roomMm)) return null;
  const age = ageAt(customer, now);
  return { roomMm, months: age === undefined ? null : roomLasts(roomMm, Math.max(...feet.map((f) => f.dims.lengthMm)), age, customer.fitsAs) };
}
