import { SIDES } from '@chiave/core/measure';
import type { PairPutIn, PutIn, HelpId } from '@chiave/core/fit';

const LETTER = { left: 'L', right: 'R' } as const;

/** What is put into a pair as it stands in an address: `L.toe-filler.4,R.heel-grip.3`. */
export const writePut = (put: PairPutIn): string => SIDES.flatMap((side) => (put[side] ?? []).map(({ kind, mm }) => `${LETTER[side]}.${kind}.${mm}`)).join(',');

/**
 * Reads it again; what is no help for a shoe is left to the engine to refuse.
 * @throws RangeError for a text of another form
 */
export function readPut(text: string): PairPutIn {
  const put: Partial<Record<'left' | 'right', PutIn[]>> = {};
  for (const part of text.split(',').filter(Boolean)) {
    const [, letter, kind, mm] = /^([LR])\.([a-z-]+)\.(-?\d+(?:\.\d+)?)$/.exec(part) ?? [];
    if (!letter) throw new RangeError(`“${part}” is no help as it is written in an address: L.toe-filler.4`);
    (put[letter === 'L' ? 'left' : 'right'] ??= []).push({ kind: kind as HelpId, mm: Number(mm) });
  }
  return put;
}
