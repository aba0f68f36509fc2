import { clearanceAt, KIND, ZONE, zoneSetFor, zoneState, type FitDrawing, type Style, type ZoneId, type ZoneState } from '@chiave/core/fit';
import { SIDES, type Side } from '@chiave/core/measure';
import type { TryRow } from '../../api/rows';
import { Keeper } from '../../send/save.svelte';
import type { Desk } from '../fitting/desk.svelte';
import { layTried } from './lay-tried';

/** A kind of which nothing is known. */
const PLAIN = { pullOn: false };

/** What is expected of one zone of one foot. */
export interface Expected {
  mm: number;
  state: ReturnType<typeof zoneState>;
}

/** One pair at the chair: what the engine expects of it, and what was felt. */
export class Tried {
  readonly row: TryRow;
  readonly style: Style | undefined;
  readonly keeper: Keeper;
  readonly #desk: Desk;

  constructor(desk: Desk, row: TryRow, style: Style | undefined) {
    this.#desk = desk;
    this.row = row;
    this.style = style;
    this.keeper = new Keeper(`/api/v1/tries/${row.id}`, 'PATCH');
    this.keeper.version = row.version;
    this.keeper.onsaved = () => (row.version = this.keeper.version ?? row.version);
  }

  /** Zones a customer can say something of, in the order in which a fitter asks. */
  get zones(): ZoneId[] {
    const kind = this.style ? KIND[this.style.kind] : PLAIN;
    return zoneSetFor(kind)
      .inOrder.map(({ id }) => id)
      .filter((id) => ZONE[id].felt);
  }

  /** Both feet in it as they are worn; none where its style or size is gone, or a foot was not measured. */
  readonly #laid = $derived.by(() => layTried(this.#desk.fitting, this.row, this.style));
  drawing(side: Side): FitDrawing | undefined {
    return this.#laid?.[side].drawing;
  }
  expects(side: Side, zone: ZoneId): Expected | null {
    const foot = this.#laid?.[side];
    const mm = foot ? clearanceAt(foot.zone, foot.targets, zone) : NaN;
    return foot && !Number.isNaN(mm) ? { mm, state: zoneState(zone, mm, foot.targets) } : null;
  }

  felt(side: Side, zone: ZoneId): ZoneState | undefined {
    return this.row.felt[side][zone];
  }
  /** All that was felt, left foot first. */
  get allFelt(): { side: Side; zone: ZoneId; state: ZoneState }[] {
    return SIDES.flatMap((side) => this.zones.flatMap((zone) => (this.felt(side, zone) ? [{ side, zone, state: this.felt(side, zone)! }] : [])));
  }
  feel(side: Side, zone: ZoneId, state: ZoneState | undefined): void {
    const next = { ...this.row.felt[side] };
    if (state) next[zone] = state;
    else delete next[zone];
    this.row.felt[side] = next;
    this.keeper.later({ felt: $state.snapshot(this.row.felt) });
  }
}
