import { ANYBODY, USES, type Answers, type Looks, type Schools, type UseId, type UsePerson, type UseSetting } from '@chiave/core/use';
import { SIDES, type Side } from '@chiave/core/measure';
import { KEPT } from '../../api/outcomes';
import { fittingIn, type FittingAnswer, type FittingRow } from '../../api/rows';
import { send } from '../../send/save.svelte';
import type { StyleBrief } from '../../style-brief';
import { looksOf, useSettingOf } from '../../use-fitting';
import { suitsFor } from '../../workers/fit-client';
import type { Suits } from '../../workers/messages';

/** Which question an answer belongs to: a newer one of the same kind makes an older one fall. */
type Kind = 'shelf' | 'options' | 'closet';

/** A use looked at by itself: whose feet, what was answered, which schools, and the shelf in its order. */
export class UseBench {
  person = $state.raw<{ id: number; name: string } | null>(null);
  message = $state('');
  use = $state<UseId>(USES[0].id);
  answers = $state.raw<Answers>({});
  schools = $state.raw<Schools>({});
  /** What was looked at here; what Measure knows of a foot comes besides. */
  looks = $state.raw<Partial<Record<Side, Looks>>>({});
  /** What was taken of the person. */
  taken = $state.raw<UsePerson>(ANYBODY);
  weightKg = $state<number | null>(null);
  /** Pairs that were kept at earlier visits: what stands in the closet. */
  own = $state.raw<{ styleId: string; size: string; width: string }[]>([]);
  #feet = $state.raw<FittingRow['feet'] | null>(null);
  readonly #shelf: () => { stamp: string; styles: readonly StyleBrief[] };
  #turn = 0;
  readonly #newest: Record<Kind, number> = { shelf: 0, options: 0, closet: 0 };

  constructor(shelf: () => { stamp: string; styles: readonly StyleBrief[] }) {
    this.#shelf = shelf;
  }

  readonly setting = $derived.by((): UseSetting => ({
    person: { ...this.taken, weightKg: this.weightKg, looks: Object.fromEntries(SIDES.map((side) => [side, this.allLooks(side)])) },
    answers: this.answers
  }));
  allLooks = (side: Side): Looks => (this.#feet ? looksOf(this.#feet[side], this.looks[side]) : (this.looks[side] ?? {}));
  #brief = (id: string): StyleBrief | undefined => this.#shelf().styles.find((s) => s.id === id);
  nameOf = (id: string): string => this.#brief(id)?.name ?? id;
  kindOf = (id: string): StyleBrief['kind'] | undefined => this.#brief(id)?.kind;

  /** Puts a person here, with what their last visit told of a use. */
  async open(who: { id: number; name: string } | null): Promise<void> {
    this.person = who;
    this.message = '';
    [this.taken, this.answers, this.schools, this.looks, this.weightKg, this.own, this.#feet] = [ANYBODY, {}, {}, {}, null, [], null];
    if (!who) return;
    const sent = await send<{ fittings: FittingAnswer[] }>(`/api/v1/customers/${who.id}/fittings`, 'GET');
    if (this.person?.id !== who.id) return;
    if (!sent.ok) {
      this.message = sent.detail;
      return;
    }
    const fittings = sent.value.fittings.map(fittingIn);
    const kept = fittings.flatMap((f) => f.tries.filter((t) => t.outcome === KEPT));
    this.own = kept.filter((t, i) => kept.findIndex((o) => o.styleId === t.styleId) === i).map(({ styleId, size, width }) => ({ styleId, size, width }));
    const fitting = fittings.find((f) => f.use.uses.length > 0) ?? fittings[0];
    if (!fitting) {
      this.message = `${who.name} was not fitted yet: the bench goes by an ordinary foot.`;
      return;
    }
    const { person, answers } = useSettingOf(fitting);
    [this.taken, this.answers, this.schools, this.looks, this.weightKg, this.#feet] = [person, answers, fitting.use.schools, fitting.use.looks, person.weightKg, fitting.feet]; // prettier-ignore
    if (fitting.use.uses.length > 0) this.use = fitting.use.uses[0];
  }

  #judge(use: UseId, schools: Schools, styleIds: readonly string[]): Promise<Suits> {
    const setting = $state.snapshot(this.setting) as UseSetting;
    return suitsFor({ stamp: this.#shelf().stamp, use, setting, schools, listed: styleIds.map((styleId) => ({ styleId, verdict: 'fits', probability: 1 })) });
  }
  /** @returns null where a newer question of the kind came meanwhile */
  async #one<T>(kind: Kind, work: Promise<T>): Promise<T | null> {
    const own = (this.#newest[kind] = ++this.#turn);
    const found = await work;
    return own === this.#newest[kind] ? found : null;
  }
  #ofKinds = (kinds: readonly string[]): string[] =>
    this.#shelf()
      .styles.filter((s) => kinds.includes(s.kind))
      .map((s) => s.id);
  /** The shelf in the order of the use, whatever fits. */
  shelf = (kinds: readonly string[]): Promise<Suits | null> => this.#one('shelf', this.#judge(this.use, this.schools, this.#ofKinds(kinds)));
  /** The same for each option of a school, side by side. */
  byOptions(axis: string, options: readonly string[], kinds: readonly string[]): Promise<Record<string, Suits> | null> {
    const styleIds = this.#ofKinds(kinds);
    const of = async (option: string) =>
      [option, await this.#judge(this.use, { ...this.schools, [this.use]: { ...this.schools[this.use], [axis]: option } }, styleIds)] as const;
    return this.#one('options', Promise.all(options.map(of)).then(Object.fromEntries<Suits>));
  }
  /** The closet judged for some uses: each pair's class, and its drop. */
  closet(uses: readonly UseId[]): Promise<{ use: UseId; suits: Suits }[] | null> {
    const styleIds = this.own.map((o) => o.styleId);
    return this.#one('closet', Promise.all(uses.map(async (use) => ({ use, suits: await this.#judge(use, this.schools, styleIds) }))));
  }
}
