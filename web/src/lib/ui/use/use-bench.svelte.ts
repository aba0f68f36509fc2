import { ANYBODY, USES, type Answers, type Looks, type Schools, type UseId, type UsePerson, type UseSetting } from '@chiave/core/use';
import type { Side } from '@chiave/core/measure';
import { KEPT } from '../../api/outcomes';
import { fittingIn, type FittingAnswer } from '../../api/rows';
import { send } from '../../send/save.svelte';
import type { StyleBrief } from '../../style-brief';
import { usePersonOf } from '../../use-fitting';
import { suitsFor } from '../../workers/fit-client';
import type { Suits } from '../../workers/messages';

/** A use looked at by itself: whose feet, what was answered, which schools, and the shelf in its order. */
export class UseBench {
  person = $state.raw<{ id: number; name: string } | null>(null);
  message = $state('');
  use = $state<UseId>(USES[0].id);
  answers = $state.raw<Answers>({});
  schools = $state.raw<Schools>({});
  looks = $state.raw<Partial<Record<Side, Looks>>>({});
  /** What was taken of the person. */
  taken = $state.raw<UsePerson>(ANYBODY);
  weightKg = $state<number | null>(null);
  /** Pairs that were kept at earlier visits: what stands in the closet. */
  own = $state.raw<{ styleId: string; size: string; width: string }[]>([]);
  readonly #shelf: () => { stamp: string; styles: readonly StyleBrief[] };
  #turn = 0;

  constructor(shelf: () => { stamp: string; styles: readonly StyleBrief[] }) {
    this.#shelf = shelf;
  }

  readonly setting = $derived.by((): UseSetting => ({
    person: { ...this.taken, weightKg: this.weightKg, bodyHeightMm: this.answers.bodyHeight ?? null, looks: this.looks },
    answers: this.answers,
    insideRoomMm: null,
    load: null
  }));
  nameOf = (id: string): string => this.#shelf().styles.find((s) => s.id === id)?.name ?? id;

  /** Puts a person here, with what their last visit told of a use. */
  async open(who: { id: number; name: string } | null): Promise<void> {
    this.person = who;
    this.message = '';
    if (!who) {
      [this.taken, this.answers, this.schools, this.looks, this.weightKg] = [ANYBODY, {}, {}, {}, null];
      this.own = [];
      return;
    }
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
    const person = usePersonOf(fitting);
    [this.taken, this.answers, this.schools, this.looks, this.weightKg] = [person, fitting.use.answers, fitting.use.schools, person.looks, person.weightKg];
    if (fitting.use.uses.length > 0) this.use = fitting.use.uses[0];
  }
  /** The shelf in the order of a use, whatever fits; null where a newer question came. */
  async shelf(schools: Schools, kinds: readonly string[]): Promise<Suits | null> {
    const own = ++this.#turn;
    const { stamp, styles } = this.#shelf();
    const listed = styles.filter((s) => kinds.includes(s.kind)).map((s) => ({ styleId: s.id, verdict: 'fits' as const, probability: 1 }));
    const suits = await suitsFor({ stamp, use: this.use, setting: $state.snapshot(this.setting) as UseSetting, schools, listed });
    return own === this.#turn ? suits : null;
  }
  /** The closet judged for some uses: each pair's class, and its drop. */
  async closet(uses: readonly UseId[]): Promise<{ use: UseId; suits: Suits }[]> {
    const listed = this.own.map(({ styleId }) => ({ styleId, verdict: 'fits' as const, probability: 1 }));
    const setting = $state.snapshot(this.setting) as UseSetting;
    return Promise.all(uses.map(async (use) => ({ use, suits: await suitsFor({ stamp: this.#shelf().stamp, use, setting, schools: this.schools, listed }) })));
  }
  kindOf = (id: string): StyleBrief['kind'] | undefined => this.#shelf().styles.find((s) => s.id === id)?.kind;
  /** The same for each option of a school, side by side. */
  async byOptions(axis: string, options: readonly string[], kinds: readonly string[]): Promise<Record<string, Suits>> {
    const { stamp, styles } = this.#shelf();
    const listed = styles.filter((s) => kinds.includes(s.kind)).map((s) => ({ styleId: s.id, verdict: 'fits' as const, probability: 1 }));
    const setting = $state.snapshot(this.setting) as UseSetting;
    const all = await Promise.all(
      options.map(async (option) => {
        const schools = { ...this.schools, [this.use]: { ...this.schools[this.use], [axis]: option } };
        return [option, await suitsFor({ stamp, use: this.use, setting, schools, listed })] as const;
      })
    );
    return Object.fromEntries(all);
  }
}
