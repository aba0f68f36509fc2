import { MEASURES, POPULATIONS, type MeasureId, type PopulationId } from './measures';
import { EXTRA, HEIGHT_IDS, type HeightId } from './extras';
import { readingSd } from './readings';
import type { HowTaken, Load } from './ways';
import type { FootContour } from '../shape';

export const SIDES = ['left', 'right'] as const;
export type Side = (typeof SIDES)[number];
/** How each foot is lettered, wherever one is named. */
export const SIDE_LETTER: Readonly<Record<Side, string>> = { left: 'L', right: 'R' };
export const FOOT_TOE_SHAPES = ['egyptian', 'greek', 'square'] as const;
export type FootToeShape = (typeof FOOT_TOE_SHAPES)[number];
export const ARCH_TYPES = ['low', 'medium', 'high'] as const;
export type ArchType = (typeof ARCH_TYPES)[number];
/** Whose letters a person's widths are read by, and as whom a child grows. */
export const FITS_AS = ['women', 'men'] as const;
export type FitsAs = (typeof FITS_AS)[number];

export interface FootValue {
  mm: number;
  how: HowTaken;
  sdMm: number;
  /** Weight on the foot and sock on it while this value was read, where they were noted; a derived value has its base's. */
  under?: Load;
  sockMm?: number;
  /** For a derived value: what it was worked out from, in words. */
  because?: string;
}

/** What is known of one foot. Only the length is required. */
export interface FootInput {
  side: Side;
  values: Partial<Record<MeasureId, { mm: number; how?: Exclude<HowTaken, 'derived'>; sdMm?: number; under?: Load; sockMm?: number }>>;
  /** Heights that were taken beside the measures above, standing. */
  heights?: Partial<Record<HeightId, { mm: number; sdMm?: number }>>;
  toeShape?: FootToeShape;
  archType?: ArchType;
  /** How far each toe ends behind the longest, toes 1 to 5, mm. */
  toeTipsMm?: readonly number[];
  bunionMm?: number;
  littleToeBunionMm?: number;
  hammerToeMm?: number;
  /** Which toe that is, 1 the big toe; any of them where it is left out. */
  hammerToe?: number;
  ankleReachDeg?: number;
  population?: PopulationId;
  /** Its outline as it was traced or scanned. */
  contour?: FootContour;
}

/** A foot with every measure, each with where it came from. */
export interface Foot {
  side: Side;
  values: Readonly<Record<MeasureId, FootValue>>;
  heights: Readonly<Partial<Record<HeightId, { mm: number; sdMm: number }>>>;
  toeShape: FootToeShape;
  archType: ArchType;
  toeTipsMm?: readonly number[];
  bunionMm: number;
  littleToeBunionMm: number;
  hammerToeMm: number;
  hammerToe: number | null;
  ankleReachDeg: number | null;
  contour?: FootContour;
  /** Names of what was not measured but filled in. */
  assumed: readonly string[];
}

const readUnder = ({ under, sockMm }: Pick<FootValue, 'under' | 'sockMm'>): Pick<FootValue, 'under' | 'sockMm'> => ({
  ...(under === undefined ? {} : { under }),
  ...(sockMm === undefined ? {} : { sockMm })
});

/**
 * Fills what was not measured from proportions, with a wider deviation, and says so.
 * @param input one foot; `values.lengthMm` must be there
 * @returns the whole foot; `assumed` lists the filled names
 * @throws RangeError when there is no length
 * @example completeFoot({ side: 'left', values: { lengthMm: { mm: 250 } } }).values.ballLengthMm.mm // 181.25
 */
export function completeFoot(input: FootInput): Foot {
  const length = input.values.lengthMm;
  if (!length) throw new RangeError('a foot needs a length');
  const factor = POPULATIONS.find((p) => p.id === (input.population ?? 'general'))?.girthFactor ?? 1;
  const values = {} as Record<MeasureId, FootValue>;
  const assumed: string[] = [];
  for (const measure of MEASURES) {
    const given = input.values[measure.id];
    if (given) {
      const how = given.how ?? 'tape';
      values[measure.id] = { mm: given.mm, how, sdMm: given.sdMm ?? readingSd(measure.id, how), ...readUnder(given) };
    }
  }
  for (const measure of MEASURES) {
    if (values[measure.id]) continue;
    assumed.push(measure.id);
    // The nearest measured relative wins; length is always there as the last resort.
    const rule = measure.from.find((r) => values[r.of] && (values[r.of].how !== 'derived' || r.of === 'lengthMm'))!;
    const base = values[rule.of];
    const scaled = rule.of === 'lengthMm' && measure.byPopulation ? factor : 1;
    const mm = base.mm * rule.ratio * scaled;
    const name = MEASURES.find((m) => m.id === rule.of)!.name;
    values[measure.id] = {
      mm,
      how: 'derived',
      sdMm: Math.hypot(mm * rule.spread, base.sdMm * rule.ratio),
      ...readUnder(base),
      because: `${(rule.ratio * scaled).toFixed(3)} of ${name}`
    };
  }
  if (!input.toeShape && !input.toeTipsMm) assumed.push('toeShape');
  if (!input.archType) assumed.push('archType');
  return {
    side: input.side,
    values,
    heights: heightsOf(input),
    toeShape: input.toeShape ?? (input.toeTipsMm ? toeShapeOf(input.toeTipsMm) : 'egyptian'),
    archType: input.archType ?? 'medium',
    toeTipsMm: input.toeTipsMm,
    bunionMm: input.bunionMm ?? 0,
    littleToeBunionMm: input.littleToeBunionMm ?? 0,
    hammerToeMm: input.hammerToeMm ?? 0,
    hammerToe: input.hammerToe ?? null,
    ankleReachDeg: input.ankleReachDeg ?? null,
    ...(input.contour ? { contour: input.contour } : {}),
    assumed
  };
}

const heightsOf = ({ heights = {} }: FootInput): Foot['heights'] =>
  Object.fromEntries(HEIGHT_IDS.flatMap((id) => (heights[id] ? [[id, { mm: heights[id].mm, sdMm: heights[id].sdMm ?? EXTRA[id].sd }]] : [])));

/**
 * Toe shape from the tips (mm behind the longest, toes 1 to 5), tested in the trade's order:
 * square when the first three lie within 3 mm, greek when the second is longest, else egyptian.
 */
export function toeShapeOf(tipsMm: readonly number[]): FootToeShape {
  const [first, second, third] = tipsMm;
  if (Math.max(first, second, third) - Math.min(first, second, third) <= 3) return 'square';
  return second < first ? 'greek' : 'egyptian';
}
