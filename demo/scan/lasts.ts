import { compileInsole, innerWall, outerWall, type Inside } from '@chiave/core/last';
import { surfaceOf, type Field } from './surface';

/** A solid last made of a plan, as a carver's lathe would turn it: its feather line is the insole's, its walls lean out and close over the top. */
export interface LastSolid {
  inside: Inside;
  dropMm: number;
  toeSpringMm: number;
  /** Height over the bottom at the heel, over the instep at half the length, at the ball and at the tip, mm. */
  heightsMm: readonly [heel: number, instep: number, ball: number, tip: number];
  /** How round the edge between bottom and walls is, mm; sharp when left out. */
  edgeMm?: number;
  /** Height to which a boot's shaft goes up over the heel, mm. */
  shaftMm?: number;
}

/** Where a shoe is open: how high its back stands, how low its sides come, and how far from the heel its vamp begins, mm. */
export interface Opening {
  backMm: number;
  sideMm: number;
  throatMm: number;
}

/** How far the walls lean out over the feather line where they do most, of the height, and how high that is; and how they close over the top. */
const BULGE = { share: 0.05, at: 0.4 } as const;
const CLOSES = { power: 5, mm: 62 } as const;
const SEAT_AT = 0.12;
/** Where the shank begins to ease into the tread, and where it lies on the ground, of the length. */
const SHANK = [0.58, 0.68] as const;

const mixed = (knots: readonly (readonly [number, number])[], x: number): number => {
  const i = knots.findIndex(([at]) => at >= x);
  if (i <= 0) return knots[i < 0 ? knots.length - 1 : 0][1];
  const [[x0, h0], [x1, h1]] = [knots[i - 1], knots[i]];
  const t = (x - x0) / (x1 - x0);
  return h0 + (h1 - h0) * t * t * (3 - 2 * t);
};

/** The bottom of a last along its middle: how far along the ground each place of the insole lies, and how high, mm. */
export function bottomOf({ inside: { insoleLengthMm: S, flexLineMm }, dropMm, toeSpringMm }: LastSolid): { x: Float64Array; z: Float64Array } {
  const high = (s: number): number => {
    const from = Math.max(flexLineMm, SHANK[1] * S);
    if (s > from) return toeSpringMm * ((s - from) / (S - from)) ** 2;
    // Straight down the shank, easing into the tread.
    const steep = dropMm / (((SHANK[0] + SHANK[1]) / 2 - SEAT_AT) * S);
    const left = Math.max(0, SHANK[1] * S - s);
    const eased = (SHANK[1] - SHANK[0]) * S;
    return left < eased ? (steep * left * left) / (2 * eased) : steep * (left - eased / 2);
  };
  const n = Math.ceil(S + 60);
  const [x, z] = [new Float64Array(n), new Float64Array(n)];
  for (let s = 1; s < n; s++) {
    z[s] = high(s);
    x[s] = x[s - 1] + Math.sqrt(Math.max(0, 1 - (z[s] - (s > 1 ? z[s - 1] : high(0))) ** 2));
  }
  z[0] = high(0);
  return { x, z };
}

/** How far a place is outside the plan, mm; within it below nought. Exact to the nearest point of a line half a millimetre apart. */
function planDistance(inside: Inside): (s: number, y: number) => number {
  const shoe = compileInsole({ ...inside, outline: null });
  const S = shoe.insoleMm;
  const line = [1, -1].flatMap((side) =>
    Array.from({ length: 801 }, (_, i) => {
      const s = S * (0.5 - 0.5 * Math.cos((Math.PI * i) / 800));
      return { s, y: side > 0 ? innerWall(shoe, s) : -outerWall(shoe, s) };
    })
  );
  // A toe that is cut flat has a front as well.
  const [low, high] = [-outerWall(shoe, S), innerWall(shoe, S)];
  for (let y = low; y <= high; y += 0.25) line.push({ s: S, y });
  return (s, y) => {
    const within = s > 0 && s < S && y < innerWall(shoe, s) && y > -outerWall(shoe, s);
    let least = Infinity;
    for (const p of line) least = Math.min(least, (p.s - s) ** 2 + (p.y - y) ** 2);
    return (within ? -1 : 1) * Math.sqrt(least);
  };
}

