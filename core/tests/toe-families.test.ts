import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { footAsWorn, ORDINARY_WEAR, toeShapesOn } from '../src/fit';
import { TOE_FAMILIES } from '../src/last';
import { completeFoot, type FootToeShape } from '../src/measure';

const feet = (lengthMm: number, more: { toeShape?: FootToeShape; bunionMm?: number } = {}) =>
  (['left', 'right'] as const).map((side) => footAsWorn(completeFoot({ side, values: { lengthMm: { mm: lengthMm } }, ...more }), ORDINARY_WEAR));
const on = (lengthMm: number, more: Parameters<typeof feet>[1] = {}) => toeShapesOn(feet(lengthMm, more), 'flat', ORDINARY_WEAR);
const of = (rows: ReturnType<typeof on>, id: string) => rows.find((r) => r.family.id === id)!;

describe('toe shapes on one pair of feet', () => {
  it('each once, best first, at one label: insoles differ by the tip that no toe fills', () => {
    const rows = on(241);
    expect(rows).toHaveLength(TOE_FAMILIES.length);
    rows.slice(1).forEach((r, i) => expect(r.worst).toBeGreaterThanOrEqual(rows[i].worst));
    const [square, pointed] = [of(rows, 'broad-square'), of(rows, 'pointed')];
    expect(pointed.insoleLengthMm - square.insoleLengthMm).toBeCloseTo(pointed.family.nominalTipMm - square.family.nominalTipMm, 9);
  });
  it('longer is not roomier: pointed is the longest and uses less of it than square, on any foot', () => {
    fc.assert(
      fc.property(fc.double({ min: 215, max: 285, noNaN: true }), fc.constantFrom<FootToeShape>('egyptian', 'greek', 'square'), (lengthMm, toeShape) => {
        const rows = on(lengthMm, { toeShape });
        const [square, pointed] = [of(rows, 'broad-square'), of(rows, 'pointed')];
        expect(pointed.insoleLengthMm).toBe(Math.max(...rows.map((r) => r.insoleLengthMm)));
        for (const i of [0, 1]) expect(pointed.feet[i].usableLengthMm).toBeLessThan(square.feet[i].usableLengthMm);
        expect(pointed.taperStartMm).toBeLessThan(square.taperStartMm);
      }),
      { numRuns: 12 }
    );
  });
  it('square toes ask more of every shape than egyptian ones, and of a shape that suits both square and broad (common practice, no source)', () => {
    const [egyptian, square] = [on(241, { toeShape: 'egyptian' }), on(241, { toeShape: 'square' })];
    for (const { id } of TOE_FAMILIES) expect(of(square, id).feet[0].usableRoomMm).toBeLessThan(of(egyptian, id).feet[0].usableRoomMm);
    expect(square[0].family.id).toBe('broad-square');
    expect(of(square, 'pointed').suits).toBe(false);
  });
  it('alike feet come out alike, left and right', () => {
    for (const { feet: both } of on(238)) expect(both[0].usableRoomMm).toBeCloseTo(both[1].usableRoomMm, 6);
  });
});
