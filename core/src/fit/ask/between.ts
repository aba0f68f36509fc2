import { cellOf } from '../rank';
import type { Style, Wear, WornFoot } from '../shoe';
import { feelWords, findingsOf, SENTENCE } from '../words';

/** How a shoe that is worn feels as a whole. */
export const FEELS = [
  { id: 'tight', name: 'tight' },
  { id: 'half-tight', name: 'half tight' },
  { id: 'comfortable', name: 'comfortable' },
  { id: 'half-loose', name: 'half loose' },
  { id: 'loose', name: 'loose' }
] as const;
export type FeelId = (typeof FEELS)[number]['id'];

/** Whether a size and width fits two feet as they are believed to be, what would be felt first, and how far it lies from right (0 the best). */
export function feltIn(style: Style, size: number, width: string, feet: readonly WornFoot[], wear: Wear): { fits: boolean; feel: string; score: number } {
  const { fits, spoken, score } = cellOf(style, size, width, feet, wear);
  const [worst] = spoken.flatMap((foot) => findingsOf(foot).slice(0, 1));
  return { fits, feel: worst ? feelWords(worst) : SENTENCE.rightAllRound, score };
}
