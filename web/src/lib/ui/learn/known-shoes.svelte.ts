import { KIND_IDS, ORDINARY_WEAR, readStyleSize, type FeelId, type KindId, type Preference, type Style, type ZoneId, type ZoneState } from '@chiave/core/fit'; // prettier-ignore
import { knownStyle, labelSays, labelShoe, questionsOf, wearOfKnown, type KnownPair, type LearnAsk, type LearnedFeet, type SendPlan } from '@chiave/core/learn';
import { MEASURE_IDS, readingSd, SIDES, type FootInput, type LengthUnit, type MeasureId, type Side } from '@chiave/core/measure';
import { readQuick, type ScaleBook } from '@chiave/core/size';
import type { KnownShoeKept } from '../../api/known-schema';
import { learnFrom, planToSend } from '../../workers/fit-client';

/** A shoe somebody wears, as it is typed. */
export interface KnownRow {
  key: number;
  styleId: string;
  text: string;
  width: string;
  /** Of a shoe known by its label. */
  kind: KindId;
  feel: FeelId | '';
  zones: Record<Side, Partial<Record<ZoneId, ZoneState>>>;
}
/** What may be told zone by zone. */
export const TOLD_ZONES: readonly ZoneId[] = ['toe-room', 'ball-girth', 'instep', 'heel-width'];
/** What a wearer may take by tape. */
export const TAPED: readonly MeasureId[] = ['lengthMm', 'ballGirthMm'];
type Read = { pair: KnownPair | null; name: string; problem: string };
interface Shelf {
  styles: readonly Style[];
  book: ScaleBook;
  unit: LengthUnit;
}

/** Shoes that are worn, with or without a tape: what they say of two feet, worked out beside the page. */
export class KnownShoes {
  rows = $state<KnownRow[]>([]);
  tape = $state<Record<Side, Partial<Record<MeasureId, number>>>>({ left: {}, right: {} });
  preference = $state<Preference>('regular');
  learned = $state.raw<LearnedFeet | null>(null);
  readonly #shelf: () => Shelf;
  #next = 0;
  #turn = 0;
  #planned = 0;
  #plannedFor: string | undefined;

