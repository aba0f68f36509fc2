import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { FLAG_IDS, KIND_IDS, PREFERENCES } from '@chiave/core/fit';
import { hearAll, type Beliefs } from '@chiave/core/pointe';
import { GROUNDS } from '@chiave/core/heel';
import { ARCH_TYPES, FITS_AS, FOOT_TOE_SHAPES, SIDES } from '@chiave/core/measure';
import type { Sequelize, Transaction } from 'sequelize';
import { z } from 'zod';
import { dayNumber, dayText } from '@chiave/core/keep';
import { reasonSchema, toldSchema } from '../../api/chair-schema';
import { TAKEN_IDS } from '../../api/foot-schema';
import { INSTRUMENT_WAYS } from '../../api/instrument-schema';
import { tryRow } from '../../api/rows';
import { lastSchema, makerSchema, readingFields, styleSchema, wholeDetails } from '../../api/stock-schema';
import { tracingSchema } from '../../api/shop-schema';
import { BLANK_USE_ASKED, useAskedSchema, type UseAsked } from '../../api/use-schema';
import { barreSchema, dancerSchema, pointeMakerSchema, pointeModelSchema, pointePairSchema } from '../../api/pointe-schema';
import { idOf } from '../../api/values';
import { definitionSchema } from './models/pointe';
import { insertKeep, keepFile } from './demo-keep';
import { tables } from './models';

const foot = z.object({
  values: z.partialRecord(z.enum(TAKEN_IDS), z.number()),
  toeShape: z.enum(FOOT_TOE_SHAPES),
  archType: z.enum(ARCH_TYPES),
  bunionMm: z.number().default(0),
  hammerToeMm: z.number().default(0),
  hammerToe: z.number().nullable().default(null),
  ankleReachDeg: z.number().nullable().default(null)
});

const demoTry = tryRow
  .pick({ size: true, width: true, felt: true, outcome: true, why: true, verdict: true, probability: true, engine: true })
  .extend({ style: z.string(), by: z.string().default(''), reason: reasonSchema.optional(), told: toldSchema.optional() });

/** What the open files of the demo say, read by the schemas that everything else is read by. */
const files = {
  makers: makerSchema,
  lasts: lastSchema,
  styles: styleSchema.and(z.object({ maker: z.string() })),
  readings: readingFields.extend({ last: z.string() }),
  people: z.object({
    id: z.string(),
    name: z.string(),
    born: z.number(),
    work: z.string(),
    story: z.string(),
    group: z.enum(FITS_AS),
    flags: z.array(z.enum(FLAG_IDS))
  }),
  fittings: z.object({
    person: z.string(),
    openedAt: z.string(),
    purpose: z.string(),
    kinds: z.array(z.enum(KIND_IDS)),
    sockMm: z.number(),
    preference: z.enum(PREFERENCES),
    ground: z.enum(['', ...GROUNDS.map((g) => g.id)]),
    measuredAt: z.string(),
    use: useAskedSchema.extend({ weightKg: z.number().optional() }).optional(),
    feet: z.object({ left: foot, right: foot }),
    tries: z.array(demoTry)
  }),
  traced: tracingSchema.and(z.object({ person: z.string() })),
  compared: z.object({
    person: z.string(),
    side: z.enum(SIDES),
    field: z.enum(TAKEN_IDS),
    how: z.enum(idOf(INSTRUMENT_WAYS)),
    by: z.string(),
    mm: z.number(),
    daysAgo: z.number().int()
  }),
  past: z.object({
    openedAt: z.string(),
    kinds: z.array(z.enum(KIND_IDS)),
    preference: z.enum(PREFERENCES),
    by: z.string(),
    feet: z.record(z.enum(SIDES), z.partialRecord(z.enum(TAKEN_IDS), z.number())),
    tries: z.array(demoTry)
  })
};
const pointeFile = z.object({
  makers: z.array(pointeMakerSchema),
  models: z.array(pointeModelSchema),
  dancers: z.array(
    z.object({ person: z.string(), asked: dancerSchema, pairs: z.array(pointePairSchema), barre: z.array(barreSchema.extend({ at: z.string() })) })
  )
});
const read = <S extends z.ZodType>(folder: string, name: string, row: S): z.output<S>[] =>
  z.array(row).parse(JSON.parse(readFileSync(join(folder, `${name}.json`), 'utf8')));

