import { depthOver, springTakesMm, type Aids, type FootDims } from '../zones';
import { layersMm, springStays } from './plain-zones';
import type { Shoe, Wear } from '../shoe';

/**
 * Depth over each toe, mm, big toe first. Toe heights and the inside are known over the big and the little toe; between them both are taken
 * to fall evenly [estimate]. The least of them is the zone's depth.
 * @param shoe its inside as worn
 */
export function depthPerToe(dims: FootDims, { inside, soleStiffness }: Pick<Shoe, 'inside' | 'soleStiffness'>, wear: Wear, aids: Aids): number[] {
  const taken = layersMm(wear, aids) + springTakesMm(inside, springStays(soleStiffness));
  return [0, 1, 2, 3, 4].map((toe) => depthOver(toe, dims, inside) - taken);
}
