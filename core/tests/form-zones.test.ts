import fc from 'fast-check';
import { checkFit, compare, compilePair, completeShoe, drawFit, fitOnce, footAsWorn, KIND, NO_AIDS, ORDINARY_WEAR, shoeAsWorn, targetsFor, ZONE, zoneSetFor, type KindId, type Shoe, type ZoneId } from '@chiave/core/fit'; // prettier-ignore
import { archGap, archOverShank, FIRST_CLEFT, poseOn, shorteningOf } from '@chiave/core/heel';
import { gradeLast, rebase, SIDE_CUTS, toplineAtAnkle } from '@chiave/core/last';
import { completeFoot, type FootInput } from '@chiave/core/measure';
import { describe, expect, it } from 'vitest';
import { chanceOf, doubtOf } from '../src/fit/doubt';
import type { Targets } from '../src/fit/judge';
import { anyLast, zoneOf } from './arbitrary';

const foot = (more: Partial<FootInput> = {}) => footAsWorn(completeFoot({ side: 'left', values: { lengthMm: { mm: 244 } }, ...more }), ORDINARY_WEAR);
const shoe = (kind: KindId, inside: Partial<Shoe['inside']>, more: Partial<Shoe> = {}): Shoe => {
  const whole = completeShoe({ kind, insoleLengthMm: 262, toeShape: 'round', madeForFootMm: 246, heelHeightMm: 20 });
  return { ...whole, ...more, inside: { ...whole.inside, ...inside } };
};
const at = (id: ZoneId, it: Shoe, who = foot(), wear = ORDINARY_WEAR): number => zoneOf(fitOnce(who.dims, it, wear).zone, it.kind, id);
const toeDepths = (it: Shoe, who = foot()): number[] => drawFit(who, it, ORDINARY_WEAR).toes.map((t) => t.depthMm);
const told = (id: ZoneId, it: Shoe, who = foot()) => checkFit([who], it, ORDINARY_WEAR).feet[0].zones.find((z) => z.zone === id)!;

describe('the vamp against the toe clefts', () => {
  it('covers what the throat line leaves of the way to the first cleft, in every size alike', () => {
    const pump = shoe('pump', {}, { vampAt: 0.78, heelHeightMm: 15 });
    expect(at('vamp', pump)).toBeCloseTo(FIRST_CLEFT.share * 244 - 0.78 * 246, 6);
    const larger = shoe('pump', { madeForFootMm: 256 }, { vampAt: 0.78, heelHeightMm: 15 });
    expect(at('vamp', larger) - at('vamp', pump)).toBeCloseTo(-0.78 * 10, 6);
  });
  it('a foot that slides on a heel covers more of its clefts by as much as it stands forward', () => {
    const low = shoe('pump', { ballGirthMm: 234 }, { vampAt: 0.82, heelHeightMm: 15 });
    const high = { ...low, heelHeightMm: 85 };
    const forwardMm = checkFit([foot()], high, ORDINARY_WEAR).feet[0].heel!.slide.centreMm - shorteningOf(85, 244).centreMm;
    expect(forwardMm).toBeGreaterThan(1);
    expect(at('vamp', high) - at('vamp', low)).toBeCloseTo(forwardMm, 6);
  });
  it('boots and pointe shoes have none; where the vamp ends is not known it is left out; it never decides', () => {
    expect(zoneSetFor(KIND['lace-boot']).at.vamp).toBeUndefined();
    expect(zoneSetFor(KIND.pointe).at.vamp).toBeUndefined();
    expect(at('vamp', shoe('pump', {}))).toBeNaN();
    expect(ZONE.vamp.decides).toBe(false);
  });
  it('its sum comes to its clearance and its words say what shows', () => {
    const open = told('vamp', shoe('pump', {}, { vampAt: 0.86, heelHeightMm: 70 }));
    const { head, less } = open.because;
    if (head.code !== 'over-cleft') throw new Error('another sum');
    expect(head.cleftMm - head.throatMm - less.reduce((s, l) => s + l.mm, 0)).toBeCloseTo(open.clearanceMm, 1);
    expect(open.feel).toMatch(/cleft shows/);
  });
});

