import { BALL_AT } from '../measure';
import { ballOf, evenly, INNER_SHARE, longAxis, sidesAt, spread, turned, type Point } from '../shape';
import { TOE_FAMILIES, type ToeFamilyId } from './families';
import { blankInside, type Inside } from './inside';
import { compileInsole, innerWall, outerWall } from './shoe-outline';
import { SHOE_PLAN } from './shoe-plan';

/** What a traced insole says of the inside of a shoe, mm. */
export interface InsoleReading {
  lengthMm: number;
  ballMm: number;
  /** Narrowest part of the waist. */
  narrowMm: number;
  heelMm: number;
  /** Toe family whose curve lies closest, how far its taper is shifted, and how well it lies, mm (root mean square). */
  family: ToeFamilyId;
  taperShiftMm: number;
  offMm: number;
  /** The outline laid along its axis: x forward from the heel, y to the inner side. */
  outline: Point[];
}

/** An insole must be this long, and this wide for its length. */
const LENGTH_MM: readonly [number, number] = [80, 450];
const WIDTH_OF_LENGTH: readonly [number, number] = [0.2, 0.55];
/** Shifts of the taper tried, mm. */
const SHIFT_MM = 16;
const STATIONS = 40;

/**
 * Reads a traced or drawn insole: the three numbers, the heel, and the toe family with its taper by least squares.
 * @param outline closed, mm, at least eight points, y down as in pictures
 * @param side which shoe of the pair, seen from above
 * @param madeForMm the foot its size is made for, where known; a guess from the length otherwise
 * @throws RangeError in words when it is no insole's outline
 */
export function readInsole(outline: readonly Point[], side: 'left' | 'right', madeForMm?: number): InsoleReading {
  if (outline.length < 8) throw new RangeError('an outline needs at least eight points');
  const points = alongAxis(evenly(outline), side);
  const length = Math.max(...points.map((p) => p.x));
  if (!(length >= LENGTH_MM[0] && length <= LENGTH_MM[1]))
    throw new RangeError(`the outline is ${length.toFixed(0)} mm long; insoles are ${LENGTH_MM.join(' to ')} mm`);
  const [low, high] = spread(points.map((p) => p.y));
  const share = (high - low) / length;
  if (share < WIDTH_OF_LENGTH[0] || share > WIDTH_OF_LENGTH[1])
    throw new RangeError(`the outline is ${(100 * share).toFixed(0)} hundredths as wide as long; no insole is`);
  const width = (x: number): number => {
    const [a, b] = sidesAt(points, x);
    return a - b;
  };
  const over = (from: number, to: number): number[] => Array.from({ length: 41 }, (_, i) => width(length * (from + ((to - from) * i) / 40)));
  // Across both joints, which do not lie abreast: each side at its own widest.
  const ballMm = ballOf(points);
  const madeFor = madeForMm ?? 0.95 * length;
  // At the seat only: many waists are wider than the heel.
  const seat = (SHOE_PLAN.heelArc * madeFor) / length;
  const base = { insoleLengthMm: length, ballWidthMm: ballMm, heelWidthMm: Math.max(...over(0.6 * seat, 1.02 * seat)), madeForFootMm: madeFor };
  return { lengthMm: length, ballMm, narrowMm: Math.min(...over(0.25, 0.6)), heelMm: base.heelWidthMm, ...closestToe(points, base), outline: points };
}

/** Lays an outline along the line from the middle of its heel to where that line parts the ball as a shoe's axis does. */
function alongAxis(points: readonly Point[], side: 'left' | 'right'): Point[] {
  const up = points.map(({ x, y }) => ({ x, y: -y }));
  const inward = side === 'left' ? -1 : 1;
  const laid = (angle: number): Point[] => {
    const along = turned(up, angle);
    const [back, front] = spread(along.map((p) => p.x));
    const length = front - back;
    const moved = along.map((p) => ({ x: p.x - back, y: inward * p.y }));
    const [a, b] = sidesAt(moved, SHOE_PLAN.heelArc * length);
    return moved.map((p) => ({ x: p.x, y: p.y - (a + b) / 2 }));
  };
  let angle = longAxis(up);
  const wide = (placed: readonly Point[], share: number): number => {
    const [a, b] = sidesAt(placed, share * Math.max(...placed.map((p) => p.x)));
    return a - b;
  };
  const first = laid(angle);
  // The ball is wider than the heel: that end is the front.
  if (Math.max(wide(first, 0.2), wide(first, 0.3)) > Math.max(wide(first, 0.65), wide(first, 0.75))) angle += Math.PI;
  for (let round = 0; round < 5; round++) {
    const placed = laid(angle);
    const length = Math.max(...placed.map((p) => p.x));
    const x = 0.68 * length;
    const [a, b] = sidesAt(placed, x);
    const crossing = a - INNER_SHARE * (a - b);
    angle += inward * Math.atan2(crossing, x - SHOE_PLAN.heelArc * length);
  }
  return laid(angle);
}

type Base = Pick<Inside, 'insoleLengthMm' | 'ballWidthMm' | 'heelWidthMm' | 'madeForFootMm'>;

/** The family and shift of taper whose feather edge lies closest to the front of the outline. */
function closestToe(points: readonly Point[], base: Base): Pick<InsoleReading, 'family' | 'taperShiftMm' | 'offMm'> {
  const S = base.insoleLengthMm;
  const stations = Array.from({ length: STATIONS }, (_, i) => S * (0.76 + (0.235 * i) / (STATIONS - 1)));
  const traced = stations.map((x) => sidesAt(points, x));
  let best = { family: 'round' as ToeFamilyId, taperShiftMm: 0, offMm: Infinity };
  for (const { id } of TOE_FAMILIES) {
    const offAt = (taperShiftMm: number): number => {
      const shoe = compileInsole({ ...blank, ...base, family: id, taperShiftMm, flexLineMm: BALL_AT * base.madeForFootMm });
      // Widths, not sides: how the foot of the tracing lay turns the toes a little to one side.
      const sum = stations.reduce((s, x, k) => s + (innerWall(shoe, x) + outerWall(shoe, x) - (traced[k][0] - traced[k][1])) ** 2, 0);
      return Math.sqrt(sum / STATIONS);
    };
    for (let shift = -SHIFT_MM; shift <= SHIFT_MM; shift += 1) {
      const offMm = offAt(shift);
      if (offMm < best.offMm - 1e-9) best = { family: id, taperShiftMm: shift, offMm };
    }
  }
  return best;
}

const blank = blankInside();
