import { middleOf } from '../zones';
import { cellOf } from '../rank';
import { KIND } from '../tables';
import { POINTS, doubtOf } from '../doubt';
import { shoeOf, sizesOf, sizeText, type Style, footAsWorn, type Wear, type WornFoot } from '../shoe';
import { feelWords, findingsOf, SENTENCE, type KnownShoeSum } from '../words';
import { completeFoot, type FootInput } from '../../measure';
import { cutWith, formatSize, HABIT_PRIOR_SD, lengthSize, lengthStep, PUBLISHED, schoolOf, toFootMm, type ScaleBook } from '../../size';
import { TOE_FAMILY } from '../../last';

/** How a known shoe feels in length, with what it says of the foot, mm, and how surely [estimate: half tight is half of half a size]. */
export const FEELS = [
  { id: 'tight', name: 'tight', mm: 4.2, sdMm: 2.5 },
  { id: 'half-tight', name: 'half tight', mm: 2.1, sdMm: 2.5 },
  { id: 'comfortable', name: 'comfortable', mm: 0, sdMm: 2.5 },
  { id: 'half-loose', name: 'half loose', mm: -2.1, sdMm: 3 },
  { id: 'loose', name: 'loose', mm: -4.2, sdMm: 3.5 }
] as const;
export type FeelId = (typeof FEELS)[number]['id'];

/** A shoe someone wears: of the stockroom, or known only by its label. */
export type KnownShoe =
  { how: 'style'; style: Style; size: number; width: string; feel: FeelId } | { how: 'label'; scale: string; size: number; school?: string; feel: FeelId };

export interface FootGuess {
  lengthMm: number;
  sdMm: number;
  /** One line a known shoe: what it says of the foot, how surely, and by which way. */
  lines: (KnownShoeSum & { lengthMm: number; sdMm: number; share: number })[];
  /** The shoes contradict each other beyond their doubts. */
  contradict: boolean;
}

/** The foot behind known shoes, by inverse variance, through inside dimensions where they are known and labels where not. */
export function guessFoot(known: readonly KnownShoe[], book: ScaleBook = PUBLISHED): FootGuess {
  if (known.length === 0) throw new RangeError('name at least one shoe that is worn');
  const lines = known.map((shoe) => lineOf(shoe, book));
  const total = lines.reduce((sum, l) => sum + 1 / l.sdMm ** 2, 0);
  const lengthMm = lines.reduce((sum, l) => sum + l.lengthMm / l.sdMm ** 2, 0) / total;
  const spread = lines.reduce((sum, l) => sum + ((l.lengthMm - lengthMm) / l.sdMm) ** 2, 0);
  const freedom = Math.max(1, lines.length - 1);
  // Shoes that disagree more than their doubts allow widen the doubt of what they say together.
  const sdMm = Math.sqrt(1 / total) * Math.sqrt(Math.max(1, spread / freedom));
  const contradict = lines.length > 1 && spread / freedom > 3;
  return { lengthMm, sdMm, lines: lines.map((l) => ({ ...l, share: 1 / l.sdMm ** 2 / total })), contradict };
}

function lineOf(known: KnownShoe, book: ScaleBook): KnownShoeSum & { lengthMm: number; sdMm: number } {
  const feel = FEELS.find((f) => f.id === known.feel)!;
  if (known.how === 'style') {
    const { inside, kind, sd } = shoeOf(known.style, known.size, known.width);
    const right = middleOf(KIND[kind].cuts['toe-room']);
    const tip = KIND[kind].basis === 'usable' ? TOE_FAMILY[inside.family].nominalTipMm : 0;
    return {
      way: 'inside',
      name: `${known.style.name} ${sizeText(known.style, known.size)} ${known.width}`,
      feel: feel.name,
      insideMm: inside.insoleLengthMm,
      lessMm: right + tip,
      lengthMm: inside.insoleLengthMm - right - tip + feel.mm,
      sdMm: Math.hypot(feel.sdMm, sd.lengthMm, tip > 0 ? 2 : 0)
    };
  }
  const named = book.get(known.scale);
  const scale = cutWith(named, known.size) ?? named;
  const school = schoolOf(scale, known.school);
  return {
    way: 'label',
    name: `${named.name} ${formatSize(known.size, scale.step)}`,
    feel: feel.name,
    lengthMm: toFootMm(school, lengthSize(scale, known.size)) + feel.mm,
    sdMm: Math.hypot(feel.sdMm, HABIT_PRIOR_SD * school.unitMm, (lengthStep(scale) * school.unitMm) / Math.sqrt(12))
  };
}

export interface SizeThere {
  size: string;
  sizeNumber: number;
  width: string;
  fits: boolean;
  /** Chance over the spread of the foot that every zone sits within its limits. */
  probability: number;
  feel: string;
}

/**
 * Which size of another style goes with a guessed foot: every size near it with its chance, best first.
 * @param width the wearer's usual width in that style; its first when left out
 */
export function sizesThere(guess: FootGuess, style: Style, wear: Wear, width?: string, more: Partial<FootInput> = {}): SizeThere[] {
  const feet: WornFoot[] = (['left', 'right'] as const).map((side) =>
    footAsWorn(completeFoot({ ...more, side, values: { ...more.values, lengthMm: { mm: guess.lengthMm, how: 'stated', sdMm: guess.sdMm } } }), wear)
  );
  const widths = width ? [width] : style.widths;
  return sizesOf(style)
    .flatMap((size) => widths.map((w) => ({ size, cell: cellOf(style, size, w, feet, wear) })))
    .filter(({ cell }) => Math.abs(cell.shoe.inside.madeForFootMm - guess.lengthMm) < 16)
    .map(({ size, cell }) => {
      const [worst] = cell.spoken.flatMap((foot) => findingsOf(foot).slice(0, 1));
      return {
        size: sizeText(style, size),
        sizeNumber: size,
        width: cell.width,
        fits: cell.fits,
        probability: doubtOf(feet.slice(0, 1), cell.shoe, wear, cell.targets, POINTS.ranked * 2).probability,
        feel: worst ? feelWords(worst) : SENTENCE.rightAllRound
      };
    })
    .sort((p, q) => q.probability - p.probability || Number(q.fits) - Number(p.fits))
    .slice(0, 6);
}
