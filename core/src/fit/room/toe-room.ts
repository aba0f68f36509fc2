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
/** Most points of a hull. */
const MOST_POINTS = 65;
/** In place of a toe point: the ball. */
export const BALL = -1;

/** One foot standing in one shoe while its best turn is looked for, and all that is read on the way. */
interface Search {
  foot: FootShape;
  shoe: ShoeOutline;
  /** Lateral squeeze of the toes, where the foot turns about, and what stands behind the heel, mm. */
  squeeze: number;
  pivotMm: number;
  forwardMm: number;
  /** Least and most turn that the ball leaves free. */
  leastTurn: number;
  mostTurn: number;
  /** At the turn read last: which turn, the least gap, its slope in the turn and the point that has it; and the gap of every point. */
  turn: number;
  gap: number;
  slope: number;
  point: number;
  gaps: Float64Array;
  /** What keeps the foot from turning on, outwards and inwards: a sampled toe point, or the ball. */
  heldOut: number;
  heldIn: number;
  /** The hull's points turned, and the front before each. */
  turnedX: Float64Array;
  turnedY: Float64Array;
  fronts: Float64Array;
  /** The front at one place, and its slope. */
  front: Float64Array;
}

/** One search is on at a time, so its arrays are used again and again. */
let search: Search | undefined;

function begin(foot: FootShape, shoe: ShoeOutline, forwardMm: number): Search {
  const s = (search ??= {
    foot,
    shoe,
    squeeze: 1,
    pivotMm: 0,
    forwardMm: 0,
    leastTurn: 0,
    mostTurn: 0,
    turn: NaN,
    gap: 0,
    slope: 0,
    point: 0,
    gaps: new Float64Array(MOST_POINTS),
    heldOut: BALL,
    heldIn: BALL,
    turnedX: new Float64Array(MOST_POINTS),
    turnedY: new Float64Array(MOST_POINTS),
    fronts: new Float64Array(MOST_POINTS),
    front: new Float64Array(2)
  });
  s.foot = foot;
  s.shoe = shoe;
  s.squeeze = Math.min(1, Math.max(LEAST_SQUEEZE, shoe.planWidthMm / (foot.plainWidthMm + 2 * foot.offsetMm)));
  s.pivotMm = HEEL_ARC * foot.lengthMm;
  s.forwardMm = forwardMm;
  s.turn = NaN;
  return s;
}

/**
 * Places a foot in a shoe and reads its toe room.
 * @param foot compiled foot, sock on
 * @param shoe compiled shoe
 * @param forwardMm what stands behind the heel (sock, heel grip), mm
 */
export function placeFoot(foot: FootShape, shoe: ShoeOutline, forwardMm: number): Placement {
  const s = begin(foot, shoe, forwardMm);
  freeTurns(s);
  readAtBestTurn(s);
  return refine(s);
}

/** Turns a foot to the best place that the ball leaves free and reads its gaps there. */
function readAtBestTurn(s: Search): void {
  const turn = bestTurn(s);
  // The turn read last is mostly the best one: its gaps stand already.
  if (s.turn !== turn) read(s, turn);
}

/**
 * So much less room than at its sampled points a toe may have between them, and with the turn missed, mm: half their spacing squared, halved,
 * times what the gap bends by at most (a wide toe's radius on the steepest flank, and its nose), and the turn's own limit: 0.9.
 */
const SAMPLING_MM = 1;
/** Toe room that a foot has at least: that of its sampled toe points when it stands straight ahead, which it always may, mm. */
export function leastUsableRoom(foot: FootShape, shoe: ShoeOutline, forwardMm: number): number {
  const s = begin(foot, shoe, forwardMm);
  read(s, 0);
  return s.gap - SAMPLING_MM;
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
  const s = begin(foot, shoe, forwardMm);
  freeTurns(s);
  const [out, inn] = heldBy;
  if (out === BALL && inn === BALL) {
    readAtBestTurn(s);
    return { roomMm: s.gap, theta: s.turn, forwardMm };
  }
  const stays = free(s, placed.theta);
  const theta = out === BALL ? s.leastTurn : inn === BALL ? s.mostTurn : meeting(s, stays, out, inn);
  read(s, theta);
  const roomMm = s.gap;
  if (theta === stays) return { roomMm, theta, forwardMm };
  read(s, stays);
  return s.gap > roomMm ? { roomMm: s.gap, theta: stays, forwardMm } : { roomMm, theta, forwardMm };
}

