import { describe, expect, it } from 'vitest';
import { givenBy, looksOf } from '../src/lib/use-fitting';
import { leanWords } from '../src/lib/lean-words';
import { movedWords } from '../src/lib/ui/pull/by-suit.svelte';
import type { Suits } from '../src/lib/workers/messages';

const suit = (cls: Suits['suits'][string]['class']) => ({ class: cls, suit: 0.5, seen: 1, forbidden: false, figures: {}, place: 1, dropMm: 10 });
const list = (order: string[], classes: Record<string, Suits['suits'][string]['class']> = {}): Suits => ({
  order,
  suits: Object.fromEntries(order.map((id) => [id, suit(classes[id] ?? 'suits')])),
  three: []
});

describe('from a fitting to a use', () => {
  it('what was asked elsewhere is not asked again: the ground in plain words, the insert', () => {
    expect(givenBy({ ground: 'lawn-sand-moist', insertMm: 3 })).toEqual({ ground: 'lawn', insert: 3 });
    expect(givenBy({ ground: 'cobbles', insertMm: 0 })).toEqual({ ground: 'stone' });
    expect(givenBy({ ground: '', insertMm: -2 })).toEqual({});
  });
  it('posture and arch of Measure come to what was looked at, and do not take its place', () => {
    expect(looksOf({ posture: [1, 1, 1, 1, 1, 1], archType: 'low' }, { wornAt: 'inner', arch: ['medium'] })).toEqual({
      postureScore: 6,
      wornAt: 'inner',
      arch: ['medium', 'low']
    });
    expect(looksOf({ posture: null, archType: null })).toEqual({});
  });
});
describe('words over the list', () => {
  const name = (id: string): string => id.toUpperCase();
  it('who leads, whose class changed, who moved by some places', () => {
    expect(movedWords(list(['a', 'b', 'c']), list(['a', 'b', 'c']), name)).toBe('A still leads; nobody else moves much.');
    expect(movedWords(list(['a', 'b', 'c']), list(['b', 'a', 'c'], { a: 'with-care' }), name)).toBe('B leads now. A: suits with care.');
    expect(movedWords(list(['a', 'b', 'c', 'd', 'e']), list(['a', 'c', 'd', 'e', 'b']), name)).toBe('A still leads. B down 3.');
    expect(movedWords(list([]), list([]), name)).toBe('');
  });
  it('how a device stands', () => {
    const leanDeg = { low: -4, centre: -3.2, high: -2.7 };
    expect(leanWords({ direction: 'back', leanDeg, pastDeg: 1.7 })).toBe('leans back 3.2°, 1.7° past what the device allows');
    expect(leanWords({ direction: 'upright', leanDeg, pastDeg: 0 })).toBe('stands upright, within what the device allows');
  });
}); // prettier-ignore
