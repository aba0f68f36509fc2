import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Sequelize } from 'sequelize';
import { tables } from './models';

// prettier-ignore
interface DemoMaker { id: string; name: string; note: string; letters: string[] }
// prettier-ignore
interface DemoLast { id: string; maker: string; name: string; family: string; [rest: string]: unknown }
// prettier-ignore
interface DemoStyle {
  id: string; maker: string; last: string; name: string; kind: string; forWhom: string; scale: string; school: string; step: number; from: number; to: number;
  widths: string[]; upper: string; closure: string; soleStiffness: number; heelHeightMm: number; platformMm: number; removableInsoleMm: number;
  toeStructure: string; details?: object; stock: Record<string, number>;
}
// prettier-ignore
interface DemoReading {
  last: string; size: number; width: string; side: string; who: string; takenOn: string; lengthMm: number; ballMm: number; narrowMm: number; heelMm: number;
  ballGirthMm: number | null; note: string;
}
// prettier-ignore
interface DemoPerson { id: string; name: string; born: number; work: string; story: string; group: string; flags: string[] }
// prettier-ignore
interface DemoFoot { values: Record<string, number>; toeShape: string; archType: string; bunionMm?: number; hammerToeMm?: number; ankleReachDeg?: number }
// prettier-ignore
interface DemoFitting {
  person: string; openedAt: string; purpose: string; kinds: string[]; sockMm: number; preference: string; measuredAt: string;
  feet: Record<'left' | 'right', DemoFoot>;
  tries: { style: string; size: string; width: string; felt: unknown; outcome: string; why: string; verdict: string; probability: number; engine: string }[];
}

const read = <T>(folder: string, name: string): T[] => JSON.parse(readFileSync(join(folder, `${name}.json`), 'utf8')) as T[];

/**
 * Loads the demo scenario once: does nothing when there are makers already.
 * @param folder where the open files lie
 * @returns how much was loaded, or null when the database had content
 */
export async function loadDemo(sequelize: Sequelize, folder: string): Promise<string | null> {
  const t = tables(sequelize);
  if ((await t.Maker.count()) > 0) return null;
  const makers = read<DemoMaker>(folder, 'makers');
  const lasts = read<DemoLast>(folder, 'lasts');
  const styles = read<DemoStyle>(folder, 'styles');
  const people = read<DemoPerson>(folder, 'people');
  const fittings = read<DemoFitting>(folder, 'fittings');
  const readings = read<DemoReading>(folder, 'readings');
  await sequelize.transaction(async (transaction) => {
    const insert = { transaction };
    await t.Maker.bulkCreate(makers as never[], insert);
    await t.Last.bulkCreate(
      lasts.map(({ id, maker, name, family, ...definition }) => ({ id, makerId: maker, name, family, definition })),
      insert
    );
    await t.Style.bulkCreate(
      styles.map(({ maker, last, from, to, stock: _stock, ...style }) => ({ ...style, makerId: maker, lastId: last, sizeFrom: from, sizeTo: to })),
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
      const row = await t.Customer.create({ ...person, fitsAs: group, createdAt: new Date(fittings.find((f) => f.person === id)?.openedAt ?? 0) }, insert);
      ids.set(id, Number(row.get('id')));
    }
    for (const fitting of fittings) await insertFitting(t, fitting, ids.get(fitting.person)!, insert);
  });
  return `${makers.length} makers, ${lasts.length} lasts, ${styles.length} styles, ${people.length} people, ${fittings.length} fittings`;
}

async function insertFitting(t: ReturnType<typeof tables>, fitting: DemoFitting, customerId: number, insert: { transaction: never | unknown }): Promise<void> {
  const options = insert as { transaction: never };
  const openedAt = new Date(fitting.openedAt);
  const { purpose, kinds, sockMm, preference, measuredAt } = fitting;
  const row = await t.Fitting.create({ customerId, openedAt, updatedAt: openedAt, purpose, kinds, sockMm, preference, measuredAt, looked: {} }, options);
  const fittingId = Number(row.get('id'));
  for (const side of ['left', 'right'] as const) {
    const { values, ...features } = fitting.feet[side];
    await t.FootMeasure.bulkCreate(
      Object.entries(values).map(([field, mm]) => ({ fittingId, side, field, mm, how: 'tape', typed: `${mm} mm` })),
      options
    );
    await t.FootFeature.create({ fittingId, side, ...features }, options);
  }
  await t.TryOn.bulkCreate(
    fitting.tries.map(({ style, ...rest }) => ({ ...rest, fittingId, styleId: style, said: '', createdAt: openedAt })),
    options
  );
}
