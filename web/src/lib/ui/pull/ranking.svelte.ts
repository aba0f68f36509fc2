import { byRank, type Unranked } from '@chiave/core/fit';
import type { FittingState } from '../../fit-feet';
import { askWorker, stopRanking } from '../../workers/fit-client';
import type { Sealed } from '../../workers/sealed';

/** What is ranked: for whose feet, which styles, and the size that all are held to, if any. */
export interface RankedFor {
  fitting: FittingState;
  stamp: string;
  styleIds: string[];
  heldSize: number | null;
}

/** The list is put in order anew no more often than this while the worker goes on, ms. */
const SHOW_EVERY_MS = 120;

/** A ranking as the page sees it: candidates come while the worker goes on, and stay until those of the next ranking come. */
export class Ranking {
  all = $state.raw<Sealed[]>([]);
  unranked = $state.raw<Unranked[]>([]);
  progress = $state({ done: 0, of: 0 });
  running = $state(false);
  /** True from where the first hundred, in their order, can no longer change. */
  topStands = $state(false);
  considered = $state(0);
  tookMs = $state<number | null>(null);
  failed = $state('');
  #come: Sealed[] = [];
  #without: Unranked[] = [];
  #due: ReturnType<typeof setTimeout> | undefined;
  #unlisten: (() => void) | undefined;

  start(ask: RankedFor): void {
    this.drop();
    this.#come = [];
    this.#without = [];
    this.considered = 0;
    this.tookMs = null;
    this.topStands = false;
    this.failed = '';
    this.progress = { done: 0, of: ask.styleIds.length };
    if (ask.styleIds.length === 0) return this.#show();
    this.running = true;
    let shown = false;
    this.#unlisten = askWorker({ kind: 'rank', ...ask }, (answer) => {
      if (answer.kind === 'progress') {
        this.#come.push(...answer.candidates);
        this.#without.push(...answer.unranked);
        this.considered += answer.considered;
        this.progress = { done: answer.done, of: answer.of };
        this.topStands ||= answer.topStands;
        // The first are shown at once, what follows a few times a second: the list is not put in order anew for every breath of the worker.
        if (answer.topStands || (!shown && this.#come.length > 0)) {
          shown = true;
          this.#show();
        } else this.#due ??= setTimeout(() => this.#show(), SHOW_EVERY_MS);
      } else if (answer.kind === 'ranked') {
        this.tookMs = answer.tookMs;
        this.#end();
      } else if (answer.kind === 'failed') {
        this.failed = answer.message;
        this.#end();
      }
    });
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
    this.#due = undefined;
    this.#unlisten?.();
  }

  #end(): void {
    this.#show();
    this.running = false;
  }

  #show(): void {
    clearTimeout(this.#due);
    this.#due = undefined;
    this.all = [...this.#come].sort(byRank);
    this.unranked = [...this.#without];
  }
}
