import { CLOSURE } from '@chiave/core/fit';
import {
  MOST_SEGMENTS,
  frictionOf,
  HOLD,
  planDates,
  slideDrive,
  slideOf,
  partnerRise,
  type GroundId,
  type HeelMade,
  type HeelShapeId,
  type HoldId,
  type PlanAsked,
  type PlanEnd,
  type PlanShoe,
  type PlanSoleId,
  type Segment
} from '@chiave/core/heel';
import type { Foot } from '@chiave/core/measure';
import { proxy } from 'comlink';
import type { OccasionBody } from '../../api/occasion-schema';
import type { StockPair } from '../../stock-pairs';
import { plannerBeside } from '../../workers/plan-client';
import { said, type Beside } from '../../workers/remote';
import type { Planner } from '../../workers/plan.worker';
import { FootHere } from './foot-here.svelte';

/** A pair as it is typed. */
export interface PairTyped {
  id: number;
  name: string;
  heelHeightMm: number;
  platformMm: number;
  heel: HeelShapeId;
  hold: HoldId;
  capMm: number | null;
  sole: PlanSoleId;
  formality: number;
  hoursWorn: number;
  /** Girth room at the ball, and toe room, mm. */
  ballRoomMm: number;
  toeRoomMm: number;
  owned: boolean;
}
export type SegmentTyped = Segment & { id: number };

const segment = (id: number, name: string, minutes: number, doing: Segment['doing'], ground: GroundId, more: Partial<Segment> = {}): SegmentTyped => ({
  id,
  name,
  minutes,
  doing,
  ground,
  wet: false,
  turns: false,
  formality: 3,
  seen: 0.5,
  heightMatters: false,
  ...more
});
const pair = (id: number, name: string, heelHeightMm: number, heel: HeelShapeId, more: Partial<PairTyped> = {}): PairTyped => ({
  id,
  name,
  heelHeightMm,
  platformMm: 0,
  heel,
  hold: 'none',
  capMm: null,
  sole: 'leather',
  formality: 3,
  hoursWorn: 10,
  ballRoomMm: 0,
  toeRoomMm: 10,
  owned: true,
  ...more
});
/** An evening to begin with: everything in it is changed at will. */
const EVENING = {
  segments: [
    segment(1, 'song on the lawn', 35, 'standing', 'lawn-clay-moist', { formality: 5, seen: 1 }),
    segment(2, 'terrace', 45, 'walking', 'stone', { formality: 4, heightMatters: true }),
    segment(3, 'supper', 110, 'sitting', 'oak', { formality: 4, seen: 0.1 }),
    segment(4, 'dancing', 150, 'dancing', 'oak', { turns: true, heightMatters: true })
  ],
  pairs: [
    pair(1, 'Block 58 with a strap', 58, 'block', { hold: 'strap' }),
    pair(2, 'Block 83 with a strap', 83, 'block', { hold: 'strap', formality: 4 }),
    pair(3, 'Pump 92', 92, 'thick-stiletto', { formality: 5, hoursWorn: 1 })
  ]
};
const KEY = 'chiave.occasion';
interface KeptOccasion {
  segments: SegmentTyped[];
  pairs: PairTyped[];
}
/** What was typed last on this device. */
function kept(): KeptOccasion {
  const text = typeof localStorage === 'undefined' ? null : localStorage.getItem(KEY);
  try {
    const read = text === null ? null : (JSON.parse(text) as KeptOccasion);
    return Array.isArray(read?.segments) && Array.isArray(read?.pairs)
      ? { ...read, pairs: read.pairs.map((p) => pair(p.id, p.name, p.heelHeightMm, p.heel, p)) }
      : structuredClone(EVENING);
  } catch {
    return structuredClone(EVENING);
  }
}

/** An occasion as it is typed, planned beside the page whenever it changes. */
export class Occasion extends FootHere {
  segments = $state<SegmentTyped[]>([]);
  pairs = $state<PairTyped[]>([]);
  longSkirt = $state(true);
  hem = $state(true);
  comfort = $state(1);
  risk = $state(1);
  look = $state(1);
  statureMm = $state(1650);
  withPartner = $state(false);
  partnerMm = $state(1760);
  partnerHeelMm = $state(25);
  leastTallerMm = $state(40);
  mostTallerMm = $state(75);
  event = $state('');
  deliveryDays = $state(10);
  returnDays = $state(14);

  /** Heels of the stockroom that fit these feet, where they are asked to be planned with. */
  fromStock = $state(false);
  stock = $state.raw<StockPair[]>([]);
  looking = $state(false);

  end = $state.raw<PlanEnd | null>(null);
  tookMs = $state(0);
  running = $state(false);
  done = $state(0);
  of = $state(0);
  #worker: Beside<Planner> | undefined;
  #turn = 0;
  #stockTurn = 0;

  constructor() {
    super();
    const { segments, pairs } = kept();
    this.segments = segments;
    this.pairs = pairs;
  }

