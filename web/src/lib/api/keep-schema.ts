import { FLAG_IDS, KIND_IDS, SYMPTOM_IDS, UPPER_IDS } from '@chiave/core/fit';
import {
  CHECKS,
  DUE_ANSWERS,
  DUE_RULE_IDS,
  DUE_STATES,
  LIFE_EVENT,
  LIFE_EVENT_IDS,
  PAIR_STATES,
  PAIR_USES,
  WEAR_UNITS,
  dayText,
  dayNumber
} from '@chiave/core/keep';
import { SIDES } from '@chiave/core/measure';
import { UNTILS, WEAR_LOOKS } from '@chiave/core/use';
import { z } from 'zod';
import { pairPutSchema } from './put-schema';
import { setOf } from './sets';
import { idOf, mm, text } from './values';

/** Pairs of somebody’s own, what happens to them, what is due, what comes, what is wished for and what hurt. */
const OLDEST = '1950-01-01';
export const keptDay = z.iso.date('a day as 2026-11-30').refine((d) => d >= OLDEST && d < '2200', `a day from ${OLDEST} on`);
const dayOrNone = keptDay.nullable();
const money = mm(0, 100_000);
const version = z.number().int().min(0).optional().describe('version that was seen; another one now is a conflict');
/** Days ahead that a life line may be written: devices stand in several time zones. */
export const tomorrowOf = (today: string): string => dayText(dayNumber(today) + 1);

export const habitSchema = z
  .strictObject({
    from: keptDay,
    until: dayOrNone.default(null),
    unit: z.enum(idOf(WEAR_UNITS)),
    perWeek: mm(0.1, 400).describe('so much a week, counted by itself'),
    times: z.number().int().min(1, 'from 1 to 21').max(21, 'from 1 to 21').default(1).describe('how often a week')
  })
  .refine((h) => h.until === null || h.until >= h.from, { path: ['until'], error: 'a habit ends on or after the day it begins' });

const pairFields = z.strictObject({
  name: text(120).min(1, 'call the pair something: what stands on the label'),
  styleId: text(60).nullable().default(null).describe('of the stockroom; null where it is known by its label or a photograph'),
  maker: text(80).default(''),
  model: text(40).default('').describe('version or year of the model'),
  variant: text(80).default(''),
  last: text(60).default(''),
  kind: z.enum(KIND_IDS),
  size: text(12).default(''),
  width: text(12).default(''),
  colour: text(40).default(''),
  upper: z.enum(UPPER_IDS).default('smooth-leather'),
  leatherSole: z.boolean().nullable().default(null).describe('null: as usual with its kind'),
  uses: setOf(z.enum(idOf(PAIR_USES))).default([]),
  boughtOn: dayOrNone.default(null),
  boughtAt: text(80).default(''),
  price: money.nullable().default(null),
  returnBy: dayOrNone.default(null).describe('the maker’s last day to send back'),
  ordered: z.boolean().default(false).describe('not here yet'),
  orderedOn: dayOrNone.default(null),
  expectedOn: dayOrNone.default(null),
  put: pairPutSchema.default({}).describe('what was put into either shoe'),
  looks: z.enum(idOf(WEAR_LOOKS)).default('new'),
  tipMm: mm(3, 120).nullable().default(null).describe('heel tip across; null where nobody measured it'),
  production: text(80).default(''),
  season: text(40).default(''),
  story: text(2000).default(''),
  photo: z
    .string()
    .max(400_000, 'a photograph of at most 300 kB: it is made smaller before it is sent')
    .refine((p) => p === '' || /^data:image\/(jpeg|png|webp);base64,[A-Za-z0-9+/=]+$/.test(p), 'a picture as JPEG, PNG or WebP')
    .default(''),
  habits: z.array(habitSchema).max(6, 'at most six habits').default([])
});
/** What contradicts itself, by the field that mends it. */
const inOrder = <S extends typeof pairFields>(schema: S) =>
  schema
    .refine((p) => p.returnBy === null || p.boughtOn === null || p.returnBy >= p.boughtOn, { path: ['returnBy'], error: 'the last day to send back lies before the day it was bought' }) // prettier-ignore
    .refine((p) => p.expectedOn === null || p.orderedOn === null || p.expectedOn >= p.orderedOn, { path: ['expectedOn'], error: 'it is expected before it was ordered' }); // prettier-ignore
