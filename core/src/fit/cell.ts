import type { Side } from '../measure';
import { compileShoe, type ShoeOutline } from '../last';
import { compare, insideWorn, shapeOf, type Clearances } from './clearances';
import { emptyEdge } from './edge';
import { judge, scoreOf, zoneState, type Judgement } from './judge';
import { NO_AIDS } from './plain-zones';
import { shoeOf, type Style } from './stock';
import { targetsFor, type Targets } from './targets';
import type { Shoe } from './shoe';
import { UPPER } from './uppers';
import type { Wear, WornFoot } from './wear';
import { character, tightness, type SpokenFoot } from './words';
import { ZONE_AT, ZONE_IDS, type FlexState, type ZoneId } from './zones';

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

/** Fits both feet in one size and width of a style. */
export function cellOf(style: Style, size: number, width: string, feet: readonly WornFoot[], wear: Wear): Cell {
  const shoe = shoeOf(style, size, width);
  return fitCell(size, width, shoe, targetsFor(shoe, wear), feet, wear);
}

let outline: ShoeOutline | undefined;
const edge = emptyEdge();

/** What came of trying a size and width. */
export interface Tried {
  /** No pair of these feet has more than this: its own margin, or that of the foot at which it was given up. */
  margin: number;
  /** None when it was given up. */
  cell?: Cell;
}

/** Fits both feet in a shoe. */
export const fitCell = (size: number, width: string, shoe: Shoe, targets: Targets, feet: readonly WornFoot[], wear: Wear): Cell =>
  tryCell(size, width, shoe, targets, feet, wear, -Infinity).cell!;

/**
 * Fits both feet in a shoe, whose outline is compiled once for both, and gives up at a foot that lies too far out.
 * @param atLeast the least margin that is of use, in half bands
 */
export function tryCell(size: number, width: string, shoe: Shoe, targets: Targets, feet: readonly WornFoot[], wear: Wear, atLeast: number): Tried {
  const inside = insideWorn(shoe, wear.hoursWorn);
  outline = compileShoe(inside, UPPER[shoe.upper].girthShare, outline);
  const seen: Clearances[] = [];
  const spoken: SpokenFoot[] = [];
  const judged: Judgement[] = [];
  let margin = Infinity;
  let decidedBy: Cell['decidedBy'] = { side: feet[0].foot.side, zone: 'toe-room' };
  for (const foot of feet) {
    const c = compare(foot.dims, shoe, wear, NO_AIDS, { foot: shapeOf(foot, shoe, wear), shoe: outline, inside }, false, edge);
    const j = judge(c.zone, targets);
    if (j.margin < atLeast) return { margin: j.margin };
    seen.push(c);
    judged.push(j);
    spoken.push({ side: foot.foot.side, zone: c.zone, targets, toe: c.placement.toe, decidedBy: j.decidedBy });
    if (j.margin < margin) {
      margin = j.margin;
      decidedBy = { side: foot.foot.side, zone: j.decidedBy };
    }
  }
  const distance = judged.reduce((sum, j) => sum + j.distance, 0);
  const zones = judged.reduce((sum, j) => sum + j.zones, 0);
  const fits = judged.every((j) => j.fits);
  const tight = tightness(spoken);
  const score = scoreOf(distance, zones);
  const cell: Cell = {
    size,
    width,
    shoe,
    targets,
    spoken,
    seen,
    judged,
    fits,
    distance,
    score,
    decidedBy,
    margin,
    tightness: tight,
    character: character(tight)
  };
  return { margin, cell };
}

/** Misfits are put in order by how far their worst zone lies outside; fits all count alike here. */
const misfit = (cell: Cell): number => Math.min(0, cell.margin);

/** Order of cells by how likely they are to be the one: what fits, then the least misfit, then the nearest to the middle. */
export const likelier = (p: Cell, q: Cell): number => Number(q.fits) - Number(p.fits) || misfit(q) - misfit(p) || p.distance - q.distance;

export interface ZoneBrief {
  zone: ZoneId;
  clearanceMm: number;
  state: FlexState;
}

/** Zones of one foot in brief: clearance and state. */
export const zonesInBrief = (foot: SpokenFoot): ZoneBrief[] =>
  ZONE_IDS.filter((id) => !Number.isNaN(foot.zone[ZONE_AT[id]])).map((zone) => ({
    zone,
    clearanceMm: foot.zone[ZONE_AT[zone]],
    state: zoneState(zone, foot.zone[ZONE_AT[zone]], foot.targets)
  }));
