import { describe, expect, it } from 'vitest';
import { convertFoot, convertLabel, footLetter, fromFootMm, letterMm, roundToStep, SCALE, schoolOf, toFootMm, WIDTH_SCALES, type ScaleId } from '../src/size';

const foot = (scale: ScaleId, size: number, school?: string) => toFootMm(schoolOf(SCALE[scale], school), size);
const size = (scale: ScaleId, mm: number, school?: string) => fromFootMm(schoolOf(SCALE[scale], school), mm);
const across = (scale: ScaleId, number: number, school: string, to: ScaleId) =>
  convertLabel({ scale, size: number, school }, [to]).readings.find((r) => r.school === school)!;

describe('length scales against published figures', () => {
  it('Paris point is 2/3 cm (ISO/TS 19407:2015, from memory)', () => {
    expect(SCALE.eu.schools[0].unitMm).toBeCloseTo(6.6667, 4);
  });
  it('a size is a barleycorn, 1/3 in (ISO/TS 19407:2015, from memory), 1.27 Paris points', () => {
    expect(SCALE.uk.schools[0].unitMm).toBeCloseTo(8.4667, 4);
    expect(SCALE.uk.schools[0].unitMm / SCALE.eu.schools[0].unitMm).toBeCloseTo(1.27, 6);
  });
  it('British adult 0 is a last of 25 barleycorns, child 0 one of 4 in (British system, from memory)', () => {
    const last = (id: ScaleId) => foot(id, 0) + schoolOf(SCALE[id]).allowanceMm;
    expect(last('uk')).toBeCloseTo(211.667, 2);
    expect(last('uk-child')).toBeCloseTo(101.6, 2);
  });
  it("US men's 1 is a foot of 7 2/3 in, and a foot of 10 in an 8, women's 9 by the device (measuring device's FAQ, from memory)", () => {
    expect(foot('us-m', 1)).toBeCloseTo(194.733, 2);
    expect(size('us-m', 254)).toBeCloseTo(8, 6);
    expect(size('us-w', 254, 'device')).toBeCloseTo(9, 6);
  });
  it('old Chinese numbers are twice the centimetres less 10 (convention, from memory)', () => {
    expect(size('cn-old', 250)).toBe(40);
  });
  it('a foot of 260 mm is a continental 41 to 42 over the allowances (derived from several conventions)', () => {
    for (const school of SCALE.eu.schools) expect(Math.abs(size('eu', 260, school.id) - 41.5)).toBeLessThanOrEqual(1);
  });
  it.each([
    [3.5, 0, 36],
    [4, 37, 38],
    [5, 37, 38],
    [5.5, 39, 40],
    [6.5, 39, 40],
    [7, 41, 42],
    [8, 41, 42],
    [8.5, 43, 44],
    [10, 43, 44]
  ])('British %f on the same last falls in the continental band %i to %i (EN ISO 20345, from memory)', (uk, low, high) => {
    // The same last carries both labels, so the allowance must be the same on both sides.
    const reading = convertLabel({ scale: 'uk', size: uk }, ['eu']).readings.find((r) => r.school === 'plus-2-3in')!;
    const whole = Math.round(reading.exact!);
    expect(whole).toBeGreaterThanOrEqual(low);
    expect(whole).toBeLessThanOrEqual(high);
    expect(reading.exact).toBeCloseTo(1.27 * (uk + 25), 2);
  });
});