export const pairSchema = inOrder(pairFields).meta({
  id: 'OwnPair',
  example: {
    name: 'Lakeside 50, black',
    styleId: 'lakeside-50',
    kind: 'pump',
    size: '38.5',
    width: 'medium',
    boughtOn: '2026-09-14',
    price: 140,
    uses: ['stage']
  }
});
export const pairChangeSchema = inOrder(pairFields.extend({ version }) as unknown as typeof pairFields).meta({ id: 'OwnPairChange' }) as unknown as z.ZodType<PairBody & { version?: number }, z.input<typeof pairFields> & { version?: number }>; // prettier-ignore
export type PairBody = z.infer<typeof pairFields>;
/** A pair of which nothing was written yet. */
export const blankPair = (today: string): PairBody => ({ ...pairFields.parse({ name: '-', kind: KIND_IDS[0] }), name: '', boughtOn: today });
/** What is kept of a pair in one column. */
export const keptPairBody = pairFields;

const amount = z.number({ error: 'write it as a number' }).gt(0, 'more than nothing: from 0.1').max(2000, 'up to 2000');
const lifeFields = z.strictObject({
  on: keptDay,
  what: z.enum(LIFE_EVENT_IDS),
  amount: amount.optional().describe('how much it was worn'),
  unit: z.enum(idOf(WEAR_UNITS)).optional(),
  cost: money.optional(),
  checks: z.partialRecord(z.enum(idOf(CHECKS)), z.number().int().min(1, 'from 1 to 5').max(5, 'from 1 to 5')).optional().describe('5 as new, 1 gone'), // prettier-ignore
  note: text(300).default('')
});
export const lifeSchema = lifeFields
  .extend({ again: z.boolean().default(false).describe('true to note the same once more on one day: two classes') })
  .superRefine((e, ctx) => {
    const { wears, costs, checks } = LIFE_EVENT[e.what];
    const wrong = (path: string, message: string): void => ctx.addIssue({ code: 'custom', path: [path], message });
    if (wears && e.amount === undefined) wrong('amount', 'say how much it was worn');
    if (wears && e.unit === undefined) wrong('unit', `say in what: ${idOf(WEAR_UNITS).join(', ')}`);
    if (!wears && e.amount !== undefined) wrong('amount', 'only what was worn has an amount');
    if (!costs && e.cost !== undefined) wrong('cost', 'this costs nothing: note it as a repair');
    if (!checks && e.checks !== undefined) wrong('checks', 'marks go with “looked over”');
  })
  .meta({ id: 'LifeEvent', example: { on: '2026-11-28', what: 'worn', amount: 1, unit: 'classes' } });
export type LifeBody = z.infer<typeof lifeFields>;
export const lifeRow = lifeFields.extend({ id: z.number(), by: z.string() });
export type LifeRow = z.infer<typeof lifeRow>;

const band = z.object({ low: z.number(), centre: z.number(), high: z.number() });
const amounts = z.object({ hours: z.number(), km: z.number(), wears: z.number() });
export const costAnswer = z.object({
  spent: z.number().nullable(),
  repairs: z.number(),
  wears: z.number(),
  hours: z.number(),
  perWear: z.number().nullable(),
  perHour: z.number().nullable(),
  overLife: z.object({ perHour: band, perWear: band.nullable() }).nullable()
});
export const pairRow = z
  .object({
    id: z.number(),
    customerId: z.number(),
    tryId: z.number().nullable(),
    why: z.string().describe('why it was taken, as it was noted at the fitting'),
    state: z.enum(idOf(PAIR_STATES)),
    body: keptPairBody,
    life: z.array(lifeRow),
    worn: amounts.describe('until today, with what habits count'),
    left: band.describe('what it has left, in what its kind counts'),
    counts: z.enum(['hours', 'km']),
    lastWorn: z.string().nullable(),
    cost: costAnswer,
    version: z.number()
  })
  .meta({ id: 'KeptPair' });
