import { completeFoot, isExtraId, MEASURE_GROUPS as GROUPS, type TakenId } from '@chiave/core/measure';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fromAbove, fromSide, SAME_PLACE, sideHeights } from '../src/lib/drawing/foot-places';

const foot = (lengthMm: number, more: Record<string, number> = {}) =>
  completeFoot({ side: 'left', values: Object.fromEntries(Object.entries({ lengthMm, ...more }).map(([id, mm]) => [id, { mm }])) });

describe('where the measures lie on the drawings', () => {
  it('every measure of foot and toes has its place on one of them', () => {
    const there = foot(250);
    const drawn = new Set<TakenId>([...fromAbove(there).places, ...fromSide(there, sideHeights(there, {})).places].map((p) => p.id));
    const wanted = GROUPS.filter((g) => ['gauge', 'calliper', 'tape', 'toes', 'arch'].includes(g.id)).flatMap((g) => g.measures.map((m) => m.id));
    const without = wanted.filter((id) => id !== 'lengthMm' && !drawn.has(SAME_PLACE[id] ?? id));
    // Length is drawn as its own scale; a spur and a seated width have no place of their own.
    expect(without).toEqual(['heelSpurMm', 'ballWidthSeatedMm']);
    for (const id of Object.values(SAME_PLACE)) expect(drawn.has(id!)).toBe(true);
    expect(wanted.filter(isExtraId).length).toBeGreaterThan(8);
  });
  it('marks lie on the foot they belong to, and move with its numbers', () => {
    fc.assert(
      fc.property(fc.double({ min: 120, max: 320, noNaN: true }), (lengthMm) => {
        const there = foot(lengthMm);
        const { outline, places } = fromAbove(there);
        const xs = outline.map((p) => p.x);
        expect(Math.max(...xs)).toBeCloseTo(lengthMm, 3);
        for (const { points } of places) for (const p of points) expect(p.x >= -1 && p.x <= lengthMm + 0.01).toBe(true);
        const [inner, outer] = places.find((p) => p.id === 'ballWidthMm')!.points;
        expect(inner.y - outer.y).toBeCloseTo(there.values.ballWidthMm.mm, 3);
        const [a, b] = places.find((p) => p.id === 'heelWidthMm')!.points;
        expect(Math.abs(a.y - b.y)).toBeCloseTo(there.values.heelWidthMm.mm, 6);
      })
    );
  });
  it('the side view stands on its own heights where they were taken, and says where they were not', () => {
    const there = foot(250);
    expect(sideHeights(there, {}).derived).toEqual({ toe: true, dorsum: true, arch: true });
    const taken = sideHeights(there, { archStandingMm: { mm: 66 }, navicularStandingMm: { mm: 40 } });
    expect(taken).toMatchObject({ dorsumMm: 66, archMm: 20, derived: { dorsum: false, arch: false } });
    const { sole, places } = fromSide(there, taken);
    expect(Math.min(...sole.map((p) => p.y))).toBe(0);
    expect(places.find((p) => p.id === 'archStandingMm')!.points[1].y).toBe(66);
  });
});
