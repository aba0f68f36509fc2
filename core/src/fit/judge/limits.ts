import { ZONE } from '../zones';
import { zonesOf, type Targets } from './targets';

/** Targets as runs of numbers by zone, the form the hot loops read: limits a and d, the middle of right, half the band. Comfort-only zones have none. */
export interface Limits {
  least: Float64Array;
  most: Float64Array;
  half: Float64Array;
  middle: Float64Array;
  /** Where right ends: of an amount less is as good as none. */
  right: Float64Array;
  /** 1 for the zones of which little is never wrong, 0 for the others. */
  amount: Uint8Array;
}

const known = new WeakMap<Targets, Limits>();

/** Limits of a set of targets, worked out once. */
export function limitsOf(targets: Targets): Limits {
  const found = known.get(targets);
  if (found) return found;
  const { ids, count } = zonesOf(targets);
  const run = (value: number): Float64Array => new Float64Array(count).fill(value);
  const limits: Limits = { least: run(-Infinity), most: run(Infinity), half: run(1), middle: run(NaN), right: run(NaN), amount: new Uint8Array(count) };
  ids.forEach((id, i) => {
    if (ZONE[id].scale === 'amount') limits.amount[i] = 1;
    if (!ZONE[id].decides) return;
    const { a, b, c, d } = targets[id]!;
    limits.middle[i] = (b + c) / 2;
    limits.right[i] = c;
    limits.least[i] = a;
    limits.most[i] = d;
    limits.half[i] = (d - a) / 2;
  });
  known.set(targets, limits);
  return limits;
}

/** True when every deciding zone lies within its limits. */
export function allWithin(zone: Float64Array, { least, most }: Limits): boolean {
  for (let i = 0; i < least.length; i++) if (zone[i] < least[i] || zone[i] > most[i]) return false;
  return true;
}

/** Sum over the deciding zones a shoe has of the distance from the middle of right, in half bands. */
export function distanceOf(zone: Float64Array, { middle, right, half, amount }: Limits): number {
  let distance = 0;
  for (let i = 0; i < half.length; i++) {
    const off = amount[i] ? Math.max(0, zone[i] - right[i]) : Math.abs(zone[i] - middle[i]);
    // Zones that do not decide, or that a shoe has not, are NaN.
    if (off === off) distance += off / half[i];
  }
  return distance;
}

/** How far a zone lies inside its limits, in half bands; negative outside. Of an amount none at all is no misfit. */
export const marginAt = (zone: Float64Array, i: number, { least, most, half, amount }: Limits): number =>
  Math.min(amount[i] ? Infinity : zone[i] - least[i], most[i] - zone[i]) / half[i];

/** The margin of the zone that lies nearest to its limits, or furthest outside. */
export function leastMargin(zone: Float64Array, limits: Limits): number {
  let margin = Infinity;
  for (let i = 0; i < limits.half.length; i++) {
    const m = marginAt(zone, i, limits);
    // Zones a shoe has not are NaN and compare false.
    if (m < margin) margin = m;
  }
  return margin;
}