export type PairRow = z.infer<typeof pairRow>;
const zoneNow = z.object({ side: z.enum(SIDES), zone: z.string(), name: z.string(), state: z.string(), clearanceMm: z.number() });
export const nowRow = z.object({
  pairId: z.number(),
  verdict: z.string(),
  words: z.string(),
  best: zoneNow.nullable(),
  worst: zoneNow.nullable(),
  grownMm: z.number().describe('girth gained by its own hours'),
  outgrown: z.enum(['', 'nearly', 'outgrown'])
});
export type NowRow = z.infer<typeof nowRow>;
export const pairsAnswer = z.object({ pairs: z.array(pairRow), now: z.array(nowRow), today: z.string() });
export const pairKeptAnswer = z.object({ id: z.number(), version: z.number() });
export const lifeKeptAnswer = z.object({ id: z.number(), version: z.number(), worn: amounts });

export const dueSaid = z
  .object({
    person: z.object({ id: z.number(), name: z.string() }),
    rule: z.enum(DUE_RULE_IDS),
    pair: z.string().nullable().describe('the pair it is about, by its id'),
    subject: z.string(),
    name: z.string(),
    anchor: z.string(),
    earliest: z.string(),
    due: z.string(),
    latest: z.string(),
    state: z.enum(idOf(DUE_STATES)),
    firm: z.boolean().describe('a day that nobody can move'),
    quiet: z.boolean().describe('told beside the pair only'),
    title: z.string(),
    reason: z.string(),
    source: z.string(),
    mark: z.enum(['standard', 'practice', 'model']),
    action: z.string(),
    remind: z.string().nullable(),
    done: z.string().describe('what “done” is called')
  })
  .meta({ id: 'DueItem' });
export type DueRow = z.infer<typeof dueSaid>;
export const dueAnswer = z.object({ today: z.string(), items: z.array(dueSaid), people: z.number().describe('of how many people something is due') });
export const dueQuery = z.object({
  on: keptDay.optional().describe('the day that is asked about; today when left out'),
  ahead: z.coerce.number().int().min(0, 'from 0 to 366').max(366, 'from 0 to 366').default(7).describe('days looked ahead'),
  person: z.coerce.number().int().positive().optional(),
  quiet: z.enum(['yes', 'no']).default('no').describe('also what is told beside a pair only')
});
export const MOST_SNOOZE = 366;
export const dueAnswerSchema = z
  .strictObject({
    customerId: z.number().int().positive(),
    rule: z.enum(DUE_RULE_IDS),
    subject: text(60).min(1, 'say what it is about, as the item does'),
    anchor: keptDay,
    answer: z.enum(idOf(DUE_ANSWERS)),
    days: z.number().int().min(1, 'from 1 day').max(MOST_SNOOZE, `at most ${MOST_SNOOZE} days`).optional().describe('put off by so many'),
    note: text(300).default('')
  })
  .refine((a) => a.answer !== 'snoozed' || a.days !== undefined, { path: ['days'], error: 'say by how many days it is put off' })
  .meta({ id: 'DueAnswer', example: { customerId: 4, rule: 'tips', subject: 'pair:11', anchor: '2026-06-01', answer: 'done' } });

