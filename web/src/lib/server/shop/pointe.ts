import { boxOf, boxProblems, hearAll, markProblem, scaleProblems, sizeProblem, type Beliefs, type LearnedPartId } from '@chiave/core/pointe';
import { z } from 'zod';
import { modelsOfCsv } from '../../api/pointe-exchange';
import {
  pointeModelSchema,
  BLANK_DANCER,
  type BarreBody,
  type DancerAnswer,
  type DancerBody,
  type pointeImportSchema,
  type PointeMakerBody,
  type PointeModelBody,
  type PointePairBody,
  type PointeStockFile
} from '../../api/pointe-schema';
import { coreModel } from '../../pointe-models';
import { database, tables, transacted } from '../db';
import { conflict, invalid, notFound, type FieldError } from '../problems';
import { logChange } from './changes';
import { customerOf, heldOf, heldPerson } from './customers';

/** Boxes of the stockroom and what is kept with dancers. */

/** Every maker and model that can be read. */
export async function pointeStock(): Promise<PointeStockFile> {
  const t = tables(database());
  const [makers, models] = await Promise.all([t.PointeMaker.findAll({ order: [['name', 'ASC']] }), t.PointeModel.findAll({ order: [['name', 'ASC']] })]);
  return {
    makers: makers.flatMap(({ id, name, scale, leadDays }) => (scale ? [{ id, name, scale, leadDays }] : [])),
    models: models.flatMap(({ id, makerId, name, definition, stock, price, beliefs }) =>
      definition ? [{ ...definition, id, makerId, name, stock, price, beliefs }] : []
    )
  };
}

/** What of a maker or a model cannot be, by field. */
const makerFaults = ({ scale }: PointeMakerBody, at = ''): FieldError[] =>
  scaleProblems(scale).map(({ field, words }) => ({ path: `${at}scale.${field}`, message: words }));
function modelFaults(model: PointeModelBody, maker: PointeMakerBody | undefined, at = ''): FieldError[] {
  if (!maker) return [{ path: `${at}makerId`, message: `there is no maker “${model.makerId}”; add it first` }];
  const scale = maker.scale;
  const base = [
    [`${at}base.size`, sizeProblem(scale, model.base.size)],
    [`${at}base.mark`, markProblem(scale, model.base.mark)],
    ...model.stock.flatMap(({ size, mark }, i) => [
      [`${at}stock.${i}.size`, sizeProblem(scale, size)],
      [`${at}stock.${i}.mark`, markProblem(scale, mark)]
    ])
  ].flatMap(([path, message]) => (message ? [{ path, message }] : []));
  if (base.length > 0) return base;
  const { box } = boxOf(coreModel(maker, { ...model, beliefs: {} }), model.base.size, model.base.mark);
  return boxProblems(box).map(({ field, words }) => ({ path: `${at}spec.${SPEC_PATH[field] ?? field}`, message: words }));
}
/** Fields of a box under their names in a spec. */
const SPEC_PATH: Readonly<Record<string, string>> = { 'platform.widthMm': 'platformWidthMm', 'platform.depthMm': 'platformDepthMm', 'shank.bend': 'bend' };

/** Keeps a maker, new or changed. @throws Problem 422 */
export async function keepPointeMaker(maker: PointeMakerBody): Promise<{ id: string }> {
  const faults = makerFaults(maker);
  if (faults.length > 0) throw invalid(faults);
  await tables(database()).PointeMaker.upsert(maker);
  return { id: maker.id };
}
/** Keeps a model, new or changed. @throws Problem 422 */
export async function keepPointeModel(model: PointeModelBody): Promise<{ id: string }> {
  const { makers } = await pointeStock();
  const faults = modelFaults(
    model,
    makers.find((m) => m.id === model.makerId)
  );
  if (faults.length > 0) throw invalid(faults);
  await writeModel(model, model.stock);
  return { id: model.id };
}
/** @param stock what stands on the shelf; left out, it stays as it was */
async function writeModel({ id, makerId, name, price, stock: _sent, ...definition }: PointeModelBody, stock?: PointeModelBody['stock']): Promise<void> {
  const t = tables(database());
  const kept = await t.PointeModel.findByPk(id);
  if (kept) await kept.update({ makerId, name, stock: stock ?? kept.stock, price, definition });
  else await t.PointeModel.create({ id, makerId, name, stock: stock ?? [], price, definition, beliefs: {} });
}
/** Takes a model away. @throws Problem 404 */
export async function removePointeModel(id: string): Promise<void> {
  if ((await tables(database()).PointeModel.destroy({ where: { id } })) === 0) throw notFound(`model “${id}”`);
}

