/** Upper materials: how they give, grow and may be worked. All estimates unless marked practice. */
// prettier-ignore
export const UPPER_IDS = [
  'smooth-leather', 'soft-leather', 'stiff-leather', 'suede', 'patent', 'knit', 'canvas', 'satin', 'mesh', 'matte-faux', 'plastic'
] as const;
export type UpperId = (typeof UPPER_IDS)[number];

export interface Upper {
  id: UpperId;
  name: string;
  /** Give at the toe outline against smooth leather, mm. */
  giveMm: number;
  /** How far the girth decides the plan width, 0 to 1. */
  girthShare: number;
  /** Growth in wear: girth(h) = g0 + growMm (1 - exp(-h / growHours)). */
  growMm: number;
  growHours: number;
  /** May be stretched at one spot by a trained hand [practice]. */
  stretches: boolean;
  /** Shrinks in a hot wash [practice]. */
  shrinks: boolean;
}

type Own = Omit<Upper, 'id' | 'name' | 'stretches' | 'shrinks'> & Partial<Upper>;
const upper = (id: UpperId, name: string, own: Own): Upper => ({ stretches: false, shrinks: false, ...own, id, name });

export const UPPERS: readonly Upper[] = [
  upper('smooth-leather', 'leather', { giveMm: 0, girthShare: 0.5, growMm: 3.2, growHours: 20, stretches: true }),
  upper('soft-leather', 'soft leather', { giveMm: 0.3, girthShare: 0.6, growMm: 4, growHours: 20, stretches: true }),
  upper('stiff-leather', 'stiff leather', { giveMm: -0.3, girthShare: 0.3, growMm: 3, growHours: 40, stretches: true }),
  upper('suede', 'suede', { giveMm: 0.5, girthShare: 0.6, growMm: 5, growHours: 15, stretches: true }),
  upper('patent', 'patent', { giveMm: -0.3, girthShare: 0.3, growMm: 1.5, growHours: 30 }),
  upper('knit', 'knit', { giveMm: 0.7, girthShare: 0.9, growMm: 0, growHours: 20, shrinks: true }),
  upper('canvas', 'canvas', { giveMm: 0, girthShare: 0.6, growMm: 1.5, growHours: 20 }),
  upper('satin', 'satin', { giveMm: 0, girthShare: 0.5, growMm: 1, growHours: 20 }),
  upper('mesh', 'mesh', { giveMm: 0.5, girthShare: 0.8, growMm: 0.5, growHours: 20 }),
  upper('matte-faux', 'matte faux leather', { giveMm: 0, girthShare: 0.5, growMm: 6, growHours: 15 }),
  upper('plastic', 'plastic strap', { giveMm: -0.5, girthShare: 0.25, growMm: 1, growHours: 40 })
];
export const UPPER: Readonly<Record<UpperId, Upper>> = Object.fromEntries(UPPERS.map((u) => [u.id, u])) as Record<UpperId, Upper>;

/** Girth gained after hours of wear, mm. Length never grows. */
export const girthGrowthMm = (id: UpperId, hours: number): number => UPPER[id].growMm * (1 - Math.exp(-Math.max(0, hours) / UPPER[id].growHours));
