import { blankInside, gradeLast, insoleOf } from '../../last';
import { worthFitting } from './look-over';
import { widthSteps, type Style, type WornFoot } from '../shoe';

/** Insole beyond the foot in the size that is most likely to be the one, mm: the middle of what most kinds ask [estimate]. */
const USUAL_OVER_MM = 14;
const inside = blankInside();

/** A style with its sizes worth fitting. */
export interface Worth {
  style: Style;
  sizes: number[];
}

/** How far a foot's ball girth lies outside the widths of a style in its likeliest size, mm. */
function girthOff({ style, sizes }: Worth, lengthMm: number, girthMm: number): number {
  const { last, widths } = style;
  const usualMm = lengthMm + USUAL_OVER_MM;
  let size = sizes[0];
  let nearest = Infinity;
  for (const s of sizes) {
    const off = Math.abs(insoleOf(last, s) - usualMm);
    if (off < nearest) [size, nearest] = [s, off];
  }
  const { ballGirthMm } = gradeLast(last, size, 0, inside);
  const ofWidth = (width: string): number => ballGirthMm + widthSteps(style, width) * last.grade.girthPerWidthMm;
  return Math.max(0, ofWidth(widths[0]) - girthMm, girthMm - ofWidth(widths[widths.length - 1]));
}

/**
 * Styles in the order in which they are looked at: those whose girth promises most come first, so that what comes first on screen is worth
 * looking at, and comes at once for feet that few shoes fit. A guess that changes no answer: every style is looked at.
 * @returns styles that have a size for these feet, and those that have none
 */
export function byPromise(styles: readonly Style[], feet: readonly WornFoot[]): { worth: Worth[]; none: Style[] } {
  const mean = (of: (foot: WornFoot) => number): number => feet.reduce((sum, foot) => sum + of(foot), 0) / feet.length;
  const longestMm = Math.max(...feet.map((f) => f.dims.lengthMm));
  const girthMm = mean((f) => f.dims.ballGirthMm);
  const none: Style[] = [];
  const worth = styles.flatMap((style): (Worth & { off: number })[] => {
    const sizes = worthFitting(style, longestMm);
    if (sizes.length > 0) return [{ style, sizes, off: girthOff({ style, sizes }, longestMm, girthMm) }];
    none.push(style);
    return [];
  });
  return { worth: worth.sort((p, q) => p.off - q.off), none };
}
