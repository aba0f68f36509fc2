import { isSlip, quotedPair, slipWords } from '@chiave/core/heel';
import { parseMixedNumber } from '@chiave/core/measure';
import { z } from 'zod';

/** Small pieces that many schemas share. */
export const text = (most: number): z.ZodString => z.string().max(most, `at most ${most} characters`);
/** Why a text is no number: often it quotes a height in two units that cannot both be. */
const noNumber = (input: unknown): string => (typeof input === 'string' && slipWords(input)) || 'write it as a number';
export const mm = (low: number, high: number): z.ZodNumber =>
  z
    .number({ error: ({ input }) => noNumber(input) })
    .min(low, `from ${low} to ${high}`)
    .max(high, `from ${low} to ${high}`);
/**
 * A typed number as the API takes it; what is none goes on as it was typed, so that the schema's words name its field. Where one height is
 * quoted in two units that agree, it is read in mm.
 */
export function numberOrText(text: string): number | string {
  const quoted = quotedPair(text);
  if (quoted) return isSlip(quoted) ? text : quoted.mm;
  return parseMixedNumber(text) ?? (text !== '' && Number.isFinite(Number(text)) ? Number(text) : text);
}
/** Ids of definitions, as an enumeration takes them. */
export const idOf = <T extends string>(rows: readonly { id: T }[]): T[] => rows.map((r) => r.id);

/** True only where both types say the same. */
export type Same<A, B> = (<T>() => T extends A ? 1 : 2) extends <T>() => T extends B ? 1 : 2 ? true : false;
/** What may be read only may be written, all the way down. */
export type Writable<T> = T extends readonly (infer I)[] ? Writable<I>[] : T extends object ? { -readonly [K in keyof T]: Writable<T[K]> } : T;
/** Compiles only for true: `agree<Same<A, B>>()` says that a schema and a type of the core are one. */
export const agree = <T extends true>(): T | undefined => undefined;
