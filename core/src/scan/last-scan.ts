import { BALL_AT, OUTER_BALL_AT } from '../measure';
import { SHOE_PLAN, type WidthBasis } from '../last';
import { ballOf, HEEL_ARC, INNER_SHARE, sidesAt, spread, TOE_CENTRE, type Point } from '../shape';
import { cutPoints, tapeCut, type Plane } from './cut';
import { EDGE } from './edge';
import { edgeLine, STEP_MM } from './edge-line';
import { ScanRefused } from './refusal';
import { inFrame, type Mesh } from './mesh';
import { bottomLine, type BottomLine } from './bottom-line';
import { cross, movedAlong, type Space } from './space';
import { toplineOf } from './topline';

/** What is known of a last, or of the inside of a shoe on it, before it is read. */
export interface LastAsked {
  /** The foot its size is made for, mm: its stations are shares of it. */
  forFootMm: number;
  /** Drop it is made for, mm: a loose last may be rolled, so that its pitch is told, not seen. */
  dropMm: number;
  /** What its widths are measured on: the line is read there. */
  basis: WidthBasis;
}

/** A last or the inside of a shoe as a scan tells it, mm; null where the surface is open there. Girths lie square to the bottom, without pull. */
export interface LastScan {
  /** Its edge, laid flat as an insole is traced: x forward from the back of the heel, y to the scan's left; closed. */
  outline: Point[];
  lengthMm: number;
  /** What the counter stands outside the seat on every side, at the height where the line was read: the line begins at the seat. */
  counterMm: number;
  ballGirthMm: number | null;
  waistGirthMm: number | null;
  instepGirthMm: number | null;
  toeDepthMm: number | null;
  littleToeDepthMm: number | null;
  toeSpringMm: number;
  instepHeightMm: number | null;
  backHeightMm: number | null;
  throatLineMm: number | null;
}

/** Where girths and heights are read, of the foot's length. */
const AT = { waist: [0.55, 0.64], instep: 0.53, half: 0.5, littleToe: 0.83 } as const;
/** Steeper than on this drop a shank is not told from a wall, mm. */
const MOST_DROP_MM = 100;
/** Where the axis crosses the ball, and between which places it lies, of the bottom's length; when the axis is found. */
const BALL_AXIS_AT = 0.68;
const BALL_LIES: readonly [number, number] = [0.5, 0.8];
const MOST_ROUNDS = 2;
const SETTLED_RAD = 0.004;
/** The big toe is highest so far behind its tip, mm. */
const BIG_TOE_BEHIND_MM = 8;
/** A tape is led straight over an opening as wide as this, mm; over a wider one it tells nothing of the girth. */
const WIDEST_GAP_MM = 25;
/** What stands lower than this over the bottom is no top, mm: there only the bottom was met. */
const LEAST_TOP_MM = 10;

/**
 * Reads a solid last, or the inside of a shoe.
 * @param mesh set down by `setLast`
 * @throws ScanRefused where it has no feather line and its widths are measured there: its edge is too round, or it is no last; or where its
 *   drop is too steep
 */
export function lastScan(mesh: Mesh, { forFootMm: L, dropMm, basis }: LastAsked): LastScan {
  if (dropMm > MOST_DROP_MM) throw new ScanRefused('too-steep');
  const [bottom, edge] = alongAxis(mesh, dropMm, basis);
  const counterMm = EDGE[basis].outsideSeat ? SHOE_PLAN.counterOut * ballOf(edge) : 0;
  const outline = heelOnSeat(edge, counterMm);
  const [back, front] = spread(outline.map((p) => p.x));
  const at = (share: number): number => back + share * L;
  const girth = (plane: Plane): number => {
    const cut = tapeCut(bottom.mesh, plane);
    return cut && cut.gapMm < WIDEST_GAP_MM ? cut.lengthMm : NaN;
  };
  const square = (s: number): Plane => ({ at: bottom.at(s), normal: bottom.ahead(s) });
  const waists = [0, 1, 2, 3, 4, 5].map((i) => girth(square(at(AT.waist[0] + ((AT.waist[1] - AT.waist[0]) * i) / 5))));
  const [left, right] = sidesAt(outline, at(BALL_AT));
  const width = left - right;
  const inner = innerSide(outline);
  const open = (value: number): number | null => (Number.isFinite(value) ? value : null);
  const top = (s: number, y: number): number | null => {
    const mm = thickness(bottom, s, y);
    return mm > LEAST_TOP_MM ? mm : null;
  };
  const topline = toplineOf(bottom);
  const read = {
    outline: outline.map(({ x, y }) => ({ x: x - back, y })),
    lengthMm: front - back,
    counterMm,
    ballGirthMm: open(girth(throughBall(bottom, outline, at, inner))),
    waistGirthMm: open(Math.min(...waists)),
    instepGirthMm: open(girth(square(at(AT.instep)))),
    toeDepthMm: top(Math.min(at(1) - BIG_TOE_BEHIND_MM, front - BIG_TOE_BEHIND_MM), inner * TOE_CENTRE[0] * width),
    littleToeDepthMm: top(at(AT.littleToe), inner * TOE_CENTRE[4] * width),
    toeSpringMm: bottom.height(front) - bottom.height(bottom.treadMm),
    instepHeightMm: top(at(AT.half), 0),
    backHeightMm: topline && topline.backHeightMm,
    throatLineMm: topline && topline.throatLineMm - back
  };
  if (!Object.values(read).every((value) => typeof value !== 'number' || Number.isFinite(value))) throw new ScanRefused('no-feather');
  return read;
}

