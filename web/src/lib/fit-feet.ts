/** From what a fitting keeps to what the fit engine takes. Used by pages, workers and the server alike. */
import { grownLength, type GrowsAs } from '@chiave/core/foot';
import { footAsWorn, stateOfFlags, type Wear, type WornFoot } from '@chiave/core/fit';
import {
  MEASURES,
  SIDES,
  completeFoot,
  HEIGHT_IDS,
  tipsOf,
  type Conditions,
  type Foot,
  type FootInput,
  type PopulationId,
  type Side,
  type TakenId
} from '@chiave/core/measure';
import { contourOf, type FootContour } from '@chiave/core/shape';
import { footLineProblem } from '@chiave/core/tracing';
import type { SideBody, TakenValue } from './api/foot-schema';
import type { InstrumentCorrection } from './api/instrument-schema';
import type { CustomerRow, FittingRow, OutlineRow } from './api/rows';

/** What of a fitting the fit engine goes by. */
export type FittingState = Pick<
  FittingRow,
  | 'openedAt'
  | 'sockMm'
  | 'insertMm'
  | 'preference'
  | 'breakIn'
  | 'roomSchool'
  | 'betweenSchool'
  | 'shopTargets'
  | 'shopInstruments'
  | 'population'
  | 'feet'
  | 'measuredAt'
  | 'wornAt'
  | 'measuredLoad'
  | 'measuredSockMm'
  | 'measuredWarm'
  | 'wornWarm'
  | 'weightKg'
  | 'feetWeightKg'
  | 'stateOff'
  | 'outlines'
> & { customer: Pick<CustomerRow, 'born' | 'flags'> };

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
  ...stateOfFlags(fitting.customer.flags),
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

/** Outlines smoothed last, by what they say: a fitting is sent to its worker again and again. */
const contours = new Map<string, FootContour | undefined>();
const MOST_CONTOURS = 12;
function contourFrom(outline: OutlineRow, side: Side): FootContour | undefined {
  const key = JSON.stringify([side, outline]);
  if (contours.has(key)) return contours.get(key);
  if (contours.size >= MOST_CONTOURS) contours.delete(contours.keys().next().value!);
  const points = outline.map(([x, y]) => ({ x, y }));
  // A line that was kept before lines were looked at may be no foot's: the model stands in for it.
  const contour = footLineProblem(points, side) === null ? contourOf(points) : undefined;
  contours.set(key, contour);
  return contour;
}

/** A value as the fit takes it: what its instrument was found to be off by is taken off, and its error is that instrument's own. */
export function corrected(id: TakenId, value: TakenValue, corrections: readonly InstrumentCorrection[]): TakenValue {
  const own = corrections.find((c) => c.measure === id && c.how === value.how && value.at !== null && value.at >= c.from);
  // Two readings together are no longer one reading of one instrument: its bias stays in both, its error is theirs.
  return own ? { ...value, mm: value.mm - own.biasMm, ...(value.readings.length === 0 ? { sdMm: own.sdMm } : {}) } : value;
}

/** What is known around a foot when it goes into the fit. */
interface FootAround {
  population: PopulationId;
  outline?: OutlineRow | null;
  corrections?: readonly InstrumentCorrection[];
}
/** One foot as measured, or null while it has no length. */
export function footInputOf(side: Side, body: SideBody, { population, outline = null, corrections = [] }: FootAround): FootInput | null {
  if (!body.values.lengthMm) return null;
  return {
    side,
    values: Object.fromEntries(
      MEASURES.flatMap(({ id }) => {
        const value = body.values[id];
        return value ? [[id, corrected(id, value, corrections)]] : [];
      })
    ),
    toeTipsMm: tipsOf(body.values),
    heights: Object.fromEntries(
      HEIGHT_IDS.flatMap((id) => {
        const value = body.values[id];
        return value ? [[id, corrected(id, value, corrections)]] : [];
      })
    ),
    littleToeBunionMm: body.values.littleToeBunionMm?.mm,
    toeShape: body.toeShape ?? undefined,
    archType: body.archType ?? undefined,
    bunionMm: body.bunionMm ?? undefined,
    hammerToeMm: body.hammerToeMm ?? undefined,
    hammerToe: body.hammerToe ?? undefined,
    ankleReachDeg: body.ankleReachDeg ?? undefined,
    population,
    contour: outline ? contourFrom(outline, side) : undefined
  };
}

/** Both feet, filled in; a foot without a length is left out. */
export function feetOf(fitting: FittingState): Foot[] {
  return SIDES.map((side) =>
    footInputOf(side, fitting.feet[side], { population: fitting.population, outline: fitting.outlines[side], corrections: fitting.shopInstruments })
  )
    .filter((input): input is FootInput => input !== null)
    .map(completeFoot);
}

/** Whether both feet have a length, without which nothing is fitted. */
export const bothMeasured = (fitting: FittingState): boolean => SIDES.every((side) => footInputOf(side, fitting.feet[side], fitting) !== null);

/** Both feet in the state in which the shoes are worn; empty unless both have a length. */
export function wornFeetOf(fitting: FittingState): WornFoot[] {
  const feet = feetOf(fitting);
  return feet.length < 2 ? [] : feet.map((foot) => footAsWorn(foot, wearOf(fitting)));
}
