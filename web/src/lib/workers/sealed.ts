import type { Candidate } from '@chiave/core/fit';

/**
 * A candidate on its way to the page: what a list is put in order, counted and filtered by, and the whole of it as one string that is read
 * when somebody looks at it. As objects, a thousand candidates are tens of thousands of pieces to copy and sweep up on the page's own thread.
 */
export interface Sealed extends Pick<Candidate, 'styleId' | 'verdict' | 'probability' | 'score' | 'onShelf'> {
  whole: string;
}

export const seal = (candidate: Candidate): Sealed => {
  const { styleId, verdict, probability, score, onShelf } = candidate;
  return { styleId, verdict, probability, score, onShelf, whole: JSON.stringify(candidate) };
};

const read = new WeakMap<Sealed, Candidate>();
/** The candidate; the same object however often it is asked for. */
export function unseal(sealed: Sealed): Candidate {
  const candidate = read.get(sealed) ?? (JSON.parse(sealed.whole) as Candidate);
  read.set(sealed, candidate);
  return candidate;
}
