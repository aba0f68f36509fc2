import { completeFoot, MEASURE_IDS, type FootInput, type FootValue, type MeasureId, type Side } from '../measure';
import { fitOnce, footAsWorn, type Shoe, type Wear, ZONE_IDS, type ZoneId } from '../fit';
import { GIRTH_WIDENS, type Inside } from '../last';
import { OFFSETS, type OffsetId } from './felt';

const MOST_ZONES = ZONE_IDS.length;

/** What of a foot is not the figures of its measures: toes, bunions, and how each measure was taken. */
export interface FootFeatures extends Omit<FootInput, 'side' | 'values'> {
  taken?: Partial<Record<MeasureId, Pick<FootValue, 'under' | 'sockMm'>>>;
}
/** How every zone of one foot in one shoe answers, mm a mm. */
export interface Slopes {
  /** At these measures, by place of the zone; NaN where it does not apply. */
  mm: Float64Array;
  byMeasure: readonly Float64Array[];
  byOffset: readonly Float64Array[];
}
/** Steps over which the answer is read, mm: wide enough to pass over the bends of an outline. */
const STEP_MM = 1.5;
const moves: Readonly<Record<OffsetId, (inside: Inside, by: number) => Partial<Inside>>> = {
  length: (i, by) => ({ insoleLengthMm: i.insoleLengthMm + by, madeForFootMm: i.madeForFootMm + by, flexLineMm: i.flexLineMm * (1 + by / i.madeForFootMm) }),
  girth: (i, by) => ({
    ballGirthMm: i.ballGirthMm + by,
    waistGirthMm: i.waistGirthMm + by,
    instepGirthMm: i.instepGirthMm + by,
    throatGirthMm: i.throatGirthMm === null ? null : i.throatGirthMm + by,
    ballWidthMm: i.ballWidthMm + GIRTH_WIDENS * by
  }),
  instep: (i, by) => ({ instepGirthMm: i.instepGirthMm + by, throatGirthMm: i.throatGirthMm === null ? null : i.throatGirthMm + by }),
  heel: (i, by) => ({ heelWidthMm: i.heelWidthMm + by }),
  toe: (i, by) => ({ taperShiftMm: i.taperShiftMm + by })
};
/** An answer that nobody asks for. */
const NOTHING = new Float64Array(MOST_ZONES);
/** A shoe whose last is off by so much. */
export const movedBy = (shoe: Shoe, offset: OffsetId, by: number): Shoe => ({ ...shoe, inside: { ...shoe.inside, ...moves[offset](shoe.inside, by) } });

/** Measures that only some zones read: they are asked for where one of these is spoken of. */
const ONLY_FOR: Partial<Readonly<Record<MeasureId, readonly ZoneId[]>>> = {
  waistGirthMm: ['waist'],
  shortHeelGirthMm: ['throat'],
  toeHeightMm: ['toe-box-depth'],
  littleToeHeightMm: ['toe-box-depth'],
  ankleGirthMm: ['topline', 'shaft'],
  calfGirthMm: ['shaft']
};
/** One foot in one shoe: what its zones are asked for. */
export interface SlopesAsk {
  shoe: Shoe;
  wear: Wear;
  side: Side;
  mmOf: (id: MeasureId) => number;
  features: FootFeatures;
  zones: ReadonlySet<ZoneId>;
}
/** Reads how a shoe answers to a foot and to its last, by the engine itself. */
export function slopesAt({ shoe, wear, side, mmOf, features: { taken, ...features }, zones }: SlopesAsk): Slopes {
  const own = footAsWorn(
    completeFoot({ ...features, side, values: Object.fromEntries(MEASURE_IDS.map((m) => [m, { mm: mmOf(m), ...taken?.[m] }])) }),
    wear
  ).dims;
  // What the state of a foot adds hardly changes within a step: the foot as worn is moved itself.
  const dims = (id: MeasureId, by: number) => ({ ...own, [id]: own[id] + by });
  const answer = (up: Float64Array, down: Float64Array): Float64Array => up.map((v, i) => (v - down[i]) / (2 * STEP_MM));
  return {
    mm: fitOnce(own, shoe, wear).zone,
    byMeasure: MEASURE_IDS.map((id) =>
      ONLY_FOR[id] && !ONLY_FOR[id]!.some((z) => zones.has(z))
        ? NOTHING
        : answer(fitOnce(dims(id, STEP_MM), shoe, wear).zone, fitOnce(dims(id, -STEP_MM), shoe, wear).zone)
    ),
    byOffset: OFFSETS.map((id) => answer(fitOnce(own, movedBy(shoe, id, STEP_MM), wear).zone, fitOnce(own, movedBy(shoe, id, -STEP_MM), wear).zone))
  };
}
