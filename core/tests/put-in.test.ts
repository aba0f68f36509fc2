import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  checkFit,
  completeShoe,
  drawFit,
  drawSection,
  fitOnce,
  footAsWorn,
  clearanceAt,
  MOST_PUT_IN,
  type HelpId,
  nextMeasures,
  NO_AIDS,
  ORDINARY_WEAR,
  POINTS,
  stillGoesIn,
  targetsFor,
  wornWith,
  ZONE_AT,
  type Shoe,
  type ShoeInput,
  type Wear
} from '../src/fit';
import { fitsWithHelps, remediesFor } from '../src/fit/helps';
import { completeFoot, type FootInput } from '../src/measure';
import { fitted } from './arbitrary';

const wear: Wear = { ...ORDINARY_WEAR, sockMm: 1 };
const footOf = (values: FootInput['values'], side: 'left' | 'right' = 'left') => footAsWorn(completeFoot({ side, values }), wear);
const foot = footOf({ lengthMm: { mm: 250 }, ballWidthMm: { mm: 90 }, ballGirthMm: { mm: 226 } });
const loose = (more: Partial<ShoeInput> = {}): Shoe =>
  completeShoe({ kind: 'oxford', insoleLengthMm: 272, toeShape: 'round', ballGirthMm: 241, instepGirthMm: 243, toeDepthMm: 32, heelWidthMm: 68, ...more });
const perimeter = (points: readonly { x: number; y: number }[]): number =>
  points.reduce((sum, p, i) => sum + Math.hypot(points[(i + 1) % points.length].x - p.x, points[(i + 1) % points.length].y - p.y), 0);

describe('helps put in', () => {
  it('a help never reports an effect that the fit with it in does not show', () => {
    fc.assert(
      fc.property(fitted, ({ foot: f, shoe, wear: worn }) => {
        const targets = targetsFor(shoe, worn);
        const before = fitOnce(f.dims, shoe, worn).zone;
        for (const remedy of remediesFor(f, shoe, worn, targets).remedies) {
          const laid = checkFit([f], shoe, worn, [], 16, { [f.foot.side]: [{ kind: remedy.kind, mm: remedy.mm }] });
          const zone = laid.feet[0].zones.find((z) => z.zone === remedy.zone)!;
          expect(zone.clearanceMm).toBeCloseTo(remedy.afterMm, 9);
          expect(zone.clearanceMm - clearanceAt(before, targets, remedy.zone)).toBeCloseTo(remedy.effectMm, 9);
          expect(laid.feet[0].putIn).toEqual([remedy.name]);
          expect(laid.feet[0].fits).toBe(remedy.makesFit);
        }
      }),
      { numRuns: 80 }
    );
  });
  it('what is said to make it fit does, once it is in', () => {
    let asked = 0;
    const over = fc.double({ min: 0, max: 14, noNaN: true });
    fc.assert(
      fc.property(over, over, over, (girth, length, heel) => {
        const shoe = loose({ ballGirthMm: 232 + girth, instepGirthMm: 234 + girth, insoleLengthMm: 266 + length, heelWidthMm: 62 + heel / 2 });
        const helps = fitsWithHelps(foot, shoe, wear, targetsFor(shoe, wear));
        if (!helps || helps.length === 0) return;
        asked++;
        expect(helps.length).toBeLessThanOrEqual(MOST_PUT_IN);
        expect(checkFit([foot], shoe, wear, [], 16, { left: helps }).verdict).toBe('fits');
      }),
      { numRuns: 120 }
    );
    expect(asked).toBeGreaterThan(5);
  });
  it('goes into one shoe and leaves the other as it was', () => {
    const pair = [footOf({ lengthMm: { mm: 250 } }, 'left'), footOf({ lengthMm: { mm: 254 } }, 'right')];
    const shoe = loose();
    const as = checkFit(pair, shoe, wear, [], 64);
    const filled = checkFit(pair, shoe, wear, [], 64, { left: [{ kind: 'full-insole', mm: 3 }] });
    expect(filled.feet[1].zones).toEqual(as.feet[1].zones);
    expect(filled.feet[0].zones.find((z) => z.zone === 'ball-girth')!.clearanceMm).toBeCloseTo(
      as.feet[0].zones.find((z) => z.zone === 'ball-girth')!.clearanceMm - 5,
      6
    );
    expect(filled.feet.map((x) => x.putIn)).toEqual([['full insole, 3 mm'], []]);
  });
  it('stands in the sum behind each zone it changes', () => {
    const shoe = loose({ closure: 'lace' });
    const sums = (helps: { kind: 'heel-grip' | 'ball-pad' | 'tongue-pad' | 'toe-filler' | 'full-insole'; mm: number }[]) =>
      Object.fromEntries(checkFit([foot], shoe, wear, [], 16, { left: helps }).feet[0].zones.map((z) => [z.zone, z.because.sentence]));
    expect(sums([{ kind: 'heel-grip', mm: 3 }])['toe-room']).toMatch(/heel grip 3/);
    expect(sums([{ kind: 'heel-grip', mm: 3 }])['heel-slip']).toMatch(/held by the grip/);
    expect(sums([{ kind: 'toe-filler', mm: 4 }])['toe-room']).toMatch(/toe filler 4/);
    expect(sums([{ kind: 'ball-pad', mm: 3 }])['ball-girth']).toMatch(/ball pad 5/);
    expect(sums([{ kind: 'tongue-pad', mm: 3 }]).instep).toMatch(/tongue pad 6/);
    expect(sums([{ kind: 'full-insole', mm: 3 }])['toe-box-depth']).toMatch(/insert 3/);
  });
  it('what is none, too much, or not for this shoe is refused in words', () => {
    const shoe = loose({ upper: 'patent' });
    expect(() => wornWith(shoe, wear, [{ kind: 'spot-stretch', mm: 3 }])).toThrow(/patent is not stretched/);
    expect(() => wornWith(shoe, wear, [{ kind: 'full-insole', mm: 9 }])).toThrow(/not among the strengths/);
    expect(() => wornWith(shoe, wear, [{ kind: 'other-last' as HelpId, mm: 0 }])).toThrow(/nothing that is put into a shoe/);
    const three = (['full-insole', 'heel-grip', 'ball-pad'] as const).map((kind) => ({ kind, mm: 3 }));
    expect(() => wornWith(shoe, wear, three)).toThrow(/at most 2 helps/);
    expect(wornWith(shoe, wear)).toEqual({ wear, aids: NO_AIDS, names: [] });
  });
});

