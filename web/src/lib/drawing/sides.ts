import type { Side } from '@chiave/core/measure';

/** The hue of each foot; never without its letter and its place. */
export const SIDE_COLOUR: Readonly<Record<Side, string>> = { left: 'var(--color-side-left)', right: 'var(--color-side-right)' };
