/** Ranks pointe shoes beside the page: models come as they are found; the newest question stops the one before. */
import { alikeTo, bestPair, boxOf, compileForefoot, PointeStock, type AlikeShoe, type AlikeWeights, type GradeId, type Pads, type PointeFoot, type PointeModel, type PointePair } from '@chiave/core/pointe'; // prettier-ignore
import { expose } from 'comlink';

export interface PointeRankAsk {
  models: PointeModel[];
  left: PointeFoot;
  right: PointeFoot;
  pads: Pads;
  /** Any grade, to order. */
  special: boolean;
}
/** How long it goes on before it tells what it has, ms. */
const BREATH_MS = 30;
let newest = 0;
/** Boxes stay compiled while the models are the same. */
let stock: { of: string; boxes: PointeStock } | undefined;
const stockOf = (models: PointeModel[]): PointeStock => {
  const of = JSON.stringify(models);
  return (stock = stock?.of === of ? stock : { of, boxes: new PointeStock(models) }).boxes;
};

/** @returns all pairs, best first, and how long it took; null where another was asked for meanwhile */
async function rank(
  { models, left, right, pads, special }: PointeRankAsk,
  tell: (pairs: PointePair[], done: number) => void
): Promise<{ pairs: PointePair[]; tookMs: number } | null> {
  const own = ++newest;
  const started = performance.now();
  const boxes = stockOf(models);
  const [l, r] = [compileForefoot(left, pads), compileForefoot(right, pads)];
  const pairs: PointePair[] = [];
  let told = started;
  for (const [i, model] of boxes.models.entries()) {
    const pair = bestPair(boxes, model, l, r, special);
    if (pair) pairs.push(pair);
    if (performance.now() - told < BREATH_MS) continue;
    tell(
      [...pairs].sort((a, b) => b.score - a.score),
      i + 1
    );
    await new Promise((resolve) => setTimeout(resolve, 0));
    if (own !== newest) return null;
    told = performance.now();
  }
  return { pairs: pairs.sort((a, b) => b.score - a.score), tookMs: performance.now() - started };
}
/** The nearest size, mark and grade of every other model to a known shoe. */
function alike(models: PointeModel[], known: { modelId: string; size: number; mark: string; grade: GradeId }, weights: AlikeWeights): AlikeShoe[] {
  const model = models.find((m) => m.id === known.modelId);
  return model ? alikeTo(boxOf(model, known.size, known.mark, known.grade), models, weights, model.id) : [];
}
const ranker = { rank, alike, stop: (): void => void newest++ };
export type PointeRanker = typeof ranker;
expose(ranker);
