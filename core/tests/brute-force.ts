import { compilePair, type Shoe, type Wear } from '../src/fit';
import { type CompiledPair } from '../src/fit/room';
import { type FootDims } from '../src/fit/zones';
import { HEEL_ARC } from '../src/shape';
import { frontAt, innerWall, outerWall } from '../src/last';

/**
 * The toe room by plain search, written from its definition and not from the engine's algorithm:
 * every allowed turn in small steps, every toe's rounded end in fine steps, the least forward travel of each, the best of the turns.
 */
export const pairOf = (dims: FootDims, shoe: Shoe, wear: Wear): CompiledPair => compilePair(dims, shoe, wear);

export function bruteForceRoom({ foot, shoe }: CompiledPair, forwardMm = 0, turnStep = 0.0005, anglesPerToe = 361): number {
  const squeeze = Math.min(1, Math.max(0.93, shoe.planWidthMm / (foot.plainWidthMm + 2 * foot.offsetMm)));
  const pivot = HEEL_ARC * foot.lengthMm;
  const inward = Math.max(0, innerWall(shoe, foot.ballMm + forwardMm) - foot.innerAtBall) / (foot.ballMm - pivot);
  const outward = Math.max(0, outerWall(shoe, foot.outerBallMm + forwardMm) - foot.outerAtBall) / (foot.outerBallMm - pivot);
  const from = -Math.min(0.03, outward);
  const to = Math.min(0.03, inward);
  const at = new Float64Array(2);
  let best = -Infinity;
  const steps = Math.max(1, Math.ceil((to - from) / turnStep));
  for (let t = 0; t <= steps; t++) {
    const turn = from + ((to - from) * t) / steps;
    let least = Infinity;
    for (let toe = 0; toe < 5; toe++) {
      for (let j = 0; j < anglesPerToe; j++) {
        const a = -Math.PI / 2 + (Math.PI * j) / (anglesPerToe - 1);
        const x = foot.tip[toe] - squeeze * foot.nose[toe] * (1 - Math.cos(a));
        const y = squeeze * (foot.centre[toe] + foot.radius[toe] * Math.sin(a));
        const turnedX = pivot + (x - pivot) * Math.cos(turn) - y * Math.sin(turn);
        const turnedY = (x - pivot) * Math.sin(turn) + y * Math.cos(turn);
        frontAt(shoe, turnedY, at);
        least = Math.min(least, at[0] - turnedX - forwardMm);
      }
    }
    best = Math.max(best, least);
  }
  return best;
}
