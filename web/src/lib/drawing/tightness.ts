import { SHARED_TARGETS, type Cuts, type FlexState, type ZoneState } from '@chiave/core/fit';

/** The two ends of the scale and its middle. */
export type End = 'tight' | 'even' | 'loose';

/** The two-ended scale, tight to loose around a neutral middle, as colours. Words and millimetres always stand beside it. */
export const TIGHT_TO_LOOSE = [
  { id: 'too-tight', word: 'too tight', colour: 'var(--color-tight)' },
  { id: 'snug', word: 'snug', colour: 'var(--color-tight-soft)' },
  { id: 'right', word: 'right', colour: 'var(--color-even)' },
  { id: 'roomy', word: 'roomy', colour: 'var(--color-loose-soft)' },
  { id: 'too-loose', word: 'too loose', colour: 'var(--color-loose)' }
] as const;

/** Place of what is right among them. */
export const RIGHT = 2;

/** Place of a clearance among its cuts, 0 too tight to 4 too loose. */
export const placeAmong = (mm: number, { a, b, c, d }: Cuts): number => (mm < a ? 0 : mm < b ? 1 : mm <= c ? 2 : mm <= d ? 3 : 4);

/** How a zone's state is told: its word, its colour, and which end it leans to. A place along the foot is neither tight nor loose. */
const LOOKS: Readonly<Record<FlexState, { word: string; colour: string; end: End }>> = {
  ...(Object.fromEntries(
    TIGHT_TO_LOOSE.map(({ id, word, colour }, i) => [id, { word, colour, end: i < RIGHT ? 'tight' : i > RIGHT ? 'loose' : 'even' }])
  ) as Record<ZoneState, { word: string; colour: string; end: End }>),
  behind: { word: 'shoe bends behind the joint', colour: 'var(--color-even)', end: 'even' },
  ahead: { word: 'shoe bends ahead of the joint', colour: 'var(--color-even)', end: 'even' }
};
export const colourOf = (state: FlexState): string => LOOKS[state].colour;
export const wordOf = (state: FlexState): string => LOOKS[state].word;
export const endOf = (state: FlexState): End => LOOKS[state].end;

/** Cuts for the gap beside the foot's edge: those of the toe box, either side on its own. */
export const EDGE_CUTS: Cuts = SHARED_TARGETS['toe-box-width'];

/** Which end a mean tightness, -1 tight to +1 loose, leans to. */
export const toneOf = (tightness: number): End => (tightness < -0.25 ? 'tight' : tightness > 0.25 ? 'loose' : 'even');
