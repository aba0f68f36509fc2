import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
// prettier-ignore
import {
  completeFoot, dayShare, formatLength, formatSigned, hourOf, inchesAsFraction, judgeFeet, judgeMeasure, MEASURE, MEASURES, parseLength, parseMixedNumber, signedNumber,
  readMeasure, sockGirthMm, sockOutlineMm, toeShapeOf, type FootInput
} from '../src/measure';

const length = (mm: number): FootInput => ({ side: 'left', values: { lengthMm: { mm } } });

describe('lengths as people say them', () => {
  it.each([
    ['248', 'mm', 248],
    ['9 3/4 in', 'mm', 247.65],
    ['9.75"', 'mm', 247.65],
    ['9¾″', 'mm', 247.65],
    ['24,8 cm', 'mm', 248],
    ['24.8', 'cm', 248],
    ['9 3/4', 'in', 247.65],
    ['  250 millimetres ', 'in', 250],
    ['10 inches', 'mm', 254],
    ['3/8 in', 'mm', 9.525]
  ] as const)('%s with %s shown is %f mm', (text, unit, mm) => {
    expect(parseLength(text, unit)).toMatchObject({ ok: true, mm: expect.closeTo(mm, 6) });
  });
  it.each(['', 'abc', '24..8', '9 3/0', '12 cm 3', '--4'])('“%s” is not a length, and the message shows how to write one', (text) => {
    const parsed = parseLength(text, 'mm');
    expect(parsed.ok).toBe(false);
    if (!parsed.ok) expect(parsed.message).toMatch(/Write it as 243, 24.3 cm or 9 1\/2 in/);
  });
  it('reads mixed numbers in every spelling', () => {
    expect(['7 1/2', '7-1/2', '7½', '7.5', '7,5'].map(parseMixedNumber)).toEqual([7.5, 7.5, 7.5, 7.5, 7.5]);
    // What the tool itself writes, with its minus sign, is read again.
    expect([-1.5, 1.5].map((n) => parseMixedNumber(signedNumber(n).replace('+', '')))).toEqual([-1.5, 1.5]);
    expect([0.04, -0.04, 0.06, -2].map((n) => signedNumber(n))).toEqual(['0', '0', '+0.1', '−2']);
  });
  it('writes inches to the nearest sixteenth and never a minus nought', () => {
    expect(inchesAsFraction(247.65)).toBe('9 3/4');
    expect(formatLength(0.2, 'in')).toBe('0 in');
    expect(formatSigned(-0.01, 'mm')).toBe('0');
    expect(formatSigned(-3.25, 'mm')).toBe('−3.3');
  });
  it('a written length reads back to within what it shows', () => {
    fc.assert(
      fc.property(fc.double({ min: 1, max: 400, noNaN: true }), fc.constantFrom('mm' as const, 'cm' as const, 'in' as const), (mm, unit) => {
        const back = parseLength(formatLength(mm, unit), 'mm');
        expect(back.ok && Math.abs(back.mm - mm)).toBeLessThanOrEqual(unit === 'in' ? 25.4 / 32 + 1e-9 : 0.051);
      })
    );
  });
});

describe('what is not measured is filled in', () => {
  it('ball lengths, width over girth and short heel lie within the surveys (Chinese foot survey and US survey of 1988, from memory)', () => {
    const v = completeFoot(length(250)).values;
    expect(v.ballLengthMm.mm / 250).toBeGreaterThanOrEqual(0.72);
    expect(v.ballLengthMm.mm / 250).toBeLessThanOrEqual(0.74);
    expect(v.outerBallLengthMm.mm / 250).toBeGreaterThanOrEqual(0.62);
    expect(v.outerBallLengthMm.mm / 250).toBeLessThanOrEqual(0.65);
    expect(v.ballWidthMm.mm / v.ballGirthMm.mm).toBeCloseTo(0.405, 1);
    expect(v.instepGirthMm.mm / v.ballGirthMm.mm).toBeCloseTo(1, 1);
    expect(v.shortHeelGirthMm.mm / v.ballGirthMm.mm).toBeGreaterThanOrEqual(1.31);
    expect(v.shortHeelGirthMm.mm / v.ballGirthMm.mm).toBeLessThanOrEqual(1.36);
  });
  it('breadth of a mean foot is the survey’s: men 269.7 long 100.6 wide, women 244.4 long 89.7 wide (US survey of 1988, from memory)', () => {
    for (const [l, w] of [
      [269.7, 100.6],
      [244.4, 89.7]
    ]) {
      expect(Math.abs(completeFoot(length(l)).values.ballWidthMm.mm - w)).toBeLessThan(1.5);
    }
  });
  it('takes the nearest measured relative, says from what, and widens the deviation', () => {
    const foot = completeFoot({ side: 'left', values: { lengthMm: { mm: 250 }, ballGirthMm: { mm: 240 } } });
    expect(foot.values.ballWidthMm).toMatchObject({ how: 'derived', because: '0.405 of ball girth' });
    expect(foot.values.ballWidthMm.mm).toBeCloseTo(97.2, 6);
    expect(foot.values.ballWidthMm.sdMm).toBeGreaterThan(MEASURE.ballWidthMm.tapeSdMm);
    expect(foot.assumed).toContain('ballWidthMm');
    expect(foot.assumed).not.toContain('ballGirthMm');
  });
  it('a value that was told errs more than one taken by device', () => {
    const sd = (how: 'device' | 'stated') => completeFoot({ side: 'left', values: { lengthMm: { mm: 250, how } } }).values.lengthMm.sdMm;
    expect(sd('stated')).toBeGreaterThan(2 * sd('device'));
  });
  it('needs a length', () => {
    expect(() => completeFoot({ side: 'left', values: {} })).toThrow('a foot needs a length');
  });
  it('names every measure once, with a definition and a source', () => {
    expect(new Set(MEASURES.map((m) => m.id)).size).toBe(MEASURES.length);
    for (const m of MEASURES) expect(m.definition.length * m.source.length).toBeGreaterThan(0);
  });
  it('toe shape from the tips, tested square first', () => {
    expect(toeShapeOf([0, 2, 3, 12, 30])).toBe('square');
    expect(toeShapeOf([5, 0, 8, 20, 38])).toBe('greek');
    expect(toeShapeOf([0, 6, 13, 24, 42])).toBe('egyptian');
  });
});

