import { planOf } from '@chiave/core/fit';
import type { Foot, TakenId } from '@chiave/core/measure';
import { BONES, CUT, flatSkin, SKIN_AT } from '@chiave/core/heel';
import { ANKLE_BONE_AT } from '@chiave/core/last';
import { compileFootShape, footOutline, type FootOutline, type FootShape, type Point } from '@chiave/core/shape';

/** Where each measure lies on a foot, for pointing from a field to the drawing and back. Foot coordinates, mm. */
export interface Place {
  id: TakenId;
  /** Two points are a line across, one is a dot. */
  points: readonly Point[];
  /** A tape goes round there; else a calliper or a gauge lies straight across. */
  round?: boolean;
}

export const shapeOf = (foot: Foot): FootShape => compileFootShape(planOf(foot), 0);

/** Where the inner and the outer side of a foot stand at x, mm. */
export function sidesAt(shape: FootShape, x: number): [number, number] {
  let i = 0;
  while (i < shape.stationX.length - 1 && shape.stationX[i] < x) i++;
  return [shape.inner[i], -shape.outer[i]];
}

/** The toe tips' span is taken so far behind the longest, mm. */
const TIP_SPAN_BEHIND_MM = 15;
const TIPS: readonly TakenId[] = ['toe1TipMm', 'toe2TipMm', 'toe3TipMm', 'toe4TipMm', 'toe5TipMm'];

/** The foot from above and the places of the measures on it. */
export function fromAbove(foot: Foot): { outline: FootOutline; places: Place[] } {
  const v = foot.values;
  const L = v.lengthMm.mm;
  const shape = shapeOf(foot);
  const inner = { x: v.ballLengthMm.mm, y: shape.innerAtBall };
  const outer = { x: v.outerBallLengthMm.mm, y: -shape.outerAtBall };
  const across = (x: number): Point[] => sidesAt(shape, x).map((y) => ({ x, y }));
  const back = (p: Point, by: number): Point => ({ x: p.x - by, y: p.y });
  return {
    outline: footOutline(shape),
    places: [
      { id: 'ballWidthMm', points: [inner, outer] },
      { id: 'ballGirthMm', round: true, points: [back(inner, 0.012 * L), back(outer, 0.012 * L)] },
      { id: 'waistGirthMm', round: true, points: across(0.56 * L) },
      { id: 'instepGirthMm', round: true, points: across(0.47 * L) },
      { id: 'heelWidthMm', points: [0.17 * L].flatMap((x) => [v.heelWidthMm.mm / 2, -v.heelWidthMm.mm / 2].map((y) => ({ x, y }))) },
      { id: 'ballLengthMm', points: [inner] },
      { id: 'outerBallLengthMm', points: [outer] },
      { id: 'tipSpanMm', points: across(L - TIP_SPAN_BEHIND_MM) },
      ...TIPS.map((id, i) => ({ id, points: [{ x: shape.tip[i], y: shape.centre[i] }] }))
    ]
  };
}

/** What a side view is drawn from; what was not taken is estimated and says so. */
export interface SideHeights {
  toeMm: number;
  dorsumMm: number;
  archMm: number;
  derived: { toe: boolean; dorsum: boolean; arch: boolean };
}
export const ARCH_ABOVE_FLOOR = { low: 0.045, medium: 0.08, high: 0.11 } as const;
/** Height of the foot at half its length over its instep girth, and of its sole above the floor by arch type [estimate]. */
const DORSUM_OF_INSTEP = 0.28;

export function sideHeights(foot: Foot, taken: Partial<Record<TakenId, { mm: number }>>): SideHeights {
  const v = foot.values;
  const dorsum = taken.archStandingMm?.mm ?? taken.archSeatedMm?.mm;
  const navicular = taken.navicularStandingMm?.mm;
  return {
    toeMm: v.toeHeightMm.mm,
    dorsumMm: dorsum ?? DORSUM_OF_INSTEP * v.instepGirthMm.mm,
    archMm: navicular !== undefined ? 0.5 * navicular : ARCH_ABOVE_FLOOR[foot.archType] * v.lengthMm.mm,
    derived: { toe: v.toeHeightMm.how === 'derived', dorsum: dorsum === undefined, arch: navicular === undefined }
  };
}

/** Height of the outer ankle bone's lower edge, of the foot's length [estimate, for drawing]. */
const ANKLE_BONE_OF_LENGTH = 0.205;
/** The leg is shown up to here, of the foot's length. */
const LEG_UPTO = 0.66;

/** The foot from its inner side: one open line from the back of the leg round the sole and the toes to the front of it; x forward, y up, mm. */
export function fromSide(foot: Foot, heights: SideHeights): { skin: Point[]; places: Place[] } {
  const v = foot.values;
  const L = v.lengthMm.mm;
  const { toeMm, dorsumMm, archMm } = heights;
  const ball = v.ballLengthMm.mm;
  const flat = flatSkin({ lengthMm: L, ballLengthMm: ball, toeHeightMm: toeMm, dorsumMm, navicularMm: Math.max(2 * archMm, 0.5 * BONES.navicular * L) });
  const skin = [...flat.slice(CUT.back), ...flat.slice(0, CUT.front + 1)].filter((p) => p.y < LEG_UPTO * L);
  const at = (i: number): Point => flat[i];
  const line = (id: TakenId, ...points: Point[]): Place => ({ id, points });
  return {
    skin,
    places: [
      line('toeHeightMm', { x: at(SKIN_AT.toeTop).x, y: 0 }, at(SKIN_AT.toeTop)),
      line('archStandingMm', { x: at(SKIN_AT.halfLength).x, y: 0 }, { x: at(SKIN_AT.halfLength).x, y: dorsumMm }),
      line('navicularStandingMm', { x: BONES.midfootAt * ball, y: 0 }, { x: BONES.midfootAt * ball, y: Math.max(archMm * 2, 4) }),
      line('instepGirthMm', at(SKIN_AT.halfLength), at(SKIN_AT.archUnder)),
      line('shortHeelGirthMm', at(SKIN_AT.heelUnder), at(SKIN_AT.ankleBend)),
      line('ballGirthMm', { x: ball, y: 0 }, at(SKIN_AT.ballTop)),
      line('ankleBoneMm', { x: ANKLE_BONE_AT * L, y: 0 }, { x: ANKLE_BONE_AT * L, y: ANKLE_BONE_OF_LENGTH * L }),
      line('ankleGirthMm', at(SKIN_AT.ankleBack), at(SKIN_AT.ankleFront))
    ]
  };
}

/** The seated readings lie where the standing ones do. */
export const SAME_PLACE: Partial<Record<TakenId, TakenId>> = {
  archSeatedMm: 'archStandingMm',
  navicularSeatedMm: 'navicularStandingMm',
  pressedBallGirthMm: 'ballGirthMm',
  pressedBallWidthMm: 'ballWidthMm',
  bigToeLengthMm: 'toe1TipMm',
  littleToeHeightMm: 'toe5TipMm',
  littleToeBunionMm: 'outerBallLengthMm',
  ballWidthSeatedMm: 'ballWidthMm'
};
