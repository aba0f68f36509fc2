import { spread, turned, type Point } from '../shape';
import { inFrame, type Hole, type Mesh } from './mesh';
import { DIRECTIONS, directions, facesOf, middleOfArea, someFaces, spreadOf } from './faces';
import { forwardOf, heelMiddle, lean } from './forward';
import { openingOf, outOf, outward } from './opening';
import { ScanRefused } from './refusal';
import { along, cross, squareTo, unit, type Space } from './space';

/** Faces that look this nearly one way belong to the bottom; while it is looked for, and while its direction is settled. */
const FACES = { sought: 0.8, settled: 0.75 } as const;
const SCORED_FACES = 1500;
const ROUNDS = 6;
/** The bottom of an inside looks away from where its opening looks by at least this, as a cosine. */
const AWAY_FROM_OPENING = -0.6;
/** The plan of an inside lies below this over its lowest point, mm: a shaft may lean out over the heel. */
const PLAN_UNDER_MM = 70;
/** What holds no more than this, volume over surface, is a shell with two sides, mm [model]: a last or an inside holds more than twice that. */
const SHELL_MM = 5;

/** The direction most of a last's surface looks to, by how far that reaches: its bottom is as long as itself, what looks up is not. */
function downOf(mesh: Mesh, opening: Hole | null): Space {
  const faces = facesOf(mesh);
  const chosen = someFaces(faces, SCORED_FACES);
  let [down, most]: [Space, number] = [[0, 0, -1], -1];
  const up = opening && outOf(mesh, opening, middleOfArea(faces));
  for (const d of directions(DIRECTIONS)) {
    if (up && along(d, 0, up) > AWAY_FROM_OPENING) continue;
    const score = spreadOf(
      faces,
      chosen.filter((t) => along(faces.normal, 3 * t, d) > FACES.sought)
    );
    if (score > most) [most, down] = [score, d];
  }
  for (let round = 0; round < ROUNDS; round++) {
    const sum = [0, 0, 0];
    for (let t = 0; t < faces.area.length; t++)
      if (along(faces.normal, 3 * t, down) > FACES.settled) for (let k = 0; k < 3; k++) sum[k] += faces.area[t] * faces.normal[3 * t + k];
    down = unit([sum[0], sum[1], sum[2]]);
  }
  return down;
}

/** A last or an inside that was set down, and where it is open for the leg. */
export interface SetLast {
  mesh: Mesh;
  opening: Hole | null;
}

/**
 * Sets a last or an inside with its bottom below, its axis from the middle of the heel to that of the ball, its toe in front. Its pitch is not
 * seen: a loose last may be rolled.
 * @param scanned its largest part, mm, its faces turned either way
 * @throws ScanRefused where it is a shell with two sides
 */
export function setLast(scanned: Mesh): SetLast {
  const opening = openingOf(scanned);
  const { mesh, thickMm } = outward(scanned, opening);
  if (thickMm < SHELL_MM) throw new ScanRefused('shell');
  const [x, y, z] = downOf(mesh, opening);
  const up: Space = [-x, -y, -z];
  const east = squareTo(up);
  const down = inFrame(mesh, [east, cross(up, east), up], [0, 0, 0]);
  const plan: Point[] = [];
  let floor = Infinity;
  for (let p = 2; p < down.points.length; p += 3) floor = Math.min(floor, down.points[p]);
  for (let p = 0; p < down.points.length; p += 3)
    if (!opening || down.points[p + 2] - floor < PLAN_UNDER_MM) plan.push({ x: down.points[p], y: down.points[p + 1] });
  let angle = forwardOf(plan);
  for (let round = 0; round < 5; round++) angle += lean(turned(plan, angle));
  const set = turned(plan, angle);
  const [heel, toe] = spread(set.map((p) => p.x));
  const [c, d] = [Math.cos(angle), Math.sin(angle)];
  return { mesh: inFrame(down, [[c, d, 0], [-d, c, 0], [0, 0, 1]], [heel, heelMiddle(set, heel, toe - heel), 0]), opening }; // prettier-ignore
}