/** The turn at which two toe points have the same gap, along their tangents at a turn, as far as the ball leaves it free. */
function meeting(s: Search, at: number, out: number, inn: number): number {
  readPoint(s, at, out);
  const { gap, slope } = s;
  readPoint(s, at, inn);
  const turn = (s.gap - gap) / (slope - s.slope);
  return turn === turn ? free(s, at + turn) : at;
}

/** A turn, as far as the ball leaves it free. */
const free = (s: Search, theta: number): number => Math.min(s.mostTurn, Math.max(s.leastTurn, theta));

/** Reads how far the ball leaves the foot free to turn. Straight ahead is always allowed, so that a wider shoe's freedom contains a narrower one's. */
function freeTurns(s: Search): void {
  const { foot, shoe, pivotMm, forwardMm } = s;
  const gapIn = innerWall(shoe, foot.ballMm + forwardMm) - foot.innerAtBall;
  const gapOut = outerWall(shoe, foot.outerBallMm + forwardMm) - foot.outerAtBall;
  s.leastTurn = Math.max(-MOST_TURN, -Math.max(0, gapOut) / (foot.outerBallMm - pivotMm));
  s.mostTurn = Math.min(MOST_TURN, Math.max(0, gapIn) / (foot.ballMm - pivotMm));
}

/** Reads the gap of every point of the hull at a turn, and which is the least. */
function read(s: Search, theta: number): void {
  const { foot, shoe, squeeze, pivotMm, forwardMm, turnedX, turnedY, fronts, gaps, front } = s;
  const { hullCount: n, hullTip, hullBehind, hullY } = foot;
  const half = theta * theta * 0.5;
  for (let j = 0; j < n; j++) {
    const x0 = hullTip[j] - squeeze * hullBehind[j];
    const arm = x0 - pivotMm;
    const y0 = squeeze * hullY[j];
    turnedX[j] = x0 - y0 * theta - arm * half;
    turnedY[j] = y0 + arm * theta;
  }
  frontsAt(shoe, turnedY, n, fronts);
  let least = Infinity;
  let index = 0;
  for (let j = 0; j < n; j++) {
    const gap = fronts[j] - turnedX[j] - forwardMm;
    gaps[j] = gap;
    if (gap < least) {
      least = gap;
      index = j;
    }
  }
  frontAt(shoe, turnedY[index], front);
  s.turn = theta;
  s.gap = least;
  s.slope = front[1] * (hullTip[index] - squeeze * hullBehind[index] - pivotMm) + turnedY[index];
  s.point = index;
}

/** Reads the gap of one point of the hull at a turn, and its slope in the turn. */
function readPoint(s: Search, theta: number, j: number): void {
  const { foot, shoe, squeeze, pivotMm, forwardMm, front } = s;
  const x0 = foot.hullTip[j] - squeeze * foot.hullBehind[j];
  const arm = x0 - pivotMm;
  const y0 = squeeze * foot.hullY[j];
  frontAt(shoe, y0 + arm * theta, front);
  s.gap = front[0] - (x0 - y0 * theta - arm * theta * theta * 0.5) - forwardMm;
  s.slope = front[1] * arm + y0 + arm * theta;
}

/**
 * Maximises the least gap over the turn by cutting planes. The front of a shoe is concave, but a turning toe swings back
 * on a circle: the gap may bend upward by as much as its arm, which the upper bound allows for.
 */