/** Reads a file of makers and models, or rows of models. Nothing is written unless all of it can be. @throws Problem 422 naming row and field */
export async function importPointe({
  makers,
  models: sent,
  csv,
  dryRun
}: z.infer<typeof pointeImportSchema>): Promise<{ makers: number; models: number; dryRun: boolean }> {
  const models = csv === undefined ? sent : rowsOf(csv);
  const known = [...makers, ...(await pointeStock()).makers.filter((m) => !makers.some((own) => own.id === m.id))];
  const faults = [
    ...makers.flatMap((maker, i) => makerFaults(maker, `makers.${i}.`)),
    ...models.flatMap((model, i) => modelFaults(model, known.find((m) => m.id === model.makerId), `models.${i}.`)) // prettier-ignore
  ];
  if (faults.length > 0) throw invalid(faults);
  if (!dryRun)
    await transacted(async () => {
      for (const maker of makers) await tables(database()).PointeMaker.upsert(maker);
      // Rows of a CSV say nothing of the shelf.
      for (const model of models) await writeModel(model, csv === undefined ? model.stock : undefined);
    });
  return { makers: makers.length, models: models.length, dryRun };
}
function rowsOf(csv: string): PointeModelBody[] {
  const { bodies, missing } = modelsOfCsv(csv);
  if (missing.length > 0) throw invalid([{ path: 'csv', message: `the first line lacks ${missing.join(', ')}` }]);
  const read = z.array(pointeModelSchema).safeParse(bodies);
  if (!read.success) throw invalid(read.error.issues.map((i) => ({ path: `models.${i.path.join('.')}`, message: i.message })));
  return read.data;
}

/** What is kept of a dancer. @throws Problem 404 */
export async function dancerOf(customerId: number): Promise<DancerAnswer> {
  await customerOf(customerId);
  const t = tables(database());
  const where = { where: { customerId } };
  const [dancer, pairs, barre] = await Promise.all([
    t.PointeDancer.findOne(where),
    t.PointePair.findAll({ ...where, order: [['id', 'DESC']] }),
    t.PointeBarre.findAll({ ...where, order: [['id', 'DESC']], limit: 50 })
  ]);
  return {
    dancer: dancer?.asked ?? BLANK_DANCER,
    version: dancer?.version ?? 0,
    pairs: pairs.flatMap(({ id, pair, version }) => (pair ? [{ ...pair, id: Number(id), version }] : [])),
    barre: barre.flatMap(({ seen, createdAt }) => (seen ? [{ ...seen, at: createdAt.toISOString() }] : []))
  };
}
/** Keeps what was asked of a dancer. @throws Problem 404, 409, 410 */
export async function keepDancer(customerId: number, { version, ...asked }: DancerBody & { version?: number }, by: string): Promise<{ version: number }> {
  return transacted(async (transaction) => {
    await heldPerson(customerId, transaction, 'share');
    const t = tables(database());
    const row = await t.PointeDancer.findByPk(customerId, { transaction, lock: transaction.LOCK.UPDATE });
    const before = row?.version ?? 0;
    if (version !== undefined && version !== before) throw conflict('what was asked of this dancer', version, before);
    const now = { asked, version: before + 1, updatedAt: new Date() };
    if (row) await row.update(now, { transaction });
    else await t.PointeDancer.create({ customerId, ...now }, { transaction });
    // Weight and health stay out of the record of changes.
    await logChange({ by, customerId, what: 'pointe: what was asked', changed: {} }, transaction);
    return { version: before + 1 };
  });
}

/** Keeps a pair with a dancer. @throws Problem 404, 410 */
export async function addPair(customerId: number, pair: PointePairBody, by: string): Promise<{ id: number; version: number }> {
  return transacted(async (transaction) => {
    await heldPerson(customerId, transaction, 'share');
    const row = await tables(database()).PointePair.create({ customerId, pair, version: 0, updatedAt: new Date() }, { transaction });
    await logChange({ by, customerId, what: 'pointe pair', changed: { left: pair.left.modelId, right: pair.right.modelId } }, transaction);
    return { id: Number(row.id), version: 0 };
  });
}
/** Changes a kept pair: hours danced, how it died. @throws Problem 404, 409, 410 */
export async function changePair(
  id: number,
  { version, ...pair }: PointePairBody & { version?: number },
  by: string
): Promise<{ id: number; version: number }> {
  return transacted(async (transaction) => {
    const row = await heldOf(tables(database()).PointePair, id, 'pair', transaction, version);
    const next = row.version + 1;
    await row.update({ pair, version: next, updatedAt: new Date() }, { transaction });
    await logChange({ by, customerId: row.customerId, what: `pointe pair ${id}`, changed: { hours: pair.hours, died: pair.died } }, transaction);
    return { id, version: next };
  });
}
/** Takes a pair away. @throws Problem 404, 410 */
export async function removePair(id: number, by: string): Promise<void> {
  await transacted(async (transaction) => {
    const row = await heldOf(tables(database()).PointePair, id, 'pair', transaction);
    await row.destroy({ transaction });
    await logChange({ by, customerId: row.customerId, what: 'pointe pair taken away', changed: {} }, transaction);
  });
}

/** Keeps what was seen at the barre, and lets what is believed of the model learn from it. @throws Problem 404, 410 */
export async function keepBarre(customerId: number, seen: BarreBody, by: string): Promise<{ beliefs: Beliefs; taught: LearnedPartId[] }> {
  return transacted(async (transaction) => {
    await heldPerson(customerId, transaction, 'share');
    const t = tables(database());
    const model = await t.PointeModel.findByPk(seen.shoe.modelId, { transaction, lock: transaction.LOCK.UPDATE });
    if (!model) throw notFound(`model “${seen.shoe.modelId}”`);
    const heard = hearAll(model.beliefs, seen.answers, seen.expected);
    await model.update({ beliefs: heard.beliefs }, { transaction });
    await t.PointeBarre.create({ customerId, seen, createdAt: new Date() }, { transaction });
    await logChange({ by, customerId, what: 'at the barre', changed: { model: seen.shoe.modelId } }, transaction);
    return heard;
  });
}
