import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { step } from '../src/lib/ui/pull/one-a-frame.svelte';

type Entry = { id: string; at: number };
const listed = fc.uniqueArray(fc.integer({ min: 0, max: 30 }), { maxLength: 20 });
const entries = (ids: number[], at: number): Entry[] => ids.map((id) => ({ id: String(id), at }));
const id = (e: Entry): string => e.id;

describe('a list that takes up one entry a frame', () => {
  it('comes to what is wanted in no more steps than there are entries, and one at most comes in a step', () => {
    fc.assert(
      fc.property(listed, listed, (from, to) => {
        const wanted = entries(to, 1);
        let now: readonly Entry[] = entries(from, 0);
        for (let n = 0; n < wanted.length; n++) {
          const before = new Set(now.map(id));
          now = step(now, wanted, id);
          expect(now.filter((e) => !before.has(e.id)).length).toBeLessThanOrEqual(1);
          // Nothing that is not wanted stands there any more, nothing stands twice, and what stands is told anew.
          expect(new Set(now.map(id)).size).toBe(now.length);
          expect(now.every((e) => e.at === 1)).toBe(true);
        }
        expect(step(now, wanted, id)).toEqual(wanted);
      })
    );
  });
});