describe('what was put in some other day', () => {
  it('still goes in as long as the shoe and the sock allow it', () => {
    const shoe = loose();
    const sock = { left: [{ kind: 'thicker-sock', mm: 2.5 }] } as const;
    expect(stillGoesIn(shoe, wear, sock)).toBe(true);
    expect(stillGoesIn(shoe, { ...wear, sockMm: 4 }, sock)).toBe(false);
    expect(stillGoesIn(shoe, { ...wear, sockMm: 4 }, {})).toBe(true);
  });
});

describe('the drawing with helps in', () => {
  it('a heel grip stands the foot further forward, by its thickness', () => {
    const { wear: worn, aids } = wornWith(loose(), wear, [{ kind: 'heel-grip', mm: 3 }]);
    const [plain, gripped] = [drawFit(foot, loose(), wear), drawFit(foot, loose(), worn, aids)];
    const heel = (d: typeof plain): number => Math.min(...d.foot.knots.map((p) => p.x));
    expect(heel(gripped) - heel(plain)).toBeCloseTo(3, 1);
    expect(gripped.toes[gripped.firstToe].roomMm).toBeLessThan(plain.toes[plain.firstToe].roomMm);
  });
  it('across the ball, shoe and foot have the girths of the fit; an insole lifts the foot by its thickness', () => {
    fc.assert(
      fc.property(fitted, ({ foot: f, shoe, wear: worn }) => {
        const section = drawSection(f, shoe, { ...worn, insertMm: 0 });
        // A girth smaller than goes round its width is no section at all.
        const width = (points: typeof section.foot): number => Math.max(...points.map((p) => p.x)) - Math.min(...points.map((p) => p.x));
        fc.pre([section.shoe, section.foot].every((points) => perimeter(points) > 2.3 * width(points)));
        const { zone } = fitOnce(f.dims, shoe, { ...worn, insertMm: 0 });
        expect(perimeter(section.shoe) - perimeter(section.foot)).toBeCloseTo(zone[ZONE_AT['ball-girth']], 4);
        expect(section.girthGapMm).toBe(zone[ZONE_AT['ball-girth']]);
        const lifted = drawSection(f, shoe, { ...worn, insertMm: 4 });
        expect(Math.min(...lifted.foot.map((p) => p.y)) - Math.min(...section.foot.map((p) => p.y))).toBeCloseTo(4, 6);
        expect(lifted.underMm).toBe(4);
      }),
      { numRuns: 60 }
    );
  });
});

