import type { z } from 'zod';

/** JSON columns come back as text or parsed, by driver version; this reads both. */
const fromJson = (value: unknown): unknown => (typeof value === 'string' ? JSON.parse(value) : value);

/**
 * What stands in a JSON column, read so that a page survives whatever it is: rows outlive the code that wrote them, and hands
 * other than ours may write.
 */
function parsed(value: unknown): unknown {
  try {
    return fromJson(value);
  } catch {
    return null;
  }
}

/** A list of texts, each once; only those allowed where that is said. */
export function textSet<T extends string>(value: unknown, allowed: readonly T[]): T[];
export function textSet(value: unknown): string[];
export function textSet(value: unknown, allowed?: readonly string[]): string[] {
  const list = parsed(value);
  if (!Array.isArray(list)) return [];
  const texts = list.filter((item): item is string => typeof item === 'string' && item !== '');
  return [...new Set(allowed ? texts.filter((t) => allowed.includes(t)) : texts)];
}

/** A record of texts. */
export function textRecord(value: unknown): Record<string, string> {
  const record = parsed(value);
  if (typeof record !== 'object' || record === null || Array.isArray(record)) return {};
  return Object.fromEntries(Object.entries(record).filter((entry): entry is [string, string] => typeof entry[1] === 'string'));
}

/** A list of records that `fits` takes. */
export function records<T>(value: unknown, fits: (item: T) => boolean): T[] {
  const list = parsed(value);
  return Array.isArray(list) ? list.filter((item): item is T => typeof item === 'object' && item !== null && fits(item as T)) : [];
}

/** A number that can be one in mm or degrees. */
export const isFigure = (value: unknown): value is number => typeof value === 'number' && Number.isFinite(value) && Math.abs(value) < 10_000;

/** One of a list of words, or the usual one. */
export const oneOf = <T extends string>(value: unknown, allowed: readonly T[], usual: T): T => (allowed.includes(value as T) ? (value as T) : usual);

/** A record; empty where none stands. */
export function record(value: unknown): Record<string, unknown> {
  const found = parsed(value);
  return typeof found === 'object' && found !== null && !Array.isArray(found) ? (found as Record<string, unknown>) : {};
}

/** What a schema takes, or `otherwise`. */
export function bySchema<S extends z.ZodType, O>(value: unknown, schema: S, otherwise: O): z.output<S> | O {
  const read = schema.safeParse(parsed(value));
  return read.success ? read.data : otherwise;
}
