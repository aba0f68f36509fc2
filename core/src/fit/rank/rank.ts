import type { Verdict } from '../judge';
import type { Style, Wear, WornFoot } from '../shoe';
import { fittingStyle, leastMisfit, longestOf, misfitStyle, whyUnranked, type Fitted, type Unranked } from './best-of-style';
import { boundStyle, likeliestFits, worthFitting, type StyleBounds } from './bounds';
import { byRank, fiftieth, VERDICT_ORDER, type Candidate, type Ranked } from './candidate';
import { LevelQueue } from './queue';

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

/** What is known of styles for the same feet, worn alike, by the style's id: its candidate, and how many sizes and widths were looked at. */
export type RankedBefore = Map<string, { candidate: Ranked; considered: number }>;

/** How many candidates at the top are told as soon as they stand: as many as anybody looks through. */
export const TOP = 100;
/** How many fitting styles are settled as soon as they are found, so that there is something to look at. */
const AT_ONCE = 12;

/** Chances are told apart to a fiftieth: levels of the queue. */
const LEVELS = fiftieth(1) + 1;

/** A style on its way to its place in the order. */
interface Waiting {
  /** Upper bound of its chance. */
  upperBound: number;
  /** Brings it on: to its candidate, to a lesser bound, or to nothing where it has left the verdict it waited in. */
  next: () => Ranked | Fitted | null;
}

/**
 * Ranks a stockroom for both feet, a style at a time, so that a worker can report progress and stop: by branch and bound. Sizes and widths
 * are left out only by a bound (`atBest`). What may fit is fitted, and its chance worked out, the highest upper bound first, until the
 * first candidates stand, then the rest. The order is that of `rankPlainly`.
 * @param top how many candidates have to stand before it is said that they do
 * @param before what is known already of these feet, worn so; what is found out is added to it
 */
export function* rankStock(styles: readonly Style[], feet: readonly WornFoot[], wear: Wear, top = TOP, before?: RankedBefore): Generator<RankStep> {
  const longest = longestOf(feet);
  const of = styles.length;
  const found: Ranked[] = [];
  const misfits: StyleBounds[] = [];
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
  /** Brings on what waits in one verdict, the highest upper bound first. What shares a level comes together. */
  function* bringOn(waiting: readonly Waiting[], verdict: Verdict): Generator<RankStep> {
    const queue = new LevelQueue<Waiting>(LEVELS);
    for (const w of waiting) queue.push(w, fiftieth(w.upperBound));
    for (let level = LEVELS - 1; level >= 0; level--) {
      for (let w = queue.pop(level); w; w = queue.pop(level)) {
        const came = w.next();
        if (came && 'next' in came) queue.push(came, Math.min(level, fiftieth(came.upperBound)));
        yield came && 'styleId' in came ? settled(came) : onTheWay(0);
      }
      if (!stands && found.length >= top && standing(verdict, level) >= top) yield topStands();
    }
  }

  const known = styles.flatMap(({ id }) => before?.get(id) ?? []);
  for (const { candidate, considered } of known.sort((p, q) => byRank(p.candidate, q.candidate))) yield settled(candidate, considered);
  const mayFit: Waiting[] = [];
  for (const style of known.length > 0 ? styles.filter(({ id }) => !before!.has(id)) : styles) {
    const sizes = worthFitting(style, longest);
    if (sizes.length === 0) {
      yield { done: ++done, of, unranked: whyUnranked(style, longest), considered: 0 };
      continue;
    }
    const considered = sizes.length * style.widths.length;
    lookedAt.set(style.id, considered);
    const bounds = boundStyle(style, sizes, feet, wear);
    const tryOut = (): Fitted | null => {
      const fitting = likeliestFits(bounds, feet, wear);
      if (fitting.length > 0) return fittingStyle(style, fitting, feet, wear);
      misfits.push(bounds);
      return null;
    };
    if (bounds.chance < 0) misfits.push(bounds);
    else if (found.length < AT_ONCE) {
      const candidate = tryOut()?.next();
      if (candidate) {
        yield settled(candidate, considered);
        continue;
      }
    } else mayFit.push({ upperBound: bounds.chance, next: tryOut });
    yield onTheWay(considered);
  }
  yield* bringOn(mayFit, 'fits');

  // Nothing that does not fit as it is stands above what does, and nothing that is beyond help above what is not.
  const helped: Waiting[] = [];
  const unhelped: Waiting[] = [];
  for (const bounds of misfits) {
    if (!bounds.mayHelp) continue;
    const { cell, helps } = leastMisfit(bounds, feet, wear);
    (helps ? helped : unhelped).push(misfitStyle(bounds.style, cell, helps, feet, wear));
    yield onTheWay(0);
  }
  yield* bringOn(helped, 'fits-with-help');
  for (const bounds of misfits) {
    if (bounds.mayHelp) continue;
    unhelped.push({ upperBound: 1, next: () => misfitStyle(bounds.style, leastMisfit(bounds, feet, wear).cell, null, feet, wear) });
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
