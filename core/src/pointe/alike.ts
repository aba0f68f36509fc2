import { PASTE, PLATFORM_SHAPE, THROAT, type GradeId } from './choices';
import { jointHeightMm, shankLong, widthAt } from './box';
import { boxOf, insideLength, sizesOf, type FilledBox, type PointeFieldId, type PointeModel } from './model';

/** How far two boxes are apart, in steps that a dancer feels: each part by its step and weight [model]. */
interface Part<Id extends string = string> {
  id: Id;
  name: string;
  step: number;
  weight: number;
  of: (f: FilledBox) => number;
  /** Field whose evidence the part hangs on, with what filling it adds. */
  field: PointeFieldId | null;
  filledSd: number;
}
const part = <const Id extends string>(id: Id, name: string, step: number, weight: number, of: Part['of'], field: PointeFieldId | null = null, filledSd = 0): Part<Id> => ({ id, name, step, weight, of, field, filledSd }); // prettier-ignore
export const ALIKE_PARTS = [
  part('length', 'inside length', 3, 3, ({ box }) => box.insideLengthMm),
  part('girth', 'girth at the joints', 3, 3, ({ box }) => box.jointGirthMm, 'jointGirthMm', 6),
  part('width', 'width at the joints', 2, 2, ({ box }) => box.jointWidthMm, 'jointWidthMm', 3),
  part('tips', 'width 15 mm up', 2.5, 2, ({ box }) => widthAt(box, 15), 'taper', 3),
  part('platform', 'platform width', 2.5, 1.5, ({ box }) => box.platform.widthMm, 'platformWidthMm', 3.5),
  part('platform-depth', 'platform depth', 2, 0.5, ({ box }) => box.platform.depthMm, 'platformDepthMm', 2),
  part('platform-shape', 'platform shape', 0.1, 1, ({ box }) => PLATFORM_SHAPE[box.platform.shape].stands),
  part('vamp', 'vamp', 4, 2, ({ box }) => box.vampMm, 'vampMm', 6),
  part('throat', 'throat', 1, 0.5, ({ box }) => THROAT[box.throat].step),
  part('wings', 'wings', 5, 1.5, ({ box }) => (box.wingMm + box.wingOuterMm) / 2, 'wingMm', 8),
  part('shank', 'shank', 0.35, 2, ({ box }) => Math.log(shankLong(box)), 'shankLength', 0.45),
  part('bend', 'where it bends', 0.06, 0.7, ({ box }) => box.shank.bend, 'bend', 0.06),
  part('paste', 'paste', 0.5, 1.2, ({ box }) => Math.log(PASTE[box.paste].gives), 'paste', 0.5),
  part('height', 'height at the joints', 2.5, 1, ({ box }) => jointHeightMm(box)),
  part('heel-height', 'heel height', 3, 0.7, ({ box }) => box.heelHeightMm, 'heelHeightMm', 4),
  part('heel-width', 'heel width', 2, 0.7, ({ box }) => box.heelWidthMm, 'heelWidthMm', 3)
] as const;
export type AlikePartId = (typeof ALIKE_PARTS)[number]['id'];
export type AlikeWeights = Partial<Record<AlikePartId, number>>;

export interface AlikePart {
  part: AlikePartId;
  /** Second less first, in the part's own unit. */
  by: number;
  /** Of all that sets the two apart, 0 to 1. */
  share: number;
  /** True where one of the two was filled in. */
  filled: boolean;
}
export interface Apart {
  /** Felt steps: nought for the same box. */
  steps: number;
  parts: readonly AlikePart[];
}
/** How far two boxes are apart, what sets them apart first. */
export function apart(a: FilledBox, b: FilledBox, weights: AlikeWeights = {}): Apart {
  let [sum, total] = [0, 0];
  const terms = ALIKE_PARTS.map(({ id, step, weight, of, field, filledSd }) => {
    const w = weights[id] ?? weight;
    const by = of(b) - of(a);
    const filled = field !== null && (a.filled.includes(field) !== b.filled.includes(field));
    const term = w * ((by * by + (filled ? filledSd * filledSd : 0)) / (step * step));
    sum += term;
    total += w;
    return { part: id, by, term, filled };
  });
  return {
    steps: total > 0 ? Math.sqrt(sum / total) : 0,
    parts: terms.map(({ part: id, by, term, filled }) => ({ part: id, by, share: sum > 0 ? term / sum : 0, filled })).sort((p, q) => q.share - p.share)
  };
}
export interface AlikeShoe extends Apart {
  model: PointeModel;
  size: number;
  mark: string;
  grade: GradeId;
  box: FilledBox;
}
/** Sizes looked at: within so much of the inside length, mm. */
const NEAR_MM = 12;
/** The nearest size, mark and grade of every other model, nearest first. */
export function alikeTo(known: FilledBox, models: readonly PointeModel[], weights: AlikeWeights = {}, except?: string): AlikeShoe[] {
  return models
    .filter((m) => m.id !== except)
    .flatMap((model) => {
      let best: AlikeShoe | null = null;
      for (const size of sizesOf(model.maker)) {
        if (Math.abs(insideLength(model.maker, size) - known.box.insideLengthMm) > NEAR_MM) continue;
        for (const mark of model.maker.width.marks)
          for (const grade of model.grades) {
            const box = boxOf(model, size, mark, grade);
            const found = apart(known, box, weights);
            if (!best || found.steps < best.steps) best = { ...found, model, size, mark, grade, box };
          }
      }
      return best ?? [];
    })
    .sort((a, b) => a.steps - b.steps);
}
