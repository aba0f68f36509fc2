import { ZONE, type ZoneId, type ZoneState } from '@chiave/core/fit';
import { SIDES, type Side } from '@chiave/core/measure';
import { KEPT, LEFT, RETURN_REASONS, RETURNED } from './api/outcomes';
import type { TryRow } from './api/rows';

const OUTSIDE: readonly ZoneState[] = ['too-tight', 'too-loose'];
/** Both of these spoken of on both feet, a pair that was left may still be called right. */
const SPOKEN: readonly ZoneId[] = ['toe-room', 'ball-girth'];
type Felt = Readonly<Record<Side, Readonly<Partial<Record<ZoneId, ZoneState>>>>>;
const anyOutside = (felt: Felt): boolean =>
  SIDES.some((side) => Object.entries(felt[side]).some(([zone, state]) => ZONE[zone as ZoneId].decides && OUTSIDE.includes(state)));
const allSpoken = (felt: Felt): boolean => SIDES.every((side) => SPOKEN.every((zone) => felt[side][zone] !== undefined));
/**
 * Whether a word says that a zone lay within its limits.
 */
export const zoneCameOut = (word: ZoneState): boolean => !OUTSIDE.includes(word);
/**
 * Whether a pair came out as a chance promises: kept, or felt right where it decides; not where a zone was felt outside, or the reason speaks of the fit. Null where nothing
 * tells: left for looks or price, sent back without a word of the fit, or still open.
 */
export function cameOut({ outcome, felt, reason }: Pick<TryRow, 'outcome' | 'felt'> & Partial<Pick<TryRow, 'reason'>>): boolean | null {
  if (outcome === KEPT) return true;
  if (outcome !== LEFT && outcome !== RETURNED) return null;
  if (anyOutside(felt) || RETURN_REASONS.find((r) => r.id === reason?.code)?.fit) return false;
  return outcome === LEFT && allSpoken(felt) ? true : null;
}
