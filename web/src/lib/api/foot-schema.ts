import {
  ARCH_TYPES,
  combineReadings,
  EXTRAS,
  FOOT_TOE_SHAPES,
  LOADS,
  MEASURES,
  refusalOf,
  SIDES,
  TOE_TIP_IDS,
  typedProblem,
  WAYS,
  type Side,
  type TakenId
} from '@chiave/core/measure';
import { z } from 'zod';
import { idOf, text } from './values';

/**
 * A foot as it is sent, by whoever sends it: the fit, a fitting, a file. Every measure stands under its own name, as a bare number of
 * millimetres (or degrees) or as a value with how it was taken.
 */
export const TAKEN_IDS: readonly TakenId[] = [...MEASURES, ...EXTRAS].map((m) => m.id);
const wayId = z.enum(idOf(WAYS));
export const loadId = z.enum(idOf(LOADS));
const reading = z.strictObject({
  mm: z.number().min(-1000, 'from -1000 to 1000').max(1000, 'from -1000 to 1000'),
  typed: text(40).default(''),
  how: wayId.default('tape')
});
const takenFields = z.strictObject({
  /** What it may be depends on the measure and the length: `refusalOf` says. */
  mm: z.number(),
  typed: text(40).default('').describe('what was typed; it must say the same as mm'),
  how: wayId.default('tape'),
  sdMm: z.number().min(0, 'from 0 to 40').max(40, 'from 0 to 40').optional(),
  at: z.iso.datetime('a moment as 2026-11-25T09:30:00Z').nullable().default(null),
  by: text(60).default(''),
  under: loadId.default('standing'),
  sockMm: z.number().min(0).max(12).default(0),
  readings: z.array(reading).max(6, 'at most six readings').default([])
});
/** A value with how it was taken. */
export const takenSchema = takenFields.meta({ id: 'TakenValue' });
export type TakenValue = z.output<typeof takenFields>;
/** A value of which nothing more is known than is said here. */
export const takenValue = (said: z.input<typeof takenFields>): TakenValue => takenFields.parse(said);
const value = z.union([z.number(), takenSchema], { error: 'a number of millimetres (degrees for an angle), or a value with how it was taken' });

const SAID_OF = Object.fromEntries([...MEASURES, ...EXTRAS].map((m) => [m.id, `${m.name}: ${m.definition}`])) as Record<TakenId, string>;
const measured = Object.fromEntries(TAKEN_IDS.map((id) => [id, value.optional().describe(SAID_OF[id])])) as Record<TakenId, z.ZodOptional<typeof value>>;

const standsOut = z.number().min(0, 'from 0 to 25 mm').max(25, 'from 0 to 25 mm').nullable();
const printMm = z.number().min(0, 'from 0 to 160 mm').max(160, 'from 0 to 160 mm').nullable();
const mark = z.number().int().min(-2, 'each mark is -2 to +2').max(2, 'each mark is -2 to +2');
/** What is seen of a foot rather than measured. */
export const features = z.object({
  toeShape: z.enum(FOOT_TOE_SHAPES).nullable(),
  archType: z.enum(ARCH_TYPES).nullable(),
  bunionMm: standsOut.describe('how far it stands out, inside the ball width, mm'),
  hammerToeMm: standsOut.describe('how much higher the raised toe stands, mm'),
  hammerToe: z
    .number()
    .int()
    .min(1, 'toe 1 to 5, 1 the big toe')
    .max(5, 'toe 1 to 5, 1 the big toe')
    .nullable()
    .describe('which toe that is, 1 the big toe; any of them where it is left out'),
  ankleReachDeg: z.number().min(0, 'from 0 to 110 degrees').max(110, 'from 0 to 110 degrees').nullable(),
  posture: z.array(mark).length(6, 'six marks').nullable(),
  print: z.object({ midfootMm: printMm, heelMm: printMm, forefootMm: printMm }).nullable()
});
export type FootFeatures = z.output<typeof features>;
export const FEATURE_IDS = features.keyof().options;
/** What is seen of a foot, by itself; null where nothing is. */
export const featuresOf = (foot: Partial<FootFeatures>): FootFeatures => Object.fromEntries(FEATURE_IDS.map((id) => [id, foot[id] ?? null])) as FootFeatures;

/** A foot as a fitting holds it. */
export interface SideBody extends FootFeatures {
  values: Partial<Record<TakenId, TakenValue>>;
}
export type FeetBody = Record<Side, SideBody>;
/** A foot of which nothing is known. */
export const emptySide = (): SideBody => ({ values: {}, ...featuresOf({}) });

