import { extraProblem, isExtraId } from './extras';
import { judgeMeasure } from './plausible';
import type { TakenId } from './readings';

/**
 * The reason why a value cannot be true of a foot, in words; empty where it can.
 * @param value mm, or degrees where the measure is an angle
 * @param lengthMm length of the same foot, when known
 * @example refusalOf('ballGirthMm', 90, 250) // 'A ball girth of 90 mm cannot be on a foot 250 mm long …'
 */
export function refusalOf(id: TakenId, value: number, lengthMm?: number): string {
  if (isExtraId(id)) return extraProblem(id, value);
  const finding = judgeMeasure(id, value, lengthMm);
  return finding?.level === 'refuse' ? finding.message : '';
}
