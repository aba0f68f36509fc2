import type { Fit, ZoneId } from '../fit';
import { normalBetween, type Side } from '../measure';

/** What was expected of a zone before anybody tried: clearance, doubt, and the chance to lie within its limits. */
export interface ZoneTold {
  mm: number;
  sdMm: number;
  chance: number;
}
export type Told = Partial<Record<Side, Partial<Record<ZoneId, ZoneTold>>>>;
const hundredth = (n: number): number => Math.round(100 * n) / 100;
/** What a fit expects zone by zone, as it is kept with a pair: what happens later is held against it. */
export const toldOf = ({ feet }: Pick<Fit, 'feet'>): Told =>
  Object.fromEntries(
    feet.map((foot) => [
      foot.side,
      Object.fromEntries(
        foot.zones.map(({ zone, clearanceMm: mm, sdMm, target: { a, d } }) => [
          zone,
          { mm: hundredth(mm), sdMm: hundredth(sdMm), chance: hundredth(normalBetween((a - mm) / sdMm, (d - mm) / sdMm)) }
        ])
      )
    ])
  );
