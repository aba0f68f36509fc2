import type { Point } from '@chiave/core/shape';
import cvModule from '@techstark/opencv-js';

export type Cv = typeof cvModule;

/**
 * The computer-vision package, once its WebAssembly is ready. It comes inside an object: the package may carry a `then` of
 * its own, and a promise of it would wait for itself for ever.
 */
export async function openCv(): Promise<{ cv: Cv }> {
  const loaded = cvModule as unknown as (Cv | Promise<Cv>) & { onRuntimeInitialized?: () => void };
  if (loaded instanceof Promise) return { cv: await loaded };
  const cv = loaded as Cv;
  if (!cv.Mat) await new Promise<void>((ready) => (loaded.onRuntimeInitialized = ready));
  return { cv };
}

/** Frees what OpenCV keeps outside the garbage collector, whatever happens. */
export class Kept {
  readonly #mats: { delete(): void }[] = [];
  keep<M extends { delete(): void }>(mat: M): M {
    this.#mats.push(mat);
    return mat;
  }
  free(): void {
    for (const mat of this.#mats) mat.delete();
  }
}

/** A matrix of the package. */
export type CvMat = InstanceType<Cv['Mat']>;

/** A contour's points, pixels. */
export const pointsOf = (contour: CvMat): Point[] => {
  const { data32S } = contour;
  return Array.from({ length: data32S.length / 2 }, (_, i) => ({ x: data32S[2 * i], y: data32S[2 * i + 1] }));
};

/** Why a picture cannot be read, in words for the person who took it. */
export class UnreadableSheet extends Error {}

/** The contour round the largest area, with its pixels; null when there is none. */
export function largestContour(cv: Cv, kept: Kept, binary: CvMat): { area: number; points: Point[] } | null {
  const contours = kept.keep(new cv.MatVector());
  const tree = kept.keep(new cv.Mat());
  cv.findContours(binary, contours, tree, cv.RETR_EXTERNAL, cv.CHAIN_APPROX_NONE);
  let best: { area: number; points: Point[] } | null = null;
  for (let i = 0; i < contours.size(); i++) {
    const contour = kept.keep(contours.get(i));
    const area = cv.contourArea(contour);
    if (!best || area > best.area) best = { area, points: pointsOf(contour) };
  }
  return best;
}
