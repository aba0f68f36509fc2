import { ACCEPTED_LENGTH_MM } from '../measure';
import { scaleBook, type ScaleBook } from './scale-book';
import { toFootMm, type AnyScale } from './scales';

/** Whom a style or a scale is made for. */
export const FOR_WHOM = ['women', 'men', 'unisex', 'children'] as const;
export type ForWhom = (typeof FOR_WHOM)[number];
/** Which sizes of a scale are made: whole ones, halves, or halves that are a width. */
export const CUTS = ['whole', 'half', 'half-is-width'] as const;

/** A maker's own scale as it is told: what one size is, where nought lies, how it is cut and how far it runs. */
export interface MakerScaleInput {
  name: string;
  /** Length of one size, mm. */
  unitMm: number;
  /** Foot length of one size that is known, and which: nought follows from it. */
  knownSize: number;
  knownFootMm: number;
  cut: (typeof CUTS)[number];
  from: number;
  to: number;
  forWhom: ForWhom;
  note: string;
  /** The maker's own width names, narrowest first, each a step wider; null when it has none. */
  widths: { names: string[]; firstMm: number; stepMm: number } | null;
}

/** Sizes a run may have at most. */
const MOST_SIZES = 120;

/**
 * A maker's scale in the form every other one has.
 * @throws RangeError when it could not hold a human foot or its run is empty
 * @example makerScale('maker-1', { name: 'Lakeside', unitMm: 5, knownSize: 10, knownFootMm: 240, ... })
 */
export function makerScale(id: string, input: MakerScaleInput): AnyScale {
  if (!(input.unitMm >= 1 && input.unitMm <= 30)) throw new RangeError('one size is 1 to 30 mm');
  if (!(input.to > input.from)) throw new RangeError('the run goes from a smaller to a larger size');
  const step = input.cut === 'whole' ? 1 : 0.5;
  if ((input.to - input.from) / step > MOST_SIZES) throw new RangeError(`a run has at most ${MOST_SIZES} sizes`);
  const zeroMm = input.knownFootMm - input.knownSize * input.unitMm;
  const school = {
    id: 'standard',
    name: input.note || 'as the maker says',
    unitMm: input.unitMm,
    zeroMm,
    basis: 'foot' as const,
    allowanceMm: 0,
    source: 'maker’s own'
  };
  const [low, high] = [input.from, input.to].map((size) => toFootMm(school, size));
  if (low < ACCEPTED_LENGTH_MM[0] || high > ACCEPTED_LENGTH_MM[1])
    throw new RangeError(`its run would be feet from ${low.toFixed(0)} to ${high.toFixed(0)} mm: check the unit and the size that is known`);
  return {
    id,
    name: input.name,
    short: input.name.slice(0, 10),
    step,
    range: [input.from, input.to],
    schools: [school],
    group: input.forWhom === 'men' ? 'men' : input.forWhom === 'women' ? 'women' : input.forWhom === 'children' ? 'kids' : 'all',
    source: 'maker’s own',
    confidence: 'medium',
    ...(input.cut === 'half-is-width' ? { halfIsWidth: true } : {}),
    ...(input.widths ? { widths: input.widths.names } : {})
  };
}

/** Every width of a maker, in mm. */
export const makerWidths = (widths: MakerScaleInput['widths']): { name: string; mm: number }[] =>
  widths ? widths.names.map((name, i) => ({ name, mm: widths.firstMm + i * widths.stepMm })) : [];

/** A maker's scale under the number it is kept by. */
export interface KeptScale {
  id: number;
  definition: MakerScaleInput;
}

/** The name by which a kept scale is asked for. */
export const makerScaleId = (id: number): string => `maker-${id}`;

/** The published scales with a shop's kept ones. */
export const bookOfMakers = (kept: readonly KeptScale[]): ScaleBook => scaleBook(kept.map(({ id, definition }) => makerScale(makerScaleId(id), definition)));
