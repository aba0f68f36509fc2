import { cutPoints } from './cut';
import { inFrame, type Mesh } from './mesh';
import type { Space } from './space';

/** The middle line of a last's or an inside's bottom, from heel to toe, by its length along it: what an insole laid flat measures. */
export interface BottomLine {
  mesh: Mesh;
  lengthMm: number;
  /** Where the last treads on the ground, along the line, mm. */
  treadMm: number;
  left: Space;
  at: (s: number) => Space;
  ahead: (s: number) => Space;
  up: (s: number) => Space;
  /** Height over the ground, mm. */
  height: (s: number) => number;
  /** Which place of the line lies square under a point of its plane, and how high that is over it, mm. */
  under: (x: number, z: number) => { s: number; over: number };
}

/** Spacing of the stations at which the bottom's middle is followed, mm. */
const STATION_MM = 1;
/** Between these shares of the length a last treads, and here is the middle of its heel seat. */
const TREAD: readonly [number, number] = [0.55, 0.8];
const SEAT_AT = 0.12;
/** Over so far to either side its direction is told, mm. */
const AHEAD_MM = 4;
/** The bottom is smoothed over so many stations to either side. */
const SMOOTH = 6;
/** Where it rises more steeply than this it is no bottom but a wall. */
const WALL_SLOPE = 2.5;
/** So far from its ends an edge may round it: there it is led on straight, as an insole lies, mm. */
const ROUNDED_MM = 12;

interface Profile {
  x: Float64Array;
  z: Float64Array;
}

/** Height of the bottom along the axis: the lowest of what stands over the middle line, from where it is no wall to where it is one. */
function profileOf(mesh: Mesh): Profile {
  const cut = cutPoints(mesh, { at: [0, 0, 0], normal: [0, 1, 0] });
  let [x0, x1] = [Infinity, -Infinity];
  for (let p = 0; p < cut.length; p += 3) {
    x0 = Math.min(x0, cut[p]);
    x1 = Math.max(x1, cut[p]);
  }
  const many = Math.max(8, Math.round((x1 - x0) / STATION_MM));
  const step = (x1 - x0) / many;
  const low = new Float64Array(many + 1).fill(Infinity);
  // Each triangle is met in a stretch, from one of its two points to the other.
  for (let p = 0; p < cut.length; p += 6) {
    const [xa, za, xb, zb] = [cut[p], cut[p + 2], cut[p + 3], cut[p + 5]];
    const [from, to] = [Math.ceil((Math.min(xa, xb) - x0) / step), Math.floor((Math.max(xa, xb) - x0) / step)];
    for (let i = from; i <= to; i++) {
      const t = xa === xb ? 0 : (x0 + i * step - xa) / (xb - xa);
      low[i] = Math.min(low[i], za + t * (zb - za));
    }
  }
  const wall = (i: number, next: number): boolean => !(Math.abs(low[next] - low[i]) <= WALL_SLOPE * step);
  let [first, end] = [many >> 1, many >> 1];
  while (first > 0 && !wall(first, first - 1)) first--;
  while (end < many && !wall(end, end + 1)) end++;
  const bottom = low.slice(first, end + 1);
  const z = bottom.map((_, i) => {
    // As many to either side, so that the ends are not drawn in.
    const reach = Math.min(SMOOTH, i, bottom.length - 1 - i);
    let sum = 0;
    for (let k = i - reach; k <= i + reach; k++) sum += bottom[k];
    return sum / (2 * reach + 1);
  });
  const rounded = Math.round(ROUNDED_MM / step);
  ledOn(z, rounded, -1);
  ledOn(z, z.length - 1 - rounded, 1);
  return { x: Float64Array.from(bottom, (_, i) => x0 + (first + i) * step), z };
}

