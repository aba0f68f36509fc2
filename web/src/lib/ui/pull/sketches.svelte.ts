import { SvelteMap } from 'svelte/reactivity';
import type { Candidate } from '@chiave/core/fit';
import { SIDES } from '@chiave/core/measure';
import { frontState } from '../../drawing/above/edge-runs';
import { sketch } from '../../workers/fit-client';
import type { Sketch, SketchAsk } from '../../workers/messages';

type Drawn = Omit<Sketch, 'styleId'>;
/** State of the toe room of either foot. */
const roomsOf = (c: Candidate) => Object.fromEntries(SIDES.map((side) => [side, frontState(c.zones[side])]));
const keyOf = (c: Candidate): string => `${c.styleId} ${c.sizeNumber} ${c.width}`;

/** Drawings of the candidates in sight, made beside the page; a card stands without its own until it has come. */
export class Sketches {
  readonly #drawn = new SvelteMap<string, Drawn>();
  readonly #asked: string[] = [];
  readonly #for: () => Pick<SketchAsk, 'fitting' | 'stamp' | 'ground'>;

  /** @param feet for whose feet, of the stockroom at which stamp */
  constructor(feet: () => Pick<SketchAsk, 'fitting' | 'stamp' | 'ground'>) {
    this.#for = feet;
  }

  of = (candidate: Candidate): Drawn | undefined => this.#drawn.get(keyOf(candidate));

  want(candidates: readonly Candidate[]): void {
    const missing = candidates.filter((c) => !this.#asked.includes(keyOf(c)));
    if (missing.length === 0) return;
    this.#asked.push(...missing.map(keyOf));
    void sketch({ ...this.#for(), pairs: missing.map((c) => ({ styleId: c.styleId, size: c.sizeNumber, width: c.width, rooms: roomsOf(c) })) })
      .then((sketches) => {
        for (const { styleId, ...drawn } of sketches) {
          const own = missing.find((c) => c.styleId === styleId);
          if (own) this.#drawn.set(keyOf(own), drawn);
        }
      })
      // A card without a drawing says all the same.
      .catch(() => {});
  }
}
