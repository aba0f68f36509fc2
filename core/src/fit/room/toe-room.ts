import { HEEL_ARC, INNER_SHARE, OUTER_SHARE, toeAngle, TOE_SAMPLES, type FootShape } from '../../shape';
import { frontAt, frontsAt, innerWall, outerWall, type ShoeOutline } from '../../last';

/**
 * Toe room: how far the seated foot could slide forward along the axis until the first toe meets the silhouette,
 * at the best of the small rotations that the ball leaves free.
 */
export interface Placement {
  /** Usable toe room, mm; negative when a toe already presses. */
  roomMm: number;
  /** Rotation of the foot about its heel, radians; + turns the toes inward. */
  theta: number;
  /** Toe that touches first, 0 the big toe. */
  toe: number;
  /** Lateral squeeze of the toes, 1 when they find their place. */
  squeeze: number;
  /** How far the foot stands forward of the shoe's heel, mm. */
  forwardMm: number;
  /** How far the ball leaves it free to turn in all, radians. */
  freeTurn: number;
  /** Toe room at the sampled toe points alone, before the contact was refined, mm. */
  sampledMm: number;
  /** What keeps the foot from turning on, outwards and inwards: a sampled toe point, or -1 for the ball. */
  heldBy: readonly [number, number];
}

/** Most the toes are squeezed together before the cone takes over [estimate]. */
const LEAST_SQUEEZE = 0.93;
/** Largest rotation the ball may leave free, radians. */
export const MOST_TURN = 0.03;
const STOP_MM = 0.03;
const MOST_STEPS = 12;

const at = new Float64Array(2);
const probe = new Float64Array(3);
/** Least and most turn. */
const freedom = new Float64Array(2);
/** In place of a toe point: the ball. */
export const BALL = -1;
const held: [number, number] = [BALL, BALL];
/** Gap of each hull point at the turn asked last. */
const gaps = new Float64Array(65);
let askedAt = NaN;
/** The hull's points turned, and the front before each. */
const turnedX = new Float64Array(65);
const turnedY = new Float64Array(65);
const fronts = new Float64Array(65);

/**
 * Places a foot in a shoe and reads its toe room.
 * @param foot compiled foot, sock on
 * @param shoe compiled shoe
 * @param forwardMm what stands behind the heel (sock, heel grip), mm
 */
export function placeFoot(foot: FootShape, shoe: ShoeOutline, forwardMm: number): Placement {
  const k = squeezeIn(foot, shoe);
  const xc = HEEL_ARC * foot.lengthMm;
  turnFreedom(foot, shoe, xc, forwardMm);
  const theta = turned(foot, shoe, k, xc, forwardMm);
  return refine(foot, shoe, k, xc, forwardMm, theta, probe[0]);
}

/** Turns a foot to the best place within `freedom` and reads its gaps there, into `probe`. @returns the turn */
function turned(foot: FootShape, shoe: ShoeOutline, k: number, xc: number, forward: number): number {
  askedAt = NaN;
  const theta = bestTurn(foot, shoe, k, xc, forward, freedom[0], freedom[1]);
  // The turn asked last is mostly the best one: its gaps stand already.
  if (askedAt !== theta) leastGap(foot, shoe, k, xc, forward, theta);
  return theta;
}

/**
 * So much less room than at its sampled points a toe may have between them, and with the turn missed, mm: half their spacing squared, halved,
 * times what the gap bends by at most (a wide toe's radius on the steepest flank, and its nose), and the turn's own limit: 0.9.
 */
const SAMPLING_MM = 1;
/** Toe room that a foot has at least: that of its sampled toe points when it stands straight ahead, which it always may, mm. */
export function leastUsableRoom(foot: FootShape, shoe: ShoeOutline, forwardMm: number): number {
  leastGap(foot, shoe, squeezeIn(foot, shoe), HEEL_ARC * foot.lengthMm, forwardMm, 0);
  return probe[0] - SAMPLING_MM;
}

/**
 * Toe room in a shoe a little different from one in which a foot was placed, at the sampled toe points: the ball stops its turn where it
 * now does, or the points that held it meet again, along their tangents. Never more room than there is, and short of it by the square of
 * the change.
 * @param placed where it stood
 * @returns room, to be compared with `sampledMm`, and turn
 */
