import { normalBelow } from '../measure';
import { HABIT_PRIOR_SD } from './habit';
import { convertLabel, type SizeReading } from './convert';
import { formatSize, roundToStep, type Rounding } from './label';
import { PUBLISHED, type ScaleBook } from './scale-book';
import { fromFootMm, lengthStep, schoolOf, toFootMm, type AnyScale } from './scales';

/** The chain of sums: from a label or a foot to the label to try, each line with its amount, unit, source and switch. */
export interface ChainInput {
  from: { kind: 'label'; scale: string; size: number; school?: string } | { kind: 'foot'; lengthMm: number; sdMm: number };
  to: { scale: string; school?: string; step: number; rounding: Rounding };
  /** Sizes by which the target's last is longer (+) than its label; a longer last asks for a smaller label. */
  habit: { sizes: number; sdSizes: number; source: string } | null;
  /** Sizes added for the purpose, only where the inside is not known. */
  purpose: { name: string; sizes: number } | null;
  sockMm: number;
  insertMm: number;
  preference: 'snug' | 'regular' | 'generous';
  off: readonly ChainLineId[];
}
export type ChainLineId = 'scale' | 'habit' | 'purpose' | 'sock' | 'preference';

/** What a line stands for, in codes and numbers; `chainLineWords` says it. */
type ChainLineOf =
  | { id: 'scale'; start: { kind: 'foot' } | { kind: 'label'; scale: Pick<AnyScale, 'name' | 'step'>; size: number; school: string } }
  | { id: 'habit'; runs: 'true' | 'long' | 'short' }
  | { id: 'purpose'; name: string }
  | { id: 'sock' }
  | { id: 'preference'; preference: ChainInput['preference'] };
export type ChainLine = ChainLineOf & {
  /** Amount on the foot's length, mm, and in sizes of the target. */
  mm: number;
  sizes: number;
  source: string;
  on: boolean;
};

/** How a size beside the label would be in length. */
export type NeighbourState = 'short' | 'close' | 'roomy' | 'long';

/** What is to be kept in mind with a label; `reservationWords` says it. */
export type Reservation =
  | { code: 'outside-run'; scale: string; range: readonly [number, number] }
  | { code: 'habit-unknown'; sdSizes: number }
  | { code: 'label-alone' }
  | { code: 'coarse-from-foot'; scale: string }
  | { code: 'half-is-width'; scale: string }
  | { code: 'length-only' };

export interface ChainEnd {
  lines: ChainLine[];
  footMm: number;
  sdMm: number;
  exact: number;
  label: string;
  size: number;
  remainderMm: number;
  /** Chance that the rounded label is the nearest one. */
  likely: number;
  /** What half a size either way would do, mm of room. */
  neighbours: { label: string; roomMm: number; state: NeighbourState }[];
  reservations: Reservation[];
}

/** Plus-sizes of the trade for shoes known only by their label [practice]; where the inside is known, toe room alone decides. */
export const PURPOSES: readonly { id: string; name: string; sizes: number; rounding: Rounding; source: string }[] = [
  { id: 'everyday', name: 'everyday', sizes: 0, rounding: 'nearest', source: 'as the label means it' },
  { id: 'running', name: 'running', sizes: 0.5, rounding: 'up', source: 'practice: half to a whole size up' },
  { id: 'walking', name: 'long walks', sizes: 0.5, rounding: 'up', source: 'practice: half a size up' },
  { id: 'closed-boot', name: 'closed boot', sizes: 0, rounding: 'up', source: 'practice: between sizes, closed boots go up (the other school: down hurts)' },
  { id: 'sandal', name: 'sandal', sizes: 0, rounding: 'down', source: 'practice: between sizes, sandals go down' },
  { id: 'dance-heel', name: 'dance heel', sizes: 0, rounding: 'nearest', source: 'practice: close, never half a size down' }
];

/** How a taste moves the length, mm [estimate: the fit engine's shift, halved, since length has less play than girth]. */
const TASTE_MM = { snug: -1.5, regular: 0, generous: 2 } as const;
/** A sock takes this much length a mm of thickness, an insert this much [estimate]. */
const SOCK_LENGTH = 0.8;
const INSERT_LENGTH = 0.35;

/**
 * Adds up the chain.
 * @param book scales that may be named
 * @throws RangeError when the label is outside anything its scale could mean, or a scale is not in the book
 */
