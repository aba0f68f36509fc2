/** One place where what is asked for is not what is there. */
export interface Difference {
  /** Where it stands: names of fields and places in lists, from the outside in. */
  at: readonly string[];
  /** What is there now, and what is asked for; undefined where there is nothing. */
  was: unknown;
  will: unknown;
}
const isRecord = (value: unknown): value is Record<string, unknown> => typeof value === 'object' && value !== null;
const same = (a: unknown, b: unknown): boolean => Object.is(a, b) || ((a === undefined || a === null) && (b === undefined || b === null));

/**
 * Where a value that is asked for differs from the one that is there, down to figures and words. Of the outermost fields only those that are
 * asked for count: what is there may hold more, as its id.
 * @param besides names of fields that are no part of the change, as its version
 */
export function differencesOf(there: unknown, asked: unknown, besides: readonly string[] = []): Difference[] {
  const found: Difference[] = [];
  const look = (was: unknown, will: unknown, at: readonly string[]): void => {
    if (!isRecord(will) && !isRecord(was)) {
      if (!same(was, will)) found.push({ at, was, will });
      return;
    }
    const [old, fresh] = [isRecord(was) ? was : {}, isRecord(will) ? will : {}];
    const names = at.length === 0 ? Object.keys(fresh) : [...new Set([...Object.keys(old), ...Object.keys(fresh)])];
    for (const name of names.filter((n) => !besides.includes(n))) look(old[name], fresh[name], [...at, name]);
  };
  look(there, asked, []);
  return found;
}

/** A field's name in words: `ballGirthMm` is “ball girth, mm”. Places in lists count from one. */
export const fieldWords = (name: string): string =>
  /^\d+$/.test(name)
    ? String(Number(name) + 1)
    : name
        .replace(/(Mm|Deg|Kg)$/, (unit) => `, ${unit.toLowerCase()}`)
        .replace(/([a-z])([A-Z])/g, '$1 $2')
        .toLowerCase();
