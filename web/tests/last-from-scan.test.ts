import { readFileSync } from 'node:fs';
import { gradeLast, type Last } from '@chiave/core/last';
import type { LastScan, LastScanId } from '@chiave/core/scan';
import { describe, expect, it } from 'vitest';
import { definitionFrom } from '../src/lib/ui/stock/last-from-scan';

const last = (JSON.parse(readFileSync(new URL('../../demo/data/lasts.json', import.meta.url), 'utf8')) as Last[]).find((l) => l.id === 'yarrow')!;
type Values = LastScan['values'];
const told = (of: Partial<Record<LastScanId, number>>): Values =>
  Object.fromEntries(Object.entries(of).map(([id, mm]) => [id, { mm, sdMm: 1, line: [] }])) as Values;
/** A scan of a size that is off its definition by so much. */
const scanOf = (size: number, off: number): Values => {
  const { waistGirthMm, instepGirthMm, toeDepthMm, littleToeDepthMm, ballGirthMm, toeSpringMm, instepHeightMm } = gradeLast(last, size, 0);
  const by = { waistGirthMm: waistGirthMm + off, instepGirthMm: instepGirthMm + off, toeDepthMm: toeDepthMm + off, littleToeDepthMm: littleToeDepthMm + off };
  return told({ ...by, ballGirthMm, toeSpringMm, instepHeightMm });
};
const figures = (fields: Record<string, string>): number[] => Object.values(fields).map(Number);

describe('what a scanned last says of its definition', () => {
  it('in the base size it is what was read', () => {
    const scan = scanOf(last.base.size, 2);
    const fields = definitionFrom(last, last.base.size, 0, scan);
    expect(Number(fields['base.waistGirthMm'])).toBeCloseTo(scan.waistGirthMm!.mm, 1);
    expect(Number(fields['form.toeSpringMm'])).toBeCloseTo(last.form!.toeSpringMm!, 1);
    expect(Number(fields['form.instepHeightMm'])).toBeCloseTo(last.form!.instepHeightMm!, 1);
  });
  it('in another size it says the same of the base: what it is off by goes over, what grows is brought back', () => {
    const [base, other] = [last.base.size, last.base.size + 3].map((size) => figures(definitionFrom(last, size, 0, scanOf(size, -1.5))));
    other.forEach((mm, i) => expect(Math.abs(mm - base[i])).toBeLessThan(0.11));
    const asDefined = [last.base.waistGirthMm, last.base.instepGirthMm, last.base.toeDepthMm, last.base.littleToeDepthMm];
    asDefined.forEach((mm, i) => expect(Math.abs(base[i] - (mm - 1.5))).toBeLessThan(0.11));
  });
  it('what a shoe is open for is not told of it; its topline is brought back to the base', () => {
    const size = last.base.size + 3;
    const scale = gradeLast(last, size, 0).madeForFootMm / last.base.forFootMm;
    const { toeDepthMm, toeSpringMm } = scanOf(size, 0);
    const fields = definitionFrom(last, size, 0, { toeDepthMm, toeSpringMm, ...told({ backHeightMm: 60 * scale, throatLineMm: 140 * scale }) });
    expect(fields['form.backHeightMm']).toBe('60');
    expect(fields['form.throatLineMm']).toBe('140');
    for (const field of ['base.waistGirthMm', 'form.instepHeightMm']) expect(fields).not.toHaveProperty([field]);
    expect(definitionFrom(last, size, 0, scanOf(size, 0))).not.toHaveProperty(['form.backHeightMm']);
  });
});
