import type { ToeFamilyId } from './families';
import type { Inside, WidthBasis } from './inside';

/** How a fact about a shoe came to be known, best first. */
export type EvidenceMark = 'measured' | 'felt' | 'claimed' | 'unsure' | 'not-seen';

/** A maker's last: its inside in one base size and width, and how it is graded from there. */
export interface Last {
  id: string;
  maker: string;
  name: string;
  family: ToeFamilyId;
  taperShiftMm: number;
  widthBasis: WidthBasis;
  base: {
    /** Size number in the maker's scale, and the width letter. */
    size: number;
    width: string;
    forFootMm: number;
    insoleMm: number;
    ballWidthMm: number;
    heelWidthMm: number;
    ballGirthMm: number;
    waistGirthMm: number;
    instepGirthMm: number;
    throatGirthMm?: number;
    toplineGirthMm?: number;
    shaftGirthMm?: number;
    toeDepthMm: number;
    littleToeDepthMm: number;
  };
  grade: Grade;
  /** How well the inside is known, mm: deviation of the base length and of girths. */
  evidence: { mark: EvidenceMark; lengthSdMm: number; widthSdMm: number; girthSdMm: number; note: string };
}

export interface Grade {
  lengthPerSizeMm: number;
  girthPerSizeMm: number;
  girthPerWidthMm: number;
  /** Share of a girth change that goes to the bottom's width. */
  bottomShare: number;
  toeExtension: 'fixed' | 'graded';
  /** A half size as a full grade, or as the same length and the next width. */
  halves: 'full' | 'width-only';
}

/** Heel seats widen less than balls: share of the bottom's change that reaches the heel [estimate]. */
const HEEL_SHARE = 0.55;
/** A width letter hardly reaches the heel [estimate]. */
const HEEL_WIDTH_SHARE = 0.25;

/**
 * The inside of a last in a size and width.
 * @param last the last
 * @param size size number in the maker's scale
 * @param widthSteps letters wider (+) or narrower (-) than the base width
 * @throws RangeError when the grade runs out of anything that could hold a foot
 * @example gradeLast(last, last.base.size, 0).insoleLengthMm === last.base.insoleMm
 */
export function gradeLast(last: Last, size: number, widthSteps: number): Inside {
  const { base, grade } = last;
  const whole = grade.halves === 'width-only' ? Math.floor(size + 1e-9) : size;
  // A half that is a width adds one width step to the whole below it.
  const letters = widthSteps + (size - whole > 0.25 ? 1 : 0);
  const sizes = whole - base.size;
  const forFoot = base.forFootMm + sizes * grade.lengthPerSizeMm;
  const extension = base.insoleMm - base.forFootMm;
  const insole = forFoot + (grade.toeExtension === 'graded' ? extension * (forFoot / base.forFootMm) : extension);
  const bySize = sizes * grade.girthPerSizeMm;
  const byWidth = letters * grade.girthPerWidthMm;
  const girth = (mm: number): number => mm + (bySize + byWidth) * (mm / base.ballGirthMm);
  const scale = forFoot / base.forFootMm;
  const ballWidthMm = base.ballWidthMm + grade.bottomShare * (bySize + byWidth);
  if (!(insole > 60 && ballWidthMm > 20)) throw new RangeError(`${last.name} cannot be graded to size ${size}`);
  return {
    madeForFootMm: forFoot,
    insoleLengthMm: insole,
    flexLineMm: 0.725 * forFoot,
    family: last.family,
    taperShiftMm: last.taperShiftMm,
    ballWidthMm,
    widthBasis: last.widthBasis,
    heelWidthMm: base.heelWidthMm + grade.bottomShare * (HEEL_SHARE * bySize + HEEL_WIDTH_SHARE * byWidth),
    ballGirthMm: base.ballGirthMm + bySize + byWidth,
    waistGirthMm: girth(base.waistGirthMm),
    instepGirthMm: girth(base.instepGirthMm),
    throatGirthMm: base.throatGirthMm === undefined ? null : girth(base.throatGirthMm),
    toplineGirthMm: base.toplineGirthMm === undefined ? null : girth(base.toplineGirthMm),
    shaftGirthMm: base.shaftGirthMm === undefined ? null : girth(base.shaftGirthMm),
    toeDepthMm: base.toeDepthMm * scale,
    littleToeDepthMm: base.littleToeDepthMm * scale
  };
}
