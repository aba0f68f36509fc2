import { beginTimer, chairCautions, pauseTimer, protocolFor, resumeTimer, stepsOf, type ChairStep, type ChairTimer, type StepId } from '@chiave/core/chair';
import { clearanceAt, KIND, ZONE, zoneSetFor, zoneState, type FitDrawing, type Style, type ZoneId, type ZoneState } from '@chiave/core/fit';
import { SIDES, type Side } from '@chiave/core/measure';
import type { TryRow } from '../../api/rows';
import { ageOf } from '../../fit-feet';
import { Keeper } from '../../send/save.svelte';
import type { Desk } from '../fitting/desk.svelte';
import { clock } from '../kit/clock';
import { layTried } from './lay-tried';

/** A kind of which nothing is known. */
const PLAIN = { pullOn: false, shaftMm: 0, teacherLeads: false };

/** What is expected of one zone of one foot. */
export interface Expected {
  mm: number;
  state: ReturnType<typeof zoneState>;
}
/** A foot, or the pair where a step is answered once. */
export type Where = Side | 'pair';
export type ChairAnswer = NonNullable<NonNullable<TryRow['chair']['steps'][StepId]>['left']>;

type Changed = Partial<Pick<TryRow, 'felt' | 'chair' | 'reason'>>;

/** One pair at the chair: what the engine expects of it, what was felt, and how far its protocol came. */
export class Tried {
  readonly row: TryRow;
  readonly style: Style | undefined;
  readonly keeper: Keeper;
  readonly #desk: Desk;
  /** What was changed and is not saved yet. */
  #changed: Changed = {};

  constructor(desk: Desk, row: TryRow, style: Style | undefined) {
    this.#desk = desk;
    this.row = row;
    this.style = style;
    this.keeper = new Keeper(`/api/v1/tries/${row.id}`, 'PATCH', `try-${row.id}`);
    this.keeper.version = row.version;
    this.keeper.onsaved = () => {
      this.#changed = {};
      row.version = this.keeper.version ?? row.version;
    };
  }
  /** Takes up what a closed tab or a dead battery left unsaved. In the browser only. */
  restore(): void {
    const draft = this.keeper.draft<Changed>();
    if (!draft) return;
    Object.assign(this.row, draft);
    this.#save(draft);
    void this.keeper.now();
  }
  #save(part: Changed): void {
    this.#changed = { ...this.#changed, ...part };
    this.keeper.later(this.#changed);
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
    this.#save({ felt: $state.snapshot(this.row.felt) });
  }

  /** Steps of its kind in order; none for a style that is gone. */
  readonly steps = $derived.by((): ChairStep<StepId>[] => (this.style ? stepsOf(protocolFor(this.style.kind, this.#desk.fitting.customer.flags)) : []));
  get protocolName(): string {
    return this.style ? protocolFor(this.style.kind, this.#desk.fitting.customer.flags).name : '';
  }
  get cautions(): string[] {
    const { customer } = this.#desk.fitting;
    return chairCautions(customer.flags, ageOf(customer) ?? null);
  }
  answerAt(step: StepId, where: Where): ChairAnswer | undefined {
    return this.row.chair.steps[step]?.[where];
  }
  /** Both feet answered, or the pair. */
  done(step: ChairStep<StepId>): boolean {
    const said = this.row.chair.steps[step.id];
    return step.each === 'pair' ? said?.pair?.ok !== undefined : SIDES.every((side) => said?.[side]?.ok !== undefined);
  }
  failed(step: ChairStep<StepId>): boolean {
    return Object.values(this.row.chair.steps[step.id] ?? {}).some((a) => a?.ok === false);
  }
  #keepChair(chair: TryRow['chair']): void {
    this.row.chair = chair;
    this.#save({ chair: $state.snapshot(chair) });
  }
  answer(step: StepId, where: Where, part: ChairAnswer): void {
    const { steps, timers } = this.row.chair;
    const next = { ...steps[step]?.[where], ...part };
    for (const key of ['ok', 'mm', 'words'] as const) if (next[key] === undefined || next[key] === '') delete next[key];
    this.#keepChair({ steps: { ...steps, [step]: { ...steps[step], [where]: next } }, timers });
  }
  timer(step: StepId): ChairTimer | undefined {
    return this.row.chair.timers.find((t) => t.step === step);
  }
  #setTimer(step: StepId, timer: ChairTimer | undefined): void {
    const { steps, timers } = this.row.chair;
    this.#keepChair({ steps, timers: [...timers.filter((t) => t.step !== step), ...(timer ? [timer] : [])] });
    // It has to ring elsewhere too: nothing waits for another keystroke.
    void this.keeper.now();
  }
  begin = (step: StepId, minutes?: number): void => this.#setTimer(step, beginTimer(step, clock.now, minutes));
  pause = (step: StepId): void => this.#setTimer(step, pauseTimer(this.timer(step)!, clock.now));
  resume = (step: StepId): void => this.#setTimer(step, resumeTimer(this.timer(step)!, clock.now));
  forget = (step: StepId): void => this.#setTimer(step, undefined);
  /** What a timer rang for was asked. */
  answered = (step: StepId): void => this.#setTimer(step, { ...this.timer(step)!, answered: true });
  lost(reason: TryRow['reason']): void {
    this.row.reason = reason;
    this.#save({ reason: $state.snapshot(reason) });
  }
}
