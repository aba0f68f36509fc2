import type { MeasureId } from '../measure';
import { alongPlane, cutPoints, tapeCut, type Plane, type TapeCut } from './cut';
import type { Leg } from './leg';
import type { Mesh } from './mesh';
import { middleOf, movedAlong, turnedAbout, type Space } from './space';

/** What a girth is found by: a scan along its axis, with the two heads of its ball once they are known. */
export interface GirthFrame {
  mesh: Mesh;
  lengthMm: number;
  leg: Leg | null;
  heads: { inner: Space; outer: Space } | null;
}
type Kept = (x: number, y: number, z: number) => boolean;
/** Where a tape lies, and which part of the foot it goes round; everything the plane cuts when that is left out. */
interface Laid {
  plane: Plane;
  keep?: Kept;
  /** Where the tape holds by itself: there it is not moved, only turned about it. */
  holdsAt?: Space;
}
interface GirthDefinition {
  id: MeasureId;
  /** Where the trade lays the tape; null where the scan does not reach. */
  lay: (frame: GirthFrame) => Laid | null;
}

/** Where along a foot each tape is looked for, shares of its length [model]. */
const AT = { waist: [0.55, 0.64], instep: [0.5, 0.56], ankle: [0.28, 0.5], leg: 0.38 } as const;
/** Spacing of the planes that are tried, mm; how far a plane over the instep may lean. */
const STEP_MM = 2;
const MOST_LEAN_RAD = (15 * Math.PI) / 180;
/** The heel's back is met this far above the floor, and a short heel's tape runs this far above the bend, mm. */
const HEEL_BACK_MM = 4;
const OVER_BEND_MM = 8;
/** Half the breadth of the middle strip in which the leg's front is followed, mm. */
const STRIP_MM = 8;
/** The cut end of a leg is ragged: no tape lies nearer to it, mm. */
const BELOW_CUT_MM = 4;
/** A leg cut lower than this, of the foot's length, shows neither the bend nor the ankle; higher than the other, no more of the shin is looked at [model]. */
const SHIN: readonly [number, number] = [0.33, 0.6];
/** How high a leg is whole, mm. */
const shinTop = ({ leg }: GirthFrame): number => (leg?.mm ?? 0) - BELOW_CUT_MM;
/** Whether a scan's leg is long enough to be taped. */
export const showsAnkle = ({ leg, lengthMm }: Pick<GirthFrame, 'leg' | 'lengthMm'>): boolean => leg !== null && leg.mm > SHIN[0] * lengthMm;

/** The girths a tape takes round a scanned foot; each lies where the trade lays it. */
const GIRTHS: readonly GirthDefinition[] = [
  { id: 'ballGirthMm', lay: ({ heads }) => heads && { plane: throughHeads(heads) } },
  { id: 'waistGirthMm', lay: ({ mesh, lengthMm: L }) => least(mesh, stations(AT.waist[0] * L, AT.waist[1] * L).map(upright)) },
  { id: 'instepGirthMm', lay: ({ mesh, lengthMm }) => overInstep(mesh, lengthMm) },
  { id: 'shortHeelGirthMm', lay: (scan) => (showsAnkle(scan) ? roundHeel(scan) : null) },
  {
    id: 'ankleGirthMm',
    lay: (scan) => {
      const [from, to] = [AT.ankle[0] * scan.lengthMm, Math.min(AT.ankle[1] * scan.lengthMm, shinTop(scan))];
      return showsAnkle(scan) ? least(scan.mesh, stations(from, to, 2 * STEP_MM).map(level)) : null;
    }
  }
];
export const SCAN_GIRTH_IDS: readonly MeasureId[] = GIRTHS.map((g) => g.id);

/** A girth of a scan: its tape, the plane it lies in, and how far it may be off. */
export interface ScanGirth {
  id: MeasureId;
  plane: Plane;
  cut: TapeCut;
  sdMm: number;
}

/** How surely a hand or a rule finds a plane's place and its turn [model]; what else a clean scan's tape errs by, mm. */
export const PLANE_SD = { mm: 2.5, degrees: 2 } as const;
const TURN_SD_RAD = (PLANE_SD.degrees * Math.PI) / 180;
const TAPE_SD_MM = 1;
/** A hole wider than this under a tape makes a girth doubtful, and so much of it goes into its deviation [model]. */
const GAP_MM = 25;
const GAP_SHARE = 1 / 20;

/**
 * One girth, where the trade lays it or where a hand dragged its plane.
 * @param plane in place of the trade's; what the tape goes round stays the same part of the foot
 * @returns null where the scan does not reach, or the plane meets nothing to lie round
 */
export function girthOf(frame: GirthFrame, id: MeasureId, plane?: Plane): ScanGirth | null {
  const laid = GIRTHS.find((g) => g.id === id)?.lay(frame);
  if (!laid) return null;
  const own = plane ?? laid.plane;
  const cut = tapeCut(frame.mesh, own, laid.keep);
  return cut && { id, plane: own, cut, sdMm: girthSd(frame.mesh, own, cut, laid) };
}