/** Rows that hang on a person, each with a day, a body and a version. */
export const eventFields = z.strictObject({
  name: text(120).min(1, 'call it something: the lakeside run'),
  on: keptDay,
  kind: z.enum(KIND_IDS).nullable().default(null).describe('what is worn; null where it is not decided'),
  pairId: z.number().int().positive().nullable().default(null),
  hem: z.boolean().default(false),
  postDays: z.number().int().min(0).max(90).default(0),
  kmAWeek: mm(0, 400).default(0).describe('run or walked until then')
});
export const eventSchema = eventFields.meta({ id: 'EventAhead', example: { name: 'the lakeside run', on: '2027-01-10', kind: 'running', kmAWeek: 32 } });
const clockTime = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'a time as 09:30');
/** Who comes when. */
export const appointmentFields = z.strictObject({
  on: keptDay,
  time: clockTime,
  minutes: z.number().int().min(5, 'from 5 to 480 minutes').max(480, 'from 5 to 480 minutes').default(45),
  purpose: text(120).default('')
});
export const appointmentSchema = appointmentFields.meta({
  id: 'Appointment',
  example: { on: '2026-12-01', time: '10:30', minutes: 45, purpose: 'pumps for the operetta' }
});
export const PRIORITIES = [
  { id: 'first', name: 'first' },
  { id: 'soon', name: 'soon' },
  { id: 'some-day', name: 'some day' }
] as const;
export const wishFields = z.strictObject({
  name: text(120).min(1, 'say what is wished for'),
  styleId: text(60).nullable().default(null),
  colour: text(40).default(''),
  upper: z.enum(UPPER_IDS).nullable().default(null),
  size: text(12).default(''),
  width: text(12).default(''),
  priority: z.enum(idOf(PRIORITIES)).default('soon'),
  found: z.boolean().default(false)
});
export const wishSchema = wishFields.meta({ id: 'Wish', example: { name: 'Lakeside 50', colour: 'black', size: '38.5', priority: 'first' } });
export const TROUBLE_SIDES = ['left', 'right', 'both'] as const;
export const troubleFields = z.strictObject({
  on: keptDay,
  symptom: z.enum(SYMPTOM_IDS),
  side: z.enum(TROUBLE_SIDES),
  pairId: z.number().int().positive().nullable().default(null),
  place: z.strictObject({ x: mm(-0.2, 1.2), y: mm(-0.4, 0.4) }).nullable().default(null).describe('on the drawn foot, shares of its length from the heel, inner side up'), // prettier-ignore
  note: text(300).default('')
});
export const troubleSchema = troubleFields.meta({ id: 'Trouble', example: { on: '2026-11-29', symptom: 'heel-rub', side: 'left' } });
/** What a look at the feet finds. What is found is for the clinician. */
export const FINDINGS = [
  { id: 'nothing', name: 'nothing new', call: false },
  { id: 'red', name: 'a red place', call: true },
  { id: 'blister', name: 'a blister', call: true },
  { id: 'wound', name: 'a wound', call: true },
  { id: 'swelling', name: 'warm or swollen', call: true }
] as const;
export const lookedFields = z.strictObject({ on: keptDay, found: setOf(z.enum(idOf(FINDINGS))).refine((f) => f.length > 0, 'say what was found, if only nothing new'), note: text(300).default('') }); // prettier-ignore
export const lookedSchema = lookedFields.meta({ id: 'FeetLookedAt', example: { on: '2026-11-29', found: ['nothing'] } });

