import { BARLEYCORN, type Confidence } from './scales';

/**
 * Width scales as data: letters with the ball girth (or the linear width) they mean at a length.
 * girth = anchor + stepMm x (letters from the anchor letter) + perLengthMm x (length - anchor length).
 */
export interface WidthScale {
  id: string;
  name: string;
  measures: 'ball girth' | 'ball width';
  basis: 'foot' | 'last';
  letters: readonly string[];
  anchors: Readonly<Record<'men' | 'women', { letter: string; lengthMm: number; mm: number }>>;
  stepMm: number;
  /** Change of the measure with foot length at one letter, mm a mm. */
  perLengthMm: number;
  source: string;
  confidence: Confidence;
}

const QUARTER_INCH = 25.4 / 4;

export const WIDTH_SCALES: readonly WidthScale[] = [
  {
    id: 'us-letter',
    name: 'US letters',
    measures: 'ball girth',
    basis: 'foot',
    letters: ['AAAA', 'AAA', 'AA', 'A', 'B', 'C', 'D', 'E', 'EE', 'EEE', 'EEEE'],
    anchors: { men: { letter: 'D', lengthMm: 269.7, mm: 248 }, women: { letter: 'B', lengthMm: 244.4, mm: 223 } },
    stepMm: QUARTER_INCH,
    perLengthMm: QUARTER_INCH / BARLEYCORN,
    source: 'practice: 1/4 in of girth a letter and a size (Rossi and Tennant, from memory); anchors: estimate from the US survey of 1988',
    confidence: 'medium'
  },
  {
    id: 'uk-fitting',
    name: 'British fittings',
    measures: 'ball girth',
    basis: 'foot',
    letters: ['A', 'B', 'C', 'D', 'E', 'F', 'G', 'H'],
    anchors: { men: { letter: 'F', lengthMm: 269.7, mm: 248 }, women: { letter: 'D', lengthMm: 244.4, mm: 223 } },
    stepMm: QUARTER_INCH,
    perLengthMm: QUARTER_INCH / BARLEYCORN,
    source: "practice: about 1/4 in a fitting; women's D as US B, men's F as US D: estimate until a maker says otherwise",
    confidence: 'low'
  },
  {
    id: 'eu-fitting',
    name: 'continental fittings',
    measures: 'ball girth',
    basis: 'foot',
    letters: ['E', 'F', 'G', 'H', 'J', 'K', 'L', 'M'],
    anchors: { men: { letter: 'G', lengthMm: 269.7, mm: 248 }, women: { letter: 'F', lengthMm: 244.4, mm: 223 } },
    stepMm: 5,
    perLengthMm: 5 / (20 / 3),
    source: 'practice: 5 mm a step and a Paris point, per maker; anchors: estimate',
    confidence: 'low'
  },
  {
    id: 'jp-width',
    name: 'Japanese widths',
    measures: 'ball girth',
    basis: 'foot',
    letters: ['A', 'B', 'C', 'D', 'E', 'EE', 'EEE', 'EEEE', 'F', 'G'],
    anchors: { men: { letter: 'A', lengthMm: 200, mm: 189 }, women: { letter: 'A', lengthMm: 200, mm: 183 } },
    stepMm: 6,
    perLengthMm: 0.6,
    source: 'JIS S 5037:1998, from memory',
    confidence: 'high'
  },
  {
    id: 'device-width',
    name: "measuring device's widths",
    measures: 'ball width',
    basis: 'foot',
    letters: ['AAA', 'AA', 'A', 'B', 'C', 'D', 'E', 'EE', 'EEE'],
    anchors: { men: { letter: 'D', lengthMm: 269.7, mm: 100.6 }, women: { letter: 'B', lengthMm: 244.4, mm: 89.7 } },
    stepMm: (25.4 * 3) / 16,
    perLengthMm: 0.37,
    source: "step 3/16 in of linear width: device maker's FAQ, from memory; anchors: estimate from the US survey of 1988",
    confidence: 'medium'
  }
];

/** Other spellings of one letter. */
const ALIASES: Readonly<Record<string, string>> = { '2A': 'AA', '3A': 'AAA', '4A': 'AAAA', '2E': 'EE', '3E': 'EEE', '4E': 'EEEE' };

export const widthScaleOf = (id: string): WidthScale | undefined => WIDTH_SCALES.find((s) => s.id === id);

/** One spelling of a letter: `4E` is `EEEE`. */
export const plainLetter = (letter: string): string => ALIASES[letter.toUpperCase()] ?? letter.toUpperCase();

/**
 * What a letter means at a foot length, mm (girth or width as the scale measures).
 * @throws RangeError when the scale has no such letter
 * @example letterMm('jp-width', 'men', 'EE', 250) // 249
 */
export function letterMm(scaleId: string, group: 'men' | 'women', letter: string, footLengthMm: number): number {
  const scale = widthScaleOf(scaleId);
  const index = scale?.letters.indexOf(plainLetter(letter)) ?? -1;
  if (!scale || index < 0) {
    throw new RangeError(`no width “${letter}” in ${scale?.name ?? scaleId}; there are ${scale?.letters.join(', ') ?? 'none'}`);
  }
  const anchor = scale.anchors[group];
  return anchor.mm + (index - scale.letters.indexOf(anchor.letter)) * scale.stepMm + (footLengthMm - anchor.lengthMm) * scale.perLengthMm;
}

/** The letter of a foot (its own girth or width at its length), with what is left over, mm. Ends of the scale say so. */
export function footLetter(
  scaleId: string,
  group: 'men' | 'women',
  footLengthMm: number,
  measureMm: number
): { letter: string; remainderMm: number; beyond: boolean } {
  const scale = widthScaleOf(scaleId);
  if (!scale) throw new RangeError(`no width scale “${scaleId}”; there are ${WIDTH_SCALES.map((s) => s.id).join(', ')}`);
  const first = letterMm(scaleId, group, scale.letters[0], footLengthMm);
  const steps = (measureMm - first) / scale.stepMm;
  const index = Math.min(scale.letters.length - 1, Math.max(0, Math.round(steps)));
  return { letter: scale.letters[index], remainderMm: (steps - index) * scale.stepMm, beyond: Math.abs(steps - index) > 0.5 };
}