describe('length scales against common practice, no source', () => {
  it("a women's 8.5 is a men's 7 on the box, and a men's 6 is a women's 7.5", () => {
    expect(across('us-w', 8.5, 'label', 'us-m').exact).toBeCloseTo(7, 9);
    expect(across('us-m', 6, 'label', 'us-w').exact).toBeCloseTo(7.5, 9);
  });
  it("a women's 7.5 is a men's 6 by the label, 6.5 by the device and by the printed centimetres; all three are told", () => {
    const { readings, disagreements } = convertLabel({ scale: 'us-w', size: 7.5, school: 'label' }, ['us-m']);
    expect(readings.map(({ school, size: s, footMm }) => [school, s, Number(footMm.toFixed(2))])).toEqual([
      ['label', '6', 237.07],
      ['device', '6.5', 241.3],
      ['stamped', '6.5', 245]
    ]);
    expect(disagreements).toMatchObject([{ scale: 'us-m', spreadSizes: expect.closeTo(0.5, 9) }]);
    expect(disagreements[0].spreadMm).toBeCloseTo(7.93, 2);
  });
  it("one maker's boxes print 24 cm on men's 6 and 24.5 on women's 7.5", () => {
    expect(foot('us-m', 6, 'stamped')).toBe(240);
    expect(foot('us-w', 7.5, 'stamped')).toBe(245);
  });
  it("women's 8.5 is the largest that buys youth sizes, youth ending at 7", () => {
    const youth = (w: number) => across('us-w', w, 'label', 'us-youth').exact!;
    expect(youth(8.5)).toBeLessThanOrEqual(SCALE['us-youth'].range[1] + 1e-9);
    expect(youth(9)).toBeGreaterThan(SCALE['us-youth'].range[1]);
  });
  it("a women's 8 is a unisex boot 5 by the three-off school; a half is the same length, wider", () => {
    const reading = across('us-w', 8, 'minus-3', 'au-boot');
    expect(reading).toMatchObject({ size: '5', wider: false, exact: null });
    expect(across('us-w', 8.5, 'minus-3', 'au-boot')).toMatchObject({ size: '5.5', wider: true });
    const half = convertLabel({ scale: 'au-boot', size: 5.5 }, ['mondo']).footLength.mm;
    expect(half - convertLabel({ scale: 'au-boot', size: 5 }, ['mondo']).footLength.mm).toBe(0);
  });
  it("a women's 7.5 box carries a continental 38, within three quarters of a size", () => {
    const { readings } = convertLabel({ scale: 'us-w', size: 7.5, school: 'label' }, ['eu']);
    expect(Math.abs(readings.find((r) => r.school === 'label')!.exact! - 38)).toBeLessThanOrEqual(0.75);
  });
  it('child 13.5 runs into youth 1 without a jump back: strictly increasing in the default school', () => {
    const run = [...Array.from({ length: 28 }, (_, i) => foot('us-child', i / 2)), ...Array.from({ length: 13 }, (_, i) => foot('us-youth', 1 + i / 2))];
    run.slice(1).forEach((mm, i) => expect(mm).toBeGreaterThan(run[i]));
  });
});

describe('width scales', () => {
  it('Japanese girth steps 6 mm a letter and 3 mm for 5 mm of length (JIS S 5037:1998, from memory)', () => {
    expect(letterMm('jp-width', 'men', 'EE', 250) - letterMm('jp-width', 'men', 'E', 250)).toBeCloseTo(6, 9);
    expect(letterMm('jp-width', 'men', 'E', 255) - letterMm('jp-width', 'men', 'E', 250)).toBeCloseTo(3, 9);
  });
  it("the measuring device's widths step 3/16 in (device maker's FAQ, from memory)", () => {
    expect(WIDTH_SCALES.find((s) => s.id === 'device-width')!.stepMm).toBeCloseTo(4.7625, 3);
  });
  it('girth grows 0.75 mm a mm of length, US, British and continental (1/4 over 1/3 in; 5 over 20/3 mm)', () => {
    for (const id of ['us-letter', 'uk-fitting', 'eu-fitting']) expect(WIDTH_SCALES.find((s) => s.id === id)!.perLengthMm).toBeCloseTo(0.75, 6);
  });
  it('sister sizes: 12 D is 1/8 in less round than 11.5 E; 8 E, 9 D and 10 C are alike (common practice, no source)', () => {
    const girth = (n: number, letter: string) => letterMm('us-letter', 'men', letter, foot('us-m', n));
    expect(girth(12, 'D') - girth(11.5, 'E')).toBeCloseTo(-3.175, 2);
    expect(girth(9, 'D')).toBeCloseTo(girth(8, 'E'), 9);
    expect(girth(9, 'D')).toBeCloseTo(girth(10, 'C'), 9);
  });
  it('names the letters there are when asked for one there is not', () => {
    expect(() => letterMm('jp-width', 'men', 'Q', 250)).toThrow(/no width “Q” in Japanese widths; there are A, B, C/);
  });
});

