import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  ankleReaches,
  cleavageOf,
  cleftsShown,
  deviceStand,
  dropForDemand,
  GROUND,
  GROUNDS,
  heelBand,
  hemChange,
  isSlip,
  isUpright,
  leanOf,
  poseOn,
  progress,
  quotedPair,
  relaxedDrop,
  riseDifference,
  riseIn,
  seenHeight,
  shareOfLeg,
  slideDrive,
  slideHeld,
  slideOf,
  steepestDrop,
  strapStop,
  vampHold,
  type BandAsked
} from '../src/heel';

const foot = { lengthMm: 240 };
const asked = (over: Partial<BandAsked> = {}): BandAsked => ({
  foot,
  discipline: 'heels-class',
  level: 'beginner',
  hold: 'laced',
  hours: 1,
  dancing: true,
  ground: null,
  platformMm: 0,
  ankleReachDeg: 60,
  reachSchool: 'middle',
  lowIsSafer: false,
  hypermobile: false,
  ...over
});
const told = (over: Partial<BandAsked>) => {
  const { lowMm, highMm, binding, conflict } = heelBand(asked(over));
  return { lowMm, highMm: Math.round(highMm), binding, conflict };
};

describe('what an ankle reaches', () => {
  it('the drop for 20 to 45 degrees: 59 73 86 99 109 118 on 240, 54 67 79 90 100 108 on 220', () => {
    const at = (lengthMm: number) => [20, 25, 30, 35, 40, 45].map((deg) => Math.round(dropForDemand({ lengthMm }, deg)));
    [59, 73, 86, 99, 109, 118].forEach((mm, i) => expect(Math.abs(at(240)[i] - mm)).toBeLessThanOrEqual(1));
    expect(at(220)).toEqual([54, 67, 79, 90, 100, 108]);
  });
  it('a reach of 46 on 240: 80, 86, 92 mm by the three schools; beyond the whole of it nothing', () => {
    expect([0.6, 0.65, 0.7].map((s) => Math.round(dropForDemand(foot, s * 46)))).toEqual([80, 86, 92]);
    const at = (drop: number) => ankleReaches(poseOn(foot, drop), 30);
    expect([at(40), at(80), at(110)]).toEqual(['comfortable', 'near-limit', 'out-of-reach']);
    expect(ankleReaches(poseOn(foot, 80), null)).toBe('unknown');
    expect(ankleReaches(poseOn({ lengthMm: 230 }, 130), 110)).toBe('out-of-reach');
  });
  it('no foot of 220 stands on more than 111, of 240 on more than 121', () => {
    expect([220, 240].map((lengthMm) => Math.round(steepestDrop({ lengthMm })))).toEqual([111, 121]);
  });
  it('a relaxed drop read at the toe tips is 0.725 of that at the ball', () => {
    expect(relaxedDrop(74, 'ball')).toBe(74);
    expect(relaxedDrop(101, 'tips')).toBeCloseTo(73.2, 1);
  });
});

