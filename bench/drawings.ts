/** What the drawings of a screenful of Pull cost: laying twelve pairs and writing their lines, both in the worker. */
import type { Bench } from 'tinybench';
import { completeShoe, drawFit, footAsWorn, ORDINARY_WEAR } from '../core/src/fit';
import { completeFoot, SIDES } from '../core/src/measure';
import { smallPair } from '../web/src/lib/drawing/above/small-pair';

const PAIRS = 12;
/** Adds both to a benchmark. */
export function addDrawings(bench: Bench): void {
  const feet = (['left', 'right'] as const).map((side) =>
    footAsWorn(completeFoot({ side, values: { lengthMm: { mm: 241 }, ballGirthMm: { mm: 224 } } }), ORDINARY_WEAR)
  );
  const shoes = Array.from({ length: PAIRS }, (_, i) => completeShoe({ kind: 'pump', insoleLengthMm: 250 + i, heelHeightMm: 50 }));
  const lay = () => shoes.flatMap((shoe) => feet.map((foot) => drawFit(foot, shoe, ORDINARY_WEAR)));
  const drawings = lay();
  const pairs = Array.from({ length: PAIRS }, (_, i) => drawings.slice(2 * i, 2 * i + 2).map((drawing, k) => ({ side: SIDES[k], drawing })));
  const write = () => pairs.map((pair) => smallPair(pair, { left: 'roomy', right: 'snug' }));
  bench.add(`drawings of ${PAIRS} pairs laid, in the worker`, () => void lay());
  bench.add(`lines of ${PAIRS} pairs written, in the worker`, () => void write());
}
