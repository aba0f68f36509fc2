import type { Side } from './foot';
import { judgeJointly, type JointReading, type JointValue } from './joint-model';
import { MEASURES, type MeasureId } from './measures';

/** How a value may have come to be wrong, in codes and numbers; `slipWords` asks about it. */
export type SlipCause =
  | { kind: 'unit'; typed: SlipUnit; readAs: SlipUnit }
  | { kind: 'exchanged' | 'beside'; figures: string }
  | { kind: 'other-measure'; measure: MeasureId }
  | { kind: 'unexplained' };
export type SlipUnit = 'in' | 'cm' | 'mm';

export interface Slip {
  side: Side;
  id: MeasureId;
  mm: number;
  expectedMm: number;
  conditionalSdMm: number;
  z: number;
  cause: SlipCause;
  /** What the value would be without the slip; offered, never applied. */
  offerMm: number | null;
}

/** A value this many deviations from what all the others expect is asked about. */
const ASK_AT = 3.5;
/** An explanation must bring the value back within this many deviations. */
const EXPLAINED_AT = 2.2;
/** Slips looked for one after the other; more than this is a set measured anew. */
const MOST_SLIPS = 3;

interface Explanation {
  cause: SlipCause;
  mm: number;
}

const MM_OF: Readonly<Record<SlipUnit, number>> = { in: 25.4, cm: 10, mm: 1 };
/** Units taken for one another. */
const UNIT_SLIPS: readonly (readonly [typed: SlipUnit, readAs: SlipUnit])[] = [
  ['in', 'cm'],
  ['cm', 'in'],
  ['in', 'mm'],
  ['mm', 'in'],
  ['cm', 'mm'],
  ['mm', 'cm']
];

/**
 * Finds values that, if mistyped, would explain why a set is odd: the value furthest from what all the others expect,
 * then what slip of the hand would have made it. Nothing is changed.
 * @param values both feet as read
 * @param girthFactor of the population chosen
 */
export function findSlips(values: readonly JointValue[], girthFactor = 1): Slip[] {
  const slips: Slip[] = [];
  let rest = [...values];
  while (slips.length < MOST_SLIPS && rest.length >= 2) {
    const worst = judgeJointly(rest, girthFactor).each.reduce((a, b) => (Math.abs(b.z) > Math.abs(a.z) ? b : a));
    if (Math.abs(worst.z) < ASK_AT) break;
    slips.push(explained(worst, values));
    rest = rest.filter((v) => v.side !== worst.side || v.id !== worst.id);
  }
  return slips;
}

function explained(value: JointReading, all: readonly JointValue[]): Slip {
  const { side, id, mm, expectedMm, conditionalSdMm, z } = value;
  const good = (x: number): boolean => Math.abs(Math.log(x / expectedMm)) < (EXPLAINED_AT * conditionalSdMm) / expectedMm;
  const found = [...unitSlips(mm), ...digitSlips(mm), ...wrongMeasure(value, all)].find((e) => e.cause.kind === 'other-measure' || good(e.mm));
  const cause: SlipCause = found?.cause ?? { kind: 'unexplained' };
  return { side, id, mm, expectedMm, conditionalSdMm, z, cause, offerMm: found && cause.kind !== 'other-measure' ? Math.round(found.mm * 10) / 10 : null };
}

const unitSlips = (mm: number): Explanation[] =>
  UNIT_SLIPS.map(([typed, readAs]) => ({ cause: { kind: 'unit', typed, readAs }, mm: (mm * MM_OF[typed]) / MM_OF[readAs] }));

/** Two neighbouring figures changed places, or one figure was hit beside the right one. */
function digitSlips(mm: number): Explanation[] {
  const text = `${Math.round(mm)}`;
  const swapped = [...text].slice(1).map((_, i) => {
    const digits = [...text];
    [digits[i], digits[i + 1]] = [digits[i + 1], digits[i]];
    return digits.join('');
  });
  const beside = [...text].flatMap((digit, i) => [-1, 1].map((step) => text.slice(0, i) + `${(Number(digit) + step + 10) % 10}` + text.slice(i + 1)));
  const of = (texts: string[], kind: 'exchanged' | 'beside'): Explanation[] =>
    texts.filter((t) => t !== text && Number(t) > 0).map((figures) => ({ cause: { kind, figures }, mm: Number(figures) }));
  return [...of(swapped, 'exchanged'), ...of(beside, 'beside')];
}

/** The value would suit another measure of the same foot. */
function wrongMeasure(value: JointReading, all: readonly JointValue[]): Explanation[] {
  const others = all.filter((v) => v.side === value.side && v.id !== value.id);
  if (others.length === 0) return [];
  return MEASURES.filter((m) => m.id !== value.id && m.id !== 'lengthMm' && !others.some((o) => o.id === m.id))
    .map((m) => ({ m, reading: judgeJointly([...others, { ...value, id: m.id, sdMm: m.tapeSdMm }]).each.at(-1)! }))
    .filter(({ reading }) => Math.abs(reading.z) < EXPLAINED_AT)
    .sort((p, q) => Math.abs(p.reading.z) - Math.abs(q.reading.z))
    .slice(0, 1)
    .map(({ m }) => ({ cause: { kind: 'other-measure', measure: m.id }, mm: value.mm }));
}

/** Odds beyond which left and right are asked about. */
const SWAPPED_ODDS = 20;

/**
 * Left and right exchanged, looked for against an earlier session: how much better today's feet agree with the earlier ones
 * the other way round.
 * @param now,before both feet's values of two sessions
 * @returns odds that the sides were exchanged (even odds before looking), and whether to ask; null where nothing can be said
 */
export function sidesExchanged(now: readonly JointValue[], before: readonly JointValue[]): { odds: number; asked: boolean } | null {
  const at = (set: readonly JointValue[], side: Side, id: MeasureId): JointValue | undefined => set.find((v) => v.side === side && v.id === id);
  let straight = 0;
  let crossed = 0;
  let shared = 0;
  for (const { id } of MEASURES) {
    const [l, r, wasL, wasR] = [at(now, 'left', id), at(now, 'right', id), at(before, 'left', id), at(before, 'right', id)];
    if (!l || !r || !wasL || !wasR) continue;
    shared++;
    // Feet change alike: only the difference between the sides is compared.
    const sd2 = l.sdMm ** 2 + r.sdMm ** 2 + wasL.sdMm ** 2 + wasR.sdMm ** 2;
    const [today, then] = [l.mm - r.mm, wasL.mm - wasR.mm];
    straight += (today - then) ** 2 / (2 * sd2);
    crossed += (today + then) ** 2 / (2 * sd2);
  }
  if (shared === 0) return null;
  const odds = Math.exp(Math.min(30, straight - crossed));
  return { odds, asked: odds >= SWAPPED_ODDS };
}
