import { smoothOpen, type Point } from '../shape';
import { heightOn } from './footbed';
import type { Pose } from './pose';
import { carriedBy, SKIN_AT } from './skin';

/** How the upper is cut. */
export interface UpperLook {
  /** How far it stands past the toes, and how thick its toe is there, mm. */
  pastToesMm: number;
  toeThickMm: number;
  /** Where its opening ends in front, of the foot's length; an open toe shows the toes. */
  opensTo: number;
  openToe?: boolean;
  ankleStrap?: boolean;
  /** Height of a shaft above the footbed, mm; 0 for a shoe. */
  shaftMm?: number;
  laced?: boolean;
}

/** An upper from the side, mm. */
export interface Upper {
  upper: Point[];
  /** Edge of the opening, to be drawn as a seam. */
  topline: Point[];
  strap: Point[] | null;
  laces: [Point, Point][];
}

/** From 0 to 1 between two places, smoothly. */
const ease = (from: number, to: number, x: number): number => {
  const t = Math.min(1, Math.max(0, (x - from) / (to - from)));
  return t * t * (3 - 2 * t);
};
/** The upper bends with the foot: what of it each bone carries, by its place along the flat foot. */
function upperWeights(share: number, height: number): readonly (readonly ['H' | 'R' | 'M' | 'T', number])[] {
  const toes = ease(0.665, 0.835, share);
  const mid = ease(0.26, 0.48, share) - toes;
  const rear = 1 - toes - Math.max(0, mid);
  const pad = height < 0.05 ? rear * (1 - height / 0.05) : 0;
  return [
    ['H', pad],
    ['R', rear - pad],
    ['M', Math.max(0, mid)],
    ['T', toes]
  ];
}

/** Lines of the upper on the flat foot, of its length: the counter, the edge of a cut-out shoe, and its front, looked at. */
const COUNTER = [[-0.019, 0.035], [-0.021, 0.08], [-0.015, 0.14], [-0.004, 0.2], [0.01, 0.235]] as const; // prettier-ignore
const LOW_TOPLINE = [[0.045, 0.213], [0.1, 0.184], [0.17, 0.15], [0.26, 0.124], [0.36, 0.108], [0.47, 0.099], [0.57, 0.095], [0.66, 0.097], [0.73, 0.1], [0.785, 0.1]] as const; // prettier-ignore
/** The edge round the ankle of a shoe that covers the instep, to the top of the foot. */
const HIGH_TOPLINE = [[0.05, 0.238], [0.1, 0.222], [0.17, 0.212], [0.25, 0.222], [0.33, 0.262]] as const; // prettier-ignore
/** A shoe is so much further out than the skin, of the length. */
const OUT = 0.007;
/** It lies so far before the skin of the instep, of the length; a shaft stands further out than a shoe. */
const ASIDE = 0.004;
const SHAFT_OUT = 1.2 * OUT;
/** A shaft is drawn no higher than this, of the length. */
const MOST_SHAFT = 0.9;
const STRAP_MM = 9;
/** An opening that ends behind this covers the instep. */
const COVERS_BEFORE = 0.7;

/** Where an upper's flat point goes in a pose; never under the footbed. */
type Put = (x: number, y: number) => Point;

/** Where the shoe ends in front, mm. */
export const tipOf = ({ ball, foot }: Pose, { pastToesMm }: Pick<UpperLook, 'pastToesMm'>): number => ball.x + foot.lengthMm - foot.ballLengthMm + pastToesMm;

/**
 * Cuts an upper round a posed foot.
 * @param skin as `posedSkin` lays it
 * @param bed the footbed
 */
export function upperOn(pose: Pose, look: UpperLook, skin: readonly Point[], bed: readonly Point[]): Upper {
  const L = pose.foot.lengthMm;
  const put: Put = (x, y) => {
    const p = carriedBy(pose, { x: x * L, y: y * L }, upperWeights(x, y));
    return { x: p.x, y: Math.max(p.y, heightOn(bed, p.x)) };
  };
  const line = (points: readonly (readonly [number, number])[]): Point[] => points.map(([x, y]) => put(x, y));
  const counter = line(COUNTER);
  const top = counter[counter.length - 1];
  const over = SKIN_AT.instep.map((i) => ({ x: skin[i].x + ASIDE * L, y: skin[i].y + OUT * L }));
  const shaft = look.shaftMm ?? 0;
  const { topline, body } =
    shaft > 0
      ? shafted(pose, skin, counter, over, shaft)
      : look.opensTo < COVERS_BEFORE
        ? covering(pose, counter, line(HIGH_TOPLINE), over)
        : cutOut(counter, line(LOW_TOPLINE.filter(([x]) => x < look.opensTo + 0.03)), put, look.opensTo);
  const strapAt = pose.ankle.y + 0.035 * L;
  const front = SKIN_AT.front.map((i) => skin[i]).reduce((a, p) => (Math.abs(p.y - strapAt) < Math.abs(a.y - strapAt) ? p : a));
  return {
    upper: look.openToe ? openToed(body.slice(0, 12), bed, put) : closed(pose, look, body, skin, bed),
    topline: smoothOpen(topline),
    strap: look.ankleStrap ? band(top, { x: front.x + 1.5, y: strapAt }, STRAP_MM) : null,
    laces: look.laced ? lacesOn(over.slice(shaft > 0 ? 0 : 1, 5)) : []
  };
}

