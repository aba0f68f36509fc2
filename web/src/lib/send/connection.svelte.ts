/** Whether the shop's server answers. A suspicion is looked into before anything is said; while it does not answer it is asked now and then. */
const ASK_EVERY_MS = 4000;
/** Open to everybody, signed in or not. */
const PROBE = '/api/v1/health';

/** A server whose disk is nearly full says that it is not well, and answers all the same. */
const answers = (): Promise<boolean> =>
  fetch(PROBE, { cache: 'no-store' }).then(
    async (response) => response.ok || ((await response.json().catch(() => null)) as { database?: string } | null)?.database === 'ok',
    () => false
  );

class Connection {
  /** Since when the server does not answer, epoch milliseconds; null while it does. */
  awaySince = $state<number | null>(null);
  /** Called when it answers again. */
  onback: () => void = () => {};
  #asking: ReturnType<typeof setTimeout> | undefined;
  #looking: Promise<void> | null = null;

  /** Looks whether the server answers; called when something was not answered, and when the device says that the network went or came. */
  look(): Promise<void> {
    clearTimeout(this.#asking);
    return (this.#looking ??= this.#look().finally(() => (this.#looking = null)));
  }
  async #look(): Promise<void> {
    if (await answers()) {
      const wasAway = this.awaySince !== null;
      this.awaySince = null;
      if (wasAway) this.onback();
      return;
    }
    this.awaySince ??= Date.now();
    this.#asking = setTimeout(() => void this.look(), ASK_EVERY_MS);
  }
}
export const connection = new Connection();
