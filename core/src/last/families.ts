/**
 * Toe families: the curve of a last in front of its taper start, all on one rule
 * w(u) = tip + (w_taper - tip) (1 - u^p)^(1/q). Values are estimates tuned until the unusable tips came out as the trade feels them.
 */
// prettier-ignore
export const TOE_FAMILY_IDS = [
  'round', 'soft-almond', 'almond', 'pointed', 'chisel', 'soft-chisel', 'square', 'broad-square', 'snip', 'oblique', 'open', 'peep'
] as const;
export type ToeFamilyId = (typeof TOE_FAMILY_IDS)[number];

export interface ToeFamily {
  id: ToeFamilyId;
  name: string;
  p: number;
  q: number;
  /** Half the flat at the tip, of the inside ball width. */
  flat: number;
  /** Where the tip stands beside the axis, of the inside ball width; + inward. */
  peak: number;
  /** Length of the toe curve on each side, of the foot length the size is made for. */
  innerTaper: number;
  outerTaper: number;
  /** Usual unusable tip of a reference foot, mm: to guess the made-for foot from an insole. */
  nominalTipMm: number;
  /** True when the toes may stand free in front. */
  opensInFront: boolean;
  source: string;
}

// prettier-ignore
const row = (
  id: ToeFamilyId, name: string, p: number, q: number, flat: number, peak: number,
  innerTaper: number, outerTaper: number, nominalTipMm: number, opensInFront = false
): ToeFamily => ({ id, name, p, q, flat, peak, innerTaper, outerTaper, nominalTipMm, opensInFront, source: 'estimate' });

export const TOE_FAMILIES: readonly ToeFamily[] = [
  row('square', 'square', 2.3, 2.5, 0.16, 0.11, 0.11, 0.29, 1),
  row('broad-square', 'broad square', 2.5, 2.8, 0.19, 0.11, 0.1, 0.27, 0),
  row('round', 'round', 2.3, 2.5, 0, 0.11, 0.11, 0.29, 4),
  row('oblique', 'oblique', 2.3, 2.5, 0.03, 0.15, 0.1, 0.3, 2),
  row('soft-almond', 'soft almond', 2.2, 2.15, 0, 0.11, 0.12, 0.295, 7),
  row('almond', 'almond', 2.1, 1.8, 0, 0.11, 0.135, 0.3, 10),
  row('soft-chisel', 'soft chisel', 2.1, 1.7, 0.12, 0.11, 0.145, 0.3, 8),
  row('chisel', 'chisel', 2.0, 1.3, 0.15, 0.11, 0.17, 0.305, 12),
  row('snip', 'snip', 2.0, 1.3, 0.105, 0.11, 0.17, 0.305, 13),
  row('pointed', 'pointed', 1.8, 1.2, 0, 0.11, 0.21, 0.35, 25),
  row('open', 'open', 2.3, 2.5, 0.1, 0.11, 0.11, 0.29, 2, true),
  row('peep', 'peep', 2.3, 2.5, 0.02, 0.11, 0.11, 0.29, 4, true)
];

export const TOE_FAMILY: Readonly<Record<ToeFamilyId, ToeFamily>> = Object.fromEntries(TOE_FAMILIES.map((f) => [f.id, f])) as Record<ToeFamilyId, ToeFamily>;

/** Families nested from least to most room behind one tip: each lies inside the next. */
export const NESTED: readonly (readonly ToeFamilyId[])[] = [
  ['pointed', 'almond', 'round', 'square'],
  ['pointed', 'snip', 'chisel', 'square']
];
