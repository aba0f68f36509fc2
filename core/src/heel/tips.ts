import { standingTip } from './stability';
import { roundWidth, tipArea, type Tip } from './tip-print';

/** Tips and caps: which fits, what it costs in look, when it is due. Of the trade, with limits of this project [model over practice]. */

/** A stocked tip may be so much smaller than the heel, mm. */
const SMALLER_MM = 0.3;
export const OVERHANGS = [
  { id: 'flush', name: 'flush', underMm: 0.25 },
  { id: 'hardly-seen', name: 'hardly seen', underMm: 0.5 },
  { id: 'seen', name: 'seen', underMm: 1 },
  { id: 'too-large', name: 'too large', underMm: Infinity }
] as const;
/** From here on an overhang is told, mm. */
const TOLD_FROM_MM = 0.5;

export interface StockedTip {
  diameterMm: number;
  pinBoreMm?: number;
}
export interface TipMatch {
  tip: StockedTip;
  overhangMm: number;
  overhang: (typeof OVERHANGS)[number]['id'];
  /** The smallest that is stocked stands out: have the thin ones in. */
  told: boolean;
}
/**
 * The smallest stocked tip for a heel; none where all are too small, or where no pin bore is the heel's.
 * @param pinBoreMm of the heel, where it is known
 */
export function matchTip(heelMm: number, stocked: readonly StockedTip[], pinBoreMm?: number): TipMatch | null {
  const fits = stocked.filter(
    (s) => s.diameterMm >= heelMm - SMALLER_MM && (pinBoreMm === undefined || s.pinBoreMm === undefined || s.pinBoreMm === pinBoreMm)
  );
  if (fits.length === 0) return null;
  const tip = fits.reduce((least, s) => (s.diameterMm < least.diameterMm ? s : least));
  const overhangMm = (tip.diameterMm - heelMm) / 2;
  return { tip, overhangMm, overhang: OVERHANGS.find((o) => overhangMm < o.underMm)!.id, told: overhangMm >= TOLD_FROM_MM };
}

/** How a cap sits, by how much narrower it is inside than the tip, mm. */
export const CAP_FITS = [
  { id: 'falls-off', name: 'falls off', underMm: 0, holds: false },
  { id: 'loose', name: 'loose: it trips', underMm: 0.4, holds: false },
  { id: 'right', name: 'right: hard to push on', underMm: 1.500001, holds: true },
  { id: 'may-split', name: 'may split', underMm: 2.200001, holds: false },
  { id: 'will-not-go', name: 'will not go on', underMm: Infinity, holds: false }
] as const;
export const capFit = (tip: Tip, insideMm: number): (typeof CAP_FITS)[number] => CAP_FITS.find((c) => roundWidth(tip) - insideMm < c.underMm)!;
/** The cap that sits right, of those stocked by their width inside; none where all are loose or split. */
export const capFor = <C extends { insideMm: number }>(tip: Tip, caps: readonly C[]): C | null => caps.find((c) => capFit(tip, c.insideMm).holds) ?? null;

/** How fast a floor wears a tip, against wood [model]. */
export const WEARING_FLOORS = [
  { id: 'carpet', name: 'carpet', times: 0.3 },
  { id: 'vinyl', name: 'vinyl', times: 0.8 },
  { id: 'wood', name: 'wood', times: 1 },
  { id: 'stone', name: 'stone', times: 2 },
  { id: 'asphalt', name: 'asphalt', times: 4 }
] as const;
export type WearingFloorId = (typeof WEARING_FLOORS)[number]['id'];
/** 4 mm of a 10 mm tip in six months of three hours a week under 60 kg [model]. */
const WEAR = { mmPerHour: 0.051, kg: 60, areaMm2: 78.5 } as const;
export const tipWear = (tip: Tip, weightKg: number, floor: WearingFloorId): number =>
  WEAR.mmPerHour * (weightKg / WEAR.kg) * (WEAR.areaMm2 / tipArea(tip)) * WEARING_FLOORS.find((f) => f.id === floor)!.times;

/** Due at the latest after six months of regular dance, weeks [practice]; worn to 1 mm above the nail of a tip so high [model]. */
export const TIP_DUE = { mostWeeks: 26, wornMm: 4, hoursAWeek: 3 } as const;
/** Hours of wear after which a tip is due. */
export const tipDueHours = (tip: Tip, weightKg: number, floor: WearingFloorId = 'wood'): number => TIP_DUE.wornMm / tipWear(tip, weightKg, floor);
export const tipDueWeeks = (tip: Tip, weightKg: number, floor: WearingFloorId = 'wood', hoursAWeek: number = TIP_DUE.hoursAWeek): number =>
  Math.min(TIP_DUE.mostWeeks, tipDueHours(tip, weightKg, floor) / hoursAWeek);

/** Area on the ground with a cap on, mm2. */
export const cappedArea = (tip: Tip, capMm: number): number => tipArea(standingTip({ tip, capMm }));
