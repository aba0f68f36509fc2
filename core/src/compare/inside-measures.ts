import { BALL_AT, OUTER_BALL_AT } from '../measure';
import { placeFoot } from '../fit';
import { compileShoe, innerWall, outerWall, taperStartMm, type Inside, type LastForm, type ShoeOutline } from '../last';
import { pitchOf } from '../heel';
import { compileFootShape, type FootPlan } from '../shape';

/** One inside ready to be laid over another. */
export interface ComparedShoe {
  name: string;
  inside: Inside;
  /** How far the upper lets girth decide the plan width, 0 to 1. */
  girthShare: number;
  form?: LastForm;
  /** Drop in this size, mm, where known. */
  dropMm?: number | null;
}

export const COMPARED_IDS = [
  'length', 'usable', 'taper', 'toe10', 'toe20', 'toe30', 'toe-depth', 'little-toe-depth', 'ball-width', 'ball-girth', 'flex', 'waist-width', 'waist', 'instep',
  'heel', 'throat', 'shaft', 'pitch', 'toe-spring'
] as const; // prettier-ignore
export type ComparedId = (typeof COMPARED_IDS)[number];

export interface ComparedMeasure {
  id: ComparedId;
  name: string;
  unit: 'mm' | '°';
  /** Said of the one that has more of it, and of the one that has less; `#` stands for how much. */
  more: string;
  less: string;
  /** One finding with the others of its group, called so where all are alike: the largest of them is said. */
  group?: string;
  /** Up to this much two shoes are alike. */
  alike: number;
  /** How much a millimetre or degree weighs when the largest is said first. */
  weight: number;
}

const measure = (id: ComparedId, name: string, more: string, less: string, alike: number, weight: number): ComparedMeasure => ({
  id,
  name,
  unit: 'mm',
  more: more.includes('#') ? more : `# ${more}`,
  less: less.includes('#') ? less : `# ${less}`,
  alike,
  weight
});

/** What is compared, in the order of a shoe from toe to heel. */
export const COMPARED: readonly ComparedMeasure[] = [
  measure('length', 'length of the insole', 'longer', 'shorter', 1, 1),
  measure('usable', 'usable length', 'more usable length', 'less usable length', 1, 1),
  measure('taper', 'taper start', 'taper starts # later', 'taper starts # earlier', 1.5, 0.6),
  { ...measure('toe10', 'toe width 10 mm behind the toes', 'wider 10 mm behind the toes', 'narrower 10 mm behind the toes', 1.5, 0.5), group: 'toe widths' },
  { ...measure('toe20', 'toe width 20 mm behind the toes', 'wider 20 mm behind the toes', 'narrower 20 mm behind the toes', 1.5, 0.5), group: 'toe widths' },
  { ...measure('toe30', 'toe width 30 mm behind the toes', 'wider 30 mm behind the toes', 'narrower 30 mm behind the toes', 1.5, 0.5), group: 'toe widths' },
  measure('toe-depth', 'toe box depth', 'deeper over the toes', 'lower over the toes', 1, 1),
  measure('little-toe-depth', 'depth over the little toe', 'deeper over the little toe', 'lower over the little toe', 1, 0.7),
  measure('ball-width', 'ball width inside', 'wider at the ball', 'narrower at the ball', 1, 1),
  measure('ball-girth', 'ball girth', 'fuller at the ball', 'tighter at the ball', 2, 0.6),
  measure('flex', 'flex line', 'bends # further forward', 'bends # further back', 2, 0.5),
  measure('waist-width', 'waist width', 'wider in the waist', 'narrower in the waist', 1, 0.7),
  measure('waist', 'waist girth', 'fuller in the waist', 'tighter in the waist', 2, 0.5),
  measure('instep', 'instep girth', 'fuller over the instep', 'tighter over the instep', 2, 0.6),
  measure('heel', 'heel width', 'wider at the heel', 'narrower at the heel', 0.8, 1.2),
  measure('throat', 'throat girth', 'wider to get in', 'tighter to get in', 3, 0.3),
  measure('shaft', 'shaft girth', 'wider in the shaft', 'tighter in the shaft', 4, 0.2),
  { ...measure('pitch', 'pitch', 'steeper', 'flatter', 1, 1), unit: '°' },
  measure('toe-spring', 'toe spring', 'toe stands # higher', 'toe stands # lower', 2, 0.3)
];

/** Insole width over the plan width of the foot a last is made for (traced insoles of boots) [estimate]. */
const INSOLE_OVER_FOOT = 0.9626;

/** An ordinary foot of the length and width a shoe is made for. */
export const footMadeFor = ({ madeForFootMm: L, ballWidthMm }: Pick<Inside, 'madeForFootMm' | 'ballWidthMm'>): FootPlan => ({
  lengthMm: L,
  ballLengthMm: BALL_AT * L,
  outerBallLengthMm: OUTER_BALL_AT * L,
  ballWidthMm: ballWidthMm / INSOLE_OVER_FOOT,
  heelWidthMm: 0.258 * L,
  toeShape: 'egyptian',
  bunionMm: 0,
  littleToeBunionMm: 0
});

/** How far a foot could stand forward in a shoe before its first toe touches, mm from the back of the heel. */
export function usableLengthOf(foot: FootPlan, shoe: ShoeOutline): number {
  return foot.lengthMm + placeFoot(compileFootShape(foot, 0), shoe, 0).roomMm;
}

/** Narrowest of the bottom between heel and ball. */
function waistWidth(shoe: ShoeOutline): number {
  let least = Infinity;
  for (let share = 0.25; share <= 0.6; share += 0.01) {
    const x = share * shoe.madeForMm;
    least = Math.min(least, innerWall(shoe, x) + outerWall(shoe, x));
  }
  return least;
}

/**
 * Every compared measure of a shoe; what is not known is NaN.
 * @param foot whose toes stand in it: the customer's, or null for an ordinary foot the shoe is made for
 */
export function insideMeasures(compared: ComparedShoe, foot: FootPlan | null): Record<ComparedId, number> {
  const { inside, girthShare, form } = compared;
  const shoe = compileShoe(inside, girthShare);
  const wearer = foot ?? footMadeFor(inside);
  const usable = usableLengthOf(wearer, shoe);
  // A customer's toes end where the foot ends; an ordinary foot's where the shoe lets them.
  const toesEnd = foot ? foot.lengthMm : usable;
  const across = (behind: number): number => {
    const x = toesEnd - behind;
    return x >= inside.insoleLengthMm ? NaN : innerWall(shoe, x) + outerWall(shoe, x);
  };
  const drop = compared.dropMm ?? form?.heelHeightMm;
  const or = (value: number | null | undefined): number => value ?? NaN;
  return {
    length: inside.insoleLengthMm,
    usable,
    taper: taperStartMm(inside),
    toe10: across(10),
    toe20: across(20),
    toe30: across(30),
    'toe-depth': inside.toeDepthMm,
    'little-toe-depth': inside.littleToeDepthMm,
    'ball-width': shoe.planWidthMm,
    'ball-girth': inside.ballGirthMm,
    flex: inside.flexLineMm,
    'waist-width': waistWidth(shoe),
    waist: inside.waistGirthMm,
    instep: inside.instepGirthMm,
    heel: 2 * shoe.heelHalfMm,
    throat: or(inside.throatGirthMm),
    shaft: or(inside.shaftGirthMm),
    pitch: drop === undefined ? NaN : pitchOf(drop, inside.madeForFootMm).centralDeg,
    'toe-spring': or(form?.toeSpringMm)
  };
}
