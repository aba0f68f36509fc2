import { describe, expect, it } from 'vitest';
import { planOf } from '../src/fit';
import { completeFoot, type Foot, type TakenId } from '../src/measure';
import { footScan, girthAlong, largestPart, planLine, SCAN_GIRTH_IDS, setDown, turnedAbout, weld, type FootScan } from '../src/scan';
import { contourOf, readContour } from '../src/shape';
import { measureOutline } from '../src/tracing';
import { footLine } from '../../demo/lines';
import { anyWay } from '../../demo/scan/flaws';
import { measuredFoot, measuredScan } from '../../demo/scan/measured';
import { offTruth, SCAN_LIMITS } from './solid';

const TIPS = [1, 0, 8, 17, 29];
const foot = (side: 'left' | 'right', lengthMm: number, ballWidthMm: number, more: Partial<Parameters<typeof completeFoot>[0]> = {}): Foot =>
  completeFoot({ side, values: { lengthMm: { mm: lengthMm }, ballWidthMm: { mm: ballWidthMm } }, toeTipsMm: TIPS, ...more });
const scanned = (of: Foot, { stepMm = 2, skin = false, seed = 0 } = {}): FootScan => {
  const corners = measuredScan(of, { stepMm, skin });
  const { part } = largestPart(weld(seed ? anyWay(corners, seed) : corners, 1));
  return footScan(setDown(part), of.side, 'standing', 0);
};
const plain = foot('right', 252, 96);
const scan = scanned(plain, { seed: 3 });

describe('a scanned foot read whole', () => {
  it('its line is that of the plan it was made of, with five toes apart at their places', () => {
    expect(scan.apart).toBe(true);
    const made = readContour({ points: footLine(planOf(plain)) });
    const read = readContour(contourOf(scan.line));
    for (let toe = 0; toe < 5; toe++) {
      expect(Math.abs(read.toes[toe].y - made.toes[toe].y)).toBeLessThan(3);
      expect(Math.abs(scan.values[`toe${toe + 1}TipMm` as TakenId]!.mm - TIPS[toe])).toBeLessThan(2);
    }
    for (let i = 100; i < 380; i += 20) expect(Math.abs(read.inner[i] + read.outer[i] - made.inner[i] - made.outer[i])).toBeLessThan(4);
  });
  it('lies along the same axis as a traced one', () => {
    const traced = measureOutline(planLine(scan.set.mesh, 0.18 * scan.set.lengthMm), 'right', false);
    const [heel, toe] = traced.axis;
    expect(Math.abs(Math.atan2(toe.y - heel.y, toe.x - heel.x))).toBeLessThan(0.004);
    expect(Math.abs(traced.values.lengthMm! - scan.values.lengthMm!.mm)).toBeLessThan(0.6);
  });
  it('measures what the solid is, heights among it', () => {
    const lying = scanned(plain);
    const off = offTruth(measuredFoot(plain), lying.set, lying.values);
    for (const [id, most] of Object.entries(SCAN_LIMITS)) expect([id, Math.abs(off[id as keyof typeof off]!) < most]).toEqual([id, true]);
    for (const [id, value] of Object.entries(lying.values)) expect([id, Math.abs(value.mm - scan.values[id as TakenId]!.mm) < 1.5]).toEqual([id, true]);
    expect(Math.abs(scan.values.toeHeightMm!.mm - plain.values.toeHeightMm.mm)).toBeLessThan(2);
    expect(Math.abs(scan.values.littleToeHeightMm!.mm - plain.values.littleToeHeightMm.mm)).toBeLessThan(2);
    expect(scan.values.archStandingMm!.mm).toBeGreaterThan(plain.values.toeHeightMm.mm);
    expect(footScan(scan.set, 'right', 'seated', 0).values.archSeatedMm!.mm).toBeCloseTo(scan.values.archStandingMm!.mm, 0);
  });
  it('a ball that stands as high as the instep leads no short heel astray', () => {
    const broad = foot('left', 210, 86);
    const read = scanned(broad, { stepMm: 3.5 });
    expect(Math.abs(offTruth(measuredFoot(broad), read.set, read.values).shortHeelGirthMm!)).toBeLessThan(3);
    expect(read.values.shortHeelGirthMm!.mm).toBeLessThan(1.4 * 210);
  });
  it('a bunion shows in its line and its width; mirrored it is the other foot', () => {
    const bumped = foot('right', 252, 103, { bunionMm: 7 });
    const [sore, other] = [scanned(bumped), scanned(foot('left', 252, 96))];
    const bulge = (s: FootScan): number => Math.max(...s.line.filter((p) => p.x > 0.6 * 252 && p.x < 0.76 * 252).map((p) => p.y));
    expect(bulge(sore) - bulge(scan)).toBeGreaterThan(1.5);
    expect(other.set.looksLike.side).toBe('left');
    expect(scan.set.looksLike.side).toBe('right');
    for (const id of ['lengthMm', 'ballWidthMm', 'heelWidthMm', 'ballGirthMm'] as const)
      expect(Math.abs(other.values[id]!.mm - scan.values[id]!.mm)).toBeLessThan(1);
  });
  it('with the toes grown together by the scanner, its front stays and its toes stand at their shares', () => {
    const skinned = scanned(plain, { skin: true });
    expect(skinned.apart).toBe(false);
    expect(skinned.values.toe1TipMm).toBeUndefined();
    expect(Math.abs(skinned.values.lengthMm!.mm - scan.values.lengthMm!.mm)).toBeLessThan(1);
    expect(readContour(contourOf(skinned.line)).toes).toHaveLength(5);
  });
});

describe('a plane that a hand drags', () => {
  it('gives the girth of where it lies, and the trade’s own where it was not moved', () => {
    for (const id of SCAN_GIRTH_IDS) {
      const { plane, mm, sdMm } = scan.values[id]!;
      const same = girthAlong(scan.set, 'right', id, plane!)!;
      expect(same.cut.lengthMm).toBeCloseTo(mm, 6);
      expect(same.sdMm).toBeCloseTo(sdMm, 6);
    }
    const { plane, mm } = scan.values.waistGirthMm!;
    const moved = (by: number) => girthAlong(scan.set, 'right', 'waistGirthMm', { ...plane!, at: [plane!.at[0] + by, 0, 0] })!.cut.lengthMm;
    // The waist is the narrowest there is: wherever its tape goes within reach, it is no shorter.
    for (const by of [-8, -4, 4, 8]) expect(moved(by)).toBeGreaterThan(mm - 1);
    expect(girthAlong(scan.set, 'right', 'lengthMm', plane!)).toBeNull();
    expect(girthAlong(scan.set, 'right', 'ballGirthMm', { at: [900, 0, 0], normal: [1, 0, 0] })).toBeNull();
  });
  it('is the surer the less the foot changes there', () => {
    const { plane } = scan.values.ballGirthMm!;
    const leaning = girthAlong(scan.set, 'right', 'ballGirthMm', { ...plane!, normal: turnedAbout(plane!.normal, [0, 0, 1], 0.5) })!;
    expect(leaning.sdMm).toBeGreaterThan(scan.values.ballGirthMm!.sdMm);
    for (const id of SCAN_GIRTH_IDS) expect(scan.values[id]!.sdMm).toBeGreaterThanOrEqual(1);
  });
});
