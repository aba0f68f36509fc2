/** A value as three points: low, middle, high, weighing a quarter, a half and a quarter. One that is known is thrice the same. */
export type Points = readonly [low: number, middle: number, high: number];
export const POINT_WEIGHTS: Points = [0.25, 0.5, 0.25];
export const sure = (value: number): Points => [value, value, value];
export const about = (middle: number, by: number): Points => [middle - by, middle, middle + by];
export const within = (points: Points, low: number, high: number): Points => points.map((v) => Math.min(high, Math.max(low, v))) as unknown as Points;
