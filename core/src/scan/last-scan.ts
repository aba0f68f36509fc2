import { BALL_AT, OUTER_BALL_AT } from '../measure';
import { SHOE_PLAN, type WidthBasis } from '../last';
import { ballOf, sidesAt, spread, TOE_CENTRE, type Point } from '../shape';
import type { BottomLine } from './bottom-line';
import { cutPoints, tapeCut, type Plane } from './cut';
import { STEP_MM } from './edge-line';
import { girthSd } from './girths';
import { alongAxis, heelOnSeat, innerSide } from './last-axis';
import type { ScanValue } from './measure-scan';
import { inFrame, type Mesh } from './mesh';
import { ScanRefused } from './refusal';
import type { SetLast } from './set-last';
import { cross, movedAlong, unit, type Space } from './space';
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

/** What is measured on a last or an inside beside its line. */
export type LastScanId =
  'ballGirthMm' | 'waistGirthMm' | 'instepGirthMm' | 'toeDepthMm' | 'littleToeDepthMm' | 'instepHeightMm' | 'toeSpringMm' | 'backHeightMm' | 'throatLineMm';

/** A last or the inside of a shoe as a scan tells it, mm. */
export interface LastScan {
  /** Its edge, laid flat as an insole is traced: x forward from the back of the heel, y to the scan's left; closed. */
  outline: Point[];
  lengthMm: number;
  /** What the counter stands outside the seat on every side, at the height where the line was read: the line begins at the seat. */
  counterMm: number;
  /** What was measured, with where; what is open is left out. Girths lie square to the bottom, without pull. */
  values: Partial<Record<LastScanId, ScanValue>>;
  /** Its surface as it stands on its drop: x forward from the back of the heel, y to the left, z up from the ground. */
  mesh: Mesh;
  /** Sign of the inner side. */
  inward: 1 | -1;
}

/** Where girths and heights are read, of the foot's length. */
const AT = { waist: [0.55, 0.64], instep: 0.53, half: 0.5, littleToe: 0.83 } as const;
const WAISTS = 6;
/** Deviations of a clean scan, mm [model]; those of girths are worked out on the last itself. A pitch a degree off moves a toe by 1.3 mm. */
const SD = { height: 1, spring: 1.5, topline: 1.5, throat: 2 } as const;
/** Steeper than on this drop a shank is not told from a wall, mm. */
const MOST_DROP_MM = 100;
/** The big toe is highest so far behind its tip, mm. */
const BIG_TOE_BEHIND_MM = 8;
/** A tape is led straight over an opening as wide as this, mm; over a wider one it tells nothing of the girth. */
const WIDEST_GAP_MM = 25;
/** What stands lower than this over the bottom is no top, mm: there only the bottom was met. */
const LEAST_TOP_MM = 10;

/**
 * Reads a solid last, or the inside of a shoe.
 * @param set as `setLast` left it
 * @throws ScanRefused where it has no feather line and its widths are measured there: its edge is too round, or it is no last; or where its
 *   drop is too steep
 */
