import { getContext, setContext } from 'svelte';
import type { FlagId } from '@chiave/core/fit';
import { refusalOf, SIDES, usualWay, type LengthUnit, type Load, type Side, type TakenId } from '@chiave/core/measure';
import { fittingIn, type FittingAnswer, type FittingRow, type TryRow } from '../../api/rows';
import { featuresOf, feetOut, type FeetBody, type FootFeatures, type TakenValue } from '../../api/foot-schema';
import { bodyOf, entriesOf, nowIso, stampsOf, takenOf, valueOf, withUnit, type Entries, type EntryKey, type Stamp, type Stamps } from './entries';
import { fitterName, Keeper, send } from '../../send/save.svelte';

const KEY = Symbol('desk');
type Patch = Partial<Omit<FittingRow, 'feet' | 'tries' | 'customer'>>;

/**
 * The fitting under way, shared by its seven steps: what is typed shows at once everywhere and is saved behind it.
 * What the server does not have yet waits in this browser.
 */
export class Desk {
  fitting = $state() as FittingRow;
  /** What stands in the fields of Measure, as typed. */
  entries = $state() as Entries;
  /** How, when and by whom each value was taken. */
  stamps = $state() as Stamps;
  /** How often the fitting was read anew: what shows a part of it is made anew with it. */
  readings = $state(0);
  /** True when something unsaved was found in this browser and is being saved now. */
  restored = $state(false);
  /** The unit each field was typed under: a bare number goes on meaning what it meant. */
  readonly #units: Record<Side, Partial<Record<EntryKey, LengthUnit>>> = { left: {}, right: {} };
  readonly asked: Keeper;
  readonly feet: Keeper;
  #changed: Patch & { flags?: FlagId[] } = {};

