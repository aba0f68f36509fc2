import { tick } from 'svelte';
import { groupsInOrder, OPEN_GROUPS, SIDES, type Side, type TakenId } from '@chiave/core/measure';
import { send } from '../../send/save.svelte';
import type { Desk } from '../fitting/desk.svelte';
import { typeFast } from './quick-entry';

/** In which order this shop takes its measures, which field is looked at, and how fast entry moves from one to the next. */
export class MeasureOrder {
  active = $state<{ id: TakenId; side: Side } | null>(null);
  /** Figures move on by themselves. */
  fast = $state(false);
  #order = $state<readonly string[]>([]);
  /** True until a figure is typed into the field that is looked at: the first takes the place of what stands there. */
  #fresh = true;
  readonly #desk: Desk;

  constructor(desk: Desk, order: readonly string[]) {
    this.#desk = desk;
    this.#order = order;
  }

  readonly groups = $derived.by(() => groupsInOrder(this.#order));
  readonly #sequence = $derived.by(() =>
    this.groups.filter((g) => OPEN_GROUPS.includes(g.id)).flatMap((g) => g.measures.flatMap((m) => SIDES.map((side) => ({ id: m.id, side }))))
  );

  /** What is taken now: the first of all until a field was looked at. */
  readonly now = $derived.by(() => this.active ?? this.#sequence[0]);

  look(id: TakenId, side: Side): void {
    this.active = { id, side };
    this.#fresh = true;
  }
  focus = async (id: TakenId, side: Side): Promise<void> => {
    await tick();
    const field = document.querySelector<HTMLInputElement>(`[data-field="${id}-${side}"]`);
    field?.closest('details')?.setAttribute('open', '');
    field?.focus();
    field?.scrollIntoView({ block: this.fast ? 'center' : 'nearest' });
  };
  next(id: TakenId, side: Side): void {
    const at = this.#sequence.findIndex((s) => s.id === id && s.side === side);
    const after = this.#sequence[at + 1];
    if (at >= 0 && after) void this.focus(after.id, after.side);
  }
  toggleFast(): void {
    this.fast = !this.fast;
    if (this.fast) void this.focus(this.#sequence[0].id, this.#sequence[0].side);
  }

  /** A key of the keypad, for the field that is looked at. */
  press(key: string): void {
    const at = this.now;
    if (key === 'next') return this.next(at.id, at.side);
    const stood = this.#fresh && key !== '⌫' ? '' : (this.#desk.entries[at.side][at.id] ?? '').replace(/ mm$/, '');
    this.#fresh = false;
    if (typeFast(this.#desk, at.side, at.id, key === '⌫' ? stood.slice(0, -1) : stood + key)) this.next(at.id, at.side);
    else if (!this.active) void this.focus(at.id, at.side).then(() => (this.#fresh = false));
  }

  /** Moves a group, for the whole shop. */
  async move(id: string, by: number): Promise<void> {
    const moved = this.groups.map((g) => g.id);
    const [one] = moved.splice(moved.indexOf(id), 1);
    moved.splice(this.groups.findIndex((g) => g.id === id) + by, 0, one);
    this.#order = moved;
    await send('/api/v1/settings/measures', 'PUT', { order: moved });
  }
}
