import type { Point } from '../shape';
import { BONES, carried, flatJoints, type Pose } from './pose';

/** Bones that carry the skin: heel pad, rear foot, midfoot, toes, shin. */
type Bone = 'H' | 'R' | 'M' | 'T' | 'S';
/** What a measured height stretches: the sole's arch, toes, the top of the foot, both, the ankle. */
type Stretch = 's' | 't' | 'd' | 'b' | 'a' | '';

/**
 * Points of the skin round the foot from its inner side, beginning at the heel, along the sole, over the toes, the top, the shin and down
 * the back: thousandths of the foot's length, per cent of each bone, and what a measured height stretches. A model, looked at.
 */
// prettier-ignore
const SKIN: readonly (readonly [number, number, string, Stretch])[] = [
  [0, 105, 'H45R55', ''], [9, 52, 'H80R20', ''], [34, 14, 'H', ''], [80, 0, 'H', 's'], [140, 0, 'H', 's'], [200, 4, 'H75R25', 's'],
  [275, 26, 'H20R70M10', 's'], [360, 50, 'R50M50', 's'], [460, 58, 'R15M85', 's'], [560, 42, 'M', 's'], [635, 16, 'M', 's'], [690, 1, 'M75T25', 's'],
  [735, 0, 'M35T65', 's'], [775, 2, 'M5T95', 's'], [815, 13, 'T', 's'], [860, 10, 'T', 's'], [915, 0, 'T', 's'], [962, 2, 'T', 's'],
  [989, 16, 'T', 't'], [1000, 40, 'T', 't'], [992, 62, 'T', 't'], [965, 77, 'T', 't'], [922, 85, 'T', 't'], [872, 84, 'T', 't'],
  [822, 90, 'M15T85', 't'], [775, 110, 'M50T50', 'b'], [722, 142, 'M85T15', 'b'], [655, 174, 'M', 'd'], [580, 207, 'M', 'd'], [500, 245, 'R10M90', 'd'],
  [435, 283, 'R45M50S5', 'd'], [392, 326, 'R60M10S30', 'd'], [366, 378, 'R35S65', 'a'], [357, 445, 'R10S90', 'a'], [355, 540, 'S', 'a'], [362, 670, 'S', 'a'],
  [372, 820, 'S', 'a'], [376, 960, 'S', 'a'], [-10, 960, 'S', 'a'], [18, 820, 'S', 'a'], [46, 660, 'S', 'a'], [58, 530, 'S', 'a'],
  [58, 430, 'R10S90', 'a'], [46, 335, 'R45S55', 'a'], [26, 250, 'R80S20', ''], [8, 175, 'R', '']
];
/** Places of the skin that others point to: under the ball of the heel and the arch, the toes' top, the instep from the ankle to the toes, the leg. */
export const SKIN_AT = {
  heelUnder: 2,
  archUnder: 8,
  toeTop: 22,
  ballTop: 26,
  halfLength: 29,
  ankleBend: 31,
  instep: [31, 30, 29, 28, 27, 26, 25],
  front: [30, 31, 32, 33, 34],
  shin: [36, 35, 34, 33, 32],
  back: [43, 42, 41, 40, 39],
  ankleFront: 34,
  ankleBack: 41
} as const;
/** Between these two the leg is cut straight. */
export const CUT = { front: 37, back: 38 } as const;
/** How folds of the skin move with each degree of the rear foot past 12, of the length. */
const FOLDS: Readonly<Record<number, readonly [number, number]>> = {
  41: [-0.0001, 0.0004], 42: [-0.0004, 0.0012], 43: [-0.0009, 0.0016], 44: [-0.0004, 0.0002], 25: [0, 0.0002], 26: [0.0002, 0.0002]
}; // prettier-ignore
const FOLDS_FROM_DEG = 12;
/** Inner ankle: a short bow, thousandths. */
const INNER_ANKLE = [[205, 315], [222, 345], [250, 350], [268, 325]] as const; // prettier-ignore

const weightsOf = (text: string): readonly (readonly [Bone, number])[] => {
  const parts = [...text.matchAll(/([HRMTS])(\d*)/g)].map((m) => [m[1] as Bone, m[2] === '' ? 100 : Number(m[2])] as const);
  return parts.map(([bone, share]) => [bone, share / 100] as const);
};
const WEIGHTS = SKIN.map(([, , weights]) => weightsOf(weights));
/** Depth of the shin over its girth, and as it is drawn, of the length. */
const SHIN_OF_GIRTH = 0.355;
const SHIN_DEPTH = 0.297;
const SHIN_MIDDLE = 0.21;

