/** From what a fitting keeps to what the fit engine takes. Used by pages, workers and the server alike. */
import { grownLength, type GrowsAs } from '@chiave/core/foot';
import {
  footAsWorn,
  type BetweenSchool,
  type BreakIn,
  type FlagId,
  type Preference,
  type RoomSchool,
  type ShopTargets,
  type Wear,
  type WornFoot
} from '@chiave/core/fit';
import {
  MEASURES,
  SIDES,
  completeFoot,
  tipsOf,
  type Conditions,
  type Foot,
  type FootInput,
  type Load,
  type PopulationId,
  type Side,
  type StateStepId
} from '@chiave/core/measure';
import type { SideBody } from './api/foot-schema';

/** In what state the feet of a fitting were read, and in what state its shoes are worn. */
export interface FootCircumstances {
  measuredAt: string;
  wornAt: string;
  measuredLoad: Load;
  measuredSockMm: number;
  measuredWarm: boolean;
  wornWarm: boolean;
  weightKg: number | null;
  feetWeightKg: number | null;
  stateOff: StateStepId[];
}

export interface FittingState extends FootCircumstances {
  openedAt: string;
  sockMm: number;
  insertMm: number;
  preference: Preference;
  breakIn: BreakIn;
  roomSchool: RoomSchool;
  betweenSchool: BetweenSchool;
  /** Targets the shop has set for itself; null where it has not. */
  shopTargets: ShopTargets | null;
  population: PopulationId;
  feet: Record<Side, SideBody>;
  customer: { born: number | null; flags: FlagId[] };
}

/** Age this year, when the year of birth is known. */
export const ageOf = ({ born }: { born: number | null }): number | undefined => (born === null ? undefined : new Date().getFullYear() - born);

const YEAR_MS = 365.25 * 24 * 3600e3;
/** Feet read longer ago than this are carried on by growth and age, years. */
const STALE_YEARS = 0.25;

/** What the years since a fitting have done to its feet; a visit of today changes nothing. */
function sinceRead({ openedAt, customer, feet }: FittingState): Pick<Conditions, 'readYearsAgo' | 'age' | 'grownMm' | 'grownSdMm'> {
  const readYearsAgo = (Date.now() - Date.parse(openedAt)) / YEAR_MS;
  const age = ageOf(customer);
  const lengthMm = feet.left.values.lengthMm?.mm ?? feet.right.values.lengthMm?.mm;
  if (!(readYearsAgo > STALE_YEARS) || age === undefined || lengthMm === undefined) return {};
  // The later end of growth, where nobody said which applies.
  const grown = grownLength(lengthMm, Math.max(0, age - readYearsAgo), readYearsAgo, 'men' satisfies GrowsAs);
  return { readYearsAgo, age, grownMm: grown.mm - lengthMm, grownSdMm: grown.sdMm };
}

/** The state the feet were read in and the state their shoes are worn in. */
export const conditionsOf = (fitting: FittingState): Conditions => ({
  measuredAt: fitting.measuredAt || undefined,
  wornAt: fitting.wornAt || undefined,
  measuredLoad: fitting.measuredLoad,
  measuredSockMm: fitting.measuredSockMm,
  measuredWarm: fitting.measuredWarm,
  wornWarm: fitting.wornWarm,
  swollen: fitting.customer.flags.includes('swollen'),
  pregnant: fitting.customer.flags.includes('pregnant'),
  gainedKg: fitting.weightKg !== null && fitting.feetWeightKg !== null ? fitting.weightKg - fitting.feetWeightKg : 0,
  ...sinceRead(fitting),
  off: fitting.stateOff
});

/** How the shoes of a fitting will be worn. */
export const wearOf = (fitting: FittingState): Wear => ({
  sockMm: fitting.sockMm,
  insertMm: fitting.insertMm,
  preference: fitting.preference,
  ...conditionsOf(fitting),
  hoursWorn: 0,
  age: ageOf(fitting.customer),
  breakIn: fitting.breakIn,
  roomSchool: fitting.roomSchool,
  betweenSchool: fitting.betweenSchool,
  shopTargets: fitting.shopTargets ?? undefined
});

/** One foot as measured, or null while it has no length. */
export function footInputOf(side: Side, body: SideBody, population: PopulationId): FootInput | null {
  if (!body.values.lengthMm) return null;
  return {
    side,
    values: Object.fromEntries(MEASURES.flatMap(({ id }) => (body.values[id] ? [[id, body.values[id]]] : []))),
    toeTipsMm: tipsOf(body.values),
    littleToeBunionMm: body.values.littleToeBunionMm?.mm,
    toeShape: body.toeShape ?? undefined,
    archType: body.archType ?? undefined,
    bunionMm: body.bunionMm ?? undefined,
    hammerToeMm: body.hammerToeMm ?? undefined,
    ankleReachDeg: body.ankleReachDeg ?? undefined,
    population
  };
}

/** Both feet, filled in; a foot without a length is left out. */
export function feetOf(fitting: FittingState): Foot[] {
  return SIDES.map((side) => footInputOf(side, fitting.feet[side], fitting.population))
    .filter((input): input is FootInput => input !== null)
    .map(completeFoot);
}

/** Whether both feet have a length, without which nothing is fitted. */
export const bothMeasured = (fitting: FittingState): boolean => SIDES.every((side) => footInputOf(side, fitting.feet[side], fitting.population) !== null);

/** Both feet in the state in which the shoes are worn; empty unless both have a length. */
export function wornFeetOf(fitting: FittingState): WornFoot[] {
  const feet = feetOf(fitting);
  return feet.length < 2 ? [] : feet.map((foot) => footAsWorn(foot, wearOf(fitting)));
}
