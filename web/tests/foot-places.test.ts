import { completeFoot, isExtraId, MEASURE_GROUPS as GROUPS, type TakenId } from '@chiave/core/measure';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ANKLE, HOW_TAKEN, turned } from '../src/lib/drawing/how-taken';
import { fromAbove, fromSide, SAME_PLACE, sideHeights } from '../src/lib/drawing/foot-places';

const foot = (lengthMm: number, more: Record<string, number> = {}) =>
  completeFoot({ side: 'left', values: Object.fromEntries(Object.entries({ lengthMm, ...more }).map(([id, mm]) => [id, { mm }])) });

describe('where the measures lie on the drawings', () => {
  it('every measure that can be taken is drawn: where it lies on the foot, or how it is taken on a leg, never both', () => {
    const there = foot(250);
    const drawn = new Set<TakenId>([...fromAbove(there).places, ...fromSide(there, sideHeights(there, {})).places].map((p) => p.id));
    const wanted = GROUPS.flatMap((g) => g.measures.map((m) => m.id));
    // Length is drawn as its own scale beside each foot.
    const places = wanted.filter((id) => id === 'lengthMm' || drawn.has(SAME_PLACE[id] ?? id));
    const shown = wanted.filter((id) => HOW_TAKEN[id] !== undefined);
    expect([...new Set([...places, ...shown])].sort()).toEqual([...wanted].sort());
    expect(places.filter((id) => shown.includes(id))).toEqual(['ankleGirthMm']);
    for (const id of Object.values(SAME_PLACE)) expect(drawn.has(id!)).toBe(true);
    expect(wanted.filter(isExtraId).length).toBeGreaterThan(8);
  });
  it('on the leg a height stands as high as the tape it is the height of, and a turn keeps its distance from the ankle', () => {
    expect(HOW_TAKEN.ankleGirthHeightMm!.height).toBe(HOW_TAKEN.ankleGirthMm!.tape![0].y);
    expect(HOW_TAKEN.calfGirthHeightMm!.height).toBe(HOW_TAKEN.calfGirthMm!.tape![1].y);
    expect(HOW_TAKEN.ankleLiftDeg!.turnsDeg!).toBeGreaterThan(0);
    expect(HOW_TAKEN.pointReachDeg!.turnsDeg!).toBeLessThan(0);
    const toe = turned({ x: 1, y: 0 }, ANKLE, -62);
    expect(Math.hypot(toe.x - ANKLE.x, toe.y - ANKLE.y)).toBeCloseTo(Math.hypot(1 - ANKLE.x, ANKLE.y), 9);
    expect(toe.y).toBeLessThan(-0.5);
  });
  it('marks lie on the foot they belong to, and move with its numbers', () => {
    fc.assert(
      fc.property(fc.double({ min: 120, max: 320, noNaN: true }), (lengthMm) => {
        const there = foot(lengthMm);
        const { outline, places } = fromAbove(there);
        const xs = outline.toes.map((toe) => toe.tip.x);
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
    const { skin, places } = fromSide(there, taken);
    expect(Math.min(...skin.map((p) => p.y))).toBe(0);
    expect(Math.max(...skin.map((p) => p.x))).toBeCloseTo(250, 6);
    expect(skin.some((p) => Math.abs(p.y - 66) < 1e-6)).toBe(true);
    expect(places.find((p) => p.id === 'archStandingMm')!.points[1].y).toBe(66);
  });
});
