import { drawFit, fitOnce, shoeOf, stillGoesIn, targetsFor, wornWith, ZONE_AT, zoneState, type FitDrawing, type Style } from '@chiave/core/fit';
import { parseSize } from '@chiave/core/size';
import { SIDES, type Side } from '@chiave/core/measure';
import type { FittingRow, TryRow } from '../../api/rows';
import { smallPair, type SmallPairLines } from '../../drawing/above/small-pair';
import { wearOf, wornFeetOf } from '../../fit-feet';

/** One foot in a pair that was tried: drawn, and what its zones come to. */
export interface LaidFoot {
  drawing: FitDrawing;
  zone: Float64Array;
  targets: ReturnType<typeof targetsFor>;
}

/** A pair to be drawn: its size and what was put in. */
type Laid = Pick<TryRow, 'size' | 'width' | 'put'>;
/**
 * Both feet in a pair as they are worn; null where its size or what was put in is gone, or a foot was not measured.
 * @param hoursWorn girth grows by the material
 */
export function layTried(fitting: FittingRow, row: Laid, style: Style | undefined, hoursWorn = 0): Record<Side, LaidFoot> | null {
  const feet = wornFeetOf(fitting);
  const size = parseSize(row.size);
  if (!style || size === null || feet.length < 2) return null;
  // Thirds are written as fractions: back onto the run's own step.
  const onRun = style.from + Math.round((size - style.from) / style.step) * style.step;
  const shoe = shoeOf(style, onRun, row.width);
  const wear = { ...wearOf(fitting), hoursWorn };
  const targets = targetsFor(shoe, wear);
  if (!stillGoesIn(shoe, wear, row.put)) return null;
  return Object.fromEntries(
    feet.map((foot) => {
      const worn = wornWith(shoe, wear, row.put[foot.foot.side]);
      return [foot.foot.side, { drawing: drawFit(foot, shoe, worn.wear, worn.aids), zone: fitOnce(foot.dims, shoe, worn.wear, worn.aids).zone, targets }];
    })
  ) as Record<Side, LaidFoot>;
}

/** The same as large as a card allows. */
export function smallTried(fitting: FittingRow, row: Laid, style: Style | undefined, hoursWorn = 0): SmallPairLines | null {
  const laid = layTried(fitting, row, style, hoursWorn);
  return laid
    ? smallPair(
        SIDES.map((side) => ({ side, drawing: laid[side].drawing })),
        Object.fromEntries(SIDES.map((side) => [side, zoneState('toe-room', laid[side].zone[ZONE_AT['toe-room']], laid[side].targets)]))
      )
    : null;
}
