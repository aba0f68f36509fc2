import type { Cuts } from '@chiave/core/fit';

/** The two-ended scale, tight to loose around a neutral middle, as colours. Words and millimetres always stand beside it. */
export const TIGHT_TO_LOOSE = [
  { id: 'too-tight', word: 'too tight', colour: 'var(--color-tight)' },
  { id: 'snug', word: 'snug', colour: 'var(--color-tight-soft)' },
  { id: 'right', word: 'right', colour: 'var(--color-even)' },
  { id: 'roomy', word: 'roomy', colour: 'var(--color-loose-soft)' },
  { id: 'too-loose', word: 'too loose', colour: 'var(--color-loose)' }
] as const;

/** Place of a clearance among its cuts, 0 too tight to 4 too loose. */
export const placeAmong = (mm: number, { a, b, c, d }: Cuts): number => (mm < a ? 0 : mm < b ? 1 : mm <= c ? 2 : mm <= d ? 3 : 4);

export const colourOf = (state: string): string => TIGHT_TO_LOOSE.find((s) => s.id === state)?.colour ?? 'var(--color-even)';
export const wordOf = (state: string): string => TIGHT_TO_LOOSE.find((s) => s.id === state)?.word ?? state;

/** Cuts for the gap beside the foot's edge, mm: those of the toe box, either side on its own. */
export const EDGE_CUTS: Cuts = { a: -4, b: -1, c: 6, d: 12 };

/** Colour of a mean tightness, -1 tight to +1 loose. */
export const tightColour = (tightness: number): string => TIGHT_TO_LOOSE[placeAmong(tightness, { a: -0.75, b: -0.25, c: 0.25, d: 0.75 })].colour;
