import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { chartSchema, habitSchema, stripsSchema } from '../src/lib/api/size-schema';
import { FLAG, layFlags } from '../src/lib/drawing/rule-flags';
import { outOfView, readStrip, takesWords, type Mark } from '../src/lib/drawing/rule-readings';
import { stripOf } from '../src/lib/drawing/rule-strips';
import { girthView, letterStrips } from '../src/lib/drawing/letter-strips';
import { stepsFrom, viewOf, withDoubt } from '../src/lib/drawing/lengths-on-rule';
import { clampView, graduation, labelEvery, panned, RULE_LIMITS, viewAround, zoomed } from '../src/lib/drawing/rule-view';
import { saidCardSchema } from '../src/lib/api/said-schema';
import { cardOf } from '../src/lib/ui/sizes/answer-card';
import { addChain, SCALE, SCALES, sizeInterval } from '@chiave/core/size';

const view = fc
  .tuple(fc.double({ min: 0, max: 500, noNaN: true }), fc.double({ min: 1, max: 400, noNaN: true }))
  .map(([fromMm, span]) => ({ fromMm, toMm: fromMm + span }));

describe('the view of the rule', () => {
  it('stays within what feet are, whatever is asked', () => {
    fc.assert(
      fc.property(view, fc.double({ min: 0.05, max: 20, noNaN: true }), fc.double({ min: -500, max: 500, noNaN: true }), (v, factor, by) => {
        for (const next of [clampView(v), zoomed(v, factor, 240), panned(v, by)]) {
          expect(next.fromMm).toBeGreaterThanOrEqual(RULE_LIMITS.fromMm - 1e-9);
          expect(next.toMm).toBeLessThanOrEqual(RULE_LIMITS.toMm + 1e-9);
          expect(next.toMm - next.fromMm).toBeGreaterThan(13);
        }
      })
    );
  });
  it('zooms about the place that is held', () => {
    const before = { fromMm: 200, toMm: 280 };
    const after = zoomed(before, 0.5, 220);
    expect((220 - after.fromMm) / (after.toMm - after.fromMm)).toBeCloseTo((220 - 200) / 80, 9);
  });
  it('shows every mark', () => {
    const around = viewAround([180, 290]);
    expect(around.fromMm).toBeLessThan(180);
    expect(around.toMm).toBeGreaterThan(290);
  });
  it('writes fewer labels where there is less room', () => {
    expect([40, 20, 10, 4, 0.5].map((px) => labelEvery(px, 30))).toEqual([1, 2, 5, 10, 50]);
  });
});

describe('how the rule is cut', () => {
  const seen = { pixelsPerMm: 13.6 };
  it('in millimetres and centimetres alike, in sixteenths of an inch; figures in the unit shown', () => {
    const [mm, cm, inch] = (['mm', 'cm', 'in'] as const).map((unit) => graduation(unit, seen.pixelsPerMm));
    expect([mm.tickMm, cm.tickMm, inch.tickMm]).toEqual([1, 1, 25.4 / 16]);
    expect([mm.words(235), cm.words(235), inch.words(234.95)]).toEqual(['235', '23.5', '9.25']);
    expect(inch.longer * inch.tickMm).toBeCloseTo(25.4 / 4, 9);
  });
  it('figures keep their room, however far it is zoomed', () => {
    fc.assert(
      fc.property(fc.constantFrom('mm', 'cm', 'in'), fc.double({ min: 1, max: 60, noNaN: true }), (unit, pixels) => {
        const { tickMm, longer, figure } = graduation(unit, pixels);
        expect(tickMm * longer * figure * pixels).toBeGreaterThanOrEqual(46);
        expect(tickMm * pixels).toBeGreaterThanOrEqual(3);
      })
    );
  });
});

describe('flags on the rule', () => {
  it('never lie on each other, keep the order of their places, and one alone stands over its own', () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: 0, max: 1000, noNaN: true }), { minLength: 1, maxLength: 4 }), (places) => {
        const flags = layFlags(places);
        const order = places.map((place, i) => ({ place, ...flags[i] })).sort((p, q) => p.place - q.place || p.at - q.at);
        for (let i = 1; i < order.length; i++) expect(order[i].at - order[i - 1].at).toBeGreaterThanOrEqual(FLAG.width);
        expect(flags.reduce((sum, f) => sum + f.at, 0)).toBeCloseTo(
          places.reduce((sum, p) => sum + p, 0),
          6
        );
      })
    );
    expect(layFlags([400])).toEqual([{ at: 400, side: 0 }]);
    expect(layFlags([420, 400]).map((f) => f.side)).toEqual([1, -1]);
  });
});

