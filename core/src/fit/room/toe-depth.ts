import type { FootShape } from '../../shape';
import { bigToeDepth, littleToeDepth, springTakesMm, type Aids, type FootDims } from '../zones';
import { depthTakenMm, springStays } from './plain-zones';
import type { Shoe, Wear } from '../shoe';

/**
 * Depth over each toe, mm, big toe first. Toe heights and the inside are known over the big and the little toe; between them both are taken
 * to fall evenly with the toe's place across the foot [estimate]. The least of them is the zone's depth.
 * @param shape the foot's outline
 * @param shoe its inside as worn
 */
export function depthPerToe(dims: FootDims, shape: FootShape, { inside, soleStiffness }: Pick<Shoe, 'inside' | 'soleStiffness'>, wear: Wear, aids: Aids): number[] {
  const [big, little] = [bigToeDepth(dims, inside), littleToeDepth(dims, inside)];
  const taken = depthTakenMm(dims, wear, aids) + springTakesMm(inside, springStays(soleStiffness));
  const across = (i: number): number => (shape.centre[0] - shape.centre[i]) / (shape.centre[0] - shape.centre[4]);
  return [0, 1, 2, 3, 4].map((i) => big + (little - big) * across(i) - taken);
}
