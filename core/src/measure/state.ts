import { dayShare, DAY_GROWTH, hourOf } from './day';
import type { ArchType, Foot, FootValue } from './foot';
import { MEASURES, type MeasureId } from './measures';
import type { Load } from './ways';
import { sockGirthMm, sockOutlineMm } from './sock';

/** In what state a foot was read and in what state its shoes are worn. What is not known changes nothing. */
export interface Conditions {
  measuredAt?: string;
  wornAt?: string;
  /** Weight on the foot and sock on it (mm) while it was read, for values that do not say it themselves. */
  measuredLoad?: Load;
  measuredSockMm?: number;
  /** Read after hours on the feet or in the heat; worn through a warm or long day. */
  measuredWarm?: boolean;
  wornWarm?: boolean;
  swollen?: boolean;
  pregnant?: boolean;
  /** Body weight now less body weight when the foot was read, kg. */
  gainedKg?: number;
  /** Years since the feet were read, and the wearer's age now. */
  readYearsAgo?: number;
  age?: number;
  /** What a growing foot has gained in length since it was read, mm, and how surely (see `grownLength`). */
  grownMm?: number;
  grownSdMm?: number;
  /** Steps switched off. */
  off?: readonly StateStepId[];
}

export const STATE_STEP_IDS = ['load', 'sock', 'day', 'warm', 'swollen', 'pregnant', 'weight', 'grown', 'age'] as const;
export type StateStepId = (typeof STATE_STEP_IDS)[number];

/** One step from the foot as read to the foot as worn, with what it does to length, ball width and ball girth, mm. */
export interface StateStep {
  id: StateStepId;
  what: string;
  lengthMm: number;
  widthMm: number;
  girthMm: number;
  /** Added to the deviation of length and girth, mm. */
  sdMm: number;
  source: string;
  on: boolean;
}

type Group = 'length' | 'width' | 'girth' | 'height';
const LENGTHS = new Set<MeasureId>(['lengthMm', 'ballLengthMm', 'outerBallLengthMm']);
const WIDTHS = new Set<MeasureId>(['ballWidthMm', 'heelWidthMm']);
const HEIGHTS = new Set<MeasureId>(['toeHeightMm', 'littleToeHeightMm']);
const groupOf = (id: MeasureId): Group => (LENGTHS.has(id) ? 'length' : WIDTHS.has(id) ? 'width' : HEIGHTS.has(id) ? 'height' : 'girth');

/** What a step does: a share of the value and millimetres on top, by group of measures. */
interface Effect {
  share: Partial<Record<Group, number>>;
  mm: Partial<Record<Group, number>>;
  sdMm: number;
}
interface StepRule {
  id: StateStepId;
  source: string;
  /** Null where the step does not arise. */
  effect: (c: Conditions, foot: Foot) => (Effect & { what: string }) | null;
}

/** From seated to standing, mm (published 2 to 4 of length, 3 to 5 of width, from memory). */
const STANDING = { lengthMm: 3, widthMm: 4, girthShare: 0.01 };
/** From off the floor to full weight (Tsung 2003, from memory): + 3.4 % of length, + 6.0 % of width. */
const LOADED = { length: 0.034, width: 0.06, girth: 0.02 };
/** A low, soft arch gives way more under weight [estimate]. */
const ARCH_GIVES: Readonly<Record<ArchType, number>> = { low: 1.3, medium: 1, high: 0.75 };
/** A warm or long day, share of girth [estimate]. */
const WARM = 0.01;
/** Told of swelling: more than the day's, and how much is not known [estimate]. */
const SWOLLEN = 0.02;
/** Girth by a kilogram of body weight [estimate]. */
const BY_KG = { girth: 0.0015, length: 0.0002 };

/** Arches drop through the sixties and seventies: a year's share of length and width; school B sees weight alone at work [estimate]. */
const BY_YEAR = { from: 60, to: 80, length: 0.0008, width: 0.0015, leastYears: 0.5, sdMm: 0.3 };

