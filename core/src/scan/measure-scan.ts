import type { MeasureId, Side } from '../measure';
import { cutPoints, tapeCut, type Plane, type Space, type TapeCut } from './cut';
import type { Mesh } from './mesh';
import type { SetScan } from './set';

/** One measure of a scanned foot, with where it was taken. */
export interface ScanValue {
  mm: number;
  /** Deviation, mm [model]: a hole under the tape adds to it. */
  sdMm: number;
  /** The plane of a girth, and the line the tape takes; the two ends of a width. */
  plane?: Plane;
  line: readonly Space[];
}
export type ScanValues = Partial<Record<MeasureId, ScanValue>>;

/** Where along a foot each thing is looked for, shares of its length [model]. */
const AT = {
  innerBall: [0.64, 0.82],
  outerBall: [0.54, 0.74],
  heel: [0.12, 0.2],
  waist: [0.55, 0.64],
  instep: [0.5, 0.56],
  ankle: [0.28, 0.5],
  /** What lies lower than this makes the plan, and what lies further back than this is leg where the instep is taped. */
  low: 0.18,
  leg: 0.38
} as const;
/** Deviations of a clean scan, mm [model]. */
const SD: Readonly<Partial<Record<MeasureId, number>>> = {
  lengthMm: 0.7,
  ballLengthMm: 2.5,
  outerBallLengthMm: 2.5,
  ballWidthMm: 0.7,
  heelWidthMm: 0.8,
  ballGirthMm: 2,
  waistGirthMm: 2,
  instepGirthMm: 3,
  shortHeelGirthMm: 4,
  ankleGirthMm: 2
};
/** A hole wider than this under a tape makes a girth doubtful, and so much of it goes into its deviation, mm [model]. */
const GAP_MM = 25;
const GAP_SHARE = 1 / 20;
/** Spacing of the planes that are tried, mm; how far a plane over the instep may lean. */
const STEP_MM = 2;
const MOST_LEAN_RAD = (15 * Math.PI) / 180;
/** The heel's back is met this far above the floor, and a short heel's tape runs this far above the bend, mm. */
const HEEL_BACK_MM = 4;
const OVER_BEND_MM = 8;
/** Half the breadth of the middle strip in which the leg's front is followed, mm. */
const STRIP_MM = 8;

/** One side of the plan at a station: how far the foot reaches there, sign + to its left. */
interface Reach {
  x: number;
  left: Space;
  right: Space;
}

/**
 * Reads a scanned foot that was set down: length, ball, widths, and girths as a tape takes them.
 * @param scan as `setDown` left it, mm
 * @param side which foot it is, once that was asked
 * @returns what could be taken; what the scan does not reach is left out
 */
export function measureScan({ mesh, lengthMm: L, legMm }: SetScan, side: Side): ScanValues {
  const values: ScanValues = {};
  const sdOf = (id: MeasureId, gapMm = 0): number => SD[id]! + (gapMm > GAP_MM ? gapMm * GAP_SHARE : 0);
  const take = (id: MeasureId, mm: number, line: readonly Space[], plane?: Plane, gapMm = 0): void => {
    values[id] = { mm, sdMm: sdOf(id, gapMm), line, ...(plane ? { plane } : {}) };
  };
  const girth = (id: MeasureId, plane: Plane, cut: TapeCut | null): void => {
    if (cut) take(id, cut.lengthMm, cut.line, plane, cut.gapMm);
  };
  take('lengthMm', L, [[0, 0, 0], [L, 0, 0]]); // prettier-ignore
  const low = AT.low * L;
  const reachAt = (x: number): Reach | null => reach(mesh, x, low);
  const reaches = ([from, to]: readonly [number, number]): Reach[] => stations(from * L, to * L).flatMap((x) => reachAt(x) ?? []);
  // The inner side of a right foot lies to its left.
  const inner = side === 'right' ? 'left' : 'right';
  const outer = side === 'right' ? 'right' : 'left';
  const furthest = (all: readonly Reach[], which: 'left' | 'right'): Space | null => widest(all.map((r) => r[which]));
  const head = furthest(reaches(AT.innerBall), inner);
  const fifth = furthest(reaches(AT.outerBall), outer);
  if (head && fifth) {
    take('ballLengthMm', head[0], [head]);
    take('outerBallLengthMm', fifth[0], [fifth]);
    take('ballWidthMm', Math.abs(head[1] - fifth[1]), [head, fifth]);
    const along = Math.hypot(head[0] - fifth[0], head[1] - fifth[1]);
    const plane: Plane = { at: head, normal: [(head[1] - fifth[1]) / along, -(head[0] - fifth[0]) / along, 0] };
    girth('ballGirthMm', plane, tapeCut(mesh, plane));
  }
  const heel = reaches(AT.heel).reduce<Reach | null>((best, r) => (best && best.left[1] - best.right[1] >= r.left[1] - r.right[1] ? best : r), null);
  if (heel) take('heelWidthMm', heel.left[1] - heel.right[1], [heel.left, heel.right]);
  const waist = least(stations(AT.waist[0] * L, AT.waist[1] * L).map((x) => upright(mesh, x)));
  if (waist) girth('waistGirthMm', waist.plane, waist.cut);
  const instep = overInstep(mesh, L);
  if (instep) girth('instepGirthMm', instep.plane, instep.cut);
  if (legMm === null) return values;
  const top = Math.min(AT.ankle[1] * L, legMm - 4);
  const ankle = least(stations(AT.ankle[0] * L, top, 2 * STEP_MM).map((z) => level(mesh, z)));
  if (ankle) girth('ankleGirthMm', ankle.plane, ankle.cut);
  const short = instep && roundHeel(mesh, L, legMm);
  if (short) girth('shortHeelGirthMm', short.plane, short.cut);
  return values;
}

