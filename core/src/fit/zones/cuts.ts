/** Four cuts a <= b <= c <= d, mm: below a too tight, a to b snug, b to c right, c to d roomy, above d too loose. */
export interface Cuts {
  a: number;
  b: number;
  c: number;
  d: number;
}
export const cuts = (a: number, b: number, c: number, d: number): Cuts => ({ a, b, c, d });

/** The middle of right, mm. */
export const middleOf = ({ b, c }: Cuts): number => (b + c) / 2;
/** Cuts with each cut moved by its own amount, mm. */
export const moved = (t: Cuts, by: Cuts): Cuts => cuts(t.a + by.a, t.b + by.b, t.c + by.c, t.d + by.d);

export const ZONE_STATES = ['too-tight', 'snug', 'right', 'roomy', 'too-loose'] as const;
export type ZoneState = (typeof ZONE_STATES)[number];
/** A zone along the foot is behind its place or ahead of it, neither tight nor loose. */
export const FLEX_STATES = [...ZONE_STATES, 'behind', 'ahead'] as const;
export type FlexState = (typeof FLEX_STATES)[number];

/** State of a clearance against its cuts. */
export function stateOf(clearanceMm: number, t: Cuts): ZoneState {
  if (clearanceMm < t.a) return 'too-tight';
  if (clearanceMm < t.b) return 'snug';
  if (clearanceMm <= t.c) return 'right';
  return clearanceMm <= t.d ? 'roomy' : 'too-loose';
}

/** Farthest from the middle that a level is told. */
const MOST_LEVEL = 3;
/**
 * Where a clearance stands among its cuts, without a unit: −1 to 1 is right, −2 is the cut to too tight, 2 the one to too loose.
 * @example levelOf(10, cuts(0, 5, 15, 20)) // 0
 */
export function levelOf(clearanceMm: number, t: Cuts): number {
  const level =
    clearanceMm < t.b
      ? -1 - (t.b - clearanceMm) / (t.b - t.a)
      : clearanceMm > t.c
        ? 1 + (clearanceMm - t.c) / (t.d - t.c)
        : t.c > t.b
          ? (2 * (clearanceMm - middleOf(t))) / (t.c - t.b)
          : 0;
  return Math.max(-MOST_LEVEL, Math.min(MOST_LEVEL, level));
}
