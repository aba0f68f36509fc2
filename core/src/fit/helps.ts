import { compileShoe, type Inside, type ShoeOutline } from '../last';
import { sockOutlineMm } from '../measure';
import type { FootShape } from '../shape';
import { compare, fitOnce, insideWorn, outlineOffset, shapeOf, type Clearances } from './clearances';
import { emptyEdge } from './edge';
import { nameOf, trialsFor, type Trial } from './help-rules';
import type { PutIn } from './put-in';
import { judge } from './judge';
import { KIND } from './kinds';
import { allWithin, limitsOf, type Limits } from './limits';
import { atBest, mostUsableRoom, plainPlanInto } from './may-fit';
import { BLANK_PLAN, blankZones, NO_AIDS, plainZones, termsOf, type Aids } from './plain-zones';
import type { Shoe } from './shoe';
import type { Targets } from './targets';
import { BALL } from './toe-room';
import type { FootDims, Wear, WornFoot } from './wear';
import { UPPER } from './uppers';
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
  /** What each adds to the zones to which helps add up, mm. */
  adds: Float64Array[];
  reach: HelpReach;
}

const plan = { ...BLANK_PLAN };
const known = new WeakMap<Wear, Map<string, HelpsOn>>();

/** The helps a shoe of a kind, closure and upper may have, and how far they reach: worked out once for all its sizes. */
function helpsOn(shoe: Shoe, dims: FootDims, wear: Wear): HelpsOn {
  const own = known.get(wear) ?? new Map<string, HelpsOn>();
  known.set(wear, own);
  const key = `${shoe.kind} ${shoe.closure} ${shoe.upper} ${shoe.removableInsoleMm}`;
  const found = own.get(key) ?? workOut(shoe, dims, wear);
  own.set(key, found);
  return found;
}

function workOut(shoe: Shoe, dims: FootDims, wear: Wear): HelpsOn {
  // Which foot, and whether this last has a throat, makes no difference to how far a help reaches.
  const some = { ...dims, ankleKnown: true, calfKnown: true };
  const inside = { ...shoe.inside, throatGirthMm: 300, toplineGirthMm: 300, shaftGirthMm: 300 };
  const zonesWith = (worn: Wear, aids: Aids): Float64Array => {
    const zones = blankZones();
    plainZones(some, termsOf(shoe, worn, aids), inside, plainPlanInto(inside, shoe, plan), outlineOffset(shoe, worn), zones);
    return zones;
  };
  const before = zonesWith(wear, NO_AIDS);
  const singles = trialsFor(shoe, wear, NO_AIDS);
  const adds = singles.map((t) => zonesWith(t.wear, t.aids).map((mm, i) => mm - before[i]));
  const reach: HelpReach = { up: blankZones().fill(0), down: blankZones().fill(0) };
  for (const i of ADDING) {
    const by = adds.map((zones) => zones[i]).sort((p, q) => q - p);
    reach.up[i] = Math.max(0, by[0]) + Math.max(0, by[1]);
    reach.down[i] = -Math.min(0, by[by.length - 1]) - Math.min(0, by[by.length - 2]);
  }
  // Only a stretch gives room beside the toes; what takes it is not bounded here.
  reach.up[BOX] = Math.max(0, ...singles.map((t) => t.aids.stretchMm));
  return { singles, adds, reach };
}

/** By how much a foot that a help moves may come to stand better than as it was placed, at its toes and beside them, mm. */
const MOVED = { roomMm: 0.3, boxMm: 1 } as const;

/**
 * The most toe room that any helps can leave, mm: none lengthens a shoe, at most it keeps the foot from running forward. Where the ball
 * keeps a foot from turning, one that stands further forward may be freer to turn.
 */
export function mostHelpedRoom(shape: FootShape, shoe: Shoe, inside: Inside, wear: Wear, seen: Clearances): number {
  const { zone, slide, shortening, placement } = seen;
  if (KIND[shoe.kind].basis === 'inside') return zone[TOE_ROOM] + slide.centreMm;
  if (!placement.heldBy.includes(BALL)) return zone[TOE_ROOM] + slide.centreMm + MOVED.roomMm;
  return mostUsableRoom(shape, inside.insoleLengthMm, sockOutlineMm(wear.sockMm)) + shortening.centreMm;
}

/** True when a zone lies further outside its limits than any two helps together can bring it back. */
function beyondReach(shape: FootShape, shoe: Shoe, inside: Inside, wear: Wear, seen: Clearances, { up, down }: HelpReach, { least, most }: Limits): boolean {
  const { zone } = seen;
  if (zone[TOE_ROOM] < least[TOE_ROOM] && mostHelpedRoom(shape, shoe, inside, wear, seen) < least[TOE_ROOM]) return true;
  if (zone[BOX] + up[BOX] + MOVED.boxMm < least[BOX]) return true;
  return ADDING.some((i) => zone[i] + up[i] < least[i] - 1e-9 || zone[i] - down[i] > most[i] + 1e-9);
}

/** True when a zone to which helps add up ends outside its limits with these. */
const addsTooMuch = (zone: Float64Array, adds: readonly Float64Array[], { least, most }: Limits): boolean =>
  ADDING.some((i) => {
    let mm = zone[i];
    for (const by of adds) mm += by[i];
    return mm < least[i] - 1e-9 || mm > most[i] + 1e-9;
  });

let outline: ShoeOutline | undefined;
const edge = emptyEdge();

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
  const { singles, adds, reach } = helpsOn(shoe, dims, wear);
  const inside = insideWorn(shoe, wear.hoursWorn);
  if (beyondReach(shapeOf(foot, shoe, wear), shoe, inside, wear, seen, reach, limits)) return null;
  const compiled = (outline = compileShoe(inside, UPPER[shoe.upper].girthShare, outline));
  const distanceWith = (worn: Wear, aids: Aids): number => {
    const shape = shapeOf(foot, shoe, worn);
    if (atBest(dims, shape, shape.offsetMm, shoe, inside, termsOf(shoe, worn, aids), limits).margin < 0) return Infinity;
    const judged = judge(compare(dims, shoe, worn, aids, { foot: shape, shoe: compiled, inside }, false, edge).zone, targets);
    return judged.fits ? judged.distance : Infinity;
  };
  const best = { helps: null as Help[] | null, distance: Infinity };
  const consider = (trials: readonly Trial[], worn: Wear, aids: Aids): void => {
    const distance = distanceWith(worn, aids);
    if (distance < best.distance) Object.assign(best, { helps: trials.map(helpOf), distance });
  };
  singles.forEach((trial, i) => {
    if (!addsTooMuch(seen.zone, [adds[i]], limits)) consider([trial], trial.wear, trial.aids);
  });
  if (best.helps) return best.helps;
  singles.forEach((first, i) => {
    for (let k = i + 1; k < singles.length; k++) {
      const second = singles[k];
      // Two helps are the same pair in either order, and of one kind there is one.
      if (second.rule === first.rule || addsTooMuch(seen.zone, [adds[i], adds[k]], limits)) continue;
      const both = second.rule.change(second.mm, first.aids, first.wear);
      consider([first, second], both.wear, both.aids);
    }
  });
  return best.helps;
}
