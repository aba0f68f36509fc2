/**
 * The measures of a foot, as data: what each is, what proportion fills it when it was not taken,
 * how far a proportion spreads, and what is doubtful or impossible.
 */

export interface MeasureDefinition<Id extends string = string, Of extends string = string> {
  id: Id;
  name: string;
  definition: string;
  /** What a missing value is worked out from, nearest first: the first one taken is used. */
  from: readonly { of: Of; ratio: number; spread: number }[];
  /** Share of foot length outside which a value is refused. */
  impossible: readonly [number, number];
  /** Standard deviation when taken by tape or calliper, mm. */
  tapeSdMm: number;
  /** True where a population may be fuller or thinner than the general one for its length. */
  byPopulation: boolean;
  /** True where zones that decide hang on it, so that it may be worth measuring next. */
  decides: boolean;
  source: string;
}

const measure = <const Id extends string>(
  own: Omit<MeasureDefinition<Id>, 'byPopulation' | 'decides'> & Partial<MeasureDefinition<Id>>
): MeasureDefinition<Id> => ({
  byPopulation: false,
  decides: false,
  ...own
});

/** Ball joint and little-toe joint from the back of the heel, of the foot's length (Chinese foot survey, from memory; US surveys 0.73 to 0.74). */
export const BALL_AT = 0.725;
export const OUTER_BALL_AT = 0.635;

const LENGTHS = 0.03;
const GIRTHS = 0.05;
const PAIRED = 0.03;

const DEFINITIONS = [
  measure({
    id: 'lengthMm',
    decides: true,
    name: 'length',
    definition: 'back of the heel to the tip of the longest toe, along the foot axis, standing',
    from: [],
    impossible: [1, 1],
    tapeSdMm: 1.5,
    source: 'ISO 9407, ISO 7250-1 (definition, from memory); error: estimate'
  }),
  measure({
    id: 'ballLengthMm',
    name: 'ball length',
    definition: 'back of the heel to the first metatarsal head (the big-toe joint)',
    from: [{ of: 'lengthMm', ratio: BALL_AT, spread: LENGTHS }],
    impossible: [0.6, 0.85],
    tapeSdMm: 1.5,
    source: 'Chinese foot survey 0.725, US surveys 0.73 to 0.74 (from memory)'
  }),
  measure({
    id: 'outerBallLengthMm',
    name: 'outer ball length',
    definition: 'back of the heel to the fifth metatarsal head (the little-toe joint)',
    from: [
      { of: 'ballLengthMm', ratio: OUTER_BALL_AT / BALL_AT, spread: LENGTHS },
      { of: 'lengthMm', ratio: OUTER_BALL_AT, spread: LENGTHS }
    ],
    impossible: [0.5, 0.78],
    tapeSdMm: 1.5,
    source: 'Chinese foot survey 0.635 (from memory)'
  }),
  measure({
    id: 'ballWidthMm',
    decides: true,
    byPopulation: true,
    name: 'ball width',
    definition: 'widest across the two heads, square to the foot axis, bunion included',
    from: [
      { of: 'ballGirthMm', ratio: 0.405, spread: PAIRED },
      { of: 'lengthMm', ratio: 0.37, spread: GIRTHS }
    ],
    impossible: [0.25, 0.58],
    tapeSdMm: 1.5,
    source: 'US survey 1988 breadth over length 0.367 to 0.373; breadth over ball girth 0.405 (from memory)'
  }),
  measure({
    id: 'ballGirthMm',
    decides: true,
    byPopulation: true,
    name: 'ball girth',
    definition: 'tape around the two heads',
    from: [
      { of: 'ballWidthMm', ratio: 1 / 0.405, spread: PAIRED },
      { of: 'lengthMm', ratio: 0.92, spread: GIRTHS }
    ],
    impossible: [0.6, 1.4],
    tapeSdMm: 3,
    source: 'US survey 1988: 248 over 269.7 (from memory)'
  }),
  measure({
    id: 'waistGirthMm',
    byPopulation: true,
    name: 'waist girth',
    definition: 'tape around, just behind the heads',
    from: [
      { of: 'ballGirthMm', ratio: 0.96, spread: PAIRED },
      { of: 'lengthMm', ratio: 0.885, spread: GIRTHS }
    ],
    impossible: [0.55, 1.4],
    tapeSdMm: 3,
    source: 'estimate'
  }),
  measure({
    id: 'instepGirthMm',
    decides: true,
    byPopulation: true,
    name: 'instep girth',
    definition: 'tape around, over the highest point of the instep',
    from: [
      { of: 'ballGirthMm', ratio: 1, spread: PAIRED },
      { of: 'lengthMm', ratio: 0.92, spread: GIRTHS }
    ],
    impossible: [0.6, 1.5],
    tapeSdMm: 3,
    source: 'Chinese foot survey: about equal to ball girth (from memory)'
  }),
  measure({
    id: 'shortHeelGirthMm',
    decides: true,
    byPopulation: true,
    name: 'short heel girth',
    definition: 'around the back of the heel and the front of the ankle bend',
    from: [
      { of: 'instepGirthMm', ratio: 1.33, spread: PAIRED },
      { of: 'ballGirthMm', ratio: 1.33, spread: PAIRED },
      { of: 'lengthMm', ratio: 1.224, spread: GIRTHS }
    ],
    impossible: [0.9, 1.8],
    tapeSdMm: 3,
    source: 'Chinese foot survey 1.31, US survey 1.36 of ball girth (from memory)'
  }),
  measure({
    id: 'heelWidthMm',
    decides: true,
    name: 'heel width',
    definition: 'widest of the heel, at seat level',
    from: [
      { of: 'ballWidthMm', ratio: 0.676, spread: PAIRED + 0.01 },
      { of: 'lengthMm', ratio: 0.25, spread: GIRTHS }
    ],
    impossible: [0.15, 0.4],
    tapeSdMm: 1.5,
    source: 'US survey 1988 heel breadth 61 to 68 mm (from memory, weak)'
  }),
  measure({
    id: 'toeHeightMm',
    decides: true,
    name: 'toe height',
    definition: 'floor to the top of the big toe',
    from: [{ of: 'lengthMm', ratio: 0.085, spread: 0.08 }],
    impossible: [0.03, 0.25],
    tapeSdMm: 1,
    source: 'estimate'
  }),
  measure({
    id: 'littleToeHeightMm',
    name: 'little toe height',
    definition: 'floor to the top of the little toe',
    from: [
      { of: 'toeHeightMm', ratio: 0.75, spread: 0.08 },
      { of: 'lengthMm', ratio: 0.064, spread: 0.1 }
    ],
    impossible: [0.02, 0.2],
    tapeSdMm: 1,
    source: 'estimate'
  }),
  measure({
    id: 'ankleGirthMm',
    decides: true,
    name: 'ankle girth',
    definition: 'tape around the thinnest of the ankle',
    from: [{ of: 'lengthMm', ratio: 0.85, spread: 0.06 }],
    impossible: [0.5, 1.6],
    tapeSdMm: 3,
    source: 'estimate'
  }),
  measure({
    id: 'calfGirthMm',
    decides: true,
    name: 'calf girth',
    definition: 'tape around the fullest of the calf',
    from: [{ of: 'lengthMm', ratio: 1.42, spread: 0.08 }],
    impossible: [0.8, 2.6],
    tapeSdMm: 4,
    source: 'estimate'
  })
] as const;