export function placeNear(foot: FootShape, shoe: ShoeOutline, placed: Placement): Pick<Placement, 'roomMm' | 'theta' | 'forwardMm'> {
  const { forwardMm, heldBy } = placed;
  const k = squeezeIn(foot, shoe);
  const xc = HEEL_ARC * foot.lengthMm;
  turnFreedom(foot, shoe, xc, forwardMm);
  const [out, inn] = heldBy;
  if (out === BALL && inn === BALL) {
    const theta = turned(foot, shoe, k, xc, forwardMm);
    return { roomMm: probe[0], theta, forwardMm };
  }
  const stays = free(placed.theta);
  const theta = out === BALL ? freedom[0] : inn === BALL ? freedom[1] : meeting(foot, shoe, k, xc, forwardMm, stays, out, inn);
  leastGap(foot, shoe, k, xc, forwardMm, theta);
  const roomMm = probe[0];
  if (theta === stays) return { roomMm, theta, forwardMm };
  leastGap(foot, shoe, k, xc, forwardMm, stays);
  return probe[0] > roomMm ? { roomMm: probe[0], theta: stays, forwardMm } : { roomMm, theta, forwardMm };
}

/** The turn at which two toe points have the same gap, along their tangents at a turn, as far as the ball leaves it free. */
function meeting(foot: FootShape, shoe: ShoeOutline, k: number, xc: number, forward: number, at: number, out: number, inn: number): number {
  pointGap(foot, shoe, k, xc, forward, at, out);
  const [gapOut, slopeOut] = probe;
  pointGap(foot, shoe, k, xc, forward, at, inn);
  const turn = (probe[0] - gapOut) / (slopeOut - probe[1]);
  return turn === turn ? free(at + turn) : at;
}

/** A turn, as far as `freedom` lets it. */
const free = (theta: number): number => Math.min(freedom[1], Math.max(freedom[0], theta));

const squeezeIn = (foot: FootShape, shoe: ShoeOutline): number =>
  Math.min(1, Math.max(LEAST_SQUEEZE, shoe.planWidthMm / (foot.plainWidthMm + 2 * foot.offsetMm)));

/** Least and most turn that the ball leaves free; into `freedom`. Straight ahead is always allowed, so that a wider shoe's freedom contains a narrower one's. */
function turnFreedom(foot: FootShape, shoe: ShoeOutline, xc: number, forwardMm: number): void {
  const gapIn = innerWall(shoe, foot.ballMm + forwardMm) - foot.innerAtBall;
  const gapOut = outerWall(shoe, foot.outerBallMm + forwardMm) - foot.outerAtBall;
  freedom[0] = Math.max(-MOST_TURN, -Math.max(0, gapOut) / (foot.outerBallMm - xc));
  freedom[1] = Math.min(MOST_TURN, Math.max(0, gapIn) / (foot.ballMm - xc));
}

/** Least gap over the hull at a turn, its slope in the turn, and which point; into `probe`. */
function leastGap(foot: FootShape, shoe: ShoeOutline, k: number, xc: number, forward: number, theta: number): void {
  const { hullCount: n, hullTip, hullBehind, hullY } = foot;
  const half = theta * theta * 0.5;
  for (let j = 0; j < n; j++) {
    const x0 = hullTip[j] - k * hullBehind[j];
    const arm = x0 - xc;
    const y0 = k * hullY[j];
    turnedX[j] = x0 - y0 * theta - arm * half;
    turnedY[j] = y0 + arm * theta;
  }
  frontsAt(shoe, turnedY, n, fronts);
  let least = Infinity;
  let index = 0;
  for (let j = 0; j < n; j++) {
    const gap = fronts[j] - turnedX[j] - forward;
    gaps[j] = gap;
    if (gap < least) {
      least = gap;
      index = j;
    }
  }
  askedAt = theta;
  frontAt(shoe, turnedY[index], at);
  probe[0] = least;
  probe[1] = at[1] * (hullTip[index] - k * hullBehind[index] - xc) + turnedY[index];
  probe[2] = index;
}

/** Gap of one point of the hull at a turn and its slope in the turn; into `probe`. */
function pointGap(foot: FootShape, shoe: ShoeOutline, k: number, xc: number, forward: number, theta: number, j: number): void {
  const x0 = foot.hullTip[j] - k * foot.hullBehind[j];
  const arm = x0 - xc;
  const y0 = k * foot.hullY[j];
  frontAt(shoe, y0 + arm * theta, at);
  probe[0] = at[0] - (x0 - y0 * theta - arm * theta * theta * 0.5) - forward;
  probe[1] = at[1] * arm + y0 + arm * theta;
}

/**
 * Maximises the least gap over the turn by cutting planes. The front of a shoe is concave, but a turning toe swings back
 * on a circle: the gap may bend upward by as much as its arm, which the bound allows for.
 */
