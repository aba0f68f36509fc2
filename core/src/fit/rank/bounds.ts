import { makeOf, shoeOf, sdOf, sizesOf, widthSteps, type Style, type Wear, type WornFoot } from '../shoe';
import { type ShoeAsWorn, atBest, blankBest, insideWorn, mostLengthMargin, mostLengthRoom, shapeOf, shoeAsWorn, type AtBest } from '../room';
import { blankBitset, countBits, fillBitset, keepStraight, POINTS, sampleOf, zoneNoisesOf, type ZoneNoises } from '../doubt';
import { beyondHelp } from '../helps';
import { limitsOf, targetsFor, type Targets } from '../judge';
import { NO_AIDS, ZONE_AT } from '../zones';
import { likelier, tryCell, type Cell, type Item } from './cell';
import { blankInside, gradeLast, insoleOf, type Inside } from '../../last';

const TOE_ROOM = ZONE_AT['toe-room'];
/** Insole beyond the longer foot within which a size is worth fitting, mm. */
const WORTH_FITTING: readonly [number, number] = [-14, 55];
/** How many fitting sizes of a style are weighed by their chance, and how many of its least misfits are asked whether something helps. */
export const WEIGHED = { fits: 2, misfits: 3 } as const;

/** The most that may come of each size and width of a style, found without fitting any. */
export interface StyleBounds {
  style: Style;
  sizes: readonly number[];
  targets: Targets;
  asWorn: ShoeAsWorn;
  /** Upper bound of the margin, in half bands, and lower bound of the distance from the middle of right: by size, and by width within a size. */
  margins: Float64Array;
  distances: Float64Array;
  /** Upper bound of the chance of any size and width that may fit; below nought where none may. */
  chance: number;
  /** False where every size and width lies further out than any helps reach. */
  mayHelp: boolean;
}

/** The sizes of a style worth fitting on these feet. */
export const worthFitting = (style: Style, longestMm: number): number[] =>
  sizesOf(style).filter((size) => {
    const over = insoleOf(style.last, size) - longestMm;
    return over >= WORTH_FITTING[0] && over <= WORTH_FITTING[1];
  });

/** What bounding works on: the bound of one foot, the inside of the size and width that is looked at now, and the points at which it may fit. */
const scratch = { best: blankBest(), inside: blankInside(), straight: blankBitset(POINTS.ranked) };

/** Places of all but the infinite of some keys, in rising order. */
function risingly(keys: Float64Array): number[] {
  const places: number[] = [];
  for (let i = 0; i < keys.length; i++) if (keys[i] < Infinity) places.push(i);
  return places.sort((p, q) => keys[p] - keys[q]);
}

/** Bounds every size and width of a style: what it can come out as at best on these feet. */
export function boundStyle(style: Style, sizes: readonly number[], feet: readonly WornFoot[], wear: Wear): StyleBounds {
  const make = makeOf(style);
  const targets = targetsFor(make, wear);
  const limits = limitsOf(targets);
  const shapes = feet.map((foot) => shapeOf(foot, make, wear));
  const asWorn = shoeAsWorn(make, wear, NO_AIDS);
  const steps = style.widths.map((width) => widthSteps(style, width));
  const sample = sampleOf(feet, POINTS.ranked);
  const { beyond, tooLong } = beyondHelp(make, asWorn, feet[0].dims, wear, limits);
  const { best, inside, straight } = scratch;
  const margins = new Float64Array(sizes.length * steps.length);
  const distances = new Float64Array(sizes.length * steps.length);
  const noises: ZoneNoises[] = [];
  let mayHelp = false;
  let mostPoints = -1;
  const bound = (f: number, worn: Inside): AtBest => atBest(feet[f].dims, shapes[f], worn, asWorn, limits, best);
  /** Whether helps may bring every foot in that was not within its limits, from the one that is bounded now. */
  const helpable = (from: number, worn: Inside): boolean => {
    for (let f = from; f < feet.length; f++) if (beyond(feet[f], worn, f > from ? bound(f, worn) : best)) return false;
    return true;
  };
  for (let s = 0, at = 0; s < sizes.length; s++) {
    // What the length alone rules out is ruled out in every width. A shoe that is only too long may still fit with something that takes length.
    const insole = insoleOf(style.last, sizes[s]);
    inside.insoleLengthMm = insole;
    let byLength = Infinity;
    let takenUp = !mayHelp;
    for (let f = 0; f < feet.length; f++) {
      const room = mostLengthRoom(feet[f].dims, shapes[f], asWorn, insole);
      const margin = mostLengthMargin(asWorn, room, limits);
      byLength = Math.min(byLength, margin);
      if (margin < 0) takenUp &&= room >= limits.least[TOE_ROOM] && !tooLong(feet[f], inside, room, 0);
    }
    for (let w = 0; w < steps.length; w++, at++) {
      margins[at] = byLength;
      if (byLength < 0 && (mayHelp || !takenUp)) continue;
      const worn = insideWorn({ inside: gradeLast(style.last, sizes[s], steps[w], inside), upper: style.upper }, wear.hoursWorn);
      fillBitset(straight, POINTS.ranked);
      let f = 0;
      do {
        bound(f, worn);
        margins[at] = Math.min(margins[at], best.margin);
        distances[at] += best.distance;
        if (margins[at] < 0) break;
        noises[f] ??= zoneNoisesOf({ sample, f, shoe: make, sd: sdOf(style.last), inside: worn, wear });
        keepStraight(noises[f], best.zone, feet[f].dims, worn, limits, straight);
      } while (++f < feet.length);
      if (margins[at] >= 0) mostPoints = Math.max(mostPoints, countBits(straight));
      mayHelp ||= margins[at] >= 0 || helpable(f, worn);
    }
  }
  return { style, sizes, targets, asWorn, margins, distances, chance: mostPoints / POINTS.ranked, mayHelp };
}

