import { checkFit, completeShoe, drawFit, footAsWorn, ORDINARY_WEAR, type Fit, type FitDrawing } from '@chiave/core/fit';
import { completeFoot, type Foot, type Side } from '@chiave/core/measure';

/** Feet and a shoe of nobody, for showing what the pages do; worked out like any others. */
export interface ShownPair {
  feet: Record<Side, Foot>;
  fit: Fit;
  drawings: { side: Side; drawing: FitDrawing }[];
}

/** Points of a simulation that only has to look like one. */
const FEW = 64;

export function shownPair(): ShownPair {
  const foot = (side: Side, lengthMm: number, ballGirthMm: number): Foot =>
    completeFoot({ side, values: { lengthMm: { mm: lengthMm }, ballGirthMm: { mm: ballGirthMm }, instepGirthMm: { mm: ballGirthMm + 3 } } });
  const feet = { left: foot('left', 236, 219), right: foot('right', 237.5, 222) };
  const shoe = completeShoe({ kind: 'pump', insoleLengthMm: 264, toeShape: 'pointed', ballWidthMm: 83, heelHeightMm: 65 });
  const worn = [feet.left, feet.right].map((f) => footAsWorn(f, ORDINARY_WEAR));
  return {
    feet,
    fit: checkFit(worn, shoe, ORDINARY_WEAR, [], FEW),
    drawings: worn.map((w) => ({ side: w.foot.side, drawing: drawFit(w, shoe, ORDINARY_WEAR) }))
  };
}
