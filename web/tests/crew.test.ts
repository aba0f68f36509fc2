import { describe, expect, it } from 'vitest';
import { asOne, shareOut } from '../src/lib/workers/crew';
import type { Answer } from '../src/lib/workers/messages';

const progress = (done: number, topStands = false): Answer => ({
  kind: 'progress',
  job: 1,
  done,
  of: 5,
  candidates: [],
  told: [],
  unranked: [],
  considered: 1,
  topStands
});
const ranked = (topMs: number, tookMs: number, beforehand = false): Answer => ({ kind: 'ranked', job: 1, topMs, tookMs, beforehand });

/** Two workers over ten styles. @returns what is heard of what they say */
function heard(says: [worker: number, answer: Answer][]): Answer[] {
  const all: Answer[] = [];
  const hear = asOne(10, 2, (answer) => all.push(answer));
  for (const [worker, answer] of says) hear(worker, answer);
  return all;
}

describe('a ranking shared between workers', () => {
  it('every style is one worker\u2019s, in turn, and one worker has them all', () => {
    expect(shareOut(['a', 'b', 'c', 'd', 'e'], 2)).toEqual([
      ['a', 'c', 'e'],
      ['b', 'd']
    ]);
    expect(shareOut(['a', 'b'], 1)).toEqual([['a', 'b']]);
    expect(shareOut([], 2)).toEqual([[], []]);
  });
  it('what is done is added up, of all there is', () => {
    const told = heard([
      [0, progress(2)],
      [1, progress(3)],
      [0, progress(5)]
    ]);
    expect(told.map((a) => a.kind === 'progress' && [a.done, a.of])).toEqual([
      [2, 10],
      [5, 10],
      [8, 10]
    ]);
  });
  it('the first hundred stand when those of both do, and all is told when both have told all', () => {
    const told = heard([
      [0, progress(3, true)],
      [0, ranked(10, 30)],
      [1, progress(2)],
      [1, progress(4, true)],
      [1, ranked(20, 25)]
    ]);
    expect(told.map((a) => a.kind === 'progress' && a.topStands)).toEqual([false, false, true, false]);
    expect(told.at(-1)).toEqual(ranked(20, 30));
    expect(told.filter((a) => a.kind === 'ranked')).toHaveLength(1);
  });
  it('all was looked at beforehand when both had looked at theirs', () => {
    const both = (first: boolean, second: boolean): boolean => {
      const last = heard([
        [0, ranked(1, 2, first)],
        [1, ranked(1, 2, second)]
      ]).at(-1)!;
      return last.kind === 'ranked' && last.beforehand;
    };
    expect(both(true, true)).toBe(true);
    expect(both(true, false)).toBe(false);
    expect(both(false, true)).toBe(false);
  });
  it('when one fails that is told, once, and nothing after it', () => {
    const failed: Answer = { kind: 'failed', job: 1, message: 'no stockroom' };
    expect(
      heard([
        [0, progress(1)],
        [1, failed],
        [0, failed],
        [0, progress(2)]
      ]).map((a) => a.kind)
    ).toEqual(['progress', 'failed']);
  });
});
