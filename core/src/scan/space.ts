/** A place or a direction in space; of a scan that was set down: x forward from the heel, y to the left, z up, mm. */
export type Space = readonly [number, number, number];

export const cross = (a: Space, b: Space): Space => [a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0]];
export const unit = ([x, y, z]: Space): Space => {
  const long = Math.hypot(x, y, z) || 1;
  return [x / long, y / long, z / long];
};
/** How far one of many places lies along a direction. @param at where its first coordinate stands in the list */
export const along = (places: ArrayLike<number>, at: number, d: Space): number => places[at] * d[0] + places[at + 1] * d[1] + places[at + 2] * d[2];
/** A direction square to another one: away from the axis that it leans to most. */
export const squareTo = (d: Space): Space => unit(cross(Math.abs(d[0]) < 0.6 ? [1, 0, 0] : [0, 1, 0], d));
/** A direction turned about an axis of length one (Rodrigues). */
export function turnedAbout(d: Space, axis: Space, angle: number): Space {
  const [c, s] = [Math.cos(angle), Math.sin(angle)];
  const k = cross(axis, d);
  const own = (axis[0] * d[0] + axis[1] * d[1] + axis[2] * d[2]) * (1 - c);
  return [d[0] * c + k[0] * s + axis[0] * own, d[1] * c + k[1] * s + axis[1] * own, d[2] * c + k[2] * s + axis[2] * own];
}
/** The middle of some places. */
export const middleOf = (places: readonly Space[]): Space => {
  const sum = (k: 0 | 1 | 2): number => places.reduce((all, p) => all + p[k], 0) / places.length;
  return [sum(0), sum(1), sum(2)];
};
/** A place moved along a direction. */
export const movedAlong = (at: Space, d: Space, by: number): Space => [at[0] + by * d[0], at[1] + by * d[1], at[2] + by * d[2]];
