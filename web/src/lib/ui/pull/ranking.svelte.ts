import { SvelteMap } from 'svelte/reactivity';
import { byRank, type Candidate, type Listed, type Unranked } from '@chiave/core/fit';
import { rank, stopRanking, tellWhole } from '../../workers/fit-client';
import type { Progress, RankAsk } from '../../workers/messages';
import { said } from '../../workers/remote';

/**
 * How often the page tells how far it is, and puts its list in order anew, while the workers go on, ms. Laying out cards takes the time of
 * a processor that could rank, and what is read should not jump: the first come at once, and in their last order as soon as that is known.
 */
const TELL_EVERY_MS = 120;
const SHOW_EVERY_MS = 480;

/** A ranking as the page sees it: candidates come while the workers go on, and stay until those of the next ranking come. */
export class Ranking {
  all = $state.raw<Listed[]>([]);
  unranked = $state.raw<Unranked[]>([]);
  progress = $state.raw({ done: 0, of: 0 });
  /** False until something is ranked: nothing can be said of it before. */
  asked = $state(false);
  running = $state(false);
  /** True from where the first hundred, in their order, can no longer change. */
  topStands = $state(false);
  considered = $state(0);
  tookMs = $state<number | null>(null);
  /** True where all of it had been looked at before it was asked for. */
  beforehand = $state(false);
  failed = $state('');
  #come: Listed[] = [];
  #without: Unranked[] = [];
  #considered = 0;
  /** Candidates whose whole is known: of what is shown, and of what comes. */
  #told = $state.raw(new SvelteMap<string, Candidate>());
  #tells = new SvelteMap<string, Candidate>();
  #asked: string[] = [];
  #at = { done: 0, of: 0 };
  #due: ReturnType<typeof setTimeout> | undefined;
  #tell: ReturnType<typeof setInterval> | undefined;
  /** Counts up with every ranking: what an older one still says is not heard. */
  #turn = 0;

  start(ask: RankAsk): void {
    this.drop();
    this.asked = true;
    this.#come = [];
    this.#without = [];
    this.#considered = 0;
    this.#tells = new SvelteMap();
    this.#asked = [];
    this.tookMs = null;
    this.topStands = false;
    this.failed = '';
    this.#at = this.progress = { done: 0, of: ask.styleIds.length };
    // Nothing to rank ends what was under way.
    if (ask.styleIds.length === 0) return this.cancel();
    this.running = true;
    this.#tell = setInterval(() => this.#tellProgress(), TELL_EVERY_MS);
    const own = ++this.#turn;
    rank(ask, (progress) => own === this.#turn && this.#hear(progress)).then(
      (end) => {
        if (own !== this.#turn || !end) return;
        this.tookMs = end.tookMs;
        this.beforehand = end.beforehand;
        this.#end();
      },
      (error) => {
        if (own !== this.#turn) return;
        this.failed = said(error);
        this.#end();
      }
    );
  }

  #hear({ candidates, unranked, told, considered, done, of, topStands }: Progress): void {
    const first = this.#come.length === 0;
    this.#come.push(...candidates);
    this.#without.push(...unranked);
    for (const c of told) this.#tells.set(c.styleId, c);
    this.#considered += considered;
    this.#at = { done, of };
    this.topStands ||= topStands;
    if (topStands || (first && this.#come.length > 0)) this.#show();
    else this.#due ??= setTimeout(() => this.#show(), SHOW_EVERY_MS);
  }

  /** The whole of a candidate that is listed, once it is told. */
  whole = (styleId: string): Candidate | undefined => this.#told.get(styleId);

  /** Has the whole of these told, as far as they are listed. */
  want(styleIds: readonly string[]): void {
    const into = this.#tells;
    const missing = styleIds.filter((id) => !into.has(id) && !this.#asked.includes(id) && this.#come.some((c) => c.styleId === id));
    if (missing.length === 0) return;
    this.#asked.push(...missing);
    void tellWhole(missing)
      .then((candidates) => candidates.forEach((c) => into.set(c.styleId, c)))
      .catch(() => {});
  }

  /** Stops it; what has come by then stays. */
  cancel(): void {
    this.drop();
    stopRanking();
    this.#end();
  }

  /** Hears no more of it. */
  drop(): void {
    clearTimeout(this.#due);
    clearInterval(this.#tell);
    this.#due = undefined;
    this.#turn++;
  }

  #end(): void {
    clearInterval(this.#tell);
    this.#show();
    this.running = false;
  }

  #tellProgress(): void {
    this.progress = this.#at;
    this.considered = this.#considered;
  }

  #show(): void {
    clearTimeout(this.#due);
    this.#due = undefined;
    this.#tellProgress();
    this.all = [...this.#come].sort(byRank);
    this.#told = this.#tells;
    this.unranked = [...this.#without];
  }
}
