import type { Banded } from './banded';
import type { Mark } from './banded';

/** What one stands on. Soft grounds are sunk into, hard ones are marked, open ones catch a tip. */
export interface Ground<Id extends string = string> {
  id: Id;
  name: string;
  mark: Mark;
  /** Undrained strength, kPa, its growth with depth, kPa a mm, and what roots hold round a tip, N a mm of its edge. */
  soil: { cuKpa: Banded; perMmKpa: number; matNPerMm: number } | null;
  /** Pressure at which it is marked for good, MPa. */
  marksAtMpa: number | null;
  /** Width of openings and how far apart they are, mm. */
  opening: { widthMm: number; everyMm: number } | null;
  /** Degrees of steadiness a deep pile or loose stones take. */
  unsteadyDeg: number;
  /** Soft: the heel is kept low and broad. */
  soft: boolean;
  /** What it is in plain words, as an occasion is asked for. */
  plain: PlainGroundId;
}
/** Grounds as whoever goes to an occasion names them, hard ones first. */
export const PLAIN_GROUNDS = ['parquet', 'stone', 'lawn', 'gravel', 'sand'] as const;
export type PlainGroundId = (typeof PLAIN_GROUNDS)[number];
const soil = (low: number, centre: number, high: number, perMmKpa: number, matNPerMm: number): NonNullable<Ground['soil']> => ({
  cuKpa: { low, centre, high },
  perMmKpa,
  matNPerMm
});
const ground = <const Id extends string>(id: Id, name: string, means: Partial<Omit<Ground, 'id' | 'name'>>): Ground<Id> => ({
  mark: 'model',
  soil: null,
  marksAtMpa: null,
  opening: null,
  unsteadyDeg: 0,
  soft: means.soil !== undefined,
  plain: 'stone',
  ...means,
  id,
  name
});

/** Strengths are within the names of soft to very stiff clay (BS 5930, from memory); the rest is this project's [model]. */
export const GROUNDS = [
  ground('lawn-clay-dry', 'lawn on clay, dry', { plain: 'lawn', soil: soil(180, 350, 700, 0, 3), unsteadyDeg: 1 }),
  ground('lawn-clay-moist', 'lawn on clay, moist', { plain: 'lawn', soil: soil(45, 80, 140, 0, 2), unsteadyDeg: 1 }),
  ground('lawn-clay-wet', 'lawn on clay, wet', { plain: 'lawn', soil: soil(15, 30, 60, 0, 1), unsteadyDeg: 1 }),
  ground('lawn-sand-dry', 'lawn on sand, dry', { plain: 'lawn', soil: soil(10, 25, 60, 3, 2), unsteadyDeg: 1 }),
  ground('lawn-sand-moist', 'lawn on sand, moist', { plain: 'lawn', soil: soil(20, 40, 80, 6, 2), unsteadyDeg: 1 }),
  ground('beach-dry', 'beach, dry', { plain: 'sand', soil: soil(0.5, 1, 3, 1.5, 0), unsteadyDeg: 1 }),
  ground('beach-wet', 'beach, wet and firm', { plain: 'sand', soil: soil(40, 90, 200, 10, 0), unsteadyDeg: 1 }),
  ground('gravel-loose', 'gravel, loose', { plain: 'gravel', soil: soil(3, 8, 20, 10, 0), unsteadyDeg: 3 }),
  ground('gravel-rolled', 'gravel, rolled', { plain: 'gravel', soil: soil(150, 400, 900, 20, 0), unsteadyDeg: 1 }),
  ground('earth-dry', 'earth path, dry', { soil: soil(150, 300, 600, 0, 0), soft: false }),
  ground('oak', 'oak or beech', { plain: 'parquet', marksAtMpa: 34, mark: 'practice' }),
  ground('pine', 'pine', { plain: 'parquet', marksAtMpa: 17, mark: 'practice' }),
  ground('vinyl', 'sheet vinyl', { plain: 'parquet', marksAtMpa: 1.72, mark: 'standard' }),
  ground('carpet', 'carpet', { plain: 'parquet', unsteadyDeg: 1 }),
  ground('stone', 'stone', {}),
  ground('cobbles', 'cobbles', { unsteadyDeg: 3 }),
  ground('grating', 'grating', { opening: { widthMm: 13, everyMm: 25 } })
] as const;
export type GroundId = (typeof GROUNDS)[number]['id'];
export const GROUND = Object.fromEntries(GROUNDS.map((g) => [g.id, g])) as Readonly<Record<GroundId, Ground<GroundId>>>;