export type MeasureId = (typeof DEFINITIONS)[number]['id'];
export type Measure = MeasureDefinition<MeasureId, MeasureId>;
export const MEASURES = DEFINITIONS as readonly unknown[] as readonly Measure[];
export const MEASURE_IDS = MEASURES.map((m) => m.id);
export const MEASURE = Object.fromEntries(MEASURES.map((m) => [m.id, m])) as Readonly<Record<MeasureId, Measure>>;

/** The proportion by which one measure is filled in from another, the foot's length when it is not said. @throws RangeError when there is none */
export function proportion(id: MeasureId, of: MeasureId = 'lengthMm'): number {
  const rule = MEASURE[id].from.find((r) => r.of === of);
  if (!rule) throw new RangeError(`${id} is not worked out from ${of}`);
  return rule.ratio;
}

/** Foot lengths accepted at all, mm. */
export const ACCEPTED_LENGTH_MM: readonly [number, number] = [80, 400];
/** A left to right difference of length beyond this is asked about, mm. */
export const QUESTIONED_ASYMMETRY_MM = 10;

/**
 * Populations whose proportions may fill gaps. The factor multiplies every width and girth worked out from length.
 * Sources: US survey 1988 (ball girth 0.92 of length); JIS S 5037 men's E at 25 cm (243 / 250 = 0.97). Both from memory.
 */
export const POPULATIONS = [
  { id: 'general', name: 'general', girthFactor: 1, source: 'US survey 1988, from memory' },
  { id: 'fuller', name: 'fuller forefoot (about Japanese E)', girthFactor: 0.972 / 0.92, source: 'JIS S 5037, from memory' }
] as const;
export type PopulationId = (typeof POPULATIONS)[number]['id'];
