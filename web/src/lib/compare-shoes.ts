/** Turns styles and lasts of the stockroom into what the comparison takes; pages and the server use it alike. */
import { bestEquivalent, FELT_WEIGHTS, type ComparedShoe, type EquivalentSize, type FeltWeights } from '@chiave/core/compare';
import { planOf, sizesOf, sizeText, UPPER, type Style } from '@chiave/core/fit';
import { SCALE } from '@chiave/core/size';
import { gradedDrop, gradeLast, gradeToFoot, type Last } from '@chiave/core/last';
import { completeFoot, type FootToeShape } from '@chiave/core/measure';
import type { FootPlan } from '@chiave/core/shape';

/** A last to be compared: as such, or in one of its styles. */
export interface Comparable {
  /** `last:heron` or `style:moonrise-70`. */
  key: string;
  name: string;
  last: Last;
  letters: readonly string[];
  style: Style | null;
  /** Name of the scale its sizes are marked in; blank where no style is on the last. */
  scale: string;
}

/** Which scale each last's sizes are marked in, by the styles on it. */
export const scalesOfLasts = (styles: readonly Style[]): Record<string, string> => Object.fromEntries(styles.map((s) => [s.last.id, SCALE[s.scale].name]));

/** Every last and every style that can be laid over another. */
export function comparables(
  lasts: readonly Last[],
  styles: readonly Style[],
  makers: readonly { id: string; name: string; letters: readonly string[] }[],
  scales: Readonly<Record<string, string>> = scalesOfLasts(styles)
): Comparable[] {
  const letters = new Map(makers.map((m) => [m.id, m]));
  return [
    ...lasts.map((last) => ({
      key: `last:${last.id}`,
      name: `${last.name}, ${letters.get(last.maker)?.name ?? last.maker}`,
      last,
      letters: letters.get(last.maker)?.letters ?? [last.base.width],
      style: null,
      scale: scales[last.id] ?? ''
    })),
    ...styles.map((style) => ({
      key: `style:${style.id}`,
      name: `${style.name}, ${style.maker.name}`,
      last: style.last,
      letters: style.letters,
      style,
      scale: SCALE[style.scale].name
    }))
  ];
}

/** A leather upper, where a last is looked at without a style. */
export const girthShareOf = (c: Pick<Comparable, 'style'>): number => (c.style ? UPPER[c.style.upper].girthShare : UPPER['smooth-leather'].girthShare);
const stepsOf = (c: Comparable, width: string | undefined): number => {
  const at = c.letters.indexOf(width ?? c.last.base.width);
  if (at < 0) throw new RangeError(`${c.name} has no width ${width}; there are ${c.letters.join(', ')}`);
  return at - c.letters.indexOf(c.last.base.width);
};

export type Chosen = { by: 'foot'; footMm: number; width?: string } | { by: 'size'; size: number; width?: string };

/** The inside of one of them for a foot or in a size. @throws RangeError for a width it has not, or a size out of all reason */
export function shoeAt(c: Comparable, chosen: Chosen): ComparedShoe {
  const steps = stepsOf(c, chosen.width);
  const inside = chosen.by === 'foot' ? gradeToFoot(c.last, chosen.footMm, steps) : gradeLast(c.last, chosen.size, steps);
  const size = chosen.by === 'size' ? chosen.size : c.last.base.size + (inside.madeForFootMm - c.last.base.forFootMm) / c.last.grade.lengthPerSizeMm;
  const label = chosen.by === 'size' ? ` ${Number(chosen.size.toFixed(2))}` : '';
  const drop = c.style ? c.style.heelHeightMm - c.style.platformMm : gradedDrop(c.last, size);
  return { name: `${c.style?.name ?? c.last.name}${label}`, inside, girthShare: girthShareOf(c), form: c.last.form, dropMm: drop };
}

/** A wearer's plan from a few figures; the rest by proportion. */
export function planOfFoot(foot: { lengthMm: number; ballWidthMm?: number; toeShape?: FootToeShape }): FootPlan {
  const whole = completeFoot({
    side: 'left',
    values: { lengthMm: { mm: foot.lengthMm }, ...(foot.ballWidthMm === undefined ? {} : { ballWidthMm: { mm: foot.ballWidthMm } }) },
    toeShape: foot.toeShape
  });
  return planOf(whole);
}

export interface SizeThere {
  equivalent: EquivalentSize;
  width: string;
  /** Nearest size of the run, where a style has one; the exact size to a tenth otherwise. */
  label: string;
  /** Size less the exact one, in sizes: what the rounding adds. */
  roundedBy: number;
}

/** Which size and width of a second feels like a first. @throws RangeError when none comes near */
export function sizeThere(from: Comparable, chosen: Chosen, to: Comparable, foot: FootPlan | null, weights: FeltWeights = FELT_WEIGHTS): SizeThere {
  const { inside, girthShare } = shoeAt(from, chosen);
  const widths = to.style ? to.style.widths : to.letters;
  const equivalent = bestEquivalent(
    { inside, girthShare },
    { last: to.last, girthShare: girthShareOf(to) },
    widths.map((w) => stepsOf(to, w)),
    foot,
    weights
  );
  const width = to.letters[to.letters.indexOf(to.last.base.width) + equivalent.widthSteps];
  if (!to.style) {
    const size = Math.round(2 * equivalent.exact) / 2;
    return { equivalent, width, label: String(size), roundedBy: size - equivalent.exact };
  }
  const nearest = sizesOf(to.style).reduce((a, b) => (Math.abs(b - equivalent.exact) < Math.abs(a - equivalent.exact) ? b : a));
  return { equivalent, width, label: sizeText(to.style, nearest), roundedBy: nearest - equivalent.exact };
}
