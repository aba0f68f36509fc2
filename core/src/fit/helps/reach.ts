import type { ShoeMake, Wear, WornFoot } from '../shoe';
import {
  shapeOf,
  type Clearances,
  mostUsableRoom,
  plainPlanInto,
  type AtBest,
  blankZones,
  forwardMm,
  insideRoom,
  plainZones,
  shoeAsWorn,
  type ShoeAsWorn,
  BALL,
  leastUsableRoom
} from '../room';
import { BLANK_PLAN, NO_AIDS, type Aids, type FootDims, ZONE_AT, zoneSetFor } from '../zones';
import { trialsFor, type Helped, type Trial } from './definitions';
import { KIND } from '../tables';
import type { Limits } from '../judge';
import { blankInside, frontOf, type Inside } from '../../last';
import type { FootShape } from '../../shape';

const TOE_ROOM = ZONE_AT['toe-room'];
const BOX = ZONE_AT['toe-box-width'];
const BALL_GIRTH = ZONE_AT['ball-girth'];

/** How far any two helps together reach. */
export interface HelpReach {
  /** Most that they raise and lower each zone, mm. */
  up: Float64Array;
  down: Float64Array;
  /** Places of the zones that these are told of. */
  addingUp: readonly number[];
  /** Most length that one help takes, and that two take together, mm. */
  oneTakesMm: number;
  twoTakeMm: number;
  /** Thicker socks that may be tried, mm: they take length too, by the outline they add. */
  socksMm: number[];
}
export interface HelpsOn {
  singles: Trial[];
  /** What each adds to the zones to which helps add up, mm. */
  adds: Float64Array[];
  reach: HelpReach;
}

const plan = { ...BLANK_PLAN };
const known = new WeakMap<Wear, Map<string, HelpsOn>>();

/** The part of a shoe that decides how far a help reaches in it. */
type Reached = Helped & ShoeMake;

const keyOf = ({ kind, closure, upper, removableInsoleMm }: Helped): string => `${kind} ${closure} ${upper} ${removableInsoleMm}`;

/** The helps a shoe of a kind, closure and upper may have, and how far they reach: worked out once for all its sizes. */
export function helpsOn(shoe: Reached, dims: FootDims, wear: Wear): HelpsOn {
  const own = known.get(wear) ?? new Map<string, HelpsOn>();
  known.set(wear, own);
  const key = keyOf(shoe);
  const found = own.get(key) ?? workOut(shoe, dims, wear);
  own.set(key, found);
  return found;
}

/** How far helps reach, kept while sock and insert stay the same: nothing else of a wear makes a difference. */
let reached = { sockMm: NaN, insertMm: NaN, by: new Map<string, HelpReach>() };

function reachOf(shoe: Reached, dims: FootDims, wear: Wear): HelpReach {
  const { sockMm, insertMm } = wear;
  if (reached.sockMm !== sockMm || reached.insertMm !== insertMm) reached = { sockMm, insertMm, by: new Map() };
  const key = keyOf(shoe);
  const found = reached.by.get(key) ?? helpsOn(shoe, dims, wear).reach;
  reached.by.set(key, found);
  return found;
}

function workOut(shoe: Reached, dims: FootDims, wear: Wear): HelpsOn {
  const { count, addingUp } = zoneSetFor(KIND[shoe.kind]);
  // A help reaches as far on any foot and any last, so one stands for all.
  const some = { ...dims, ankleKnown: true, calfKnown: true };
  const inside = { ...blankInside(), throatGirthMm: 300, toplineGirthMm: 300, shaftGirthMm: 300 };
  const zonesWith = (worn: Wear, aids: Aids): Float64Array => {
    const zones = blankZones(count);
    const asWorn = shoeAsWorn(shoe, worn, aids);
    plainZones(some, asWorn, inside, plainPlanInto(inside, asWorn.girthShare, plan), zones);
    return zones;
  };
  const before = zonesWith(wear, NO_AIDS);
  const singles = trialsFor(shoe, { wear, aids: NO_AIDS });
  const adds = singles.map((t) => zonesWith(t.wear, t.aids).map((mm, i) => mm - before[i]));
  const fillerMm = Math.max(0, ...singles.map((t) => t.aids.toeFillerMm));
  const gripMm = Math.max(0, ...singles.map((t) => t.aids.heelGripMm));
  const reach: HelpReach = {
    up: blankZones(count).fill(0),
    down: blankZones(count).fill(0),
    addingUp,
    oneTakesMm: Math.max(fillerMm, gripMm),
    twoTakeMm: fillerMm + gripMm,
    socksMm: [...new Set(singles.map((t) => t.wear.sockMm))].filter((mm) => mm !== wear.sockMm)
  };
  for (const i of addingUp) {
    const by = adds.map((zones) => zones[i]).sort((p, q) => q - p);
    reach.up[i] = Math.max(0, by[0]) + Math.max(0, by[1]);
    reach.down[i] = -Math.min(0, by[by.length - 1]) - Math.min(0, by[by.length - 2]);
  }
  // Only a stretch gives room beside the toes. What takes room there is not bounded.
  reach.up[BOX] = Math.max(0, ...singles.map((t) => t.aids.stretchMm));
  return { singles, adds, reach };
}

