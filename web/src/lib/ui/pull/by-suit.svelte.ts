import { SvelteMap } from 'svelte/reactivity';
import type { Listed } from '@chiave/core/fit';
import { classWords } from '@chiave/core/use';
import { suitsFor, suitToldOf } from '../../workers/fit-client';
import type { SuitAsk, Suits, SuitTold } from '../../workers/messages';

type Ask = Omit<SuitAsk, 'listed'>;
/** So many places up or down are worth telling after a school was switched. */
const MOVED = 3;
/** So many at the top are looked at for it. */
const TOP = 20;
const NONE: Suits = { order: [], suits: {}, three: [] };

/** Candidates by fit and suit for a use: their order, the first three, what is told of those in sight, and who moved. */
export class BySuit {
  wanted = $state(true);
  now = $state.raw<Suits>(NONE);
  /** What the last change of a school did to the list, in words. */
  moved = $state('');
  readonly #told = new SvelteMap<string, SuitTold>();
  #asked: string[] = [];
  #ask: Ask | null = null;
  /** Counts up with every question: what an older one still says is not heard. */
  #turn = 0;

  of = (styleId: string): Suits['suits'][string] | undefined => this.now.suits[styleId];
  told = (styleId: string): SuitTold | undefined => this.#told.get(styleId);

  /** Judges all that is listed; until it is told the order stays. @param nameOf of a style */
  async ask(ask: Ask, listed: readonly Listed[], nameOf: (styleId: string) => string): Promise<void> {
    const own = ++this.#turn;
    const schoolsOnly = this.#ask !== null && JSON.stringify([this.#ask.use, this.#ask.setting]) === JSON.stringify([ask.use, ask.setting]);
    const switched = schoolsOnly && JSON.stringify(this.#ask!.schools) !== JSON.stringify(ask.schools);
    try {
      const next = await suitsFor({ ...ask, listed: listed.map(({ styleId, verdict, probability }) => ({ styleId, verdict, probability })) });
      if (own !== this.#turn) return;
      if (switched) this.moved = movedWords(this.now, next, nameOf);
      else if (!schoolsOnly) this.moved = '';
      this.#ask = ask;
      this.#asked = [];
      this.#told.clear();
      this.now = next;
    } catch {
      // The order by fit stands.
    }
  }
  /** Nothing is judged any more. */
  drop(): void {
    this.#turn++;
    this.#ask = null;
    this.now = NONE;
    this.moved = '';
  }
  /** Has these told. */
  want(listed: readonly Pick<Listed, 'styleId' | 'verdict' | 'probability'>[]): void {
    const ask = this.#ask;
    const missing = listed.filter((c) => !this.#asked.includes(c.styleId));
    if (!ask || missing.length === 0) return;
    this.#asked.push(...missing.map((c) => c.styleId));
    const own = this.#turn;
    void suitToldOf({ ...ask, listed: missing.map(({ styleId, verdict, probability }) => ({ styleId, verdict, probability })) })
      .then((told) => {
        if (own === this.#turn) for (const [id, t] of Object.entries(told)) this.#told.set(id, t);
      })
      .catch(() => {});
  }
  /** The fit's order while nothing is judged or wanted. */
  inOrder<C extends Pick<Listed, 'styleId'>>(listed: readonly C[]): readonly C[] {
    if (!this.wanted || this.now.order.length === 0) return listed;
    const at: Record<string, number | undefined> = Object.fromEntries(this.now.order.map((id, i) => [id, i]));
    return [...listed].sort((a, b) => (at[a.styleId] ?? Infinity) - (at[b.styleId] ?? Infinity));
  }
}
/** Who leads now, whose class changed, and who moved by some places. */
export function movedWords(was: Suits, is: Suits, nameOf: (styleId: string) => string): string {
  if (is.order.length === 0) return '';
  const lead = was.order[0] === is.order[0] ? `${nameOf(is.order[0])} still leads` : `${nameOf(is.order[0])} leads now`;
  const top = is.order.slice(0, TOP);
  for (const id of was.order.slice(0, TOP)) if (!top.includes(id)) top.push(id);
  const changed = top.flatMap((id) => {
    const [a, b] = [was.suits[id], is.suits[id]];
    if (a && b && a.class !== b.class) return [`${nameOf(id)}: ${classWords(b.class)}`];
    const by = was.order.indexOf(id) - is.order.indexOf(id);
    return Math.abs(by) >= MOVED ? [`${nameOf(id)} ${by > 0 ? 'up' : 'down'} ${Math.abs(by)}`] : [];
  });
  const MOST = 4;
  return changed.length === 0
    ? `${lead}; nobody else moves much.`
    : `${lead}. ${changed.slice(0, MOST).join('; ')}${changed.length > MOST ? ` and ${changed.length - MOST} more` : ''}.`;
}
