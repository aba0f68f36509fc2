import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cardSchema, chartSchema, habitSchema, stripsSchema } from '../src/lib/api/size-schema';
import { clampView, labelEvery, panned, RULE_LIMITS, viewAround, zoomed } from '../src/lib/drawing/rule-view';
import { cardOf } from '../src/lib/ui/sizes/answer-card';
import { addChain } from '@chiave/core/size';

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
    expect(cardSchema.safeParse(card).success).toBe(true);
    expect(card.lines.map((l) => l.what).join()).not.toMatch(/likes it/);
    expect(card.answer).toBe(end.label);
  });
  it('a chart has its defaults', () => {
    expect(chartSchema.parse({ columns: [{ scale: 'eu' }], fromMm: 220, toMm: 260 })).toMatchObject({ by: { stepMm: 5 }, format: 'json', paper: 'a4' });
  });
});
