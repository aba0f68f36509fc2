import { smoothOpen, type Point } from '../shape';
import { heightOn, SEAT, UNDER_MM } from './footbed';
import { HEEL_SHAPE, type HeelShapeId } from './heel-shapes';
import type { Pose } from './pose';

const RAD = Math.PI / 180;
const LEAST_WAIST_MM = 5;

/** Which heel stands under the seat, and what lies under the ball. */
export interface HeelLook {
  heelHeightMm: number;
  platformMm: number;
  heel: HeelShapeId;
  /** As made; usual for the shape when left out. */
  tipLengthMm?: number;
  setbackMm?: number;
  /** How far a platform's toe slants back from upright, degrees. */
  toeSlantDeg?: number;
}

/** A heel from the side with its top piece; none where there is no height. A wedge is one body without a piece. */
export function heelOf(pose: Pose, look: HeelLook, bed: readonly Point[], groundY: number): { heel: Point[] | null; tip: Point[] | null } {
  const L = pose.foot.lengthMm;
  const shape = HEEL_SHAPE[look.heel];
  const seat = SEAT.to * L * Math.cos(pose.wedgeDeg * RAD);
  const under = (x: number): Point => ({ x, y: heightOn(bed, x) - UNDER_MM });
  const back = under(SEAT.from * L * 0.4);
  const high = back.y - groundY;
  if (shape.heelless || (look.heelHeightMm - look.platformMm <= 0 && !shape.wedge)) return { heel: null, tip: null };
  if (shape.wedge) {
    const front = pose.ball.x - 0.02 * L;
    const top = bed.filter((p) => p.x < front).map((p) => ({ x: p.x, y: p.y - UNDER_MM }));
    const body = [...top, { x: front, y: Math.max(groundY, -UNDER_MM) }, { x: front - 6, y: groundY }, { x: look.setbackMm ?? shape.setback * L, y: groundY }];
    return { heel: body, tip: null };
  }
  const breast = under(shape.top * seat);
  const tipRear = look.setbackMm ?? shape.setback * L;
  const tipFront = tipRear + Math.min(look.tipLengthMm ?? shape.tipMm, breast.x - tipRear);
  const down = (share: number): number => back.y - share * high;
  const backEdge = smoothOpen([back, { x: tipRear / 4, y: down(0.22) }, { x: tipRear - 0.6 * shape.neckMm, y: down(0.58) }, { x: tipRear, y: groundY }]);
  const toBreast = (share: number): number => tipFront + share * (breast.x - tipFront);
  const up = (share: number): number => groundY + share * (breast.y - groundY);
  // A waist is drawn in from both sides.
  const narrow = 0.6 * Math.min(0, shape.neckMm);
  const frontEdge = smoothOpen([
    { x: tipFront, y: groundY },
    { x: Math.max(toBreast((1 - shape.hollow) / 2) + narrow, tipRear - 0.6 * shape.neckMm + LEAST_WAIST_MM), y: up(0.48) },
    { x: toBreast(0.85 * (1 - shape.hollow) + 0.12 * shape.hollow + 0.08), y: up(0.8) },
    breast
  ]);
  const piece = Math.min(6, 0.12 * look.heelHeightMm);
  const tip = [
    { x: tipRear, y: groundY },
    { x: tipFront, y: groundY },
    { x: tipFront, y: groundY + piece },
    { x: tipRear, y: groundY + piece }
  ];
  const top = bed.filter((p) => p.x > back.x && p.x < breast.x).map((p) => under(p.x));
  return { heel: [...backEdge, ...frontEdge, ...top.reverse()], tip };
}

/** Usual slant of a platform's toe, degrees; where a heel-less one ends behind, of the length. */
const TOE_SLANT_DEG = 27;
const HEELLESS_FROM = 0.31;
/** What stands under the ball, from behind the joint to the toe's end. @param tipX where it ends in front, mm */
export function platformOf(pose: Pose, look: HeelLook, groundY: number, tipX: number): Point[] {
  const L = pose.foot.lengthMm;
  const top = -UNDER_MM;
  const wall = Math.min(6, look.platformMm / 4);
  const slant = Math.tan((look.toeSlantDeg ?? TOE_SLANT_DEG) * RAD) * (look.platformMm - wall);
  const behind = HEEL_SHAPE[look.heel].heelless ? HEELLESS_FROM * L : pose.ball.x - 0.17 * L;
  return [
    { x: behind, y: top },
    { x: tipX, y: top },
    { x: tipX, y: top - wall },
    { x: Math.max(pose.ball.x + 0.04 * L, tipX - slant), y: groundY },
    { x: behind + 0.07 * L, y: groundY }
  ];
}
