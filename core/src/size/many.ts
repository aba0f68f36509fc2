import { convertLabel } from './convert';
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

/** Reads and converts one line. Nothing is guessed: what has several meanings says so. */
export function convertLine(text: string, line: number, { to, bare }: ManyOptions, book: ScaleBook = PUBLISHED): ManyRow {
  const plain = text.trim();
  const { meanings, problem } = readQuick(plain, 'mm', bare, book);
  const failed = (why: string): ManyRow => ({ line, text, readAs: '', footMm: null, sizes: to.map(() => ''), problem: why });
  if (plain === '') return failed('empty');
  if (meanings.length === 0) return failed(problem);
  if (meanings.length > 1)
    return failed(
      `${meanings.length} meanings: ${meanings
        .slice(0, 4)
        .map((m) => m.text)
        .join(', ')}${meanings.length > 4 ? ' …' : ''}. Say which scale.`
    );
  const [one] = meanings;
  if (one.kind === 'foot') {
    return {
      line,
      text,
      readAs: one.text,
      footMm: one.footMm,
      sizes: to.map((id) => readLabel(book.get(id), undefined, one.footMm).label),
      problem: ''
    };
  }
  const { readings } = convertLabel({ scale: one.scale!, size: one.size!, school: one.school }, to, book);
  const sizes = to.map((id) => (readings.find((r) => r.scale === id && r.school === one.school) ?? readings.find((r) => r.scale === id))!.size);
  return { line, text, readAs: one.text, footMm: one.footMm, sizes, problem: '' };
}