const RULES: readonly StepRule[] = [
  {
    id: 'load',
    source: 'published ranges, from memory; girth: estimate',
    effect: ({ measuredLoad }, { archType }) => {
      const gives = ARCH_GIVES[archType];
      if (measuredLoad === 'seated')
        return {
          what: 'read seated, worn standing',
          share: { girth: STANDING.girthShare * gives },
          mm: { length: STANDING.lengthMm * gives, width: STANDING.widthMm * gives },
          sdMm: 1
        };
      if (measuredLoad === 'off')
        return {
          what: 'read off the floor, worn standing',
          share: { length: LOADED.length * gives, width: LOADED.width * gives, girth: LOADED.girth * gives },
          mm: {},
          sdMm: 2
        };
      return null;
    }
  },
  {
    id: 'sock',
    source: 'estimate',
    effect: ({ measuredSockMm = 0 }) =>
      measuredSockMm <= 0
        ? null
        : {
            what: `read in a sock of ${measuredSockMm} mm`,
            share: {},
            mm: {
              length: -2 * sockOutlineMm(measuredSockMm),
              width: -2 * sockOutlineMm(measuredSockMm),
              girth: -sockGirthMm(measuredSockMm),
              height: -measuredSockMm
            },
            sdMm: 0.3
          }
  },
  {
    id: 'day',
    source: DAY_GROWTH.source,
    effect: ({ measuredAt, wornAt }) => {
      const from = measuredAt === undefined ? null : hourOf(measuredAt);
      const to = wornAt === undefined ? null : hourOf(wornAt);
      if (from === null || to === null) return null;
      const share = dayShare(to) - dayShare(from);
      if (share === 0) return null;
      const girth = share * DAY_GROWTH.girth;
      return {
        what: share > 0 ? 'worn later in the day' : 'worn earlier in the day',
        share: { length: share * DAY_GROWTH.length, width: girth, girth, height: girth },
        mm: {},
        sdMm: 0
      };
    }
  },
  {
    id: 'warm',
    source: 'estimate: a warm or long day is one part in a hundred of girth',
    effect: ({ measuredWarm = false, wornWarm = false }) => {
      const way = Number(wornWarm) - Number(measuredWarm);
      return way === 0
        ? null
        : { what: way > 0 ? 'worn through a warm or long day' : 'read warm, worn rested', share: { girth: way * WARM, width: way * WARM }, mm: {}, sdMm: 1 };
    }
  },
  {
    id: 'swollen',
    source: 'estimate; how much is not known: fit late in the day, with a closure that gives',
    effect: ({ swollen }) => (swollen ? { what: 'feet that swell', share: { girth: SWOLLEN, width: SWOLLEN / 2 }, mm: {}, sdMm: 3 } : null)
  },
  {
    id: 'pregnant',
    source: 'Segal 2013, from memory: two to ten millimetres longer for good in most; when is not known, so only the doubt grows',
    effect: ({ pregnant }) => (pregnant ? { what: 'pregnancy lengthens feet', share: {}, mm: {}, sdMm: 3 } : null)
  },
  {
    id: 'weight',
    source: 'estimate',
    effect: ({ gainedKg = 0 }) =>
      Math.abs(gainedKg) < 0.5
        ? null
        : {
            what: `${Math.abs(gainedKg).toFixed(0)} kg ${gainedKg > 0 ? 'heavier' : 'lighter'} than when read`,
            share: { girth: gainedKg * BY_KG.girth, width: gainedKg * BY_KG.girth, length: gainedKg * BY_KG.length },
            mm: {},
            sdMm: Math.abs(gainedKg) * 0.1
          }
  },
  {
    id: 'grown',
    source: 'Anderson 1956, from memory; widths and girths in proportion: estimate. Better measured again',
    effect: ({ grownMm = 0, grownSdMm = 0 }, { values }) => {
      const share = grownMm / values.lengthMm.mm;
      return grownMm < 1
        ? null
        : { what: 'grown since it was read', share: { length: share, width: share, girth: share, height: share }, mm: {}, sdMm: grownSdMm };
    }
  },
  {
    id: 'age',
    source: 'estimate. One school: arches drop with age, feet grow longer and wider; the other: only body weight does it, so switch this off',
    effect: ({ age = 0, readYearsAgo = 0 }) => {
      const years = Math.min(BY_YEAR.to, age) - Math.max(BY_YEAR.from, age - readYearsAgo);
      return years < BY_YEAR.leastYears
        ? null
        : {
            what: `${years.toFixed(years < 2 ? 1 : 0)} years past sixty since it was read`,
            share: { length: years * BY_YEAR.length, width: years * BY_YEAR.width, girth: years * BY_YEAR.length },
            mm: {},
            sdMm: years * BY_YEAR.sdMm
          };
    }
  }
];

