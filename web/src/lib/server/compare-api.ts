import { compareShoes, insideMeasures, overlayDistance, type ComparedShoe } from '@chiave/core/compare';
import type { Style } from '@chiave/core/fit';
import type { Last } from '@chiave/core/last';
import type { z } from 'zod';
import type { Matrix } from '../api/answers';
import type { compareLastsSchema, compareSizeSchema, MakerBody, matrixSchema } from '../api/stock-schema';
import { comparables, planOfFoot, shoeAt, sizeThere, type Comparable } from '../compare-shoes';
import { notFound, refusing } from './problems';

const round = (n: number): number | null => (Number.isFinite(n) ? Math.round(n * 100) / 100 : null);

/** What of the stockroom the comparisons read. */
export interface ComparedStock {
  lasts: readonly Last[];
  styles: readonly Style[];
  makers: readonly MakerBody[];
}

function finder({ lasts, styles, makers }: ComparedStock): (id: string) => Comparable {
  const byKey = new Map(comparables(lasts, styles, makers).map((c) => [c.key, c]));
  return (id) => {
    const found = byKey.get(`last:${id}`) ?? byKey.get(`style:${id}`);
    if (!found) throw notFound(`last or style “${id}”`);
    return found;
  };
}

/** `POST /compare/lasts`: two to four insides laid over the first. */
export function compareLasts(body: z.infer<typeof compareLastsSchema>, stock: ComparedStock) {
  const find = finder(stock);
  const chosen = body.lasts.map((l) => ({ ...l, of: find(l.last) }));
  const [first] = chosen;
  const footMm = body.footMm ?? body.foot?.lengthMm ?? first.of.last.base.forFootMm;
  const shoes: ComparedShoe[] = chosen.map((c, i) =>
    refusing(`lasts.${i}`, () => {
      if (body.by === 'foot') return shoeAt(c.of, { by: 'foot', footMm, width: c.width });
      const size = body.by === 'label' ? (first.size ?? first.of.last.base.size) : (c.size ?? c.of.last.base.size);
      return shoeAt(c.of, { by: 'size', size, width: c.width });
    })
  );
  const foot = body.foot ? planOfFoot(body.foot) : null;
  return {
    by: body.by,
    at: body.at,
    shoes: shoes.map((s, i) => ({
      last: chosen[i].of.last.id,
      name: s.name,
      measures: Object.fromEntries(Object.entries(insideMeasures(s, foot)).map(([id, v]) => [id, round(v)]))
    })),
    against: shoes.slice(1).map((s) => {
      const { alike, differ, sentences } = compareShoes(shoes[0], s, foot);
      const out = (d: (typeof differ)[number]) => ({ id: d.measure.id, name: d.measure.name, unit: d.measure.unit, by: round(d.by), words: d.words });
      return { name: s.name, distanceMm: round(overlayDistance(shoes[0], s, body.at)), alike: alike.map(out), differ: differ.map(out), words: sentences };
    })
  };
}

/** `POST /compare/size`: which size of others feels like a size of one. */
export function compareSize(body: z.infer<typeof compareSizeSchema>, stock: ComparedStock) {
  const find = finder(stock);
  const from = find(body.from.last);
  const foot = body.foot ? planOfFoot(body.foot) : null;
  return {
    from: { last: from.last.id, name: from.name, size: body.from.size, width: body.from.width ?? from.last.base.width },
    to: body.to.map((id, i) => {
      const to = find(id);
      const { equivalent, width, label, roundedBy } = refusing(`to.${i}`, () =>
        sizeThere(from, { by: 'size', size: body.from.size, width: body.from.width }, to, foot, body.weights)
      );
      return {
        last: to.last.id,
        name: to.name,
        scale: to.scale,
        size: label,
        width,
        exact: round(equivalent.exact),
        roundedBySizes: round(roundedBy),
        footMm: round(equivalent.footMm),
        offMm: round(equivalent.offMm),
        residual: equivalent.residual.map((r) => ({ id: r.id, mm: round(r.mm), words: r.words }))
      };
    })
  };
}

/** Which size of each last feels like the size that fits a foot in each other. */
export function matrixOf({ name, lasts, footMm }: z.infer<typeof matrixSchema>, stock: ComparedStock): Matrix {
  const find = finder(stock);
  const chosen = lasts.map(find);
  const sizeOf = (c: Comparable): number => {
    const exact = c.last.base.size + (footMm - c.last.base.forFootMm) / c.last.grade.lengthPerSizeMm;
    return c.last.grade.halves === 'width-only' ? Math.round(exact) : Math.round(2 * exact) / 2;
  };
  const cell = (from: Comparable, to: Comparable): Matrix['cells'][number][number] => {
    if (from === to) return null;
    try {
      const there = sizeThere(from, { by: 'size', size: sizeOf(from) }, to, null);
      return { label: there.label, width: there.width, offMm: there.equivalent.offMm, words: there.equivalent.residual[0].words };
    } catch (error) {
      if (error instanceof RangeError) return null;
      throw error;
    }
  };
  return {
    name,
    footMm,
    lasts: chosen.map((c) => ({ id: c.last.id, name: c.name, size: String(sizeOf(c)), scale: c.scale })),
    cells: chosen.map((from) => chosen.map((to) => cell(from, to)))
  };
}
