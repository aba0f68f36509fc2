import { describe, expect, it } from 'vitest';
import { calibrationOf } from '@chiave/core/learn';
import { truthWords } from '../src/lib/truth-words';
import { cameOut, zoneCameOut } from '../src/lib/try-outcome';

const nothing = { left: {}, right: {} };
const spoken = { left: { 'toe-room': 'right', 'ball-girth': 'snug' }, right: { 'toe-room': 'roomy', 'ball-girth': 'right' } } as const;

describe('whether a pair came out as promised', () => {
  it('kept: yes, whatever was felt', () => expect(cameOut({ outcome: 'kept', felt: nothing })).toBe(true));
  it('left or come back with a zone outside: no', () => {
    for (const outcome of ['left', 'returned'] as const) expect(cameOut({ outcome, felt: { ...spoken, left: { 'toe-room': 'too-tight' } } })).toBe(false);
  });
  it('left or come back for a reason of the fit: no; for looks alone nothing is told', () => {
    expect(cameOut({ outcome: 'returned', felt: nothing, reason: { code: 'later-pain' } })).toBe(false);
    expect(cameOut({ outcome: 'left', felt: spoken, reason: { code: 'size' } })).toBe(false);
    expect(cameOut({ outcome: 'returned', felt: nothing, reason: { code: 'looks' } })).toBeNull();
    expect([zoneCameOut('snug'), zoneCameOut('too-loose')]).toEqual([true, false]);
  });
  it('left though it was felt right where it decides: yes', () => expect(cameOut({ outcome: 'left', felt: spoken })).toBe(true));
  it('left without a word of the fit, come back without a reason, or still open: nothing is told', () => {
    expect(cameOut({ outcome: 'left', felt: { ...spoken, right: {} } })).toBeNull();
    expect(cameOut({ outcome: 'returned', felt: spoken })).toBeNull();
    expect(cameOut({ outcome: 'open', felt: spoken })).toBeNull();
  });
});
describe('a shop’s reliability in words', () => {
  const of = (n: number, good: number, chance: number) => calibrationOf(Array.from({ length: n }, (_, i) => ({ chance, good: i < good })))!;
  it('too few: how many are missing', () => expect(truthWords(of(35, 20, 0.6))).toBe('Of 35 pairs 20 came out, 21 were promised: too few to say, 25 more of 60 are needed.')); // prettier-ignore
  it('enough: what may be said, with its interval', () => {
    expect(truthWords(of(100, 71, 0.7))).toMatch(
      /^Of 100 pairs 71 came out, 70 were promised; it may be 6\d to 7\d in 100: nothing says the chances are wrong\.$/
    );
    expect(truthWords(of(100, 40, 0.7))).toMatch(/too hopeful\.$/);
  });
});