describe('what marks read', () => {
  const mark = (id: string, mm: number, foot = true): Mark => ({ id, letter: id, name: id, mm, colour: '', dash: '', foot });
  const strip = (id: 'us-w' | 'eu' | 'uk') => stripOf(SCALE[id], 200, 280);
  it('two feet of one size have one box that is nobody’s; of two sizes, one each', () => {
    const [left, right] = [mark('L', 238), mark('R', 239)];
    const alike = readStrip(SCALE['us-w'], strip('us-w'), [left, right], right);
    expect(alike.rows[0].sizes.map((s) => [s.label, s.mark])).toEqual([['7½', null]]);
    const far = mark('R', 247);
    const apart = readStrip(SCALE['us-w'], strip('us-w'), [left, far], far);
    expect(apart.rows[0].sizes.map((s) => [s.label, s.mark?.id])).toEqual([['7½', 'L'], ['8½', 'R']]); // prettier-ignore
  });
  it('a typed mark is read alone, feet beside it or not; what is over is the looked-at mark’s', () => {
    const typed = mark('S', 254, false);
    const { rows } = readStrip(SCALE.uk, strip('uk'), [mark('L', 238), mark('R', 239), typed], typed);
    expect(rows[0].sizes).toHaveLength(1);
    expect(rows[0].overMm! + sizeInterval(SCALE.uk, undefined, Number(rows[0].sizes[0].label.replace('½', '.5'))).mm).toBeCloseTo(254, 6);
  });
  it('schools that put one size elsewhere are apart by what lies between them; a scale of one school never', () => {
    const one = mark('S', 240, false);
    const { apart } = readStrip(SCALE.eu, strip('eu'), [one], one);
    // Allowances of 13.3 and 20 mm put one size 6.7 mm apart.
    expect(apart!.highMm - apart!.lowMm).toBeCloseTo(20 - 40 / 3, 6);
    expect(readStrip(SCALE.uk, strip('uk'), [one], one).apart).toBeNull();
  });
  it('are told in a sentence: every school’s size, sides only where they differ, nothing where no scale has them', () => {
    const feet = (left: number, right: number) => [{ mm: left, word: 'left' }, { mm: right, word: 'right' }]; // prettier-ignore
    expect(takesWords([SCALE.uk], feet(238, 238))).toBe('UK 5');
    expect(takesWords([SCALE.uk], feet(238, 247))).toBe('UK 5 left, 6 right');
    expect(takesWords(SCALES, feet(238, 238))).toMatch(/^US women 7 or 7½, US men 6, UK 5 and continental .* \(by school, where two stand\)$/);
    expect(takesWords([SCALE['us-child']], feet(238, 238))).toBe('');
  });
  it('a sentence holds every size that a row of the rule does', () => {
    fc.assert(
      fc.property(fc.double({ min: 210, max: 290, noNaN: true }), (mm) => {
        const one = mark('S', mm, false);
        for (const id of ['us-w', 'eu', 'uk'] as const)
          for (const { sizes } of readStrip(SCALE[id], strip(id), [one], one).rows)
            for (const { label } of sizes) expect(takesWords([SCALE[id]], [{ mm, word: '' }])).toMatch(new RegExp(`(^|\\s)${label}(,|\\s|$)`));
      })
    );
  });
  it('a scale beyond the part in view ends before it or begins after it', () => {
    expect(outOfView(SCALE['us-child'], 220).ends).toBe(true);
    expect(outOfView(SCALE.uk, 100).ends).toBe(false);
  });
});