/**
 * Loads the demo scenario once: does nothing when there are makers already.
 * @param folder where the open files lie
 * @returns how much was loaded, or null when the database had content
 */
export async function loadDemo(sequelize: Sequelize, folder: string): Promise<string | null> {
  const t = tables(sequelize);
  if ((await t.Maker.count()) > 0) return null;
  const keep = keepFile.parse(JSON.parse(readFileSync(join(folder, 'keep.json'), 'utf8')));
  const today = dayText(Math.floor(Date.now() / DAY_MS));
  const told = read(folder, 'fittings', files.fittings);
  // The demo is told from the day it is opened: everything in it moves by whole days, and no visit lies in hours to come.
  const by = Math.floor((Date.now() - lastOpened(told).getTime()) / DAY_MS);
  const move = moves(by);
  const makers = read(folder, 'makers', files.makers);
  const lasts = read(folder, 'lasts', files.lasts);
  const styles = read(folder, 'styles', files.styles);
  const people = read(folder, 'people', files.people);
  const fittings = told.map((f) => ({ ...f, openedAt: move.moment(f.openedAt) }));
  const past = read(folder, 'past', files.past).map((p) => ({ ...p, openedAt: move.moment(p.openedAt) }));
  const readings = read(folder, 'readings', files.readings);
  const pointe = pointeOn(move, pointeFile.parse(JSON.parse(readFileSync(join(folder, 'pointe.json'), 'utf8'))));
  await sequelize.transaction(async (transaction) => {
    const insert = { transaction };
    await t.Maker.bulkCreate(makers, insert);
    await t.Last.bulkCreate(
      lasts.map(({ id, maker, name, family, ...definition }) => ({ id, makerId: maker, name, family, definition })),
      insert
    );
    await t.Style.bulkCreate(
      styles.map(({ maker, last, from, to, stock: _stock, details, ...style }) => ({
        ...style,
        details: wholeDetails(details),
        makerId: maker,
        lastId: last,
        sizeFrom: from,
        sizeTo: to
      })),
      insert
    );
    await t.Stock.bulkCreate(
      styles.flatMap((style) =>
        Object.entries(style.stock).map(([key, count]) => ({ styleId: style.id, size: key.split('|')[0], width: key.split('|')[1], count }))
      ),
      insert
    );
    await t.InsideReading.bulkCreate(
      readings.map(({ last, ...rest }) => ({ ...rest, lastId: last, createdAt: new Date(rest.takenOn) })),
      insert
    );
    const ids = new Map<string, number>();
    for (const { id, group, ...person } of people) {
      const row = await t.Customer.create(
        { ...person, fitsAs: group, consentNote: '', createdAt: new Date(fittings.find((f) => f.person === id)?.openedAt ?? 0) },
        insert
      );
      ids.set(id, row.id);
    }
    const lastOf = new Map(styles.map((s) => [s.id, s.last]));
    for (const fitting of fittings) await insertFitting(t, fitting, { customerId: ids.get(fitting.person)!, lastOf }, insert);
    await insertTraced(t, read(folder, 'traced', files.traced), ids, insert);
    await insertCompared(t, read(folder, 'compared', files.compared), ids, insert);
    await insertPast(t, past, lastOf, insert);
    await insertPointe(t, pointe, { ids, at: lastOpened(fittings) }, insert);
    await insertKeep(t, keep, { ids, today, styles, makerNames: namesOf(makers), lastNames: namesOf(lasts), visitsOn: dayNumber(keep.today) + by }, insert);
  });
  return `${makers.length} makers, ${lasts.length} lasts, ${styles.length} styles, ${people.length} people, ${fittings.length} fittings`;
}

