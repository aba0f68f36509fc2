import { ACT, MOST_SEGMENTS, type PlanAsked } from './asked';
import { baseTerms, consider, COST, freshTerm, hemTerm, loadTerm, noTerms, TERMS, type Considered, type TermId, type Terms } from './terms';

/** Which pair is worn when, what it costs, and which pair the hem is cut for. */
export interface Plan {
  /** One pair, or two. */
  pairs: string[];
  /** Of every segment the place of its pair in `pairs`. */
  worn: number[];
  hemFor: string | null;
  terms: Terms;
  total: number;
}
export interface PlanEnd {
  one: Plan | null;
  two: Plan | null;
  /** Factor on the look from which on two pairs win; none where they never do. 1 or less: they win already. */
  lookForTwo: number | null;
  /** Shoes that no plan took, and why. */
  left: { id: string; why: 'out-of-reach' }[];
  considered: number;
}
/** So many of the best shoes of every segment are planned with, beside all that are owned. */
const KEPT = 12;
/** Shoes are changed at most so often. */
export const MOST_CHANGES = 2;

/** Every way to wear two pairs through the day with at most so many changes, both worn. */
function waysOf(segments: number, mostChanges: number): number[][] {
  return Array.from({ length: 2 ** segments }, (_, bits) => Array.from({ length: segments }, (_, i) => (bits >> i) & 1)).filter((way) => {
    const changes = way.filter((w, i) => i > 0 && w !== way[i - 1]).length;
    return way.includes(0) && way.includes(1) && changes <= mostChanges;
  });
}

const sum = (terms: Terms): number => TERMS.reduce((total, t) => total + terms[t.id], 0);
const add = (into: Terms, more: Terms): void => TERMS.forEach(({ id }) => (into[id] += more[id]));

/**
 * Plans an occasion: the best single pair and the best two, exact within the shoes that are kept.
 * Tells how far it is after every pair of shoes, so that it can be stopped.
 * @throws RangeError for no segment or too many
 */
export function* planOccasion(asked: PlanAsked, mostChanges = MOST_CHANGES): Generator<{ done: number; of: number }, PlanEnd> {
  const { segments, wishes } = asked;
  if (segments.length === 0) throw new RangeError('an occasion has at least one part');
  if (segments.length > MOST_SEGMENTS) throw new RangeError(`at most ${MOST_SEGMENTS} parts are planned`);
  const all = asked.shoes.map((shoe) => consider(asked, shoe));
  const within = all.filter(({ report }) => report.reach !== 'out-of-reach');
  const left = all.filter((c) => !within.includes(c)).map(({ shoe }) => ({ id: shoe.id, why: 'out-of-reach' as const }));
  const base = new Map(within.map((c) => [c, segments.map((segment) => baseTerms(asked, segment, c))]));
  const kept = new Set(within.filter(({ shoe }) => shoe.owned));
  segments.forEach((segment, i) => {
    const cost = (c: Considered): number => sum(base.get(c)![i]) + loadTerm(asked, segment, c, 0);
    for (const c of [...within].sort((a, b) => cost(a) - cost(b)).slice(0, KEPT)) kept.add(c);
  });
  const shoes = [...kept];
  const hemOf = (pair: readonly Considered[], cut: Considered): number =>
    pair.reduce((total, c) => total + (c === cut ? 0 : hemTerm(wishes.weights.look, cut.report.rise, c.report.rise)), 0);

  function planOf(pair: readonly Considered[], worn: readonly number[]): Plan {
    const terms = noTerms();
    const before = pair.map(() => 0);
    segments.forEach((segment, i) => {
      const c = pair[worn[i]];
      add(terms, base.get(c)![i]);
      terms.load += loadTerm(asked, segment, c, before[worn[i]]);
      if (ACT[segment.doing].onFeet) before[worn[i]] += segment.minutes / 60;
    });
    for (const c of pair) terms.fresh += freshTerm(wishes.weights.comfort, c);
    const changes = worn.filter((w, i) => i > 0 && w !== worn[i - 1]).length;
    terms.change = COST.change * changes + (pair.length > 1 ? COST.secondPair : 0);
    let hemFor: Considered | null = null;
    if (wishes.hem) {
      hemFor = pair.reduce((best, c) => (hemOf(pair, c) < hemOf(pair, best) ? c : best));
      terms.hem = hemOf(pair, hemFor);
    }
    return { pairs: pair.map((c) => c.shoe.id), worn: [...worn], hemFor: hemFor?.shoe.id ?? null, terms, total: sum(terms) };
  }

  const ways = waysOf(segments.length, mostChanges);
  const of = shoes.length + (shoes.length * (shoes.length - 1)) / 2;
  const fronts: [Plan[], Plan[]] = [[], []];
  let [one, two]: [Plan | null, Plan | null] = [null, null];
  let done = 0;
  let considered = 0;
  for (const c of shoes) {
    const plan = planOf([c], segments.map(() => 0)); // prettier-ignore
    considered++;
    fronts[0].push(plan);
    if (!one || plan.total < one.total) one = plan;
    yield { done: ++done, of };
  }
  for (let i = 0; i < shoes.length; i++)
    for (let j = i + 1; j < shoes.length; j++) {
      let best: Plan | null = null;
      for (const way of ways) {
        const plan = planOf([shoes[i], shoes[j]], way);
        considered++;
        if (!best || plan.total < best.total) best = plan;
      }
      if (best) fronts[1].push(best);
      if (best && (!two || best.total < two.total)) two = best;
      yield { done: ++done, of };
    }
  return { one, two, lookForTwo: lookForTwo(fronts), left, considered };
}

const LOOK = new Set<TermId>(TERMS.filter((t) => t.kind === 'look').map((t) => t.id));
const split = (plan: Plan): { look: number; rest: number } => {
  const look = TERMS.reduce((total, t) => total + (LOOK.has(t.id) ? plan.terms[t.id] : 0), 0);
  return { look, rest: plan.total - look };
};
/** Factors on the look that are tried, up to this. */
const MOST_FACTOR = 5;
const FACTOR_STEP = 0.01;

/** The least factor on the look at which some two pairs cost less than any one. */
function lookForTwo([ones, twos]: readonly [readonly Plan[], readonly Plan[]]): number | null {
  const [a, b] = [ones.map(split), twos.map(split)];
  if (a.length === 0 || b.length === 0) return null;
  const best = (plans: readonly { look: number; rest: number }[], factor: number): number => Math.min(...plans.map((p) => p.rest + factor * p.look));
  for (let n = 0; n * FACTOR_STEP <= MOST_FACTOR; n++) if (best(b, n * FACTOR_STEP) < best(a, n * FACTOR_STEP)) return n * FACTOR_STEP;
  return null;
}
