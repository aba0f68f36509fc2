import { compareShoes, type ComparedShoe } from '@chiave/core/compare';
import { planOf } from '@chiave/core/fit';
import { parseLength, parseMixedNumber, type LengthUnit, type Side } from '@chiave/core/measure';
import type { FootPlan } from '@chiave/core/shape';
import { isFootLength } from '../../api/foot-length';
import { shoeAt, type Comparable } from '../../compare-shoes';
import { lastFeetOf } from '../kit/feet-of-person';
import { said } from '../../workers/remote';

/** One place on the bench: which shoe, in which size and width. */
export interface Slot {
  key: string;
  size: string;
  width: string;
}
export const MOST_SLOTS = 4;
/** Foot of the bench where nothing says one, mm. */
const USUAL_FOOT_MM = 245;
/** Lasts made for feet nearer than this are alike enough to begin with, mm. */
const ALIKE_MM = 4;
const BLINK_MS = 700;
export interface Who {
  id: number;
  name: string;
}

export const slotFor = (c: Comparable | undefined): Slot => ({ key: c?.key ?? '', size: c ? String(c.last.base.size) : '', width: '' });
/** Without being asked for any, the bench shows two of one kind, so that there is something to see. */
function begin(all: readonly Comparable[], asked: readonly Comparable[]): Slot[] {
  const first = asked[0] ?? all[0];
  const alike = all.filter((c) => c.style === null && c.key !== first?.key && c.last.base.forFootMm > 0);
  const second = asked[1] ?? alike.find((c) => Math.abs(c.last.base.forFootMm - (first?.last.base.forFootMm ?? 0)) < ALIKE_MM) ?? alike[0];
  return [first, second, ...asked.slice(2)]
    .filter((c) => c !== undefined)
    .slice(0, MOST_SLOTS)
    .map(slotFor);
}

/** Two to four insides laid over each other, whose foot stands in them, and how they are looked at. */
export class LastBench {
  slots = $state<Slot[]>([]);
  by = $state<'foot' | 'label' | 'sizes'>('foot');
  footText = $state('');
  at = $state<'heel' | 'ball'>('heel');
  side = $state<Side>('left');
  person = $state.raw<Who | null>(null);
  feet = $state.raw<Partial<Record<Side, FootPlan>>>({});
  message = $state('');
  /** How far the eye is slid from the first to the second. */
  slide = $state(0.5);
  blinking = $state(false);
  #second = $state(false);
  #timer: ReturnType<typeof setInterval> | undefined;
  readonly #all: () => readonly Comparable[];
  readonly #unit: () => LengthUnit;

  constructor(all: () => readonly Comparable[], unit: () => LengthUnit, asked: readonly string[]) {
    this.#all = all;
    this.#unit = unit;
    this.slots = begin(
      all(),
      asked.map((key) => all().find((c) => c.key === key)).filter((c) => c !== undefined)
    );
  }

  readonly byKey = $derived.by((): Readonly<Record<string, Comparable | undefined>> => Object.fromEntries(this.#all().map((c) => [c.key, c])));
  readonly chosen = $derived.by(() => this.slots.map((slot) => ({ c: this.byKey[slot.key], slot })));
  readonly foot = $derived.by(() => this.feet[this.side] ?? null);
  readonly typedFoot = $derived.by(() => (this.footText.trim() === '' ? null : parseLength(this.footText, this.#unit())));
  readonly footMm = $derived.by(() =>
    this.typedFoot?.ok && isFootLength(this.typedFoot.mm) ? this.typedFoot.mm : (this.foot?.lengthMm ?? this.chosen[0]?.c?.last.base.forFootMm ?? USUAL_FOOT_MM)
  );
  readonly laid = $derived.by((): { shoes: ComparedShoe[]; problem: string } => {
    const shoes: ComparedShoe[] = [];
    let problem = '';
    for (const { c, slot } of this.chosen) {
      if (!c) continue;
      const size = parseMixedNumber(this.by === 'label' ? this.slots[0].size : slot.size);
      const width = slot.width || undefined;
      try {
        if (this.by === 'foot') shoes.push(shoeAt(c, { by: 'foot', footMm: this.footMm, width }));
        else if (size === null) problem = `${c.name}: write its size as a number`;
        else shoes.push(shoeAt(c, { by: 'size', size, width }));
      } catch (error) {
        problem = said(error);
      }
    }
    return { shoes, problem };
  });
  readonly against = $derived.by(() => this.laid.shoes.slice(1).map((s) => compareShoes(this.laid.shoes[0], s, this.foot)));
  /** How strongly each is drawn, 0 to 1. */
  readonly strengths = $derived.by(() =>
    this.laid.shoes.map((_, i) => {
      if (i > 1 || this.laid.shoes.length < 2) return 1;
      if (this.blinking) return Number(this.#second === (i === 1));
      return Math.min(1, 2 * (i === 0 ? 1 - this.slide : this.slide));
    })
  );

  blink(): void {
    this.blinking = !this.blinking;
    this.stop();
    if (this.blinking) this.#timer = setInterval(() => (this.#second = !this.#second), BLINK_MS);
  }
  stop(): void {
    clearInterval(this.#timer);
  }

  /** Puts a person's feet in, as they were measured last. */
  async open(who: Who | null): Promise<void> {
    this.person = who;
    this.feet = {};
    if (who === null) return;
    const found = await lastFeetOf(who.id);
    if (this.person !== who) return;
    if ('message' in found) {
      this.message = found.message;
      return;
    }
    this.feet = Object.fromEntries(Object.entries(found.feet).map(([side, foot]) => [side, planOf(foot)]));
  }
}
