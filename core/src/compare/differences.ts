import { trimNumber } from '../measure';
import type { FootPlan } from '../shape';
import { COMPARED, insideMeasures, type ComparedMeasure, type ComparedShoe } from './inside-measures';

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

const wordsOf = (m: ComparedMeasure, by: number): string => (by > 0 ? m.more : m.less).replace('#', amount(by, m.unit));

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

/** What belongs to one group is one finding: the largest of it is said. */
const spoken = (differ: readonly Difference[]): Difference[] =>
  differ.filter((d) => !d.measure.group || d === differ.find((o) => o.measure.group === d.measure.group));

/** Names of what is alike, a group as one where all of it is. */
function namesOf(alike: readonly Difference[]): string[] {
  const whole = (group: string): boolean => COMPARED.every((m) => m.group !== group || alike.some((d) => d.measure === m));
  return [...new Set(alike.map(({ measure: { name, group } }) => (group && whole(group) ? group : name)))];
}