/** How far a girth may be off: how much it changes on this surface where its plane is moved and turned a little, each by how surely that is known. */
export function girthSd(mesh: Mesh, plane: Plane, cut: TapeCut, { keep, holdsAt }: Omit<Laid, 'plane'>): number {
  const off = (there: Plane, back: Plane): number => {
    const [a, b] = [there, back].map((moved) => tapeCut(mesh, moved, keep)?.lengthMm ?? cut.lengthMm);
    return (a - b) / 2;
  };
  const shifted = (mm: number): Plane => ({ ...plane, at: movedAlong(plane.at, plane.normal, mm) });
  // A tape is turned about its own middle, not about the point its plane was given by.
  const at = holdsAt ?? middleOf(cut.line);
  const turned = (axis: Space, rad: number): Plane => ({ at, normal: turnedAbout(plane.normal, axis, rad) });
  const parts = alongPlane(plane.normal).map((axis) => off(turned(axis, TURN_SD_RAD), turned(axis, -TURN_SD_RAD)));
  if (!holdsAt) parts.push(off(shifted(PLANE_SD.mm), shifted(-PLANE_SD.mm)));
  return Math.hypot(TAPE_SD_MM, ...parts, cut.gapMm > GAP_MM ? cut.gapMm * GAP_SHARE : 0);
}

const stations = (from: number, to: number, step = STEP_MM): number[] =>
  Array.from({ length: Math.max(0, Math.floor((to - from) / step) + 1) }, (_, i) => from + i * step);
const upright = (x: number): Plane => ({ at: [x, 0, 0], normal: [1, 0, 0] });
const level = (z: number): Plane => ({ at: [0, 0, z], normal: [0, 0, 1] });

function least(mesh: Mesh, planes: readonly Plane[]): Laid | null {
  let best: { plane: Plane; mm: number } | null = null;
  for (const plane of planes) {
    const mm = tapeCut(mesh, plane)?.lengthMm;
    if (mm !== undefined && (!best || mm < best.mm)) best = { plane, mm };
  }
  return best && { plane: best.plane };
}

function throughHeads({ inner, outer }: NonNullable<GirthFrame['heads']>): Plane {
  const [dx, dy] = [inner[0] - outer[0], inner[1] - outer[1]];
  const long = Math.hypot(dx, dy);
  return { at: inner, normal: [dy / long, -dx / long, 0] };
}

/** Height of the foot's back over a station, mm; 0 where there is nothing. */
export function topAt(mesh: Mesh, x: number): number {
  const cut = cutPoints(mesh, upright(x));
  let top = 0;
  for (let i = 2; i < cut.length; i += 3) if (cut[i] > top) top = cut[i];
  return top;
}

/** Over the highest place of the instep, square to the foot's back as far as that leans; the leg is not taped. */
function overInstep(mesh: Mesh, L: number): Laid {
  const [from, to] = [AT.instep[0] * L, AT.instep[1] * L];
  const x = (from + to) / 2;
  const slope = (topAt(mesh, to) - topAt(mesh, from)) / (to - from);
  const lean = Math.max(-MOST_LEAN_RAD, Math.min(MOST_LEAN_RAD, Math.atan(slope)));
  return { plane: { at: [x, 0, topAt(mesh, x)], normal: [Math.cos(lean), 0, Math.sin(lean)] }, keep: (px) => px > AT.leg * L };
}

/** Round the heel's back and the bend in front of the ankle: where the line from the instep to the shin turns most. */
function roundHeel(scan: GirthFrame): Laid | null {
  const { mesh, lengthMm: L } = scan;
  const instep = { x: AT.instep[0] * L, z: topAt(mesh, AT.instep[0] * L) };
  // Lower than the instep, or in front of it, lies the forefoot, which is far from that line too.
  const profile = stations(instep.z, Math.min(shinTop(scan), SHIN[1] * L)).flatMap((z) => {
    const cut = cutPoints(mesh, level(z), (x, y) => x <= instep.x && Math.abs(y) < STRIP_MM);
    let front = -Infinity;
    for (let i = 0; i < cut.length; i += 3) if (cut[i] > front) front = cut[i];
    return front > -Infinity ? [{ x: front, z }] : [];
  });
  if (profile.length < 4) return null;
  const shin = profile[profile.length - 1];
  const [dx, dz] = [shin.x - instep.x, shin.z - instep.z];
  const off = (p: { x: number; z: number }): number => Math.abs(dx * (p.z - instep.z) - dz * (p.x - instep.x));
  const bend = profile.reduce((best, p) => (off(p) > off(best) ? p : best), profile[0]);
  const back = cutPoints(mesh, level(HEEL_BACK_MM));
  if (back.length === 0) return null;
  let heel = Infinity;
  for (let i = 0; i < back.length; i += 3) if (back[i] < heel) heel = back[i];
  const [ax, az] = [bend.x - heel, bend.z - HEEL_BACK_MM];
  const long = Math.hypot(ax, az);
  const at: Space = [heel, 0, HEEL_BACK_MM];
  return { plane: { at, normal: [az / long, 0, -ax / long] }, keep: (_x, _y, z) => z < bend.z + OVER_BEND_MM, holdsAt: at };
}
