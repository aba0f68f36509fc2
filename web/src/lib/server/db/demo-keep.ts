import { ENGINE_VERSION } from '@chiave/core/fit';
import type { Transaction } from 'sequelize';
import { z } from 'zod';
import { dayNumber, dayText } from '@chiave/core/keep';
import { styleSchema, wholeDetails } from '../../api/stock-schema';
import { appointmentFields, habitSchema, keptPairBody, lookedFields, troubleFields, wishFields, lifeRow, eventFields } from '../../api/keep-schema';
import { saidCardSchema, saidSchema } from '../../api/said-schema';
import { SHOP_NAME } from '../../shop-name';
import { tables } from './models';

const DAY_MS = 86_400_000;
const days = z.number().int();
/** Pairs and all that is kept after the sale, in days before and after the day the demo is told from. */
export const keepFile = z.object({
  today: z.string(),
  pairs: z.array(
    keptPairBody
      .pick({
        name: true,
        kind: true,
        size: true,
        width: true,
        price: true,
        uses: true,
        production: true,
        season: true,
        story: true,
        maker: true,
        colour: true
      })
      .extend({
        person: z.string(),
        style: z.string().nullable(),
        ofTry: z.boolean(),
        boughtAgo: days.nullable(),
        returnIn: days.optional(),
        orderedAgo: days.optional(),
        expectedIn: days.optional(),
        habits: z.array(z.object({ ...habitSchema.shape, fromAgo: days, untilAgo: days.nullable() }).omit({ from: true, until: true })),
        life: z.array(lifeRow.omit({ id: true, by: true, on: true }).extend({ ago: days }))
      })
  ),
  events: z.array(eventFields.omit({ on: true }).extend({ person: z.string(), inDays: days })),
  appointments: z.array(appointmentFields.omit({ on: true }).extend({ person: z.string(), inDays: days })),
  wishes: z.array(wishFields.omit({ styleId: true }).extend({ person: z.string(), style: z.string().nullable() })),
  troubles: z.array(troubleFields.omit({ on: true, pairId: true }).extend({ person: z.string(), ago: days, style: z.string().nullable() })),
  looks: z.array(z.object({ person: z.string(), ago: days, found: lookedFields.shape.found })),
  said: z.array(
    saidSchema.pick({ kind: true, about: true, askedBy: true }).extend({
      person: z.string().nullable(),
      ago: days,
      title: z.string(),
      answer: z.string(),
      lines: z.array(z.tuple([z.string(), z.string()])),
      reservations: z.array(z.string())
    })
  )
});
type KeepFile = z.output<typeof keepFile>;

