import { HELP_IDS, type PairPutIn, type PutIn } from '@chiave/core/fit';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readPut, writePut } from '../src/lib/put-text';

const helps = fc.array(fc.record({ kind: fc.constantFrom(...HELP_IDS), mm: fc.integer({ min: -8, max: 16 }).map((n) => n / 2) }), {
  minLength: 1,
  maxLength: 2
});
const sides = fc.record({ left: helps, right: helps }, { requiredKeys: [] }) as fc.Arbitrary<PairPutIn>;

describe('what is put into a pair, in an address', () => {
  it('reads back as it was written, and stands in an address as it is', () => {
    fc.assert(
      fc.property(sides, (put) => {
        expect(readPut(writePut(put))).toEqual(put);
        expect(new URLSearchParams(`put=${writePut(put)}`).get('put')).toBe(writePut(put));
      })
    );
  });
  it('nothing is nothing, and what is written otherwise is refused', () => {
    expect(writePut({})).toBe('');
    expect(writePut({ left: [] as PutIn[] })).toBe('');
    expect(readPut('')).toEqual({});
    for (const text of ['toe-filler', 'X.toe-filler.4', 'L.toe-filler', 'L.toe-filler.4;R.toe-filler.4'])
      expect(() => readPut(text)).toThrow(/no help as it is written/);
  });
});
