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

type Own = Omit<ToeFamily, 'id' | 'name' | 'opensInFront' | 'source'> & Partial<ToeFamily>;
const row = (id: ToeFamilyId, name: string, own: Own): ToeFamily => ({ opensInFront: false, source: 'estimate', ...own, id, name });

export const TOE_FAMILIES: readonly ToeFamily[] = [
  row('square', 'square', { p: 2.3, q: 2.5, flat: 0.16, peak: 0.11, innerTaper: 0.11, outerTaper: 0.29, nominalTipMm: 1 }),
  row('broad-square', 'broad square', { p: 2.5, q: 2.8, flat: 0.19, peak: 0.11, innerTaper: 0.1, outerTaper: 0.27, nominalTipMm: 0 }),
  row('round', 'round', { p: 2.3, q: 2.5, flat: 0, peak: 0.11, innerTaper: 0.11, outerTaper: 0.29, nominalTipMm: 4 }),
  row('oblique', 'oblique', { p: 2.3, q: 2.5, flat: 0.03, peak: 0.15, innerTaper: 0.1, outerTaper: 0.3, nominalTipMm: 2 }),
  row('soft-almond', 'soft almond', { p: 2.2, q: 2.15, flat: 0, peak: 0.11, innerTaper: 0.12, outerTaper: 0.295, nominalTipMm: 7 }),
  row('almond', 'almond', { p: 2.1, q: 1.8, flat: 0, peak: 0.11, innerTaper: 0.135, outerTaper: 0.3, nominalTipMm: 10 }),
  row('soft-chisel', 'soft chisel', { p: 2.1, q: 1.7, flat: 0.12, peak: 0.11, innerTaper: 0.145, outerTaper: 0.3, nominalTipMm: 8 }),
  row('chisel', 'chisel', { p: 2.0, q: 1.3, flat: 0.15, peak: 0.11, innerTaper: 0.17, outerTaper: 0.305, nominalTipMm: 12 }),
  row('snip', 'snip', { p: 2.0, q: 1.3, flat: 0.105, peak: 0.11, innerTaper: 0.17, outerTaper: 0.305, nominalTipMm: 13 }),
  row('pointed', 'pointed', { p: 1.8, q: 1.2, flat: 0, peak: 0.11, innerTaper: 0.21, outerTaper: 0.35, nominalTipMm: 25 }),
  row('open', 'open', { p: 2.3, q: 2.5, flat: 0.1, peak: 0.11, innerTaper: 0.11, outerTaper: 0.29, nominalTipMm: 2, opensInFront: true }),
  row('peep', 'peep', { p: 2.3, q: 2.5, flat: 0.02, peak: 0.11, innerTaper: 0.11, outerTaper: 0.29, nominalTipMm: 4, opensInFront: true })
];

export const TOE_FAMILY: Readonly<Record<ToeFamilyId, ToeFamily>> = Object.fromEntries(TOE_FAMILIES.map((f) => [f.id, f])) as Record<ToeFamilyId, ToeFamily>;

/** Families nested from least to most room behind one tip: each lies inside the next. */
export const NESTED: readonly (readonly ToeFamilyId[])[] = [
  ['pointed', 'almond', 'round', 'square'],
  ['pointed', 'snip', 'chisel', 'square']
];
