import { formatLength, MM_PER, parseLength, parseMixedNumber, type LengthUnit } from '../measure';
import { bootLabel, bootParts } from './boot-rule';
import { formatSize, inRun, sizeInterval } from './label';
import { PUBLISHED, cutsOf, cutWith, type ScaleBook } from './scale-book';
import { schoolOf, type AnyScale } from './scales';
import { plainLetter, WIDTH_SCALES } from './widths';

/** One thing a typed text may mean: a label in a scale, or a foot length. */
export interface Meaning {
  kind: 'label' | 'foot';
  scale?: string;
  size?: number;
  /** The label as it is written in its run, or the length with its unit. */
  text: string;
  width?: string;
  /** Scale asked for: `w7.5 in men's`. */
  into?: string;
  footMm: number;
  lowMm: number;
  highMm: number;
  school?: string;
}

export interface QuickAnswer {
  /** None: not understood; one: answered; several: asked, never guessed. */
  meanings: Meaning[];
  /** What is wrong, with what is allowed; empty when all is well. */
  problem: string;
}

/** What a book's scales are called, longest name first, by the letter a name begins with and the one it ends with. */
interface Words {
  first: ReadonlyMap<string, readonly Word[]>;
  last: ReadonlyMap<string, readonly Word[]>;
}
type Word = readonly [string, readonly string[]];
const wordsKept = new WeakMap<ScaleBook, Words>();
function wordsOf(book: ScaleBook): Words {
  const kept = wordsKept.get(book);
  if (kept) return kept;
  const ids = new Map<string, readonly string[]>();
  // A maker's own goes by its name. Named as a published one it does not hide it: both are meant.
  for (const { id, name, words, cutOf } of book.all) {
    if (cutOf) continue;
    for (const word of words ?? [name.toLowerCase()]) ids.set(word, [...(ids.get(word) ?? []), id]);
  }
  const all: Word[] = [...ids].sort((p, q) => q[0].length - p[0].length);
  const by = (letterOf: (word: string) => string): Map<string, Word[]> => {
    const map = new Map<string, Word[]>();
    for (const word of all) map.set(letterOf(word[0]), [...(map.get(letterOf(word[0])) ?? []), word]);
    return map;
  };
  const words: Words = { first: by((w) => w.charAt(0)), last: by((w) => w.charAt(w.length - 1)) };
  wordsKept.set(book, words);
  return words;
}
const NO_WORDS: readonly Word[] = [];
/** The width scale whose letters go with a length scale. */
export const widthScaleFor = (id: string): string | null => PUBLISHED.find(id)?.widthScale ?? null;

/** Why a letter does not go with a scale, or ''. */
function widthProblem(of: AnyScale, width: string | undefined): string {
  if (!width) return '';
  if (of.widths) return ownWidth(of, width) ? '' : `${of.name} has the widths ${of.widths.join(', ')}; there is no ${width}.`;
  const scale = WIDTH_SCALES.find((s) => s.id === of.widthScale);
  if (!scale) return `${of.name} sizes carry no width letter.`;
  return scale.letters.includes(width) ? '' : `${scale.name} are ${scale.letters.join(', ')}; there is no ${width}.`;
}

const ownWidth = (scale: AnyScale, width: string): string | undefined => scale.widths?.find((w) => w.toLowerCase() === width.toLowerCase());

const LETTERS = new Set(WIDTH_SCALES.flatMap((s) => s.letters));
/** Feet people have, mm: a bare number that would mean another foot is not offered. */
const HUMAN_MM: readonly [number, number] = [95, 340];
/** Scales that a bare number is read in. */
const bareScales = (book: ScaleBook): AnyScale[] => book.all.filter((s) => s.bare && !s.cutOf);

function wordAtStart(text: string, book: ScaleBook): { ids: readonly string[]; rest: string } | null {
  for (const [word, ids] of wordsOf(book).first.get(text.charAt(0)) ?? NO_WORDS) {
    if (!text.startsWith(word)) continue;
    const rest = text.slice(word.length);
    if (rest === '' || /^[\s\d.,½¼¾⅓⅔-]/.test(rest)) return { ids, rest: rest.trim() };
  }
  return null;
}
function wordAtEnd(text: string, book: ScaleBook): { ids: readonly string[]; rest: string } | null {
  for (const [word, ids] of wordsOf(book).last.get(text.charAt(text.length - 1)) ?? NO_WORDS) {
    if (!text.endsWith(word)) continue;
    const rest = text.slice(0, -word.length);
    if (/[\s\d½¼¾⅓⅔]$/.test(rest)) return { ids, rest: rest.trim() };
  }
  return null;
}

