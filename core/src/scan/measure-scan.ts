import type { Load, Side, TakenId } from '../measure';
import type { FoundToe } from '../shape';
import { cutPoints, type Plane } from './cut';
import { girthOf, SCAN_GIRTH_IDS, topAt, type GirthFrame, type ScanGirth } from './girths';
import type { Mesh } from './mesh';
import { LOW_OF_LENGTH } from './limits';
import type { SetScan } from './set';
import type { Space } from './space';

/** One measure of a scanned foot, with where it was taken. */
export interface ScanValue {
  mm: number;
  /** Deviation, mm [model]. */
  sdMm: number;
  /** The plane of a girth, and the line the tape takes; the ends of a length or a width; the top of a height over the floor. */
  plane?: Plane;
  line: readonly Space[];
}
export type ScanValues = Partial<Record<TakenId, ScanValue>>;

/** Where along a foot each thing is looked for, shares of its length [model]. */
const AT = { innerBall: [0.64, 0.82], outerBall: [0.54, 0.74], heel: [0.12, 0.2] } as const;
/** Deviations of a clean scan, mm [model]; those of girths are worked out on the foot itself. */
const SD = { length: 0.7, ballLength: 2.5, ballWidth: 0.7, heelWidth: 0.8, toeHeight: 0.8, top: 1 } as const;
/** What is left of a scanner's jitter once it was taken out, of it: extremes and hulls still ride on the outermost points [model]. */
const LEFT_OF_JITTER = 0.6;
/** How much of a toe, from its tip back, is looked at for its height, mm. */
const TOE_END_MM = 15;
const STEP_MM = 2;
/** How flat a bulge is: places within this of its furthest are one, mm. */
const FLAT_MM = 0.6;

/** How a foot stood, and what else is known of its scan. */
export interface ScanState {
  /** Weight on the foot: the height of its back is another measure seated than standing. */
  load?: Load;
  /** How far the scanner jittered before that was taken out, mm. */
  jitterMm?: number;
  /** Its toes, big toe first, x forward and y to the inner side; without them no toe is measured. */
  toes?: readonly FoundToe[];
}

/**
 * Reads a scanned foot that was set down: length, ball, widths, heights, and girths as a tape takes them.
 * @param scan as `setDown` left it or along its own axis, mm
 * @param side which foot it is, once that was asked
 * @returns what could be taken; what the scan does not reach is left out
 */
export function measureScan(scan: SetScan, side: Side, { load = 'standing', jitterMm = 0, toes = [] }: ScanState = {}): ScanValues {
  const { mesh, lengthMm: L } = scan;
  const values: ScanValues = {};
  const take = (id: TakenId, mm: number, sd: number, line: readonly Space[], plane?: Plane): void => {
    values[id] = { mm, sdMm: Math.hypot(sd, LEFT_OF_JITTER * jitterMm), line, ...(plane ? { plane } : {}) };
  };
  take('lengthMm', L, SD.length, [[0, 0, 0], [L, 0, 0]]); // prettier-ignore
  const heads = headsOf(scan, side);
  if (heads) {
    const { inner, outer } = heads;
    take('ballLengthMm', inner[0], SD.ballLength, [inner]);
    take('outerBallLengthMm', outer[0], SD.ballLength, [outer]);
    take('ballWidthMm', Math.abs(inner[1] - outer[1]), SD.ballWidth, [inner, outer]);
  }
  const heel = reaches(scan, AT.heel).reduce<Reach | null>((best, r) => (best && broad(best) >= broad(r) ? best : r), null);
  if (heel) take('heelWidthMm', broad(heel), SD.heelWidth, [heel.left, heel.right]);
  const frame: GirthFrame = { ...scan, heads };
  for (const id of SCAN_GIRTH_IDS) {
    const girth = girthOf(frame, id);
    if (girth) take(id, girth.cut.lengthMm, girth.sdMm, girth.cut.line, girth.plane);
  }
  const half = topAt(mesh, L / 2);
  if (half > 0) take(load === 'standing' ? 'archStandingMm' : 'archSeatedMm', half, SD.top, [[L / 2, 0, half]]);
  const inward = inwardOf(side);
  const toe = (id: TakenId, one: FoundToe | undefined): void => {
    const top = one && topOfToe(mesh, one, inward);
    if (top) take(id, top[2], SD.toeHeight, [top]);
  };
  toe('toeHeightMm', toes[0]);
  toe('littleToeHeightMm', toes[4]);
  return values;
}

/** A girth along a plane that a hand dragged. @returns null where the tape meets nothing */
export const girthAlong = (scan: SetScan, side: Side, id: TakenId, plane: Plane): ScanGirth | null => {
  const known = SCAN_GIRTH_IDS.find((girth) => girth === id);
  return known ? girthOf({ ...scan, heads: headsOf(scan, side) }, known, plane) : null;
};

/** Seen from above with the toes forward the inner side of a right foot lies to its left. */
export const inwardOf = (side: Side): 1 | -1 => (side === 'right' ? 1 : -1);

/** How far a foot reaches to both sides at a station. */
interface Reach {
  left: Space;
  right: Space;
}
const broad = ({ left, right }: Reach): number => left[1] - right[1];

function reaches({ mesh, lengthMm: L }: SetScan, [from, to]: readonly [number, number]): Reach[] {
  const low = LOW_OF_LENGTH * L;
  const many = Math.max(0, Math.floor(((to - from) * L) / STEP_MM) + 1);
  return Array.from({ length: many }, (_, i) => from * L + i * STEP_MM).flatMap((x) => {
    const cut = cutPoints(mesh, { at: [x, 0, 0], normal: [1, 0, 0] }, (_x, _y, z) => z < low);
    if (cut.length === 0) return [];
    let [left, right] = [0, 0];
    for (let i = 0; i < cut.length; i += 3) {
      if (cut[i + 1] > cut[left + 1]) left = i;
      if (cut[i + 1] < cut[right + 1]) right = i;
    }
    const at = (i: number): Space => [cut[i], cut[i + 1], cut[i + 2]];
    return [{ left: at(left), right: at(right) }];
  });
}

/** The two heads of the ball: the furthest places off the axis; where an edge runs flat, the middle of the flat. */
function headsOf(scan: SetScan, side: Side): GirthFrame['heads'] {
  const [inward, outward] = inwardOf(side) === 1 ? (['left', 'right'] as const) : (['right', 'left'] as const);
  const inner = furthest(reaches(scan, AT.innerBall).map((r) => r[inward]));
  const outer = furthest(reaches(scan, AT.outerBall).map((r) => r[outward]));
  return inner && outer && { inner, outer };
}
function furthest(places: readonly Space[]): Space | null {
  if (places.length === 0) return null;
  const most = Math.max(...places.map((p) => Math.abs(p[1])));
  const flat = places.filter((p) => Math.abs(p[1]) > most - FLAT_MM);
  const top = places.find((p) => Math.abs(p[1]) === most)!;
  return [flat.reduce((sum, p) => sum + p[0], 0) / flat.length, top[1], top[2]];
}

/** The highest place of a toe's end, within its own breadth. */
function topOfToe({ points }: Mesh, { x, y, half }: FoundToe, inward: 1 | -1): Space | null {
  let top = -1;
  for (let p = 0; p < points.length; p += 3) {
    if (points[p] < x - TOE_END_MM || points[p] > x || Math.abs(inward * points[p + 1] - y) > half) continue;
    if (top < 0 || points[p + 2] > points[top + 2]) top = p;
  }
  return top < 0 ? null : [points[top], points[top + 1], points[top + 2]];
}
