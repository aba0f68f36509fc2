import { labelInterval, readLabel } from './label';
import { toFootMm, type LengthScale } from './scales';

/** A scale of any origin: the published ones and those makers define for themselves. */
export type AnyScale = Omit<LengthScale, 'id'> & { id: string };

/** A maker's own scale as it is told: what one size is, where nought lies, how it is cut and how far it runs. */
export interface MakerScaleInput {
  name: string;
  /** Length of one size, mm. */
  unitMm: number;
  /** Foot length of one size that is known, and which: nought follows from it. */
  knownSize: number;
  knownFootMm: number;
  cut: 'whole' | 'half' | 'half-is-width';
  from: number;
  to: number;
  forWhom: 'men' | 'women' | 'unisex' | 'children';
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
  if (low < 80 || high > 400)
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
    confidence: 'medium'
  };
}

/** What a foot is in a maker's scale; a half that is a width has the whole's length, and is told so. */
export function readInMaker(
  scale: AnyScale,
  cut: MakerScaleInput['cut'],
  footMm: number
): { label: string; remainderMm: number; wider: boolean | null; outside: boolean } {
  const step = cut === 'half-is-width' ? 1 : scale.step;
  const read = readLabel(scale, undefined, footMm, step);
  return {
    label: read.label,
    remainderMm: read.remainderMm,
    wider: cut === 'half-is-width' ? false : null,
    outside: read.size < scale.range[0] - 1e-9 || read.size > scale.range[1] + 1e-9
  };
}

/** Every width of a maker, in mm. */
export const makerWidths = (widths: MakerScaleInput['widths']): { name: string; mm: number }[] =>
  widths ? widths.names.map((name, i) => ({ name, mm: widths.firstMm + i * widths.stepMm })) : [];

/** The interval of feet a size of a maker stands for. */
export const makerInterval = (scale: AnyScale, size: number): { mm: number; lowMm: number; highMm: number } =>
  labelInterval(scale.schools[0], size, scale.step);