const stations = (from: number, to: number, step = STEP_MM): number[] =>
  Array.from({ length: Math.max(0, Math.floor((to - from) / step) + 1) }, (_, i) => from + i * step);

function reach(mesh: Mesh, x: number, low: number): Reach | null {
  const cut = cutPoints(mesh, { at: [x, 0, 0], normal: [1, 0, 0] }, (_x, _y, z) => z < low);
  if (cut.length === 0) return null;
  let [left, right] = [0, 0];
  for (let i = 0; i < cut.length; i += 3) {
    if (cut[i + 1] > cut[left + 1]) left = i;
    if (cut[i + 1] < cut[right + 1]) right = i;
  }
  const at = (i: number): Space => [cut[i], cut[i + 1], cut[i + 2]];
  return { x, left: at(left), right: at(right) };
}

/** How flat a bulge is: places within this of its furthest are one, mm. */
const FLAT_MM = 0.6;
/** The furthest place off the axis; where the edge runs flat, the middle of the flat. */
function widest(places: readonly Space[]): Space | null {
  if (places.length === 0) return null;
  const most = Math.max(...places.map((p) => Math.abs(p[1])));
  const flat = places.filter((p) => Math.abs(p[1]) > most - FLAT_MM);
  const top = places.find((p) => Math.abs(p[1]) === most)!;
  return [flat.reduce((sum, p) => sum + p[0], 0) / flat.length, top[1], top[2]];
}

interface Taped {
  plane: Plane;
  cut: TapeCut;
}
const taped = (mesh: Mesh, plane: Plane, keep?: (x: number, y: number, z: number) => boolean): Taped | null => {
  const cut = tapeCut(mesh, plane, keep);
  return cut && { plane, cut };
};
const upright = (mesh: Mesh, x: number): Taped | null => taped(mesh, { at: [x, 0, 0], normal: [1, 0, 0] });
const level = (mesh: Mesh, z: number): Taped | null => taped(mesh, { at: [0, 0, z], normal: [0, 0, 1] });
const least = (all: readonly (Taped | null)[]): Taped | null => all.reduce((best, t) => (t && (!best || t.cut.lengthMm < best.cut.lengthMm) ? t : best), null);

/** Height of the foot's back over a station, mm. */
function topAt(mesh: Mesh, x: number): number {
  const cut = cutPoints(mesh, { at: [x, 0, 0], normal: [1, 0, 0] });
  let top = 0;
  for (let i = 2; i < cut.length; i += 3) if (cut[i] > top) top = cut[i];
  return top;
}

/** Over the highest place of the instep, square to the foot's back as far as that leans. */
function overInstep(mesh: Mesh, L: number): Taped | null {
  const [from, to] = [AT.instep[0] * L, AT.instep[1] * L];
  const x = (from + to) / 2;
  const slope = (topAt(mesh, to) - topAt(mesh, from)) / (to - from);
  const lean = Math.max(-MOST_LEAN_RAD, Math.min(MOST_LEAN_RAD, Math.atan(slope)));
  return taped(mesh, { at: [x, 0, topAt(mesh, x)], normal: [Math.cos(lean), 0, Math.sin(lean)] }, (px) => px > AT.leg * L);
}

/** Round the heel's back and the bend in front of the ankle: where the line from the instep to the shin turns most. */
function roundHeel(mesh: Mesh, L: number, legMm: number): Taped | null {
  const profile = stations(0.2 * L, legMm - 4, STEP_MM).flatMap((z) => {
    const cut = cutPoints(mesh, { at: [0, 0, z], normal: [0, 0, 1] }, (_x, y) => Math.abs(y) < STRIP_MM);
    let front = -Infinity;
    for (let i = 0; i < cut.length; i += 3) if (cut[i] > front) front = cut[i];
    return front > -Infinity ? [{ x: front, z }] : [];
  });
  if (profile.length < 4) return null;
  const instep = { x: AT.instep[0] * L, z: topAt(mesh, AT.instep[0] * L) };
  const shin = profile[profile.length - 1];
  const [dx, dz] = [shin.x - instep.x, shin.z - instep.z];
  const off = (p: { x: number; z: number }): number => Math.abs(dx * (p.z - instep.z) - dz * (p.x - instep.x));
  const bend = profile.reduce((best, p) => (off(p) > off(best) ? p : best), profile[0]);
  const back = cutPoints(mesh, { at: [0, 0, HEEL_BACK_MM], normal: [0, 0, 1] });
  if (back.length === 0) return null;
  let heel = Infinity;
  for (let i = 0; i < back.length; i += 3) if (back[i] < heel) heel = back[i];
  const [ax, az] = [bend.x - heel, bend.z - HEEL_BACK_MM];
  const long = Math.hypot(ax, az);
  const plane: Plane = { at: [heel, 0, HEEL_BACK_MM], normal: [az / long, 0, -ax / long] };
  return taped(mesh, plane, (_x, _y, z) => z < bend.z + OVER_BEND_MM);
}
