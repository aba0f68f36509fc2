import { claimedFootMm, shoeOf, type Preference, type Style } from '@chiave/core/fit';
import { SOCK, type LengthUnit, type SockId } from '@chiave/core/measure';
import {
  addChain,
  lengthStep,
  makingsOf,
  PURPOSES,
  readQuick,
  reportsFor,
  weighHabit,
  type AnyScale,
  type ChainInput,
  type ChainLineId,
  type HabitReport,
  type Making,
  type Meaning,
  type Rounding,
  type ScaleBook
} from '@chiave/core/size';
import type { HabitRow } from '../../api/rows';
import { SHOP_NAME } from '../../shop-name';
import { cardOf } from './answer-card';

/** A size that is typed errs as a foot measured by hand, mm [estimate]. */
const TYPED_SD_MM = 1.5;
const NO_MAKING: Making = { variant: '', madeYear: null };
export const makingName = (m: Making): string => [m.variant, m.madeYear].filter(Boolean).join(', ');

/** What a chain of sums reads of the page around it. */
export interface ChainSurroundings {
  styles: readonly Style[];
  habits: readonly HabitRow[];
  book: ScaleBook;
  unit: LengthUnit;
}

/** From what, into what, and how it is worn: everything that goes into a chain of sums, and what comes of it. */
export class ChainAsked {
  text = $state('us w 6.5');
  chosen = $state<Meaning | null>(null);
  styleId = $state('');
  toScale = $state('eu');
  purposeId = $state('everyday');
  sockId = $state<SockId>('none');
  preference = $state<Preference>('regular');
  rounding = $state<Rounding | null>(null);
  off = $state<ChainLineId[]>([]);
  makingKey = $state('');
  shop = $state(SHOP_NAME);
  readonly #of: () => ChainSurroundings;

  constructor(of: () => ChainSurroundings) {
    this.#of = of;
  }

  readonly answer = $derived.by(() => readQuick(this.text, this.#of().unit, null, this.#of().book));
  readonly meaning = $derived.by(() => this.chosen ?? (this.answer.meanings.length === 1 ? this.answer.meanings[0] : null));
  readonly style = $derived.by(() => this.#of().styles.find((s) => s.id === this.styleId) ?? null);
  readonly purpose = $derived.by(() => PURPOSES.find((p) => p.id === this.purposeId)!);
  readonly target = $derived.by((): AnyScale => this.#of().book.get(this.style ? this.style.scale : this.toScale));
  /** Reports kept of this last, and the makings of it that may be asked about. */
  readonly #kept = $derived.by(() => (this.style ? this.#of().habits.filter((h) => h.lastId === this.style!.last.id) : []));
  readonly makings = $derived.by(() => makingsOf(this.#kept).filter((m) => m.variant !== '' || m.madeYear !== null));

  /** What is known of the last: its inside, where measured, and the reports kept of it. */
  readonly habit = $derived.by(() => {
    const { style } = this;
    if (!style) return null;
    const making = this.makings.find((m) => makingName(m) === this.makingKey) ?? NO_MAKING;
    const reports: HabitReport[] = reportsFor(this.#kept, making);
    const { size, width } = style.last.base;
    const inside = shoeOf(style, size, width).inside.madeForFootMm - claimedFootMm(style, size);
    const own: HabitReport = {
      evidence: style.last.evidence.mark === 'measured' ? 'measured' : 'chart',
      offsetSizes: inside / this.#of().book.get(style.scale).schools[0].unitMm,
      note: style.last.evidence.note
    };
    return weighHabit([own, ...reports]);
  });

  readonly end = $derived.by(() => {
    const { meaning, style, habit, purpose, target } = this;
    if (!meaning) return null;
    const from: ChainInput['from'] =
      meaning.kind === 'foot'
        ? { kind: 'foot', lengthMm: meaning.footMm, sdMm: TYPED_SD_MM }
        : { kind: 'label', scale: meaning.scale!, size: meaning.size!, school: meaning.school };
    const reports = habit && `${habit.weights.length} ${habit.weights.length === 1 ? 'report' : 'reports'}`;
    const input: ChainInput = {
      from,
      to: { scale: target.id, school: style?.school, step: style?.step ?? lengthStep(target), rounding: this.rounding ?? purpose.rounding },
      habit: habit && { sizes: habit.offsetSizes, sdSizes: habit.sdSizes, source: `${style!.last.name}: ${reports}, weighed` },
      // Where the inside is known the plus-sizes of the trade must not come on top.
      purpose: style ? null : { name: purpose.name, sizes: purpose.sizes },
      sockMm: SOCK[this.sockId].mm,
      insertMm: 0,
      preference: this.preference,
      off: this.off
    };
    return addChain(input, this.#of().book);
  });
  readonly card = $derived.by(() => {
    const { end, meaning, style, target } = this;
    return end && meaning ? cardOf(end, meaning.text, style ? `${style.name}, ${style.maker.name}` : target.name, target.name, this.shop) : null;
  });

  type(text: string): void {
    this.text = text;
    this.chosen = null;
  }
  toggle(id: ChainLineId): void {
    this.off = this.off.includes(id) ? this.off.filter((o) => o !== id) : [...this.off, id];
  }
}
