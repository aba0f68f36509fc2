import type { Side } from '../../measure';
import { UPPER } from '../tables';
import { NO_AIDS } from '../zones';
import type { Shoe, Wear } from '../shoe';
import { HELP_REFUSALS, PUT_IN_WORDS } from '../words';
import { HELP, trialsFor, type Dressed, type HelpDefinition, type HelpId } from './definitions';

/** A help as it is put into a shoe: which, and how much of it, mm. */
export interface PutIn {
  kind: HelpId;
  mm: number;
}
/** What is put into either shoe of a pair. */
export type PairPutIn = Readonly<Partial<Record<Side, readonly PutIn[]>>>;
/** Most helps put into one shoe: beyond two another last is the answer. */
export const MOST_PUT_IN = 2;

/** @throws RangeError when there is no such help */
function helpOf(kind: string): HelpDefinition<HelpId> {
  const help = (HELP as Readonly<Record<string, HelpDefinition<HelpId> | undefined>>)[kind];
  if (!help) throw new RangeError(PUT_IN_WORDS.none(kind));
  return help;
}

/** Name of a help as it is put in. @throws RangeError when it is none */
export const putInName = ({ kind, mm }: PutIn): string => helpOf(kind).name(mm);

/** True where nothing is put into either shoe. */
export const nothingIn = (put: PairPutIn): boolean => Object.values(put).every((helps) => !helps || helps.length === 0);

/** How a shoe is worn with what was put into it. */
export interface WornWith extends Dressed {
  names: string[];
}

/**
 * A shoe with helps put in.
 * @throws RangeError when a help is none, is not for this shoe, or there are more than two
 */
export function wornWith(shoe: Shoe, wear: Wear, helps: readonly PutIn[] = []): WornWith {
  if (helps.length > MOST_PUT_IN) throw new RangeError(PUT_IN_WORDS.tooMany(MOST_PUT_IN));
  const out: WornWith = { wear, aids: NO_AIDS, names: [] };
  for (const { kind, mm } of helps) {
    const help = helpOf(kind);
    const refusal = help.refusal(shoe);
    if (refusal !== null) throw new RangeError(`${help.name(mm)}: ${HELP_REFUSALS[refusal](UPPER[shoe.upper].name)}`);
    if (!trialsFor(shoe, { wear, aids: NO_AIDS }).some((t) => t.help === help && t.mm === mm)) throw new RangeError(PUT_IN_WORDS.noStrength(help.name(mm)));
    Object.assign(out, help.change(mm, out));
    out.names.push(help.name(mm));
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

/** True where a sock is among what is put into either shoe. */
export const sockPutIn = (put: PairPutIn): boolean => Object.values(put).some((helps) => helps?.some((h) => HELP[h.kind].sock));
