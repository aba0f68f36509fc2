import type { Side } from '../../measure';
import { zonesOf, judge, targetsFor, type Targets } from '../judge';
import { FORECAST_WORDS, SENTENCE, worstWords, type SpokenFoot } from '../words';
import { ZONE, type ZoneId } from '../zones';
import { fitOnce } from '../room';
import { wornWith, type PairPutIn } from '../helps';
import { type Shoe, footAsWorn, type Wear, type WornFoot } from '../shoe';
import { girthGrowthMm, UPPER } from '../tables';

/** Hours a forecast is drawn at: a pair's first evening to most of its life. */
export const FORECAST_HOURS = [0, 1, 2, 4, 8, 16, 24, 40, 60, 80, 120, 180, 250, 350] as const;
/** What a pair is like later is told after so many hours: most of what leather gives is given. */
export const LATER_HOURS = 40;
/** An upper that shrinks, washed hot: mm of girth a wash, up to three [estimate; that it does: practice]. */
export const SHRINK_A_WASH = { girthMm: 2, most: 3 } as const;

export interface ForecastPoint {
  hours: number;
  fits: boolean;
  /** Clearance of each worn zone, mm, one record a foot. */
  zones: Partial<Record<ZoneId, number>>[];
}

export interface Forecast {
  points: ForecastPoint[];
  sides: Side[];
  targets: Targets;
  /** Zones that hours of wear change, which the points tell. */
  zones: readonly ZoneId[];
  /** Hours from which all zones of all feet lie within their limits, and from which they no longer do; null for never. */
  fitsFrom: number | null;
  looseFrom: number | null;
  /** Girth the upper gives in the end, and by when most of it is given. */
  growsMm: number;
  growHours: number;
  /** In words, by the school that judges now and the school that lets leather mould. */
  now: string;
  mould: string;
}

/** How finely the hours of a change are told. */
const STEPS = 24;

/**
 * What becomes of a pair over its hours of wear: girth and width grow by material, heels soften, length never changes. Both schools of
 * break-in speak; the first rules for sport, toes and pain. What is put in stays in, as thick as it was.
 * @param washes hot washes of a knit
 * @param put what is put into either shoe
 */
export function forecast(feet: readonly WornFoot[], shoe: Shoe, wear: Wear, washes = 0, put: PairPutIn = {}): Forecast {
  // What is worn is judged as it then is: no further allowance for moulding.
  const targets = targetsFor(shoe, { ...wear, breakIn: 'now' });
  const wearing = zonesOf(targets).inOrder.filter(({ id }) => ZONE[id].wears);
  const shrunk = UPPER[shoe.upper].shrinks ? SHRINK_A_WASH.girthMm * Math.min(SHRINK_A_WASH.most, Math.max(0, washes)) : 0;
  const { inside } = shoe;
  const washed: Shoe =
    shrunk > 0
      ? {
          ...shoe,
          inside: {
            ...inside,
            ballGirthMm: inside.ballGirthMm - shrunk,
            waistGirthMm: inside.waistGirthMm - shrunk,
            instepGirthMm: inside.instepGirthMm - shrunk
          }
        }
      : shoe;
  const helped = feet.map((foot) => wornWith(shoe, wear, put[foot.foot.side]));
  const at = (hours: number): { spoken: SpokenFoot[]; fits: boolean } => {
    const spoken = feet.map((foot, f): SpokenFoot => {
      const worn: Wear = { ...helped[f].wear, hoursWorn: wear.hoursWorn + hours, breakIn: 'now' };
      const c = fitOnce(foot.dims, washed, worn, helped[f].aids);
      return { side: foot.foot.side, zone: c.zone, targets, toe: c.placement.toe, decidedBy: judge(c.zone, targets).decidedBy };
    });
    return { spoken, fits: spoken.every((s) => judge(s.zone, targets).fits) };
  };
  const points = FORECAST_HOURS.map((hours): ForecastPoint => {
    const { spoken, fits } = at(hours);
    return { hours, fits, zones: spoken.map((s) => Object.fromEntries(wearing.map(({ id, at }) => [id, s.zone[at]]))) };
  });
  const change = (from: number, to: number, wanted: boolean): number => {
    let [low, high] = [from, to];
    for (let i = 0; i < STEPS; i++) {
      const middle = (low + high) / 2;
      if (at(middle).fits === wanted) high = middle;
      else low = middle;
    }
    return high;
  };
  const first = points.findIndex((p) => p.fits);
  const fitsFrom = first < 0 ? null : first === 0 ? 0 : change(points[first - 1].hours, points[first].hours, true);
  const last = first < 0 ? -1 : points.findIndex((p, i) => i > first && !p.fits);
  const looseFrom = last < 0 ? null : change(points[last - 1].hours, points[last].hours, false);
  const growsMm = girthGrowthMm(shoe.upper, 1e6) - girthGrowthMm(shoe.upper, wear.hoursWorn);
  return {
    points,
    sides: feet.map((f) => f.foot.side),
    targets,
    zones: wearing.map(({ id }) => id),
    fitsFrom,
    looseFrom,
    growsMm,
    growHours: UPPER[shoe.upper].growHours,
    ...wordsOf(at(0).spoken, at(LATER_HOURS).spoken, fitsFrom, looseFrom)
  };
}

/** When a foot is smallest and when it is largest. */
export const DAY_ENDS = { waking: '07:00', afternoon: '16:00' } as const;

/** The same feet at one end of the day; read at noon where nobody said when. Where the step of the day is switched off they are the same. */
export const feetAt = (feet: readonly WornFoot[], wear: Wear, end: keyof typeof DAY_ENDS): WornFoot[] =>
  feet.map(({ foot }) => footAsWorn(foot, { ...wear, measuredAt: wear.measuredAt || 'noon', wornAt: DAY_ENDS[end] }));

const worst = (spoken: readonly SpokenFoot[]): string => worstWords(spoken)[0] ?? SENTENCE.rightAllRound;

function wordsOf(now: readonly SpokenFoot[], later: readonly SpokenFoot[], fitsFrom: number | null, looseFrom: number | null): { now: string; mould: string } {
  const mould = fitsFrom === null ? FORECAST_WORDS.never(LATER_HOURS, worst(later)) : FORECAST_WORDS.fits(fitsFrom, looseFrom);
  return { now: FORECAST_WORDS.now(worst(now)), mould };
}