/** The solid, x forward, y to the left; the inner side lies to the left on a right last. */
export function lastSolid(solid: LastSolid, inward: 1 | -1 = 1): Field {
  const { inside, heightsMm: [heel, instep, ball, tip] } = solid; // prettier-ignore
  const { x: along, z: high } = bottomOf(solid);
  const plan = planDistance(inside);
  const L = inside.madeForFootMm;
  // The plan is asked for again and again at the same places.
  const kept = new Map<number, number>();
  const outside = (s: number, y: number): number => {
    const key = Math.round(s * 8) * 4096 + Math.round(y * 8);
    const known = kept.get(key) ?? plan(s, y);
    kept.set(key, known);
    return known;
  };
  return (x, left, z) => {
    let s = 0;
    if (x <= 0) s = x;
    else {
      let [low, most] = [0, along.length - 1];
      while (most - low > 1) {
        const middle = (low + most) >> 1;
        if (along[middle] <= x) low = middle;
        else most = middle;
      }
      s = low + (x - along[low]) / (along[low + 1] - along[low]);
    }
    const i = Math.max(0, Math.min(along.length - 2, Math.floor(s)));
    const ground = high[i] + Math.max(0, s - i) * (high[i + 1] - high[i]);
    // Square to the bottom, not to the floor.
    const slope = (high[i + 1] - high[i]) / Math.max(1e-6, along[i + 1] - along[i]);
    const up = (z - ground) / Math.hypot(1, slope);
    const place = s + (up * slope) / Math.hypot(1, slope);
    const tall = mixed([[0.1 * L, heel], [0.5 * L, instep], [0.7 * L, ball], [1.02 * L, tip]], place); // prettier-ignore
    const t = Math.max(0, up / tall);
    const out = BULGE.share * tall * Math.sin((Math.PI * Math.min(1, t)) / (2 * BULGE.at)) * (t < 2 * BULGE.at ? 1 : 0) - CLOSES.mm * t ** CLOSES.power;
    const [a, b] = [outside(place, inward * left) - out, -up];
    const r = solid.edgeMm ?? 0;
    const foot = a > -r && b > -r ? Math.hypot(a + r, b + r) - r : Math.max(a, b);
    if (!solid.shaftMm) return foot;
    const shaft = Math.max((Math.hypot((x - 0.2 * L) / 46, left / 36) - 1) * 36, solid.dropMm + 35 - z);
    return Math.min(foot, shaft);
  };
}

/** A mesh's triangles that are left of a shoe's inside once it is opened, seen from within. */
function opened(corners: Float32Array, solid: LastSolid, { backMm, sideMm, throatMm }: Opening): Float32Array {
  const { x: along, z: high } = bottomOf(solid);
  const S = solid.inside.insoleLengthMm;
  const out: number[] = [];
  for (let i = 0; i < corners.length; i += 9) {
    const [x, z] = [0, 2].map((k) => (corners[i + k] + corners[i + 3 + k] + corners[i + 6 + k]) / 3);
    const s = Math.max(
      0,
      Math.min(
        high.length - 1,
        along.findIndex((at) => at >= x)
      )
    );
    const top = mixed([[0, backMm], [0.4 * S, sideMm], [throatMm - 6, sideMm], [throatMm, 200]], s); // prettier-ignore
    if (z - high[s] > top) continue;
    // Its faces look at who stands in it.
    for (const k of [0, 2, 1]) out.push(corners[i + 3 * k], corners[i + 3 * k + 1], corners[i + 3 * k + 2]);
  }
  return Float32Array.from(out);
}

/** The inside of a shoe on a last as a scanner gives it: open for the foot, or at the top of its shaft. @returns corners, nine numbers a triangle, mm */
export function insideScanOf(solid: LastSolid, opening: Opening | null, stepMm = 2.5, inward: 1 | -1 = 1): Float32Array {
  const whole = surfaceOf(lastSolid(solid, inward), boxOf(solid, solid.shaftMm ?? 0), stepMm);
  return opening ? opened(whole, solid, opening) : whole;
}

const boxOf = (solid: LastSolid, shaftMm: number): { lengthMm: number; ballWidthMm: number; legMm: number } => ({
  lengthMm: solid.inside.insoleLengthMm + 20,
  ballWidthMm: 1.25 * solid.inside.ballWidthMm,
  legMm: shaftMm > 0 ? shaftMm : solid.dropMm + 1.3 * Math.max(...solid.heightsMm)
});

/** A last as a scanner gives it. @returns corners, nine numbers a triangle, mm */
export const lastScanOf = (solid: LastSolid, stepMm = 2.5, inward: 1 | -1 = 1): Float32Array => surfaceOf(lastSolid(solid, inward), boxOf(solid, 0), stepMm);
