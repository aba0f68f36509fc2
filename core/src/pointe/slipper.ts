import { onShelf, shoeOf, sizesOf, type Style, type UpperId } from '../fit';
import { byId } from './by-id';
/** Ballet slippers: which material on which floor, which sole, how close they lie, and what is left to sew [practice]; limits [model]. */
export const SLIPPER_FLOORS = [
  { id: 'wood', name: 'wood' },
  { id: 'vinyl', name: 'vinyl dance floor' }
] as const;
export type SlipperFloorId = (typeof SLIPPER_FLOORS)[number]['id'];
/** How a material moves on a floor, how it takes sweat, and how far it gives, of the foot's length. */
export const SLIPPER_MATERIALS = [
  { id: 'leather', name: 'leather', on: { wood: { well: true, words: 'grips wood' }, vinyl: { well: false, words: 'sticks on vinyl in turns' } }, breathes: false, gives: 0.012, uppers: ['soft-leather', 'smooth-leather', 'stiff-leather', 'suede'] },
  { id: 'canvas', name: 'canvas', on: { wood: { well: false, words: 'slips on wood' }, vinyl: { well: true, words: 'slides a little on vinyl, which grips' } }, breathes: true, gives: 0.006, uppers: ['canvas', 'knit', 'satin', 'mesh'] }
] as const satisfies readonly { id: string; name: string; on: Record<SlipperFloorId, { well: boolean; words: string }>; breathes: boolean; gives: number; uppers: readonly UpperId[] }[]; // prettier-ignore
export type SlipperMaterialId = (typeof SLIPPER_MATERIALS)[number]['id'];
export const SLIPPER_MATERIAL = byId(SLIPPER_MATERIALS);

export interface SlipperChoice {
  material: SlipperMaterialId;
  reasons: string[];
  /** What speaks for the other one all the same. */
  but: string | null;
}
/** Which material: the floor decides, sweat speaks for canvas. */
export function slipperFor(floor: SlipperFloorId, sweats: boolean): SlipperChoice {
  const material = SLIPPER_MATERIALS.find((m) => m.on[floor].well)!;
  const other = SLIPPER_MATERIALS.find((m) => m.id !== material.id)!;
  return {
    material: material.id,
    reasons: [material.on[floor].words, ...(sweats && material.breathes ? ['breathes'] : [])],
    but: sweats && other.breathes ? `${other.name} breathes, but ${other.on[floor].words}` : null
  };
}

/** Soles: schools differ. */
export const SLIPPER_SOLES = [
  { id: 'full', name: 'full sole', words: 'resists when the foot is pointed: some teachers say that it trains' },
  { id: 'split', name: 'split sole', words: 'shows the arch and bends with it' }
] as const;
export const ELASTICS = [
  { id: 'single', name: 'single elastic', words: 'one over the instep' },
  { id: 'crossed', name: 'crossed elastics', words: 'two, crossed over the instep: hold a narrow heel' }
] as const;

/** A slipper lies close: room before the toes and cloth that folds are both wrong, mm against the foot's length. */
const CLOSE = { shortMm: -2.5, foldsMm: 3 } as const;
export const SLIPPER_FITS = [
  { id: 'short', name: 'short: the toes bend' },
  { id: 'right', name: 'lies close: no room, no folds' },
  { id: 'folds', name: 'too long: it folds under the foot' }
] as const;
/** How a slipper lies on a foot once it has given. @param insideMm inside length, new */
export function slipperOn(lengthMm: number, insideMm: number, material: SlipperMaterialId): { fit: (typeof SLIPPER_FITS)[number]['id']; roomMm: number } {
  const roomMm = insideMm + SLIPPER_MATERIAL[material].gives * lengthMm - lengthMm;
  return { roomMm, fit: roomMm < CLOSE.shortMm ? 'short' : roomMm > CLOSE.foldsMm ? 'folds' : 'right' };
}
/** Inside lengths, new, that lie close on a foot, mm. */
export function slipperLengths(lengthMm: number, material: SlipperMaterialId): { low: number; high: number } {
  const given = lengthMm * (1 - SLIPPER_MATERIAL[material].gives);
  return { low: given + CLOSE.shortMm, high: given + CLOSE.foldsMm };
}

/** A size of a slipper in the stockroom, on two feet. */
export interface ShelvedSlipper {
  style: Style;
  size: number;
  width: string;
  material: SlipperMaterialId;
  insideMm: number;
  /** How far it is from lying close on the worse foot, mm; 0 where it does on both. */
  offMm: number;
  count: number;
}
const offClose = (roomMm: number): number => Math.max(0, CLOSE.shortMm - roomMm, roomMm - CLOSE.foldsMm);
/** The material a style counts as; null where a slipper is made of neither. */
export const slipperMaterial = ({ upper }: Pick<Style, 'upper'>): SlipperMaterialId | null =>
  SLIPPER_MATERIALS.find((m) => (m.uppers as readonly UpperId[]).includes(upper))?.id ?? null;
/** Widths do not change the length: one of the middle is laid. */
const middle = (widths: readonly string[]): string => widths[widths.length >> 1];
/**
 * Slippers of the stockroom for two feet: of each style the size that lies closest on both.
 * @param material styles of this material first
 */
export function slippersFor(styles: readonly Style[], lengthsMm: readonly number[], material: SlipperMaterialId): ShelvedSlipper[] {
  return styles
    .flatMap((style) => {
      const own = slipperMaterial(style);
      if (own === null) return [];
      const width = middle(style.widths);
      const laid = sizesOf(style).map((size): ShelvedSlipper => {
        const insideMm = shoeOf(style, size, width).inside.insoleLengthMm;
        const offMm = Math.max(...lengthsMm.map((mm) => offClose(slipperOn(mm, insideMm, own).roomMm)));
        return { style, size, width, material: own, insideMm, offMm, count: style.widths.reduce((n, w) => n + onShelf(style, size, w), 0) };
      });
      // Of two that lie as close the one with pairs on the shelf.
      return [laid.reduce((best, s) => (s.offMm < best.offMm || (s.offMm === best.offMm && s.count > best.count) ? s : best))];
    })
    .sort((a, b) => Number(b.material === material) - Number(a.material === material) || a.offMm - b.offMm);
}

/** What is left to do before they are danced. */
export const SEWING = [
  { id: 'pin', name: 'Pin the elastics at the arch, foot pointed and flexed' },
  { id: 'sew', name: 'Sew them under the drawstring, not through it' },
  { id: 'string', name: 'Draw the string until the edge lies flat, knot it, cut and tuck it in' },
  { id: 'names', name: 'Write the name inside, and L and R where she keeps them apart' },
  { id: 'ribbons', name: 'Pointe: ribbons at the fold of the heel, sealed and sewn' },
  { id: 'heel-elastic', name: 'Pointe: elastic at the heel, where it slips' }
] as const;
export type SewingId = (typeof SEWING)[number]['id'];
