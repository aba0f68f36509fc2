import { ANYBODY, gripsWith, USES, wearOf, type Answers, type FigureId, type Looks, type Schools, type UseId, type UsePerson, type UseSetting, type WearSeen } from '@chiave/core/use'; // prettier-ignore
import { SIDES, type Side } from '@chiave/core/measure';
import type { PairRow } from '../../api/keep-schema';
import { fittingIn, type FittingAnswer, type FittingRow } from '../../api/rows';
import type { PullRow } from '../../api/use-schema';
import { send } from '../../send/save.svelte';
import type { StyleBrief } from '../../style-brief';
import { looksOf, useSettingOf } from '../../use-fitting';
import { suitsFor } from '../../workers/fit-client';
import type { Suits } from '../../workers/messages';

/** Which question an answer belongs to: a newer one of the same kind makes an older one fall. */
type Kind = 'shelf' | 'options' | 'closet';
/** A pair of somebody's own, as worn as it is. */
interface OwnPair extends Pick<PairRow, 'id' | 'body' | 'version'> {
  styleId: string;
  size: string;
  width: string;
  worn: WearSeen;
}
/** Pairs in use whose style the stockroom has: one of each style. */
function ownPairs(pairs: readonly PairRow[]): OwnPair[] {
  const inUse = pairs.filter((p) => p.state === 'owned' && p.body.styleId !== null);
  return inUse
    .filter((p, i) => inUse.findIndex((o) => o.body.styleId === p.body.styleId) === i)
    .map(({ id, body, version, worn }) => ({ id, body, version, styleId: body.styleId!, size: body.size, width: body.width, worn: { looks: body.looks, hours: Math.round(worn.hours) } })); // prettier-ignore
}

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
  /** Pairs of their own: what stands in the closet. */
  own = $state.raw<OwnPair[]>([]);
  /** The shop's own pull tests. */
  pulls = $state.raw<readonly PullRow[]>([]);
  #feet = $state.raw<FittingRow['feet'] | null>(null);
  readonly #shelf: () => { stamp: string; styles: readonly StyleBrief[] };
  #turn = 0;
  readonly #newest: Record<Kind, number> = { shelf: 0, options: 0, closet: 0 };

  constructor(shelf: () => { stamp: string; styles: readonly StyleBrief[] }, pulls: readonly PullRow[]) {
    this.#shelf = shelf;
    this.pulls = pulls;
  }
  readonly grips = $derived(gripsWith(this.pulls));

  readonly setting = $derived.by((): UseSetting => ({
    person: { ...this.taken, weightKg: this.weightKg, looks: Object.fromEntries(SIDES.map((side) => [side, this.allLooks(side)])) },
    answers: this.answers,
    grips: this.grips
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
    const pairs = await send<{ pairs: PairRow[] }>(`/api/v1/customers/${who.id}/pairs`, 'GET');
    if (this.person?.id !== who.id) return;
    if (pairs.ok) this.own = ownPairs(pairs.value.pairs);
    else this.message = pairs.detail;
    const fitting = fittings.find((f) => f.use.uses.length > 0) ?? fittings[0];
    if (!fitting) {
      this.message = `${who.name} was not fitted yet: the bench goes by an ordinary foot.`;
      return;
    }
    const { person, answers } = useSettingOf(fitting);
    [this.taken, this.answers, this.schools, this.looks, this.weightKg, this.#feet] = [person, answers, fitting.use.schools, fitting.use.looks, person.weightKg, fitting.feet]; // prettier-ignore
    if (fitting.use.uses.length > 0) this.use = fitting.use.uses[0];
  }

  #judge(use: UseId, schools: Schools, pairs: readonly { styleId: string; worn?: WearSeen | null }[], figures: readonly FigureId[] = []): Promise<Suits> {
    const setting = $state.snapshot(this.setting) as UseSetting;
    const listed = pairs.map(({ styleId, worn }) => ({ styleId, verdict: 'fits' as const, probability: 1, ...(worn ? { worn: wearOf(worn) } : {}) }));
    return suitsFor({ stamp: this.#shelf().stamp, use, setting, schools, listed, figures: [...figures] });
  }
  /** @returns null where a newer question of the kind came meanwhile */
  async #one<T>(kind: Kind, work: Promise<T>): Promise<T | null> {
    const own = (this.#newest[kind] = ++this.#turn);
    const found = await work;
    return own === this.#newest[kind] ? found : null;
  }
  #ofKinds = (kinds: readonly string[]): { styleId: string }[] =>
    this.#shelf()
      .styles.filter((s) => kinds.includes(s.kind))
      .map((s) => ({ styleId: s.id }));
  /** The shelf in the order of the use, whatever fits. @param figures that are told of each */
  shelf = (kinds: readonly string[], figures: readonly FigureId[] = []): Promise<Suits | null> =>
    this.#one('shelf', this.#judge(this.use, this.schools, this.#ofKinds(kinds), figures));
  /** The same for each option of a school, side by side. */
  byOptions(axis: string, options: readonly string[], kinds: readonly string[]): Promise<Record<string, Suits> | null> {
    const pairs = this.#ofKinds(kinds);
    const of = async (option: string) =>
      [option, await this.#judge(this.use, { ...this.schools, [this.use]: { ...this.schools[this.use], [axis]: option } }, pairs)] as const;
    return this.#one('options', Promise.all(options.map(of)).then(Object.fromEntries<Suits>));
  }
  /** The closet judged for some uses: each pair's class, and its drop. */
  closet(uses: readonly UseId[]): Promise<{ use: UseId; suits: Suits }[] | null> {
    const { own } = this;
    return this.#one('closet', Promise.all(uses.map(async (use) => ({ use, suits: await this.#judge(use, this.schools, own) }))));
  }
  /** Notes how worn a pair looks now; what the server refuses is said and the pair stays as it was. */
  async wear(id: number, looks: WearSeen['looks']): Promise<void> {
    const pair = this.own.find((o) => o.id === id)!;
    const body = { ...pair.body, looks };
    this.own = this.own.map((o) => (o.id === id ? { ...o, body, worn: { ...o.worn, looks } } : o));
    const sent = await send<{ version: number }>(`/api/v1/pairs/${id}`, 'PUT', { ...body, version: pair.version });
    this.message = sent.ok ? '' : sent.detail;
    this.own = this.own.map((o) => (o.id !== id ? o : sent.ok ? { ...o, version: sent.value.version } : pair));
  }
  /** Keeps a pull test. @returns what the server says against it, by field; null when it was kept */
  async addPull(pull: object): Promise<{ detail: string; errors: readonly { path: string; message: string }[] } | null> {
    const sent = await send<{ pull: PullRow }>('/api/v1/pulls', 'POST', pull);
    if (!sent.ok) return { detail: sent.detail, errors: sent.errors ?? [] };
    this.pulls = [sent.value.pull, ...this.pulls];
    return null;
  }
  async removePull(id: number): Promise<void> {
    const sent = await send(`/api/v1/pulls/${id}`, 'DELETE');
    if (sent.ok) this.pulls = this.pulls.filter((p) => p.id !== id);
    else this.message = sent.detail;
  }
}