/** Leads a bottom on straight from a place to one of its ends, as it ran before. @param to which end */
function ledOn(z: Float64Array, from: number, to: 1 | -1): void {
  const before = Math.abs(to > 0 ? z.length - 1 - from : from);
  if (!(z.length > 4 * before)) return;
  const rise = (z[from] - z[from - to * before]) / before;
  for (let i = from + to; i >= 0 && i < z.length; i += to) z[i] = z[from] + rise * Math.abs(i - from);
}

const heightAt = ({ x, z }: Profile, at: number): number => {
  const t = Math.min(x.length - 1.001, Math.max(0, ((at - x[0]) / (x[x.length - 1] - x[0])) * (x.length - 1)));
  const i = Math.floor(t);
  return z[i] + (t - i) * (z[i + 1] - z[i]);
};
const treadOf = ({ x, z }: Profile): number => {
  const long = x[x.length - 1] - x[0];
  let best = -1;
  x.forEach((at, i) => {
    const share = (at - x[0]) / long;
    if (share >= TREAD[0] && share <= TREAD[1] && (best < 0 || z[i] < z[best])) best = i;
  });
  return x[best];
};

/** A mesh rolled about the line from side to side. @param angle heel up, rad */
function rolled(mesh: Mesh, angle: number): Mesh {
  const [c, s] = [Math.cos(angle), Math.sin(angle)];
  return inFrame(mesh, [[c, 0, s], [0, 1, 0], [-s, 0, c]], [0, 0, 0]); // prettier-ignore
}

/**
 * Stands a last on its tread and drop and follows its bottom.
 * @param mesh set down, its bottom below, mm
 * @param dropMm how high the middle of its seat stands over the tread
 */
export function bottomLine(mesh: Mesh, dropMm: number): BottomLine {
  let own = mesh;
  let profile = profileOf(own);
  for (let round = 0; round < 4; round++) {
    const long = profile.x[profile.x.length - 1] - profile.x[0];
    const [seat, tread] = [profile.x[0] + SEAT_AT * long, treadOf(profile)];
    const off = dropMm - (heightAt(profile, seat) - heightAt(profile, tread));
    own = rolled(own, Math.atan2(off, tread - seat));
    profile = profileOf(own);
  }
  const { x, z } = profile;
  const ground = heightAt(profile, treadOf(profile));
  const s = new Float64Array(x.length);
  for (let i = 1; i < x.length; i++) s[i] = s[i - 1] + Math.hypot(x[i] - x[i - 1], z[i] - z[i - 1]);
  const lengthMm = s[s.length - 1];
  /** Past either end the line runs on straight. */
  const placeAt = (at: number): { i: number; t: number } => {
    let i = 1;
    while (i < s.length - 1 && s[i] < at) i++;
    return { i, t: (at - s[i - 1]) / (s[i] - s[i - 1]) };
  };
  const at = (along: number): Space => {
    const { i, t } = placeAt(along);
    return [x[i - 1] + t * (x[i] - x[i - 1]), 0, z[i - 1] + t * (z[i] - z[i - 1])];
  };
  const ahead = (along: number): Space => {
    const [p, q] = [at(along - AHEAD_MM), at(along + AHEAD_MM)];
    const long = Math.hypot(q[0] - p[0], q[2] - p[2]);
    return [(q[0] - p[0]) / long, 0, (q[2] - p[2]) / long];
  };
  const tread = treadOf(profile);
  return {
    mesh: own,
    lengthMm,
    treadMm: s[x.findIndex((v) => v >= tread - 1e-9)],
    left: [0, 1, 0],
    at,
    ahead,
    up: (along) => {
      const [ax, , az] = ahead(along);
      return [-az, 0, ax];
    },
    height: (along) => at(along)[2] - ground,
    under: (px, pz) => {
      let best = { s: 0, over: Infinity };
      for (let i = 0; i < s.length; i++) {
        const over = Math.hypot(px - x[i], pz - z[i]);
        if (over < best.over) best = { s: s[i], over };
      }
      return best;
    }
  };
}
