import { middleOf, movedAlong, turnedAbout, type Plane, type ScanValue } from '@chiave/core/scan';

/** How far one press moves or leans a plane, mm and rad. */
const STEP_MM = 1;
const STEP_RAD = Math.PI / 180;

/** What a hand does to a plane. */
type PlaneMove = { byMm: number } | { byRad: number };
export type Values<Id extends string> = Partial<Record<Id, ScanValue>>;

/** The tapes round a scan: which one is looked at, and where a hand moved them. */
export class Tapes<Id extends string> {
  /** What is looked at. */
  chosen = $state<Id | null>(null);
  /** Girths whose planes a hand moved, with what they are there. */
  moved = $state.raw<Values<Id>>({});
  /** Where each plane was last laid: the next press goes on from there, though its girth is not worked out yet. */
  #laid: Partial<Record<Id, Plane>> = {};
  /** Millimetres a finger went since the tape was last laid anew: it is laid as often as the worker can. */
  #waiting = 0;
  #laying = false;

  /**
   * @param read what was measured where the trade measures it
   * @param along a girth along another plane; null where its tape meets nothing
   * @param onmoved told when a girth is another than before, by a hand or put back
   */
  constructor(
    readonly read: () => Values<Id>,
    readonly along: (id: Id, plane: Plane) => Promise<ScanValue | null>,
    readonly onmoved: (id: Id) => void
  ) {}

  readonly values = $derived.by((): Values<Id> => ({ ...this.read(), ...this.moved }));
  /** The girth that is looked at, if it is one. */
  readonly girth = $derived.by((): Id | null => (this.chosen && this.values[this.chosen]?.plane ? this.chosen : null));

  /** Nothing is looked at, and all lie where the trade lays them. */
  clear(): void {
    this.chosen = null;
    this.forget();
  }
  /** All lie where the trade lays them. */
  forget(): void {
    this.#laid = {};
    this.moved = {};
  }

  /** Moves the plane of a girth along itself, or leans it. */
  async move(id: Id, by: PlaneMove): Promise<void> {
    const value = this.values[id];
    const plane = this.#laid[id] ?? value?.plane;
    if (!value || !plane) return;
    const { at, normal } = plane;
    if ('byMm' in by) await this.#lay(id, { at: movedAlong(at, normal, by.byMm), normal });
    // About the line from side to side: forwards and back, not askew.
    else await this.#lay(id, { at: middleOf(value.line), normal: turnedAbout(normal, [0, 1, 0], by.byRad) });
  }
  step(id: Id, way: 1 | -1, lean: boolean): Promise<void> {
    return this.move(id, lean ? { byRad: way * STEP_RAD } : { byMm: way * STEP_MM });
  }
  /** Where its tape meets nothing it stays as it was. */
  async #lay(id: Id, plane: Plane): Promise<void> {
    this.#laid[id] = plane;
    const value = await this.along(id, plane);
    if (this.#laid[id] !== plane) return;
    delete this.#laid[id];
    if (!value) return;
    this.moved = { ...this.moved, [id]: value };
    this.onmoved(id);
  }
  /** Back to where the trade lays it. */
  restore(id: Id): void {
    delete this.#laid[id];
    const moved = { ...this.moved };
    delete moved[id];
    this.moved = moved;
    this.onmoved(id);
  }
  /** Drags the tape that is looked at along its plane's normal. */
  async drag(byMm: number): Promise<void> {
    this.#waiting += byMm;
    if (this.#laying || !this.chosen) return;
    this.#laying = true;
    while (this.#waiting !== 0 && this.chosen) {
      const by = this.#waiting;
      this.#waiting = 0;
      await this.move(this.chosen, { byMm: by });
    }
    this.#laying = false;
  }
}