/** What an upper begins as: its edge, and its outline from the counter to before the toes. */
interface Cut {
  topline: Point[];
  body: Point[];
}
/** What covers the top of the foot ends a little before the toes. */
const beforeToes = (pose: Pose, points: readonly Point[]): Point[] => points.filter((p) => p.x < pose.ball.x + 0.1 * pose.foot.lengthMm);

/** Up the leg behind, across, and down it in front. */
function shafted(pose: Pose, skin: readonly Point[], counter: readonly Point[], over: readonly Point[], shaftMm: number): Cut {
  const L = pose.foot.lengthMm;
  const top = Math.min(shaftMm, MOST_SHAFT * L) + pose.dropMm;
  const side = (places: readonly number[], out: number): Point[] =>
    places.map((i) => ({ x: skin[i].x + out * SHAFT_OUT * L, y: skin[i].y })).filter((p) => p.y < top);
  const back = side(SKIN_AT.back, -1);
  const front = side(SKIN_AT.shin, 1);
  const crown = [
    { x: (back.at(-1) ?? counter[counter.length - 1]).x, y: top },
    { x: (front[0] ?? over[0]).x, y: top }
  ];
  return { topline: crown, body: [...counter.slice(0, -1), ...back, ...crown, ...front, ...beforeToes(pose, over)] };
}
/** Round the ankle to the top of the foot, which it covers. */
function covering(pose: Pose, counter: readonly Point[], edge: readonly Point[], over: readonly Point[]): Cut {
  const L = pose.foot.lengthMm;
  const topline = [counter[counter.length - 1], ...edge, { x: over[0].x + 0.012 * L, y: over[0].y - 0.002 * L }];
  return { topline, body: [...counter.slice(0, -1), ...topline, ...beforeToes(pose, over.slice(1))] };
}
/** Low along the side to the throat. */
function cutOut(counter: readonly Point[], edge: readonly Point[], put: Put, opensTo: number): Cut {
  const topline = [counter[counter.length - 1], ...edge, put(opensTo + 0.057, 0.093)];
  return { topline, body: [...counter.slice(0, -1), ...topline, put(opensTo + 0.09, 0.093)] };
}

/** The whole upper: over the toes it falls to the tip's thickness, and back under the foot. */
function closed(pose: Pose, look: UpperLook, body: readonly Point[], skin: readonly Point[], bed: readonly Point[]): Point[] {
  const L = pose.foot.lengthMm;
  const tipX = tipOf(pose, look);
  const from = { x: pose.ball.x + 0.16 * L, y: Math.max(skin[SKIN_AT.toeTop].y * 1.07, look.toeThickMm) };
  const to = { x: tipX - 0.018 * L, y: look.toeThickMm };
  const nose = [from, { x: (from.x + to.x) / 2, y: from.y - (from.y - to.y) * 0.26 }, to, { x: tipX, y: look.toeThickMm * 0.35 }];
  const last = body[body.length - 1].x;
  return [...smoothOpen([bed[0], ...body, ...nose.filter((p) => p.x > last), { x: tipX - 0.004 * L, y: 0 }]), ...[...bed].reverse().filter((p) => p.x < tipX)];
}

/** A shoe without a toe: a cup behind and a band over the joint. */
function openToed(counter: readonly Point[], bed: readonly Point[], put: Put): Point[] {
  const bandOver = [put(0.69, 0.02), put(0.7, 0.15), put(0.755, 0.128), put(0.8, 0.105), put(0.81, 0.02)];
  const cup = [bed[0], ...counter.slice(0, 7), put(0.3, 0.06), put(0.31, 0.02)];
  const between = bed.filter((p) => p.x > put(0.31, 0.02).x && p.x < bandOver[0].x);
  const back = [...between].reverse().concat([...bed].reverse().filter((p) => p.x < put(0.31, 0.02).x));
  return [...smoothOpen(cup), ...between, ...smoothOpen(bandOver), ...back];
}

/** A band between two points, sagging a little. */
function band(from: Point, to: Point, wideMm: number): Point[] {
  const sag = (t: number): number => -12 * t * (1 - t);
  const edge = (up: number): Point[] =>
    Array.from({ length: 9 }, (_, i) => ({ x: from.x + ((to.x - from.x) * i) / 8, y: from.y + ((to.y - from.y) * i) / 8 + sag(i / 8) + up }));
  return [...edge(wideMm / 2), ...edge(-wideMm / 2).reverse()];
}

/** Laces across the front, each 10 mm along a line. */
function lacesOn(along: readonly Point[]): [Point, Point][] {
  const out: [Point, Point][] = [];
  for (let i = 1; i < along.length; i++) {
    const [a, b] = [along[i - 1], along[i]];
    const long = Math.hypot(b.x - a.x, b.y - a.y);
    for (let at = 5; at < long; at += 10) {
      const p = { x: a.x + ((b.x - a.x) * at) / long, y: a.y + ((b.y - a.y) * at) / long };
      const n = { x: (b.y - a.y) / long, y: -(b.x - a.x) / long };
      out.push([
        { x: p.x - n.x * 1.5, y: p.y - n.y * 1.5 },
        { x: p.x + n.x * 13 - 4, y: p.y + n.y * 13 }
      ]);
    }
  }
  return out;
}
