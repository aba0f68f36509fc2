import { CLOSURE, UPPER } from '../fit';
import { leanOf, pitchOf, type PlainGroundId } from '../heel';
import { TOE_FAMILY } from '../last';
import { AT, levelOf, type UseAttributeId } from '../attributes';
import { SOLE_DRY } from './by-kind';
import { OUR_GRIPS, surfaceAt, type Grips } from './grip';
import { lifeKm } from './life';
import type { UsePerson } from './person';
import { chosenOf, numberOf, type Answers, type NumberQuestionId, type QuestionId } from './questions';
import type { UseShoe } from './shoe';

/** For whom a use is judged, and what was answered. */
export interface UseSetting {
  person: UsePerson;
  answers: Answers;
  /** What soles and uppers grip in this shop; our estimates where it pulled nothing. */
  grips?: Grips;
}
/** The same in one use. */
export interface InUse extends UseSetting {
  /** How often and on how much a foot lands in this use; null where it does not run or walk. */
  load: { times: number; mm2: number } | null;
}
/** One of the three points of a shoe. */
export interface AtPoint {
  shoe: UseShoe;
  point: number;
  /** Room inside in front of the toes in the size that is judged, mm; null where it was not fitted. */
  roomMm: number | null;
}
/** @param column of the attribute, as `AT` has it */
const of = ({ shoe, point }: AtPoint, column: number): number => shoe.points[3 * column + point];
const level = (at: AtPoint, column: number): number => Math.round(of(at, column));

/** What is asked of the feet by a sum: the fitter is told to take it where it is missing. */
export type Needed = QuestionId | 'weightKg' | 'ankleReachDeg' | 'toeHeightMm' | 'fit';
/** A figure worked out from attributes, the person and the answers [model]; null while something of it was not taken. */
export interface Sum<Id extends string = string> {
  id: Id;
  name: string;
  unit: string;
  digits: number;
  /** Attributes it reads: it is known where they all are. */
  reads: readonly UseAttributeId[];
  needs: readonly Needed[];
  /** Made ready for a person and what was answered, once for all shoes; null where something was not taken. */
  of: (setting: InUse) => ((at: AtPoint) => number | null) | null;
  /** The figure as it is told, where that is another than the one graded. */
  told?: (value: number) => number;
  /** Numbers it takes for granted where nobody tells them. */
  assumes?: readonly NumberQuestionId[];
  /** Where shoes are to be had: a first pair is looked for in between; none where nobody could look for it. */
  range?: readonly [low: number, high: number];
}
interface More {
  range?: Sum['range'];
  assumes?: readonly NumberQuestionId[];
  told?: (value: number) => number;
  digits?: number;
  needs?: readonly Needed[];
}
const sum = <const Id extends string>(id: Id, name: string, unit: string, reads: readonly UseAttributeId[], ready: Sum['of'], { digits = 0, needs = [], ...more }: More = {}): Sum<Id> => ({ id, name, unit, digits, reads, needs, of: ready, ...more }); // prettier-ignore