  constructor(shelf: () => Shelf) {
    this.#shelf = shelf;
    this.add({ text: 'eu 39' });
  }
  add(own: Partial<KnownRow> = {}): void {
    this.rows.push({ key: this.#next++, styleId: '', text: '', width: '', kind: KIND_IDS[0], feel: 'comfortable', zones: { left: {}, right: {} }, ...own });
  }
  /** Takes what somebody told before in place of what stands here. */
  take(shoes: readonly KnownShoeKept[]): void {
    this.rows = [];
    for (const { zones, ...shoe } of shoes) this.add({ ...shoe, zones: { left: {}, right: {}, ...zones } });
  }
  /** As they are kept with a person. */
  readonly kept = $derived.by((): KnownShoeKept[] => this.rows.filter((r) => r.text.trim() !== '').map(({ key: _key, ...row }) => row));
  remove = (key: number): void => {
    this.rows = this.rows.filter((r) => r.key !== key);
  };
  say(key: number, side: Side, zone: ZoneId, word: ZoneState | ''): void {
    const row = this.rows.find((r) => r.key === key)!;
    const { [zone]: _was, ...rest } = row.zones[side];
    row.zones[side] = word === '' ? rest : { ...rest, [zone]: word };
  }
  styleOf = (id: string): Style | undefined => this.#shelf().styles.find((s) => s.id === id);

  #read(row: KnownRow): Read {
    const { book, unit } = this.#shelf();
    const said = { id: String(row.key), zones: row.zones, whole: row.feel === '' ? undefined : row.feel, worn: true };
    const style = this.styleOf(row.styleId);
    if (style) {
      const size = readStyleSize(style, row.text, row.width || style.widths[0]);
      if ('message' in size) return { pair: null, name: style.name, problem: size.message };
      const own = knownStyle(style, size.size, size.width);
      const pair: KnownPair = { ...said, ...own, wear: wearOfKnown(own.shoe, ORDINARY_WEAR) };
      return { pair, name: `${style.name} ${row.text} ${size.width}`, problem: '' };
    }
    const { meanings, problem } = readQuick(row.text, unit, null, book);
    const labels = meanings.filter((m) => m.kind === 'label');
    if (labels.length > 1) return { pair: null, name: row.text, problem: `That may be ${labels.map((m) => m.text).join(', ')}: say which scale.` };
    if (labels.length === 0)
      return { pair: null, name: row.text, problem: problem || (row.text.trim() === '' ? '' : 'Write the size on the shoe, as eu 39 or us w 6.5.') };
    const { footMm, stepMm, name } = labelSays(book, labels[0].scale!, labels[0].size!, labels[0].school);
    const shoe = labelShoe(row.kind, footMm);
    return { pair: { ...said, shoe, lastId: null, mark: 'not-seen', labelStepMm: stepMm, wear: wearOfKnown(shoe, ORDINARY_WEAR) }, name, problem: '' };
  }
  readonly read = $derived.by((): Read[] => this.rows.map((row) => this.#read(row)));
  nameOf = (pair: string): string => this.read[this.rows.findIndex((r) => String(r.key) === pair)]?.name ?? pair;
  readonly ask = $derived.by((): LearnAsk => ({
    pairs: this.read.flatMap((r) => (r.pair ? [r.pair] : [])),
    tape: Object.fromEntries(
      SIDES.map((side) => [side, Object.fromEntries(TAPED.flatMap((id) => (this.tape[side][id] === undefined ? [] : [[id, { mm: this.tape[side][id], sdMm: readingSd(id, 'stated') }]])))]) // prettier-ignore
    ),
    preference: this.preference
  }));
  readonly taped = $derived(SIDES.some((side) => TAPED.some((id) => this.tape[side][id] !== undefined)));

  /** Works it out; what a newer question overtook is not heard. */
  async learn(ask: LearnAsk): Promise<void> {
    const own = ++this.#turn;
    if (ask.pairs.length === 0 && !this.taped) {
      this.learned = null;
      return;
    }
    try {
      const learned = await learnFrom(ask);
      if (own === this.#turn) this.learned = learned;
    } catch {
      // What was learned before stands.
    }
  }
  /** Both feet as they may be fitted and kept: every measure with its doubt, marked as what it is. */
  readonly feet = $derived.by((): Record<Side, Omit<FootInput, 'side'>> | null => {
    const { learned } = this;
    if (!learned) return null;
    const of = (side: Side) => ({ values: Object.fromEntries(MEASURE_IDS.map((id) => [id, { mm: learned.feet[side][id].mm, sdMm: learned.feet[side][id].sdMm, how: 'worn' as const }])) }); // prettier-ignore
    return { left: of('left'), right: of('right') };
  });
  questions = (figure: (mm: number) => string): string[] => (this.learned ? questionsOf(this.learned, this.nameOf, figure) : []);
  /** Which sizes of a style to take or send; null while it is worked out, and for no style. */
  plan = $state.raw<SendPlan | null>(null);
  async planFor(ask: LearnAsk, style: Style | undefined): Promise<void> {
    const own = ++this.#planned;
    // What was planned of another style does not stand under this one's name.
    if (style?.id !== this.#plannedFor) this.plan = null;
    this.#plannedFor = style?.id;
    if (!style || (ask.pairs.length === 0 && !this.taped)) {
      this.plan = null;
      return;
    }
    try {
      const plan = await planToSend(ask, [style], { ...ORDINARY_WEAR, preference: this.preference });
      if (own === this.#planned) this.plan = plan;
    } catch {
      // What was planned before stands.
    }
  }
}
