import {
  type ShoeAsWorn,
  type Edge,
  clearancesOf,
  insideWorn,
  shapeOf,
  stand,
  type Clearances,
  type CompiledPair,
  emptyEdge,
  readEdge,
  blankZones,
  shoeAsWorn,
  type Placement
} from '../room';
import { zonesOf, judge, scoreOf, zoneState, type Judgement, limitsOf, marginAt, targetsFor, type Targets } from '../judge';
import { levelOf, NO_AIDS, ZONE_AT, type FlexState, type ZoneId } from '../zones';
import { shoeOf, type Style, type Shoe, type Wear, type WornFoot } from '../shoe';
import { UPPER } from '../tables';
import { character, tightness, type SpokenFoot } from '../words';
import type { Side } from '../../measure';
import { compileShoe, type ShoeOutline } from '../../last';

/** One size and width of a style on both feet, judged without simulation. */
export interface Cell {
  size: number;
  width: string;
  shoe: Shoe;
  targets: Targets;
  spoken: SpokenFoot[];
  /** Clearances of each foot, in the order of the feet. */
  seen: Clearances[];
  judged: Judgement[];
  fits: boolean;
  distance: number;
  score: number;
  decidedBy: { side: Side; zone: ZoneId };
  /** Place of the deciding zone inside its band, in half bands; negative outside. */
  margin: number;
  tightness: number;
  character: 'snug' | 'regular' | 'generous';
}

/** One size and width of a style, ready to be fitted. */
export interface Item {
  size: number;
  width: string;
  shoe: Shoe;
  /** The shoe as it is worn with nothing put in, the same in all items of a style. */
  asWorn: ShoeAsWorn;
  targets: Targets;
}

/** @throws RangeError when the width is none of the maker's */
export function itemOf(style: Style, size: number, width: string, wear: Wear): Item {
  const shoe = shoeOf(style, size, width);
  return { size, width, shoe, asWorn: shoeAsWorn(shoe, wear, NO_AIDS), targets: targetsFor(shoe, wear) };
}

/** Fits both feet in one size and width of a style. */
export const cellOf = (style: Style, size: number, width: string, feet: readonly WornFoot[], wear: Wear): Cell =>
  fitCell(itemOf(style, size, width, wear), feet, wear);
/** Fits both feet in a shoe. */
export const fitCell = (item: Item, feet: readonly WornFoot[], wear: Wear): Cell => tryCell(item, feet, wear, -Infinity).cell!;

const TOE_ROOM = ZONE_AT['toe-room'];
const BOX = ZONE_AT['toe-box-width'];

/** What came of trying a size and width. */
export interface Tried {
  /** No pair of these feet has more than this: its own margin, or that of the foot at which it was given up. */
  margin: number;
  /** None when it was given up. */
  cell?: Cell;
}

/** One foot of the pair that is tried now. */
interface TriedFoot {
  zone: Float64Array;
  placement: Placement | undefined;
  judged: Judgement | undefined;
}
/** What a try works on; one is on at a time, and what is given up leaves nothing behind. */
const scratch: { outline: ShoeOutline | undefined; edge: Edge; feet: TriedFoot[] } = { outline: undefined, edge: emptyEdge(), feet: [] };

/**
 * Fits both feet in a shoe, whose outline is compiled once for both, and gives up as soon as it is of no use.
 * @param atLeast the least margin that is of use, in half bands
 * @param than it is of no use either when it comes no nearer than this
 */
export function tryCell(item: Item, feet: readonly WornFoot[], wear: Wear, atLeast: number, than?: Rated): Tried {
  const { shoe, asWorn, targets } = item;
  const inside = insideWorn(shoe, wear.hoursWorn);
  const limits = limitsOf(targets);
  const outline = (scratch.outline = compileShoe(inside, UPPER[shoe.upper].girthShare, scratch.outline));
  const { edge } = scratch;
  const pairOf = (foot: WornFoot): CompiledPair => ({ foot: shapeOf(foot, shoe, wear), shoe: outline, inside });
  const rated: Rated = { fits: true, margin: Infinity, distance: 0 };
  for (let f = 0; f < feet.length; f++) {
    const own = (scratch.feet[f] ??= { zone: blankZones(), placement: undefined, judged: undefined });
    const pair = pairOf(feet[f]);
    own.placement = stand(feet[f].dims, asWorn, pair, own.zone);
    const room = marginAt(own.zone, TOE_ROOM, limits);
    if (room < atLeast) return { margin: room };
    own.zone[BOX] = readEdge(pair.foot, pair.shoe, own.placement, false, edge);
    own.judged = judge(own.zone, targets);
    rated.margin = Math.min(rated.margin, own.judged.margin);
    rated.distance += own.judged.distance;
    rated.fits &&= own.judged.fits;
    if (rated.margin < atLeast) return { margin: rated.margin };
  }
  if (than && likelier(than, rated) <= 0) return { margin: rated.margin };
  const seen = feet.map((foot, f) => {
    const { placement, zone } = scratch.feet[f];
    return clearancesOf(foot.dims, asWorn, pairOf(foot), placement!, zone.slice(0, asWorn.zones.count), edge);
  });
  return { margin: rated.margin, cell: asCell(item, feet, rated, seen) };
}

function asCell({ size, width, shoe, targets }: Item, feet: readonly WornFoot[], rated: Rated, seen: Clearances[]): Cell {
  const judged = feet.map((_, f) => scratch.feet[f].judged!);
  const spoken = seen.map(({ zone, placement }, f): SpokenFoot => ({
    side: feet[f].foot.side,
    zone,
    targets,
    toe: placement.toe,
    decidedBy: judged[f].decidedBy
  }));
  const worst = spoken[judged.findIndex((j) => j.margin === rated.margin)];
  const tight = tightness(spoken);
  const { fits, margin, distance } = rated;
  return {
    size,
    width,
    shoe,
    targets,
    spoken,
    seen,
    judged,
    fits,
    margin,
    distance,
    score: scoreOf(
      distance,
      judged.reduce((sum, j) => sum + j.zones, 0)
    ),
    decidedBy: { side: worst.side, zone: worst.decidedBy },
    tightness: tight,
    character: character(tight)
  };
}

/** What of a cell its likelihood hangs on. */
type Rated = Pick<Cell, 'fits' | 'margin' | 'distance'>;

/** Misfits are put in order by how far their worst zone lies outside; fits all count alike here. */
const misfit = (cell: Rated): number => Math.min(0, cell.margin);

/** Order of cells by how likely they are to be the one: what fits, then the least misfit, then the nearest to the middle. */
export const likelier = (p: Rated, q: Rated): number => Number(q.fits) - Number(p.fits) || misfit(q) - misfit(p) || p.distance - q.distance;

export interface ZoneBrief {
  zone: ZoneId;
  clearanceMm: number;
  state: FlexState;
  /** Where it stands among its cuts: −1 to 1 is right. */
  level: number;
}

/** Zones of one foot in brief: clearance and state. */
export const zonesInBrief = (foot: SpokenFoot): ZoneBrief[] =>
  zonesOf(foot.targets)
    .inOrder.filter(({ at }) => !Number.isNaN(foot.zone[at]))
    .map(({ id, at }) => ({
      zone: id,
      clearanceMm: foot.zone[at],
      state: zoneState(id, foot.zone[at], foot.targets),
      level: levelOf(foot.zone[at], foot.targets[id]!)
    }));
