import { planOf } from '@chiave/core/fit';
import type { Foot, TakenId } from '@chiave/core/measure';
import { compileFootShape, footPolygon, type FootShape, type Point } from '@chiave/core/shape';

/** Where each measure lies on a foot, for pointing from a field to the drawing and back. Foot coordinates, mm. */
export interface Place {
  id: TakenId;
  /** Two points are a line across, one is a dot. */
  points: readonly Point[];
}

export const shapeOf = (foot: Foot): FootShape => compileFootShape(planOf(foot), 0);

const TIPS: readonly TakenId[] = ['toe1TipMm', 'toe2TipMm', 'toe3TipMm', 'toe4TipMm', 'toe5TipMm'];

/** The outline from above and the places of the measures on it. */
export function fromAbove(foot: Foot): { outline: Point[]; places: Place[] } {
  const v = foot.values;
  const L = v.lengthMm.mm;
  const shape = shapeOf(foot);
  const inner = { x: v.ballLengthMm.mm, y: shape.innerAtBall };
  const outer = { x: v.outerBallLengthMm.mm, y: -shape.outerAtBall };
  const halfAt = (x: number): [number, number] => {
    let i = 0;
    while (i < shape.stationX.length - 1 && shape.stationX[i] < x) i++;
    return [shape.inner[i], -shape.outer[i]];
  };
  const across = (x: number): Point[] => halfAt(x).map((y) => ({ x, y }));
  const back = (p: Point, by: number): Point => ({ x: p.x - by, y: p.y });
  return {
    outline: footPolygon(shape),
    places: [
      { id: 'ballWidthMm', points: [inner, outer] },
      { id: 'ballGirthMm', points: [back(inner, 0.012 * L), back(outer, 0.012 * L)] },
      { id: 'waistGirthMm', points: across(0.56 * L) },
      { id: 'instepGirthMm', points: across(0.47 * L) },
      { id: 'heelWidthMm', points: [0.17 * L].flatMap((x) => [v.heelWidthMm.mm / 2, -v.heelWidthMm.mm / 2].map((y) => ({ x, y }))) },
      { id: 'ballLengthMm', points: [inner] },
      { id: 'outerBallLengthMm', points: [outer] },
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
const ARCH_ABOVE_FLOOR = { low: 0.045, medium: 0.08, high: 0.11 } as const;
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

/** The foot from its inner side: outline from the heel over the ankle to the toes and back under the arch; x forward, y up, mm. */
export function fromSide(foot: Foot, heights: SideHeights): { top: Point[]; sole: Point[]; places: Place[] } {
  const v = foot.values;
  const L = v.lengthMm.mm;
  const { toeMm, dorsumMm, archMm } = heights;
  const ball = v.ballLengthMm.mm;
  const ankleFront = { x: 0.36 * L, y: Math.max(dorsumMm * 1.28, 0.3 * L) };
  const top: Point[] = [
    { x: 0.06 * L, y: 0.46 * L },
    { x: 0.05 * L, y: 0.3 * L },
    { x: 0.02 * L, y: 0.17 * L },
    { x: 0, y: 0.09 * L },
    { x: 0.012 * L, y: 0.02 * L },
    { x: 0.05 * L, y: 0 }
  ];
  const sole: Point[] = [
    { x: 0.05 * L, y: 0 },
    { x: 0.2 * L, y: 0.004 * L },
    { x: 0.46 * L, y: archMm },
    { x: ball - 0.04 * L, y: 0.008 * L },
    { x: ball, y: 0 },
    { x: 0.93 * L, y: 0 },
    { x: L, y: 0.3 * toeMm },
    { x: 0.985 * L, y: 0.75 * toeMm },
    { x: 0.93 * L, y: toeMm },
    { x: ball + 0.05 * L, y: toeMm * 1.35 },
    { x: 0.5 * L, y: dorsumMm },
    ankleFront,
    { x: 0.345 * L, y: 0.46 * L }
  ];
  return {
    top,
    sole,
    places: [
      {
        id: 'toeHeightMm',
        points: [
          { x: 0.93 * L, y: 0 },
          { x: 0.93 * L, y: toeMm }
        ]
      },
      {
        id: 'archStandingMm',
        points: [
          { x: 0.5 * L, y: 0 },
          { x: 0.5 * L, y: dorsumMm }
        ]
      },
      {
        id: 'navicularStandingMm',
        points: [
          { x: 0.42 * L, y: 0 },
          { x: 0.42 * L, y: Math.max(archMm * 2, 4) }
        ]
      },
      {
        id: 'instepGirthMm',
        points: [
          { x: 0.5 * L, y: dorsumMm },
          { x: 0.4 * L, y: archMm * 0.9 }
        ]
      },
      { id: 'shortHeelGirthMm', points: [{ x: 0.03 * L, y: 0.02 * L }, ankleFront] },
      {
        id: 'ballGirthMm',
        points: [
          { x: ball, y: 0 },
          { x: ball - 0.01 * L, y: toeMm * 1.45 }
        ]
      },
      {
        id: 'ankleGirthMm',
        points: [
          { x: 0.055 * L, y: 0.4 * L },
          { x: 0.348 * L, y: 0.4 * L }
        ]
      }
    ]
  };
}

/** The seated readings lie where the standing ones do. */
export const SAME_PLACE: Partial<Record<TakenId, TakenId>> = {
  archSeatedMm: 'archStandingMm',
  navicularSeatedMm: 'navicularStandingMm',
  pressedBallGirthMm: 'ballGirthMm',
  bigToeLengthMm: 'toe1TipMm',
  littleToeHeightMm: 'toe5TipMm',
  littleToeBunionMm: 'outerBallLengthMm'
};
