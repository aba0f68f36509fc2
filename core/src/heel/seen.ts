/** How a heel looks on this foot and leg, and what it shows of the toes. */

/** The foot on which a heel looks as high as it is, mm. */
export const REFERENCE_FOOT_MM = 240;

/** Schools of how high a heel looks on another foot: by the ratio of lengths, or by the trade's impression, which is about twice as strong. */
export const SEEN_SCHOOLS = [
  { id: 'ratio', name: 'by the ratio', power: 1, mark: 'standard' },
  { id: 'impression', name: 'by impression', power: 2, mark: 'practice' }
] as const;

/** Height a heel seems to have on a foot, mm. @param power of the ratio of lengths, by `SEEN_SCHOOLS` */
export const seenHeight = (heelHeightMm: number, footLengthMm: number, power: number, referenceMm: number = REFERENCE_FOOT_MM): number =>
  heelHeightMm * (referenceMm / footLengthMm) ** power;

/** Above this share of the leg from floor to knee crease one school says: much heel for this leg [model]. */
export const MUCH_FOR_LEG = 0.3;
export const shareOfLeg = (heelHeightMm: number, kneeHeightMm: number): number => heelHeightMm / kneeHeightMm;

/** Toe clefts from the heel, big toe's first, of the foot's length, each give or take 0.015 [model]; traced ones replace them. */
const CLEFTS = [0.815, 0.8, 0.775, 0.735] as const;
export const FIRST_CLEFT = { share: CLEFTS[0], sdShare: 0.015 } as const;
/** How far a round throat runs back at each cleft, mm [model]. */
const RUN_BACK_MM = [0, 1, 4, 10] as const;

/**
 * How much of each toe cleft a shoe shows after the foot has slid, mm; below nought it is covered.
 * @param throatMm where the vamp ends, from the heel
 */
export const cleftsShown = (throatMm: number, footLengthMm: number, slideMm: number): readonly number[] =>
  CLEFTS.map((at, i) => throatMm - RUN_BACK_MM[i] - (at * footLengthMm + slideMm));

/** What is said of the cleft that shows most, from the least mm up. */
export const CLEAVAGE = [
  { id: 'none', name: 'no cleavage', underMm: -3 },
  { id: 'hint', name: 'a hint', underMm: 2 },
  { id: 'some', name: 'some', underMm: 8 },
  { id: 'much', name: 'much', underMm: 14 },
  { id: 'little-holds', name: 'little holds the toes', underMm: Infinity }
] as const;
/** The word for what shows at the first cleft. */
export const cleavageOf = (shown: readonly number[]): (typeof CLEAVAGE)[number] => CLEAVAGE.find((c) => shown[0] < c.underMm)!;
