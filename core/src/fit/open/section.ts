import { heelSpreadShare, sockGirthMm } from '../../measure';
import { effectiveDrop } from '../../heel';
import { compileInsole, innerWall, outerWall, planWidth } from '../../last';
import { sectionOf, type Point } from '../../shape';
import { fitOnce, insideWorn, outlineOffset, underBallMm } from '../room';
import { NO_AIDS, type Aids, ZONE_AT } from '../zones';
import type { Shoe, Wear, WornFoot } from '../shoe';
import { UPPER } from '../tables';

/** Foot and shoe cut across at the ball, seen from in front, mm: y up from the insole as sold, x to the inner side. */
export interface SectionDrawing {
  foot: Point[];
  shoe: Point[];
  /** What lies under the foot beside the insole as sold, mm. */
  underMm: number;
  girthGapMm: number;
  widthGapMm: number;
  depthGapMm: number;
}

/**
 * The ball section of a foot in a shoe. Girths and widths are those the fit goes by; the roundness of both sections is an estimate.
 */
export function drawSection(worn: WornFoot, shoe: Shoe, wear: Wear, aids: Aids = NO_AIDS): SectionDrawing {
  const inside = insideWorn(shoe, wear.hoursWorn);
  const insole = compileInsole(inside);
  const flat = innerWall(insole, insole.ballMm) + outerWall(insole, insole.ballMm);
  const { zone } = fitOnce(worn.dims, shoe, wear, aids);
  const width = planWidth(inside, UPPER[shoe.upper].girthShare);
  const footWidth = worn.dims.ballWidthMm + 2 * outlineOffset(shoe, wear);
  const footGirth = worn.dims.ballGirthMm * (1 + heelSpreadShare(effectiveDrop(shoe.heelHeightMm, shoe.platformMm))) + sockGirthMm(wear.sockMm);
  const underMm = Math.max(0, wear.insertMm) + underBallMm(aids);
  return {
    shoe: sectionOf(Math.min(flat, width), width, inside.ballGirthMm).outline,
    // As round as the shoe, so that what differs between the two lines is width and girth alone.
    foot: sectionOf((footWidth * Math.min(flat, width)) / width, footWidth, footGirth).outline.map(({ x, y }) => ({ x, y: y + underMm })),
    underMm,
    girthGapMm: zone[ZONE_AT['ball-girth']],
    widthGapMm: zone[ZONE_AT['ball-width']],
    depthGapMm: zone[ZONE_AT['toe-box-depth']]
  };
}