/** Outlines of feet, each kept with the last visit of its person. */
async function insertTraced(
  t: ReturnType<typeof tables>,
  traced: readonly z.output<typeof files.traced>[],
  ids: ReadonlyMap<string, number>,
  options: { transaction: Transaction }
): Promise<void> {
  for (const { person, file: _none, ...tracing } of traced) {
    const visit = await t.Fitting.findOne({ where: { customerId: ids.get(person)! }, order: [['openedAt', 'DESC']], ...options });
    await t.Tracing.create({ ...tracing, fittingId: visit!.id, createdAt: visit!.openedAt }, options);
  }
}

/** What instruments read of the same feet, each with the last visit of its person. */
async function insertCompared(
  t: ReturnType<typeof tables>,
  compared: readonly z.output<typeof files.compared>[],
  ids: ReadonlyMap<string, number>,
  options: { transaction: Transaction }
): Promise<void> {
  const visits = await t.Fitting.findAll({ attributes: ['id', 'customerId'], order: [['openedAt', 'ASC']], ...options });
  const lastOf = new Map(visits.map((v) => [v.customerId, v.id]));
  const rows = compared.map(({ person, by, daysAgo, ...reading }) => ({
    ...reading,
    fittingId: lastOf.get(ids.get(person)!)!,
    takenBy: by,
    takenAt: new Date(Date.now() - daysAgo * DAY_MS),
    under: 'standing' as const,
    sockMm: 0
  }));
  await t.InstrumentReading.bulkCreate(rows, options);
}

const DAY_MS = 86_400_000;
interface Moves {
  moment: (iso: string) => string;
  /** A day, or nothing. */
  day: (day: string) => string;
}
const moves = (by: number): Moves => ({
  moment: (iso) => new Date(Date.parse(iso) + by * DAY_MS).toISOString(),
  day: (day) => (day === '' ? '' : dayText(dayNumber(day) + by))
});
const pointeOn = (move: Moves, file: z.output<typeof pointeFile>): z.output<typeof pointeFile> => ({
  ...file,
  dancers: file.dancers.map((d) => ({
    ...d,
    pairs: d.pairs.map((p) => ({ ...p, orderedOn: move.day(p.orderedOn), begunOn: move.day(p.begunOn) })),
    barre: d.barre.map((b) => ({ ...b, at: move.day(b.at) }))
  }))
});

const namesOf = (rows: readonly { id: string; name: string }[]): ReadonlyMap<string, string> => new Map(rows.map((r) => [r.id, r.name]));
/** The demo's own last day: every start gives the same demo. */
const lastOpened = (fittings: readonly { openedAt: string }[]): Date => new Date(Math.max(...fittings.map((f) => Date.parse(f.openedAt))));
/** What the demo's answers at the barre taught of a model. */
const taughtBy = (file: z.output<typeof pointeFile>, modelId: string): Beliefs =>
  file.dancers
    .flatMap((d) => d.barre)
    .filter((seen) => seen.shoe.modelId === modelId)
    .reduce((beliefs: Beliefs, { answers, expected }) => hearAll(beliefs, answers, expected).beliefs, {});

async function insertPointe(
  t: ReturnType<typeof tables>,
  file: z.output<typeof pointeFile>,
  { ids, at }: { ids: ReadonlyMap<string, number>; at: Date },
  options: { transaction: Transaction }
): Promise<void> {
  await t.PointeMaker.bulkCreate(file.makers, options);
  await t.PointeModel.bulkCreate(
    file.models.map(({ id, makerId, name, price, stock, ...definition }) => ({
      id,
      makerId,
      name,
      price,
      stock,
      definition: definitionSchema.parse(definition),
      beliefs: taughtBy(file, id)
    })),
    options
  );
  for (const { person, asked, pairs, barre } of file.dancers) {
    const customerId = ids.get(person)!;
    await t.PointeDancer.create({ customerId, asked, version: 0, updatedAt: at }, options);
    await t.PointePair.bulkCreate(pairs.map((pair) => ({ customerId, pair, version: 0, updatedAt: at })), options); // prettier-ignore
    await t.PointeBarre.bulkCreate(barre.map(({ at: on, ...seen }) => ({ customerId, seen, createdAt: new Date(on) })), options); // prettier-ignore
  }
}

