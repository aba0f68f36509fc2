import { trimNumber } from '../measure';
import type { FootPlan } from '../shape';
import { COMPARED, insideMeasures, type ComparedId, type ComparedMeasure, type ComparedShoe } from './inside-measures';

export interface Difference {
  measure: ComparedMeasure;
  /** Of the first and the second, and second less first. */
  first: number;
  second: number;
  by: number;
  alike: boolean;
  /** `4.5 mm longer` of the second against the first. */
  words: string;
}

export interface Comparison {
  /** Every measure both have. */
  all: Difference[];
  /** What is alike, in the order of the shoe; what differs, largest first. */
  alike: Difference[];
  differ: Difference[];
  /** One line for each: what is alike first. */
  sentences: [string, string];
}

/** A number and its unit in words: `4.5 mm`, `2°`. */
const amount = (by: number, unit: 'mm' | '°'): string => (unit === '°' ? `${trimNumber(Math.abs(by))}°` : `${trimNumber(Math.abs(by))} mm`);

/** `9 mm later` is read best with the number before the last word. */
function wordsOf(m: ComparedMeasure, by: number): string {
  const said = by > 0 ? m.more : m.less;
  if (m.id === 'taper') return `taper starts ${amount(by, m.unit)} ${by > 0 ? 'later' : 'earlier'}`;
  if (m.id === 'toe-spring') return `toe stands ${amount(by, m.unit)} ${by > 0 ? 'higher' : 'lower'}`;
  if (m.id === 'flex') return `bends ${amount(by, m.unit)} further ${by > 0 ? 'forward' : 'back'}`;
  return `${amount(by, m.unit)} ${said}`;
}

/**
 * What is alike in two shoes and what differs, in millimetres and words.
 * @param foot whose toes stand in both; null for an ordinary foot of each
 * @example compareShoes(a, b, null).differ[0].words // '4.5 mm longer'
 */
export function compareShoes(first: ComparedShoe, second: ComparedShoe, foot: FootPlan | null): Comparison {
  const [a, b] = [insideMeasures(first, foot), insideMeasures(second, foot)];
  const all = COMPARED.filter((m) => !Number.isNaN(a[m.id]) && !Number.isNaN(b[m.id])).map((m): Difference => {
    const by = b[m.id] - a[m.id];
    const alike = Math.abs(by) <= m.alike;
    return { measure: m, first: a[m.id], second: b[m.id], by, alike, words: alike ? `${m.name} alike` : wordsOf(m, by) };
  });
  const alike = all.filter((d) => d.alike);
  const differ = all.filter((d) => !d.alike).sort((p, q) => Math.abs(q.by) * q.measure.weight - Math.abs(p.by) * p.measure.weight);
  const said = spoken(differ);
  return {
    all,
    alike,
    differ,
    sentences: [
      alike.length > 0 ? `Alike: ${namesOf(alike).join(', ')}.` : 'Alike in nothing that was compared.',
      differ.length > 0 ? `${second.name} against ${first.name}: ${said.map((d) => d.words).join(', ')}.` : `${second.name} and ${first.name} do not differ.`
    ]
  };
}

const TOE_WIDTHS: readonly ComparedId[] = ['toe10', 'toe20', 'toe30'];

/** Three toe widths are one finding: the largest of them is said. */
function spoken(differ: readonly Difference[]): Difference[] {
  const largest = differ.find((d) => TOE_WIDTHS.includes(d.measure.id));
  return differ.filter((d) => !TOE_WIDTHS.includes(d.measure.id) || d === largest);
}

/** Names of what is alike, the toe widths as one where all are. */
function namesOf(alike: readonly Difference[]): string[] {
  const all = TOE_WIDTHS.every((id) => alike.some((d) => d.measure.id === id));
  return alike.filter((d) => !all || !TOE_WIDTHS.slice(1).includes(d.measure.id)).map((d) => (all && d.measure.id === 'toe10' ? 'toe widths' : d.measure.name));
}
