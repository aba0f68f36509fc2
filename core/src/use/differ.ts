import { AT, attributeWords, USE_ATTRIBUTE, type UseAttributeId } from '../attributes';
import type { Difference } from './place';
import type { UseShoe } from './shoe';

/** In what two shoes differ for a use: lasts, heights, toes, what holds and what bears. */
interface Compared {
  id: UseAttributeId;
  /** They differ from here on, in the attribute's unit; levels differ where they are not the same. */
  from: number;
}
const COMPARED: readonly Compared[] = [
  { id: 'heel', from: 6 },
  { id: 'plat', from: 6 },
  { id: 'hold', from: 1 },
  { id: 'toe', from: 1 },
  { id: 'opens', from: 1 },
  { id: 'sole', from: 1 },
  { id: 'stable', from: 1 },
  { id: 'rear', from: 1 },
  { id: 'shape', from: 1 },
  { id: 'split', from: 1 },
  { id: 'weight', from: 60 }
];
export interface Compare {
  shoe: UseShoe;
  /** Names of its last and its upper. */
  last: string;
  upper: string;
}
/** In what the one differs from the other, in words. */
export function differences(one: Compare, from: Compare): Difference[] {
  const out: Difference[] = [];
  if (one.last !== from.last) out.push({ id: 'last', words: `last: ${one.last}` });
  for (const { id, from: least } of COMPARED) {
    const [a, b] = [one.shoe, from.shoe].map((s) => s.points[3 * AT[id] + 1]);
    if (Math.abs(a - b) >= least) out.push({ id, words: `${USE_ATTRIBUTE[id].name}: ${attributeWords(USE_ATTRIBUTE[id], a)}` });
  }
  if (one.shoe.upper !== from.shoe.upper) out.push({ id: 'upper', words: `upper: ${one.upper}` });
  return out;
}
