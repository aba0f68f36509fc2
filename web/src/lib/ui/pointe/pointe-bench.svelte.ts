import { SvelteMap } from 'svelte/reactivity';
import { completeFoot, SIDES, type Foot, type Side } from '@chiave/core/measure';
import {
  apart,
  boxOf,
  boxProblems,
  cautionsFor,
  compileForefoot,
  demiChain,
  flatChain,
  GRADE,
  insideLength,
  NEW,
  leftAfter,
  lifeOf,
  pointeChain,
  pointeFootOf,
  pointeFront,
  POINTE_GAPS,
  pointeReport,
  pointeSide,
  sizesOf,
  type FilledBox,
  type Forefoot,
  type GradeId,
  type Life,
  type PointeChanges,
  type PointeFoot,
  type PointeFront,
  type PointeGapId,
  type PointeModel,
  type PointeReport,
  type Worn
} from '@chiave/core/pointe';
import { BLANK_DANCER, type DancerAnswer, type DancerBody, type PointeModelRow, type PointePairBody, type PointeStockFile } from '../../api/pointe-schema';
import { ageOf } from '../../fit-feet';
import { coreModels } from '../../pointe-models';
import { Keeper, send } from '../../send/save.svelte';
import { lastFeetOf, type Extras } from '../kit/feet-of-person';

/** The foot that stands here until a person's does, mm, and its point reach. */
const FREE = { lengthMm: 232, reachDeg: 92 } as const;
/** A shoe as it is named: model, size, mark, grade. */
export interface ShoeName {
  modelId: string;
  size: number;
  mark: string;
  grade: GradeId;
}
/** A shoe on the foot looked at. */
export interface ShoeHere {
  name: ShoeName;
  model: PointeModel;
  filled: FilledBox;
  /** How much of box and shank is left after the hours danced. */
  worn: Worn;
  /** How long it lives with this dancer, new. */
  life: Life;
  report: PointeReport;
}
/** So many models lie side by side. */
export const MOST_BESIDE = 4;

/** The pointe bench: both feet, one shoe looked at, up to four side by side. */
export class PointeBench {
  stock = $state.raw<PointeStockFile>({ makers: [], models: [] });
  person = $state.raw<{ id: number; name: string; born: number | null } | null>(null);
  feet = $state.raw<Partial<Record<Side, Foot>>>({});
  extras = $state.raw<Partial<Record<Side, Extras>>>({});
  dancer = $state.raw<DancerBody>(BLANK_DANCER);
  kept = $state.raw<DancerAnswer | null>(null);
  message = $state('');
  /** Keeps what is asked of the dancer, as it is typed. */
  asked = $state.raw<Keeper | null>(null);
  readonly #pairs = new SvelteMap<number, Keeper>();
  side = $state<Side>('left');
  lengthMm = $state<number>(FREE.lengthMm);
  reachDeg = $state<number>(FREE.reachDeg);
  shoe = $state.raw<ShoeName | null>(null);
  changes = $state.raw<PointeChanges & { nm?: number }>({});
  /** Hours the shoe looked at was danced. */
  hours = $state(0);
  fillers = $state(false);
  /** Models that lie side by side: the first and the three nearest to it. They stay while one of them is looked at. */
  beside = $state.raw<readonly string[]>([]);