/** Size and width at a place of the bounds. */
const sizeAt = ({ style, sizes }: StyleBounds, at: number): [size: number, width: string] => {
  const many = style.widths.length;
  return [sizes[Math.floor(at / many)], style.widths[at % many]];
};
/** The same, ready to be fitted. */
function itemAt(bounds: StyleBounds, at: number): Item {
  const { style, targets, asWorn } = bounds;
  const [size, width] = sizeAt(bounds, at);
  return { size, width, shoe: shoeOf(style, size, width), asWorn, targets };
}

/** The two fitting sizes of a style that are nearest to the middle of right. Only those that may be among them are fitted; their margins are kept with the bounds. */
export function likeliestFits(bounds: StyleBounds, feet: readonly WornFoot[], wear: Wear): Cell[] {
  const { margins, distances } = bounds;
  const fitting: Cell[] = [];
  for (const at of risingly(distances.map((distance, i) => (margins[i] >= 0 ? distance : Infinity)))) {
    const last = fitting[WEIGHED.fits - 1];
    if (last && distances[at] > last.distance) break;
    const { cell, margin } = tryCell(itemAt(bounds, at), feet, wear, 0, last);
    margins[at] = margin;
    if (!cell) continue;
    fitting.push(cell);
    fitting.sort(likelier).splice(WEIGHED.fits);
  }
  return fitting;
}

/** The least misfits of a style, least first. Only those that may be among them are fitted; their margins are kept with the bounds. */
export function leastMisfits(bounds: StyleBounds, feet: readonly WornFoot[], wear: Wear, many: number): Cell[] {
  const { style, targets, asWorn, margins } = bounds;
  const limits = limitsOf(targets);
  const { best, inside } = scratch;
  /** Upper bound of the margin of both feet, where bounding stopped at the first that could not fit. */
  const boundOf = (at: number): number => {
    const [size, width] = sizeAt(bounds, at);
    const worn = insideWorn({ inside: gradeLast(style.last, size, widthSteps(style, width), inside), upper: style.upper }, wear.hoursWorn);
    let margin = margins[at];
    for (const foot of feet) margin = Math.min(margin, atBest(foot.dims, shapeOf(foot, style, wear), worn, asWorn, limits, best).margin);
    return margin;
  };
  const found: Cell[] = [];
  for (const at of risingly(margins.map((margin) => -margin))) {
    const last = found[many - 1];
    const needed = last ? last.margin : -Infinity;
    if (margins[at] < needed) break;
    if (last && boundOf(at) < needed) continue;
    const { cell, margin } = tryCell(itemAt(bounds, at), feet, wear, needed, last);
    margins[at] = margin;
    if (!cell) continue;
    found.push(cell);
    found.sort(likelier).splice(many);
  }
  return found;
}
