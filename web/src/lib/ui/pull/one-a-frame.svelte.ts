import { untrack } from 'svelte';

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
 * A list of which one entry comes or moves a frame, so that no frame has to wait for all of them to be laid out. Called while a component is
 * set up.
 */
export function oneAFrame<T>(wanted: () => readonly T[], id: (entry: T) => string): { readonly now: readonly T[] } {
  let now = $state.raw<readonly T[]>([]);
  $effect(() => {
    const all = wanted();
    let frame = 0;
    let shown = untrack(() => now);
    const on = (): void => {
      shown = step(shown, all, id);
      now = shown;
      if (shown.length < all.length || shown.some((entry, i) => entry !== all[i])) frame = requestAnimationFrame(on);
    };
    on();
    return () => cancelAnimationFrame(frame);
  });
  return {
    get now() {
      return now;
    }
  };
}