describe('the band of heights', () => {
  it('a laced beginner of the heels class: 89 to 102, then 107 by the ankle; a reach of 48 leaves 90', () => {
    const band = heelBand(asked());
    expect(band).toMatchObject({ lowMm: 89, highMm: 102, binding: 'discipline', then: 'ankle', conflict: false });
    expect(Math.round(band.caps[1].valueMm)).toBe(107);
    expect(told({ ankleReachDeg: 48 })).toEqual({ lowMm: 89, highMm: 90, binding: 'ankle', conflict: false });
  });
  it('with a strap only what it is for and what holds are at odds: 75 under 89, unless a good strap counts', () => {
    expect(told({ hold: 'strap' })).toEqual({ lowMm: 89, highMm: 75, binding: 'hold', conflict: true });
    expect(told({ hold: 'strap', strapCounts: true })).toMatchObject({ highMm: 102, conflict: false });
  });
  it('five hours of an evening leave 63; numb feet, pregnancy and the like 25, hard, and a clinician is asked', () => {
    expect(told({ discipline: 'evening', hours: 5, dancing: false })).toMatchObject({ highMm: 63, binding: 'hours' });
    const band = heelBand(asked({ lowIsSafer: true }));
    expect(band.caps[0]).toEqual({ cap: 'clinician', valueMm: 25, mark: 'standard', hard: true });
  });
  it('schools start a heels class at 89 or at 102', () => {
    expect(told({ startMm: 102 })).toMatchObject({ lowMm: 102, highMm: 102, conflict: false });
    expect(told({ startMm: 50 })).toMatchObject({ lowMm: 89 });
  });
  it('pole: 178 on 76 is a 102 pump to the ankle', () => {
    const band = heelBand(asked({ discipline: 'pole-shoe', platformMm: 76, hold: 'wide-strap' }));
    const ankle = band.caps.find((c) => c.cap === 'ankle')!;
    expect(ankle.valueMm).toBeCloseTo(heelBand(asked({})).caps.find((c) => c.cap === 'ankle')!.valueMm + 76, 6);
    expect(band).toMatchObject({ lowMm: 178, highMm: 178, conflict: false });
  });
  it('nothing that is told of wearer, hours or ground ever raises it', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 25, max: 70, noNaN: true }),
        fc.double({ min: 0, max: 8, noNaN: true }),
        fc.constantFrom(...GROUNDS.map((g) => g.id)),
        fc.boolean(),
        (ankleReachDeg, hours, ground, dancing) => {
          const at = (over: Partial<BandAsked>) => heelBand(asked({ discipline: 'evening', ankleReachDeg, hours, dancing, ...over })).highMm;
          const plain = at({});
          for (const over of [
            { lowIsSafer: true },
            { hypermobile: true },
            { hours: hours + 1 },
            { ground: GROUND[ground] },
            { wetSlope: true },
            { relaxedMm: 60 }
          ] as Partial<BandAsked>[])
            expect(at(over)).toBeLessThanOrEqual(plain + 1e-9);
        }
      ),
      { numRuns: 50 }
    );
  });
  it('from 50 to 95 in four steps, each keeping the one below, in 4.6 months', () => {
    const { steps, months } = progress(50, 95);
    expect(steps.map((s) => Math.round(s.dropMm))).toEqual([63, 75, 88, 95]);
    steps.slice(1).forEach((s, i) => expect(s.keepsMm).toBe(steps[i].dropMm));
    expect(months).toBeCloseTo(4.6, 1);
    expect(progress(95, 50).steps).toEqual([]);
  });
});

describe('slide, with what holds it', () => {
  const G = 225;
  const at = (g0: number, mu: number, brake = 0.2) => slideOf(slideDrive(100, mu, 1, { brake }), g0, G, 60);
  it('standing on a 0.4 insock nothing slides; walking on a drop of 75 the drive is 0.32', () => {
    expect(slideDrive(100, 0.4, 1, { brake: 0 })).toBe(0);
    expect(slideDrive(75, 0.4, 1)).toBeCloseTo(0.32, 2);
  });
  it('a friction of 0.2 on 100: held by 3 it slides 0, 1.5, 5.8, loose by 2 4.3, 8.6, 16.9', () => {
    const figures = (g0: number) => Object.values(at(g0, 0.2)).map((mm) => Number(mm.toFixed(1)));
    expect(figures(-3)).toEqual([0, 1.5, 5.8]);
    expect(figures(2)).toEqual([4.3, 8.6, 16.9]);
  });
  it('a throat at 0.72, 0.76, 0.80 of the length holds 3.3, 3.8, 4.6 (D 90, loose by 1)', () => {
    const slid = (share: number) => slideHeld([slideDrive(90, 0.4, 1), 1, G, 60], vampHold(share * 240, 240)).centreMm;
    [0.72, 0.76, 0.8].forEach((s, i) => expect(slid(s)).toBeCloseTo([3.3, 3.8, 4.6][i], 1));
  });
  it('never more than toe room and the toes’ give, nor than a strap’s slack; less with more friction and a longer vamp', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 30, max: 110, noNaN: true }),
        fc.double({ min: -6, max: 8, noNaN: true }),
        fc.double({ min: 0, max: 20, noNaN: true }),
        fc.double({ min: 0.2, max: 0.5, noNaN: true }),
        (drop, g0, room, mu) => {
          const s = slideOf(slideDrive(drop, mu, 1), g0, G, room);
          expect(s.highMm).toBeLessThanOrEqual(room + 2 + 1e-9);
          expect(slideOf(slideDrive(drop, mu + 0.05, 1), g0, G, room).centreMm).toBeLessThanOrEqual(s.centreMm + 1e-9);
          expect(slideOf(slideDrive(drop, mu, 0.6), g0, G, room).centreMm).toBeLessThanOrEqual(s.centreMm + 1e-9);
          expect(slideHeld([slideDrive(drop, mu, 1), g0, G, room], vampHold(170, 240)).centreMm).toBeLessThanOrEqual(s.centreMm + 1e-9);
          expect(slideHeld([slideDrive(drop, mu, 1), g0, G, room], 1, strapStop(4)).highMm).toBeLessThanOrEqual(4 + 1e-9);
        }
      )
    );
  });
});

