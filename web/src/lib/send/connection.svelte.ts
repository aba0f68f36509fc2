/** Whether the shop's server answers. A suspicion is looked into before anything is said; while it does not answer it is asked now and then. */
const ASK_EVERY_MS = 4000;
/** Open to everybody, signed in or not. */
const PROBE = '/api/v1/health';

class Connection {
  /** Since when the server does not answer, epoch milliseconds; null while it does. */
  awaySince = $state<number | null>(null);
  /** Called when it answers again. */
  onback: () => void = () => {};
  #asking: ReturnType<typeof setTimeout> | undefined;

  /** Looks whether the server answers; called when something was not answered, and when the device says that the network went or came. */
  async look(): Promise<void> {
    clearTimeout(this.#asking);
    const answers = await fetch(PROBE, { cache: 'no-store' }).then(
      (response) => response.ok,
      () => false
    );
    if (answers) {
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
