import {
  PASTE,
  PLATFORM_SHAPE,
  SHANK_LENGTH,
  TAPERS,
  THROAT,
  type PasteId,
  type PlatformShapeId,
  type ShankLengthId,
  type TaperId,
  type ThroatId
} from './choices';

/** One shoe, straight lasted (left is right), every part known, mm; evidence is kept beside (`FilledBox`). */
export interface Box {
  /** Inside length from the platform's inner face to the heel. */
  insideLengthMm: number;
  /** Inside at the joints, `JOINT_AT` of the length behind the platform. */
  jointGirthMm: number;
  jointWidthMm: number;
  taper: TaperId;
  /** Outside. */
  platform: { widthMm: number; depthMm: number; shape: PlatformShapeId };
  /** Platform's edge to the throat, along the top's centre. */
  vampMm: number;
  throat: ThroatId;
  /** Stiff sides up from the platform. */
  wingMm: number;
  wingOuterMm: number;
  shank: { nm: number; length: ShankLengthId; bend: number };
  paste: PasteId;
  heelHeightMm: number;
  heelWidthMm: number;
  drawstring: boolean;
}

/** Where the joints lie behind the platform, of the inside length. */
export const JOINT_AT = 0.3;
/** A closed section's girth from its width and height [model]: two of the three give the third. */
export const SECTION = { width: 1.9, height: 1.45 } as const;
export const sectionGirth = (widthMm: number, heightMm: number): number => SECTION.width * widthMm + SECTION.height * heightMm;
export const heightFrom = (girthMm: number, widthMm: number): number => (girthMm - SECTION.width * widthMm) / SECTION.height;
/** Inside of the platform against its outside, mm. */
const THICK = { width: 2, depth: 4 } as const;
/** Beyond the joints the crown rises so much a mm. */
const CROWN = 0.28;

const STEPS = 256;
/** The inner curves of the taper families from the platform (0) to the joints (1). */
const CURVES = Object.fromEntries(
  TAPERS.map(({ id, p, q }) => [id, Float64Array.from({ length: STEPS + 2 }, (_, i) => (1 - (1 - Math.min(1, i / STEPS)) ** p) ** (1 / q))])
) as Record<TaperId, Float64Array>;
const RISE = Float64Array.from({ length: STEPS + 2 }, (_, i) => (i / STEPS) ** 0.8);
const onCurve = (curve: Float64Array, v: number): number => {
  const x = Math.min(STEPS, Math.max(0, v * STEPS));
  const i = Math.floor(x);
  return curve[i] + (x - i) * (curve[i + 1] - curve[i]);
};
/** How wide a family stands at a share of the way from platform to joints, 0 to 1. */
export const taperAt = (taper: TaperId, v: number): number => onCurve(CURVES[taper], v);

/** Inside width and height at a distance up the box from the platform's inner face, mm. */
export const jointAtMm = (box: Box): number => JOINT_AT * box.insideLengthMm;
export const jointHeightMm = (box: Box): number => heightFrom(box.jointGirthMm, box.jointWidthMm);
export function widthAt(box: Box, t: number): number {
  const platform = box.platform.widthMm - THICK.width;
  return platform + (box.jointWidthMm - platform) * taperAt(box.taper, t / jointAtMm(box));
}
export function heightAt(box: Box, t: number): number {
  const [at, joint, platform] = [jointAtMm(box), jointHeightMm(box), box.platform.depthMm - THICK.depth];
  return t >= at ? joint + CROWN * (t - at) : platform + (joint - platform) * onCurve(RISE, t / at);
}
export const girthAt = (box: Box, t: number): number => sectionGirth(widthAt(box, t), heightAt(box, t));

/** How an edge runs out, over 8 mm around it. */
const runsOut = (edge: number, t: number): number => Math.min(1, Math.max(0, (edge + 4 - t) / 8));
/** How much of a section the stiff box closes, 1 near the platform to 0 above vamp and wings. */
export function coverAt({ vampMm, wingMm, wingOuterMm }: Box, t: number): number {
  const wing = (wingMm + wingOuterMm) / 2;
  return 0.3 * runsOut(Math.max(vampMm, wing), t) + 0.35 * runsOut(wing, t) + 0.35 * runsOut(vampMm, t);
}

