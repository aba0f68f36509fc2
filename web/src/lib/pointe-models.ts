import type { PointeModel } from '@chiave/core/pointe';
import type { PointeMakerBody, PointeModelRow, PointeStockFile } from './api/pointe-schema';

/** A model of the stockroom as the core takes it. A belief of its girth shifts a girth that nobody measured, never a measured one. */
export function coreModel(maker: PointeMakerBody, row: PointeModelRow): PointeModel {
  const { spec } = row;
  const girth = spec.jointGirthMm;
  const shift = row.belief && girth && girth.evidence !== 'measured' ? row.belief.mean : 0;
  return {
    id: row.id,
    name: row.name,
    maker: { id: maker.id, name: maker.name, ...maker.scale },
    base: row.base,
    perMarkMm: row.perMarkMm,
    grades: row.grades,
    usualGrade: row.usualGrade,
    lengthEvidence: row.lengthEvidence,
    quiet: row.quiet,
    spec: shift === 0 ? spec : { ...spec, jointGirthMm: { ...girth!, value: girth!.value + shift } }
  };
}
/** Every model whose maker is there. */
export const coreModels = ({ makers, models }: PointeStockFile): PointeModel[] =>
  models.flatMap((row) => {
    const maker = makers.find((m) => m.id === row.makerId);
    return maker ? [coreModel(maker, row)] : [];
  });
/** Pairs on the shelf of a size, mark and grade. */
export const onShelf = (row: PointeModelRow | undefined, size: number, mark: string, grade: string): number =>
  row?.stock.find((s) => s.size === size && s.mark === mark && s.grade === grade)?.count ?? 0;