  constructor(fitting: FittingRow) {
    this.fitting = fitting;
    this.entries = entriesOf(fitting.feet);
    this.stamps = stampsOf(fitting.feet);
    this.asked = new Keeper(`/api/v1/fittings/${fitting.id}`, 'PATCH', `asked-${fitting.id}`);
    // Only what was changed here since the last save is sent, so that two tablets on one fitting do not undo each other.
    this.asked.onsaved = () => (this.#changed = {});
    this.feet = new Keeper(`/api/v1/fittings/${fitting.id}/feet`, 'PUT', `feet-${fitting.id}`);
    this.asked.version = fitting.version;
    this.feet.version = fitting.feetVersion;
  }

  /** Takes up what a closed tab or a dead battery left unsaved. In the browser only. */
  restore(): void {
    const asked = this.asked.draft<Patch & { flags?: FlagId[] }>();
    if (asked) {
      this.patch(asked);
      this.restored = true;
    }
    const feet = this.feet.draft<{ entries: Entries; features: Record<Side, FootFeatures>; stamps?: Stamps }>();
    if (feet) {
      this.entries = feet.entries;
      this.stamps = feet.stamps ?? { left: {}, right: {} };
      for (const side of ['left', 'right'] as const) Object.assign(this.fitting.feet[side], feet.features[side]);
      this.#takeAll();
      this.restored = true;
    }
  }

  /** Changes what was asked or seen. */
  patch(part: Patch & { flags?: FlagId[] }): void {
    const { flags, ...rest } = part;
    Object.assign(this.fitting, rest);
    if (flags) this.fitting.customer.flags = flags;
    this.#changed = { ...this.#changed, ...part };
    this.asked.later($state.snapshot(this.#changed));
  }

  /** After a conflict: what stands here is let go, and the fitting is read again as the other fitter left it. */
  async takeTheirs(keeper: Keeper): Promise<void> {
    const sent = await send<FittingAnswer>(`/api/v1/fittings/${this.fitting.id}`, 'GET');
    if (!sent.ok) return;
    keeper.drop();
    this.takeOver(fittingIn(sent.value));
  }

  /** Reads the fitting as another fitter left it. */
  takeOver(fitting: FittingRow): void {
    this.fitting = fitting;
    this.readings++;
    this.entries = entriesOf(fitting.feet);
    this.stamps = stampsOf(fitting.feet);
    this.asked.version = fitting.version;
    this.feet.version = fitting.feetVersion;
  }

  /** What was typed into a measure; the value is stamped with how and by whom it is taken now. */
  type(side: Side, key: EntryKey, text: string, unit: LengthUnit): void {
    this.entries[side][key] = text;
    this.#units[side][key] = unit;
    const id = takenOf(key);
    const { measuredLoad, measuredSockMm } = this.fitting;
    const how = this.stamps[side][id]?.how ?? usualWay(id);
    this.stamps[side][id] = { how, at: nowIso(), by: fitterName.get(), under: measuredLoad, sockMm: measuredSockMm };
    this.#take(side, id, unit);
    this.saveFeet();
  }

  /** Reads the fields of one measure again, and no other; where that is the length, what was refused by the old one is looked at anew. */
  #take(side: Side, id: TakenId, unit: LengthUnit): void {
    const texts = this.entries[side];
    const { values } = this.fitting.feet[side];
    const set = (one: TakenId): void => {
      const value = valueOf(texts, one, unit, this.stamps[side][one], one === 'lengthMm' ? undefined : values.lengthMm?.mm);
      if (value) values[one] = value;
      else delete values[one];
    };
    set(id);
    if (id !== 'lengthMm') return;
    for (const [other, value] of Object.entries(values) as [TakenId, TakenValue][]) if (refusalOf(other, value.mm, values.lengthMm?.mm)) delete values[other];
    for (const key of Object.keys(texts) as EntryKey[]) if (!key.endsWith('#2') && !((key as TakenId) in values)) set(key as TakenId);
  }

  /** Says how the feet are read: for all that stands there and for what is still to be typed. */
  readAs(part: { measuredLoad: Load } | { measuredSockMm: number }): void {
    this.patch(part);
    const own = 'measuredLoad' in part ? { under: part.measuredLoad } : { sockMm: part.measuredSockMm };
    for (const side of ['left', 'right'] as const) for (const id of Object.keys(this.stamps[side]) as TakenId[]) Object.assign(this.stamps[side][id]!, own);
    this.#takeAll();
  }

  /** Says how a value was taken. */
  stamp(side: Side, id: TakenId, part: Partial<Stamp>): void {
    const before = this.stamps[side][id];
    if (before) this.stamps[side][id] = { ...before, ...part };
    this.#take(side, id, 'mm');
    this.saveFeet();
  }

  /** Values that came together, from a gauge or a tracing. @param sdOf deviation of each, where the source tells it, mm */
  fill(side: Side, values: Partial<Record<TakenId, number>>, how: Stamp['how'], sdOf?: (id: TakenId) => number): void {
    const { measuredLoad, measuredSockMm } = this.fitting;
    for (const [id, mm] of Object.entries(values) as [TakenId, number][]) {
      this.entries[side][id] = `${Number(mm.toFixed(1))} mm`;
      const sd = sdOf ? { sdMm: sdOf(id) } : {};
      this.stamps[side][id] = { how, at: nowIso(), by: fitterName.get(), under: measuredLoad, sockMm: measuredSockMm, ...sd };
    }
    this.#takeAll();
  }

  feature(side: Side, part: Partial<FootFeatures>): void {
    Object.assign(this.fitting.feet[side], part);
    this.saveFeet();
  }

  /** Starts from the feet of an earlier visit. */
  startFrom(feet: FeetBody, weightKg: number | null = null): void {
    const copy = structuredClone(feet);
    this.fitting.feet = copy;
    this.entries = entriesOf(copy);
    this.stamps = stampsOf(copy);
    // What the person weighed when these feet were read: a later weight then says how they changed.
    if (weightKg !== null) this.patch({ feetWeightKg: weightKg });
    this.#takeAll();
  }

  /** Reads every field again, all of them with their units. */
  #takeAll(): void {
    for (const side of SIDES) this.fitting.feet[side].values = bodyOf(this.entries, side, 'mm', this.stamps);
    this.saveFeet();
  }

  saveFeet(): void {
    const feet = $state.snapshot(this.fitting.feet) as FeetBody;
    const features = { left: featuresOf(feet.left), right: featuresOf(feet.right) };
    this.feet.later(feetOut(feet), { entries: this.#kept(feet), features, stamps: $state.snapshot(this.stamps) }, this.#refusedSomewhere());
  }

  /** The fields as this browser keeps them: what was taken as it was read, with its unit, and what was refused as it stands. */
  #kept(feet: FeetBody): Entries {
    const own = entriesOf(feet);
    const of = (side: Side): Entries['left'] => {
      const refused = Object.entries(this.entries[side]).filter(([key]) => !(key in own[side])) as [EntryKey, string][];
      return { ...Object.fromEntries(refused.map(([key, text]) => [key, withUnit(text, this.#units[side][key] ?? 'mm', takenOf(key))])), ...own[side] };
    };
    return { left: of('left'), right: of('right') };
  }

  /** Text that cannot be taken is nowhere but here: it stays in this browser after the rest is saved. */
  #refusedSomewhere(): boolean {
    return SIDES.some((side) =>
      Object.entries(this.entries[side]).some(([id, text]) => text.trim() !== '' && !this.fitting.feet[side].values[takenOf(id as EntryKey)])
    );
  }

  addTry(row: TryRow): void {
    this.fitting.tries.push(row);
  }
  removeTry(id: number): void {
    this.fitting.tries = this.fitting.tries.filter((t) => t.id !== id);
  }

  /** Everything that waits is sent at once. */
  async settle(): Promise<void> {
    await Promise.all([this.asked.now(), this.feet.now()]);
  }
}

export const setDesk = (desk: Desk): Desk => setContext(KEY, desk);
export const getDesk = (): Desk => getContext<Desk>(KEY);
