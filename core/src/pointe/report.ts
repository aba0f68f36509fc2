import type { Banded } from '../heel';
import { compileBox, type Box, type CompiledBox } from './box';
import type { BoxDoubt } from './doubt';
import type { Forefoot } from './forefoot';
import { handsAt, toeForce, toeMpa, wallForce } from './hold';
import { boundsOf, layInBox, NEW, onShank, shankGround, sideHoldMm, type InBox, type OnShank, type Worn } from './stand';
import { chanceOf, readZones, weigh, type ReadZone, type Slope, type ZoneSource } from './zones';

/** How much narrower a box is made to see what doubt of its girth does, mm. */
const PROBE_MM = 3;
/**
 * What 3 mm of girth change: the walls press more, and the foot stands higher by as much as what it stands on gives. One more sum of the walls in
 * place of a balance of its own.
 */
export function slopeOf({ foot, compiled, on, hold }: InBox, narrower: CompiledBox): Slope {
  const balance = (rest: number): number => wallForce(foot, compiled, rest) + toeForce(foot, on, rest);
  const gained = wallForce(foot, narrower, hold.restMm) - hold.wallsN;
  const gains = (balance(hold.restMm - SIDE_MM) - balance(hold.restMm + SIDE_MM)) / (2 * SIDE_MM);
  const sink = gains > 0 ? Math.max(0, gained) / gains : 0;
  return {
    hands: Math.abs(handsAt(foot, narrower, hold.flatMm) - hold.hands),
    sink,
    mpa: Math.abs(toeMpa(foot, on, hold.restMm + sink)[0] - hold.toeMpa[0])
  };
}
const SIDE_MM = 0.2;
/** A box so much narrower that its slope can be read. */
export const narrowerBox = (box: Box, boxLeft = 1): CompiledBox => compileBox({ ...box, jointGirthMm: box.jointGirthMm - PROBE_MM }, boxLeft);

/** All that is told of one foot in one shoe. */
export interface PointeReport extends OnShank {
  box: Box;
  inBox: InBox;
  sinkMm: Banded;
  toSpareDeg: Banded | null;
  heldBackDeg: Banded | null;
  sideHoldMm: number;
  zones: readonly ReadZone[];
  /** What the zones were read from: their sums are told of it. */
  source: ZoneSource;
  probability: number;
  decidedBy: ReadZone;
  score: number;
}
/** A shank right in the middle of the band scores full; how fast it falls off, of the logarithm. */
const OFF_MIDDLE = 0.9;
export const scoreOf = (probability: number, { over }: OnShank): number =>
  over ? probability * Math.exp(-((Math.log(over.shankNm / over.middleNm) / OFF_MIDDLE) ** 2) / 2) : probability;

/** One foot in one shoe. @param doubt of the box's fields */
export function pointeReport(
  foot: Forefoot,
  box: Box,
  doubt: BoxDoubt,
  { worn = NEW, fillersMm }: { worn?: Worn; fillersMm?: readonly number[] } = {}
): PointeReport {
  const inBox = layInBox(foot, box, worn, fillersMm);
  const shank = onShank(inBox, box, shankGround(inBox), worn);
  const source: ZoneSource = { of: foot.of, inBox, shank, doubt, slope: slopeOf(inBox, narrowerBox(box, worn.boxLeft)) };
  const zones = readZones(source);
  const weighed = weigh(zones);
  const probability = chanceOf(weighed);
  return {
    ...shank,
    box,
    inBox,
    ...boundsOf(inBox, box, worn),
    sideHoldMm: sideHoldMm(inBox),
    zones,
    source,
    probability,
    decidedBy: zones.find((z) => z.zone === weighed.by)!,
    score: scoreOf(probability, shank)
  };
}
