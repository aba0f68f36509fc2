import { footLetter, letterMm, WIDTH_SCALES, type WidthScale } from '@chiave/core/size';
import type { View } from './rule-view';

/** One width scale along a rule of girths: each letter where it means the foot's length, and the letter of its girth. */
export interface LetterStrip {
  scale: WidthScale;
  letters: { letter: string; mm: number }[];
  own: { letter: string; remainderMm: number; beyond: boolean };
}

/** So far to either side of a foot's girth a rule of girths is shown, mm. */
const AROUND_MM = 30;
export const girthView = (girthMm: number): View => ({ fromMm: girthMm - AROUND_MM, toMm: girthMm + AROUND_MM });

/** Every scale that goes by the ball's girth, with its letters at this length. */
export const letterStrips = (group: 'men' | 'women', lengthMm: number, girthMm: number): LetterStrip[] =>
  WIDTH_SCALES.filter((scale) => scale.measures === 'ball girth').map((scale) => ({
    scale,
    letters: scale.letters.map((letter) => ({ letter, mm: letterMm(scale.id, group, letter, lengthMm) })),
    own: footLetter(scale.id, group, lengthMm, girthMm)
  }));
