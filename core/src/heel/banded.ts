import type { Bound } from './pose';

/** A figure that is only known between bounds: low, centre and high always go together. */
export type Banded = Readonly<Record<Bound, number>>;

/** Works each bound out by itself. */
export const banded = (of: (bound: Bound) => number): Banded => ({ low: of('low'), centre: of('centre'), high: of('high') });
/** How far a rule can be trusted: published, of the trade, or a choice of this project. */
export const MARK_IDS = ['standard', 'practice', 'model'] as const;
export type Mark = (typeof MARK_IDS)[number];
