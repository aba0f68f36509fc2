import type { Point } from '../shape';

/** Sections of a heel's tip, seen from below. */
export interface TipSection<Id extends string = string> {
  id: Id;
  name: string;
  /** Its front half has square corners: there it is as wide as the tip. */
  squareBefore: boolean;
  squareBehind: boolean;
}
export const TIP_SECTIONS = [
  { id: 'round', name: 'round', squareBefore: false, squareBehind: false },
  { id: 'round-square', name: 'round behind, square before', squareBefore: true, squareBehind: false },
  { id: 'square', name: 'square', squareBefore: true, squareBehind: true }
] as const satisfies readonly TipSection[];
export type TipSectionId = (typeof TIP_SECTIONS)[number]['id'];
export const TIP_SECTION = Object.fromEntries(TIP_SECTIONS.map((s) => [s.id, s])) as Readonly<Record<TipSectionId, TipSection<TipSectionId>>>;

/** A heel's tip: across and along the foot, mm. */
export interface Tip {
  widthMm: number;
  lengthMm: number;
  section: TipSectionId;
}

/** Mean half width of a circle over its front half, of its width [model]. */
const ROUND_HALF = 0.39;
/** How far the outer edge stands from the middle, averaged over the front half of the tip, mm. */
export const halfWidth = ({ widthMm, section }: Tip): number => (TIP_SECTION[section].squareBefore ? 0.5 : ROUND_HALF) * widthMm;

/** What stands on the ground, mm2. */
export function tipArea({ widthMm, lengthMm, section }: Tip): number {
  const { squareBefore, squareBehind } = TIP_SECTION[section];
  const round = (Math.PI / 4) * widthMm * lengthMm;
  if (!squareBefore) return round;
  if (squareBehind) return widthMm * lengthMm;
  // A half circle behind, and a box before it as far as the tip is long.
  const radius = Math.min(widthMm / 2, lengthMm);
  return (Math.PI / 4) * radius * widthMm + widthMm * (lengthMm - radius);
}

/** How far round a tip is, as the width of a round one, mm: what a cap is pushed over. */
export function roundWidth({ widthMm, lengthMm, section }: Tip): number {
  const { squareBefore, squareBehind } = TIP_SECTION[section];
  if (!squareBefore) return (widthMm + lengthMm) / 2;
  if (squareBehind) return (2 * (widthMm + lengthMm)) / Math.PI;
  const radius = widthMm / 2;
  return (Math.PI * radius + 2 * Math.max(0, lengthMm - radius) + widthMm) / Math.PI;
}

/** Outline of a tip on the ground: x forward from where its rear stands, y outward, mm. */
export function tipOutline(tip: Tip, rearX: number, outX = 0): Point[] {
  const { squareBefore, squareBehind } = TIP_SECTION[tip.section];
  const [rx, ry] = [tip.lengthMm / 2, tip.widthMm / 2];
  const middle = rearX + rx;
  return Array.from({ length: 48 }, (_, i) => {
    const a = (i / 48) * 2 * Math.PI;
    const [c, s] = [Math.cos(a), Math.sin(a)];
    const square = c >= 0 ? squareBefore : squareBehind;
    // A square half: the same direction carried out to the box.
    const out = square ? 1 / Math.max(Math.abs(c), Math.abs(s)) : 1;
    return { x: middle + rx * c * out, y: ry * s * out + outX };
  });
}