const ownConditions = ({ under, sockMm }: FootValue, conditions: Conditions): Conditions => ({
  ...conditions,
  measuredLoad: under ?? conditions.measuredLoad,
  measuredSockMm: sockMm ?? conditions.measuredSockMm
});

const applied = (value: FootValue, group: Group, { share, mm, sdMm }: Effect): FootValue => ({
  ...value,
  mm: value.mm * (1 + (share[group] ?? 0)) + (mm[group] ?? 0),
  sdMm: group === 'height' ? value.sdMm : Math.hypot(value.sdMm, sdMm)
});

/**
 * The foot in the state in which its shoes are worn, from the foot in the state in which it was read. The sock worn in the
 * shoe is no part of it: the fit lays it on.
 * @returns the foot as worn and every step that arises, in order, with its amounts; steps switched off are listed and change nothing
 * @example footInState(foot, { measuredLoad: 'seated' }).steps[0].lengthMm // 3
 */
export function footInState(foot: Foot, conditions: Conditions): { foot: Foot; steps: StateStep[] } {
  let values = foot.values;
  const steps: StateStep[] = [];
  for (const { id, source, effect } of RULES) {
    // Each value goes from the state it was read in itself: a girth taped seated beside a length read standing.
    const effects = MEASURES.map((m) => effect(ownConditions(foot.values[m.id], conditions), foot));
    const found = effects.find((e) => e !== null);
    if (!found) continue;
    const on = !(conditions.off ?? []).includes(id);
    const next = Object.fromEntries(MEASURES.map((m, i) => [m.id, effects[i] ? applied(values[m.id], groupOf(m.id), effects[i]) : values[m.id]])) as Record<
      MeasureId,
      FootValue
    >;
    steps.push({
      id,
      what: found.what,
      lengthMm: next.lengthMm.mm - values.lengthMm.mm,
      widthMm: next.ballWidthMm.mm - values.ballWidthMm.mm,
      girthMm: next.ballGirthMm.mm - values.ballGirthMm.mm,
      sdMm: found.sdMm,
      source,
      on
    });
    if (on) values = next;
  }
  return { foot: values === foot.values ? foot : { ...foot, values }, steps };
}

/** A morning reading for an evening shoe is flagged: the foot is yet to grow by most of its day. */
export function readTooEarly({ measuredAt, wornAt }: Pick<Conditions, 'measuredAt' | 'wornAt'>): boolean {
  const from = measuredAt === undefined ? null : hourOf(measuredAt);
  const to = wornAt === undefined ? null : hourOf(wornAt);
  return from !== null && to !== null && dayShare(to) - dayShare(from) > 0.5;
}

/** Length and ball girth of a foot through the day, hour by hour, everything else as it is worn. */
export function dayOf(foot: Foot, conditions: Conditions, hours: readonly number[]): { hour: number; lengthMm: number; girthMm: number }[] {
  return hours.map((hour) => {
    const { foot: at } = footInState(foot, { ...conditions, wornAt: `${String(hour).padStart(2, '0')}:00` });
    return { hour, lengthMm: at.values.lengthMm.mm, girthMm: at.values.ballGirthMm.mm };
  });
}

/** How much a raised heel spreads the ball, as share of its girth: none up to a low heel, one part in a hundred at 75 mm [estimate]. */
export const heelSpreadShare = (dropMm: number): number => Math.min(0.015, Math.max(0, (dropMm - 25) / 50) * 0.01);
