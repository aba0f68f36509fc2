import { SCALE, SCALES, type AnyScale } from './scales';

/**
 * The scales a reader may meet: the published ones, the finer cuts of the continental one, and the scales that a shop's
 * makers define for themselves. Every conversion takes a book; without one it reads the published scales.
 */
export interface ScaleBook {
  readonly all: readonly AnyScale[];
  /** Scales beyond the published ones and their cuts. */
  readonly own: readonly AnyScale[];
  find(id: string): AnyScale | undefined;
  /** @throws RangeError naming a scale that is not there */
  get(id: string): AnyScale;
}

/** A continental run may be cut in halves or thirds; each is the same scale with a finer step. */
export const CONTINENTAL_CUTS: readonly AnyScale[] = [
  { ...SCALE.eu, id: 'eu-half', name: 'continental, halves', short: 'EU ½', step: 0.5, cutOf: 'eu' },
  { ...SCALE.eu, id: 'eu-third', name: 'continental, thirds', short: 'EU ⅓', step: 1 / 3, cutOf: 'eu' }
];

const onStep = (size: number, step: number): boolean => Math.abs(size / step - Math.round(size / step)) < 0.02;

/** The cuts in which a scale's labels are written: the scale itself, and for the continental one its halves and thirds. */
export const cutsOf = (scale: AnyScale): readonly AnyScale[] => [scale, ...CONTINENTAL_CUTS.filter((cut) => cut.cutOf === scale.id)];

/** The coarsest cut of a scale that has this size; null when it is between steps. @example cutWith(SCALE.eu, 42 + 2 / 3)?.id // 'eu-third' */
export const cutWith = (scale: AnyScale, size: number): AnyScale | null => cutsOf(scale).find((cut) => onStep(size, cut.step)) ?? null;

/**
 * The published scales with a shop's own beside them.
 * @example scaleBook([makerScale('maker-1', …)]).get('maker-1').name
 */
export function scaleBook(own: readonly AnyScale[] = []): ScaleBook {
  const all = [...SCALES, ...CONTINENTAL_CUTS, ...own];
  const byId = new Map(all.map((s) => [s.id as string, s]));
  return {
    all,
    own,
    find: (id) => byId.get(id),
    get(id) {
      const scale = byId.get(id);
      if (!scale) throw new RangeError(`there is no scale “${id}”; there are ${all.map((s) => s.id).join(', ')}`);
      return scale;
    }
  };
}

export const PUBLISHED: ScaleBook = scaleBook();
