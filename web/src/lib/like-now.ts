import { checkFit, girthGrowthMm, KIND, POINTS, readStyleSize, shoeOf, stillGoesIn, VERDICT_WORDS, type Style, type ZoneFit } from '@chiave/core/fit';
import { CHILD_LEAST_ROOM_MM } from '@chiave/core/foot';
import type { Side } from '@chiave/core/measure';
import type { NowRow, PairRow } from './api/keep-schema';
import type { FittingRow } from './api/rows';
import { roomLeft, type RoomLeft } from './feet-history';
import { wearOf, wornFeetOf } from './fit-feet';

/** What pairs are like on today’s feet: grown, fuller by weight or pregnancy, and each shoe as worn as it is by its own hours. */

/** How far a zone is from right: below nought inside its band, 1 at the edge of what can be worn. */
export function offBand({ clearanceMm: x, target: { a, b, c, d } }: Pick<ZoneFit, 'clearanceMm' | 'target'>): number {
  if (x < b) return (b - x) / (b - a);
  if (x > c) return (x - c) / (d - c);
  return Math.abs(x - (b + c) / 2) / ((c - b) / 2) - 1;
}
/** Room is nearly gone while a growing foot has so few months left. */
const NEARLY_MONTHS = 2;

/** Of a foot that grows no more nothing is outgrown. */
function outgrownBy({ months, roomMm }: RoomLeft): NowRow['outgrown'] {
  if (months === null) return '';
  if (months <= 0 || roomMm < CHILD_LEAST_ROOM_MM) return 'outgrown';
  return months <= NEARLY_MONTHS ? 'nearly' : '';
}
/** @param fitting the newest visit with both feet @param now ISO moment */
export function likeNow(pairs: readonly PairRow[], fitting: FittingRow, styles: ReadonlyMap<string, Style>, now: string): NowRow[] {
  const feet = wornFeetOf(fitting);
  if (feet.length < 2) return [];
  return pairs.flatMap((pair): NowRow[] => {
    const { styleId, size, width, put } = pair.body;
    const style = pair.state === 'owned' && styleId !== null ? styles.get(styleId) : undefined;
    const read = style && readStyleSize(style, size, width);
    if (!style || !read || 'message' in read) return [];
    const shoe = shoeOf(style, read.size, read.width);
    const wear = { ...wearOf(fitting), hoursWorn: Math.min(5000, pair.worn.hours) };
    const inIt = stillGoesIn(shoe, wear, put) ? put : {};
    const fit = checkFit(feet, shoe, wear, fitting.customer.flags, POINTS.ranked, inIt);
    const zones = fit.feet.flatMap(({ side, zones: own }) => own.filter((z) => z.decides && Number.isFinite(z.clearanceMm)).map((z) => ({ side, z, off: offBand(z) }))); // prettier-ignore
    zones.sort((p, q) => q.off - p.off);
    const told = (at: (typeof zones)[number] | undefined) => (at ? { side: at.side as Side, zone: at.z.zone, name: at.z.name, state: at.z.state, clearanceMm: at.z.clearanceMm } : null); // prettier-ignore
    const room = roomLeft(fitting, { size, width, put }, style, now);
    return [
      {
        pairId: pair.id,
        verdict: fit.verdict,
        words: `${VERDICT_WORDS[fit.verdict]}: ${fit.reason}`,
        best: told(zones.at(-1)),
        worst: told(zones[0]),
        grownMm: girthGrowthMm(style.upper, pair.worn.hours),
        outgrown: room === null || KIND[style.kind].slipper || KIND[style.kind].teacherLeads ? '' : outgrownBy(room)
      }
    ];
  });
}