  readonly models = $derived.by((): PointeModel[] => coreModels(this.stock));
  readonly rows = $derived.by((): Readonly<Record<string, PointeModelRow | undefined>> => Object.fromEntries(this.stock.models.map((m) => [m.id, m])));
  readonly sides = $derived.by(() => SIDES.filter((side) => this.feet[side] !== undefined));
  readonly measured = $derived.by(() => this.sides.length > 0);
  readonly pair = $derived.by((): Readonly<Record<Side, PointeFoot>> => ({ left: this.#footOf('left'), right: this.#footOf('right') }));
  readonly forefeet = $derived.by((): Readonly<Record<Side, Forefoot>> => ({
    left: compileForefoot(this.pair.left, this.dancer.pads),
    right: compileForefoot(this.pair.right, this.dancer.pads)
  }));
  readonly foot = $derived.by(() => this.pair[this.side]);

  /** The shoe looked at, on the foot looked at; null before one is chosen. */
  readonly here = $derived.by((): ShoeHere | null => this.on(this.shoe, this.side, true));
  /** What of the shoe as it was changed cannot be made. */
  readonly problems = $derived.by(() => (this.here ? boxProblems(this.here.filled.box) : []));
  readonly life = $derived.by(() => this.here?.life ?? null);
  /** What was not kept of pairs, in words. */
  readonly pairsSaid = $derived.by(() => [...this.#pairs.values()].map((k) => k.message).filter(Boolean).join(' ')); // prettier-ignore
  /** Side by side: size, width and shank held as equal as other makers' scales allow. */
  readonly row = $derived.by((): ShoeHere[] => this.beside.flatMap((id) => this.on(this.nearest(id), this.side, id === this.shoe?.modelId) ?? []));
  readonly ageYears = $derived.by(() => (this.person && ageOf(this.person)) ?? null);
  readonly cautions = $derived.by(() =>
    cautionsFor({
      foot: this.foot,
      ageYears: this.ageYears,
      // Without a person the sums are of nobody.
      teacherSaid: this.person === null || this.dancer.teacherSaidOn !== '',
      hurt: this.dancer.hurt,
      growing: this.dancer.growing,
      cured: this.dancer.cure !== 'none'
    })
  );
  /** Sums are shown, and nothing is recommended. */
  readonly heldBack = $derived.by(() => this.cautions.some((c) => c.holdsBack));
  /** The three poses from the side and the box from in front. */
  readonly drawn = $derived.by(() => {
    const { here, foot } = this;
    if (!here) return null;
    const { report } = here;
    const { hold } = report.inBox;
    const lengthMm = foot.foot.values.lengthMm.mm;
    const mid = report.over?.midDeg ?? FREE_MID;
    const shankNm = report.over?.shankNm ?? report.box.shank.nm;
    const tipped = report.over ? (report.over.toSpareDeg < 0 ? report.over.toSpareDeg : report.over.heldBackDeg < 0 ? -report.over.heldBackDeg : 0) : 0;
    const posed = (chain: ReturnType<typeof flatChain>, restMm: number) =>
      pointeSide({ box: report.box, lengthMm, restMm, chain, shankNm, pinchMm: report.pinchMm });
    return {
      tipped,
      flat: posed(flatChain(), hold.flatMm),
      demi: posed(demiChain(report.demiDeg, mid), hold.flatMm),
      pointe: posed(pointeChain(mid, tipped), hold.restMm),
      front: pointeFront(report.inBox)
    };
  });

  #footOf(side: Side): PointeFoot {
    const foot = this.feet[side];
    const asked = { yields: this.dancer.yields, weightKg: this.dancer.weightKg, hypermobile: this.dancer.hypermobile, rolls: this.dancer.rolls };
    if (foot) return pointeFootOf(foot, this.extras[side] ?? {}, asked);
    return pointeFootOf(completeFoot({ side, values: { lengthMm: { mm: this.lengthMm } } }), this.person ? {} : { pointReachDeg: this.reachDeg }, asked);
  }
  /** A shoe on a foot. @param own with the changes and the wear of the one looked at */
  on(name: ShoeName | null, side: Side, own: boolean): ShoeHere | null {
    const model = this.models.find((m) => m.id === name?.modelId);
    if (!model || !name || !sizesOf(model.maker).includes(name.size) || !model.maker.width.marks.includes(name.mark)) return null;
    const { nm, ...changes } = own ? this.changes : {};
    const made = boxOf(model, name.size, name.mark, name.grade, changes);
    const filled = nm === undefined ? made : { ...made, box: { ...made.box, shank: { ...made.box.shank, nm } } };
    const { box, doubt } = filled;
    const report = pointeReport(this.forefeet[side], box, doubt);
    const { sinkMm } = report.inBox.hold;
    const life = lifeOf({ ...this.dancer, weightKg: this.pair[side].weightKg, paste: box.paste, shankNm: box.shank.nm, sinkMm });
    const fillersMm = own && this.fillers ? report.inBox.fillersMm : undefined;
    if (!own || (this.hours === 0 && !fillersMm)) return { name, model, filled, worn: NEW, life, report };
    const worn = { boxLeft: leftAfter(this.hours, life.boxHours), shankLeft: leftAfter(this.hours, life.shankHours) };
    return { name, model, filled, worn, life, report: pointeReport(this.forefeet[side], box, doubt, { worn, fillersMm }) };
  }
  /** Size, mark and grade of a model nearest to the shoe looked at: lengths and girths in millimetres, the grade itself where it is made. */
  nearest(modelId: string): ShoeName | null {
    if (modelId === this.shoe?.modelId) return this.shoe;
    const model = this.models.find((m) => m.id === modelId);
    if (!model) return null;
    const aim = this.here?.filled.box;
    const target = aim?.insideLengthMm ?? this.foot.foot.values.lengthMm.mm;
    const by = (far: (x: number) => number, all: readonly number[]): number => all.reduce((a, b) => (far(b) < far(a) ? b : a));
    const size = by((s) => Math.abs(insideLength(model.maker, s) - target), sizesOf(model.maker));
    const girth = aim?.jointGirthMm ?? this.foot.pressedGirthMm - UNDER_PRESSED_MM;
    const mark = model.maker.width.marks.reduce((a, b) => (this.#girthOff(model, size, b, girth) < this.#girthOff(model, size, a, girth) ? b : a));
    const wanted = this.shoe?.grade ?? model.usualGrade;
    const grade = model.grades.reduce((a, b) =>
      Math.abs(Math.log(GRADE[b].nm / GRADE[wanted].nm)) < Math.abs(Math.log(GRADE[a].nm / GRADE[wanted].nm)) ? b : a
    );
    return { modelId, size, mark, grade };
  }
  /** A model's size and mark nearest to the foot by itself. */
  #nearFoot(modelId: string): Partial<ShoeName> {
    this.shoe = null;
    return this.nearest(modelId) ?? {};
  }
  #girthOff = (model: PointeModel, size: number, mark: string, girth: number): number => Math.abs(boxOf(model, size, mark).box.jointGirthMm - girth);
  /** The model looked at, and those nearest to it in its size and mark. */
  #nearestModels(): string[] {
    const here = this.shoe && this.on(this.shoe, this.side, false);
    if (!here) return [];
    const others = this.models
      .filter((m) => m.id !== here.model.id)
      .flatMap((m) => this.on(this.nearest(m.id), this.side, false) ?? [])
      .map((other) => ({ id: other.model.id, steps: apart(here.filled, other.filled).steps }))
      .sort((a, b) => a.steps - b.steps);
    return [here.model.id, ...others.map((o) => o.id)].slice(0, MOST_BESIDE);
  }

  /** Opens with the models of the stockroom, a middling one looked at. */
  begin(stock: PointeStockFile): void {
    this.stock = stock;
    const first = this.models.find((m) => m.spec.jointGirthMm !== undefined) ?? this.models[0];
    if (first) this.look(this.nearest(first.id));
  }
  gapName = (id: PointeGapId): string => POINTE_GAPS.find((g) => g.id === id)!.name;
  frontOf = ({ report }: ShoeHere): PointeFront => pointeFront(report.inBox);
  /** Takes another shoe up; what was changed of the one before stays with it. */
  look(name: ShoeName | null): void {
    this.shoe = name;
    this.changes = {};
    this.hours = 0;
    if (name && !this.beside.includes(name.modelId)) this.beside = this.#nearestModels();
  }
  change(over: PointeChanges & { nm?: number }): void {
    this.changes = { ...this.changes, ...over };
  }
  /** Puts a dancer's feet here. */
  async open(who: { id: number; name: string } | null): Promise<void> {
    this.person = who ? { ...who, born: null } : null;
    // What is still to be kept of whoever stood here goes on its way.
    void this.settle();
    [this.feet, this.extras, this.kept, this.dancer, this.message, this.asked] = [{}, {}, null, BLANK_DANCER, '', null];
    this.#pairs.clear();
    if (!who) return;
    const [found, kept, row] = await Promise.all([
      lastFeetOf(who.id),
      send<DancerAnswer>(`/api/v1/customers/${who.id}/pointe`, 'GET'),
      send<{ born: number | null }>(`/api/v1/customers/${who.id}`, 'GET')
    ]);
    if (this.person?.id !== who.id) return;
    if (row.ok) this.person = { ...who, born: row.value.born };
    if ('message' in found) this.message = found.message;
    else {
      [this.feet, this.extras] = [found.feet, found.extras];
      if (!this.feet[this.side]) this.side = this.sides[0] ?? this.side;
      if (this.sides.length === 0) this.message = `No foot of ${who.name} has a length yet; a foot of ${this.lengthMm} mm stands here.`;
    }
    if (kept.ok) this.#keep(who.id, kept.value);
    else this.message ||= kept.detail;
    const pairs = kept.ok ? kept.value.pairs : [];
    const worn = pairs.find((p) => p.died === '') ?? pairs[0];
    this.beside = [];
    const first = worn?.[this.side] ?? (this.shoe && { ...this.shoe, ...this.#nearFoot(this.shoe.modelId) });
    if (first) this.look(first);
  }
  #keep(id: number, kept: DancerAnswer): void {
    this.kept = kept;
    const asked = new Keeper(`/api/v1/customers/${id}/pointe`, 'PUT', `pointe-${id}`);
    asked.version = kept.version;
    const draft = asked.draft<DancerBody>();
    this.dancer = draft ?? kept.dancer;
    this.asked = asked;
    if (draft) asked.later(draft);
  }
  /** Sends what is typed and not kept yet. */
  async settle(): Promise<void> {
    await Promise.all([this.asked?.now(), ...[...this.#pairs.values()].map((k) => k.now())]);
  }
  /** Reads again what is kept of the dancer, and the models. */
  async reread(): Promise<void> {
    if (!this.person) return;
    await this.settle();
    const id = this.person.id;
    const [kept, stock] = await Promise.all([
      send<DancerAnswer>(`/api/v1/customers/${id}/pointe`, 'GET'),
      send<PointeStockFile>('/api/v1/pointe/models', 'GET')
    ]);
    if (kept.ok && this.person?.id === id) {
      this.kept = kept.value;
      this.#pairs.clear();
    }
    if (stock.ok) this.stock = stock.value;
  }
  /** What is asked of the dancer; kept soon, as one change however often it moves. */
  ask(over: Partial<DancerBody>): void {
    this.dancer = { ...this.dancer, ...over };
    this.asked?.later(this.dancer);
  }
  /** Changes a pair that is kept: hours, how it died. */
  changePair(id: number, over: Partial<PointePairBody>): void {
    const row = this.kept?.pairs.find((p) => p.id === id);
    if (!row || !this.kept) return;
    let keeper = this.#pairs.get(id);
    if (!keeper) {
      keeper = new Keeper(`/api/v1/pointe/pairs/${id}`, 'PUT');
      keeper.version = row.version;
      this.#pairs.set(id, keeper);
    }
    const { id: _id, version: _version, ...pair } = { ...row, ...over };
    this.kept = { ...this.kept, pairs: this.kept.pairs.map((p) => (p.id === id ? { ...row, ...over } : p)) };
    keeper.later(pair);
  }
}
/** A box is begun with that is so much less round than the pressed foot: the middle of what holds [model], mm. */
const UNDER_PRESSED_MM = 1.5;
/** Midfoot for drawing where no reach was taken, degrees. */
const FREE_MID = 30;