const DEG = 180 / Math.PI;
const G = 9.81;
/** Flat and wedge stand on all of themselves. */
const WIDE_SHAPES = levelOf('shape', 'wedge');
const BLOCK_OR_BROADER = levelOf('shape', 'block');
const HELD = levelOf('hold', 'one-strap');
const [WIDE_TIP_MM, LOW_HEEL_MM, LOW_HEEL_DEG] = [60, 15, 45];
const WIDE_AREA_MM2 = 3500;
const CROSS_AREA = [0.785, 0.893, 1] as const;
/** Pressure that a ground bears, kPa. */
const BEARS: Readonly<Record<PlainGroundId, number>> = { lawn: 150, sand: 100, gravel: 200, parquet: 20000, stone: 20000 };
/** Half of the body on one heel, N a kg, a thousand times. */
const ON_HEEL = 4905;
/** Young's modulus of a cushion by its firmness, MPa. */
const CUSHION_MPA = [0.7, 1, 1.6, 3, 7] as const;
const MOST_GIVE = 0.6;
const between = (table: readonly number[], at: number): number => {
  const i = Math.min(table.length - 2, Math.max(0, Math.floor(at)));
  return table[i] + (at - i) * (table[i + 1] - table[i]);
};
/** A pitch below this drop asks nothing of an ankle, mm. */
const NO_PITCH_MM = 25;
/** Heel to ball inside a shoe, of the foot's length: the lever a device leans by, with its bounds. */
export const LEAN_LEVER = { low: 0.725, centre: 0.63, high: 0.545 } as const;
/** A size is a third of an inch; half an inch before the toes is usual. */
const SIZE_MM = 8.47;
const USUAL_ROOM_MM = 12.7;
/** A shoe is as wide and as heavy as its size asks. */
const sized = (shoe: UseShoe, { person }: UseSetting): number => person.lengthMm / shoe.madeForMm;
const drop = (at: AtPoint): number => of(at, AT.heel) - of(at, AT.plat);
/** Effective drop of a shoe as it is told, mm. */
export const dropOf = (shoe: UseShoe): number => drop({ shoe, point: 1, roomMm: null });
function strainOf({ person: { weightKg }, load }: InUse): ((at: AtPoint) => number) | null {
  if (weightKg === null || !load) return null;
  const mpa = (weightKg * G * load.times) / load.mm2;
  return (at) => mpa / between(CUSHION_MPA, of(at, AT.rear) - 1);
}
/** Where a choice among floors or poles stands in the tables of grip. */
const surfaceOf = ({ answers }: UseSetting, asked: 'floor' | 'pole'): number | null => {
  const said = chosenOf(answers, asked);
  return said ? surfaceAt(said[0]) : null;
};
const measured = (at: AtPoint): number => {
  // A pull that was taken scales what is usual of the sole, within reason.
  const factor = of(at, AT.dry) / SOLE_DRY[level(at, AT.sole)];
  return at.shoe.known[AT.dry] ? Math.min(1.6, Math.max(0.6, factor)) : 1;
};
const STRAPPED = { most: levelOf('hold', 'two-straps'), share: 0.7 } as const;
const HABIT_MM: Readonly<Record<string, number>> = { never: 40, sometimes: 60, often: 85 };
const LOOK_RISE = 0.845;
const OPEN_TOES = levelOf('toe', 'open');
/** A sock stands this much thicker over the toes than it is. */
const SOCK = 1.2;

