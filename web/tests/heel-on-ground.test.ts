import { completeShoe } from '@chiave/core/fit';
import { BLANK_HEEL } from '@chiave/core/heel';
import { completeFoot } from '@chiave/core/measure';
import { describe, expect, it } from 'vitest';
import { byGround, heelOnGround } from '../src/lib/heel-on-ground';
import { otherTips } from '../src/lib/other-tips';

const foot = completeFoot({ side: 'left', values: { lengthMm: { mm: 243 } } });
const heel = (heelHeightMm: number, heelShape: 'thin-stiletto' | 'block' = 'thin-stiletto') => ({
  ...completeShoe({ kind: 'pump', insoleLengthMm: 260, heelHeightMm }),
  heel: { ...BLANK_HEEL, heelShape }
});

describe('a heel on the ground that was asked for', () => {
  it('is told from 25 mm up, and not of a flat shoe', () => {
    expect(heelOnGround(foot, heel(15), 'lawn-clay-wet', 60)).toBeNull();
    expect(heelOnGround(foot, heel(70), 'lawn-clay-wet', 60)).not.toBeNull();
  });
  it('a thin one goes into wet clay and a block less; stone takes neither', () => {
    const [thin, block] = [heelOnGround(foot, heel(80), 'lawn-clay-wet', 60)!, heelOnGround(foot, heel(80, 'block'), 'lawn-clay-wet', 60)!];
    expect(thin.well).toBe(false);
    expect(block.sinkMm!.centre).toBeLessThan(thin.sinkMm!.centre);
    expect(block.steadyDeg).toBeGreaterThan(thin.steadyDeg);
    expect(heelOnGround(foot, heel(80), 'stone', 60)).toMatchObject({ sinkMm: null, well: true });
  });
  it('a heavier wearer sinks no less, a cap never more; a weight that is not known is the usual one', () => {
    const at = (kg: number | null, other = {}) => heelOnGround(foot, heel(80), 'lawn-clay-moist', kg, other)!.sinkMm!.centre;
    expect(at(90)).toBeGreaterThanOrEqual(at(50));
    expect(at(60, { capMm: 25 })).toBeLessThan(at(60));
    expect(at(null)).toBe(at(60));
  });
  it('is put in order within one ground: flat before all, then what it bears, then what goes in least', () => {
    const on = (mm: number, shape?: 'block') => heelOnGround(foot, heel(mm, shape), 'lawn-clay-wet', 60);
    const [flat, thin, higher, block] = [on(10), on(60), on(95), on(60, 'block')];
    expect([thin, block, flat].sort(byGround)).toEqual([flat, block, thin]);
    expect(byGround(thin, thin)).toBe(0);
    expect(Math.sign(byGround(higher, thin))).toBe(-Math.sign(byGround(thin, higher)));
    const floor = (shape?: 'block') => heelOnGround(foot, heel(80, shape), 'vinyl', 60);
    expect(floor('block')!.harm).toBeLessThan(floor()!.harm);
  });
  it('is compared with what would change it, each once', () => {
    expect(otherTips('thin-stiletto', undefined, 'mm').map((t) => t.name)).toEqual(['thin stiletto', 'with a cap of 25', 'block']);
    expect(otherTips('block', undefined, 'mm').map((t) => t.name)).toEqual(['block', 'with a cap of 25']);
    expect(otherTips('wedge', undefined, 'mm')).toHaveLength(2);
    expect(otherTips('thin-stiletto', 25, 'mm')).toHaveLength(2);
  });
});
