import { ScanRefused } from './refusal';

/** What is read of a file at most, and at least [model]. */
export const MOST_SCAN_BYTES = 150_000_000;
export const MOST_TRIANGLES = 2_000_000;
export const LEAST_TRIANGLES = 500;
/** Coordinates beyond this are no measures in any unit; so many of a hundred may be so before a file is taken for noise. */
const MOST_COORDINATE = 1e7;
const MOST_BAD = 0.01;

/** @throws ScanRefused when a file says that it holds more than is read; asked before anything is laid out for it */
export function needRoomFor(triangles: number): void {
  if (triangles > MOST_TRIANGLES) throw new ScanRefused('too-many');
  if (!(triangles > 0)) throw new ScanRefused('empty');
}

/** @throws ScanRefused when corners are noise, or too few */
export function needSound(corners: Float32Array): void {
  if (corners.length === 0) throw new ScanRefused('empty');
  let bad = 0;
  for (const v of corners) if (!(Math.abs(v) < MOST_COORDINATE)) bad++;
  if (bad > MOST_BAD * corners.length) throw new ScanRefused('no-numbers');
  if (corners.length < 9 * LEAST_TRIANGLES) throw new ScanRefused('too-coarse');
}

/** What lies below this makes the plan of a foot, of its length. */
export const LOW_OF_LENGTH = 0.18;
