import { EXTRA, isExtraId, type ExtraId } from './extras';
import { FACTOR, type WayOfTaking } from './ways';
import { MEASURE, type MeasureId } from './measures';

/** Everything that can be taken of a foot. */
export type TakenId = MeasureId | ExtraId;

/** What a taken value is called. */
export const nameOfTaken = (id: TakenId): string => (isExtraId(id) ? EXTRA[id].name : MEASURE[id].name);

/** Standard deviation of one reading taken in a way, mm or degrees. */
export const readingSd = (id: TakenId, how: WayOfTaking): number => (isExtraId(id) ? EXTRA[id].sd : MEASURE[id].tapeSdMm) * FACTOR[how];

export interface Reading {
  mm: number;
  how: WayOfTaking;
}
export interface Combined {
  mm: number;
  sdMm: number;
  /** Said when two readings are further apart than their errors explain; both are kept. */
  disagreement: string;
}

/** Readings further apart than this many deviations of their difference are asked about. */
const APART_SD = 2;
/**
 * An error of the hand that no second reading takes away: where the tape lies and how the foot stands [estimate], as a
 * share of one reading's.
 */
const SHARED = 0.4;

/**
 * Several readings of one measure as one value: weighted by inverse variance. The part of the error that they share stays.
 * @throws RangeError without a reading
 * @example combineReadings('lengthMm', [{ mm: 248, how: 'device' }, { mm: 249, how: 'device' }]).mm // 248.5
 */
export function combineReadings(id: TakenId, readings: readonly Reading[]): Combined {
  if (readings.length === 0) throw new RangeError('a value needs a reading');
  const sds = readings.map((r) => readingSd(id, r.how));
  const total = sds.reduce((sum, sd) => sum + 1 / sd ** 2, 0);
  const mm = readings.reduce((sum, r, i) => sum + r.mm / sds[i] ** 2, 0) / total;
  const own = Math.sqrt((1 - SHARED ** 2) / total);
  const shared = SHARED * Math.min(...sds);
  return { mm, sdMm: readings.length === 1 ? sds[0] : Math.hypot(own, shared), disagreement: disagreementOf(id, readings, sds) };
}

function disagreementOf(id: TakenId, readings: readonly Reading[], sds: readonly number[]): string {
  for (let i = 1; i < readings.length; i++) {
    const apart = Math.abs(readings[i].mm - readings[0].mm);
    const explained = APART_SD * Math.sqrt(1 - SHARED ** 2) * Math.hypot(sds[0], sds[i]);
    if (apart > explained) {
      const unit = isExtraId(id) ? EXTRA[id].unit : 'mm';
      return `Two readings of the ${nameOfTaken(id)} lie ${Number(apart.toFixed(1))} ${unit} apart; the hand explains about ${explained.toFixed(1)}. Take it once more.`;
    }
  }
  return '';
}