// prettier-ignore
const DEFINITIONS = [
  sum('drop', 'effective drop', 'mm', ['heel', 'plat'], () => drop, { range: [0, 140] }),
  sum('reach', 'of the ankle’s reach', '', ['heel', 'plat'], ({ person: { ankleReachDeg, lengthMm } }) => ankleReachDeg === null ? null : (at) => {
    const mm = drop(at);
    return mm <= NO_PITCH_MM ? 0 : pitchOf(mm, lengthMm).centralDeg / ankleReachDeg;
  }, { digits: 2, needs: ['ankleReachDeg'] }),
  sum('tipDeg', 'tips at', '°', ['heel', 'tip', 'shape'], () => (at) => {
    const heel = of(at, AT.heel);
    if (heel < LOW_HEEL_MM) return LOW_HEEL_DEG;
    return Math.atan((level(at, AT.shape) <= WIDE_SHAPES ? WIDE_TIP_MM : of(at, AT.tip)) / 2 / heel) * DEG;
  }, { range: [0, 50] }),
  sum('grams', 'weight in this size', 'g', ['weight'], (s) => (at) => of(at, AT.weight) * sized(at.shoe, s) ** 2.5, { range: [100, 700] }),
  sum('legShare', 'adds to the weight of the leg', '%', ['weight'], (s) => s.person.weightKg === null ? null : (at) => (103 * of(at, AT.weight) * sized(at.shoe, s) ** 2.5) / (72 * s.person.weightKg!), { range: [0, 40], needs: ['weightKg'] }),
  sum('turnMu', 'grip in turns', 'µ', ['sole', 'dry'], (s) => {
    const floor = surfaceOf(s, 'floor');
    const { sole } = s.grips ?? OUR_GRIPS;
    return floor === null ? null : (at) => sole[level(at, AT.sole)][floor].mu * measured(at);
  }, { range: [0.1, 1], digits: 2, needs: ['floor'] }),
  sum('dragMu', 'drags on the floor', 'µ', [], (s) => {
    const floor = surfaceOf(s, 'floor');
    const { upper } = s.grips ?? OUR_GRIPS;
    return floor === null ? null : (at) => upper[at.shoe.upper][floor].mu;
  }, { range: [0.1, 1], digits: 2, needs: ['floor'] }),
  sum('poleMu', 'grip on the pole', 'µ', ['hold'], (s) => {
    const pole = surfaceOf(s, 'pole');
    const { upper } = s.grips ?? OUR_GRIPS;
    return pole === null ? null : (at) => upper[at.shoe.upper][pole].mu * (level(at, AT.hold) <= STRAPPED.most ? STRAPPED.share : 1);
  }, { range: [0.1, 1.2], digits: 2, needs: ['pole'] }),
  sum('strain', 'the cushion gives', 'of its height', ['rear'], strainOf, { range: [0, 0.8], digits: 2, needs: ['weightKg'] }),
  sum('give', 'gives at the heel', 'mm', ['rear', 'heel'], (s) => {
    const strain = strainOf(s);
    return strain && ((at) => of(at, AT.heel) * Math.min(MOST_GIVE, strain(at)));
  }, { range: [0, 20], digits: 1, needs: ['weightKg'] }),
  sum('tilt', 'firmer behind than in front by', 'of 5', ['fore', 'rear'], () => (at) => of(at, AT.rear) - of(at, AT.fore), { range: [-3, 3], digits: 1 }),
  sum('dropChange', 'drop changes by', 'mm', ['heel', 'plat'], ({ answers }) => {
    const worn = numberOf(answers, 'wornDrop');
    return worn === null ? null : (at) => Math.abs(drop(at) - worn);
  }, { needs: ['wornDrop'] }),
  sum('spare', 'life to spare at the race', 'km', ['rear', 'weight', 'sole'], ({ person: { weightKg }, answers }) => {
    const km = numberOf(answers, 'kmToRace');
    return km === null || weightKg === null ? null : (at) => lifeKm({ rear: of(at, AT.rear), grams: of(at, AT.weight), sole: level(at, AT.sole), weightKg, answers }).low - km;
  }, { needs: ['kmToRace', 'weightKg'], assumes: ['pairs'] }),
  sum('stirrup', 'to spare in the stirrup', 'mm', ['outside'], (s) => {
    const inner = numberOf(s.answers, 'stirrup');
    return inner === null ? null : (at) => inner - of(at, AT.outside) * sized(at.shoe, s);
  }, { needs: ['stirrup'] }),
  sum('open', 'opening over device and heel', 'mm', ['openGirth'], (s) => {
    const girth = numberOf(s.answers, 'deviceGirth');
    return girth === null ? null : (at) => of(at, AT.openGirth) * sized(at.shoe, s) - girth;
  }, { needs: ['deviceGirth'] }),
  sum('leanFore', 'leans forward past what the device allows', '°', ['heel', 'plat'], (s) => leanPast(s, 1), { digits: 1, assumes: ['deviceDrop', 'tol'] }),
  sum('leanBack', 'leans back past what the device allows', '°', ['heel', 'plat'], (s) => leanPast(s, -1), { digits: 1, assumes: ['deviceDrop', 'tol'] }),
  sum('depth', 'height to spare over the toes', 'mm', ['insole'], ({ person: { toeHeightMm, hammerToeMm, sockMm, lengthMm }, answers }) => {
    if (toeHeightMm === null) return null;
    const taken = toeHeightMm + hammerToeMm + (numberOf(answers, 'insert') ?? 0) + SOCK * sockMm;
    return (at) => (at.shoe.depthMm === null ? null : (at.shoe.depthMm * lengthMm) / at.shoe.madeForMm + of(at, AT.insole) - taken);
  }, { range: [-3, 12], digits: 1, needs: ['toeHeightMm'], assumes: ['insert'] }),
  sum('sizeOver', 'too long by', 'sizes', [], () => ({ roomMm }) => (roomMm === null ? null : (roomMm - USUAL_ROOM_MM) / SIZE_MM), { digits: 1, needs: ['fit'] }),
  sum('sink', 'the tip presses', 'times what the ground bears', ['tip', 'shape', 'cross', 'cap'], ({ person: { weightKg }, answers }) => {
    const said = chosenOf(answers, 'ground');
    return weightKg === null || !said ? null : (at) => Math.log10((ON_HEEL * weightKg) / tipAreaMm2(at) / BEARS[said[0] as PlainGroundId]);
  }, { digits: 1, needs: ['weightKg', 'ground'], told: (v) => 10 ** v }),
  sum('over', 'over what these hours allow', 'mm', ['heel', 'plat', 'hold', 'shape'], ({ answers }) => {
    const habit = chosenOf(answers, 'habit');
    const [hours, danced] = [numberOf(answers, 'hours')!, numberOf(answers, 'danceHours')!];
    return habit && ((at) => drop(at) - allowedDrop(habit[0], hours, danced, { held: level(at, AT.hold) >= HELD, broad: level(at, AT.shape) <= BLOCK_OR_BROADER }));
  }, { needs: ['habit'], assumes: ['hours', 'danceHours'] }),
  sum('gain', 'higher than wished for by', 'mm', ['heel', 'plat'], ({ answers }) => {
    const wish = numberOf(answers, 'wish');
    return wish === null ? null : (at) => of(at, AT.plat) + LOOK_RISE * drop(at) - wish;
  }, { needs: ['wish'] }),
  sum('heat', 'heat it holds', 'of 1', ['breath', 'shaft', 'toe'], () => (at) => ((1.3 * (0.35 + of(at, AT.shaft) / 450) * (5 - of(at, AT.breath))) / 4) * (level(at, AT.toe) === OPEN_TOES ? 0.6 : 1), { range: [0, 1.5], digits: 2 }),
  sum('adjust', 'its closure takes up', 'mm', [], () => ({ shoe }) => CLOSURE[shoe.closure].takesUpMm, { range: [0, 6] }),
  sum('room', 'of its tip no toe can use', 'mm', [], () => ({ shoe }) => TOE_FAMILY[shoe.family].nominalTipMm, { range: [0, 26] }),
  sum('soft', 'the upper gives', 'mm', [], () => ({ shoe }) => UPPER[shoe.upper].giveMm, { digits: 1 })
] as const;
export type SumId = (typeof DEFINITIONS)[number]['id'];
export const SUMS: readonly Sum<SumId>[] = DEFINITIONS;
export const SUM = Object.fromEntries(SUMS.map((s) => [s.id, s])) as Readonly<Record<SumId, Sum<SumId>>>;

