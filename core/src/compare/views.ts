import { sectionOf, type Point } from '../shape';
import { compileInsole, innerWall, outerWall } from '../last';
import { pitchOf } from '../heel';
import type { ComparedShoe } from './inside-measures';

/** Heights of a last by share of the foot, where nobody measured them [estimates]. */
const USUAL = { back: 0.24, instep: 0.255, instepAt: 0.5, ball: 0.15, seat: 0.18 } as const;

/** The inside seen from its outer or inner side: x forward from the back of the heel, y up from the ground at the ball, mm. */
export interface SideView {
  /** Along the bottom from heel to tip. */
  bottom: Point[];
  /** Over the top from the back of the heel to the tip. */
  top: Point[];
  ball: Point;
  pitchDeg: number;
  /** Heights nobody measured: drawn by the share of the foot that is usual. */
  assumed: string[];
}

/**
 * Side of an inside: the seat on its drop, the shank down to the ball, the toe standing off the ground.
 * Heights that nobody measured come from the foot it is made for.
 */
export function sideView({ inside, form, dropMm }: ComparedShoe): SideView {
  const L = inside.madeForFootMm;
  const drop = dropMm ?? form?.heelHeightMm ?? 0;
  const { centralDeg, wedgeDeg } = pitchOf(drop, L);
  const slope = Math.tan((centralDeg * Math.PI) / 180);
  const seat = USUAL.seat * L;
  const ball = inside.flexLineMm;
  const spring = form?.toeSpringMm ?? 0;
  const toe = inside.insoleLengthMm;
  const wedge = Math.tan((wedgeDeg * Math.PI) / 180);
  const bottomAt = (x: number): number => {
    if (x >= ball) return spring * ((x - ball) / (toe - ball)) ** 2;
    if (x <= seat) return drop - wedge * x;
    // From the seat to the ball in one smooth fall: flat at neither end but as steep as seat and forepart ask.
    const from = drop - wedge * seat;
    const t = (x - seat) / (ball - seat);
    const h = ball - seat;
    // Never steeper at the seat than would dip under the ball.
    const steep = Math.min((3 * from) / h, Math.max(wedge, slope));
    return (1 - t) ** 2 * ((1 + 2 * t) * from - t * h * steep);
  };
  const along = (from: number, to: number, n: number): number[] => Array.from({ length: n + 1 }, (_, i) => from + ((to - from) * i) / n);
  const bottom = along(0, toe, 80).map((x) => ({ x, y: bottomAt(x) }));
  const instepAt = USUAL.instepAt * L;
  const knots: Point[] = [
    { x: 0, y: bottomAt(0) + (form?.backHeightMm ?? USUAL.back * L) },
    { x: instepAt, y: bottomAt(instepAt) + (form?.instepHeightMm ?? USUAL.instep * L) },
    { x: ball, y: bottomAt(ball) + USUAL.ball * L },
    { x: toe - 0.5 * inside.toeDepthMm, y: bottomAt(toe) + inside.toeDepthMm },
    { x: toe, y: bottomAt(toe) }
  ];
  const assumed = [
    ...((dropMm ?? form?.heelHeightMm) === undefined ? ['drop'] : []),
    ...(form?.backHeightMm === undefined ? ['back height'] : []),
    ...(form?.instepHeightMm === undefined ? ['instep height'] : []),
    ...(form?.toeSpringMm === undefined ? ['toe spring'] : []),
    'height over the ball'
  ];
  return { bottom, top: knots, ball: { x: ball, y: bottomAt(ball) }, pitchDeg: centralDeg, assumed };
}

/** The inside cut across at the ball, seen from in front: y up, x to the inner side, mm, closed. */
export interface FrontView {
  outline: Point[];
  heightMm: number;
  girthMm: number;
}

/** Section at the ball whose girth is the inside's: the height of the crown follows from the girth. */
export function frontView({ inside }: ComparedShoe): FrontView {
  const insole = compileInsole(inside);
  const flat = innerWall(insole, insole.ballMm) + outerWall(insole, insole.ballMm);
  const width = Math.max(flat * 1.03, 0.403 * inside.ballGirthMm);
  return sectionOf(flat, width, inside.ballGirthMm);
}
