import type { Dressed, Trial } from './definitions';
import { NO_AIDS, type ZoneSet } from '../zones';
import { shoeAsWorn, type Edge, compare, fitOnce, insideWorn, shapeOf, type Clearances, emptyEdge, atBest, blankZones } from '../room';
import { zonesOf, judge, allWithin, limitsOf, type Limits, type Targets } from '../judge';
import { beyondReach, helpsOn } from './reach';
import type { PutIn } from './put-in';
import type { Shoe, Wear, WornFoot } from '../shoe';
import { UPPER } from '../tables';
import { compileShoe, type ShoeOutline } from '../../last';

/** A help by its name. */
export interface Help extends PutIn {
  name: string;
}
const helpOf = ({ help, mm }: Trial): Help => ({ kind: help.id, mm, name: help.name(mm) });
/** Names of helps, each once. */
export const helpNames = (helps: readonly (readonly Help[] | null)[]): string[] => [...new Set(helps.flatMap((h) => h?.map((x) => x.name) ?? []))];

/** True when a zone to which helps add up ends outside its limits with these two. */
function addsTooMuch(zone: Float64Array, first: Float64Array, second: Float64Array, { least, most }: Limits, { addingUp }: ZoneSet): boolean {
  for (const i of addingUp) {
    const mm = zone[i] + first[i] + second[i];
    if (mm < least[i] - 1e-9 || mm > most[i] + 1e-9) return true;
  }
  return false;
}
/** What is added by no second help. */
const NOTHING = blankZones().fill(0);

/** What a search for helps works on; one is on at a time. */
const scratch: { outline: ShoeOutline | undefined; edge: Edge } = { outline: undefined, edge: emptyEdge() };

/**
 * Whether at most two helps make a foot fit, and which: fewer win; among as many, those that bring it nearest to the middle.
 * Most trials are ruled out by a bound before anything is fitted.
 * @param seen what its fit comes out as with nothing put in
 * @returns the helps, none when it fits as it is, null when no two make it fit
 */
export function fitsWithHelps(foot: WornFoot, shoe: Shoe, wear: Wear, targets: Targets, seen: Clearances = fitOnce(foot.dims, shoe, wear)): Help[] | null {
  const { dims } = foot;
  const limits = limitsOf(targets);
  if (allWithin(seen.zone, limits)) return [];
  const zones = zonesOf(targets);
  const { singles, adds, reach } = helpsOn(shoe, dims, wear);
  const inside = insideWorn(shoe, wear.hoursWorn);
  if (beyondReach(shapeOf(foot, shoe, wear), shoeAsWorn(shoe, wear, NO_AIDS), inside, seen, reach, limits)) return null;
  const outline = (scratch.outline = compileShoe(inside, UPPER[shoe.upper].girthShare, scratch.outline));
  const distanceWith = (dressed: Dressed): number => {
    const shape = shapeOf(foot, shoe, dressed.wear);
    const worn = shoeAsWorn(shoe, dressed.wear, dressed.aids);
    if (atBest(dims, shape, inside, worn, limits).margin < 0) return Infinity;
    const judged = judge(compare(dims, worn, { foot: shape, shoe: outline, inside }, false, scratch.edge).zone, targets);
    return judged.fits ? judged.distance : Infinity;
  };
  const best = { helps: null as Help[] | null, distance: Infinity };
  const consider = (trials: readonly Trial[], dressed: Dressed): void => {
    const distance = distanceWith(dressed);
    if (distance < best.distance) Object.assign(best, { helps: trials.map(helpOf), distance });
  };
  singles.forEach((trial, i) => {
    if (!addsTooMuch(seen.zone, adds[i], NOTHING, limits, zones)) consider([trial], trial);
  });
  if (best.helps) return best.helps;
  singles.forEach((first, i) => {
    for (let k = i + 1; k < singles.length; k++) {
      const second = singles[k];
      // Two helps are the same pair in either order, and of one kind there is one.
      if (second.help === first.help || addsTooMuch(seen.zone, adds[i], adds[k], limits, zones)) continue;
      consider([first, second], second.help.change(second.mm, first));
    }
  });
  return best.helps;
}
