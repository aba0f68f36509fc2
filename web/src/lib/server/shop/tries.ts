import { ENGINE_VERSION, POINTS, checkFit, nothingIn, readStyleSize, shoeOf, sizeText, type FlagId } from '@chiave/core/fit';
import type { z } from 'zod';
import type { tryPatchSchema, trySchema } from '../../api/shop-schema';
import { wearOf, wornFeetOf } from '../../fit-feet';
import { database, tables } from '../db';
import { invalid, notFound, refusing } from '../problems';
import { fittingOf, tryOf, type TryRow } from './fittings';
import { styleOf } from './stockroom';

/** Carries a pair to the chair: kept with what the engine said of it at the time. @throws Problem 404, 422 for a size outside the run or a help that is not for this shoe */
export async function addTry(fittingId: number, { styleId, size, width, put }: z.infer<typeof trySchema>): Promise<TryRow> {
  const fitting = await fittingOf(fittingId);
  const style = await styleOf(styleId);
  const read = readStyleSize(style, size, width);
  if ('message' in read) throw invalid([{ path: read.field, message: read.message }]);
  const feet = wornFeetOf(fitting);
  if (feet.length === 0) throw invalid([{ path: 'feet', message: 'measure the length of both feet first' }]);
  const wear = wearOf(fitting);
  const said = refusing('put', () => checkFit(feet, shoeOf(style, read.size, read.width), wear, fitting.customer.flags as FlagId[], POINTS.opened, put));
  const row = await tables(database()).TryOn.create({
    fittingId,
    styleId,
    size: sizeText(style, read.size),
    width: read.width,
    putIn: nothingIn(put) ? null : put,
    felt: { left: {}, right: {} },
    outcome: 'open',
    why: '',
    verdict: said.verdict,
    probability: said.probability,
    said: said.sentence,
    engine: ENGINE_VERSION,
    createdAt: new Date()
  });
  return tryOf(row.get({ plain: true }) as Record<string, unknown>);
}

/** Notes what was felt, what became of it and why. @throws Problem 404 */
export async function saveTry(id: number, patch: z.infer<typeof tryPatchSchema>): Promise<void> {
  const t = tables(database());
  await database().transaction(async (transaction) => {
    const row = await t.TryOn.findByPk(id, { transaction });
    if (!row) throw notFound(`pair tried ${id}`);
    await row.update(patch, { transaction });
    await t.Fitting.update({ updatedAt: new Date() }, { where: { id: row.get('fittingId') as number }, transaction });
  });
}

/** Takes a pair off the list again. @throws Problem 404 */
export async function removeTry(id: number): Promise<void> {
  if ((await tables(database()).TryOn.destroy({ where: { id } })) === 0) throw notFound(`pair tried ${id}`);
}
