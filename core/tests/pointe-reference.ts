import { girthAt, widthAt, coverAt, wallGives, PRESS_KPA, type Box, type Forefoot, type PointeFoot, neededDeg, midfootDeg, pointeChain, shankStiffness, PASTE } from '../src/pointe'; // prettier-ignore

/**
 * The same balances found the long way, without tables, secants or Newton: dense stations a quarter of a millimetre apart, the pressure by halving,
 * the rest by halving. Slow, plain, and written apart from the engine.
 */
const between = (table: ArrayLike<number>, s: number): number => {
  const x = Math.min(25.999999, Math.max(0, (s - 2) / 4));
  const i = Math.floor(x);
  return table[i] + (x - i) * (table[i + 1] - table[i]);
};
function pressureByHalving(strain: number, caps: number, gives: number): number {
  if (strain <= 0) return 0;
  const p = (e: number): number => PRESS_KPA.centre * e * (0.4 + 0.6 * e);
  let [low, high] = [0, 1000];
  for (let i = 0; i < 90; i++) {
    const e = (low + high) / 2;
    if (caps * e + gives * p(e) > strain) high = e;
    else low = e;
  }
  return p((low + high) / 2);
}
/** N the walls carry at a rest. @param each distance of the sections, mm; the engine takes 4 */
export function wallsDense(foot: Forefoot, box: Box, rest: number, each: number): number {
  const gives = wallGives(box);
  let sum = 0;
  for (let s = 0 + each / 2; s < 108; s += each) {
    const t = s + rest;
    if (t < 0) continue;
    const G = between(foot.girth, s);
    const W = between(foot.width, s);
    const p =
      0.6 * pressureByHalving((G - girthAt(box, t)) / G, between(foot.closesGirth, s), gives) +
      0.4 * pressureByHalving((W - widthAt(box, t)) / W, between(foot.closesWidth, s), gives);
    const slant = Math.min(0.6, Math.max(0, (girthAt(box, t + 2) - girthAt(box, Math.max(0, t - 2))) / (t + 2 - Math.max(0, t - 2)) / (2 * Math.PI)));
    sum += (p * girthAt(box, t) * each * coverAt(box, t) * (slant + 0.5)) / Math.hypot(1, slant) / 1000;
  }
  return sum;
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
