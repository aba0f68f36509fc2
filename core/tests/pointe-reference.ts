import { bareShape, girthAt, widthAt, coverAt, wallGives, PRESS_KPA, type Box, type Forefoot, type PointeFoot, neededDeg, midfootDeg, pointeChain, shankStiffness, PASTE } from '../src/pointe'; // prettier-ignore

/**
 * The same balances found the long way, without tables, secants or Newton: sections as dense as is asked, the pressure by halving, the rest by
 * halving. Slow, plain, and written apart from the engine.
 */
const TOES = { bears: [1, 0.5, 0.45, 0.4, 0.35], most: [240, 80, 65, 45, 30], after: [35, 8, 6, 4, 3] } as const;
/** N one toe bears pressed in by so much: its curve up to its most, found by halving, and a straight line after. */
function toeByHalving(i: number, mm: number, padMm: number): number {
  if (mm <= 0) return 0;
  const curve = (c: number): number => (TOES.bears[i] * (20 * c + 10 * c * c)) / (1 + padMm / 6);
  if (curve(mm) <= TOES.most[i]) return curve(mm);
  let [low, high] = [0, mm];
  for (let k = 0; k < 50; k++) {
    const c = (low + high) / 2;
    if (curve(c) < TOES.most[i]) low = c;
    else high = c;
  }
  return TOES.most[i] + TOES.after[i] * (mm - low);
}
/** The bare forefoot anywhere behind the tips, from the foot's own outline: width and girth free of load, and what a hand closes. */
function footAt(of: PointeFoot, s: number): { W: number; G: number; capG: number; capW: number } {
  const { values } = of.foot;
  const [L, wide, girth] = [values.lengthMm.mm, values.ballWidthMm.mm, values.ballGirthMm.mm];
  const shape = bareShape(of);
  const x = L - s;
  const half = (line: Float64Array): number => {
    const xs = [...shape.stationX];
    const i = Math.min(
      xs.length - 1,
      Math.max(
        1,
        xs.findIndex((at) => at >= x)
      )
    );
    const share = Math.min(1, Math.max(0, (x - xs[i - 1]) / (xs[i] - xs[i - 1])));
    return line[i - 1] * (1 - share) + line[i] * share;
  };
  const seated = of.seatedWidthMm;
  const free = girth - (wide - seated);
  const ball = (free - 1.9 * seated) / 1.45;
  const toes = values.toeHeightMm.mm;
  const [from, to] = [0.05 * L, 0.3 * L];
  const H = s < from ? toes * Math.sqrt(1 - (1 - s / from) ** 2) : s < to ? toes + ((ball - toes) * (s - from)) / (to - from) : ball + 0.28 * (s - to);
  const W = ((half(shape.inner) + half(shape.outer)) * seated) / wide;
  const more = 1 + 0.3 * Math.min(1, Math.max(0, (0.24 * L - s) / (0.06 * L)));
  const within = (low: number, v: number, high: number): number => Math.min(high, Math.max(low, v));
  return {
    W,
    G: 1.9 * W + 1.45 * H,
    capG: within(0.012, (free - of.pressedGirthMm) / free, 0.1) * more,
    capW: within(0.02, (seated - of.pressedWidthMm) / seated, 0.15) * more
  };
}
/** The same every so many mm, worked out once. */
export interface DenseFoot {
  each: number;
  sections: { s: number; W: number; G: number; capG: number; capW: number }[];
}
export const denseFoot = (of: PointeFoot, each: number): DenseFoot => ({
  each,
  sections: Array.from({ length: Math.floor(108 / each) }, (_, i) => ({ s: (i + 0.5) * each, ...footAt(of, (i + 0.5) * each) }))
});
function pressureByHalving(strain: number, caps: number, gives: number): number {
  if (strain <= 0) return 0;
  const p = (e: number): number => PRESS_KPA.centre * e * (0.4 + 0.6 * e);
  let [low, high] = [0, 40];
  for (let i = 0; i < 40; i++) {
    const e = (low + high) / 2;
    if (caps * e + gives * p(e) > strain) high = e;
    else low = e;
  }
  return p((low + high) / 2);
}
/** N the walls carry at a rest. */
export function wallsDense({ each, sections }: DenseFoot, box: Box, rest: number): number {
  const gives = wallGives(box);
  let sum = 0;
  for (const { s, W, G, capG, capW } of sections) {
    const t = s + rest;
    if (t < 0) continue;
    const cover = coverAt(box, t);
    if (cover === 0) continue;
    const p = 0.6 * pressureByHalving((G - girthAt(box, t)) / G, capG, gives) + 0.4 * pressureByHalving((W - widthAt(box, t)) / W, capW, gives);
    const [up, down] = [t + 2, Math.max(0, t - 2)];
    const slant = Math.min(0.6, Math.max(0, (girthAt(box, up) - girthAt(box, down)) / (up - down) / (2 * Math.PI)));
    sum += (p * girthAt(box, t) * each * cover * (slant + 0.5)) / Math.hypot(1, slant) / 1000;
  }
  return sum;
}
/** Where the foot rests, by halving. @param shares how much of each toe stands over the platform */
export function restByHalving(foot: Forefoot, dense: DenseFoot, box: Box, shares: readonly number[]): number {
  const carries = (rest: number): number =>
    wallsDense(dense, box, rest) + shares.reduce((sum, share, i) => sum + share * toeByHalving(i, foot.tipPadMm - rest - foot.toes[i].drop, foot.tipPadMm), 0);
  let [low, high] = [-14, 15];
  for (let k = 0; k < 22; k++) {
    const rest = (low + high) / 2;
    if (carries(rest) > foot.of.weightKg * 9.81) low = rest;
    else high = rest;
  }
  return (low + high) / 2;
}
/** A moment balance at the midfoot by halving, degrees. */
export function overByHalving(foot: PointeFoot, box: Box, vampCoverMm: number): { toSpareDeg: number; heldBackDeg: number } {
  const reach = foot.pointReachDeg!;
  const mid = midfootDeg(foot, reach);
  const need = neededDeg(mid);
  const L = foot.foot.values.lengthMm.mm;
  const k = shankStiffness(box, L);
  const mgL = (foot.weightKg * 9.81 * L) / 1000;
  const f = Math.min(1.25, Math.max(0.5, 0.5 + foot.rises / 40));
  const push = 0.053 * f * mgL;
  const back = 0.03 * f * mgL * (foot.hypermobile ? 0.85 : 1);
  const weight = pointeChain(mid).midfoot.x * mgL;
  const vamp = PASTE[box.paste].holdsBack * Math.max(0, vampCoverMm - 3);
  const w = foot.hypermobile ? 9 : 6;
  const rests = (moment: number): number => {
    let [low, high] = [reach - mid, reach + 60];
    for (let i = 0; i < 90; i++) {
      const R = (low + high) / 2;
      const asks = Math.max(0, ((mid - (reach - R)) * Math.PI) / 180) * k + push * Math.exp((R - reach) / w);
      if (asks > moment) high = R;
      else low = R;
    }
    return (low + high) / 2;
  };
  return { toSpareDeg: rests(push + 0.5 * weight - vamp) - need, heldBackDeg: need + 4 - rests(weight - back - vamp) };
}