/** Where the throat's edge runs, mm up from the platform. @param share from the top's centre (0) to the side (1) */
export function throatAt({ vampMm, throat, insideLengthMm }: Box, share: number): number {
  const { power, dipMm } = THROAT[throat];
  const dip = dipMm > 0 && share < 0.7 ? dipMm * Math.sin((Math.PI * share) / 0.7) ** 2 : 0;
  return vampMm + (0.6 * insideLengthMm - vampMm) * share ** power + dip;
}

/** Half of what truly stands of the platform, across and along, mm. */
export const standsOn = ({ platform }: Box): { across: number; along: number } => {
  const { stands } = PLATFORM_SHAPE[platform.shape];
  return { across: (stands * platform.widthMm) / 2, along: (stands * platform.depthMm) / 2 };
};

/** Grades sit in the middle of what they may be: where the shank bends away from under the arch it is stiffer to bend. */
const BEND = { underArch: 0.49, each: 0.1, stiffer: 0.2, most: 0.6 } as const;
/** Stiffness of a shank with its length, N m a radian. */
export const shankLong = ({ shank }: Box, left = 1): number => shank.nm * SHANK_LENGTH[shank.length].share * left;
/**
 * Stiffness of a shank under this foot, N m a radian.
 * @param footLengthMm whose arch it bends under
 * @param left share of its stiffness that is left after wear
 */
export function shankStiffness(box: Box, footLengthMm: number, left = 1): number {
  const off = (box.shank.bend - (BEND.underArch * footLengthMm) / box.insideLengthMm) / BEND.each;
  return shankLong(box, left) * (1 + Math.min(BEND.most, BEND.stiffer * off * off));
}

/** How much the walls give a kPa; a worn box gives more. @param left share of the box that is left */
export const wallGives = ({ paste }: Pick<Box, 'paste'>, left = 1): number => PASTE[paste].gives / (left * left);

/** A box is tabled every so many mm, so many times. */
export const TABLE_MM = 2;
export const TABLE = 64;
/** A box as the balance reads it: widths, girths, walls' slant and cover every 2 mm up from the platform. */
export interface CompiledBox {
  box: Box;
  width: Float64Array;
  girth: Float64Array;
  /** What a section presses along the foot, for a friction: (slant + mu) / sqrt(1 + slant2) x cover x girth; the parts apart. */
  slant: Float64Array;
  /** Girth times cover over sqrt(1 + slant2). */
  grips: Float64Array;
  gives: number;
}
/** Compiles a box. @param left share of the box that is left after wear */
export function compileBox(box: Box, left = 1): CompiledBox {
  const [width, girth, slant, grips] = [0, 1, 2, 3].map(() => new Float64Array(TABLE + 1));
  for (let i = 0; i <= TABLE; i++) {
    const t = i * TABLE_MM;
    width[i] = widthAt(box, t);
    girth[i] = sectionGirth(width[i], heightAt(box, t));
  }
  for (let i = 0; i <= TABLE; i++) {
    const [a, b] = [Math.max(0, i - 1), Math.min(TABLE, i + 1)];
    const tan = (girth[b] - girth[a]) / ((b - a) * TABLE_MM) / (2 * Math.PI);
    slant[i] = Math.min(0.6, Math.max(0, tan));
    grips[i] = (girth[i] * coverAt(box, i * TABLE_MM)) / Math.sqrt(1 + slant[i] * slant[i]);
  }
  return { box, width, girth, slant, grips, gives: wallGives(box, left) };
}
/** A table's value at a place up the box, mm, between its entries. */
export function tableAt(table: Float64Array, t: number): number {
  const x = Math.min(TABLE - 1e-9, Math.max(0, t / TABLE_MM));
  const i = x | 0;
  return table[i] + (x - i) * (table[i + 1] - table[i]);
}
