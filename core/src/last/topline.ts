/**
 * How high the sides of a low shoe are cut: where the topline begins at the back, how low it comes and where, all of the length of the foot
 * that the size is made for, above the insole [model].
 */
const CUTS = {
  low: { back: 52 / 240, side: 22 / 240, lowestAt: 0.4 },
  medium: { back: 56 / 240, side: 34 / 240, lowestAt: 0.38 },
  high: { back: 60 / 240, side: 46 / 240, lowestAt: 0.34 }
} as const;

export type SideCut = keyof typeof CUTS;
export const SIDE_CUTS = Object.keys(CUTS) as [SideCut, ...SideCut[]];

/** Where the lower edge of the outer ankle bone lies along the foot, of its length [model]. */
export const ANKLE_BONE_AT = 0.23;
/** How well a side cut tells the topline's height at the ankle bone, mm [estimate]. */
export const TOPLINE_SD_MM = 3;

/**
 * Height of the topline above the insole under the outer ankle bone, mm: it falls from the back to the lowest of the sides, steeply at first.
 * @param sideCut how high the sides are cut
 * @param backMm height of the back; NaN where it was not measured: by the side cut
 * @param madeForMm foot length the size is made for
 */
export function toplineAtAnkle(sideCut: SideCut, backMm: number, madeForMm: number): number {
  const { back, side, lowestAt } = CUTS[sideCut];
  const lowest = side * madeForMm;
  const fallen = 1 - ANKLE_BONE_AT / lowestAt;
  return lowest + Math.max(0, (backMm > 0 ? backMm : back * madeForMm) - lowest) * fallen * fallen;
}
