import { smoothOpen, type Point } from '../../shape';
import { jointAtMm, jointHeightMm, throatAt, type Box } from '../box';
import { PLATFORM_SHAPE } from '../choices';
import { JOINTS, type Chain } from '../over';
import { carry, type SoleBend } from './carry';
import { clamp, hump, lerp } from './ramp';
import { legAt, skinLine, soleSkinAt } from './skin';

/** A foot in a pointe shoe from its inner side, in one pose. mm; the floor at 0, x forward from the middle of what it stands on. */
export interface PointeSide {
  /** Outline of foot and leg, closed at the leg's cut. */
  skin: Point[];
  satin: Point[];
  /** Outer sole, its upper and lower edge, from the toes back. */
  sole: Point[];
  board: Point[];
  shank: Point[];
  /** Opening of the shoe from the vamp to the heel. */
  topline: Point[];
  /** Edge of the stiff side, and of the platform. */
  wing: Point[];
  platform: Point[];
  ribbons: Point[][];
  /** Ankle, midfoot, toe joint, toe end, knee side of the shin. */
  joints: { ankle: Point; midfoot: Point; toeJoint: Point; toeEnd: Point; shin: Point };
  /** Where the vamp ends on top, and the middle of the heel's fold. */
  vampEnd: Point;
  heel: Point;
}
export interface SideOf {
  box: Box;
  lengthMm: number;
  /** Longest toe's tip to the platform's inner face, mm. */
  restMm: number;
  chain: Chain;
  /** Stiffness of the shank under this foot, N m a radian. */
  shankNm: number;
  pinchMm: number;
}
/** Under the foot, and where the shank begins and what it is made of, of lengths. */
const UNDER = 0.02;
const CUP = [60, -18, 0.1, 30, -6, 0.42, 4, 16, 0.8, -9, 50, 1, -12, 92, 0.86, -10, 135, 0.55, -3, 175, 0.24] as const;
const CUP_FROM = { x: 0.09, y: 0.11 } as const;
/** From the topline's end at the side to the heel: shares of the way, and of the height. */
const TO_CUP = [0.26, 0, 0.5, 0.14, 0.74, 0.46, 0.92, 0.84] as const;
const SIDE_LOW = 0.108;
const OUTSOLE_MM = 2.3;
const PLATFORM_MM = 3;