describe('what the shop sends about sizes', () => {
  it('strips are each once, and at least one', () => {
    expect(stripsSchema.safeParse({ strips: ['eu', 'eu'] }).success).toBe(false);
    expect(stripsSchema.safeParse({ strips: [] }).success).toBe(false);
    expect(stripsSchema.safeParse({ strips: ['eu', 'us-w'] }).success).toBe(true);
  });
  it('a habit is in sizes, within three, made in a year that has been', () => {
    const base = { lastId: 'heron', evidence: 'fitters', offsetSizes: 0.5 };
    expect(habitSchema.safeParse(base).success).toBe(true);
    for (const wrong of [{ offsetSizes: 'half' }, { offsetSizes: 9 }, { evidence: 'dream' }, { madeYear: 2999 }])
      expect(habitSchema.safeParse({ ...base, ...wrong }).success).toBe(false);
  });
  it('a chain becomes a card that the server takes', () => {
    const end = addChain({
      from: { kind: 'label', scale: 'us-w', size: 7.5 },
      to: { scale: 'eu', step: 1, rounding: 'nearest' },
      habit: null,
      purpose: null,
      sockMm: 1,
      insertMm: 0,
      preference: 'snug',
      off: ['preference']
    });
    const card = cardOf(end, 'US women 7.5', 'continental', 'continental', 'a shop');
    expect(saidCardSchema.safeParse(card).success).toBe(true);
    const [sums] = card.parts;
    expect(sums.lines.map((l) => l.text).join()).not.toMatch(/likes it/);
    expect(sums.lines.every((l) => l.source !== '')).toBe(true);
    expect(card.answer).toBe(end.label);
  });
  it('a chart has its defaults', () => {
    expect(chartSchema.parse({ columns: [{ scale: 'eu' }], fromMm: 220, toMm: 260 })).toMatchObject({ by: { stepMm: 5 }, format: 'json', paper: 'a4' });
  });
});

describe('lengths laid under a rule', () => {
  const spread = fc.tuple(fc.double({ min: 150, max: 320, noNaN: true }), fc.double({ min: 0, max: 12, noNaN: true }));
  it('all lie on the part of it that is shown, with room at either end, and a lone one is not blown up', () => {
    fc.assert(
      fc.property(fc.array(spread, { minLength: 1, maxLength: 6 }), (spreads) => {
        const lengths = spreads.map(([mm, sd]) => withDoubt('', '', mm, sd));
        const { fromMm, toMm } = viewOf(lengths);
        const free = 0.1 * (toMm - fromMm);
        for (const l of lengths) {
          expect(l.fromMm - fromMm).toBeGreaterThan(free);
          expect(toMm - l.toMm).toBeGreaterThan(free);
        }
        expect(toMm - fromMm).toBeGreaterThan(24 - 1e-9);
      })
    );
  });
  it('steps begin where the one before ended, and end at what they come to together', () => {
    const steps = [3.2, -1.5, 0.4].map((mm) => ({ name: '', figure: '', mm }));
    const laid = stepsFrom(243, steps);
    expect(laid[0].fromMm).toBe(243);
    laid.slice(1).forEach((l, i) => expect(l.fromMm).toBe(laid[i].toMm));
    expect(laid[2].toMm).toBeCloseTo(245.1, 9);
    expect(laid.every((l) => l.atMm === null)).toBe(true);
  });
});

describe('letters along a rule of girths', () => {
  it('stand a step apart, and the foot’s own is the nearest of its scale', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('men', 'women'),
        fc.double({ min: 210, max: 310, noNaN: true }),
        fc.double({ min: 180, max: 300, noNaN: true }),
        (group, lengthMm, girthMm) => {
          const strips = letterStrips(group, lengthMm, girthMm);
          expect(strips.length).toBeGreaterThan(2);
          for (const { scale, letters, own } of strips) {
            letters.slice(1).forEach((l, i) => expect(l.mm - letters[i].mm).toBeCloseTo(scale.stepMm, 6));
            const off = letters.map((l) => Math.abs(l.mm - girthMm));
            const mine = letters.find((l) => l.letter === own.letter)!;
            expect(Math.abs(mine.mm - girthMm)).toBeCloseTo(Math.min(...off), 6);
            expect(girthMm - mine.mm).toBeCloseTo(own.remainderMm, 6);
          }
          const { fromMm, toMm } = girthView(girthMm);
          expect((fromMm + toMm) / 2).toBeCloseTo(girthMm, 9);
        }
      )
    );
  });
});