async function insertFitting(
  t: ReturnType<typeof tables>,
  fitting: z.output<typeof files.fittings>,
  { customerId, lastOf }: { customerId: number; lastOf: ReadonlyMap<string, string> },
  options: { transaction: Transaction }
): Promise<void> {
  const openedAt = new Date(fitting.openedAt);
  const { purpose, kinds, sockMm, preference, ground, measuredAt } = fitting;
  const { weightKg = null, ...use }: UseAsked & { weightKg?: number | null } = fitting.use ?? BLANK_USE_ASKED;
  const row = await t.Fitting.create(
    { customerId, openedAt, updatedAt: openedAt, purpose, kinds, sockMm, preference, ground, measuredAt, looked: {}, use, weightKg, feetWeightKg: weightKg },
    options
  );
  const fittingId = row.id;
  for (const side of SIDES) {
    const { values, ...features } = fitting.feet[side];
    await t.FootMeasure.bulkCreate(
      Object.entries(values).map(([field, mm]) => ({ fittingId, side, field, mm, how: 'tape' as const, typed: `${mm} mm` })),
      options
    );
    await t.FootFeature.create({ fittingId, side, ...features, posture: null, print: null }, options);
  }
  await t.TryOn.bulkCreate(
    fitting.tries.map((tried) => triedRow(tried, { fittingId, at: openedAt, by: tried.by, sockMm }, lastOf)),
    options
  );
}
/** A pair tried, with what it was tried with. */
function triedRow(
  { style, by: _by, ...rest }: z.output<typeof demoTry>,
  { fittingId, at, by, sockMm }: { fittingId: number; at: Date; by: string; sockMm: number },
  lastOf: ReadonlyMap<string, string>
) {
  const triedWith = { by, feetVersion: 0, lastId: lastOf.get(style) ?? '', lastVersion: 0, styleVersion: 0, sockMm, insertMm: 0, targets: '', learned: '' };
  return { ...rest, fittingId, styleId: style, said: '', createdAt: at, triedWith };
}

/** People of the years before, who have no name any more: everything of one kind goes in at once, by numbers given beforehand. */
async function insertPast(
  t: ReturnType<typeof tables>,
  past: readonly z.output<typeof files.past>[],
  lastOf: ReadonlyMap<string, string>,
  options: { transaction: Transaction }
): Promise<void> {
  const [lastPerson, lastFitting] = await Promise.all([t.Customer.max('id', options), t.Fitting.max('id', options)]);
  const at = past.map((visit, i) => ({
    ...visit,
    customerId: Number(lastPerson ?? 0) + i + 1,
    id: Number(lastFitting ?? 0) + i + 1,
    at: new Date(visit.openedAt)
  }));
  await t.Customer.bulkCreate(at.map((v) => ({ id: v.customerId, name: 'erased', born: null, work: '', story: null, fitsAs: FITS_AS[0], flags: [], createdAt: v.at, erasedAt: v.at, consentNote: '' })), options); // prettier-ignore
  await t.Fitting.bulkCreate(at.map((v) => ({ id: v.id, customerId: v.customerId, openedAt: v.at, updatedAt: v.at, purpose: '', kinds: v.kinds, preference: v.preference, looked: {} })), options); // prettier-ignore
  await t.FootMeasure.bulkCreate(at.flatMap((v) => SIDES.flatMap((side) => Object.entries(v.feet[side]).map(([field, mm]) => ({ fittingId: v.id, side, field, mm, how: 'tape' as const, typed: '' })))), options); // prettier-ignore
  await t.TryOn.bulkCreate(at.flatMap((v) => v.tries.map((tried) => triedRow(tried, { fittingId: v.id, at: v.at, by: v.by, sockMm: 0 }, lastOf))), options); // prettier-ignore
}
