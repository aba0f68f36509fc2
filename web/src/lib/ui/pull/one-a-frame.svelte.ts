import { untrack } from 'svelte';
import { afterPaint } from '../kit/after-paint';

/**
 * One step from what stands towards what is wanted: what is not wanted any more goes, what stays is renewed, and one entry takes its place.
 */
export function step<T>(now: readonly T[], wanted: readonly T[], id: (entry: T) => string): readonly T[] {
  const next = now.flatMap((entry) => wanted.find((other) => id(other) === id(entry)) ?? []);
  const at = wanted.findIndex((entry, i) => next[i] !== entry);
  if (at < 0) return next;
  return [...next.slice(0, at), wanted[at], ...next.slice(at).filter((entry) => entry !== wanted[at])];
}

/**
 * A list of which one entry comes or moves a frame, after the one before is painted, so that none has to wait for the others to be laid
 * out. Called while a component is set up.
 */
export function oneAFrame<T>(wanted: () => readonly T[], id: (entry: T) => string): { readonly now: readonly T[] } {
  let now = $state.raw<readonly T[]>([]);
  $effect(() => {
    const all = wanted();
    let takeBack = (): void => {};
    let shown = untrack(() => now);
    const on = (): void => {
      shown = step(shown, all, id);
      now = shown;
      if (shown.length < all.length || shown.some((entry, i) => entry !== all[i])) takeBack = afterPaint(on);
    };
    on();
    return () => takeBack();
  });
  return {
    get now() {
      return now;
    }
  };
}
