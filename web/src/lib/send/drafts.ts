/** What was typed and is not saved yet waits in this browser, each under a name, until the server has it. */
const BEGINS = 'chiave-draft-';

interface Left<T> {
  body: T;
  /** Version of what is kept that it was made on; null where it has none. */
  version: number | null;
  /** The server has it: it is held because it says more than what was saved. */
  saved: boolean;
}
const there = (): boolean => typeof localStorage !== 'undefined';
const readAt = <T>(key: string): Left<T> | null => {
  try {
    const left = JSON.parse(localStorage.getItem(key) ?? 'null') as Left<T> | null;
    return left && typeof left === 'object' && 'body' in left ? left : null;
  } catch {
    return null;
  }
};

/** One of them; without a name nothing is held. */
export class Draft {
  readonly #key: string;
  constructor(name: string) {
    this.#key = name && BEGINS + name;
  }
  read<T>(): Left<T> | null {
    return this.#key && there() ? readAt<T>(this.#key) : null;
  }
  /** @param version the one it was made on */
  write(body: unknown, version: number | null): void {
    if (!this.#key) return;
    localStorage.setItem(this.#key, JSON.stringify({ body, version, saved: false } satisfies Left<unknown>));
  }
  /** The server has an older body of it, or all of it. */
  change(part: Partial<Pick<Left<unknown>, 'version' | 'saved'>>): void {
    const left = this.read<unknown>();
    if (left) localStorage.setItem(this.#key, JSON.stringify({ ...left, ...part }));
  }
  drop(): void {
    if (this.#key && there()) localStorage.removeItem(this.#key);
  }
}

const keys = (): string[] => (there() ? Object.keys(localStorage).filter((key) => key.startsWith(BEGINS)) : []);
/** How many wait to be saved. */
export const draftsWaiting = (): number => keys().filter((key) => readAt(key)?.saved === false).length;
/** Lets go of all of them. */
export const dropDrafts = (): void => keys().forEach((key) => localStorage.removeItem(key));