describe('doubtful and impossible values', () => {
  it('a left foot 40 mm longer than the right is questioned, not refused', () => {
    const findings = judgeFeet([length(290), { ...length(250), side: 'right' }]);
    expect(findings).toMatchObject([{ side: 'left', field: 'lengthMm', level: 'question' }]);
    expect(findings[0].message).toMatch(/left foot is 40 mm longer/);
  });
  it('inches typed as centimetres are offered as inches, never changed', () => {
    const read = readMeasure('lengthMm', '9 3/4', 'cm');
    expect(read.mm === null || read.mm === 97.5).toBe(true);
    expect(read.findings[0].offer).toMatchObject({ mm: expect.closeTo(247.65, 6), text: '9 3/4 in' });
    expect(read.findings[0].message).toMatch(/Did you mean 9 3\/4 in \(247\.[67] mm\)/);
  });
  it('letters are refused with how to write it', () => {
    expect(readMeasure('lengthMm', 'tall', 'mm')).toMatchObject({ mm: null, findings: [{ level: 'refuse' }] });
  });
  it('a foot of 600 mm cannot be; one of 335 is rare', () => {
    expect(judgeMeasure('lengthMm', 600)).toMatchObject({ level: 'refuse' });
    expect(judgeMeasure('lengthMm', 335)).toMatchObject({ level: 'question' });
    expect(judgeMeasure('lengthMm', 250)).toBeNull();
  });
  it('a ball width typed into the girth is refused with the range for this length', () => {
    expect(judgeMeasure('ballGirthMm', 92, 250)).toMatchObject({ level: 'refuse', message: expect.stringContaining('150 mm to 350 mm') });
  });
  it('a girth far off the proportion is asked about and says what it would suit', () => {
    const finding = judgeMeasure('ballWidthMm', 62, 250)!;
    expect(finding.level === 'question' || finding.level === 'refuse').toBe(true);
    if (finding.level === 'question') expect(finding.message).toMatch(/heel width: was that measured/);
  });
  it('ordinary values of ordinary feet are taken without a word', () => {
    fc.assert(
      fc.property(fc.double({ min: 200, max: 300, noNaN: true }), (mm) => {
        const foot = completeFoot(length(mm));
        for (const m of MEASURES) expect(judgeMeasure(m.id, foot.values[m.id].mm, mm)).toBeNull();
      })
    );
  });
});

describe('the foot through the day and in its sock', () => {
  it('is smallest until ten and largest from four; words and times are read alike', () => {
    expect([hourOf('morning'), hourOf('16:30'), hourOf('7.45'), hourOf('25:00'), hourOf('late')]).toEqual([8, 16.5, 7.75, null, null]);
    expect(dayShare(8)).toBe(0);
    expect(dayShare(13)).toBeCloseTo(0.5, 9);
    expect(dayShare(20)).toBe(1);
  });
  it('a sock of 1 mm lengthens the outline by 0.8 mm and the girth by 1.6 mm', () => {
    expect(2 * sockOutlineMm(1)).toBeCloseTo(0.8, 9);
    expect(sockGirthMm(1)).toBeCloseTo(Math.PI / 2, 9);
  });
});
