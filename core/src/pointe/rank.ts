import { compileBox, type CompiledBox } from './box';
import { GRADE_IDS, type GradeId } from './choices';
import type { Forefoot } from './forefoot';
import { boxOf, gradeNm, sizesOf, type FilledBox, type PointeModel } from './model';
import { scoreOf, slopeOf, narrowerBox } from './report';
import { layIn, onShank, shankGround, type InBox } from './stand';
import { chanceOf, weighBox, weighShank, type PointeZoneId, type Weighed } from './zones';

/** Boxes further from the foot's length than this are not laid, mm. */
export const WITHIN_MM = 9;
/** A split pair is a special order: its score is worth so much. */
const SPLIT = 0.8;

/** One foot in one shoe, as the list keeps it. */
export interface PointeFit {
  model: PointeModel;
  size: number;
  mark: string;
  grade: GradeId;
  probability: number;
  score: number;
  decidedBy: PointeZoneId;
  toSpareDeg: number | null;
  heldBackDeg: number | null;
  sinkMm: number;
}
/** A size and mark of a model, compiled for every foot. */
interface StockBox extends FilledBox {
  model: PointeModel;
  size: number;
  mark: string;
  compiled: CompiledBox;
  narrower: CompiledBox;
}
/** Models with their boxes, compiled once and laid on by any foot. */
export class PointeStock {
  readonly #boxes = new Map<string, StockBox[]>();
  constructor(readonly models: readonly PointeModel[]) {}

  /** Sizes and marks of a model that come near a length. */
  near(model: PointeModel, lengthMm: number): StockBox[] {
    let all = this.#boxes.get(model.id);
    if (!all) {
      all = sizesOf(model.maker).flatMap((size) => model.maker.width.marks.map((mark) => stockBox(model, size, mark)));
      this.#boxes.set(model.id, all);
    }
    return all.filter((b) => Math.abs(b.box.insideLengthMm - lengthMm) < WITHIN_MM);
  }
}
function stockBox(model: PointeModel, size: number, mark: string): StockBox {
  const filled = boxOf(model, size, mark);
  return { ...filled, model, size, mark, compiled: compileBox(filled.box), narrower: narrowerBox(filled.box) };
}
/**
 * Sizes, marks and grades of a model for one foot.
 * @param grades which grades; those the model is made in when left out
 */
export function fitsOfModel(stock: PointeStock, model: PointeModel, foot: Forefoot, grades: readonly GradeId[] = model.grades): PointeFit[] {
  const out: PointeFit[] = [];
  let rest: number | undefined;
  for (const { size, mark, box: shared, doubt, compiled, narrower } of stock.near(model, foot.lengthMm)) {
    const inBox: InBox = layIn(foot, compiled, undefined, rest);
    rest = inBox.hold.restMm;
    const ground = shankGround(inBox);
    const slope = slopeOf(inBox, narrower);
    let ofBox: Weighed | null = null;
    for (const grade of grades) {
      const box = { ...shared, shank: { ...shared.shank, nm: gradeNm(model, grade) } };
      const shank = onShank(inBox, box, ground);
      const source = { of: foot.of, inBox, shank, doubt, slope };
      ofBox ??= weighBox(source);
      const weighed = weighShank(source, ofBox);
      const probability = chanceOf(weighed);
      out.push({
        model,
        size,
        mark,
        grade,
        probability,
        score: scoreOf(probability, shank),
        decidedBy: weighed.by,
        toSpareDeg: shank.over?.toSpareDeg ?? null,
        heldBackDeg: shank.over?.heldBackDeg ?? null,
        sinkMm: inBox.hold.sinkMm
      });
    }
  }
  return out;
}

/** A pair for two feet: one size, mark and grade, or each foot its own. */
export interface PointePair {
  model: PointeModel;
  left: PointeFit;
  right: PointeFit;
  split: boolean;
  /** Both feet. */
  probability: number;
  score: number;
}
const keyOf = (f: PointeFit): string => `${f.size} ${f.mark} ${f.grade}`;
const best = (fits: readonly PointeFit[]): PointeFit | null => fits.reduce<PointeFit | null>((b, f) => (!b || f.score > b.score ? f : b), null);

/** The best pair of a model for two feet; null where no size comes near them. @param special any grade may be ordered */
export function bestPair(stock: PointeStock, model: PointeModel, left: Forefoot, right: Forefoot, special = false): PointePair | null {
  const grades = special ? GRADE_IDS : model.grades;
  const [L, R] = [fitsOfModel(stock, model, left, grades), fitsOfModel(stock, model, right, grades)];
  const rights = new Map(R.map((f) => [keyOf(f), f]));
  let same: PointePair | null = null;
  for (const l of L) {
    const r = rights.get(keyOf(l));
    if (!r) continue;
    const score = l.score * r.score;
    if (!same || score > same.score) same = { model, left: l, right: r, split: false, probability: l.probability * r.probability, score };
  }
  const [l, r] = [best(L), best(R)];
  if (!l || !r) return same;
  const split: PointePair = {
    model,
    left: l,
    right: r,
    split: keyOf(l) !== keyOf(r),
    probability: l.probability * r.probability,
    score: SPLIT * l.score * r.score
  };
  return !same || split.score > same.score ? split : same;
}
/** The best pair of every model, best first. */
export const rankPointe = (stock: PointeStock, left: Forefoot, right: Forefoot, special = false): PointePair[] =>
  stock.models.flatMap((m) => bestPair(stock, m, left, right, special) ?? []).sort((a, b) => b.score - a.score || a.model.id.localeCompare(b.model.id));
