import type { Side } from '../measure';
import { nameOf, RULES, trialsFor, type RemedyKind } from './help-rules';
import { NO_AIDS, type Aids } from './plain-zones';
import type { Shoe } from './shoe';
import type { Wear } from './wear';

/** A help as it is put into a shoe: which, and how much of it, mm. */
export interface PutIn {
  kind: RemedyKind;
  mm: number;
}
/** Most helps put into one shoe: beyond two another last is the answer. */
export const MOST_PUT_IN = 2;

/** Name of a help as it is put in. @throws RangeError when it is none */
export function putInName({ kind, mm }: PutIn): string {
  const rule = RULES.find((r) => r.kind === kind);
  if (!rule) throw new RangeError(`${kind} is nothing that is put into a shoe`);
  return rule.name(mm);
}

/** Kinds of help that are put into a shoe. */
export const PUT_IN_KINDS: readonly RemedyKind[] = RULES.map((r) => r.kind);

/** True where nothing is put into either shoe. */
export const nothingIn = (put: PairPutIn): boolean => Object.values(put).every((helps) => !helps || helps.length === 0);

/** How a shoe is worn with what was put into it. */
export interface WornWith {
  wear: Wear;
  aids: Aids;
  names: string[];
}

/** What is put into either shoe of a pair. */
export type PairPutIn = Readonly<Partial<Record<Side, readonly PutIn[]>>>;

/**
 * A shoe with helps put in.
 * @throws RangeError when a help is none, is not for this shoe, or there are more than two
 */
export function wornWith(shoe: Shoe, wear: Wear, helps: readonly PutIn[] = []): WornWith {
  if (helps.length > MOST_PUT_IN) throw new RangeError(`at most ${MOST_PUT_IN} helps go into one shoe; beyond that another last is the answer`);
  const out: WornWith = { wear, aids: NO_AIDS, names: [] };
  for (const { kind, mm } of helps) {
    const rule = RULES.find((r) => r.kind === kind);
    if (!rule) throw new RangeError(`${kind} is nothing that is put into a shoe`);
    const why = rule.forbidden(shoe, wear);
    if (why !== null) throw new RangeError(`${rule.name(mm)}: ${why}`);
    const trial = trialsFor(shoe, wear, NO_AIDS).find((t) => t.rule === rule && t.mm === mm);
    if (!trial) throw new RangeError(`${rule.name(mm)} is not among the strengths there are`);
    Object.assign(out, rule.change(mm, out.aids, out.wear));
    out.names.push(nameOf(trial));
  }
  return out;
}

/** True while all that was put in still goes in: a sock that was thicker than the one worn then may not be now. */
export function stillGoesIn(shoe: Shoe, wear: Wear, put: PairPutIn): boolean {
  try {
    for (const helps of Object.values(put)) wornWith(shoe, wear, helps);
    return true;
  } catch (error) {
    if (error instanceof RangeError) return false;
    throw error;
  }
}