function leanPast({ person: { lengthMm }, answers }: UseSetting, way: 1 | -1): (at: AtPoint) => number {
  const [set, tol] = [numberOf(answers, 'deviceDrop')!, numberOf(answers, 'tol')!];
  return (at) => Math.max(0, way * leanOf({ shoeDropMm: drop(at), deviceDropMm: set, leverMm: LEAN_LEVER.centre * lengthMm }) - tol);
}
/** No cap is smaller, mm. */
const LEAST_CAP_MM = 3;
/** What a heel stands on, mm2; a cap counts instead of the tip. */
export function tipAreaMm2(at: AtPoint): number {
  const cap = of(at, AT.cap);
  if (cap >= LEAST_CAP_MM) return CROSS_AREA[0] * cap * cap;
  return level(at, AT.shape) <= WIDE_SHAPES ? WIDE_AREA_MM2 : of(at, AT.tip) ** 2 * CROSS_AREA[level(at, AT.cross)];
}
/** The drop that hours and habit allow, mm [model]. */
export const allowedDrop = (habit: string, hours: number, danceHours: number, { held, broad }: { held: boolean; broad: boolean }): number =>
  HABIT_MM[habit] - 2 * (hours - danceHours - 2) - 4 * danceHours + (held ? 6 : 0) + (broad ? 6 : 0);
