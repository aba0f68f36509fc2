import type { Style } from '@chiave/core/fit';
import type { Last } from '@chiave/core/last';
import { database, fromJson, tables } from '../db';
import { notFound } from '../problems';

type Columns = Record<string, unknown>;
const plain = (rows: { get: (o: { plain: true }) => unknown }[]): Columns[] => rows.map((r) => r.get({ plain: true }) as Columns);

/** The stockroom as the fit engine takes it: every style with its last, scale, run and what is on the shelf. */
export async function allStyles(): Promise<Style[]> {
  const t = tables(database());
  const [makers, lasts, styles, stock] = (
    await Promise.all([t.Maker.findAll(), t.Last.findAll(), t.Style.findAll({ order: [['id', 'ASC']] }), t.Stock.findAll()])
  ).map(plain);
  const makerOf = new Map(makers.map((m) => [m.id as string, m]));
  const lastOf = new Map(
    lasts.map((l) => [l.id as string, { id: l.id, maker: l.makerId, name: l.name, family: l.family, ...fromJson<object>(l.definition) } as unknown as Last])
  );
  const counts = new Map<string, Record<string, number>>();
  for (const { styleId, size, width, count } of stock) {
    const own = counts.get(styleId as string) ?? {};
    own[`${size}|${width}`] = count as number;
    counts.set(styleId as string, own);
  }
  return styles.map((s) => {
    const maker = makerOf.get(s.makerId as string)!;
    return {
      id: s.id,
      name: s.name,
      maker: { id: maker.id, name: maker.name },
      last: lastOf.get(s.lastId as string)!,
      kind: s.kind,
      forWhom: s.forWhom,
      scale: s.scale,
      school: s.school,
      step: s.step,
      from: s.sizeFrom,
      to: s.sizeTo,
      widths: fromJson<string[]>(s.widths),
      letters: fromJson<string[]>(maker.letters),
      upper: s.upper,
      closure: s.closure,
      soleStiffness: s.soleStiffness,
      heelHeightMm: s.heelHeightMm,
      platformMm: s.platformMm,
      removableInsoleMm: s.removableInsoleMm,
      toeStructure: s.toeStructure,
      stock: counts.get(s.id as string) ?? {}
    } as Style;
  });
}

/** One style. @throws Problem 404 */
export async function styleOf(id: string): Promise<Style> {
  const style = (await allStyles()).find((s) => s.id === id);
  if (!style) throw notFound(`style “${id}”`);
  return style;
}
