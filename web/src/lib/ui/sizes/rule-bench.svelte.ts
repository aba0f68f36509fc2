import type { LengthUnit } from '@chiave/core/measure';
import { convertFoot, convertLabel, readQuick, type AnyScale, type Meaning, type ScaleBook } from '@chiave/core/size';
import { takesWords, type Mark } from '../../drawing/rule-readings';
import { RULE_LIMITS, viewAround, type View } from '../../drawing/rule-view';

/** A foot on the rule until something is typed, mm. */
const FREE_MM = 240;
/** A mark nearer than this to the end of what is seen is brought to its middle, mm. */
const EDGE_MM = 4;
const held = (mm: number): number => Math.min(RULE_LIMITS.toMm, Math.max(RULE_LIMITS.fromMm, mm));
const footIn = (text: string | null): number | null => {
  const mm = Number(text);
  return mm >= RULE_LIMITS.fromMm && mm <= RULE_LIMITS.toMm ? mm : null;
};

/** What the rule reads of the page around it. */
export interface RuleSurroundings {
  book: ScaleBook;
  unit: LengthUnit;
}

/** The rule with its marks: both feet where they were brought along, and what is typed. */
export class RuleAsked {
  text = $state('');
  left = $state<number | null>(null);
  right = $state<number | null>(null);
  chosen = $state<Meaning | null>(null);
  /** Where the typed mark stands; a text of several meanings moves nothing until one is chosen. */
  typedMm = $state(FREE_MM);
  active = $state('typed');
  view = $state<View>({ fromMm: RULE_LIMITS.fromMm, toMm: RULE_LIMITS.toMm });
  /** Scales along the rule, in order. */
  strips = $state<string[]>([]);
  readonly #of: () => RuleSurroundings;

  /** @param query what the address asks: `q`, `left`, `right` */
  constructor(of: () => RuleSurroundings, query: URLSearchParams, strips: readonly string[]) {
    this.#of = of;
    const asked = query.get('q') ?? '';
    this.text = asked;
    this.left = footIn(query.get('left'));
    this.right = footIn(query.get('right'));
    this.strips = [...strips];
    const { meanings } = readQuick(asked, of().unit, null, of().book);
    if (meanings.length === 1) this.typedMm = meanings[0].footMm;
    const typed = this.left === null || asked !== '';
    this.active = typed ? 'typed' : 'left';
    this.view = viewAround([this.left, this.right, typed ? this.typedMm : null].filter((mm) => mm !== null));
  }

  readonly answer = $derived.by(() => readQuick(this.text, this.#of().unit, null, this.#of().book));
  readonly meaning = $derived.by(() => this.chosen ?? (this.answer.meanings.length === 1 ? this.answer.meanings[0] : null));
  /** A maker's scale that was taken away leaves no strip behind. */
  readonly scales = $derived.by(() => this.strips.map((id) => this.#of().book.find(id)).filter((s): s is AnyScale => s !== undefined));
  readonly marks = $derived.by((): Mark[] => [
    ...(this.left === null ? [] : [{ id: 'left', letter: 'L', name: 'left foot', mm: this.left, colour: 'var(--color-side-left)', dash: '', foot: true }]),
    ...(this.right === null
      ? []
      : [{ id: 'right', letter: 'R', name: 'right foot', mm: this.right, colour: 'var(--color-side-right)', dash: '8 4', foot: true }]),
    ...(this.left === null || this.text !== ''
      ? [
          {
            id: 'typed',
            letter: 'S',
            name: this.meaning ? 'size or length typed' : 'free mark',
            mm: this.typedMm,
            colour: 'var(--color-brass)',
            dash: '2 3',
            foot: false
          }
        ]
      : [])
  ]);
  readonly now = $derived.by(() => this.marks.find((m) => m.id === this.active) ?? this.marks[0]);
  /** What the mark looked at reads in every scale, by every school. */
  readonly readings = $derived.by(() => {
    const { meaning, now } = this;
    const laid = this.scales.map((s) => s.id);
    return meaning?.kind === 'label' && now.id === 'typed' && Math.abs(now.mm - meaning.footMm) < 1e-6
      ? convertLabel({ scale: meaning.scale!, size: meaning.size!, school: meaning.school }, meaning.into ? [meaning.into] : laid, this.#of().book)
      : convertFoot({ lengthMm: now.mm }, laid, this.#of().book);
  });

  /** What the mark looked at takes, in words. */
  readonly takes = $derived.by(() => {
    const words = takesWords(this.scales, [{ mm: this.now.mm, word: '' }]);
    return words === '' ? 'has no size on these strips' : `takes ${words}`;
  });

  /** A typed label answers with no further key. */
  type(value: string): void {
    this.text = value;
    this.chosen = null;
    const { meanings } = readQuick(value, this.#of().unit, null, this.#of().book);
    if (meanings.length === 1) this.place(meanings[0]);
  }
  choose(one: Meaning): void {
    this.chosen = one;
    this.place(one);
  }
  place({ footMm }: Meaning): void {
    this.typedMm = footMm;
    this.active = 'typed';
    const { fromMm, toMm } = this.view;
    if (footMm < fromMm + EDGE_MM || footMm > toMm - EDGE_MM) this.view = viewAround([footMm], toMm - fromMm);
  }
  move(id: string, mm: number): void {
    if (id === 'left') this.left = held(mm);
    else if (id === 'right') this.right = held(mm);
    else {
      this.typedMm = held(mm);
      this.chosen = null;
    }
  }
  toTheMarks(): void {
    this.view = viewAround(this.marks.map((m) => m.mm));
  }
}