export function lastScan({ mesh: set, opening }: SetLast, { forFootMm: L, dropMm, basis }: LastAsked): LastScan {
  if (dropMm > MOST_DROP_MM) throw new ScanRefused('too-steep');
  const [bottom, edge] = alongAxis(set, dropMm, basis);
  const counterMm = SHOE_PLAN.isInside[basis] ? SHOE_PLAN.counterOut * ballOf(edge) : 0;
  const outline = heelOnSeat(edge, counterMm);
  const [back, front] = spread(outline.map((p) => p.x));
  if (!(front - back > 0)) throw new ScanRefused('no-feather');
  const at = (share: number): number => back + share * L;
  const inward = innerSide(outline);
  const [left, right] = sidesAt(outline, at(BALL_AT));
  const width = left - right;

  // Found in the bottom's frame, told and measured from the back of the heel and from the ground.
  const ground = bottom.at(bottom.treadMm)[2];
  const [ox] = bottom.at(back);
  const told = ([x, y, z]: Space): Space => [x - ox, y, z - ground];
  const mesh = inFrame(bottom.mesh, [[1, 0, 0], [0, 1, 0], [0, 0, 1]], [ox, 0, ground]); // prettier-ignore
  const values: LastScan['values'] = {};
  const take = (id: LastScanId, mm: number, sdMm: number, line: readonly Space[]): void => {
    if (Number.isFinite(mm)) values[id] = { mm, sdMm, line: line.map(told) };
  };
  /** The least of some tapes; none where one of them is open. */
  const girth = (id: LastScanId, planes: readonly Plane[]): void => {
    const found = planes.map(({ at, normal }) => lastGirth(mesh, { at: told(at), normal }));
    if (found.some((tape) => tape === null)) return;
    values[id] = (found as ScanValue[]).reduce((least, tape) => (tape.mm < least.mm ? tape : least));
  };
  const square = (s: number): Plane => ({ at: bottom.at(s), normal: bottom.ahead(s) });
  girth('ballGirthMm', [throughBall(bottom, outline, at, inward)]);
  girth(
    'waistGirthMm',
    Array.from({ length: WAISTS }, (_, i) => square(at(AT.waist[0] + ((AT.waist[1] - AT.waist[0]) * i) / (WAISTS - 1))))
  );
  girth('instepGirthMm', [square(at(AT.instep))]);
  const top = (id: LastScanId, s: number, y: number): void => {
    const mm = thickness(bottom, s, y);
    const from = movedAlong(bottom.at(s), bottom.left, y);
    if (mm > LEAST_TOP_MM) take(id, mm, SD.height, [from, movedAlong(from, bottom.up(s), mm)]);
  };
  top('toeDepthMm', Math.min(at(1), front) - BIG_TOE_BEHIND_MM, inward * TOE_CENTRE[0] * width);
  top('littleToeDepthMm', at(AT.littleToe), inward * TOE_CENTRE[4] * width);
  top('instepHeightMm', at(AT.half), 0);
  const tip = bottom.at(front);
  take('toeSpringMm', tip[2] - ground, SD.spring, [[tip[0], 0, ground], tip]);
  const topline = opening && toplineOf(bottom, opening);
  if (topline) {
    take('backHeightMm', topline.back.over, SD.topline, [bottom.at(topline.back.s), topline.back.at]);
    take('throatLineMm', topline.throat.s - back, SD.throat, [bottom.at(back), topline.throat.at]);
  }
  return {
    outline: outline.map(({ x, y }) => ({ x: x - back, y })),
    lengthMm: front - back,
    counterMm,
    values,
    mesh,
    inward
  };
}

/** A girth of a last or an inside along a plane, where the trade lays it or a hand moved it; null where the tape meets too little, or an opening. */
export function lastGirth(mesh: Mesh, plane: Plane): ScanValue | null {
  const cut = tapeCut(mesh, plane);
  return cut && cut.gapMm < WIDEST_GAP_MM ? { mm: cut.lengthMm, sdMm: girthSd(mesh, plane, cut, {}), line: cut.line, plane } : null;
}

/** The plane through both heads of the ball, square to the bottom between them. */
function throughBall(bottom: BottomLine, outline: readonly Point[], at: (share: number) => number, inner: 1 | -1): Plane {
  const head = (share: number, side: 0 | 1): Space => movedAlong(bottom.at(at(share)), bottom.left, sidesAt(outline, at(share))[side]);
  const [a, b] = inner > 0 ? [head(BALL_AT, 0), head(OUTER_BALL_AT, 1)] : [head(BALL_AT, 1), head(OUTER_BALL_AT, 0)];
  const across: Space = [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
  return { at: a, normal: unit(cross(across, bottom.up(at((BALL_AT + OUTER_BALL_AT) / 2)))) };
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