/** Where a flat point goes in a pose, by how much of each bone carries it. */
export function carriedBy(pose: Pose, p: Point, weights: readonly (readonly [Bone, number])[]): Point {
  const flat = flatJoints(pose.foot);
  const rear = (q: Point): Point => carried(q, flat.pad, pose.pad, pose.rearDeg);
  const mid = (q: Point): Point => carried(q, flat.midfoot, pose.midfoot, pose.foreDeg);
  const to: Record<Bone, (q: Point) => Point> = {
    H: (q) => carried(q, flat.pad, pose.pad, pose.wedgeDeg),
    R: rear,
    M: mid,
    // The toes lie flat before the joint; the shin stands upright over the ankle.
    T: (q) => ({ x: pose.ball.x + (q.x - flat.ball.x), y: pose.ball.y + (q.y - flat.ball.y) }),
    S: (q) => ({ x: pose.ankle.x + (q.x - flat.ankle.x), y: pose.ankle.y + (q.y - flat.ankle.y) })
  };
  let [x, y] = [0, 0];
  for (const [bone, share] of weights) {
    const moved = to[bone](p);
    x += share * moved.x;
    y += share * moved.y;
  }
  return { x, y };
}

/** The flat foot's skin, mm, stretched to the heights that were measured. */
export function flatSkin(foot: Pose['foot']): Point[] {
  const L = foot.lengthMm;
  const ball = foot.ballLengthMm;
  const toes = (foot.toeHeightMm ?? BONES.toes * L) / (BONES.toes * L);
  const top = (foot.dorsumMm ?? BONES.dorsum * L) / (BONES.dorsum * L);
  const arch = (foot.navicularMm ?? BONES.navicular * L) / (BONES.navicular * L);
  const ankleUp = (foot.ankleHeightMm ?? BONES.ankleHeight * L) - BONES.ankleHeight * L;
  const depth = foot.ankleGirthMm === undefined ? 1 : (SHIN_OF_GIRTH * foot.ankleGirthMm) / (SHIN_DEPTH * L);
  return SKIN.map(([tx, ty, , stretch], i) => {
    const share = tx / 1000;
    // What lies behind the joint grows with the ball's length, what lies before it with the rest.
    let x = share <= 0.725 ? (share / 0.725) * ball : ball + ((share - 0.725) / 0.275) * (L - ball);
    if (i >= 31 && i <= 43) x = share * L;
    let y = (ty / 1000) * L;
    if (stretch === 't') y *= toes;
    if (stretch === 'b') y *= (toes + top) / 2;
    // From half the length back to the ankle the stretch of the top fades.
    if (stretch === 'd') y *= 1 + (top - 1) * Math.min(1, Math.max(0, (share - 0.392) / 0.108));
    if (stretch === 's' && i >= 6 && i <= 10) y *= arch;
    if (stretch === 'a') {
      y += ankleUp;
      x = SHIN_MIDDLE * L + (x - SHIN_MIDDLE * L) * depth;
    }
    return { x, y };
  });
}

/**
 * Skin of a foot in a pose: knots of one closed centripetal Catmull-Rom line, but for the straight cut between `CUT.front` and `CUT.back`.
 * @param bedAt height of the footbed at x, mm: the sole is lifted onto it
 * @param some from which knot to before which; all when left out
 */
export function posedSkin(pose: Pose, bedAt: (x: number) => number, some: readonly [from: number, to: number] = [0, SKIN.length]): Point[] {
  const L = pose.foot.lengthMm;
  const fold = Math.max(0, pose.rearDeg - FOLDS_FROM_DEG);
  return flatSkin(pose.foot)
    .slice(...some)
    .map((p, k) => {
      const i = some[0] + k;
      const at = carriedBy(pose, p, WEIGHTS[i]);
      const folds = FOLDS[i];
      if (folds) {
        at.x += folds[0] * fold * L;
        at.y += folds[1] * fold * L;
      }
      if (SKIN[i][3] === 's') at.y = Math.max(at.y, bedAt(at.x));
      return at;
    });
}

/** The bow of the inner ankle in a pose. */
export const innerAnkle = (pose: Pose): Point[] =>
  INNER_ANKLE.map(([x, y]) =>
    carriedBy(pose, { x: (x / 1000) * pose.foot.lengthMm, y: (y / 1000) * pose.foot.lengthMm }, [
      ['R', 0.55],
      ['S', 0.45]
    ])
  );