describe('reading', () => {
  it('rounds to the run, keeps what is left over, and says when a size is outside the run', () => {
    const [mondo] = convertFoot({ lengthMm: 248 }, ['mondo']).readings;
    expect(mondo).toMatchObject({ size: '250', exact: 248 });
    expect(mondo.remainderMm).toBeCloseTo(-2, 9);
    expect(convertFoot({ lengthMm: 254 }, ['us-child']).readings[0].outsideRange).toMatch(/US child is made from 0 to 13.5/);
  });
  it('rounds up and down when asked, and leaves a size that is on its step alone', () => {
    expect(roundToStep(8.26, 0.5)).toBe(8.5);
    expect(roundToStep(8.26, 0.5, 'down')).toBe(8);
    expect(roundToStep(8.01, 0.5, 'up')).toBe(8.5);
    expect(roundToStep(8 + 1e-9, 0.5, 'up')).toBe(8);
  });
  it('refuses a label that no foot could wear, naming the run', () => {
    expect(() => convertLabel({ scale: 'us-m', size: 90 }, ['eu'])).toThrow(/US men 90 would be a foot of .* runs from 1 to 20/);
  });
  it('tells both the boot rule and what the length would say', () => {
    const reading = across('us-w', 11, 'minus-3', 'au-boot');
    expect(reading.byLength).toBeDefined();
    expect(reading.size).not.toBe('');
  });
});

describe('more rows of the published relations', () => {
  it.each([
    [6, 22.86, 23],
    [10, 27.94, 28],
    [13, 31.75, 32]
  ])("British child's %i is %f Paris points on the same last, %i on the shop's chart (arithmetic of both noughts, from memory)", (uk, exact, shop) => {
    const reading = convertLabel({ scale: 'uk-child', size: uk }, ['eu']).readings.find((r) => r.school === 'plus-2-3in')!;
    expect(reading.exact).toBeCloseTo(exact, 2);
    expect(Math.round(reading.exact!)).toBe(shop);
  });
  it.each([
    [3, 36],
    [4, 37],
    [5, 38],
    [6, 39],
    [7, 41],
    [8, 42],
    [9, 43],
    [11, 46],
    [12, 47]
  ])('British %i is a continental %i on the usual shop chart (published charts, from memory)', (uk, eu) => {
    expect(Math.round(convertLabel({ scale: 'uk', size: uk }, ['eu']).readings.find((r) => r.school === 'plus-2-3in')!.exact!)).toBe(eu);
  });
  it("a foot just under women's 7.5 on the device reads just under men's 6.5 on it (common practice, no source)", () => {
    const mm = foot('us-w', 7.5, 'device') - 0.4;
    expect(size('us-w', mm, 'device')).toBeLessThan(7.5);
    expect(size('us-m', mm, 'device')).toBeCloseTo(size('us-w', mm, 'device') - 1, 9);
    expect(size('us-m', mm, 'device')).toBeLessThan(6.5);
  });
  it('continental 40 is Brazilian 38 (common practice, no source)', () => {
    expect(convertLabel({ scale: 'eu', size: 40, school: 'plus-2-3in' }, ['br']).readings[0].exact).toBeCloseTo(38, 6);
  });
  it('a historic child 13.5 would be longer than youth 1: why it ends at 13 and is not the default (from memory)', () => {
    expect(foot('us-child', 13.5, 'historic')).toBeGreaterThan(foot('us-youth', 1));
    expect(foot('us-child', 13.5)).toBeLessThan(foot('us-youth', 1));
    expect(SCALE['us-child'].schools[0].id).toBe('continuous');
  });
  it('the device has nine widths, US letters run AAAA to EEEE (device maker’s FAQ and trade, from memory)', () => {
    expect(WIDTH_SCALES.find((s) => s.id === 'device-width')!.letters).toHaveLength(9);
    const us = WIDTH_SCALES.find((s) => s.id === 'us-letter')!.letters;
    expect([us[0], us[us.length - 1]]).toEqual(['AAAA', 'EEEE']);
  });
});

