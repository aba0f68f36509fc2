import { SIDES } from '@chiave/core/measure';
import type { FittingRow } from '../../api/rows';

interface Step {
  id: string;
  name: string;
  hint: string;
  /** Other pages of a fitting that belong to this step. */
  pages?: readonly string[];
}
/** A visit, in the order practitioners work. */
export const STEPS: readonly Step[] = [
  { id: 'ask', name: 'Ask', hint: 'what for, what sock, what trouble' },
  { id: 'look', name: 'Look', hint: 'shoes off, stand, walk' },
  { id: 'measure', name: 'Measure', hint: 'both feet, standing', pages: ['trace'] },
  { id: 'sizes', name: 'Sizes', hint: 'both feet on the rule' },
  { id: 'pull', name: 'Pull', hint: 'the stockroom for these feet', pages: ['shoe', 'post'] },
  { id: 'try', name: 'Try', hint: 'felt zone by zone' },
  { id: 'keep', name: 'Keep', hint: 'what was taken, and why' }
];

/** How far a fitting has come: the step that is to be gone on with. */
export function stepOf(fitting: Pick<FittingRow, 'purpose' | 'feet' | 'tries'>): number {
  const at = (id: string): number => STEPS.findIndex((step) => step.id === id);
  if (fitting.tries.length > 0) return at('try');
  if (SIDES.every((side) => fitting.feet[side].values.lengthMm)) return at('pull');
  return at(fitting.purpose ? 'measure' : 'ask');
}
