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
  type PointeChanges,
  type PointeFoot,
  type PointeFront,
  type PointeGapId,
  type PointeModel,
  type PointeReport,
  type Worn
} from '@chiave/core/pointe';
import { BLANK_DANCER, type DancerAnswer, type DancerBody, type PointeModelRow, type PointeStockFile } from '../../api/pointe-schema';
import { ageOf } from '../../fit-feet';
import { coreModels } from '../../pointe-models';
import { send } from '../../send/save.svelte';
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
  readonly forefoot = $derived.by(() => this.forefeet[this.side]);

  /** The shoe looked at, on the foot looked at; null before one is chosen. */
  readonly here = $derived.by((): ShoeHere | null => this.on(this.shoe, this.side, true));
  /** What of the shoe as it was changed cannot be made. */
  readonly problems = $derived.by(() => (this.here ? boxProblems(this.here.filled.box) : []));
  readonly life = $derived.by(() => {
    const { here, dancer, foot } = this;
    if (!here) return null;
    const { box } = here.filled;
    return lifeOf({ ...dancer, weightKg: foot.weightKg, paste: box.paste, shankNm: box.shank.nm, sinkMm: here.report.inBox.hold.sinkMm });
  });
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
    const new_ = pointeReport(this.forefeet[side], filled.box, filled.doubt);
    const fillersMm = own && this.fillers ? new_.inBox.fillersMm : undefined;
    if (!own || (this.hours === 0 && !fillersMm)) return { name, model, filled, worn: NEW, report: new_ };
    const life = lifeOf({
      ...this.dancer,
      weightKg: this.pair[side].weightKg,
      paste: filled.box.paste,
      shankNm: filled.box.shank.nm,
      sinkMm: new_.inBox.hold.sinkMm
    });
    const worn = { boxLeft: leftAfter(this.hours, life.boxHours), shankLeft: leftAfter(this.hours, life.shankHours) };
    return { name, model, filled, worn, report: pointeReport(this.forefeet[side], filled.box, filled.doubt, { worn, fillersMm }) };
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
    const girth = aim?.jointGirthMm ?? this.foot.pressedGirthMm - 2;
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
    [this.feet, this.extras, this.kept, this.dancer, this.message] = [{}, {}, null, BLANK_DANCER, ''];
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
    if (kept.ok) [this.kept, this.dancer] = [kept.value, kept.value.dancer];
    else this.message ||= kept.detail;
    const worn = this.kept?.pairs.find((p) => p.died === '') ?? this.kept?.pairs[0];
    this.beside = [];
    const first = worn?.[this.side] ?? (this.shoe && { ...this.shoe, ...this.#nearFoot(this.shoe.modelId) });
    if (first) this.look(first);
  }
  async reread(): Promise<void> {
    if (!this.person) return;
    const id = this.person.id;
    const [kept, stock] = await Promise.all([
      send<DancerAnswer>(`/api/v1/customers/${id}/pointe`, 'GET'),
      send<PointeStockFile>('/api/v1/pointe/models', 'GET')
    ]);
    if (kept.ok && this.person?.id === id) this.kept = kept.value;
    if (stock.ok) this.stock = stock.value;
  }
  /** Keeps what is asked of the dancer. */
  async ask(over: Partial<DancerBody>): Promise<void> {
    this.dancer = { ...this.dancer, ...over };
    if (!this.person) return;
    const sent = await send(`/api/v1/customers/${this.person.id}/pointe`, 'PUT', this.dancer);
    this.message = sent.ok ? '' : sent.detail;
  }
}
/** Midfoot for drawing where no reach was taken, degrees. */
const FREE_MID = 30;
