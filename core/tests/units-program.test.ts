import { spawnSync } from 'node:child_process';
import { describe, expect, it } from 'vitest';
import { SCALE, schoolOf, toFootMm } from '../src/size';

/** Debian's `units` 2.22, a general converter whose definitions file carries shoe lengths: an outside reference. */
function units(from: string, to: string): number {
  const result = spawnSync('units', ['--terse', '--digits', '12', from, to], { encoding: 'utf8' });
  if (result.error) throw new Error(`the units program is missing: apt-get install units (${result.error.message})`);
  return Number(result.stdout.trim());
}

describe('against the units program', () => {
  it('a size is as long', () => {
    expect(SCALE['us-m'].schools[0].unitMm / 25.4).toBeCloseTo(units('shoesize_delta', 'inch'), 6);
  });
  it("women's nought lies as far below men's, by the device's school", () => {
    const men = toFootMm(schoolOf(SCALE['us-m'], 'device'), 0);
    const women = toFootMm(schoolOf(SCALE['us-w'], 'device'), 0);
    expect((men - women) / 25.4).toBeCloseTo(units('shoe_men0 - shoe_women0', 'inch'), 6);
  });
  it('child sizes roll over into adult ones after as many', () => {
    const men = toFootMm(schoolOf(SCALE['us-m'], 'device'), 0);
    const child = toFootMm(schoolOf(SCALE['us-child'], 'continuous'), 0);
    expect((men - child) / 25.4).toBeCloseTo(units('shoe_men0 - shoe_boys0', 'inch'), 6);
  });
  it('the Paris point is as long', () => {
    expect(SCALE.eu.schools[0].unitMm).toBeCloseTo(units('europeshoesize', 'mm'), 6);
  });
  it("its men's 0 is a last, 23.28 mm over the device's foot", () => {
    expect(units('shoe_men0', 'mm') - toFootMm(schoolOf(SCALE['us-m'], 'device'), 0)).toBeCloseTo(23.283, 2);
  });
});