/** Lays foot and shoe in a pose. */
export function pointeSide({ box, lengthMm: L, restMm, chain, shankNm, pinchMm }: SideOf): PointeSide {
  const depth = box.platform.depthMm;
  const [tJ, HJ] = [jointAtMm(box), jointHeightMm(box)];
  const xAt = (t: number): number => 1 + (restMm - t) / L;
  const top = (t: number): number => (-UNDER * L + depth + (HJ + 4 - depth) * Math.min(1, Math.max(0, t) / tJ) ** 0.8 + 0.28 * Math.max(0, t - tJ)) / L;
  const standing = chain.hind !== 0;
  const onPointe = chain.toe > 45;
  const bend: SoleBend = { at: (box.shank.bend * box.insideLengthMm) / L, stiff: lerp(0.35, 0.9, clamp(0, (shankNm - 3) / 15, 1)) };
  const bow = (0.5 * shankNm * (onPointe ? 1 : standing ? 0.33 : 0)) / L;
  const arch = standing ? 0.052 * clamp(0, 1.25 - shankNm / 11, 0.9) : 0;
  const soleY = (x: number): number => Math.min(-UNDER + arch * hump(x, 0.2, 0.47) - bow * hump(x, 0.15, 0.55), soleSkinAt(x) - 2.6 / L);

  const on = (p: Point): Point => carry(p, chain);
  const onSole = (p: Point): Point => carry(p, chain, bend);

  const soleFrom = xAt(1);
  const soleTo = 0.085;
  const n = 44;
  const along = (i: number): number => soleFrom + ((soleTo - soleFrom) * i) / n;
  const soleLine = Array.from({ length: n + 1 }, (_, i) => ({ x: along(i), y: soleY(along(i)) }));

  const heelTop = box.heelHeightMm / L - UNDER;
  const pinch = Math.max(0, pinchMm) / L;
  const cup: Point[] = [];
  for (let i = 0; i < CUP.length; i += 3) {
    const p = { x: CUP[i] / 1000, y: CUP[i + 1] / 1000 };
    if (p.y > heelTop - 0.012) break;
    const away = Math.hypot(p.x - CUP_FROM.x, p.y - CUP_FROM.y);
    const by = (CUP[i + 2] * pinch) / away;
    cup.push({ x: p.x + by * (p.x - CUP_FROM.x), y: p.y + by * (p.y - CUP_FROM.y) });
  }
  const cupEnd = { x: legAt(heelTop).back - 1.5 / L, y: heelTop };
  cup.push(cupEnd);

  const vampX = xAt(box.vampMm);
  const throat = Array.from({ length: 11 }, (_, i) => i / 10).map((a) => ({
    x: xAt(throatAt(box, a)),
    y: lerp(SIDE_LOW, top(box.vampMm), Math.cos((a * Math.PI) / 2) ** 1.15)
  }));
  const side = throat[throat.length - 1];
  const back: Point[] = [];
  for (let i = 0; i < TO_CUP.length; i += 2) back.push({ x: lerp(side.x, cupEnd.x, TO_CUP[i]), y: lerp(side.y, cupEnd.y, TO_CUP[i + 1]) });
  const topline = smoothOpen([...throat, ...back, cupEnd], 4);

  const boxTop = Array.from({ length: 14 }, (_, i) => (i / 13) * box.vampMm).map((t) => ({ x: xAt(t), y: top(t) }));
  const [lo, hi] = [-UNDER, -UNDER + depth / L];
  const face = xAt(-PLATFORM_MM);
  const round = (1 - PLATFORM_SHAPE[box.platform.shape].stands) * depth * 0.5;
  const r = round / L;
  const platform = [
    { x: face - 1.1 * r, y: lo },
    { x: face - 0.32 * r, y: lo + 0.3 * r },
    { x: face, y: lo + 1.05 * r },
    { x: face + 0.25 / L, y: (lo + hi) / 2 },
    { x: face, y: hi - 1.2 * r },
    { x: face - 0.4 * r, y: hi - 0.32 * r },
    { x: face - 1.5 * r, y: hi + 0.25 / L }
  ];

  const lid = (x: number): number | null => {
    const t = L + restMm - x * L;
    if (t > box.vampMm + 10) return null;
    return top(Math.max(0, t)) - 2.2 / L + Math.max(0, (t - box.vampMm + 4) / L) * 0.6;
  };
  const skin = skinLine(chain, { faceAt: 1 + restMm / L, lid }).map(on);
  const soleOn = soleLine.map(onSole);
  const cupOn = cup.map((p) => carry(p, chain, { ...bend, stiff: bend.stiff * 0.6 }));
  const toplineOn = topline.map(on);
  const platformOn = platform.map(on);
  const satin = [...platformOn, ...boxTop.slice(1).map(on), ...toplineOn, ...[...smoothOpen([...cupOn].reverse(), 4)].slice(1), ...[...soleOn].reverse()];
  const board = thick(soleOn.slice(2), 1.4 / L, -0.2 / L);
  const shankEnds = SHANK_FROM[box.shank.length];
  const shank = thick(soleOn.filter((_, i) => along(i) <= xAt(0.17 * box.insideLengthMm) && along(i) >= xAt(shankEnds * box.insideLengthMm)), (1.2 + 0.07 * shankNm) / L, 1.2 / L); // prettier-ignore
  const sole = thick(soleOn.slice(2, -1), OUTSOLE_MM / L, -OUTSOLE_MM / L);
  const wingMm = box.wingMm;
  const wingAt = (t: number, up: number): Point => on({ x: xAt(t), y: lerp(-UNDER, top(Math.min(t, box.vampMm)), up) });
  const wing = smoothOpen(
    [
      wingAt(box.vampMm - 4, 0.99),
      wingAt(box.vampMm - 5, 0.86),
      wingAt(lerp(box.vampMm, wingMm, 0.45) - 2, 0.66),
      wingAt(wingMm - 1.5, 0.46),
      wingAt(wingMm, 0.32),
      wingAt(wingMm - 4, 0.16),
      wingAt(wingMm - 12, 0.04)
    ],
    4
  );
  const ribbons = [smoothOpen([[318, 60], [324, 130], [338, 225], [362, 320], [392, 400]].map(([x, y]) => on({ x: x / 1000, y: y / 1000 })), 5), turn(0.545, 0.582).map(on), turn(0.4, 0.512).map(on)]; // prettier-ignore

  // What is lowest stands on the floor; on pointe the platform's middle is x 0, else the toe's end.
  const floor = Math.min(...platformOn.map((p) => p.y), ...soleOn.map((p) => p.y), ...(standing ? [] : cupOn.map((p) => p.y)));
  const middle = onPointe ? (Math.min(...standsAt(platformOn, floor)) + Math.max(...standsAt(platformOn, floor))) / 2 : on({ x: 1, y: JOINTS.toeEnd.y }).x;
  const mm = (p: Point): Point => ({ x: (p.x - middle) * L, y: (p.y - floor) * L });
  const all = (line: readonly Point[]): Point[] => line.map(mm);
  return {
    skin: all(skin),
    satin: all(satin),
    sole: all(sole),
    board: all(board),
    shank: all(shank),
    topline: all(toplineOn),
    wing: all(wing),
    platform: all(platformOn),
    ribbons: ribbons.map(all),
    joints: {
      ankle: mm(on(JOINTS.ankle)),
      midfoot: mm(on(JOINTS.midfoot)),
      toeJoint: mm(on(JOINTS.toeJoint)),
      toeEnd: mm(on(JOINTS.toeEnd)),
      shin: mm(on({ x: JOINTS.ankle.x, y: JOINTS.ankle.y + 0.55 }))
    },
    vampEnd: mm(on({ x: vampX, y: top(box.vampMm) })),
    heel: mm(carry({ x: -0.01, y: 0.07 }, chain))
  };
}
const SHANK_FROM = { full: 0.96, 'three-quarter': 0.75, half: 0.55 } as const;
/** Where a platform touches the floor. */
const standsAt = (platform: readonly Point[], floor: number): number[] => platform.filter((p) => p.y - floor < 0.02).map((p) => p.x);

/** A ribbon round the ankle from in front to behind, sagging a little. */
function turn(front: number, back: number): Point[] {
  const at = (front + back) / 2;
  const leg = legAt(at);
  const [middle, half] = [(leg.front + leg.back) / 2, (leg.front - leg.back) / 2 + 0.006];
  return Array.from({ length: 13 }, (_, i) => {
    const c = 1 - (2 * i) / 12;
    const t = 0.55 * ((1 - c) / 2) + 0.45 * (Math.acos(c) / Math.PI);
    return { x: middle + half * c, y: lerp(front, back, t) - 0.014 * Math.sqrt(1 - c * c) };
  });
}
/** A strip along a line. @param from how far off the line it begins, to the left of its way */
function thick(line: readonly Point[], width: number, from: number): Point[] {
  if (line.length < 2) return [];
  const off = (by: number): Point[] =>
    line.map((p, i) => {
      const [a, b] = [line[Math.max(0, i - 1)], line[Math.min(line.length - 1, i + 1)]];
      const long = Math.hypot(b.x - a.x, b.y - a.y) || 1;
      return { x: p.x + (by * (b.y - a.y)) / long, y: p.y - (by * (b.x - a.x)) / long };
    });
  return [...off(from), ...off(from + width).reverse()];
}