describe('the tables, row by row', () => {
  // [foot mm, EU +2 points, EU 15, EU 20, UK, US men, US women device, US women label, Chinese old number]
  it.each([
    [220, 35, 35.25, 36, 2.98, 3.98, 4.98, 5.48, 34],
    [230, 36.5, 36.75, 37.5, 4.17, 5.17, 6.17, 6.67, 36],
    [240, 38, 38.25, 39, 5.35, 6.35, 7.35, 7.85, 38],
    [250, 39.5, 39.75, 40.5, 6.53, 7.53, 8.53, 9.03, 40],
    [260, 41, 41.25, 42, 7.71, 8.71, 9.71, 10.21, 42],
    [270, 42.5, 42.75, 43.5, 8.89, 9.89, 10.89, 11.39, 44],
    [280, 44, 44.25, 45, 10.07, 11.07, 12.07, 12.57, 46],
    [290, 45.5, 45.75, 46.5, 11.25, 12.25, 13.25, 13.75, 48],
    [300, 47, 47.25, 48, 12.43, 13.43, 14.43, 14.93, 50]
  ])('a foot of %i mm in eight scales and schools (arithmetic of the rules, from memory)', (mm, ...sizes) => {
    const columns: [ScaleId, string][] = [
      ['eu', 'plus-13'],
      ['eu', 'plus-15'],
      ['eu', 'plus-20'],
      ['uk', 'standard'],
      ['us-m', 'device'],
      ['us-w', 'device'],
      ['us-w', 'label'],
      ['cn-old', 'standard']
    ];
    expect(columns.map(([scale, school]) => Number(size(scale, mm, school).toFixed(2)))).toEqual(sizes);
  });
  const JIS: readonly ['men' | 'women', number, readonly string[], readonly number[]][] = [
    ['men', 240, ['D', 'E', 'EE', 'EEE', 'EEEE'], [231, 237, 243, 249, 255]],
    ['men', 245, ['D', 'E', 'EE', 'EEE', 'EEEE'], [234, 240, 246, 252, 258]],
    ['men', 250, ['D', 'E', 'EE', 'EEE', 'EEEE'], [237, 243, 249, 255, 261]],
    ['men', 255, ['D', 'E', 'EE', 'EEE', 'EEEE'], [240, 246, 252, 258, 264]],
    ['men', 260, ['D', 'E', 'EE', 'EEE', 'EEEE'], [243, 249, 255, 261, 267]],
    ['men', 270, ['D', 'E', 'EE', 'EEE', 'EEEE'], [249, 255, 261, 267, 273]],
    ['women', 220, ['C', 'D', 'E', 'EE', 'EEE'], [207, 213, 219, 225, 231]],
    ['women', 225, ['C', 'D', 'E', 'EE', 'EEE'], [210, 216, 222, 228, 234]],
    ['women', 230, ['C', 'D', 'E', 'EE', 'EEE'], [213, 219, 225, 231, 237]],
    ['women', 235, ['C', 'D', 'E', 'EE', 'EEE'], [216, 222, 228, 234, 240]],
    ['women', 240, ['C', 'D', 'E', 'EE', 'EEE'], [219, 225, 231, 237, 243]],
    ['women', 245, ['C', 'D', 'E', 'EE', 'EEE'], [222, 228, 234, 240, 246]]
  ];
  it.each(JIS)('Japanese girths, %s, foot %i mm, %o, by row, by rule and back (JIS S 5037:1998, from memory)', (group, mm, letters, girths) => {
    expect(letters.map((l) => letterMm('jp-width', group, l, mm))).toEqual(girths.map((g) => expect.closeTo(g, 9)));
    letters.forEach((letter, i) => {
      const k = 'A B C D E EE EEE EEEE F G'.split(' ').indexOf(letter);
      expect(girths[i]).toBe((group === 'men' ? 189 : 183) + 6 * k + 6 * (mm / 10 - 20));
      expect(footLetter('jp-width', group, mm, girths[i])).toEqual({ letter, remainderMm: expect.closeTo(0, 9), beyond: false });
    });
  });
  it("women's Japanese letter is 6 mm less round than men's at one length (JIS S 5037:1998, from memory)", () => {
    for (const letter of ['C', 'E', 'EEE']) expect(letterMm('jp-width', 'men', letter, 245) - letterMm('jp-width', 'women', letter, 245)).toBeCloseTo(6, 9);
  });
  it.each([
    [3.5, 36.2],
    [4, 36.83],
    [5, 38.1],
    [5.5, 38.74],
    [6.5, 40.01],
    [7, 40.64],
    [8, 41.91],
    [8.5, 42.55],
    [10, 44.45],
    [10.5, 45.09]
  ])('British %f is %f Paris points on the same last (arithmetic of both noughts)', (uk, eu) => {
    // Printed to two figures: half of the last one is given.
    expect(Math.abs(across('uk', uk, 'plus-2-3in', 'eu').exact! - eu)).toBeLessThan(0.0051);
  });
  it('the last band of the safety table begins at British 10 1/2 and continental 45 (EN ISO 20345, from memory)', () => {
    expect(Math.round(across('uk', 10.5, 'plus-2-3in', 'eu').exact!)).toBe(45);
    expect(Math.round(across('uk', 3.5, 'plus-2-3in', 'eu').exact!)).toBeLessThanOrEqual(36);
  });
  it('in the printed run British adult 1 follows child 13 1/2, a whole size over child 13 (British system, from memory)', () => {
    const last = (id: ScaleId, n: number) => foot(id, n) + schoolOf(SCALE[id]).allowanceMm;
    expect(last('uk', 1)).toBeCloseTo(220.13, 2);
    expect(last('uk-child', 13)).toBeCloseTo(last('uk', 0), 9);
    expect(last('uk', 1) - last('uk-child', 13.5)).toBeCloseTo(25.4 / 6, 6);
  });
  it("women's on the last is 3 last(in) - 22.5 by the box and - 23 by the device, men's - 24, with a last 2/3 in over the foot (from memory)", () => {
    const onLast = (id: ScaleId, school: string) => size(id, 300 - (2 / 3) * 25.4, school) - (3 * 300) / 25.4;
    expect(onLast('us-w', 'label')).toBeCloseTo(-22.5, 6);
    expect(onLast('us-w', 'device')).toBeCloseTo(-23, 6);
    expect(onLast('us-m', 'device')).toBeCloseTo(-24, 6);
  });
  it("the child's two noughts differ by two thirds of a size (published zero points, from memory)", () => {
    expect(size('us-child', 150, 'continuous') - size('us-child', 150, 'historic')).toBeCloseTo(2 / 3, 6);
    expect(size('us-child', (7 + 1 / 3) * 25.4)).toBeCloseTo(13, 6);
    expect(size('us-child', 7.5 * 25.4)).toBeCloseTo(13.5, 6);
  });
  it('girth a mm of length: US, British, continental 0.75, Japanese 0.60 (last-making texts; JIS S 5037, from memory)', () => {
    const per = (id: string) => WIDTH_SCALES.find((s) => s.id === id)!.perLengthMm;
    expect(['us-letter', 'uk-fitting', 'eu-fitting', 'jp-width'].map((id) => Number(per(id).toFixed(6)))).toEqual([0.75, 0.75, 0.75, 0.6]);
    expect(WIDTH_SCALES.find((s) => s.id === 'us-letter')!.stepMm).toBeCloseTo(6.35, 6);
    expect(WIDTH_SCALES.find((s) => s.id === 'eu-fitting')!.stepMm).toBe(5);
  });
  it('stock lasts of men and women stand at US D and B (trade, from memory): the anchors of the letters', () => {
    expect(footLetter('us-letter', 'men', 269.7, 248)).toMatchObject({ letter: 'D', beyond: false });
    expect(footLetter('us-letter', 'women', 244.4, 223)).toMatchObject({ letter: 'B', beyond: false });
  });
});
