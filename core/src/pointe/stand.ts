import type { Banded } from '../heel';
import { compileBox, shankStiffness, type Box, type CompiledBox } from './box';
import { coverOf, type Cover } from './cover';
import type { Forefoot } from './forefoot';
import { holdAt, restOf, sinkBounds, type Hold, type ToesOn } from './hold';
import { demiDeg, footChord, heelPinch, midfootDeg, overBounds, overFootOf, overWith, shankBand, type Over, type OverFoot, type ShankBand } from './over';
import { fillersFor, layAcross, sharesOn, tipFit, toesAcross, type Lateral, type TipFit } from './tips';

/** How much of box and shank is left, 1 when new. */
export interface Worn {
  boxLeft: number;
  shankLeft: number;
}
export const NEW: Worn = { boxLeft: 1, shankLeft: 1 };
const NO_FILLERS = [0, 0, 0, 0, 0] as const;
/** Where no reach was taken the midfoot is taken for a usual one, for the heel's fold alone, degrees. */
const USUAL_REACH = 92;

/** A foot laid in a box, before the shank matters: shared by every grade. */
export interface InBox {
  foot: Forefoot;
  compiled: CompiledBox;
  lateral: Lateral;
  on: ToesOn;
  /** What evens the toes out: what is in, or what would be asked for. */
  fillersMm: readonly number[];
  hold: Hold;
  tips: TipFit;
  cover: Cover;
}
/**
 * Lays a foot in a box.
 * @param fillersMm what is put under each toe, mm
 */
export function layInBox(foot: Forefoot, box: Box, { boxLeft } = NEW, fillersMm: readonly number[] = NO_FILLERS): InBox {
  return layIn(foot, compileBox(box, boxLeft), fillersMm);
}
/** The same in a box that is compiled. @param start a rest near it where one is known: saves some steps */
export function layIn(foot: Forefoot, compiled: CompiledBox, fillersMm: readonly number[] = NO_FILLERS, start?: number): InBox {
  const lateral = layAcross(foot, compiled);
  const across = toesAcross(foot, compiled, lateral);
  const on: ToesOn = { shares: sharesOn(foot, compiled, across), fillersMm };
  const rest = restOf(foot, compiled, on, undefined, start);
  const hold = holdAt(foot, compiled, on, rest);
  const lead = hold.toes.reduce((best, toe, i) => (toe.newtons > hold.toes[best].newtons ? i : best), 0);
  return {
    foot,
    compiled,
    lateral,
    on,
    fillersMm: fillersMm.some((mm) => mm > 0) ? fillersMm : fillersFor(foot, on.shares, lead),
    hold,
    tips: tipFit(foot, compiled, lateral, on, across, hold),
    cover: coverOf(foot.of, compiled.box, hold.restMm, hold.flatMm, across[0])
  };
}
/** What of the shank's sums belongs to foot and box, whatever the grade. */
export interface ShankGround {
  over: OverFoot | null;
  band: ShankBand | null;
  midDeg: number;
  chordMm: number;
}
export function shankGround({ foot, compiled, cover }: InBox): ShankGround {
  const over = overFootOf(foot.of);
  const midDeg = over?.midDeg ?? midfootDeg(foot.of, USUAL_REACH);
  return { over, band: over && shankBand(over, compiled.box, cover.vampMm), midDeg, chordMm: footChord(foot.lengthMm, midDeg) };
}
/** What the shank decides. */
export interface OnShank {
  over: Over | null;
  demiDeg: number;
  pinchMm: number;
}
export function onShank({ foot, hold, cover }: InBox, box: Box, { over, band, midDeg, chordMm }: ShankGround, { shankLeft } = NEW): OnShank {
  const k = shankStiffness(box, foot.lengthMm, shankLeft);
  return {
    over: over && band && overWith(over, band, k),
    demiDeg: demiDeg(foot.of, box, cover.wingInnerMm, shankLeft),
    pinchMm: heelPinch(foot.of, box, hold.restMm, midDeg, k, chordMm)
  };
}
/** Low and high of the sink and of both margins. */
export function boundsOf(inBox: InBox, box: Box, { shankLeft } = NEW): { sinkMm: Banded; toSpareDeg: Banded | null; heldBackDeg: Banded | null } {
  const { foot, compiled, on, hold, cover } = inBox;
  const margins = overBounds(foot.of, box, cover.vampMm, shankLeft);
  return { sinkMm: sinkBounds(foot, compiled, on, hold.restMm), toSpareDeg: margins?.toSpareDeg ?? null, heldBackDeg: margins?.heldBackDeg ?? null };
}
/** How steady she stands towards the sides, mm: the platform's, helped by wings that come over the joints [model]. */
export const sideHoldMm = ({ tips, cover }: Pick<InBox, 'tips' | 'cover'>): number =>
  tips.steadyMm + 0.15 * Math.min(15, Math.max(-10, (cover.wingInnerMm + cover.wingOuterMm + 12) / 2));