export function addChain(input: ChainInput, book: ScaleBook = PUBLISHED): ChainEnd {
  const target = book.get(input.to.scale);
  const school = schoolOf(target, input.to.school);
  const start = startOf(input, book);
  const on = (id: ChainLineId): boolean => !input.off.includes(id);
  const inSizes = (mm: number): number => mm / school.unitMm;
  const lines: ChainLine[] = [
    { id: 'scale', start: start.of, mm: start.footMm, sizes: fromFootMm(school, start.footMm), source: start.source, on: true },
    ...(input.habit
      ? [
          {
            id: 'habit' as const,
            runs: Math.abs(input.habit.sizes) < 0.02 ? ('true' as const) : input.habit.sizes > 0 ? ('long' as const) : ('short' as const),
            mm: -input.habit.sizes * school.unitMm,
            sizes: -input.habit.sizes,
            source: input.habit.source,
            on: on('habit')
          }
        ]
      : []),
    ...(input.purpose && input.purpose.sizes !== 0
      ? [
          {
            id: 'purpose' as const,
            name: input.purpose.name,
            mm: input.purpose.sizes * school.unitMm,
            sizes: input.purpose.sizes,
            source: 'practice; only because the inside is not known',
            on: on('purpose')
          }
        ]
      : []),
    {
      id: 'sock',
      mm: SOCK_LENGTH * input.sockMm + INSERT_LENGTH * input.insertMm,
      sizes: inSizes(SOCK_LENGTH * input.sockMm + INSERT_LENGTH * input.insertMm),
      source: 'estimate',
      on: on('sock')
    },
    {
      id: 'preference',
      preference: input.preference,
      mm: TASTE_MM[input.preference],
      sizes: inSizes(TASTE_MM[input.preference]),
      source: 'estimate',
      on: on('preference')
    }
  ];
  const footMm = lines.filter((l) => l.on).reduce((sum, l) => sum + l.mm, 0);
  const habitSd = input.habit && on('habit') ? input.habit.sdSizes * school.unitMm : HABIT_PRIOR_SD * school.unitMm;
  const sdMm = Math.hypot(start.sdMm, habitSd);
  const exact = fromFootMm(school, footMm);
  const size = roundToStep(exact, input.to.step, input.to.rounding);
  const half = (input.to.step * school.unitMm) / 2;
  const at = toFootMm(school, size);
  const likely = normalBelow((at + half - footMm) / sdMm) - normalBelow((at - half - footMm) / sdMm);
  return {
    lines,
    footMm,
    sdMm,
    exact,
    size,
    label: formatSize(size, input.to.step),
    remainderMm: footMm - at,
    likely,
    neighbours: [-input.to.step, input.to.step].map((step) => neighbourOf(size + step, toFootMm(school, size + step) - footMm, input.to.step)),
    reservations: reservationsOf(input, size, book)
  };
}

type Start = Extract<ChainLineOf, { id: 'scale' }>['start'];

function startOf({ from, to }: ChainInput, book: ScaleBook): { footMm: number; sdMm: number; of: Start; source: string } {
  if (from.kind === 'foot') return { footMm: from.lengthMm, sdMm: from.sdMm, of: { kind: 'foot' }, source: 'measured' };
  const { readings } = convertLabel({ scale: from.scale, size: from.size, school: from.school }, [to.scale], book);
  const own: SizeReading = readings.find((r) => r.school === from.school) ?? readings[0];
  const scale = book.get(from.scale);
  // A label is an interval of one step; its spread is that of an even share over it.
  return {
    footMm: own.footMm,
    sdMm: (lengthStep(scale) * schoolOf(scale, own.school).unitMm) / Math.sqrt(12),
    of: { kind: 'label', scale, size: from.size, school: own.school },
    source: own.source
  };
}

function neighbourOf(size: number, roomMm: number, step: number): ChainEnd['neighbours'][number] {
  const state = roomMm < -4 ? 'short' : roomMm < 0 ? 'close' : roomMm < 6 ? 'roomy' : 'long';
  return { label: formatSize(size, step), roomMm, state };
}

function reservationsOf(input: ChainInput, size: number, book: ScaleBook): Reservation[] {
  const { name: scale, range, coarseFromFoot, halfIsWidth } = book.get(input.to.scale);
  const found: (Reservation | false)[] = [
    (size < range[0] || size > range[1]) && { code: 'outside-run', scale, range },
    !input.habit && { code: 'habit-unknown', sdSizes: HABIT_PRIOR_SD },
    input.from.kind === 'label' && { code: 'label-alone' },
    coarseFromFoot === true && { code: 'coarse-from-foot', scale },
    halfIsWidth === true && { code: 'half-is-width', scale },
    { code: 'length-only' }
  ];
  return found.filter((r) => r !== false);
}
