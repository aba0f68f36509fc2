import { connection } from './connection.svelte';
import { Draft } from './drafts';
import { answered, keyOf } from './write-keys';

/**
 * Saving that loses nothing: what was typed stays on the page and, until the server has it, in this browser;
 * when the database is away it says so and tries again.
 */
export type SaveState = 'saved' | 'typing' | 'saving' | 'waiting' | 'refused' | 'conflict';

export interface SaveError {
  path: string;
  message: string;
}

const RETRY_MS = 3000;
/** The answer to a write to what an erased person left behind. */
const ERASED = 410;
const CONFLICT = 409;
const SIGNED_OUT = 401;
/** The answer to a change that somebody may only propose. */
const PROPOSED = 202;
const SETTLE_MS = 500;

export class Keeper {
  state = $state<SaveState>('saved');
  message = $state('');
  errors = $state<SaveError[]>([]);
  /** When it was last saved, epoch milliseconds. */
  at = $state<number | null>(null);
  /** Called when all that was changed has been saved. */
  onsaved: () => void = () => {};
  /** Version last seen, sent with every save; null where the thing kept has none. */
  version: number | null = null;
  #timer: ReturnType<typeof setTimeout> | undefined;
  #latest: unknown;
  #keepDraft = false;
  #running: Promise<void> | undefined;
  readonly #draft: Draft;
  /** A body that was sent and of which nobody knows whether it was saved; it is settled before anything newer is sent. */
  #unsettled: unknown;

  /**
   * @param draftName under which the unsaved body waits in this browser; empty for none
   */
  constructor(
    readonly url: string,
    readonly method: 'PUT' | 'PATCH',
    draftName: string = ''
  ) {
    this.#draft = new Draft(draftName);
  }

  /** A body left unsaved by a closed tab or a dead battery, or null. It goes on from the version it was made on: whoever saved since is told. */
  draft<T>(): T | null {
    const left = this.#draft.read<T>();
    if (left?.version != null && this.version !== null && !left.saved) this.version = left.version;
    return left?.body ?? null;
  }

  /**
   * Saves soon; later changes replace earlier ones.
   * @param kept what to hold in this browser when it differs from the body
   * @param keepDraft holds it even once the body is saved, because it says more than the body
   */
  later(body: unknown, kept: unknown = body, keepDraft = false): void {
    this.#latest = body;
    this.#keepDraft = keepDraft;
    this.state = 'typing';
    this.#draft.write(kept, this.version);
    clearTimeout(this.#timer);
    this.#timer = setTimeout(() => void this.now(), SETTLE_MS);
  }

  /** Saves what is waiting, at once. */
  async now(): Promise<void> {
    clearTimeout(this.#timer);
    await this.#running;
    if (this.#latest === undefined) return;
    this.#running = this.#send();
    await this.#running;
  }

  /** After a conflict: saves what stands here over the newer version. */
  async overwrite(now: number): Promise<void> {
    this.version = now;
    await this.now();
  }

  /** After a conflict: lets go of what stands here. */
  drop(): void {
    this.#latest = undefined;
    this.#unsettled = undefined;
    this.#draft.drop();
    this.state = 'saved';
    this.message = '';
    this.errors = [];
  }

  async #send(): Promise<void> {
    // What is newer would be refused as a stranger's change if the older had been saved after all.
    const body = this.#unsettled ?? this.#latest;
    this.state = 'saving';
    const outcome = await send<{ version?: number }>(this.url, this.method, this.version === null ? body : { ...(body as object), version: this.version });
    this.#unsettled = !outcome.ok && outcome.again ? body : undefined;
    if (outcome.ok) {
      if (this.version !== null) this.version = outcome.value.version ?? this.version;
      if (this.#latest === body) {
        this.#latest = undefined;
        if (this.#keepDraft) this.#draft.change({ saved: true });
        else this.#draft.drop();
        this.state = 'saved';
        this.onsaved();
      }
      this.at = Date.now();
      this.message = '';
      this.errors = [];
      if (this.#latest !== undefined && this.#latest !== body) {
        this.#draft.change({ version: this.version });
        await this.#send();
      }
      return;
    }
    // Of an erased person nothing stays, here neither.
    if (outcome.status === ERASED) this.#draft.drop();
    // What was unsettled is refused for good: what was typed since is not.
    if (!outcome.again && outcome.status !== CONFLICT && this.#latest !== body) return this.#send();
    this.errors = outcome.errors;
    this.message = outcome.detail;
    // Signed out meanwhile: it waits until somebody has signed in again, in another tab or here.
    const waits = outcome.again || outcome.status === SIGNED_OUT;
    this.state = waits ? 'waiting' : outcome.status === CONFLICT ? 'conflict' : 'refused';
    if (waits) this.#timer = setTimeout(() => void this.now(), RETRY_MS);
  }
}

export type Sent<T> = { ok: true; value: T } | { ok: false; again: boolean; status: number; detail: string; errors: SaveError[] };

const FITTER_KEY = 'chiave-fitter';
/** Who works at this device, for the record of changes; kept in this browser. */
export const fitterName = {
  get: (): string => (typeof localStorage === 'undefined' ? '' : (localStorage.getItem(FITTER_KEY) ?? '')),
  set: (name: string): void => localStorage.setItem(FITTER_KEY, name.trim().slice(0, 60))
};

/**
 * Sends JSON and understands problem details; never throws. What changes something carries a key of its own, the same again
 * when the same is asked again because no answer came.
 */
export async function send<T = unknown>(url: string, method: string, body?: unknown): Promise<Sent<T>> {
  const text = body === undefined ? undefined : JSON.stringify(body);
  const writes = method !== 'GET';
  const request = `${method} ${url} ${text ?? ''}`;
  try {
    const response = await fetch(url, {
      method,
      headers: {
        'x-fitter': encodeURIComponent(fitterName.get()),
        ...(text === undefined ? {} : { 'content-type': 'application/json' }),
        ...(writes ? { 'idempotency-key': keyOf(request) } : {})
      },
      body: text
    });
    if (response.status < 500) answered(request);
    const value = await response.json().catch(() => ({}));
    // A change that is only proposed has changed nothing yet: what was typed stays as it is.
    if (response.status === PROPOSED) return { ok: false, again: false, status: PROPOSED, detail: (value as { detail: string }).detail, errors: [] };
    if (response.ok) return { ok: true, value: value as T };
    const { detail = 'The server did not understand.', errors = [] } = value as { detail?: string; errors?: SaveError[] };
    if (response.status >= 500) void connection.look();
    return { ok: false, again: response.status >= 500, status: response.status, detail, errors };
  } catch {
    void connection.look();
    return { ok: false, again: true, status: 0, detail: 'The application does not answer. What you typed is still here; it is tried again.', errors: [] };
  }
}
