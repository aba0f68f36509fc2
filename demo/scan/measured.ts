import { planOf } from '@chiave/core/fit';
import type { Foot } from '@chiave/core/measure';
import { compileFootShape, HEEL_ARC } from '@chiave/core/shape';
import { inwardOf } from '@chiave/core/scan';
import { surfaceOf, type Field } from './surface';

/** A solid foot from what was measured of one: its plan is the model's, its heights are what its girths leave. */

/** Where girths are met along a foot, and where its toes leave it, shares of its length. */
const AT = { instep: 0.53, waist: 0.6, ball: 0.68, toes: 0.78, leg: 0.2 } as const;
/** Sections are superellipses of this power, the middle lying at this share of their height. */
const POWER = 2.3;
const MIDDLE = 0.42;
/** How softly leg and body, and body and toes, run into each other, mm. */
const SOFT = { leg: 3, toes: 1, skin: 4 } as const;

/** Round a section by its half-widths and its height, mm. */
function girthOfSection(inner: number, outer: number, height: number): number {
  let [sum, before] = [0, null as [number, number] | null];
  for (let i = 0; i <= 180; i++) {
    const a = (2 * Math.PI * i) / 180;
    const [c, s] = [Math.cos(a), Math.sin(a)];
    const half = c > 0 ? inner : outer;
    const z = MIDDLE * height + Math.sign(s) * Math.abs(s) ** (2 / POWER) * (s > 0 ? (1 - MIDDLE) * height : MIDDLE * height + 2);
    const p: [number, number] = [Math.sign(c) * Math.abs(c) ** (2 / POWER) * half, Math.max(0, z)];
    if (before) sum += Math.hypot(p[0] - before[0], p[1] - before[1]);
    before = p;
  }
  return sum;
}
function heightFor(girthMm: number, inner: number, outer: number): number {
  let [low, high] = [10, 160];
  for (let i = 0; i < 30; i++) {
    const mid = (low + high) / 2;
    if (girthOfSection(inner, outer, mid) < girthMm) low = mid;
    else high = mid;
  }
  return low;
}

/**
 * The solid of a measured foot.
 * @param skin true where the scanner did not see between the toes
 */
export function measuredFoot(foot: Foot, skin = false): Field {
  const plan = planOf(foot);
  const { stationX, inner, outer, tip, nose, centre, radius } = compileFootShape({ ...plan, contour: undefined }, 0);
  const L = plan.lengthMm;
  const mm = (id: keyof Foot['values']): number => foot.values[id].mm;
  const arc = HEEL_ARC * L;
  const half = (x: number, of: Float64Array): number => {
    if (x < arc) {
      const v = Math.max(0, x / arc);
      return (plan.heelWidthMm / 2) * Math.sqrt(v * (2 - v));
    }
    let s = 1;
    while (s < stationX.length - 1 && stationX[s] < x) s++;
    const t = Math.min(1, Math.max(0, (x - stationX[s - 1]) / (stationX[s] - stationX[s - 1] || 1)));
    return of[s - 1] + (of[s] - of[s - 1]) * t;
  };
  const met = (share: number, girthMm: number): [number, number] => [share * L, heightFor(girthMm, half(share * L, inner), half(share * L, outer))];
  const heights: readonly [number, number][] = [
    [0, 0.24 * L],
    [AT.leg * L, 0.3 * L],
    met(AT.instep, mm('instepGirthMm')),
    met(AT.waist, mm('waistGirthMm')),
    met(AT.ball, mm('ballGirthMm')),
    [AT.toes * L, mm('toeHeightMm') + 4],
    [L, mm('toeHeightMm')]
  ];
  const heightAt = (x: number): number => {
    const i = heights.findIndex(([at]) => at >= x);
    if (i <= 0) return heights[i < 0 ? heights.length - 1 : 0][1];
    const [[x0, h0], [x1, h1]] = [heights[i - 1], heights[i]];
    const t = (x - x0) / (x1 - x0);
    return h0 + (h1 - h0) * t * t * (3 - 2 * t);
  };
  const body = (x: number, y: number, z: number): number => {
    const wide = Math.max(2, half(Math.max(0, x), y > 0 ? inner : outer));
    const h = heightAt(x);
    const up = (z - MIDDLE * h) / (z > MIDDLE * h ? (1 - MIDDLE) * h : MIDDLE * h + 2);
    const section = ((Math.abs(y / wide) ** POWER + Math.abs(up) ** POWER) ** (1 / POWER) - 1) * Math.min(wide, h / 2);
    return Math.max(section, -x, x - (AT.toes + 0.04) * L + (y < 0 ? -0.24 * y : 0));
  };
  const thick = mm('ankleGirthMm') / (2 * Math.PI);
  const leg = (x: number, y: number, z: number): number => {
    const [a, b] = [(x - AT.leg * L) / (1.16 * thick), y / (0.84 * thick)];
    return Math.max((Math.hypot(a, b) - 1) * 0.84 * thick, 0.1 * L - z);
  };
  const toes = [0, 1, 2, 3, 4].map((i) => {
    const top = i === 0 ? mm('toeHeightMm') : mm('toeHeightMm') + ((mm('littleToeHeightMm') - mm('toeHeightMm')) * i) / 4;
    const flat = (2 * radius[i]) / top;
    const [from, to] = [0.72 * L - 0.02 * i * L, tip[i] - nose[i]];
    return (x: number, y: number, z: number): number => {
      // A nose is longer than it is wide; towards the foot a toe ends as a ball, within the flesh.
      const past = x > to ? ((x - to) * radius[i]) / nose[i] : Math.min(0, x - from);
      return (Math.hypot(past, y - centre[i], (z - top / 2) * flat) - radius[i]) / Math.max(1, flat);
    };
  });
  const melted = (all: readonly number[], soft: number): number => {
    const least = Math.min(...all);
    return least - soft * Math.log(all.reduce((sum, d) => sum + Math.exp((least - d) / soft), 0));
  };
  const inward = inwardOf(foot.side);
  return (x, left, z) => {
    const y = inward * left;
    const trunk = melted([body(x, y, z), leg(x, y, z)], SOFT.leg);
    const flesh = melted([trunk, ...toes.map((toe) => toe(x, y, z))], skin ? SOFT.skin : SOFT.toes);
    return Math.max(flesh, -z);
  };
}

/** A measured foot as a scanner gives it. @returns corners, nine numbers a triangle, mm */
export const measuredScan = (foot: Foot, { legMm = 120, stepMm = 3, skin = false } = {}): Float32Array =>
  surfaceOf(measuredFoot(foot, skin), { lengthMm: foot.values.lengthMm.mm, ballWidthMm: foot.values.ballWidthMm.mm, legMm }, stepMm);