describe('look, hem, lean, quoted pairs', () => {
  it('178 mm on feet of 262.5, 241.3 and 224.4 seem 164, 178, 191 by ratio and 150, 178, 206 by impression', () => {
    const seen = (power: number) => [262.5, 241.3, 224.4].map((l) => Math.round(seenHeight(178, l, power, 241.3)));
    expect(seen(1)).toEqual([164, 178, 191]);
    expect(seen(2)).toEqual([150, 178, 206]);
    expect([shareOfLeg(120, 350), shareOfLeg(120, 400), shareOfLeg(85, 430)].map((s) => Number(s.toFixed(2)))).toEqual([0.34, 0.3, 0.2]);
  });
  it('a throat of 186 on 240 shows nothing, 196 shows 0 3 6 10, 202 shows 6 9 12 16; 6 mm of slide hide 6', () => {
    const shown = (throat: number, slide = 0) => cleftsShown(throat, 240, slide).map(Math.round);
    expect(shown(196)).toEqual([0, 3, 6, 10]);
    expect(shown(202)).toEqual([6, 9, 12, 16]);
    expect(shown(202, 6)).toEqual(shown(196));
    expect([186, 196, 202, 208, 214].map((t) => cleavageOf(cleftsShown(t, 240, 0)).id)).toEqual(['none', 'hint', 'some', 'much', 'little-holds']);
  });
  it('of 95 against 60 one stands 22 taller (18 to 26), not 35; of two shoes the other way round it is the same, turned', () => {
    const rise = (dropMm: number, platformMm = 0) => riseIn(foot, { dropMm, platformMm });
    const d = riseDifference(rise(95), rise(60));
    expect([d.lowMm, d.centreMm, d.highMm].map(Math.round)).toEqual([18, 22, 26]);
    const back = riseDifference(rise(60), rise(95));
    expect(back.centreMm).toBeCloseTo(-d.centreMm, 9);
    expect(back.lowMm).toBeCloseTo(-d.highMm, 9);
    // 95 against a flat of 10: 57 (51 to 63).
    const flat = riseDifference(rise(95), rise(10));
    expect([flat.lowMm, flat.centreMm, flat.highMm].map(Math.round)).toEqual([51, 57, 63]);
    expect(hemChange(rise(95), rise(60))).toMatchObject({ advice: 'drags' });
    expect(hemChange(rise(95), rise(60)).dragMm).toBeCloseTo(d.centreMm - 12, 9);
    expect(hemChange(rise(60), rise(95)).advice).toBe('short');
    expect(hemChange(rise(60), rise(60)).advice).toBe('right');
  });
  it('a device made for 10 mm in a shoe of 25 leans 4.51 degrees over 190, 3.01 and 4.09 for 10 mm over 190 and 140', () => {
    const lean = (shoeDropMm: number, deviceDropMm: number, leverMm: number) => leanOf({ shoeDropMm, deviceDropMm, leverMm });
    expect(lean(25, 10, 190)).toBeCloseTo(4.51, 2);
    expect(lean(10, 0, 190)).toBeCloseTo(3.01, 2);
    expect(lean(10, 0, 140)).toBeCloseTo(4.09, 2);
    expect(lean(0, 10, 175)).toBeLessThan(0);
    const device = (shoeDropMm: number, deviceDropMm: number, adjustable = false) => deviceStand({ shoeDropMm, deviceDropMm, leverMm: 175, adjustable });
    expect([device(25, 10).verdict, device(25, 10, true).verdict, device(0, 10).verdict, device(0, 14).verdict, device(10, 10).verdict]).toEqual(['reject', 'adjust', 'with-wedge', 'reject', 'stands']); // prettier-ignore
    expect(device(0, 10)).toMatchObject({ direction: 'back', wedgeMm: 10 });
    expect(isUpright({ shoeDropMm: 10, deviceDropMm: 8, leverMm: 190 })).toBe(true);
    expect(isUpright({ shoeDropMm: 25, deviceDropMm: 10, leverMm: 190 })).toBe(false);
  });
  it('“70 mm, 3.5 in” is a slip of 18.9; 85 is 3.35, 100 3.94, 120 4.72 inches', () => {
    const pair = quotedPair('heel 70 mm, 3.5 in')!;
    expect(pair.offMm).toBeCloseTo(18.9, 1);
    expect(isSlip(pair)).toBe(true);
    for (const text of ['85 mm (3.35")', '100 mm, 3.94 in', '12 cm, 4.72 inches']) expect(isSlip(quotedPair(text)!), text).toBe(false);
    expect(quotedPair('70 mm')).toBeNull();
  });
});
