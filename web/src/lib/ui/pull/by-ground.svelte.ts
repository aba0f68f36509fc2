import { VERDICTS, type Listed } from '@chiave/core/fit';
import { byGround, type OnGround } from '../../heel-on-ground';
import { onGround } from '../../workers/fit-client';
import type { GroundAsk } from '../../workers/messages';

/** Candidates in the order in which the ground bears their heels; what fits stays before what does not. */
export class ByGround {
  wanted = $state(false);
  #known = $state.raw<Record<string, OnGround | null>>({});
  /** Counts up with every question: what an older one still says is not heard. */
  #turn = 0;

  /** Asks of all that are listed; until it is told the order stays. */
  async ask(ask: Omit<GroundAsk, 'styleIds'>, listed: readonly Listed[]): Promise<void> {
    const own = ++this.#turn;
    try {
      const known = await onGround({ ...ask, styleIds: listed.map((c) => c.styleId) });
      if (own === this.#turn) this.#known = known;
    } catch {
      // The order by fit stands, as on every card.
    }
  }
  inOrder(listed: readonly Listed[]): readonly Listed[] {
    if (!this.wanted) return listed;
    const at = (c: Listed): number => VERDICTS.indexOf(c.verdict);
    return [...listed].sort((p, q) => at(p) - at(q) || byGround(this.#known[p.styleId] ?? null, this.#known[q.styleId] ?? null));
  }
}
