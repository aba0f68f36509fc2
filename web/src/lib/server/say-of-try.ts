import { createHash } from 'node:crypto';
import { checkFit, ENGINE_VERSION, POINTS, readStyleSize, shoeOf, sizeText } from '@chiave/core/fit';
import { toldOf } from '@chiave/core/learn';
import type { z } from 'zod';
import type { LastRow } from '../api/rows';
import type { trySchema } from '../api/shop-schema';
import { wearOf, wornFeetOf, type FittingState } from '../fit-feet';
import type { Stock } from './heavy/stock';
import { invalid, notFound, refusing } from './problems';

/** A short stamp of something plain: two that are the same have the same one. */
const stampOf = (value: unknown): string => (value === null ? '' : createHash('sha256').update(JSON.stringify(value)).digest('base64url').slice(0, 12));
/**
 * What the engine says of a pair that is carried to the chair, as it is kept with the pair.
 * @throws Problem 404 for a style that is not there, 422 for a size outside the run, a help not for this shoe, or feet not measured
 */
export function sayOfTry({ pair, fitting }: { pair: z.infer<typeof trySchema>; fitting: FittingState }, { styles }: Stock) {
  const { styleId, size, width, put } = pair;
  const style = styles.find((s) => s.id === styleId);
  if (!style) throw notFound(`style “${styleId}”`);
  const read = readStyleSize(style, size, width);
  if ('message' in read) throw invalid([{ path: read.field, message: read.message }]);
  const feet = wornFeetOf(fitting);
  if (feet.length === 0) throw invalid([{ path: 'feet', message: 'measure the length of both feet first' }]);
  const said = refusing('put', () => checkFit(feet, shoeOf(style, read.size, read.width), wearOf(fitting), fitting.customer.flags, POINTS.opened, put));
  return {
    styleId,
    size: sizeText(style, read.size),
    width: read.width,
    putIn: put,
    verdict: said.verdict,
    probability: said.probability,
    said: said.sentence,
    engine: ENGINE_VERSION,
    told: toldOf(said),
    last: {
      lastId: style.last.id,
      lastVersion: (style.last as Partial<LastRow>).version ?? 0,
      styleVersion: style.version ?? 0,
      targets: stampOf(fitting.shopTargets),
      learned: stampOf(style.last.learned?.by ?? null)
    }
  };
}