const rowOf = <S extends z.ZodObject>(fields: S, id: string) => z.object({ id: z.number(), version: z.number(), by: z.string(), body: fields }).meta({ id });
export const eventRow = rowOf(eventFields, 'KeptEvent');
export const appointmentRow = rowOf(appointmentFields, 'KeptAppointment');
export type AppointmentRow = z.infer<typeof appointmentRow>;
export const appointmentsAnswer = z.object({ appointments: z.array(appointmentRow) });
export const wishRow = z.object({ id: z.number(), version: z.number(), by: z.string(), body: wishFields, inStock: z.number().describe('of its style, size and width in the stockroom') }).meta({ id: 'KeptWish' }); // prettier-ignore
export const troubleRow = rowOf(troubleFields, 'KeptTrouble');
export const lookedRow = rowOf(lookedFields, 'KeptLook');
export type EventRow = z.infer<typeof eventRow>;
export type WishRow = z.infer<typeof wishRow>;
export type TroubleRow = z.infer<typeof troubleRow>;
export type LookedRow = z.infer<typeof lookedRow>;
const seasonAnswer = z.object({
  pairId: z.number(),
  pair: z.string(),
  until: z.enum(idOf(UNTILS)),
  left: band,
  ends: z.object({ earliest: z.string(), centre: z.string(), latest: z.string() }).nullable(),
  daysBefore: z.number().nullable()
});
export const eventsAnswer = z.object({
  events: z.array(eventRow),
  seasons: z.array(z.object({ eventId: z.number(), buyBy: z.string(), better: z.string(), wearInFrom: z.string(), pairs: z.array(seasonAnswer) }))
});
export type SeasonRow = z.infer<typeof eventsAnswer>['seasons'][number];
export const wishesAnswer = z.object({ wishes: z.array(wishRow) });
export const troublesAnswer = z.object({
  troubles: z.array(troubleRow),
  zones: z.array(z.object({ zone: z.string(), name: z.string(), way: z.enum(['tight', 'loose', 'off']), weight: z.number(), troubles: z.number(), then: z.string() })), // prettier-ignore
  sizes: z.array(z.object({ size: z.string(), pairs: z.number() }))
});
export type TroublesAnswer = z.infer<typeof troublesAnswer>;
export const looksAnswer = z.object({ looks: z.array(lookedRow), missed: z.array(z.string()), flags: z.array(z.enum(FLAG_IDS)) });

export const eventChangeSchema = eventFields.extend({ version }).meta({ id: 'EventAheadChange' });
export const wishChangeSchema = wishFields.extend({ version }).meta({ id: 'WishChange' });
export const troubleChangeSchema = troubleFields.extend({ version }).meta({ id: 'TroubleChange' });
export const lookedChangeSchema = lookedFields.extend({ version }).meta({ id: 'FeetLookedAtChange' });
export const appointmentChangeSchema = appointmentFields.extend({ version }).meta({ id: 'AppointmentChange' });
export const rotationSchema = z
  .strictObject({
    slots: z
      .array(z.strictObject({ on: keptDay, use: z.enum(idOf(PAIR_USES)), hours: mm(0.1, 24).optional() }))
      .min(1, 'name at least one day')
      .max(31, 'at most 31 at once')
  })
  .meta({ id: 'Rotation', example: { slots: [{ on: '2026-12-01', use: 'floor' }] } });
export const rotationAnswer = z.object({
  turns: z.array(
    z.object({ on: z.string(), use: z.enum(idOf(PAIR_USES)), pair: z.object({ key: z.string(), name: z.string() }).nullable(), rested: z.boolean() })
  )
});
export type RotationAnswer = z.infer<typeof rotationAnswer>;

export const feedSchema = z
  .strictObject({ name: text(80).min(1, 'whose calendar is it'), names: z.enum(['initials', 'full']).default('initials') })
  .meta({ id: 'CalendarFeed', example: { name: 'the shoe room’s wall tablet', names: 'initials' } });
export const feedRow = z.object({ id: z.number(), name: z.string(), names: z.enum(['initials', 'full']), createdAt: z.string(), readAt: z.string().nullable() }).meta({ id: 'KeptFeed' }); // prettier-ignore
export type FeedRow = z.infer<typeof feedRow>;
export const feedsAnswer = z.object({ feeds: z.array(feedRow) });
export const feedMadeAnswer = z.object({ id: z.number(), address: z.string().describe('told once: whoever has it reads the calendar') });

const costRow = z.object({ name: z.string(), pairs: z.number(), unpriced: z.number(), spent: z.number(), repairs: z.number(), hours: z.number(), wears: z.number(), perHour: z.number().nullable() }); // prettier-ignore
export const costsAnswer = z.object({ productions: z.array(costRow), seasons: z.array(costRow) });
export type CostRow = z.infer<typeof costRow>;
