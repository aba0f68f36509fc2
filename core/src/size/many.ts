import { sizeIn } from './convert';
import { readLabel } from './label';
import { readQuick } from './quick';
import { PUBLISHED, type ScaleBook } from './scale-book';

/** Many labels at once: what each was read as, and the sizes in the scales asked for. */
export interface ManyRow {
  line: number;
  text: string;
  readAs: string;
  footMm: number | null;
  sizes: string[];
  problem: string;
}

export interface ManyOptions {
  to: readonly string[];
  /** Scale of a bare number; without one a bare number is reported as having several meanings. */
  bare: string | null;
}

const failed = (text: string, line: number, to: readonly string[], problem: string): ManyRow => ({
  line,
  text,
  readAs: '',
  footMm: null,
  sizes: to.map(() => ''),
  problem
});

/** Reads and converts one line. Nothing is guessed: what has several meanings says so. */
export function convertLine(text: string, line: number, { to, bare }: ManyOptions, book: ScaleBook = PUBLISHED): ManyRow {
  const plain = text.trim();
  if (plain === '') return failed(text, line, to, 'empty');
  const { meanings, problem } = readQuick(plain, 'mm', bare, book);
  if (meanings.length === 0) return failed(text, line, to, problem);
  if (meanings.length > 1) {
    const some = meanings.slice(0, 4).map((m) => m.text);
    return failed(text, line, to, `${meanings.length} meanings: ${some.join(', ')}${meanings.length > 4 ? ' …' : ''}. Say which scale.`);
  }
  const [one] = meanings;
  const { footMm, text: readAs } = one;
  const source = one.kind === 'label' ? book.get(one.scale!) : null;
  const sizes: string[] = [];
  for (const id of to) sizes.push(source ? sizeIn(source, one.size!, one.school, book.get(id)) : readLabel(book.get(id), undefined, footMm).label);
  return { line, text, readAs, footMm, sizes, problem: '' };
}

/** Feet of one stretch of lengths, and how many there are. */
export interface FeetOfLength {
  fromMm: number;
  toMm: number;
  feet: number;
}

/**
 * How the lengths of many feet lie, in stretches of one width without a gap.
 * @param stepMm width of a stretch, mm; stretches begin at its multiples
 * @returns from the shortest to the longest; none for no feet
 */
export function feetByLength(lengthsMm: readonly number[], stepMm: number): FeetOfLength[] {
  const counts = new Map<number, number>();
  for (const mm of lengthsMm) {
    const at = Math.floor(mm / stepMm);
    counts.set(at, (counts.get(at) ?? 0) + 1);
  }
  if (counts.size === 0) return [];
  const low = Math.min(...counts.keys());
  return Array.from({ length: Math.max(...counts.keys()) - low + 1 }, (_, i) => ({
    fromMm: (low + i) * stepMm,
    toMm: (low + i + 1) * stepMm,
    feet: counts.get(low + i) ?? 0
  }));
}
