import { asBelieved, type PointeModel } from '@chiave/core/pointe';
import type { PointeMakerBody, PointeModelRow, PointeStockFile } from './api/pointe-schema';

/** A model of the stockroom as the core takes it, moved by what the barre taught of it. */
export const coreModel = (maker: PointeMakerBody, row: PointeModelRow): PointeModel =>
  asBelieved(
    {
      id: row.id,
      name: row.name,
      maker: { id: maker.id, name: maker.name, ...maker.scale },
      base: row.base,
      perMarkMm: row.perMarkMm,
      grades: row.grades,
      usualGrade: row.usualGrade,
      lengthEvidence: row.lengthEvidence,
      quiet: row.quiet,
      spec: row.spec
    },
    row.beliefs
  );
/** Every model whose maker is there. */
export const coreModels = ({ makers, models }: PointeStockFile): PointeModel[] =>
  models.flatMap((row) => {
    const maker = makers.find((m) => m.id === row.makerId);
    return maker ? [coreModel(maker, row)] : [];
  });
/** Pairs on the shelf of a size, mark and grade. */
export const onShelf = (row: PointeModelRow | undefined, size: number, mark: string, grade: string): number =>
  row?.stock.find((s) => s.size === size && s.mark === mark && s.grade === grade)?.count ?? 0;