interface KeepAround {
  ids: ReadonlyMap<string, number>;
  today: string;
  styles: readonly (z.output<typeof styleSchema> & { maker: string })[];
  makerNames: ReadonlyMap<string, string>;
  lastNames: ReadonlyMap<string, string>;
  /** The day that the demo’s own last day has become. */
  visitsOn: number;
}
/** Pairs with their lines, what comes, wishes, troubles, looks and answers: all in days about the day the demo is opened. */
export async function insertKeep(
  t: ReturnType<typeof tables>,
  keep: KeepFile,
  { ids, today, styles, makerNames, lastNames, visitsOn }: KeepAround,
  options: { transaction: Transaction }
): Promise<void> {
  const now = dayNumber(today);
  const ago = (n: number): string => dayText(now - n);
  const agoOrNull = (n: number | null | undefined): string | null => (n === null || n === undefined ? null : ago(n));
  const at = new Date();
  const by = 'Pia L.';
  const tried = await t.TryOn.findAll({ where: { outcome: 'kept' }, ...options });
  const visits = new Map((await t.Fitting.findAll({ attributes: ['id', 'customerId', 'openedAt'], ...options })).map((f) => [f.id, f]));
  const taken = new Set<number>();
  const pairOf = new Map<string, number>();
  for (const { person, style: styleId, ofTry, boughtAgo, returnIn, orderedAgo, expectedIn, habits, life, ...rest } of keep.pairs) {
    const customerId = ids.get(person)!;
    const style = styles.find((s) => s.id === styleId);
    const own = ofTry
      ? tried.find((x) => !taken.has(x.id) && x.styleId === styleId && visits.get(x.fittingId)!.customerId === customerId && visits.get(x.fittingId)!.openedAt.toISOString().slice(0, 10) === dayText(visitsOn - boughtAgo!)) // prettier-ignore
      : undefined;
    if (own) taken.add(own.id);
    const body = keptPairBody.parse({
      ...rest,
      styleId,
      maker: rest.maker || (makerNames.get(style?.maker ?? '') ?? ''),
      last: lastNames.get(style?.last ?? '') ?? '',
      upper: style?.upper,
      colour: rest.colour || (style?.details.colour ?? ''),
      tipMm: style && wholeDetails(style.details).tipWidthMm,
      boughtOn: agoOrNull(boughtAgo),
      returnBy: returnIn === undefined ? null : ago(-returnIn),
      ordered: expectedIn !== undefined,
      orderedOn: agoOrNull(orderedAgo),
      expectedOn: expectedIn === undefined ? null : ago(-expectedIn),
      habits: habits.map(({ fromAgo, untilAgo, ...h }) => ({ ...h, from: ago(fromAgo), until: agoOrNull(untilAgo) })),
      looks: boughtAgo === null || boughtAgo > 600 ? 'nearly-done' : boughtAgo > 300 ? 'worn' : boughtAgo > 90 ? 'worn-in' : 'new'
    });
    const row = await t.Pair.create({ customerId, tryId: own?.id ?? null, styleId, name: body.name, state: 'owned', body, version: 0, updatedAt: at }, options);
    pairOf.set(`${person} ${styleId}`, row.id);
    await t.PairLife.bulkCreate(life.map(({ ago: n, what, ...more }) => ({ pairId: row.id, onDay: ago(n), what, body: more, byWhom: by, createdAt: at })), options); // prettier-ignore
  }
  const base = (person: string) => ({ customerId: ids.get(person)!, byWhom: by, version: 0, createdAt: at });
  await t.EventAhead.bulkCreate(keep.events.map(({ person, inDays, ...e }) => ({ ...base(person), onDay: ago(-inDays), body: { ...e, on: ago(-inDays) } })), options); // prettier-ignore
  await t.Appointment.bulkCreate(keep.appointments.map(({ person, inDays, ...a }) => ({ ...base(person), onDay: ago(-inDays), body: { ...a, on: ago(-inDays) } })), options); // prettier-ignore
  await t.Wish.bulkCreate(keep.wishes.map(({ person, style, ...w }) => ({ ...base(person), onDay: null, body: { ...w, styleId: style } })), options); // prettier-ignore
  await t.Trouble.bulkCreate(keep.troubles.map(({ person, ago: n, style, ...x }) => ({ ...base(person), onDay: ago(n), body: { ...x, on: ago(n), pairId: pairOf.get(`${person} ${style}`) ?? null } })), options); // prettier-ignore
  await t.FeetLooked.bulkCreate(keep.looks.map(({ person, ago: n, found }) => ({ ...base(person), onDay: ago(n), body: { on: ago(n), found, note: '' } })), options); // prettier-ignore
  await t.SaidAnswer.bulkCreate(
    keep.said.map(({ person, askedBy, ago: n, kind, about, title, answer, lines, reservations }) => {
      const saidAt = new Date(at.getTime() - n * DAY_MS);
      const card = saidCardSchema.parse({ title, answer, parts: [{ heading: 'How it adds up', lines: lines.map(([text, figure]) => ({ text, figure })) }], reservations, shop: SHOP_NAME }); // prettier-ignore
      return {
        customerId: person === null ? null : ids.get(person)!,
        askedBy,
        kind,
        question: about,
        card,
        engine: ENGINE_VERSION,
        byWhom: by,
        said: 1,
        saidAt,
        createdAt: saidAt
      };
    }),
    options
  );
  await t.DuePerson.bulkCreate([...ids.values()].map((customerId) => ({ customerId, nextOn: '', sortOn: '', stale: 1 })), options); // prettier-ignore
}
