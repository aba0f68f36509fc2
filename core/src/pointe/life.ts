import { byId } from './by-id';
import { GRADE, gradeNear, PASTE, type PasteId } from './choices';

/** How long box and shank live, hours [model], inside students' 10 to 20 hours and professionals' a performance to about 12 [practice]. */
const BOX = { hours: 14, kg: 50, power: 0.8, sinkFromMm: 4, sinkEach: 0.05, least: 0.7 } as const;
const SHANK = { hours: 18, hypermobile: 0.85 } as const;
/** Shorter and longer than told. */
const BAND = { low: 0.6, high: 1.6 } as const;
const LEFT = { floor: 0.25, base: 3 } as const;
/** Drying: a box that rests a day is taken for dry. */
const DRY = { short: 0.35, over: 10, usual: 24 } as const;

export const POINTE_LEVELS = [
  { id: 'first', name: 'first pair', times: 1.25 },
  { id: 'student', name: 'student', times: 1 },
  { id: 'advanced', name: 'advanced', times: 0.75 },
  { id: 'professional', name: 'professional', times: 0.45 }
] as const;
export type PointeLevelId = (typeof POINTE_LEVELS)[number]['id'];
export const POINTE_LEVEL = byId(POINTE_LEVELS);
export const POINTE_FLOORS = [
  { id: 'sprung-vinyl', name: 'sprung, vinyl', times: 1 },
  { id: 'wood', name: 'wood', times: 0.95 },
  { id: 'hard', name: 'hard', times: 0.85 }
] as const;
export type PointeFloorId = (typeof POINTE_FLOORS)[number]['id'];
const FLOOR = byId(POINTE_FLOORS);
export const SWEATS = [
  { id: 'none', name: 'hardly any', times: 1 },
  { id: 'some', name: 'some', times: 0.85 },
  { id: 'much', name: 'much', times: 0.65 }
] as const;
export type SweatId = (typeof SWEATS)[number]['id'];
const SWEAT = byId(SWEATS);
export const CURES = [
  { id: 'none', name: 'nothing', low: 1, centre: 1, high: 1 },
  { id: 'shellac', name: 'shellac in the box', low: 0.95, centre: 1.2, high: 1.4 },
  { id: 'glue', name: 'glue in the box', low: 1.05, centre: 1.3, high: 1.6 }
] as const;
export type CureId = (typeof CURES)[number]['id'];
const CURE = byId(CURES);

export interface LifeWith {
  weightKg: number;
  level: PointeLevelId;
  floor: PointeFloorId;
  sweat: SweatId;
  cure: CureId;
  /** Hours a pair rests between wearings. */
  restHours: number;
  hypermobile: boolean;
  paste: PasteId;
  /** Stiffness of the shank, N m a radian; its grade lives longer the harder it is. */
  shankNm: number;
  sinkMm: number;
}
/** How dry a box gets, against a day of rest. */
export const dried = (restHours: number): number =>
  Math.min(1, (1 - DRY.short * Math.exp(-restHours / DRY.over)) / (1 - DRY.short * Math.exp(-DRY.usual / DRY.over)));
export interface Life {
  boxHours: number;
  shankHours: number;
  /** The shorter, with its low and high. */
  hours: { low: number; centre: number; high: number };
}
/** Hours a pair lives, worn so. */
export function lifeOf(w: LifeWith): Life {
  const common = (BOX.kg / w.weightKg) ** BOX.power * POINTE_LEVEL[w.level].times * FLOOR[w.floor].times;
  const sweat = SWEAT[w.sweat].times;
  const dry = dried(w.restHours);
  const boxHours =
    BOX.hours *
    common *
    PASTE[w.paste].lives *
    sweat *
    dry *
    CURE[w.cure].centre *
    Math.max(BOX.least, 1 - BOX.sinkEach * Math.max(0, w.sinkMm - BOX.sinkFromMm));
  const shankHours = SHANK.hours * common * GRADE[gradeNear(w.shankNm).id].lives * Math.sqrt(sweat * dry) * (w.hypermobile ? SHANK.hypermobile : 1);
  const centre = Math.min(boxHours, shankHours);
  return { boxHours, shankHours, hours: { low: BAND.low * centre, centre, high: BAND.high * centre } };
}
/** Share that is left after so many hours: half at its life. */
export const leftAfter = (hours: number, lifeHours: number): number => LEFT.floor + (1 - LEFT.floor) * LEFT.base ** (-hours / lifeHours);

export interface Season {
  pairs: { low: number; centre: number; high: number };
  cost: { low: number; centre: number; high: number } | null;
  /** Pairs to wear in turn. */
  inTurn: number;
}
/** Pairs for a season. @param weekDays days a week on pointe */
export function seasonOf({ hours }: Life, weeks: number, hoursAWeek: number, weekDays: number, price: number | null): Season {
  const needed = weeks * hoursAWeek;
  const pairs = { low: Math.ceil(needed / hours.high), centre: Math.ceil(needed / hours.centre), high: Math.ceil(needed / hours.low) };
  return {
    pairs,
    cost: price === null ? null : { low: price * pairs.low, centre: price * pairs.centre, high: price * pairs.high },
    inTurn: weekDays <= 1 ? 1 : weekDays <= 3 ? 2 : 3
  };
}
const PRIOR_PAIRS = 3;
/** Life after what is known of pairs that died, hours each. */
export const lifeLearned = (lifeHours: number, diedAt: readonly number[]): number =>
  diedAt.length === 0 ? lifeHours : (PRIOR_PAIRS * lifeHours + diedAt.reduce((a, b) => a + b, 0)) / (PRIOR_PAIRS + diedAt.length);
