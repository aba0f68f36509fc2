import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fitOnce, KIND, NO_AIDS, UPPER, ZONE_AT, type Shoe, type Wear, type ZoneId } from '../src/fit';
import { GRIP, INSERT_GIRTH, TONGUE_PAD_GIRTH } from '../src/fit/room';
import { type Aids } from '../src/fit/zones';
import { planWidth } from '../src/last';
import { heelSpreadShare, sockGirthMm, sockOutlineMm } from '../src/measure';
import { effectiveDrop } from '../src/heel';
import { fitted, fittedLow, zoneOf } from './arbitrary';

/** What a help or a part of the foot does to each zone, as its own sum; zones it does not name stay. */
const STEADY_ON_FLATS: readonly ZoneId[] = ['toe-box-depth', 'ball-girth', 'instep', 'waist', 'throat', 'topline', 'shaft', 'heel-width', 'flex-point'];
const changeOf = (dims: Parameters<typeof fitOnce>[0], shoe: Shoe, wear: Wear, aids: Partial<Aids>): Record<string, number> => {
  const [before, after] = [fitOnce(dims, shoe, wear).zone.slice(), fitOnce(dims, shoe, wear, { ...NO_AIDS, ...aids }).zone];
  return Object.fromEntries(
    STEADY_ON_FLATS.map((id) => [id, zoneOf(after, shoe.kind, id) - zoneOf(before, shoe.kind, id)]).filter(([, by]) => Math.abs(by as number) > 1e-9)
  );
};

describe('the sums that need no outline', () => {
  it('girths, widths and depths are shoe less foot, sock, insert and spread, each by its own figure', () => {
    fc.assert(
      fc.property(fitted, ({ foot: { dims }, shoe, wear }) => {
        const { zone } = fitOnce(dims, shoe, wear);
        const { inside } = shoe;
        const at = (id: ZoneId): number => zoneOf(zone, shoe.kind, id);
        const insert = INSERT_GIRTH * wear.insertMm;
        const sock = sockGirthMm(wear.sockMm);
        const spread = 1 + heelSpreadShare(effectiveDrop(shoe.heelHeightMm, shoe.platformMm));
        expect(at('ball-girth')).toBeCloseTo(inside.ballGirthMm - dims.ballGirthMm * spread - insert - sock, 9);
        expect(at('instep')).toBeCloseTo(inside.instepGirthMm - dims.instepGirthMm - insert - sock, 9);
        expect(at('waist')).toBeCloseTo(inside.waistGirthMm - dims.waistGirthMm - insert - sock, 9);
        const offset = sockOutlineMm(wear.sockMm) - UPPER[shoe.upper].giveMm;
        expect(at('ball-width')).toBeCloseTo(planWidth(inside, UPPER[shoe.upper].girthShare) - dims.ballWidthMm - 2 * offset, 9);
        const depth = Math.min(inside.toeDepthMm - dims.toeHeightMm, inside.littleToeDepthMm - dims.littleToeHeightMm);
        expect(at('toe-box-depth')).toBeCloseTo(depth - dims.hammerToeMm - wear.insertMm - 2 * sockOutlineMm(wear.sockMm), 9);
        expect(Number.isNaN(at('throat'))).toBe(!(KIND[shoe.kind].pullOn && inside.throatGirthMm !== null));
      })
    );
  });
  it('each help changes the zones it is put in for, by its own figure, and no other that needs no outline', () => {
    fc.assert(
      fc.property(fittedLow, fc.double({ min: 1, max: 5, noNaN: true }), ({ foot: { dims }, shoe, wear }, t) => {
        const about = (record: Record<string, number>) => Object.fromEntries(Object.entries(record).map(([k, v]) => [k, Number(v.toFixed(6))]));
        const six = (mm: number): number => Number(mm.toFixed(6));
        expect(about(changeOf(dims, shoe, wear, { ballPadMm: t }))).toEqual({ 'ball-girth': six(-INSERT_GIRTH * t) });
        expect(about(changeOf(dims, shoe, wear, { halfInsoleMm: t }))).toEqual({ 'ball-girth': six(-INSERT_GIRTH * t), 'toe-box-depth': six(-t) });
        expect(about(changeOf(dims, shoe, wear, { tonguePadMm: t }))).toEqual({ instep: six(-TONGUE_PAD_GIRTH * t) });
        expect(about(changeOf(dims, shoe, wear, { lacingMm: t }))).toEqual({ instep: six(t) });
        expect(about(changeOf(dims, shoe, wear, { heelGripMm: t }))).toEqual({ 'heel-width': six(-GRIP.narrowsHeel * t), 'flex-point': six(-t) });
        expect(changeOf(dims, shoe, wear, { toeFillerMm: t })).toEqual({});
        expect(changeOf(dims, shoe, wear, { stretchMm: t })).toEqual({});
      }),
      { numRuns: 60 }
    );
  });
  it('a toe filler and a heel grip take their thickness of toe room, a stretch gives its own beside the toes and never in front', () => {
    fc.assert(
      fc.property(fittedLow, ({ foot: { dims }, shoe, wear }) => {
        const zoneWith = (aids: Partial<Aids>): Float64Array => fitOnce(dims, shoe, wear, { ...NO_AIDS, ...aids }).zone.slice();
        const plain = zoneWith({});
        const room = ZONE_AT['toe-room'];
        expect(plain[room] - zoneWith({ toeFillerMm: 4 })[room]).toBeCloseTo(4, 9);
        if (KIND[shoe.kind].basis === 'inside') expect(plain[room] - zoneWith({ heelGripMm: 3 })[room]).toBeCloseTo(3, 9);
        const stretched = zoneWith({ stretchMm: 3 });
        expect(stretched[ZONE_AT['toe-box-width']] - plain[ZONE_AT['toe-box-width']]).toBeCloseTo(3, 9);
        expect(stretched[ZONE_AT['ball-width']] - plain[ZONE_AT['ball-width']]).toBeCloseTo(3, 9);
        expect(stretched[room]).toBeCloseTo(plain[room], 9);
      }),
      { numRuns: 100 }
    );
  });
  it('a heel grip holds most of the lift, whatever the lift', () => {
    fc.assert(
      fc.property(fittedLow, ({ foot: { dims }, shoe, wear }) => {
        const slip = (aids: Aids): number => fitOnce(dims, shoe, wear, aids).zone[ZONE_AT['heel-slip']];
        expect(slip({ ...NO_AIDS, heelGripMm: 3 })).toBeLessThanOrEqual((1 - GRIP.holdsSlip) * slip(NO_AIDS) + 1e-9);
        expect(slip(NO_AIDS)).toBeGreaterThanOrEqual(0);
      })
    );
  });
});
