import { drawFit, LATER_HOURS, nothingIn, shoeOf, wornWith, type OtherShoe, type PairPutIn, type Style } from '@chiave/core/fit';
import { wearOf, wornFeetOf } from '../../fit-feet';
import { lay, openPair, othersOf } from '../../workers/fit-client';
import { forWorker } from '../../workers/for-worker';
import type { Laid, Opened, PairAsk } from '../../workers/messages';
import { said } from '../../workers/remote';
import type { Desk } from '../fitting/desk.svelte';

/** Which pair is opened: a style in a size and width, of the stockroom at a stamp. */
export interface PairOpened {
  style: Style;
  size: number;
  width: string;
  stamp: string;
}

/** An opened pair as its page sees it: worked out beside the page, drawn as it will be worn, bare, or after hours of wear. */
export class OpenedPair {
  /** Both feet in the pair as it is, and what else is told of it. */
  bare = $state.raw<Laid | null>(null);
  opened = $state.raw<Opened | null>(null);
  others = $state.raw<OtherShoe[] | null>(null);
  /** What is put into either shoe, and the pair laid with it. */
  put = $state.raw<PairPutIn>({});
  laid = $state.raw<Laid | null>(null);
  failed = $state('');
  drawnSock = $state<'worn' | 'bare'>('worn');
  drawnWhen = $state<'now' | 'later'>('now');
  readonly #desk: Desk;
  readonly #of: () => PairOpened;
  /** The style that was opened last. */
  #style = '';
  /** Counts up with every question: what an older one still answers is not heard. */
  #turn = { open: 0, lay: 0 };

  constructor(desk: Desk, of: () => PairOpened) {
    this.#desk = desk;
    this.#of = of;
  }

  readonly worn = $derived.by(() => wornFeetOf(this.#desk.fitting));
  readonly shoe = $derived.by(() => shoeOf(this.#of().style, this.#of().size, this.#of().width));
  readonly seen = $derived.by<Laid | null>(() => this.laid ?? this.bare);
  readonly drawings = $derived.by<Pick<Laid['drawings'][number], 'side' | 'drawing'>[]>(() => {
    if (!this.seen) return [];
    if (this.drawnSock === 'worn' && this.drawnWhen === 'now') return this.seen.drawings;
    return this.worn.map((foot) => {
      const { wear, aids } = wornWith(this.shoe, wearOf(this.#desk.fitting), this.put[foot.foot.side]);
      const drawn = {
        ...wear,
        sockMm: this.drawnSock === 'bare' ? 0 : wear.sockMm,
        hoursWorn: this.drawnWhen === 'later' ? wear.hoursWorn + LATER_HOURS : wear.hoursWorn
      };
      return { side: foot.foot.side, drawing: drawFit(foot, this.shoe, drawn, aids) };
    });
  });

  #ask(): PairAsk {
    const { style, size, width } = this.#of();
    return { fitting: forWorker(this.#desk.fitting), style, size, width, flags: this.#desk.fitting.customer.flags };
  }

  /** Puts helps in or takes them out: the whole fit is worked out and drawn again. */
  async putIn(next: PairPutIn): Promise<void> {
    const own = ++this.#turn.lay;
    this.put = next;
    if (nothingIn(next)) {
      this.laid = null;
      return;
    }
    try {
      const laid = await lay({ ...this.#ask(), put: next });
      if (own === this.#turn.lay) this.laid = laid;
    } catch (error) {
      if (own === this.#turn.lay) this.failed = said(error);
    }
  }

  /** Opens the pair with what is put in; neighbouring sizes follow, then other sizes and lasts. */
  async open(put: PairPutIn): Promise<void> {
    const own = ++this.#turn.open;
    this.others = null;
    this.failed = '';
    if (this.#style !== this.#of().style.id) this.opened = null;
    this.#style = this.#of().style.id;
    if (this.worn.length < 2) return;
    void this.putIn(put);
    try {
      // The feet in the shoe are shown as soon as they are known; the sizes beside it take longer.
      const bare = await lay(this.#ask());
      if (own !== this.#turn.open) return;
      this.bare = bare;
      const opened = await openPair(this.#ask());
      if (own !== this.#turn.open) return;
      this.opened = opened;
      const others = await othersOf({ ...this.#ask(), stamp: this.#of().stamp });
      if (own === this.#turn.open) this.others = others;
    } catch (error) {
      if (own === this.#turn.open) this.failed = said(error);
    }
  }

  /** Hears no more of what was asked. */
  leave(): void {
    this.#turn = { open: this.#turn.open + 1, lay: this.#turn.lay + 1 };
  }
}
