import { readFileSync } from 'node:fs';
import { joinOutlines, measureOutline } from '@chiave/core/tracing';
import jpeg from 'jpeg-js';
import { beforeAll, describe, expect, it } from 'vitest';
import { seeded } from '../../../demo/random';
import { openCv, UnreadableSheet, type Cv } from '../../src/lib/tracing/opencv';
import { readBesideCard } from '../../src/lib/tracing/read-beside-card';
import { readHalf } from '../../src/lib/tracing/read-half';
import { readSheet } from '../../src/lib/tracing/read-sheet';
import type { Picture } from '../../src/lib/tracing/straight';
import { syntheticTracing } from '../../bench/synthetic-tracing';

let cv: Cv;
beforeAll(async () => {
  ({ cv } = await openCv());
}, 60_000);
const shipped = (name: string): Picture => {
  const { data, width, height } = jpeg.decode(readFileSync(new URL(`../../../demo/tracings/${name}`, import.meta.url)), { useTArray: true });
  return { data: new Uint8ClampedArray(data), width, height };
};
const truth = JSON.parse(readFileSync(new URL('../../../demo/tracings/truth.json', import.meta.url), 'utf8'));

describe('photographs of tracings', () => {
  it.each(['left', 'right'] as const)('the shipped picture of the %s foot is read within 1.5 mm of length and 2 mm of width', (side) => {
    const { outline, sdMm, lineMm } = readSheet(cv, shipped(`${side}.jpg`), 'a4');
    const { values } = measureOutline(outline, side);
    expect(Math.abs(values.lengthMm! - truth[side].lengthMm)).toBeLessThan(1.5);
    expect(Math.abs(values.ballWidthMm! - truth[side].ballWidthMm)).toBeLessThan(2);
    expect(Math.abs(values.heelWidthMm! - truth[side].heelWidthMm)).toBeLessThan(2);
    expect(sdMm).toBeGreaterThan(0.3);
    expect(lineMm).toBeLessThan(3);
  });
  it('made anew with perspective, shadow and noise they are read as well; the error told covers the error made', () => {
    const random = seeded(23).uniform;
    for (let n = 0; n < 6; n++) {
      const { picture, side, truth: foot } = syntheticTracing(cv, random);
      const sheet = readSheet(cv, picture, 'a4');
      const { values } = measureOutline(sheet.outline, side);
      expect(Math.abs(values.lengthMm! - foot.lengthMm)).toBeLessThan(Math.max(1.5, 3 * sheet.sdMm));
      expect(Math.abs(values.ballWidthMm! - foot.ballWidthMm)).toBeLessThan(2);
    }
  });
  it('another sheet size is read by its own measure', () => {
    const { picture, side, truth: foot } = syntheticTracing(cv, seeded(5).uniform, 'letter');
    const { values } = measureOutline(readSheet(cv, picture, 'letter').outline, side);
    expect(Math.abs(values.lengthMm! - foot.lengthMm)).toBeLessThan(1.5);
  });
  it('two halves photographed apart, either way up, are one foot; a half is no whole and a whole no half', () => {
    const [toes, heel] = ['toe-half.jpg', 'heel-half.jpg'].map((name) => readHalf(cv, shipped(name), 'a4'));
    const { outline, gapMm } = joinOutlines(heel.points, toes.points);
    const { values, doubt } = measureOutline(outline, truth.halves.side);
    expect(Math.abs(values.lengthMm! - truth.halves.lengthMm)).toBeLessThan(2);
    expect(Math.abs(values.ballWidthMm! - truth.halves.ballWidthMm)).toBeLessThan(2);
    expect(gapMm).toBeLessThan(1.5);
    expect(doubt).toBe('');
    expect(() => joinOutlines(toes.points, toes.points)).toThrow(/same half/);
    expect(() => readHalf(cv, shipped('left.jpg'), 'a4')).toThrow(/no half/);
    expect(() => readSheet(cv, shipped('toe-half.jpg'), 'a4')).toThrow(UnreadableSheet);
  });
  it('a card beside the tracing measures it, with an error of its own that covers the error made', () => {
    const card = readBesideCard(cv, shipped('card.jpg'));
    const { values } = measureOutline(card.outline, truth.card.side);
    expect(Math.abs(values.lengthMm! - truth.card.lengthMm)).toBeLessThan(Math.min(5, 3 * card.sdMm));
    expect(Math.abs(values.ballWidthMm! - truth.card.ballWidthMm)).toBeLessThan(3);
    expect(card.sdMm).toBeGreaterThan(readSheet(cv, shipped('left.jpg'), 'a4').sdMm);
    expect(() => readBesideCard(cv, shipped('left.jpg'))).toThrow(/No card was found/);
  });
  it('a picture that cannot be read says why', () => {
    const why = (picture: Picture): string => {
      try {
        readSheet(cv, picture, 'a4');
        return 'read';
      } catch (error) {
        expect(error).toBeInstanceOf(UnreadableSheet);
        return (error as Error).message;
      }
    };
    expect(why(shipped('open-line.jpg'))).toMatch(/No closed line|runs round the whole sheet/);
    expect(why(shipped('no-sheet.jpg'))).toMatch(/No sheet was found|four straight edges|outside the picture|sides stand as/);
    const white: Picture = { data: new Uint8ClampedArray(600 * 800 * 4).fill(240), width: 600, height: 800 };
    expect(why(white)).toMatch(/No sheet was found|outside the picture/);
  });
});
