import { fittingStyle, leastMisfit, longestOf, misfitStyle, whyUnranked, type Fitted, type Unranked } from './best-of-style';
import { byRank, fiftieth, VERDICT_ORDER, type Candidate, type Ranked } from './candidate';
import type { Verdict } from '../judge';
import { likeliestFits, lookOver, type StyleLook } from './look-over';
import { byPromise } from './promise';
import type { Style, Wear, WornFoot } from '../shoe';

export interface RankStep {
  /** Styles that are settled, of all. */
  done: number;
  of: number;
  candidate?: Ranked;
  unranked?: Unranked;
  /** Size-width pairs looked at in this step. */
  considered: number;
  /** True from where the first candidates, in their order, can no longer change. */
  topStands?: boolean;
}

/** What styles came to for the same feet, worn alike, and in how many sizes and widths; by the style's id. Asked about again, among other styles, they are not ranked anew. */
export type RankedBefore = Map<string, { candidate: Ranked; considered: number }>;

/** So many candidates stand at the top: as many as anybody looks through. */
export const TOP = 100;
/** So many styles that fit are settled as they are found, so that there is something to look at. */
const AT_ONCE = 12;

/** A style on its way to its place in the order. */
interface Waiting {
  /** No more chance than this can come of it. */
  most: number;
  /** Brings it on: to its candidate, to a lesser promise, or to nothing where it has left the verdict it waited in. */
  next: () => Ranked | Fitted | null;
}

/**
 * Ranks a stockroom for both feet, a style at a time, so that a worker can report progress and stop. Sizes and widths are left out only by
 * a bound (`atBest`). What may fit is fitted, and its chance worked out, in the order of a bound on that chance, until the first candidates
 * stand, then for the rest: the order is that of fitting every size and width and working out every chance.
 * @param top how many candidates have to stand before it is said that they do
 * @param before what is known already of these feet, worn so; what is found out is added to it
 */
export function* rankStock(styles: readonly Style[], feet: readonly WornFoot[], wear: Wear, top = TOP, before?: RankedBefore): Generator<RankStep> {
  const longest = longestOf(feet);
  const of = styles.length;
  const found: Ranked[] = [];
  const misfits: StyleLook[] = [];
  let done = 0;
  let stands = false;
  const lookedAt = new Map<string, number>();
  const settled = (candidate: Ranked, considered = 0): RankStep => {
    found.push(candidate);
    before?.set(candidate.styleId, { candidate, considered: lookedAt.get(candidate.styleId) ?? considered });
    return { done: ++done, of, candidate, considered };
  };
  const onTheWay = (considered: number): RankStep => ({ done, of, considered });
  const topStands = (): RankStep => {
    stands = true;
    return { done, of, considered: 0, topStands: true };
  };
  /** How many candidates stand before whatever is still to come: all of a better verdict, and those of this one with at least this much chance. */
  const standing = (verdict: Verdict, level: number): number =>
    found.filter((c) => (c.verdict === verdict ? fiftieth(c.probability) >= level : VERDICT_ORDER[c.verdict] < VERDICT_ORDER[verdict])).length;
  /** Brings on what waits in one verdict, the most promising first. Chances are told apart to a fiftieth, so what shares one comes together. */
  function* bringOn(waiting: readonly Waiting[], verdict: Verdict): Generator<RankStep> {
    const levels: Waiting[][] = Array.from({ length: fiftieth(1) + 1 }, () => []);
    const waitAt = (w: Waiting, highest: number): unknown => levels[Math.min(highest, fiftieth(w.most))].push(w);
    waiting.forEach((w) => waitAt(w, fiftieth(1)));
    for (let level = fiftieth(1); level >= 0; level--) {
      for (let w = levels[level].pop(); w; w = levels[level].pop()) {
        const came = w.next();
        if (came && 'next' in came) waitAt(came, level);
        yield came && 'styleId' in came ? settled(came) : onTheWay(0);
      }
      if (!stands && found.length >= top && standing(verdict, level) >= top) yield topStands();
    }
  }

  const known = styles.flatMap(({ id }) => before?.get(id) ?? []);
  for (const { candidate, considered } of known.sort((p, q) => byRank(p.candidate, q.candidate))) yield settled(candidate, considered);
  const { worth, none } = byPromise(known.length > 0 ? styles.filter(({ id }) => !before!.has(id)) : styles, feet);
  for (const style of none) yield { done: ++done, of, unranked: whyUnranked(style, longest), considered: 0 };
  const mayFit: Waiting[] = [];
  for (const { style, sizes } of worth) {
    const considered = sizes.length * style.widths.length;
    lookedAt.set(style.id, considered);
    const look = lookOver(style, sizes, feet, wear);
    const tryOut = (): Fitted | null => {
      const fitting = likeliestFits(look, feet, wear);
      if (fitting.length > 0) return fittingStyle(style, fitting, feet, wear);
      misfits.push(look);
      return null;
    };
    if (look.mostChance < 0) misfits.push(look);
    else if (found.length < AT_ONCE) {
      const candidate = tryOut()?.next();
      if (candidate) {
        yield settled(candidate, considered);
        continue;
      }
    } else mayFit.push({ most: look.mostChance, next: tryOut });
    yield onTheWay(considered);
  }
  yield* bringOn(mayFit, 'fits');

  // Nothing that does not fit as it is stands above what does, and nothing that is beyond help above what is not.
  const helped: Waiting[] = [];
  const unhelped: Waiting[] = [];
  for (const look of misfits) {
    if (!look.mayHelp) continue;
    const { cell, helps } = leastMisfit(look, feet, wear);
    (helps ? helped : unhelped).push(misfitStyle(look.style, cell, helps, feet, wear));
    yield onTheWay(0);
  }
  yield* bringOn(helped, 'fits-with-help');
  for (const look of misfits) {
    if (look.mayHelp) continue;
    unhelped.push({ most: 1, next: () => misfitStyle(look.style, leastMisfit(look, feet, wear).cell, null, feet, wear) });
  }
  yield* bringOn(unhelped, 'does-not-fit');
  if (!stands) yield topStands();
}

/**
 * Ranks at once.
 * @param limit how many candidates
 * @returns best first, with how many size-width pairs were fitted
 */
export function rankAll(
  styles: readonly Style[],
  feet: readonly WornFoot[],
  wear: Wear,
  limit = Infinity
): { candidates: Candidate[]; unranked: Unranked[]; considered: number } {
  const candidates: Ranked[] = [];
  const unranked: Unranked[] = [];
  let considered = 0;
  for (const step of rankStock(styles, feet, wear)) {
    if (step.candidate) candidates.push(step.candidate);
    if (step.unranked) unranked.push(step.unranked);
    considered += step.considered;
  }
  return {
    candidates: candidates
      .sort(byRank)
      .slice(0, limit)
      .map((c) => c.whole()),
    unranked,
    considered
  };
}
