import { inverse, Matrix } from 'ml-matrix';
import type { Side } from './foot';
import { MEASURES, type MeasureId } from './measures';

/**
 * How the measures of two feet go together: logarithms of the values, normal, with shared causes. The means are the
 * proportions of the table of measures; spreads and correlations are this project's own model [estimate], not a survey.
 */
export interface JointValue {
  side: Side;
  id: MeasureId;
  mm: number;
  sdMm: number;
}

/** What the other values expect of one value. */
export interface JointReading extends JointValue {
  expectedMm: number;
  /** Deviation of the value given all the others, mm. */
  conditionalSdMm: number;
  /** Deviations the value stands from what the others expect. */
  z: number;
}

export interface JointJudgement {
  each: JointReading[];
  /** Squared distance of the whole set, and the chance that an honest set stands further out. */
  distance: number;
  rarity: number;
}

/** Length of a foot of unknown age: wide, so that children's feet are not odd for being small. */
const LENGTH_MEAN_MM = 250;
const LENGTH_SD = 0.35;
/** One foot's length against the other's: a mean difference of 2 mm (published, weak) is a deviation of 1.8 mm a foot. */
const SIDE_LENGTH_SD = 0.007;

/**
 * Loadings on the causes that people share, as share of the value, and what is a measure's own [estimate]:
 * `full` a broad or slender foot, `volume` a high or flat one, `joint` where the joints lie, `leg` a strong or thin leg.
 */
interface Spread {
  full?: number;
  volume?: number;
  joint?: number;
  leg?: number;
  /** Own to the person, alike on both feet. */
  own: number;
  /** Own to one foot. */
  side: number;
}
const SPREADS: Readonly<Record<MeasureId, Spread>> = {
  lengthMm: { own: 0, side: 0 },
  ballLengthMm: { joint: 0.018, own: 0.011, side: 0.009 },
  outerBallLengthMm: { joint: 0.016, own: 0.015, side: 0.011 },
  ballWidthMm: { full: 0.043, own: 0.019, side: 0.014 },
  heelWidthMm: { full: 0.03, own: 0.036, side: 0.017 },
  ballGirthMm: { full: 0.043, volume: 0.01, own: 0.016, side: 0.012 },
  waistGirthMm: { full: 0.038, volume: 0.02, own: 0.02, side: 0.013 },
  instepGirthMm: { full: 0.034, volume: 0.028, own: 0.02, side: 0.013 },
  shortHeelGirthMm: { full: 0.03, volume: 0.024, own: 0.02, side: 0.012 },
  toeHeightMm: { full: 0.03, own: 0.07, side: 0.03 },
  littleToeHeightMm: { full: 0.03, own: 0.09, side: 0.04 },
  ankleGirthMm: { full: 0.025, leg: 0.05, own: 0.035, side: 0.012 },
  calfGirthMm: { full: 0.02, leg: 0.07, own: 0.045, side: 0.012 }
};

/** Share of length a measure has on the average foot, through the nearest proportion of the table. */
export const RATIO_OF: Readonly<Record<MeasureId, number>> = Object.fromEntries(
  MEASURES.map(({ id, from }) => [id, id === 'lengthMm' ? 1 : from[from.length - 1].ratio])
) as Record<MeasureId, number>;

const CAUSES = ['full', 'volume', 'joint', 'leg'] as const;

/** How two measures of one person go together beside the length of the feet, as a covariance of shares of their values. */
export function alikeShare(a: Pick<JointValue, 'side' | 'id'>, b: Pick<JointValue, 'side' | 'id'>): number {
  const [p, q] = [SPREADS[a.id], SPREADS[b.id]];
  let sum = 0;
  for (const cause of CAUSES) sum += (p[cause] ?? 0) * (q[cause] ?? 0);
  if (a.id === b.id) sum += p.own ** 2;
  if (a.side === b.side) {
    sum += SIDE_LENGTH_SD ** 2;
    if (a.id === b.id) sum += p.side ** 2;
  }
  return sum;
}
function covariance(a: JointValue, b: JointValue): number {
  const reading = a.side === b.side && a.id === b.id ? (a.sdMm / a.mm) ** 2 : 0;
  return LENGTH_SD ** 2 + alikeShare(a, b) + reading;
}

/**
 * Judges a set of measures of one or two feet jointly.
 * @param values at least two, each side and measure once, mm above nought
 * @throws RangeError with fewer than two values
 * @example judgeJointly([{ side: 'left', id: 'lengthMm', mm: 250, sdMm: 1 }, { side: 'left', id: 'ballGirthMm', mm: 90, sdMm: 3 }]).each[1].z // far below
 */
export function judgeJointly(values: readonly JointValue[], girthFactor = 1): JointJudgement {
  if (values.length < 2) throw new RangeError('a joint judgement needs two values');
  const residual = values.map((v) => Math.log(v.mm / (LENGTH_MEAN_MM * RATIO_OF[v.id] * (GIRTHS.has(v.id) ? girthFactor : 1))));
  const precision = inverse(new Matrix(values.map((a) => values.map((b) => covariance(a, b)))));
  let distance = 0;
  const each = values.map((value, i) => {
    let pull = 0;
    for (let j = 0; j < values.length; j++) pull += precision.get(i, j) * residual[j];
    distance += pull * residual[i];
    const own = precision.get(i, i);
    const expectedMm = value.mm * Math.exp(-pull / own);
    return { ...value, expectedMm, conditionalSdMm: expectedMm / Math.sqrt(own), z: pull / Math.sqrt(own) };
  });
  return { each, distance, rarity: chiSquareTail(distance, values.length) };
}
const GIRTHS = new Set<MeasureId>(['ballWidthMm', 'ballGirthMm', 'waistGirthMm', 'instepGirthMm', 'shortHeelGirthMm']);

/** Chance that a chi-square of `n` degrees exceeds `x` (Wilson and Hilferty's cube-root approximation, 1931; error under 0.01). */
function chiSquareTail(x: number, n: number): number {
  const z = (Math.cbrt(x / n) - (1 - 2 / (9 * n))) / Math.sqrt(2 / (9 * n));
  // Logistic approximation of the normal tail is enough for a figure told in words.
  return 1 / (1 + Math.exp(1.5976 * z + 0.07056 * z ** 3));
}
