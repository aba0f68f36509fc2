import type { Reach } from '@chiave/core/heel';

/** Drops stood side by side, mm: fewer where there is less room. */
const DROPS = { wide: [0, 30, 45, 60, 75, 90, 105, 120], narrow: [0, 45, 65, 85, 105] } as const;
const NARROW_PX = 900;
/** Above the highest that stands there a heel may be dragged so much further, mm. */
const BEYOND_MM = 20;

/** What is dragged goes so far; more is typed. */
export const DRAGGED = {
  platformMm: { low: 0, high: 80, step: 1 },
  tipMm: { low: 4, high: 60, step: 0.5 },
  slopeDeg: { low: -10, high: 10, step: 1 }
} as const;
export type DraggedId = keyof typeof DRAGGED;
/** A value that is dragged, within its ends and on its step. */
export function draggedTo(id: DraggedId, value: number): number {
  const { low, high, step } = DRAGGED[id];
  return Math.min(high, Math.max(low, Math.round(value / step) * step));
}

export interface Column {
  heightMm: number;
  chosen: boolean;
}

/** The heights of a row as they would stand without one chosen. */
export const heightsFor = (width: number, platformMm: number): number[] => (width < NARROW_PX ? DROPS.narrow : DROPS.wide).map((drop) => drop + platformMm);

/** Which place of a row a height takes: the nearest. */
export const placeOf = (heights: readonly number[], chosenMm: number): number =>
  heights.reduce((best, mm, i) => (Math.abs(mm - chosenMm) < Math.abs(heights[best] - chosenMm) ? i : best), 0);

/** Columns of a row, the chosen height in the place of its nearest. */
export function columnsOf(heights: readonly number[], chosenMm: number): Column[] {
  const at = placeOf(heights, chosenMm);
  return heights.map((heightMm, i) => (i === at ? { heightMm: chosenMm, chosen: true } : { heightMm, chosen: false }));
}

/** Where a height stands along the row, between the two it lies between. */
export function placeAlong(mm: number, width: number, heights: readonly number[]): number {
  const slot = width / heights.length;
  const last = heights.length - 1;
  const i = Math.min(last - 1, Math.max(0, heights.filter((h) => h <= mm).length - 1));
  return Math.min(width - 4, Math.max(4, (i + 0.5 + (mm - heights[i]) / (heights[i + 1] - heights[i])) * slot));
}

/** The height under a place along the row, in whole millimetres. */
export function heightAt(x: number, width: number, heights: readonly number[]): number {
  const slot = width / heights.length;
  const at = x / slot - 0.5;
  const last = heights.length - 1;
  const [low, high] = [heights[0], heights[last] + BEYOND_MM];
  const i = Math.min(last - 1, Math.max(0, Math.floor(at)));
  const mm = heights[i] + (at - i) * (heights[i + 1] - heights[i]);
  return Math.round(Math.min(high, Math.max(low, mm)));
}

/** Heights that are reached alike, side by side. */
export interface Stretch {
  reach: Reach;
  from: number;
  to: number;
}
export function stretchesOf(reaches: readonly Reach[]): Stretch[] {
  const out: Stretch[] = [];
  reaches.forEach((reach, i) => {
    const last = out[out.length - 1];
    if (last?.reach === reach) last.to = i;
    else out.push({ reach, from: i, to: i });
  });
  return out;
}
