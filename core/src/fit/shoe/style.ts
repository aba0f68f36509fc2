import { formatSize, parseSize, plainLetter, readLabel, SCALE, schoolOf, toFootMm, type ForWhom, type LabelReading, type ScaleId } from '../../size';
import { gradeLast, outlineTaperSd, type Last } from '../../last';
import type { InsideSd, KeptMake, Shoe, ShoeMake } from './shoe';
import type { StyleDetails } from './style-details';

/** A style as the stockroom keeps it: a last in a kind of shoe, in its own scale, run of sizes and widths. */
export interface Style extends KeptMake {
  id: string;
  name: string;
  maker: { id: string; name: string };
  last: Last;
  forWhom: ForWhom;
  scale: ScaleId;
  school: string;
  /** Step of this style's run, in sizes. */
  step: number;
  from: number;
  to: number;
  /** Widths it is made in, and all letters of the maker in order, narrowest first. */
  widths: readonly string[];
  letters: readonly string[];
  /** Everything else that is kept of it; the fit does not read it. */
  details?: StyleDetails;
  /** Counts up with every change of it. */
  version?: number;
  /** Pairs on the shelf by `size|width`. */
  stock: Readonly<Record<string, number>>;
}

/** Sizes of a style's run, in order. */
export function sizesOf(style: Pick<Style, 'from' | 'to' | 'step'>): number[] {
  const sizes: number[] = [];
  for (let i = 0; style.from + i * style.step <= style.to + 1e-9; i++) sizes.push(style.from + i * style.step);
  return sizes;
}

export const sizeText = (style: Pick<Style, 'step'>, size: number): string => formatSize(size, style.step);
export const stockKey = (style: Style, size: number, width: string): string => `${sizeText(style, size)}|${width}`;
export const onShelf = (style: Style, size: number, width: string): number => style.stock[stockKey(style, size, width)] ?? 0;

/** A style in one size of its run alone, for holding the size equal over lasts; null when it is not made in it. */
export const heldToSize = <S extends Pick<Style, 'from' | 'to' | 'step'>>(style: S, size: number): S | null =>
  sizesOf(style).some((s) => Math.abs(s - size) < 1e-6) ? { ...style, from: size, to: size } : null;

/** Letters from the last's base width to a width. */
export function widthSteps(style: Style, width: string): number {
  const at = style.letters.indexOf(width);
  const base = style.letters.indexOf(style.last.base.width);
  if (at < 0 || base < 0) throw new RangeError(`no width ${width} in ${style.name}; there are ${style.letters.join(', ')}`);
  return at - base;
}

const deviations = new WeakMap<Last, InsideSd>();
const alike = new Map<string, InsideSd>();
/** How well the inside of a last is known: the same for all its sizes and widths, and one object for all lasts known as well. */
export function sdOf(last: Last): InsideSd {
  const known = deviations.get(last);
  if (known) return known;
  const { lengthSdMm, widthSdMm, girthSdMm } = last.evidence;
  const taperMm = last.outline ? outlineTaperSd(last.outline) : 2;
  const key = `${lengthSdMm} ${widthSdMm} ${girthSdMm} ${taperMm}`;
  const sd = alike.get(key) ?? { lengthMm: lengthSdMm, ballLineMm: 1.5, widthMm: widthSdMm, girthMm: girthSdMm, taperMm, depthMm: 1 };
  alike.set(key, sd);
  deviations.set(last, sd);
  return sd;
}

/** How a style is made, the same in all its sizes and widths. Vamp and shank are its own where they are known, else its last's. */
export function makeOf({ kind, upper, closure, soleStiffness, heelHeightMm, platformMm, removableInsoleMm, toeStructure, details, last }: Style): ShoeMake {
  const throatMm = details?.throatLineMm ?? last.form?.throatLineMm ?? null;
  return {
    kind,
    upper,
    closure,
    soleStiffness,
    heelHeightMm,
    platformMm,
    removableInsoleMm,
    toeStructure,
    heel: details ?? null,
    vampAt: throatMm === null ? null : throatMm / last.base.forFootMm,
    archLine: details?.archLine || (last.form?.archLine ?? null)
  };
}

/**
 * The shoe of a style in a size and width.
 * @throws RangeError when the width is none of the maker's
 */
export function shoeOf(style: Style, size: number, width: string): Shoe {
  const { last } = style;
  return { ...makeOf(style), inside: gradeLast(last, size, widthSteps(style, width)), sd: sdOf(last), assumed: [] };
}

/**
 * What a typed size and width mean in a style, or why not: `9`, `9 1/2`, `42 2/3`.
 * @returns size and width, or the message for the field
 */
export function readStyleSize(
  style: Style,
  sizeTyped: string,
  widthTyped: string
): { size: number; width: string } | { field: 'size' | 'width'; message: string } {
  const size = parseSize(sizeTyped);
  if (size === null)
    return {
      field: 'size',
      message: `“${sizeTyped}” is not a size. ${style.name} is made from ${sizeText(style, style.from)} to ${sizeText(style, style.to)}.`
    };
  const index = (size - style.from) / style.step;
  if (size < style.from - 1e-6 || size > style.to + 1e-6 || Math.abs(index - Math.round(index)) > 0.01) {
    return {
      field: 'size',
      message: `${style.name} has no size ${sizeTyped}: it is made from ${sizeText(style, style.from)} to ${sizeText(style, style.to)} in steps of ${formatSize(style.step, style.step === 0.5 || style.step === 1 ? style.step : 1 / 3)}.`
    };
  }
  const width = style.widths.find((w) => w.toUpperCase() === widthTyped.toUpperCase() || w === plainLetter(widthTyped));
  if (!width) return { field: 'width', message: `${style.name} has no width ${widthTyped}: it is made in ${style.widths.join(', ')}.` };
  return { size: style.from + Math.round(index) * style.step, width };
}

/** What a foot reads in a style's own scale and step, before the last is looked at. */
export const sizeRead = (style: Style, footMm: number): LabelReading => readLabel(SCALE[style.scale], style.school, footMm, style.step);
/** The same as it is written on a box. */
export const readInStyle = (style: Style, footMm: number): string => sizeRead(style, footMm).label;

/** Foot length a style's label claims, mm; what the last is really made for may differ: the maker's habit. */
export const claimedFootMm = (style: Style, size: number): number => toFootMm(schoolOf(SCALE[style.scale], style.school), size);