describe('what to measure next', () => {
  const vague = [footOf({ lengthMm: { mm: 250 } }, 'left'), footOf({ lengthMm: { mm: 250 } }, 'right')];
  const shoe = loose({ ballGirthMm: 232, instepGirthMm: 233, ballWidthMm: 89, heelWidthMm: 63 });
  it('with nothing but a length it is the measure that most of the doubt hangs on, and it says by how much', () => {
    const [best, ...rest] = nextMeasures(vague, shoe, wear);
    expect(best.settles).toBeGreaterThan(0.04);
    expect(best.chanceThen).toBeGreaterThan(best.chanceNow);
    expect(best.settles).toBeLessThanOrEqual(1);
    expect(best.toSdMm).toBeLessThan(best.fromSdMm);
    for (const other of rest) expect(other.settles).toBeLessThanOrEqual(best.settles);
    expect(['instepGirthMm', 'ballGirthMm', 'heelWidthMm', 'toeHeightMm']).toContain(best.id);
  });
  it('what was just measured is not asked for again', () => {
    const id = nextMeasures(vague, shoe, wear)[0].id as 'instepGirthMm';
    const mm = vague[0].foot.values[id].mm;
    const known = (['left', 'right'] as const).map((side) => footOf({ lengthMm: { mm: 250 }, [id]: { mm } }, side));
    expect(nextMeasures(known, shoe, wear).map((m) => m.id)).not.toContain(id);
  });
  it('the chance it promises is the chance there is once it is measured as expected', () => {
    const [best] = nextMeasures(vague, shoe, wear);
    const id = best.id as 'instepGirthMm';
    const known = (['left', 'right'] as const).map((side) =>
      footOf({ lengthMm: { mm: 250 }, [id]: { mm: vague[0].foot.values[id].mm, sdMm: best.toSdMm } }, side)
    );
    const then = checkFit(known, shoe, wear, [], POINTS.opened).probability;
    expect(Math.abs(then - best.chanceThen)).toBeLessThan(0.06);
  });
  it('a shoe known by its label alone is worth measuring too', () => {
    const label = { ...shoe, sd: { ...shoe.sd, lengthMm: 5, girthMm: 9 } };
    const sure = (['left', 'right'] as const).map((side) =>
      footOf(
        {
          lengthMm: { mm: 250, sdMm: 0.5 },
          ballWidthMm: { mm: 92, sdMm: 0.5 },
          ballGirthMm: { mm: 231, sdMm: 1 },
          instepGirthMm: { mm: 233, sdMm: 1 },
          heelWidthMm: { mm: 63, sdMm: 0.5 },
          toeHeightMm: { mm: 22, sdMm: 0.5 }
        },
        side
      )
    );
    expect(nextMeasures(sure, label, wear)[0]).toMatchObject({ what: 'shoe', id: 'girthMm' });
  });
  it('a misfit that is as good as sure is not measured again', () => {
    const short = nextMeasures(vague, loose({ insoleLengthMm: 246, madeForFootMm: 238 }), wear);
    expect(short).toEqual([]);
  });
  it('where nothing is in doubt nothing is asked for', () => {
    expect(nextMeasures(vague, completeShoe({ kind: 'oxford', insoleLengthMm: 215 }), wear)).toEqual([]);
  });
});
