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
  /** Field whose evidence the part hangs on, and what filling it in adds. */
  filled: { field: PointeFieldId; sd: number } | null;
}
const part = <const Id extends string>(own: Omit<Part<Id>, 'filled'> & Partial<Pick<Part, 'filled'>>): Part<Id> => ({ filled: null, ...own });
export const ALIKE_PARTS = [
  part({ id: 'length', name: 'inside length', step: 3, weight: 3, of: ({ box }) => box.insideLengthMm }),
  part({ id: 'girth', name: 'girth at the joints', step: 3, weight: 3, of: ({ box }) => box.jointGirthMm, filled: { field: 'jointGirthMm', sd: 6 } }),
  part({ id: 'width', name: 'width at the joints', step: 2, weight: 2, of: ({ box }) => box.jointWidthMm, filled: { field: 'jointWidthMm', sd: 3 } }),
  part({ id: 'tips', name: 'width 15 mm up', step: 2.5, weight: 2, of: ({ box }) => widthAt(box, 15), filled: { field: 'taper', sd: 3 } }),
  part({
    id: 'platform',
    name: 'platform width',
    step: 2.5,
    weight: 1.5,
    of: ({ box }) => box.platform.widthMm,
    filled: { field: 'platformWidthMm', sd: 3.5 }
  }),
  part({
    id: 'platform-depth',
    name: 'platform depth',
    step: 2,
    weight: 0.5,
    of: ({ box }) => box.platform.depthMm,
    filled: { field: 'platformDepthMm', sd: 2 }
  }),
  part({ id: 'platform-shape', name: 'platform shape', step: 0.1, weight: 1, of: ({ box }) => PLATFORM_SHAPE[box.platform.shape].stands }),
  part({ id: 'vamp', name: 'vamp', step: 4, weight: 2, of: ({ box }) => box.vampMm, filled: { field: 'vampMm', sd: 6 } }),
  part({ id: 'throat', name: 'throat', step: 1, weight: 0.5, of: ({ box }) => THROAT[box.throat].step }),
  part({ id: 'wings', name: 'wings', step: 5, weight: 1.5, of: ({ box }) => (box.wingMm + box.wingOuterMm) / 2, filled: { field: 'wingMm', sd: 8 } }),
  part({ id: 'shank', name: 'shank', step: 0.35, weight: 2, of: ({ box }) => Math.log(shankLong(box)), filled: { field: 'shankLength', sd: 0.45 } }),
  part({ id: 'bend', name: 'where it bends', step: 0.06, weight: 0.7, of: ({ box }) => box.shank.bend, filled: { field: 'bend', sd: 0.06 } }),
  part({ id: 'paste', name: 'paste', step: 0.5, weight: 1.2, of: ({ box }) => Math.log(PASTE[box.paste].gives), filled: { field: 'paste', sd: 0.5 } }),
  part({ id: 'height', name: 'height at the joints', step: 2.5, weight: 1, of: ({ box }) => jointHeightMm(box) }),
  part({ id: 'heel-height', name: 'heel height', step: 3, weight: 0.7, of: ({ box }) => box.heelHeightMm, filled: { field: 'heelHeightMm', sd: 4 } }),
  part({ id: 'heel-width', name: 'heel width', step: 2, weight: 0.7, of: ({ box }) => box.heelWidthMm, filled: { field: 'heelWidthMm', sd: 3 } })
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
  const terms = ALIKE_PARTS.map(({ id, step, weight, of, filled: may }) => {
    const w = weights[id] ?? weight;
    const by = of(b) - of(a);
    const filled = may !== null && a.filled.includes(may.field) !== b.filled.includes(may.field);
    const term = w * ((by * by + (filled ? may.sd ** 2 : 0)) / (step * step));
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
