import { fitOnce, insideWorn, outlineOffset, shapeOf, type Clearances } from './clearances';
import { nameOf, trialsFor, type Trial } from './help-rules';
import type { PutIn } from './put-in';
import { judge } from './judge';
import { allWithin, limitsOf, type Limits } from './limits';
import { atBest, plainPlanInto } from './may-fit';
import { BLANK_PLAN, blankZones, NO_AIDS, plainZones, type Aids } from './plain-zones';
import type { Shoe } from './shoe';
import type { Targets } from './targets';
import type { FootDims, Wear, WornFoot } from './wear';
import { ZONE_AT } from './zones';

/** A help by its name. */
export interface Help extends PutIn {
  name: string;
}
const helpOf = (trial: Trial): Help => ({ kind: trial.rule.kind, mm: trial.mm, name: nameOf(trial) });
/** Names of helps, each once. */
export const helpNames = (helps: readonly (readonly Help[] | null)[]): string[] => [...new Set(helps.flatMap((h) => h?.map((x) => x.name) ?? []))];

/** Zones to which helps simply add up, whatever foot and size. */
const ADDING = (['toe-box-depth', 'ball-width', 'ball-girth', 'instep', 'throat', 'topline', 'heel-width', 'shaft'] as const).map((id) => ZONE_AT[id]);

const TOE_ROOM = ZONE_AT['toe-room'];
const BOX = ZONE_AT['toe-box-width'];

/** Most that any two helps together raise and lower each zone, mm. */
interface HelpReach {
  up: Float64Array;
  down: Float64Array;
}
interface HelpsOn {
  singles: Trial[];
  reach: HelpReach;
}

const plan = { ...BLANK_PLAN };
const known = new WeakMap<Wear, Map<string, HelpsOn>>();

/** The helps a shoe of a kind, closure and upper may have, and how far they reach: worked out once for all its sizes. */
function helpsOn(shoe: Shoe, dims: FootDims, wear: Wear): HelpsOn {
  const own = known.get(wear) ?? new Map<string, HelpsOn>();
  known.set(wear, own);
  const key = `${shoe.kind} ${shoe.closure} ${shoe.upper} ${shoe.removableInsoleMm}`;
  const found = own.get(key) ?? { singles: trialsFor(shoe, wear, NO_AIDS), reach: reachOf(shoe, dims, wear) };
  own.set(key, found);
  return found;
}

function reachOf(shoe: Shoe, dims: FootDims, wear: Wear): HelpReach {
  // Which foot, and whether this last has a throat, makes no difference to how far a help reaches.
  const some = { ...dims, ankleKnown: true, calfKnown: true };
  const inside = { ...shoe.inside, throatGirthMm: 300, toplineGirthMm: 300, shaftGirthMm: 300 };
  const zonesWith = (worn: Wear, aids: Aids): Float64Array => {
    const zones = blankZones();
    plainZones(some, shoe, inside, plainPlanInto(inside, shoe, plan), outlineOffset(shoe, worn), worn, aids, zones);
    return zones;
  };
  const before = zonesWith(wear, NO_AIDS);
  const trials = trialsFor(shoe, wear, NO_AIDS);
  const after = trials.map((t) => zonesWith(t.wear, t.aids));
  const reach: HelpReach = { up: blankZones().fill(0), down: blankZones().fill(0) };
  for (const i of ADDING) {
    const by = after.map((zones) => zones[i] - before[i]).sort((p, q) => q - p);
    reach.up[i] = Math.max(0, by[0]) + Math.max(0, by[1]);
    reach.down[i] = -Math.min(0, by[by.length - 1]) - Math.min(0, by[by.length - 2]);
  }
  // Only a stretch gives room beside the toes; what takes it is not bounded here.
  reach.up[BOX] = Math.max(0, ...trials.map((t) => t.aids.stretchMm));
  return reach;
}

/** True when a zone lies further outside its limits than any two helps together can bring it back. */
function beyondReach({ zone, slide }: Clearances, { up, down }: HelpReach, { least, most }: Limits): boolean {
  // No help lengthens a shoe: at most it keeps the foot from running forward.
  if (zone[TOE_ROOM] + slide.centreMm < least[TOE_ROOM] - 1e-9) return true;
  if (zone[BOX] + up[BOX] < least[BOX] - 1e-9) return true;
  return ADDING.some((i) => zone[i] + up[i] < least[i] - 1e-9 || zone[i] - down[i] > most[i] + 1e-9);
}

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
  const { singles, reach } = helpsOn(shoe, dims, wear);
  if (beyondReach(seen, reach, limits)) return null;
  const inside = insideWorn(shoe, wear.hoursWorn);
  const shape = shapeOf(foot, shoe, wear);
  const distanceWith = (worn: Wear, aids: Aids): number => {
    if (atBest(dims, shape, outlineOffset(shoe, worn), shoe, inside, worn, limits, aids).margin < 0) return Infinity;
    const judged = judge(fitOnce(dims, shoe, worn, aids).zone, targets);
    return judged.fits ? judged.distance : Infinity;
  };
  const best = { helps: null as Help[] | null, distance: Infinity };
  const consider = (trials: readonly Trial[], distance: number): void => {
    if (distance < best.distance) Object.assign(best, { helps: trials.map(helpOf), distance });
  };
  for (const trial of singles) consider([trial], distanceWith(trial.wear, trial.aids));
  if (best.helps) return best.helps;
  singles.forEach((first, i) => {
    // Two helps are the same pair in either order, and of one kind there is one.
    for (const second of singles.slice(i + 1)) {
      if (second.rule === first.rule) continue;
      const both = second.rule.change(second.mm, first.aids, first.wear);
      consider([first, second], distanceWith(both.wear, both.aids));
    }
  });
  return best.helps;
}
