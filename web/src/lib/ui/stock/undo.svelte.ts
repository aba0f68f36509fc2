/** What was changed in the stockroom at this device, newest last, each with the way back. */
export interface Undoable {
  what: string;
  back: () => Promise<{ ok: boolean; detail?: string }>;
}

const MOST = 30;
class UndoList {
  list = $state.raw<Undoable[]>([]);
  message = $state('');
  get last(): Undoable | undefined {
    return this.list.at(-1);
  }
  add(what: string, back: Undoable['back']): void {
    this.list = [...this.list.slice(1 - MOST), { what, back }];
    this.message = '';
  }
  /** Takes the newest change back. */
  async undo(): Promise<boolean> {
    const last = this.last;
    if (!last) return false;
    const done = await last.back();
    this.message = done.ok ? `Taken back: ${last.what}.` : `Could not be taken back: ${done.detail ?? ''}`;
    if (done.ok) this.list = this.list.slice(0, -1);
    return done.ok;
  }
}
export const undoList = new UndoList();
