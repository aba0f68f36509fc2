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

// prettier-ignore
const upper = (id: UpperId, name: string, giveMm: number, girthShare: number, growMm: number, growHours: number, stretches: boolean, shrinks = false): Upper => ({
  id, name, giveMm, girthShare, growMm, growHours, stretches, shrinks
});

export const UPPERS: readonly Upper[] = [
  upper('smooth-leather', 'leather', 0, 0.5, 3.2, 20, true),
  upper('soft-leather', 'soft leather', 0.3, 0.6, 4, 20, true),
  upper('stiff-leather', 'stiff leather', -0.3, 0.3, 3, 40, true),
  upper('suede', 'suede', 0.5, 0.6, 5, 15, true),
  upper('patent', 'patent', -0.3, 0.3, 1.5, 30, false),
  upper('knit', 'knit', 0.7, 0.9, 0, 20, false, true),
  upper('canvas', 'canvas', 0, 0.6, 1.5, 20, false),
  upper('satin', 'satin', 0, 0.5, 1, 20, false),
  upper('mesh', 'mesh', 0.5, 0.8, 0.5, 20, false),
  upper('matte-faux', 'matte faux leather', 0, 0.5, 6, 15, false),
  upper('plastic', 'plastic strap', -0.5, 0.25, 1, 40, false)
];
export const UPPER: Readonly<Record<UpperId, Upper>> = Object.fromEntries(UPPERS.map((u) => [u.id, u])) as Record<UpperId, Upper>;

/** Girth gained after hours of wear, mm. Length never grows. */
export const girthGrowthMm = (id: UpperId, hours: number): number => UPPER[id].growMm * (1 - Math.exp(-Math.max(0, hours) / UPPER[id].growHours));
