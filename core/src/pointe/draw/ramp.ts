/** Curves that the drawings are shaped by, 0 to 1. */
export const clamp = (low: number, x: number, high: number): number => Math.min(high, Math.max(low, x));
export const smooth = (t: number): number => {
  const x = clamp(0, t, 1);
  return x * x * (3 - 2 * x);
};
export const lerp = (a: number, b: number, t: number): number => a + (b - a) * t;
/** A straight line from 0 to 1 with both corners rounded. @param round share of the way that a corner takes */
export function ramp(t: number, round = 0.18): number {
  const x = clamp(0, t, 1);
  const corner = 2 * round * (1 - round);
  if (x < round) return (x * x) / corner;
  return x > 1 - round ? 1 - (1 - x) ** 2 / corner : (x - round / 2) / (1 - round);
}
/** A hump over a stretch, 0 at both ends and outside. */
export const hump = (x: number, from: number, long: number): number => (x <= from || x >= from + long ? 0 : Math.sin((Math.PI * (x - from)) / long) ** 2);
