import { ACCEPTED_LENGTH_MM, trimNumber } from '../measure';
import { compileShoe, gradeToFoot, innerWall, outerWall, type Inside, type Last } from '../last';
import type { FootPlan } from '../shape';
import { footMadeFor, usableLengthOf } from './inside-measures';

export const FELT_IDS = ['length', 'ball-girth', 'instep', 'heel', 'toe-width'] as const;
export type FeltId = (typeof FELT_IDS)[number];

/** What a millimetre of each counts for in how a size feels, in millimetres of length. */
export type FeltWeights = Readonly<Record<FeltId, number>>;

/** By what people report: half a size of girth is felt like half a size of length [estimates, shown and changeable]. */
export const FELT_WEIGHTS: FeltWeights = { length: 1, 'ball-girth': 0.45, instep: 0.25, heel: 0.4, 'toe-width': 0.5 };

/** Toe width is read this far behind the toes' end, mm. */
const TOE_AT_MM = 20;

const NAMES: Readonly<Record<FeltId, { more: string; less: string }>> = {
  length: { more: 'longer', less: 'shorter' },
  'ball-girth': { more: 'looser at the ball', less: 'tighter at the ball' },
  instep: { more: 'looser over the instep', less: 'tighter over the instep' },
  heel: { more: 'wider at the heel', less: 'narrower at the heel' },
  'toe-width': { more: 'wider across the toes', less: 'tighter across the toes' }
};

export interface SizedLast {
  last: Last;
  girthShare: number;
}

/** What is felt of an inside, mm. @param foot the wearer's, or null for an ordinary foot it is made for */
export function feltOf(inside: Inside, girthShare: number, foot: FootPlan | null): Record<FeltId, number> {
  const shoe = compileShoe(inside, girthShare);
  const usable = usableLengthOf(foot ?? footMadeFor(inside), shoe);
  const x = Math.min(usable, inside.insoleLengthMm - 1) - TOE_AT_MM;
  return {
    length: usable,
    'ball-girth': inside.ballGirthMm,
    instep: inside.instepGirthMm,
    heel: 2 * shoe.heelHalfMm,
    'toe-width': innerWall(shoe, x) + outerWall(shoe, x)
  };
}

/** How large an inside feels as one number, in millimetres of length: what two sizes that feel alike have in common. */
export const feltSum = (felt: Record<FeltId, number>, weights: FeltWeights): number => {
  const whole = FELT_IDS.reduce((sum, id) => sum + weights[id], 0);
  return FELT_IDS.reduce((sum, id) => sum + weights[id] * felt[id], 0) / whole;
};

export interface Residual {
  id: FeltId;
  /** Second less first, mm. */
  mm: number;
  words: string;
}

export interface EquivalentSize {
  /** Before rounding: a size number of the second last, and the foot it would be made for there, mm. */
  exact: number;
  footMm: number;
  widthSteps: number;
  /** What is left between the two, largest first. */
  residual: Residual[];
  /** Root of the weighted mean square of what is left, mm. */
  offMm: number;
}

/** Feet between which an equivalent is sought, mm. */

/**
 * Which size of a second last feels like an inside of a first: where the weighted signed differences come to nought. Sizes are
 * continuous here, so that there and back it is the same size; the run's steps come after.
 * @param target the inside that is known
 * @param widthSteps letters of the second last
 * @throws RangeError when no size of the second comes near
 */
export function equivalentSize(
  target: { inside: Inside; girthShare: number },
  second: SizedLast,
  widthSteps: number,
  foot: FootPlan | null = null,
  weights: FeltWeights = FELT_WEIGHTS
): EquivalentSize {
  if (!(FELT_IDS.every((id) => weights[id] >= 0) && weights.length > 0)) throw new RangeError('weights must be nought or more, and length must count');
  const felt = feltOf(target.inside, target.girthShare, foot);
  const wanted = feltSum(felt, weights);
  const off = (mm: number): number => feltSum(feltOf(gradeToFoot(second.last, mm, widthSteps), second.girthShare, foot), weights) - wanted;
  // Grading rises with the foot, so the sum does too: halve until it is found.
  let [low, high] = bracket(off, target.inside.madeForFootMm, second.last.name);
  for (let i = 0; i < 40; i++) {
    const middle = (low + high) / 2;
    if (off(middle) > 0) high = middle;
    else low = middle;
  }
  const footMm = (low + high) / 2;
  const there = feltOf(gradeToFoot(second.last, footMm, widthSteps), second.girthShare, foot);
  const { base, grade } = second.last;
  const whole = FELT_IDS.reduce((sum, id) => sum + weights[id], 0);
  const residual = residuals(felt, there, grade.lengthPerSizeMm, weights);
  return {
    exact: base.size + (footMm - base.forFootMm) / grade.lengthPerSizeMm,
    footMm,
    widthSteps,
    residual,
    offMm: Math.sqrt(FELT_IDS.reduce((sum, id) => sum + weights[id] * (there[id] - felt[id]) ** 2, 0) / whole)
  };
}

function bracket(off: (mm: number) => number, near: number, name: string): [number, number] {
  for (let reach = 15; reach <= 160; reach *= 2) {
    const [low, high] = [Math.max(ACCEPTED_LENGTH_MM[0], near - reach), Math.min(ACCEPTED_LENGTH_MM[1], near + reach)];
    if (off(low) <= 0 && off(high) >= 0) return [low, high];
  }
  throw new RangeError(`no size of ${name} comes near`);
}

/** Differences in words of half sizes where they reach one, in millimetres where they do not. */
function residuals(first: Record<FeltId, number>, second: Record<FeltId, number>, sizeMm: number, weights: FeltWeights): Residual[] {
  return FELT_IDS.map((id) => {
    const mm = second[id] - first[id];
    const sizes = Math.round((2 * weights[id] * Math.abs(mm)) / weights.length / sizeMm) / 2;
    const said = mm > 0 ? NAMES[id].more : NAMES[id].less;
    const how = sizes >= 1 ? `${sizes} sizes` : sizes === 0.5 ? 'half a size' : `${trimNumber(Math.abs(mm))} mm`;
    return { id, mm, words: Math.abs(mm) < 0.5 ? `${id.replace('-', ' ')} the same` : `${sizes === 1 ? 'a size' : how} ${said}` };
  }).sort((p, q) => weights[q.id] * Math.abs(q.mm) - weights[p.id] * Math.abs(p.mm));
}

/**
 * The width of a second last whose equivalent leaves least over, among those it is made in.
 * @param widths letters from the second last's base width
 */
export function bestEquivalent(
  target: { inside: Inside; girthShare: number },
  second: SizedLast,
  widths: readonly number[],
  foot: FootPlan | null = null,
  weights: FeltWeights = FELT_WEIGHTS
): EquivalentSize {
  if (widths.length === 0) throw new RangeError('the second last needs at least one width');
  return widths.map((w) => equivalentSize(target, second, w, foot, weights)).reduce((a, b) => (b.offMm < a.offMm ? b : a));
}
