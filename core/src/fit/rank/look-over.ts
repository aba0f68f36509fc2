import { effectiveDrop } from '../../heel';
import { blankInside, gradeLast, insoleOf, type Inside } from '../../last';
import { likelier, tryCell, type Cell } from './cell';
import { insideWorn, shapeOf, atBest, blankBest, mostLengthMargin, mostLengthRoom, type AtBest, shoeAsWorn } from '../room';
import { NO_AIDS, ZONE_AT } from '../zones';
import { POINTS, pointsOf, keepStraight, noisesOf, type Noises, blankStanding, countStanding, standAll } from '../doubt';
import { beyondHelp } from '../helps';
import { limitsOf, targetsFor, type Targets } from '../judge';
import { sdOf, shoeOf, sizesOf, widthSteps, type Style, type Wear, type WornFoot } from '../shoe';

const TOE_ROOM = ZONE_AT['toe-room'];
/** Insole beyond the longer foot within which a size is worth fitting, mm. */
const WORTH_FITTING: readonly [number, number] = [-14, 55];
/** How many of a style's fitting sizes have their chance worked out before one is chosen, and how many of its least misfits are asked whether something helps. */
export const WEIGHED = { fits: 2, misfits: 3 } as const;

/** What a first look at a style gives: the most that may come of each size and width. */
export interface StyleLook {
  style: Style;
  sizes: readonly number[];
  targets: Targets;
  /** The most margin, in half bands, and the least distance from the middle of right: by size, and by width within a size. */
  margins: Float64Array;
  distances: Float64Array;
  /** No size and width that may fit has more chance than this; below nought where none may. */
  mostChance: number;
  /** False where every size and width lies further out than any helps reach. */
  mayHelp: boolean;
}

/** The sizes of a style worth fitting on these feet. */
export const worthFitting = (style: Style, longestMm: number): number[] =>
  sizesOf(style).filter((size) => {
    const over = insoleOf(style.last, size) - longestMm;
    return over >= WORTH_FITTING[0] && over <= WORTH_FITTING[1];
  });

const best = blankBest();
/** Inside of the size and width that is looked at now: most are looked at once, and nothing of them is kept. */
const inside = blankInside();
/** What sizes and widths are put in order by. */
let keys = new Float64Array(256);
/** The points of doubt at which the size and width that is looked at now may fit. */
const straight = blankStanding(POINTS.ranked);

/**
 * Sizes and widths in rising order of `keys`, as far as they are asked for: mostly a few of dozens, so they are looked for one by one.
 * One that is told is marked by an infinite key; those with one are never told.
 */
function* risingly(many: number): Generator<number> {
  for (;;) {
    let at = -1;
    for (let i = 0, least = Infinity; i < many; i++) if (keys[i] < least) least = keys[(at = i)];
    if (at < 0) return;
    keys[at] = Infinity;
    yield at;
  }
}