const NUMBER = /^\d+(?:\.\d+)?$/;
/** Takes a width letter off the end: `10 4E`, `24.5 EE`, `6 f`; a maker's own names where its scale was named. */
function takeWidth(text: string, ids: readonly string[] = [], book: ScaleBook): { rest: string; width?: string } {
  if (NUMBER.test(text)) return { rest: text };
  const own = ids.flatMap((id) => book.get(id).widths ?? []);
  const named = /^(.*\d)\s+(\S+)$/.exec(text);
  const mine = named && own.find((w) => w.toLowerCase() === named[2]);
  if (mine) return { rest: named[1].trim(), width: mine };
  const match = /^(.*\d[\d\s/.,½¼¾⅓⅔]*)\s+([2-5]?[a-mA-M]{1,4})$/.exec(text) ?? /^(.*\d)([2-5][eE]|[a-mA-M]{2,4})$/.exec(text);
  if (!match) return { rest: text };
  const letter = plainLetter(match[2]);
  return LETTERS.has(letter) ? { rest: match[1].trim(), width: letter } : { rest: text };
}

const stepWord = (scale: AnyScale): string => (cutsOf(scale).length > 1 ? 'whole, half or third sizes' : `steps of ${formatSize(scale.step, 0.5)}`);

/** What a label says without its width, worked out once for each size that is made. */
type Label = Pick<Meaning, 'text' | 'footMm' | 'lowMm' | 'highMm' | 'school'>;
const labels = new WeakMap<AnyScale, Map<number, Label>>();
function labelOf(scale: AnyScale, size: number): Label {
  const own = labels.get(scale) ?? new Map<number, Label>();
  labels.set(scale, own);
  const found = own.get(size);
  if (found) return found;
  const school = schoolOf(scale);
  const cut = cutWith(scale, size) ?? scale;
  const { mm, lowMm, highMm } = sizeInterval(cut, school.id, size);
  const text = `${scale.name} ${scale.rule ? bootLabel(bootParts(size)) : formatSize(size, cut.step)}`;
  const label: Label = { text, footMm: mm, lowMm, highMm, school: school.id };
  // What lies between two steps or outside the run is typed by mistake and not kept.
  if (labelProblem(scale, size) === '') own.set(size, label);
  return label;
}

function labelMeaning(scale: AnyScale, size: number, width?: string, into?: string): Meaning {
  const { text, footMm, lowMm, highMm, school } = labelOf(scale, size);
  return { kind: 'label', scale: scale.id, size, text: width ? `${text} ${width}` : text, width, footMm, lowMm, highMm, school, into };
}

/** Why a number is no label of a scale, or ''. */
function labelProblem(scale: AnyScale, size: number): string {
  const [low, high] = scale.range;
  if (!inRun(scale, size)) return `${scale.name} runs from ${low} to ${high}; ${trim(size)} is outside it.`;
  if (!cutWith(scale, size)) {
    const below = Math.floor(size / scale.step) * scale.step;
    return `${scale.name} goes in ${stepWord(scale)}: ${formatSize(below, scale.step)} or ${formatSize(below + scale.step, scale.step)}, not ${trim(size)}.`;
  }
  return '';
}
/** A length begins with a figure. */
const LENGTH_START = /^[-\d.,½¼¾⅓⅔⅛⅜⅝⅞]/;
/** A Mondopoint mark is the length and the width of the foot: `255/98`. */
const MONDO_MARK = /^(?:(?:mondopoint|mondo|mp) )?(\d{3}) ?\/ ?(\d{2,3})$/;
/** Widths feet have, mm. */
const HUMAN_WIDTH: readonly [number, number] = [45, 140];
function mondoMark(scale: AnyScale, length: number, width: number, into: string | undefined): QuickAnswer {
  const problem =
    labelProblem(scale, length) ||
    (width >= HUMAN_WIDTH[0] && width <= HUMAN_WIDTH[1]
      ? ''
      : `A foot ${width} mm wide is not a human one: a Mondopoint mark is length/width in mm, as 243/91.`);
  if (problem) return { meanings: [], problem };
  return { meanings: [{ ...labelMeaning(scale, length), text: `${scale.name} ${length}/${width}`, width: `${width} mm`, into }], problem: '' };
}
const trim = (n: number): string => `${Number(n.toFixed(2))}`;
const fits = (scale: AnyScale, size: number, width: string | undefined): boolean =>
  labelProblem(scale, size) === '' && widthProblem(scale, width) === '' && human(scale, size);

/** In small letters, with one kind of apostrophe and one space at a time. */
const tidy = (text: string): string => {
  const small = text.trim().toLowerCase();
  return /[’`\t\n\r\u00a0]| {2}/.test(small) ? small.replace(/[’`]/g, "'").replace(/\s+/g, ' ') : small;
};

/**
 * What a quick text may mean. Several meanings are listed, never guessed among.
 * @param text `us w 7.5`, `w7.5 in men's`, `42 eu`, `25.4 cm`, `9 3/4"`, `jp 24.5 EE`, `10 4E`, `39`
 * @param unit unit shown; only orders the meanings of a bare number
 * @param assumed scale of a bare number, where it has been told once for a whole column
 * @param book scales that may be named; a maker's own goes by its name
 * @example readQuick('w7.5 in men’s').meanings[0] // { scale: 'us-w', size: 7.5, into: 'us-m', ... }
 */
