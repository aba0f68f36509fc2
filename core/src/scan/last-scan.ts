import { BALL_AT, OUTER_BALL_AT } from '../measure';
import { HEEL_ARC, INNER_SHARE, sidesAt, smoothContour, spread, TOE_CENTRE, type Point } from '../shape';
import { cutPoints, tapeCut, type Plane } from './cut';
import { featherIn } from './feather';
import { ScanRefused } from './refusal';
import type { Mesh } from './mesh';
import { inFrame } from './set';
import { bottomLine, type BottomLine } from './bottom-line';
import { cross, movedAlong, type Space } from './space';

/** What is known of a last before it is read. */
export interface LastAsked {
  /** The foot its size is made for, mm: its stations are shares of it. */
  forFootMm: number;
  /** Drop it is made for, mm: a loose last may be rolled, so that its pitch is told, not seen. */
  dropMm: number;
}

/** A last as a scan tells it, mm. Girths lie square to the bottom, without pull. */
export interface LastScan {
  /** Its feather line, laid flat as an insole is traced: x forward from the back of the heel, y to the scan's left; closed. */
  outline: Point[];
  lengthMm: number;
  ballGirthMm: number;
  waistGirthMm: number;
  instepGirthMm: number;
  toeDepthMm: number;
  littleToeDepthMm: number;
  toeSpringMm: number;
  instepHeightMm: number;
}

/** Sections along the bottom, mm, and round its ends, rad. */
const STEP_MM = 2;
const TURN_RAD = (3 * Math.PI) / 180;
/** The ends are read radially from so far within, of the length. */
const HEEL_FROM = 0.13;
const TOE_FROM = 0.12;
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
/** An edge that lies so far off the middle of those beside it is none, mm; so many to either side count. */
const JUMPS_MM = { sides: 2, toe: 5 } as const;
const BESIDE = 3;
/** An edge is there in this share of the sections at least. */
const LEAST_FOUND = 0.7;

/**
 * Reads a solid last.
 * @param mesh set down by `setLast`
 * @throws ScanRefused where it has no feather line: its edge is too round, or it is no last; or where its drop is too steep
 */
export function lastScan(mesh: Mesh, { forFootMm: L, dropMm }: LastAsked): LastScan {
  if (dropMm > MOST_DROP_MM) throw new ScanRefused('too-steep');
  const [bottom, outline] = alongAxis(mesh, dropMm);
  const [back, front] = spread(outline.map((p) => p.x));
  const at = (share: number): number => back + share * L;
  const girth = (plane: Plane): number => tapeCut(bottom.mesh, plane)?.lengthMm ?? NaN;
  const square = (s: number): Plane => ({ at: bottom.at(s), normal: bottom.ahead(s) });
  const waists = [0, 1, 2, 3, 4, 5].map((i) => girth(square(at(AT.waist[0] + ((AT.waist[1] - AT.waist[0]) * i) / 5))));
  const [left, right] = sidesAt(outline, at(BALL_AT));
  const width = left - right;
  const inner = innerSide(outline);
  const over = (s: number, y: number): number => thickness(bottom, s, y);
  const read = {
    outline: outline.map(({ x, y }) => ({ x: x - back, y })),
    lengthMm: front - back,
    ballGirthMm: girth(throughBall(bottom, outline, at, inner)),
    waistGirthMm: Math.min(...waists),
    instepGirthMm: girth(square(at(AT.instep))),
    toeDepthMm: over(Math.min(at(1) - BIG_TOE_BEHIND_MM, front - BIG_TOE_BEHIND_MM), inner * TOE_CENTRE[0] * width),
    littleToeDepthMm: over(at(AT.littleToe), inner * TOE_CENTRE[4] * width),
    toeSpringMm: bottom.height(front) - bottom.height(bottom.treadMm),
    instepHeightMm: over(at(AT.half), 0)
  };
  if (!Object.values(read).every((value) => typeof value !== 'number' || Number.isFinite(value))) throw new ScanRefused('no-feather');
  return read;
}

/** The bottom and its feather line, turned until the line lies along its own axis: that is only known once it is there. */
function alongAxis(mesh: Mesh, dropMm: number): [BottomLine, Point[]] {
  let own = mesh;
  for (let round = 0; ; round++) {
    const bottom = bottomLine(own, dropMm);
    const outline = featherLine(bottom);
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

/** The feather line: section by section along the bottom, and round heel and toe. */
function featherLine(bottom: BottomLine): Point[] {
  const { lengthMm: S } = bottom;
  const [heel, toe] = [HEEL_FROM * S, (1 - TOE_FROM) * S];
  let asked = 0;
  const read = (places: readonly { s: number; way: readonly [number, number] }[], jumpsMm: number): Point[] => {
    asked += places.length;
    const found = steady(
      places.map(({ s, way }) => featherIn(bottom, s, way)),
      jumpsMm
    );
    return found.flatMap((r, i) => (r === null ? [] : [{ x: places[i].s + r * places[i].way[0], y: r * places[i].way[1] }]));
  };
  const across = (side: 1 | -1): Point[] =>
    read(
      Array.from({ length: Math.floor((toe - heel) / STEP_MM) + 1 }, (_, i) => ({ s: heel + i * STEP_MM, way: [0, side] as const })),
      JUMPS_MM.sides
    );
  const round = (s: number, from: number, to: number, jumpsMm: number): Point[] => {
    const many = Math.round(Math.abs(to - from) / TURN_RAD);
    return read(
      Array.from({ length: many - 1 }, (_, i) => {
        const a = from + ((to - from) * (i + 1)) / many;
        return { s, way: [Math.cos(a), Math.sin(a)] as const };
      }),
      jumpsMm
    );
  };
  const line = [
    ...across(-1),
    ...round(toe, -Math.PI / 2, Math.PI / 2, JUMPS_MM.toe),
    ...across(1).reverse(),
    ...round(heel, Math.PI / 2, (3 * Math.PI) / 2, JUMPS_MM.sides)
  ];
  if (!(line.length > LEAST_FOUND * asked)) throw new ScanRefused('no-feather');
  return smoothContour(line);
}

/** Edges found one beside the other, without those that jump out: there a section met something else. */
function steady(found: readonly (number | null)[], jumpsMm: number): (number | null)[] {
  return found.map((r, i) => {
    if (r === null) return null;
    const near = found.slice(Math.max(0, i - BESIDE), i + BESIDE + 1).filter((n): n is number => n !== null);
    const middle = [...near].sort((a, b) => a - b)[near.length >> 1];
    return Math.abs(r - middle) > jumpsMm ? null : r;
  });
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
