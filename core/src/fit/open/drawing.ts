import { shoeAsWorn, compare, compilePair, depthPerToe, roomPerToe } from '../room';
import { NO_AIDS, type Aids } from '../zones';
import type { Shoe, Wear, WornFoot } from '../shoe';
import { TOE_NAMES } from '../words';
import { compileInsole, shoeAbove, shoePolygon, type ShoeAbove } from '../../last';
import { footOutline, HEEL_ARC, type FootOutline, type Point } from '../../shape';
import { KIND } from '../tables';
import { seated } from './seated';

export interface EdgePoint extends Point {
  clearanceMm: number;
}

/** Everything a drawing of a foot in a shoe from above needs, mm, in shoe coordinates: x forward, y + to the inner side. */
export interface FitDrawing {
  /** The foot in its sock, seated and turned. */
  foot: FootOutline;
  /** Its inside at plan level, its wall and its opening. */
  shoe: ShoeAbove;
  /** The insole's own edge. */
  insole: Point[];
  /** Foot's edge with the clearance beside it, heel to toe, inner then outer side. */
  inner: EdgePoint[];
  outer: EdgePoint[];
  /** Forward travel of each toe on its own on the flat, the depth over it, and where its tip stands, big toe first. */
  toes: { name: string; roomMm: number; depthMm: number; x: number; y: number }[];
  firstToe: number;
  flexLineMm: number;
  footBallMm: number;
  insoleLengthMm: number;
}

/** Lays a foot in a shoe for drawing. */
export function drawFit(worn: WornFoot, shoe: Shoe, wear: Wear, aids: Aids = NO_AIDS): FitDrawing {
  const pair = compilePair(worn.dims, shoe, wear);
  const c = compare(worn.dims, shoeAsWorn(shoe, wear, aids), pair, true);
  const { theta, forwardMm } = c.placement;
  const xc = HEEL_ARC * worn.dims.lengthMm;
  const cos = Math.cos(theta);
  const sin = Math.sin(theta);
  const seat = (p: Point): Point => ({ x: xc + (p.x - xc) * cos - p.y * sin + forwardMm, y: (p.x - xc) * sin + p.y * cos });
  const { foot } = pair;
  const xs = Array.from(foot.stationX);
  // Read at the toes' samples: no toe has less room than the refined first contact, and the first has just that.
  const rooms = roomPerToe(foot, pair.shoe, c.placement).map((mm, i) => (i === c.placement.toe ? c.placement.roomMm : Math.max(mm, c.placement.roomMm)));
  const depths = depthPerToe(worn.dims, { ...shoe, inside: pair.inside }, wear, aids);
  return {
    foot: seated(footOutline(foot), seat),
    shoe: shoeAbove(pair.shoe, KIND[shoe.kind].opensTo),
    insole: shoePolygon(compileInsole(pair.inside)),
    inner: xs.map((x, s) => ({ ...seat({ x, y: foot.inner[s] }), clearanceMm: c.edge.inner[s] })),
    outer: xs.map((x, s) => ({ ...seat({ x, y: -foot.outer[s] }), clearanceMm: c.edge.outer[s] })),
    toes: rooms.map((roomMm, i) => ({
      name: TOE_NAMES[i],
      roomMm: roomMm - aids.toeFillerMm,
      depthMm: depths[i],
      ...seat({ x: foot.tip[i], y: foot.centre[i] })
    })),
    firstToe: c.placement.toe,
    flexLineMm: pair.shoe.ballMm,
    footBallMm: worn.dims.ballLengthMm + forwardMm,
    insoleLengthMm: pair.inside.insoleLengthMm
  };
}