describe('the arch over the shank', () => {
  it('is what the posed foot leaves over the footbed beyond what it does barefoot, within 0.3 mm, for any foot and drop', () => {
    fc.assert(
      fc.property(
        fc.record({
          lengthMm: fc.double({ min: 200, max: 300, noNaN: true }),
          drop: fc.double({ min: 0, max: 100, noNaN: true }),
          high: fc.constantFrom(0.7, 1, 1.3)
        }),
        ({ lengthMm, drop, high }) => {
          const own = { lengthMm, navicularMm: high * 0.16 * lengthMm };
          for (const line of ['straight', 'curved'] as const) {
            const told = archOverShank(drop, line, lengthMm, own.navicularMm);
            const asPosed = archGap(poseOn(own, drop), line) - archGap(poseOn(own, 0), 'straight');
            expect(Math.abs(told - asPosed)).toBeLessThan(0.3);
          }
        }
      )
    );
  });
  it('a straight shank lets the arch hang the more, the higher the heel; a curved one carries it, and presses a high arch on a steep heel', () => {
    const heel = (heelHeightMm: number, archLine: 'straight' | 'curved') => shoe('pump', {}, { heelHeightMm, archLine });
    expect(at('arch', heel(75, 'straight'))).toBeGreaterThan(at('arch', heel(45, 'straight')) + 1);
    expect(Math.abs(at('arch', heel(75, 'curved')))).toBeLessThan(2);
    const high = foot({ heights: { navicularStandingMm: { mm: 52 } } });
    expect(at('arch', heel(100, 'curved'), high)).toBeLessThan(at('arch', heel(100, 'curved')) - 1);
    expect(told('arch', heel(80, 'straight')).feel).toMatch(/hangs .* over the shank/);
  });
  it('a low heel and an unknown shank have none', () => {
    expect(at('arch', shoe('pump', {}, { heelHeightMm: 8, archLine: 'straight' }))).toBeNaN();
    expect(at('arch', shoe('pump', {}, { heelHeightMm: 75 }))).toBeNaN();
  });
});

describe('heights', () => {
  const high = foot({ heights: { archStandingMm: { mm: 66 }, ankleBoneMm: { mm: 49 } } });
  it('the instep’s: inside less foot, sock and insert; not told where no height was taken', () => {
    const oxford = shoe('oxford', { instepHeightMm: 64 });
    expect(at('instep-height', oxford, high)).toBeCloseTo(-2, 9);
    expect(at('instep-height', oxford, high, { ...ORDINARY_WEAR, insertMm: 3 })).toBeCloseTo(-5, 9);
    expect(at('instep-height', oxford)).toBeNaN();
    expect(at('instep-height', shoe('oxford', {}), high)).toBeNaN();
    expect(told('instep-height', oxford, high).because.sentence).toMatch(/^64 - 66 = -2/);
  });
  it('the topline’s under the ankle bone: an insert lifts the bone clear of it', () => {
    const oxford = shoe('oxford', { toplineHeightMm: 47 });
    expect(at('ankle-bone', oxford, high)).toBeCloseTo(2, 9);
    expect(at('ankle-bone', oxford, high, { ...ORDINARY_WEAR, insertMm: 3 })).toBeCloseTo(5, 9);
    expect(told('ankle-bone', shoe('oxford', { toplineHeightMm: 55 }), high).feel).toMatch(/topline stands 6 mm over the ankle bone/);
    expect(zoneSetFor(KIND['lace-boot']).at['ankle-bone']).toBeUndefined();
  });
  it('a higher side cut and a higher back bring the topline up; all of them stay under the back', () => {
    const heights = SIDE_CUTS.map((cut) => toplineAtAnkle(cut, NaN, 244));
    expect([...heights].sort((p, q) => p - q)).toEqual(heights);
    for (const cut of SIDE_CUTS) {
      expect(toplineAtAnkle(cut, 70, 244)).toBeGreaterThan(toplineAtAnkle(cut, 55, 244));
      expect(toplineAtAnkle(cut, 70, 244)).toBeLessThan(70);
    }
  });
  it('what is doubtful of a height is told with it', () => {
    const zone = told('ankle-bone', shoe('oxford', { toplineHeightMm: 47 }), high);
    expect(zone.sdMm).toBeGreaterThan(3);
    expect(zone.sdMm).toBeLessThan(4.5);
  });
});

