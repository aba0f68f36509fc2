import type { CustomerLine, PeoplePage } from '../../api/rows';
import { send } from '../../send/save.svelte';

/** A hand pauses this long before what it typed is looked for, ms. */
const PAUSE_MS = 200;

/** People found by what is typed, a page at a time; the server looks for them. */
export class PeopleList {
  found = $state.raw<readonly CustomerLine[]>([]);
  total = $state(0);
  next = $state<number | null>(null);
  message = $state('');
  looking = $state(false);
  #search = '';
  #timer: ReturnType<typeof setTimeout> | undefined;
  /** Counts what was asked, so that an answer that comes late is not shown. */
  #asked = 0;

  /** @param first the page that is there already; none is asked for until something is typed */
  constructor(
    first: PeoplePage,
    readonly measured = false
  ) {
    this.#take(first, false);
  }

  /** Looks for people once the hand pauses. */
  search(text: string): void {
    this.#search = text;
    clearTimeout(this.#timer);
    this.#timer = setTimeout(() => void this.#ask(), PAUSE_MS);
  }

  /** The next page behind those shown. */
  async more(): Promise<void> {
    if (this.next !== null) await this.#ask(this.next);
  }

  async #ask(after?: number): Promise<void> {
    const turn = ++this.#asked;
    this.looking = true;
    const rest = `${after ? `&after=${after}` : ''}${this.measured ? '&measured=true' : ''}`;
    const sent = await send<PeoplePage>(`/api/v1/customers?search=${encodeURIComponent(this.#search)}${rest}`, 'GET');
    if (turn !== this.#asked) return;
    this.looking = false;
    this.message = sent.ok ? '' : sent.detail;
    if (sent.ok) this.#take(sent.value, after !== undefined);
  }

  #take({ customers, next, total }: PeoplePage, behind: boolean): void {
    this.found = behind ? [...this.found, ...customers] : customers;
    this.next = next;
    this.total = total;
  }
}