  readonly problems = $derived.by((): string[] => [
    ...(this.segments.length === 0 ? ['An occasion has at least one part: add one.'] : []),
    ...(this.pairs.length === 0 && !this.fromStock ? ['Name at least one pair that may be worn, or plan from the stockroom.'] : []),
    ...this.pairs.filter((p) => p.platformMm > p.heelHeightMm).map((p) => `${p.name || 'A pair'}: its platform is higher than its heel; check both.`),
    ...(this.withPartner && this.leastTallerMm > this.mostTallerMm ? ['The least difference wished is more than the most; turn them round.'] : [])
  ]);
  readonly asked = $derived.by((): PlanAsked | null =>
    this.problems.length > 0 || this.pairs.length + this.stock.length === 0
      ? null
      : {
          foot: this.poseFoot,
          weightKg: this.weightKg,
          ankleReachDeg: this.reachDeg,
          reachSchool: this.school,
          segments: this.segments.map(({ id: _, ...part }) => ({ ...part })),
          shoes: [
            ...this.pairs.map((p): PlanShoe => ({
              id: String(p.id),
              name: p.name,
              made: madeOf(p),
              formality: p.formality,
              sole: p.sole,
              slideMm: this.#slide(p),
              hoursWorn: p.hoursWorn,
              owned: p.owned
            })),
            ...this.stock
          ],
          wishes: {
            partner: this.withPartner
              ? {
                  statureMm: this.partnerMm,
                  riseMm: partnerRise(this.partnerMm, this.partnerHeelMm),
                  tallerMm: [this.leastTallerMm, this.mostTallerMm]
                }
              : null,
            statureMm: this.statureMm,
            longSkirt: this.longSkirt,
            hem: this.hem,
            weights: { comfort: this.comfort, risk: this.risk, look: this.look }
          }
        }
  );
  /** How far this foot runs forward in a pair as one walks in a stocking, mm. */
  #slide({ heelHeightMm, platformMm, hold, ballRoomMm, toeRoomMm }: PairTyped): number {
    const drive = slideDrive(heelHeightMm - platformMm, frictionOf('stocking'), CLOSURE[HOLD[hold].closure].letsSlide);
    return slideOf(drive, ballRoomMm, this.foot.values.ballGirthMm.mm, toeRoomMm).centreMm;
  }
  /** @param today `2026-11-29` */
  dates(today: string): ReturnType<typeof planDates> | null {
    return /^\d{4}-\d\d-\d\d$/.test(this.event)
      ? planDates(this.event, today, { deliveryDays: this.deliveryDays, hem: this.hem, returnDays: this.returnDays })
      : null;
  }
  /** A pair by its id, as it is drawn. */
  pairOf(id: string): { name: string; made: HeelMade } | undefined {
    const found = this.pairs.find((p) => String(p.id) === id);
    return found ? { name: found.name, made: madeOf(found) } : this.stock.find((p) => p.id === id);
  }

  /** All that is typed, as it is kept with a person. */
  body(): OccasionBody {
    const { fromStock, longSkirt, hem, comfort, risk, look, statureMm, withPartner, partnerMm, partnerHeelMm, leastTallerMm, mostTallerMm } = this;
    const { event, deliveryDays, returnDays } = this;
    return {
      segments: this.segments.map(({ id: _, ...part }) => ({ ...part })),
      pairs: this.pairs.map(({ id: _, ...pair }) => ({ ...pair })),
      fromStock,
      longSkirt,
      hem,
      comfort,
      risk,
      look,
      statureMm,
      withPartner,
      partnerMm,
      partnerHeelMm,
      leastTallerMm,
      mostTallerMm,
      event,
      deliveryDays,
      returnDays
    };
  }
  /** Takes up what was kept. */
  take({ segments, pairs, ...rest }: OccasionBody): void {
    Object.assign(this, rest);
    this.segments = segments.map((part, i) => ({ ...part, id: i + 1 }));
    this.pairs = pairs.map((p, i) => ({ ...p, id: i + 1 }));
  }

  keep(): void {
    localStorage.setItem(KEY, JSON.stringify({ segments: this.segments, pairs: this.pairs }));
  }
  addSegment(): void {
    if (this.segments.length < MOST_SEGMENTS) this.segments.push(segment(nextId(this.segments), '', 30, 'standing', 'oak'));
  }
  addPair(): void {
    this.pairs.push(pair(nextId(this.pairs), `Pair ${this.pairs.length + 1}`, 60, 'block'));
  }

  async plan(asked: PlanAsked): Promise<void> {
    const own = ++this.#turn;
    this.running = true;
    [this.done, this.of] = [0, 0];
    const tell = (done: number, of: number) => void (own === this.#turn && ([this.done, this.of] = [done, of]));
    try {
      const ended = await (this.#worker ??= plannerBeside()).ask<{ end: PlanEnd; tookMs: number } | null>((p) => p.plan(asked, proxy(tell)));
      if (own !== this.#turn || !ended) return;
      this.end = ended.end;
      this.tookMs = ended.tookMs;
      this.message = '';
    } catch (error) {
      if (own === this.#turn) this.message = `The plan stopped: ${said(error)}`;
    } finally {
      if (own === this.#turn) this.running = false;
    }
  }
  /** Looks which heels of the stockroom fit these feet, or lets go of them. @param feet as they stand here */
  async takeStock(feet: readonly Foot[] | null): Promise<void> {
    const own = ++this.#stockTurn;
    this.looking = feet !== null;
    if (feet === null) {
      this.stock = [];
      return;
    }
    try {
      const found = await (this.#worker ??= plannerBeside()).ask<StockPair[] | null>((p) => p.stocked(feet));
      if (own !== this.#stockTurn || !found) return;
      this.stock = found;
      this.message = found.length === 0 ? 'No heel of the stockroom fits these feet.' : '';
    } catch (error) {
      if (own === this.#stockTurn) this.message = `The stockroom could not be looked through: ${said(error)}`;
    } finally {
      if (own === this.#stockTurn) this.looking = false;
    }
  }
  stop(): void {
    this.#turn++;
    this.running = false;
    void this.#worker?.ask((p) => p.stop()).catch(() => {});
  }
  close(): void {
    this.#worker?.close();
  }
}
const madeOf = ({ heelHeightMm, platformMm, heel, hold, capMm }: PairTyped): HeelMade => ({ heelHeightMm, platformMm, heel, hold, capMm: capMm ?? undefined });
const nextId = (rows: readonly { id: number }[]): number => Math.max(0, ...rows.map((r) => r.id)) + 1;