describe('toe spring', () => {
  it('takes depth over toes that lie straight, all of it under a stiff sole, none under one that lies flat', () => {
    const depth = (toeSpringMm: number, soleStiffness: number) => at('toe-box-depth', shoe('oxford', { toeSpringMm }, { soleStiffness }));
    expect(depth(10, 1)).toBeCloseTo(depth(NaN, 1), 9);
    expect(depth(NaN, 5) - depth(10, 5)).toBeCloseTo(1.8, 9);
    expect(depth(NaN, 3) - depth(10, 3)).toBeCloseTo(0.9, 9);
    expect(told('toe-box-depth', shoe('oxford', { toeSpringMm: 12 }, { soleStiffness: 5 })).because.sentence).toMatch(/toe spring 2\.2/);
  });
  it('is the sagitta of the chord from ball to tip where the toes are highest', () => {
    // A sole that rises as a parabola from the ball; toes a straight line over it, highest 15 mm before the tip of toes 66 mm long.
    const [spring, toes, highest] = [10, 66, 66 - 15];
    const sole = (x: number): number => spring * (x / toes) ** 2;
    expect(((spring * highest) / toes - sole(highest)) / spring).toBeCloseTo(0.18, 2);
  });
});

describe('a hammer toe', () => {
  const deep = shoe('extra-depth', { toeDepthMm: 34, littleToeDepthMm: 21 });
  const raised = (hammerToe?: number) => foot({ hammerToeMm: 6, hammerToe });
  it('takes its height off the depth over that toe alone; off every toe where nobody said which it is', () => {
    const plain = toeDepths(deep, foot());
    for (const toe of [1, 2, 3, 4, 5]) {
      const own = toeDepths(deep, raised(toe));
      own.forEach((mm, i) => expect(mm).toBeCloseTo(plain[i] - (i === toe - 1 ? 6 : 0), 9));
      expect(at('toe-box-depth', deep, raised(toe))).toBeCloseTo(Math.min(...own), 9);
    }
    toeDepths(deep, raised()).forEach((mm, i) => expect(mm).toBeCloseTo(plain[i] - 6, 9));
  });
  it('in the sum it is what it makes of the least depth', () => {
    const zone = told('toe-box-depth', deep, raised(2));
    const least = Math.min(...toeDepths(deep, foot()));
    expect(zone.because.less.find((l) => l.what === 'hammer toe')?.mm ?? 0).toBeCloseTo(least - zone.clearanceMm, 6);
  });
  it('the chance of the ranking is that of the whole simulation at the same points, also where one toe has more than enough', () => {
    for (const [big, little, hammerToe] of [
      [40, 21, undefined],
      [31, 22, 2],
      [29, 24, 1],
      [42, 38, 3],
      [27, 20, undefined]
    ] as const) {
      const it = shoe('oxford', { toeDepthMm: big, littleToeDepthMm: little });
      const who = footAsWorn(completeFoot({ side: 'left', values: { lengthMm: { mm: 244 } }, hammerToeMm: 3, hammerToe }), ORDINARY_WEAR);
      // Every other zone is as good as free.
      const free = Object.fromEntries(Object.entries(targetsFor(it, ORDINARY_WEAR)).map(([id, t]) => [id, id === 'toe-box-depth' ? t : { a: -99, b: -98, c: 98, d: 99 }])) as Targets; // prettier-ignore
      const seen = compare(who.dims, shoeAsWorn(it, ORDINARY_WEAR, NO_AIDS), compilePair(who.dims, it, ORDINARY_WEAR), true);
      expect(chanceOf([who], it, ORDINARY_WEAR, free, [seen], 256)).toBeCloseTo(doubtOf([who], it, ORDINARY_WEAR, free, 256).probability, 9);
    }
  });
});

describe('a last’s form', () => {
  it('grows with the size, and told from another size it is the same last', () => {
    fc.assert(
      fc.property(anyLast, fc.integer({ min: -3, max: 3 }), (plain, steps) => {
        const form = { toeSpringMm: 11, throatLineMm: 190, instepHeightMm: 63, backHeightMm: 57, sideCut: 'medium' as const };
        const last = { ...plain, form };
        const size = last.base.size + steps;
        const graded = gradeLast(last, size, 0);
        const scale = graded.madeForFootMm / last.base.forFootMm;
        expect(graded.instepHeightMm).toBeCloseTo(63 * scale, 9);
        const other = rebase(last, size, last.base.width, 0);
        expect(other.form!.throatLineMm! / other.base.forFootMm).toBeCloseTo(190 / last.base.forFootMm, 9);
        const again = gradeLast(other, size, 0);
        for (const id of ['toeSpringMm', 'instepHeightMm', 'toplineHeightMm'] as const) expect(again[id]).toBeCloseTo(graded[id], 6);
      })
    );
  });
});
