import { send } from '../../send/save.svelte';

/** What was changed in the stockroom at this device, newest last, each with the way back. */
export interface Undoable {
  what: string;
  back: () => Promise<{ ok: boolean; detail?: string }>;
  /** The page to be on afterwards, where this one is gone with the change. */
  after?: string;
}

const MOST = 30;
class UndoList {
  list = $state.raw<Undoable[]>([]);
  message = $state('');
  get last(): Undoable | undefined {
    return this.list.at(-1);
  }
  add(what: string, back: Undoable['back'], after?: string): void {
    this.list = [...this.list.slice(1 - MOST), { what, back, after }];
    this.message = '';
  }
  /** Adds a change that one request takes back. */
  addRequest(what: string, url: string, method: string, body?: unknown, after?: string): void {
    const back = async () => {
      const sent = await send(url, method, body);
      return sent.ok ? { ok: true } : { ok: false, detail: sent.detail };
    };
    this.add(what, back, after);
  }
  /** Takes the newest change back. @returns it, when that went well */
  async undo(): Promise<Undoable | null> {
    const last = this.last;
    if (!last) return null;
    const done = await last.back();
    this.message = done.ok ? `Taken back: ${last.what}.` : `Could not be taken back: ${done.detail ?? ''}`;
    if (done.ok) this.list = this.list.slice(0, -1);
    return done.ok ? last : null;
  }
}
export const undoList = new UndoList();