/** Behind here, of a line's length, is its heel. */
const HEEL_BEHIND = 0.13;
/** A line whose heel lies on the counter, drawn in to where the seat begins: lengths are told from there. */
function heelOnSeat(line: Point[], counterMm: number): Point[] {
  const [back, front] = spread(line.map((p) => p.x));
  const heel = HEEL_BEHIND * (front - back);
  const drawn = (x: number): number => back + counterMm + ((x - back) * (heel - counterMm)) / heel;
  return line.map(({ x, y }) => ({ x: x - back < heel ? drawn(x) : x, y }));
}

/** The bottom and its edge, turned until the line lies along its own axis: that is only known once it is there. */
function alongAxis(mesh: Mesh, dropMm: number, basis: WidthBasis): [BottomLine, Point[]] {
  let own = mesh;
  for (let round = 0; ; round++) {
    const bottom = bottomLine(own, dropMm);
    const outline = edgeLine(bottom, basis);
    const off = axisOff(outline);
    if (round === MOST_ROUNDS || Math.abs(off) < SETTLED_RAD) return [bottom, outline];
    own = swung(bottom.mesh, off);
  }
}

/** The middle of a line across a place. */
const middleAt = (outline: readonly Point[], x: number): number => (sidesAt(outline, x)[0] + sidesAt(outline, x)[1]) / 2;

/** By how much a line lies off its axis: from the middle of the heel to where the ball is parted as a shoe's is, rad. */
function axisOff(outline: readonly Point[]): number {
  const [back, front] = spread(outline.map((p) => p.x));
  const long = front - back;
  const [left, right] = sidesAt(outline, back + BALL_AXIS_AT * long);
  const part = innerSide(outline) > 0 ? left - INNER_SHARE * (left - right) : right + INNER_SHARE * (left - right);
  return Math.atan2(part - middleAt(outline, back + HEEL_ARC * long), (BALL_AXIS_AT - HEEL_ARC) * long);
}

/** A mesh turned about its own upright, left side back. */
function swung(mesh: Mesh, angle: number): Mesh {
  const [c, s] = [Math.cos(angle), Math.sin(angle)];
  return inFrame(mesh, [[c, s, 0], [-s, c, 0], [0, 0, 1]], [0, 0, 0]); // prettier-ignore
}

/** On which side the inner head lies: from the line between the heel's middle and the tip the ball stands out less there. */
function innerSide(outline: readonly Point[]): 1 | -1 {
  const tip = outline.reduce((far, p) => (p.x > far.x ? p : far), outline[0]);
  const back = Math.min(...outline.map((p) => p.x));
  const long = tip.x - back;
  const heel = { x: back + HEEL_ARC * long, y: middleAt(outline, back + HEEL_ARC * long) };
  const [dx, dy] = [tip.x - heel.x, tip.y - heel.y];
  let [left, right] = [0, 0];
  for (const p of outline) {
    if (p.x < back + BALL_LIES[0] * long || p.x > back + BALL_LIES[1] * long) continue;
    const off = ((p.y - heel.y) * dx - (p.x - heel.x) * dy) / Math.hypot(dx, dy);
    left = Math.max(left, off);
    right = Math.max(right, -off);
  }
  return left < right ? 1 : -1;
}

/** The plane through both heads of the ball, square to the bottom between them. */
function throughBall(bottom: BottomLine, outline: readonly Point[], at: (share: number) => number, inner: 1 | -1): Plane {
  const head = (share: number, side: 0 | 1): Space => movedAlong(bottom.at(at(share)), bottom.left, sidesAt(outline, at(share))[side]);
  const [a, b] = inner > 0 ? [head(BALL_AT, 0), head(OUTER_BALL_AT, 1)] : [head(BALL_AT, 1), head(OUTER_BALL_AT, 0)];
  const across: Space = [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
  const normal = cross(across, bottom.up(at((BALL_AT + OUTER_BALL_AT) / 2)));
  const long = Math.hypot(...normal);
  return { at: a, normal: [normal[0] / long, normal[1] / long, normal[2] / long] };
}

/** How thick the last is over a place of its bottom, mm. @param y to the left */
function thickness(bottom: BottomLine, s: number, y: number): number {
  const from = movedAlong(bottom.at(s), bottom.left, y);
  const cut = cutPoints(bottom.mesh, { at: from, normal: bottom.ahead(s) });
  const up = bottom.up(s);
  let most = 0;
  for (let i = 0; i < cut.length; i += 3) {
    const off: Space = [cut[i] - from[0], cut[i + 1] - from[1], cut[i + 2] - from[2]];
    const across = off[0] * bottom.left[0] + off[1] * bottom.left[1] + off[2] * bottom.left[2];
    if (Math.abs(across) < STEP_MM) most = Math.max(most, off[0] * up[0] + off[1] * up[1] + off[2] * up[2]);
  }
  return most;
}