const fields = z.strictObject({
  side: z.enum(SIDES).default('left'),
  ...measured,
  toeTipsMm: z.array(z.number()).length(5).optional().describe('the five toe tips at once: how far each ends behind the longest, big toe first, mm'),
  ...features.partial().shape,
  sd: z.partialRecord(z.enum(TAKEN_IDS), z.number().min(0).max(40)).optional().describe('standard deviation of bare numbers, by field, mm')
});
type Fields = z.output<typeof fields>;

/** Each figure as its place in the body names it, with what is known of its taking. */
function valuesOf(foot: Fields): { id: TakenId; path: (string | number)[]; value: TakenValue }[] {
  const plain = (id: TakenId, mm: number): TakenValue => {
    const sdMm = foot.sd?.[id];
    const said = takenFields.safeParse(sdMm === undefined ? { mm } : { mm, sdMm });
    // A deviation out of range is refused under its own name; the figure is checked all the same.
    return said.success ? said.data : takenValue({ mm });
  };
  const own = TAKEN_IDS.flatMap((id) => {
    const sent = foot[id];
    return sent === undefined ? [] : [{ id, path: [id], value: typeof sent === 'number' ? plain(id, sent) : sent }];
  });
  const tips = (foot.toeTipsMm ?? []).map((mm, i) => ({ id: TOE_TIP_IDS[i], path: ['toeTipsMm', i], value: plain(TOE_TIP_IDS[i], mm) }));
  return [...own, ...tips.filter((t) => foot[t.id] === undefined)];
}

/** Means are rounded where they are kept. */
const MEAN_WITHIN_MM = 0.051;
/** Why a value does not say what its readings and its text say, or ''. */
function differs(id: TakenId, { mm, typed, readings }: TakenValue): string {
  for (const r of readings) {
    const message = typedProblem(id, r.mm, r.typed);
    if (message) return message;
  }
  if (readings.length === 0) return typedProblem(id, mm, typed);
  const mean = combineReadings(id, readings).mm;
  return Math.abs(mean - mm) <= MEAN_WITHIN_MM ? '' : `its readings come to ${Number(mean.toFixed(2))}, and ${Number(mm.toFixed(2))} was sent`;
}

/** The one validator of feet: what cannot be, and figures that are not what was typed. */
function check(foot: Fields, context: z.RefinementCtx): void {
  const all = valuesOf(foot);
  const lengthMm = all.find((v) => v.id === 'lengthMm')?.value.mm;
  for (const { id, path, value } of all) {
    const message = refusalOf(id, value.mm, lengthMm) || differs(id, value);
    if (message) context.addIssue({ code: 'custom', path, message });
  }
}
const kept = (foot: Fields): SideBody & { side: Side } => ({
  side: foot.side,
  values: Object.fromEntries(valuesOf(foot).map(({ id, value }) => [id, value])),
  ...featuresOf(foot)
});

/** A foot of which anything may be missing. */
export const footSchema = fields.superRefine(check).transform(kept);
/** A foot to be fitted: its length is there. */
export const footToFitSchema = fields
  .extend({ lengthMm: value.describe(SAID_OF.lengthMm) })
  .superRefine(check)
  .transform(kept)
  .meta({ id: 'Foot' });

/** A foot as it is answered: every value with how it was taken. */
export const footAnswer = z.object({ ...Object.fromEntries(TAKEN_IDS.map((id) => [id, takenSchema.optional()])), ...features.shape }).meta({ id: 'KeptFoot' });
export type FootAnswer = FootFeatures & Partial<Record<TakenId, TakenValue>>;
export const footOut = ({ values, ...seen }: SideBody): FootAnswer => ({ ...values, ...seen });
export const feetOut = ({ left, right }: FeetBody): Record<Side, FootAnswer> => ({ left: footOut(left), right: footOut(right) });
/** The same read back by a page. */
export const footIn = (foot: FootAnswer): SideBody => ({
  values: Object.fromEntries(TAKEN_IDS.flatMap((id) => (foot[id] === undefined ? [] : [[id, foot[id]]]))),
  ...featuresOf(foot)
});

/** What of a foot the fit does not read: kept for benches of their own. */
const NOT_FITTED: readonly TakenId[] = EXTRAS.filter((e) => !e.fitted).map((e) => e.id);
export const notFitted = (foot: SideBody): string[] => [
  ...NOT_FITTED.filter((id) => foot.values[id] !== undefined),
  ...(['posture', 'print'] as const).filter((key) => foot[key] !== null)
];
