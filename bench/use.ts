/** Uses: how long it takes to judge 1,300 styles of the demo's kinds for the use that asks most, with a brace over it. */
import { allStyles } from '../demo/lasts';
import { ANYBODY, judgeFor, judgeUse, placeAll, suitOf, useShoe, useStyleOf, USE_IDS } from '../core/src/use';

export interface UseFigures {
  styles: number;
  /** Best and median of sixty runs, of the slowest use, ms. */
  slowest: string;
  bestMs: number;
  medianMs: number;
  /** Judged and placed with the fit, in the middle of sixty runs. */
  placedMs: number;
  /** Everything told of one shoe, a second. */
  toldPerSecond: number;
  /** Everything told of a shoe, over judging it. */
  toldOverJudged: number;
}
const STYLES = 1300;
const RUNS = 60;
export function useFigures(): UseFigures {
  const own = allStyles().map((s) => useShoe(useStyleOf(s)));
  const shoes = Array.from({ length: STYLES }, (_, i) => own[i % own.length]);
  const person = { ...ANYBODY, weightKg: 70, ankleReachDeg: 60, toeHeightMm: 22, ballWidthMm: 92, flags: ['brace' as const] };
  const setting = {
    person,
    answers: {
      level: 'new',
      turns: 'many',
      floor: 'wood',
      where: ['pole', 'floor'],
      pole: 'chrome',
      deviceGirth: 320,
      ground: 'lawn',
      habit: 'often',
      wet: 'yes'
    }
  };
  const timed = (work: () => void): number => {
    const started = performance.now();
    work();
    return performance.now() - started;
  };
  const runsOf = (use: (typeof USE_IDS)[number]): number[] => {
    const judge = judgeFor(use, setting);
    return Array.from({ length: RUNS }, () => timed(() => shoes.forEach((s) => suitOf(judge, s)))).sort((a, b) => a - b);
  };
  const all = USE_IDS.map((use) => ({ use, runs: runsOf(use) }));
  const slowest = all.reduce((a, b) => (b.runs[0] > a.runs[0] ? b : a));
  const judge = judgeFor(slowest.use, setting);
  const placing = (): void => void placeAll(shoes, (s) => ({ verdict: 'fits', probability: 0.5, suit: suitOf(judge, s) }));
  const placedMs = Array.from({ length: RUNS }, () => timed(placing)).sort((a, b) => a - b)[RUNS / 2];
  const toldMs = timed(() => shoes.slice(0, 100).forEach((s) => judgeUse(judge, s)));
  const judgedMs = slowest.runs[0] / STYLES;
  return {
    styles: STYLES,
    slowest: slowest.use,
    bestMs: slowest.runs[0],
    medianMs: slowest.runs[RUNS / 2],
    placedMs,
    toldPerSecond: 100_000 / toldMs,
    toldOverJudged: toldMs / 100 / judgedMs
  };
}