/**
 * A margin, not a bound: by how much a foot that a help moves may come to stand better than as it was placed, at its toes and beside them,
 * as long as it does not turn, mm. In 60,000 pairs 0.16 was the most beside them; no proof says that it cannot be more. A pair that needs
 * more is told as one that no help makes fit.
 */
const MARGIN = { roomMm: 0.3, boxMm: 0.5 } as const;

/** The most room beside the toes that any helps can leave, mm: only a stretch gives any, and a foot may come to stand turned another way. */
export const mostHelpedBox = (shape: FootShape, { zone, placement }: Clearances, stretchMm: number): number =>
  zone[BOX] + stretchMm + MARGIN.boxMm + placement.freeTurn * shape.lengthMm;

/**
 * The most toe room that any helps can leave, mm. No help lengthens a shoe; the most it does is to keep the foot from running forward.
 * Where the ball stops the turn, a foot that stands further forward may turn further, so the insole alone bounds it.
 */
export function mostHelpedRoom(shape: FootShape, worn: ShoeAsWorn, inside: Inside, seen: Clearances): number {
  const { zone, slide, shortening, placement } = seen;
  if (!worn.usable) return zone[TOE_ROOM] + slide.centreMm;
  if (!placement.heldBy.includes(BALL)) return zone[TOE_ROOM] + slide.centreMm + MARGIN.roomMm;
  return mostUsableRoom(shape, inside.insoleLengthMm, worn.sockMm) + shortening.centreMm;
}

function addsTooLittle(zone: Float64Array, { up, down, addingUp }: HelpReach, { least, most }: Limits): boolean {
  for (const i of addingUp) if (zone[i] + up[i] < least[i] - 1e-9 || zone[i] - down[i] > most[i] + 1e-9) return true;
  return false;
}

/** Two questions whose answer "yes" means that no helps make a size and width fit. */
export interface BeyondHelp {
  /**
   * Is it too long for any two helps? Helps take their length, the foot runs forward as far as a ball with the most room lets it, and the
   * room that is left is still too much.
   * @param inside of the shoe as worn
   * @param flatMm the least toe room of the flat foot
   * @param ballMm girth room of its ball
   */
  tooLong: (foot: WornFoot, inside: Inside, flatMm: number, ballMm: number) => boolean;
  /** Is any zone out of reach? @param best what the foot can at best come out as with nothing put in */
  beyond: (foot: WornFoot, inside: Inside, best: AtBest) => boolean;
}

/** Works out what lies beyond help in a style. @param asWorn it with nothing put in */
export function beyondHelp(shoe: Reached, asWorn: ShoeAsWorn, dims: FootDims, wear: Wear, limits: Limits): BeyondHelp {
  const reach = reachOf(shoe, dims, wear);
  const most = limits.most[TOE_ROOM];
  // Worked out when a shoe is long: most styles have none that is.
  let socked: { worn: Wear; asWorn: ShoeAsWorn }[] | undefined;
  const flatIn = (foot: WornFoot, worn: Wear, inSock: ShoeAsWorn, inside: Inside): number =>
    inSock.usable ? leastUsableRoom(shapeOf(foot, shoe, worn), frontOf(inside, inSock.girthShare), inSock.sockMm) : insideRoom(foot.dims, inside, inSock);
  const tooLong = (foot: WornFoot, inside: Inside, flatMm: number, ballMm: number): boolean => {
    const stays = (flat: number, as: ShoeAsWorn): boolean => flat - forwardMm(foot.dims, as, ballMm + reach.up[BALL_GIRTH], flat) > most;
    if (!stays(flatMm - reach.twoTakeMm, asWorn)) return false;
    socked ??= reach.socksMm.map((sockMm) => ({ worn: { ...wear, sockMm }, asWorn: shoeAsWorn(shoe, { ...wear, sockMm }, NO_AIDS) }));
    return socked.every((sock) => stays(flatIn(foot, sock.worn, sock.asWorn, inside) - reach.oneTakesMm, sock.asWorn));
  };
  const beyond = (foot: WornFoot, inside: Inside, { zone, flatMm }: AtBest): boolean =>
    addsTooLittle(zone, reach, limits) || (zone[TOE_ROOM] > most && tooLong(foot, inside, flatMm, zone[BALL_GIRTH]));
  return { tooLong, beyond };
}

/** True when a zone lies further outside its limits than any two helps together bring it back. @param worn the shoe with nothing put in */
export function beyondReach(shape: FootShape, worn: ShoeAsWorn, inside: Inside, seen: Clearances, reach: HelpReach, limits: Limits): boolean {
  const { zone } = seen;
  const { least } = limits;
  if (zone[TOE_ROOM] < least[TOE_ROOM] && mostHelpedRoom(shape, worn, inside, seen) < least[TOE_ROOM]) return true;
  return mostHelpedBox(shape, seen, reach.up[BOX]) < least[BOX] || addsTooLittle(zone, reach, limits);
}
