import { ACCEPTED_LENGTH_MM, BALL_AT } from '../measure';
import { TOE_FAMILIES, TOE_FAMILY } from './families';
import type { Last } from './last';
import { outlineProblem } from './traced-insole';

/** What is wrong with a last, and which field mends it. */
export interface LastProblem {
  path: string;
  message: string;
}

/** Limits of a base size, mm: what could hold a foot at all. */
const LIMITS: readonly (readonly [keyof Last['base'], number, number, string])[] = [
  ['forFootMm', ...ACCEPTED_LENGTH_MM, 'foot the size is made for'],
  ['insoleMm', 80, 450, 'insole length'],
  ['ballWidthMm', 30, 160, 'ball width'],
  ['heelWidthMm', 20, 120, 'heel width'],
  ['ballGirthMm', 90, 420, 'ball girth'],
  ['waistGirthMm', 90, 420, 'waist girth'],
  ['instepGirthMm', 90, 450, 'instep girth'],
  ['toeDepthMm', 5, 70, 'toe box depth'],
  ['littleToeDepthMm', 5, 70, 'depth at the little toe']
];
/** A girth cannot be less than twice the bottom it goes round, and this little height on top [estimate]. */
export const LEAST_GIRTH_OVER_WIDTH = 2.05;
/** A last longer or shorter than its foot by more than this is a slip, mm. */
const INSOLE_OVER_FOOT: readonly [number, number] = [-15, 70];
/** The sides must have this much length between ball and tip to come in, of the foot. */
const LEAST_TOE = 0.03;

/**
 * Whether a last can be: figures within limits, widths in order, girths that go round the bottom, sides that do not cross.
 * @returns nothing wrong, or every problem by its field
 */
export function checkLast(last: Last): LastProblem[] {
  const problems: LastProblem[] = [];
  const { base, grade } = last;
  const say = (path: string, message: string): void => void problems.push({ path, message });
  for (const [key, low, high, name] of LIMITS) {
    const mm = base[key] as number;
    if (!Number.isFinite(mm) || mm < low || mm > high) say(`base.${key}`, `${name} must be ${low} to ${high} mm`);
  }
  if (!TOE_FAMILIES.some((f) => f.id === last.family)) say('family', `toe must be one of ${TOE_FAMILIES.map((f) => f.id).join(', ')}`);
  if (problems.length > 0) return problems;
  const over = base.insoleMm - base.forFootMm;
  if (over < INSOLE_OVER_FOOT[0] || over > INSOLE_OVER_FOOT[1])
    say('base.insoleMm', `an insole ${over.toFixed(0)} mm longer than the foot it is made for cannot be: ${INSOLE_OVER_FOOT.join(' to ')} mm are taken`);
  if (base.heelWidthMm >= base.ballWidthMm) say('base.heelWidthMm', `heel width ${base.heelWidthMm} must be less than ball width ${base.ballWidthMm}`);
  if (base.ballGirthMm < LEAST_GIRTH_OVER_WIDTH * base.ballWidthMm)
    say(
      'base.ballGirthMm',
      `ball girth ${base.ballGirthMm} cannot go round a bottom ${base.ballWidthMm} wide: at least ${Math.ceil(LEAST_GIRTH_OVER_WIDTH * base.ballWidthMm)}`
    );
  if (base.littleToeDepthMm > base.toeDepthMm) say('base.littleToeDepthMm', 'the little toe’s depth is never more than the big toe’s');
  if (base.throatGirthMm !== undefined && base.throatGirthMm < base.instepGirthMm)
    say('base.throatGirthMm', 'the throat goes round heel and instep: it is never less than the instep');
  const line = last.outline && outlineProblem(last.outline);
  if (line) say('outline', line);
  const family = TOE_FAMILY[last.family];
  const ball = BALL_AT * base.forFootMm;
  const taper = base.insoleMm - family.innerTaper * base.forFootMm + last.taperShiftMm;
  if (taper < ball + LEAST_TOE * base.forFootMm)
    say('taperShiftMm', `the sides would come in before the ball: a taper later by ${Math.ceil(ball + LEAST_TOE * base.forFootMm - taper)} mm is the earliest`);
  if (taper > base.insoleMm - 2) say('taperShiftMm', 'the taper would start beyond the tip');
  if (!(grade.lengthPerSizeMm > 0 && grade.lengthPerSizeMm <= 15)) say('grade.lengthPerSizeMm', 'a size is more than 0 and at most 15 mm of length');
  if (!(grade.girthPerSizeMm >= 0 && grade.girthPerSizeMm <= 15)) say('grade.girthPerSizeMm', 'a size is 0 to 15 mm of girth');
  if (!(grade.girthPerWidthMm > 0 && grade.girthPerWidthMm <= 15)) say('grade.girthPerWidthMm', 'a width is more than 0 and at most 15 mm of girth');
  if (!(grade.bottomShare >= 0 && grade.bottomShare <= 0.6)) say('grade.bottomShare', 'the bottom takes 0 to 0.6 of a change of girth');
  if (grade.coarse && grade.halves === 'width-only') say('grade.coarse', 'a half cannot be both a width only and a coarse length');
  return problems;
}
