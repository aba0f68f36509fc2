import { readFileSync } from 'node:fs';
import { checkFit, completeShoe, footAsWorn, heelMadeOf, KIND, makeOf, ORDINARY_WEAR, poseFootOf, type Shoe, type Style } from '@chiave/core/fit';
import { alikeFirst, BLANK_HEEL, GROUND, HEEL_ATTRIBUTES, heelAt, heelsApart, standOn, type HeelAttributes, type HeelMade } from '@chiave/core/heel';
import { completeFoot } from '@chiave/core/measure';
import { describe, expect, it } from 'vitest';

const styles = JSON.parse(readFileSync(new URL('../../demo/data/styles.json', import.meta.url), 'utf8')) as { details: HeelAttributes & { evidence: object }; heelHeightMm: number }[]; // prettier-ignore
const STOCKING = { ...ORDINARY_WEAR, sockMm: 0.3 };
const foot = footAsWorn(completeFoot({ side: 'left', values: { lengthMm: { mm: 239 }, ballGirthMm: { mm: 222 } } }), STOCKING);
const pump = completeShoe({ kind: 'pump', insoleLengthMm: 262, toeShape: 'almond', madeForFootMm: 247, ballGirthMm: 236, heelHeightMm: 85, closure: 'none' });
const made = (heel: Partial<HeelAttributes>, more: Partial<Shoe> = {}): Shoe => ({ ...pump, heel: { ...BLANK_HEEL, ...heel }, ...more });
const worn = { weightKg: 60, doing: 'walking', slopeDeg: 0, reachSchool: 'middle', ankleReachDeg: 50, ground: GROUND['lawn-clay-moist'] } as const;
const stood = (shoe: Shoe) => standOn(poseFootOf(foot.foot), heelMadeOf(shoe), worn);

describe('how a heel is made', () => {
  it('each attribute is told how it is taken, and is blank until it is known', () => {
    for (const a of HEEL_ATTRIBUTES) {
      expect(a.how.length).toBeGreaterThan(8);
      expect(BLANK_HEEL[a.id]).toBe('options' in a ? '' : null);
    }
  });
  it('what is not known is as usual for the kind and its height', () => {
    expect(heelMadeOf(pump).heel).toBe(heelAt(KIND.pump.usual.heel, 85));
    expect(stood(made({}))).toEqual(stood(pump));
  });
  it('what is known decides: a broad tip sinks less and stands steadier, a thick sole lifts, a thick stem sinks less', () => {
    const thin = stood(made({ heelShape: 'thin-stiletto' }));
    const broad = stood(made({ heelShape: 'thin-stiletto', tipWidthMm: 24, tipLengthMm: 24 }));
    expect(broad.sinkMm!.centre).toBeLessThan(thin.sinkMm!.centre);
    expect(broad.stability.indexDeg).toBeGreaterThan(thin.stability.indexDeg);
    expect(stood(made({ soleUnderBallMm: 12 })).rise.centreMm - stood(made({ soleUnderBallMm: 6 })).rise.centreMm).toBeCloseTo(6, 9);
    const stem = (heelHalfWidthMm: number) => stood(made({ heelShape: 'thin-stiletto', heelHalfWidthMm })).sinkMm!.centre;
    expect(stem(24)).toBeLessThan(stem(9));
  });
  it('heel-less: the whole weight on the ball', () => {
    expect(stood(made({ heelShape: 'heel-less' }, { platformMm: 40 })).ballLoadShare).toEqual({ low: 1, centre: 1, high: 1 });
  });
  it('the closure says what holds the ankle, the throat what of the toes is seen', () => {
    expect(heelMadeOf({ ...pump, closure: 'strap' }).hold).toBe('strap');
    expect(heelMadeOf({ ...pump, kind: 'lace-boot', closure: 'lace' }).hold).toBe('laced-boot');
    expect(heelMadeOf({ ...pump, closure: 'none' }).hold).toBe('none');
    expect(stood(pump).cleavageMm).toBeNull();
    expect(stood(made({}, { vampAt: 0.82 })).cleavageMm![3]).toBeGreaterThan(0);
  });
  it('a vamp that comes far up holds the foot back in the fit, a short one lets it run; a steeper seat drives it', () => {
    const slide = (shoe: Shoe) => checkFit([foot], shoe, STOCKING).feet[0].heel!.slide.centreMm;
    const [long, plain, short] = [0.7, null, 0.82].map((vampAt) => slide({ ...pump, vampAt }));
    expect(long).toBeLessThan(plain);
    expect(short).toBeGreaterThan(plain);
    expect(slide(made({ seatWedgeDeg: 8 }))).toBeLessThan(slide(made({ seatWedgeDeg: 22 })));
  });
  it('a style’s own throat line stands before its last’s', () => {
    const style = { details: { ...BLANK_HEEL, throatLineMm: null }, last: { base: { forFootMm: 240 }, form: { throatLineMm: 180 } } } as unknown as Style;
    expect(makeOf(style).vampAt).toBeCloseTo(0.75, 9);
    expect(makeOf({ ...style, details: { ...style.details!, throatLineMm: 192 } }).vampAt).toBeCloseTo(0.8, 9);
    expect(makeOf({ ...style, last: { ...style.last, form: undefined } }).vampAt).toBeNull();
  });
});

describe('heels that feel alike', () => {
  const heel = (heelHeightMm: number, more: Partial<HeelMade> = {}): { made: HeelMade } => ({
    made: { heelHeightMm, platformMm: 0, heel: 'block', hold: 'none', ...more }
  });
  it('a heel is no step from itself, as far from another as that is from it, and platforms that keep the drop count less than height', () => {
    const [a, b] = [heel(50).made, heel(80, { heel: 'thin-stiletto' }).made];
    expect(heelsApart(a, a, 240)).toBe(0);
    expect(heelsApart(a, b, 240)).toBeCloseTo(heelsApart(b, a, 240), 12);
    expect(heelsApart(a, heel(70, { platformMm: 20 }).made, 240)).toBeLessThan(heelsApart(a, heel(70).made, 240));
  });
  it('the most alike come first', () => {
    const order = alikeFirst(heel(55).made, [heel(95), heel(60), heel(55, { heel: 'thin-stiletto' })], 240);
    const apart = order.map((h) => heelsApart(heel(55).made, h.made, 240));
    expect(apart).toEqual([...apart].sort((a, b) => a - b));
    expect(order[0].made.heelHeightMm).toBe(60);
  });
});

describe('the demo’s heels', () => {
  it('hold no value without a mark, but for shapes seen at a glance, and are some of them never looked at', () => {
    const high = styles.filter((s) => s.heelHeightMm > 30);
    for (const { details } of high)
      for (const { id } of HEEL_ATTRIBUTES) if (details[id] !== null && details[id] !== '') expect(Object.keys(details.evidence)).toContain(id);
    const unseen = high.filter((s) => s.details.tipWidthMm === null);
    expect(unseen.length / high.length).toBeGreaterThan(0.05);
    expect(unseen.length / high.length).toBeLessThan(0.6);
  });
});
