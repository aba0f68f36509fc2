import { LEAST_GIRTH_OVER_WIDTH } from '../../last';
import type { ShoeInput } from './shoe';

/** What cannot be of a shoe as it was told, and which field mends it. */
export interface ShoeProblem {
  path: keyof ShoeInput;
  message: string;
}

/** Where a shoe may bend, of its insole: from a pointed toe's to a toe cut short [estimate]. */
const FLEX_OF_INSOLE: readonly [number, number] = [0.5, 0.85];
const OVER_FOOT_MM = 10;
const PLATFORM_OVER_HEEL_MM = 60;

interface ShoeRule {
  /** Fields that must all be told for the rule to speak; the first is the one to mend. */
  of: readonly (keyof ShoeInput)[];
  /** What is wrong, or null. Figures come in the order of `of`. */
  wrong: (...mm: number[]) => string | null;
}

// prettier-ignore
const RULES: readonly ShoeRule[] = [
  { of: ['madeForFootMm', 'insoleLengthMm'], wrong: (foot, insole) => (foot > insole + OVER_FOOT_MM ? 'a shoe is not made for a foot longer than its insole' : null) },
  { of: ['platformMm', 'heelHeightMm'], wrong: (platform, heel) => (platform > heel + PLATFORM_OVER_HEEL_MM ? 'the platform is far higher than the heel; check both' : null) },
  { of: ['taperStartMm', 'insoleLengthMm'], wrong: (taper, insole) => (taper >= insole ? 'the taper starts before the end of the insole' : null) },
  { of: ['taperStartMm', 'flexLineMm'], wrong: (taper, flex) => (taper <= flex ? `the taper starts ahead of where the shoe bends, ${flex} mm from the heel; check both` : null) },
  {
    of: ['flexLineMm', 'insoleLengthMm'],
    wrong: (flex, insole) => (flex < FLEX_OF_INSOLE[0] * insole || flex > FLEX_OF_INSOLE[1] * insole
      ? `a shoe of ${insole} mm bends ${Math.ceil(FLEX_OF_INSOLE[0] * insole)} to ${Math.floor(FLEX_OF_INSOLE[1] * insole)} mm from the heel` : null)
  },
  {
    of: ['ballGirthMm', 'ballWidthMm'],
    wrong: (girth, width) => (girth < LEAST_GIRTH_OVER_WIDTH * width
      ? `a girth of ${girth} cannot go round a bottom ${width} wide: at least ${Math.ceil(LEAST_GIRTH_OVER_WIDTH * width)}; check both` : null)
  },
  { of: ['heelWidthMm', 'ballWidthMm'], wrong: (heel, ball) => (heel >= ball ? `the heel is narrower than the ball, ${ball} mm; check both` : null) },
  { of: ['throatGirthMm', 'instepGirthMm'], wrong: (throat, instep) => (throat < instep ? 'the throat goes round heel and instep: it is never less than the instep' : null) }
];

/** Whether what was told of a shoe can be true together. @returns nothing, or every contradiction by its field */
export function checkShoe(shoe: Partial<ShoeInput>): ShoeProblem[] {
  return RULES.flatMap(({ of, wrong }) => {
    const told = of.map((field) => shoe[field]);
    const message = told.every((v) => typeof v === 'number') ? wrong(...(told as number[])) : null;
    return message === null ? [] : [{ path: of[0], message }];
  });
}