function bestTurn(s: Search): number {
  let low = s.leastTurn;
  let high = s.mostTurn;
  s.heldOut = s.heldIn = BALL;
  if (high - low < 1e-6) return 0;
  read(s, low);
  let gLow = s.gap;
  let sLow = s.slope;
  const heldAtLow = s.point;
  if (sLow <= 0) {
    s.heldIn = heldAtLow;
    return low;
  }
  read(s, high);
  let gHigh = s.gap;
  let sHigh = s.slope;
  s.heldOut = heldAtLow;
  if (sHigh >= 0) return high;
  s.heldIn = s.point;
  let best = gLow > gHigh ? low : high;
  let value = Math.max(gLow, gHigh);
  for (let step = 0; step < MOST_STEPS; step++) {
    const crossing = low + (gHigh - gLow - sHigh * (high - low)) / (sLow - sHigh);
    const rise = crossing - low;
    const upperBound = gLow + sLow * rise + 0.5 * s.foot.lengthMm * rise * rise;
    if (!(upperBound - value > STOP_MM)) break;
    // Off the ends of the bracket, so that it shrinks even where one tangent is poor.
    const inset = 0.08 * (high - low);
    const turn = Math.min(high - inset, Math.max(low + inset, crossing));
    read(s, turn);
    if (s.gap > value) {
      value = s.gap;
      best = turn;
    }
    if (s.slope > 0) {
      low = turn;
      s.heldOut = s.point;
      gLow = s.gap;
      sLow = s.slope;
    } else {
      high = turn;
      s.heldIn = s.point;
      gHigh = s.gap;
      sHigh = s.slope;
    }
  }
  return best;
}

/** Refines the contact between the sampled toe points: four halvings of the step around each near contact. */
function refine(s: Search): Placement {
  const { foot, gaps, gap: coarse } = s;
  let room = coarse;
  let toe = foot.hullToe[s.point];
  // Between a traced line's own points there is nothing to refine.
  const n = foot.free ? 0 : foot.hullCount;
  for (let j = 0; j < n; j++) {
    let gap = gaps[j];
    const lowest = (j === 0 || gap <= gaps[j - 1]) && (j === n - 1 || gap <= gaps[j + 1]);
    if (!lowest || gap > coarse + 1.5) continue;
    const i = foot.hullToe[j];
    let angle = foot.hullAngle[j];
    let step = Math.PI / (TOE_SAMPLES - 1) / 2;
    for (let halving = 0; halving < 4; halving++) {
      const up = gapAt(s, s.turn, i, angle + step);
      const down = gapAt(s, s.turn, i, angle - step);
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
  return {
    roomMm: room,
    theta: s.turn,
    toe,
    squeeze: s.squeeze,
    forwardMm: s.forwardMm,
    freeTurn: s.mostTurn - s.leastTurn,
    sampledMm: coarse,
    heldBy: [s.heldOut, s.heldIn]
  };
}

/** Gap of a toe at an angle round its tip, at a turn. */
function gapAt({ foot, shoe, squeeze, pivotMm, forwardMm, front }: Search, theta: number, toe: number, angle: number): number {
  const a = angle > Math.PI / 2 ? Math.PI / 2 : angle < -Math.PI / 2 ? -Math.PI / 2 : angle;
  const x0 = foot.tip[toe] - squeeze * foot.nose[toe] * (1 - Math.cos(a));
  const y0 = squeeze * (foot.centre[toe] + foot.radius[toe] * Math.sin(a));
  const arm = x0 - pivotMm;
  frontAt(shoe, y0 + arm * theta, front);
  return front[0] - (x0 - y0 * theta - arm * theta * theta * 0.5) - forwardMm;
}

/** Forward travel of each toe on its own, mm, big toe first; for the drawing. */
export function roomPerToe(foot: FootShape, shoe: ShoeOutline, placement: Placement): number[] {
  const s = begin(foot, shoe, placement.forwardMm);
  s.squeeze = placement.squeeze;
  return [0, 1, 2, 3, 4].map((toe) => {
    let least = Infinity;
    for (let j = 0; j < TOE_SAMPLES; j++) least = Math.min(least, gapAt(s, placement.theta, toe, toeAngle(j)));
    return least;
  });
}

/** The split of the ball's width over the two sides; re-exported for checks of the placement. */
export const BALL_SPLIT = { inner: INNER_SHARE, outer: OUTER_SHARE } as const;
