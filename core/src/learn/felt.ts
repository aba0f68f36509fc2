import { FELT_WEIGHTS } from '../compare';
import { FEELS, type FeelId, type ZoneId, type ZoneState, ZONE_STATES } from '../fit';
import { OFFSETS, type EvidenceMark, type OffsetId } from '../last';

export { OFFSETS, type OffsetId };

/** How closely each zone is felt, a deviation in mm [model]; places along the foot are not felt. */
export const FEEL_SD: Partial<Readonly<Record<ZoneId, number>>> = {
  'toe-room': 2.5, 'ball-girth': 3, instep: 3.5, 'heel-width': 1.5, 'ball-width': 2, 'toe-box-width': 2, 'heel-slip': 2, 'toe-box-depth': 1.5,
  throat: 3, waist: 4, topline: 4, shaft: 6
}; // prettier-ignore
/** Chance that a word is a slip, by how it was said [model]. */
export const SLIP = { zone: 0.03, whole: 0.05, worn: 0.15, written: 0.08 } as const;
/** How closely a thumb or a ruler reads a clearance, mm [model]. */
export const READ_SD = 2;
/** Nobody tries on what is further beyond the outer cuts, mm [model]. */
const BEYOND_MM: Partial<Readonly<Record<ZoneId, number>>> = { 'heel-width': 6, 'toe-box-width': 6, 'toe-box-depth': 6, 'ball-width': 8 };
const BEYOND_USUAL_MM = 12;
/** Where a word lies among the four cuts, mm. */
export function bandOf(zone: ZoneId, word: ZoneState, { a, b, c, d }: { a: number; b: number; c: number; d: number }): readonly [low: number, high: number] {
  const beyond = BEYOND_MM[zone] ?? BEYOND_USUAL_MM;
  const cut = [a - beyond, a, b, c, d, d + beyond];
  const at = ZONE_STATES.indexOf(word);
  return [cut[at], cut[at + 1]];
}
/** A word for the whole shoe: where the weighted mean over both feet lies from the middle of right, mm [model]. */
const WHOLE_CUTS = [-Infinity, -3.15, -1.05, 1.05, 3.15, Infinity] as const;
export const WHOLE_SD = 2.5;
/** Beyond which nobody goes on wearing it. */
const WHOLE_BEYOND_MM = 12;
export function wholeBand(feel: FeelId): readonly [low: number, high: number] {
  const at = FEELS.findIndex((f) => f.id === feel);
  return [Math.max(-WHOLE_BEYOND_MM, WHOLE_CUTS[at]), Math.min(WHOLE_BEYOND_MM, WHOLE_CUTS[at + 1])];
}
/** What a word for the whole shoe speaks of, and how much: as in sizes that feel alike. */
export const WHOLE_ZONES = [
  ['toe-room', FELT_WEIGHTS.length],
  ['ball-girth', FELT_WEIGHTS['ball-girth']],
  ['instep', FELT_WEIGHTS.instep],
  ['heel-width', FELT_WEIGHTS.heel]
] as const satisfies readonly (readonly [ZoneId, number])[];
/** A pair that is worn and of which nothing was said lies within its outer cuts, felt less closely by this, mm [model]. */
export const WORN_MORE_SD = 5;

type OffsetSd = Readonly<Record<OffsetId, number>>;
const MEASURED: OffsetSd = { length: 0.6, girth: 1.5, instep: 1.5, heel: 0.8, toe: 1 };
const CLAIMED: OffsetSd = { length: 1.5, girth: 3, instep: 2.5, heel: 1.2, toe: 2 };
export const LABEL_ONLY: OffsetSd = { length: 3.4, girth: 9, instep: 4, heel: 3, toe: 3 };
/** How far a last may be off what the stockroom says, by how that came to be known, deviations in mm [model]. */
export const OFFSET_SD: Readonly<Record<EvidenceMark, OffsetSd>> = {
  measured: MEASURED,
  felt: CLAIMED,
  claimed: CLAIMED,
  unsure: LABEL_ONLY,
  'not-seen': LABEL_ONLY
};
/** What a whole size is, mm of length and of girth. */
export const SIZE_IS = { length: 8.47, girth: 6.35 } as const;
