import { spread, turned, type Point } from '../shape';
import { facesOf, towards } from './faces';
import { forwardOf, heelMiddle, lean } from './forward';
import { legOf, type Leg } from './leg';
import { LOW_OF_LENGTH } from './limits';
import { sideOf, type LooksLike } from './looks';
import { inFrame, type Mesh } from './mesh';
import { openingOf, outward } from './opening';
import { ScanRefused } from './refusal';
import { settled, solesOf } from './sole';
import { along, cross, squareTo, type Space } from './space';
import { offStanding, soleShare } from './standing';

/** A scan set down as a foot stands: x forward from the back of the heel, y to its left, z up from the floor; mm. */
export interface SetScan {
  mesh: Mesh;
  lengthMm: number;
  /** How it was set: each coordinate is a row times the old place, less the shift. */
  rows: readonly [Space, Space, Space];
  shift: Space;
  /** Where the leg was cut off; null where the scan is closed over the instep. */
  leg: Leg | null;
  looksLike: LooksLike;
  /** Length over width of what lies low: 1.7 to 4 on a foot. */
  slender: number;
}

/** A closed scan may stand on so many of its sides: the likeliest are tried. */
const TRIED = 6;
/** What stands on less than this of its shadow is no foot [model]; one that stands on its sole does on 0.7, on its side or upside down on 0.6 at most. */
const LEAST_SOLE = 0.4;

/**
 * Sets a scan down on its sole and along its axis, from the middle of its heel forward to the middle of its ball.
 * @param scanned its largest part, mm, its faces turned either way
 * @throws ScanRefused where it is closed, and stands on none of its sides as a foot does
 */
export function setDown(scanned: Mesh): SetScan {
  const opening = openingOf(scanned);
  // A sole looks down: in some files all faces are turned the other way.
  const { mesh } = outward(scanned, opening);
  const faces = facesOf(mesh);
  const withLeg = (set: Omit<SetScan, 'leg'>): SetScan => ({ ...set, leg: legOf(set.mesh, set.lengthMm, opening) });
  if (opening) return withLeg(setOn(mesh, settled(faces, solesOf(faces, towards(opening, faces), 1)[0])));
  // Nothing says where its leg was: a foot stands on its sole, not on its side or on the end of its leg.
  const sets = solesOf(faces, null, TRIED).map((down) => setOn(mesh, settled(faces, down)));
  const stands = sets.map((set) => soleShare(set.mesh, set.lengthMm) - offStanding(set.mesh, set.lengthMm));
  const most = Math.max(...stands);
  if (!(most >= LEAST_SOLE)) throw new ScanRefused('no-foot');
  return withLeg(sets[stands.indexOf(most)]);
}

/** Sets a scan down with one direction to the floor. */
function setOn(mesh: Mesh, down: Space): Omit<SetScan, 'leg'> {
  const up: Space = [-down[0], -down[1], -down[2]];
  const east = squareTo(up);
  const north = cross(up, east);
  const heights = new Float32Array(mesh.points.length / 3);
  for (let p = 0; p < heights.length; p++) heights[p] = along(mesh.points, 3 * p, up);
  const floor = heights.slice().sort()[Math.floor(0.01 * heights.length)];
  const long = Math.max(...[east, north].map((axis) => extent(mesh, axis)));
  const low: Point[] = [];
  for (let p = 0; p < heights.length; p++)
    if (heights[p] - floor < LOW_OF_LENGTH * long) low.push({ x: along(mesh.points, 3 * p, east), y: along(mesh.points, 3 * p, north) });
  let angle = forwardOf(low);
  for (let round = 0; round < 5; round++) angle += lean(turned(low, angle));
  const [c, s] = [Math.cos(angle), Math.sin(angle)];
  const ahead: Space = [c * east[0] + s * north[0], c * east[1] + s * north[1], c * east[2] + s * north[2]];
  const across = cross(up, ahead);
  const laid = turned(low, angle);
  const [back, front] = spread(laid.map((p) => p.x));
  const rows = [ahead, across, up] as const;
  const shift: Space = [back, heelMiddle(laid, back, front - back), floor];
  const set = inFrame(mesh, rows, shift);
  const [right, left] = spread(laid.map((p) => p.y));
  return {
    mesh: set,
    lengthMm: front - back,
    rows,
    shift,
    looksLike: sideOf(set, front - back),
    slender: (front - back) / (left - right)
  };
}

function extent({ points }: Mesh, axis: Space): number {
  let [least, most] = [Infinity, -Infinity];
  for (let i = 0; i < points.length; i += 3) {
    const v = along(points, i, axis);
    if (v < least) least = v;
    if (v > most) most = v;
  }
  return most - least;
}