/** Looks at every size and width of a style: what it can come out as at best on these feet. */
export function lookOver(style: Style, sizes: readonly number[], feet: readonly WornFoot[], wear: Wear): StyleLook {
  const targets = targetsFor(style, wear);
  const limits = limitsOf(targets);
  const drop = effectiveDrop(style.heelHeightMm, style.platformMm);
  const shapes = feet.map((foot) => shapeOf(foot, style, wear));
  const asWorn = shoeAsWorn(style, wear, NO_AIDS);
  const steps = style.widths.map((width) => widthSteps(style, width));
  const z = pointsOf(feet, POINTS.ranked);
  const { beyond, tooLong } = beyondHelp(style, asWorn, feet[0].dims, wear, limits);
  const many = sizes.length * steps.length;
  if (many > keys.length) keys = new Float64Array(2 * many);
  const margins = new Float64Array(many);
  const distances = new Float64Array(many);
  const noises: Noises[] = [];
  let mayHelp = false;
  let mostStanding = -1;
  const bound = (f: number, worn: Inside): AtBest => atBest(feet[f].dims, shapes[f], style, worn, asWorn, limits, best);
  /** Whether helps may bring every foot in that was not within its limits, from the one that is bounded now. */
  const helpable = (from: number, worn: Inside): boolean => {
    for (let f = from; f < feet.length; f++) if (beyond(feet[f], worn, f > from ? bound(f, worn) : best)) return false;
    return true;
  };
  for (let s = 0, at = 0; s < sizes.length; s++) {
    // What the length alone rules out is ruled out in every width; told inside, it may only be too long, and what takes some of it enough.
    const insole = insoleOf(style.last, sizes[s]);
    inside.insoleLengthMm = insole;
    let byLength = Infinity;
    let takenUp = !mayHelp;
    for (let f = 0; f < feet.length; f++) {
      const room = mostLengthRoom(feet[f].dims, shapes[f], style.kind, drop, insole, wear);
      const margin = mostLengthMargin(style.kind, drop, room, limits);
      byLength = Math.min(byLength, margin);
      if (margin < 0) takenUp &&= room >= limits.least[TOE_ROOM] && !tooLong(feet[f], inside, room, 0);
    }
    for (let w = 0; w < steps.length; w++, at++) {
      margins[at] = byLength;
      if (byLength < 0 && (mayHelp || !takenUp)) continue;
      const worn = insideWorn({ inside: gradeLast(style.last, sizes[s], steps[w], inside), upper: style.upper }, wear.hoursWorn);
      standAll(straight, POINTS.ranked);
      let f = 0;
      do {
        bound(f, worn);
        margins[at] = Math.min(margins[at], best.margin);
        distances[at] += best.distance;
        if (margins[at] < 0) break;
        noises[f] ??= noisesOf(feet[f], f, z, POINTS.ranked, style, sdOf(style.last), worn, wear);
        keepStraight(noises[f], best.zone, feet[f].dims, worn, limits, straight);
      } while (++f < feet.length);
      if (margins[at] >= 0) mostStanding = Math.max(mostStanding, countStanding(straight));
      mayHelp ||= margins[at] >= 0 || helpable(f, worn);
    }
  }
  return { style, sizes, targets, margins, distances, mostChance: mostStanding / POINTS.ranked, mayHelp };
}

/** A style's likeliest fitting sizes: fits those that may be among the two nearest to the middle of right. What is found out about their margins is kept with the look. */
export function likeliestFits({ style, sizes, targets, margins, distances }: StyleLook, feet: readonly WornFoot[], wear: Wear): Cell[] {
  for (let at = 0; at < margins.length; at++) keys[at] = margins[at] >= 0 ? distances[at] : Infinity;
  const fitting: Cell[] = [];
  for (const at of risingly(margins.length)) {
    const last = fitting[WEIGHED.fits - 1];
    if (last && distances[at] > last.distance) break;
    const [size, width] = sizeAt(style, sizes, at);
    const { cell, margin } = tryCell(size, width, shoeOf(style, size, width), targets, feet, wear, 0, last);
    margins[at] = margin;
    if (!cell) continue;
    fitting.push(cell);
    fitting.sort(likelier).splice(WEIGHED.fits);
  }
  return fitting;
}

const sizeAt = (style: Style, sizes: readonly number[], at: number): [size: number, width: string] => {
  const many = style.widths.length;
  return [sizes[Math.floor(at / many)], style.widths[at % many]];
};

/** A style's least misfits, least first. What is found out about their margins is kept with the look. */
export function leastMisfits({ style, sizes, targets, margins: bounds }: StyleLook, feet: readonly WornFoot[], wear: Wear, many: number): Cell[] {
  const limits = limitsOf(targets);
  const asWorn = shoeAsWorn(style, wear, NO_AIDS);
  /** The most margin both feet can have, where the first look stopped at the first that could not fit. */
  const boundOf = (size: number, width: string, margin: number): number => {
    const worn = insideWorn({ inside: gradeLast(style.last, size, widthSteps(style, width), inside), upper: style.upper }, wear.hoursWorn);
    for (const foot of feet) {
      const shape = shapeOf(foot, style, wear);
      margin = Math.min(margin, atBest(foot.dims, shape, style, worn, asWorn, limits, best).margin);
    }
    return margin;
  };
  const found: Cell[] = [];
  for (let at = 0; at < bounds.length; at++) keys[at] = -bounds[at];
  for (const at of risingly(bounds.length)) {
    const last = found[many - 1];
    const needed = last ? last.margin : -Infinity;
    if (bounds[at] < needed) break;
    const [size, width] = sizeAt(style, sizes, at);
    if (last && boundOf(size, width, bounds[at]) < needed) continue;
    const { cell, margin } = tryCell(size, width, shoeOf(style, size, width), targets, feet, wear, needed, last);
    bounds[at] = margin;
    if (!cell) continue;
    found.push(cell);
    found.sort(likelier).splice(many);
  }
  return found;
}