export function readQuick(text: string, unit: LengthUnit = 'mm', assumed: string | null = null, book: ScaleBook = PUBLISHED): QuickAnswer {
  const plain = tidy(text);
  if (plain === '') return { meanings: [], problem: '' };
  if (plain.length > 60) return { meanings: [], problem: 'That is longer than a size: write for example us w 6.5, 39 eu or 24.3 cm.' };

  const asked = / (?:in|to|as)/.test(plain) ? / (?:in|to|into|as) ([a-z][a-z0-9' ,&.-]*)$/.exec(plain) : null;
  const target = asked ? wordAtStart(asked[1].trim(), book) : null;
  const into = asked && target && target.rest === '' ? target.ids[0] : undefined;
  const body = into ? plain.slice(0, asked!.index).trim() : plain;

  const length = LENGTH_START.test(body) ? parseLength(body, unit) : null;
  if (length?.ok && length.unitTyped) {
    const [low, high] = HUMAN_MM;
    if (length.mm < low || length.mm > high) {
      return { meanings: [], problem: `A foot of ${formatLength(length.mm, length.unit)} is not a human one: feet from ${low} to ${high} mm are read.` };
    }
    return { meanings: [footMeaning(length.mm, length.unit, into)], problem: '' };
  }

  const front = wordAtStart(body, book);
  const mark = body.includes('/') ? MONDO_MARK.exec(body) : null;
  if (mark) return mondoMark(book.get('mondo'), Number(mark[1]), Number(mark[2]), into);

  const { rest: noWidth, width } = takeWidth(front ? front.rest : body, front?.ids, book);
  const back = front ? null : wordAtEnd(noWidth, book);
  const ids = front?.ids ?? back?.ids ?? (assumed ? [assumed] : null);
  const again = back ? takeWidth(back.rest, back.ids, book) : { rest: noWidth, width };
  const letter = width ?? again.width;
  const size = parseMixedNumber(again.rest);
  if (size === null) {
    return { meanings: [], problem: `“${text.trim()}” is not read. Write a scale and a size (us w 6.5, 39 eu, jp 23.5 E) or a foot (24.3 cm, 9 1/2 in).` };
  }
  if (size < 0) return { meanings: [], problem: `No scale has sizes below nought; ${trim(size)} was typed.` };

  if (ids) {
    const meanings: Meaning[] = [];
    for (const id of ids) {
      const scale = book.get(id);
      if (fits(scale, size, letter)) meanings.push(labelMeaning(scale, size, letter, into));
    }
    if (meanings.length > 0) return { meanings, problem: '' };
    const scales = ids.map((id) => book.get(id));
    return { meanings: [], problem: [...new Set(scales.map((scale) => labelProblem(scale, size) || widthProblem(scale, letter)).filter(Boolean))].join(' ') };
  }
  return bare(size, unit, letter, into, book);
}

const human = (scale: AnyScale, size: number): boolean => {
  const { footMm } = labelOf(scale, size);
  return footMm >= HUMAN_MM[0] && footMm <= HUMAN_MM[1];
};

function footMeaning(mm: number, unit: LengthUnit, into?: string): Meaning {
  return { kind: 'foot', text: `foot of ${formatLength(mm, unit)}`, footMm: mm, lowMm: mm, highMm: mm, into };
}

/** A bare number: every scale it could be a label of, and the lengths it could be. */
function bare(size: number, unit: LengthUnit, width: string | undefined, into: string | undefined, book: ScaleBook): QuickAnswer {
  const meanings: Meaning[] = [];
  const units: LengthUnit[] = [unit, ...(['mm', 'cm', 'in'] as const).filter((u) => u !== unit)];
  for (const u of units) {
    const mm = size * MM_PER[u];
    if (mm >= HUMAN_MM[0] && mm <= HUMAN_MM[1] && !width) meanings.push({ ...footMeaning(mm, u, into), text: `foot of ${trim(size)} ${u}` });
  }
  const scales = bareScales(book);
  for (const scale of scales) {
    if (scale.footItself && meanings.some((m) => m.kind === 'foot' && Math.abs(m.footMm - size) < 1e-6)) continue;
    if (fits(scale, size, width)) meanings.push(labelMeaning(scale, size, width, into));
  }
  const near = scales.filter((s) => inRun(s, size));
  // Between two steps the lengths it could be are still listed, and the steps are named: nothing is rounded unasked.
  const problem =
    meanings.some((m) => m.kind === 'label') || (meanings.length > 0 && near.length === 0)
      ? ''
      : near.length > 0
        ? labelProblem(near[0], size)
        : `${trim(size)} is no size in any scale, and no foot.`;
  return { meanings, problem };
}
