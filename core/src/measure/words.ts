import { formatLength } from './format-length';
import { MEASURE } from './measures';
import type { Slip, SlipCause, SlipUnit } from './slips';

/**
 * English words for what is asked about a set of measures. Nothing reads what is written here: another language is another catalogue.
 */
const UNITS: Readonly<Record<SlipUnit, string>> = { in: 'inches', cm: 'centimetres', mm: 'millimetres' };

function causeWords(cause: SlipCause): string {
  switch (cause.kind) {
    case 'unit':
      return `Typed in ${UNITS[cause.typed]}, read as ${UNITS[cause.readAs]}?`;
    case 'exchanged':
      return `${cause.figures} with two figures exchanged?`;
    case 'beside':
      return `${cause.figures} with one figure beside?`;
    case 'other-measure':
      return `The ${MEASURE[cause.measure].name} measured instead?`;
    case 'unexplained':
      return 'Take it once more.';
  }
}

/** Asks about a value that does not go with the others. */
export function slipWords({ side, id, mm, expectedMm, conditionalSdMm, cause }: Slip): string {
  const about = `about ${formatLength(Math.round(expectedMm), 'mm')} would, give or take ${Math.max(1, Math.round(conditionalSdMm))}.`;
  return `${side === 'left' ? 'Left' : 'Right'} ${MEASURE[id].name}: ${formatLength(mm, 'mm')} does not go with the other measures; ${about} ${causeWords(cause)}`;
}

export const SIDES_EXCHANGED_WORDS = 'Left and right look exchanged against the last visit: the larger foot was the other one. Which is which?';