function bestTurn(foot: FootShape, shoe: ShoeOutline, k: number, xc: number, forward: number, lowLimit: number, highLimit: number): number {
  let low = lowLimit;
  let high = highLimit;
  held[0] = held[1] = BALL;
  if (high - low < 1e-6) return 0;
  leastGap(foot, shoe, k, xc, forward, low);
  let gLow = probe[0];
  let sLow = probe[1];
  const heldAtLow = probe[2];
  if (sLow <= 0) {
    held[1] = heldAtLow;
    return low;
  }
  leastGap(foot, shoe, k, xc, forward, high);
  let gHigh = probe[0];
  let sHigh = probe[1];
  held[0] = heldAtLow;
  if (sHigh >= 0) return high;
  held[1] = probe[2];
  let best = gLow > gHigh ? low : high;
  let value = Math.max(gLow, gHigh);
  for (let step = 0; step < MOST_STEPS; step++) {
    const crossing = low + (gHigh - gLow - sHigh * (high - low)) / (sLow - sHigh);
    const rise = crossing - low;
    const bound = gLow + sLow * rise + 0.5 * foot.lengthMm * rise * rise;
    if (!(bound - value > STOP_MM)) break;
    // Off the ends of the bracket, so that it shrinks even where one tangent is poor.
    const inset = 0.08 * (high - low);
    const turn = Math.min(high - inset, Math.max(low + inset, crossing));
    leastGap(foot, shoe, k, xc, forward, turn);
    if (probe[0] > value) {
      value = probe[0];
      best = turn;
    }
    if (probe[1] > 0) {
      low = turn;
      held[0] = probe[2];
      gLow = probe[0];
      sLow = probe[1];
    } else {
      high = turn;
      held[1] = probe[2];
      gHigh = probe[0];
      sHigh = probe[1];
    }
  }
  return best;
}

/** Refines the contact between the sampled toe points: four halvings of the step around each near contact. */
function refine(foot: FootShape, shoe: ShoeOutline, k: number, xc: number, forward: number, theta: number, coarse: number): Placement {
  let room = coarse;
  let toe = foot.hullToe[probe[2]];
  const n = foot.hullCount;
  for (let j = 0; j < n; j++) {
    let gap = gaps[j];
    const lowest = (j === 0 || gap <= gaps[j - 1]) && (j === n - 1 || gap <= gaps[j + 1]);
    if (!lowest || gap > coarse + 1.5) continue;
    const i = foot.hullToe[j];
    let angle = foot.hullAngle[j];
    let step = Math.PI / (TOE_SAMPLES - 1) / 2;
    for (let halving = 0; halving < 4; halving++) {
      const up = gapAt(foot, shoe, k, xc, forward, theta, i, angle + step);
      const down = gapAt(foot, shoe, k, xc, forward, theta, i, angle - step);
      if (up < gap && up <= down) {
        gap = up;
        angle += step;
      } else if (down < gap) {
        gap = down;
        angle -= step;
      }
      step /= 2;
    }
    if (gap < room) {
      room = gap;
      toe = i;
    }
  }
  return { roomMm: room, theta, toe, squeeze: k, forwardMm: forward, freeTurn: freedom[1] - freedom[0], sampledMm: coarse, heldBy: [held[0], held[1]] };
}

function gapAt(foot: FootShape, shoe: ShoeOutline, k: number, xc: number, forward: number, theta: number, i: number, angle: number): number {
  const a = angle > Math.PI / 2 ? Math.PI / 2 : angle < -Math.PI / 2 ? -Math.PI / 2 : angle;
  const x0 = foot.tip[i] - k * foot.nose[i] * (1 - Math.cos(a));
  const y0 = k * (foot.centre[i] + foot.radius[i] * Math.sin(a));
  const arm = x0 - xc;
  frontAt(shoe, y0 + arm * theta, at);
  return at[0] - (x0 - y0 * theta - arm * theta * theta * 0.5) - forward;
}

/** Forward travel of each toe on its own, mm, big toe first; for the drawing. */
export function roomPerToe(foot: FootShape, shoe: ShoeOutline, placement: Placement): number[] {
  const xc = HEEL_ARC * foot.lengthMm;
  return [0, 1, 2, 3, 4].map((i) => {
    let least = Infinity;
    for (let j = 0; j < TOE_SAMPLES; j++) {
      least = Math.min(least, gapAt(foot, shoe, placement.squeeze, xc, placement.forwardMm, placement.theta, i, toeAngle(j)));
    }
    return least;
  });
}

/** The split of the ball's width over the two sides; re-exported for checks of the placement. */
export const BALL_SPLIT = { inner: INNER_SHARE, outer: OUTER_SHARE } as const;
