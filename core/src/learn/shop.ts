import type { KindId } from '../fit';
import type { EvidenceMark } from '../last';
import { inverseOf, times } from './dense';
import { siteOf } from './ep';
import { LABEL_ONLY, OFFSET_SD, type OffsetId } from './felt';
import { LIKING_VARIANCE, type ShopVisit, type ShopWord } from './visits';

/** A last of the stockroom, as it was known before anybody tried it on. */
export interface ShopLast {
  id: string;
  maker: string;
  mark: EvidenceMark;
}
/** How far words of a fitter, and our targets for a kind, may be off in one shop, deviations in mm [model]. */
const WAY_SD: Readonly<Record<OffsetId, number>> = { length: 0.9, girth: 1.5, instep: 1.5, heel: 0.9, toe: 0.9 };
const TAU_SD = 1;
/** What the lasts of one maker are off by together, as a share of the variance [model]. */
const MAKER_SHARE: Readonly<Record<EvidenceMark, number>> = { measured: 0.1, felt: 0.3, claimed: 0.3, unsure: 0.5, 'not-seen': 0.5 };
const MOST_SWEEPS = 60;
const STILL_MM = 0.002;
/** Words of one person within a channel, with what goes together in them beside the lasts. */
interface Person {
  id: string;
  words: ShopWord[];
  /** Which globals each word reads, and how. */
  at: number[][];
  by: number[][];
  /** Covariance of what is this person's own: feet and liking. */
  k: Float64Array;
  t: Float64Array;
  v: Float64Array;
  /** What stands in place of their own unknowns at these sites; worked out once a sweep. */
  w: Float64Array;
}
/** What is believed of one part of all lasts, of fitters and of the targets of kinds. */
export interface ChannelBelief {
  channel: OffsetId;
  lasts: readonly ShopLast[];
  fitters: readonly string[];
  kinds: readonly KindId[];
  mean: Float64Array;
  cov: Float64Array;
  /** Deviations of the lasts beforehand. */
  before: Float64Array;
  people: Person[];
  /** What other parts of the lasts had come to. */
  given: Given;
  sweeps: number;
}

/** What is known of other parts of a last, mm: what a word owes to them is taken off it. */
export type Given = Readonly<Partial<Record<OffsetId, ReadonlyMap<string, { mm: number; sdMm: number }>>>>;
/** The same for a word that was not learned from: those of a last that is not there stay as they are. */
export const freedFrom = ({ lasts, given }: Pick<ChannelBelief, 'lasts' | 'given'>, word: ShopWord): ShopWord => {
  const last = lasts.find((l) => l.id === word.last);
  return last ? freed(word, last.mark, given) : word;
};
/** A word of one part of a last, with what the other parts bring taken off; what of them nothing is known of is noise to it. */
function freed(word: ShopWord, mark: EvidenceMark, given: Given): ShopWord {
  let [mm, variance] = [word.mm, word.sd ** 2];
  for (const [o, by] of Object.entries(word.by) as [OffsetId, number][]) {
    if (o === word.channel) continue;
    const known = given[o]?.get(word.last);
    mm += by * (known?.mm ?? 0);
    if (!known) variance += (by * OFFSET_SD[mark][o]) ** 2;
  }
  return { ...word, mm, sd: Math.sqrt(variance) };
}
/** Which globals a word of a fitter reads: its last, less the fitter's way, less what our targets are off. */
function globalsOf(word: ShopWord, fitter: string, { lastAt, fitterAt, kindAt }: Places): { at: number[]; by: number[] } | null {
  const last = lastAt.get(word.last);
  if (last === undefined) return null;
  const at = [last, kindAt.get(word.kind)!];
  const by = [word.by[word.channel] ?? 0, -1];
  const way = fitterAt.get(fitter);
  if (way !== undefined) {
    at.push(way);
    by.push(-1);
  }
  return { at, by };
}
/** What a shop learns from. */
export interface ShopAsk {
  lasts: readonly ShopLast[];
  visits: readonly ShopVisit[];
  /** What other parts of the lasts came to before. */
  given?: Given;
}
interface Places {
  lastAt: Map<string, number>;
  fitterAt: Map<string, number>;
  kindAt: Map<KindId, number>;
}
function peopleOf(channel: OffsetId, { lasts, visits, given }: ShopAsk, places: Places): Person[] {
  const of = new Map<string, { words: ShopWord[]; at: number[][]; by: number[][]; blocks: { from: number; rows: number[]; visit: ShopVisit }[] }>();
  for (const visit of visits) {
    const rows: number[] = [];
    const own = of.get(visit.person) ?? { words: [], at: [], by: [], blocks: [] };
    const from = own.words.length;
    visit.words.forEach((word, i) => {
      if (word.channel !== channel) return;
      const globals = globalsOf(word, visit.fitter, places);
      if (!globals) return;
      rows.push(i);
      own.words.push(freed(word, lasts[places.lastAt.get(word.last)!].mark, given ?? {}));
      own.at.push(globals.at);
      own.by.push(globals.by);
    });
    if (rows.length === 0) continue;
    own.blocks.push({ from, rows, visit });
    of.set(visit.person, own);
  }
  return [...of].map(([id, { words, at, by, blocks }]) => {
    const n = words.length;
    const k = new Float64Array(n * n);
    for (let i = 0; i < n; i++) for (let j = 0; j < n; j++) k[i * n + j] = words[i].share * words[j].share * LIKING_VARIANCE;
    for (const { from, rows, visit } of blocks)
      rows.forEach((r, i) => rows.forEach((c, j) => (k[(from + i) * n + from + j] += visit.together[r * visit.words.length + c])));
    return { id, words, at, by, k, t: new Float64Array(n), v: new Float64Array(n), w: new Float64Array(n * n) };
  });
}
/** What the globals are believed to be beforehand, as a precision: makers' common parts by one rank each. */
function priorPrecision(lasts: readonly ShopLast[], channel: OffsetId, size: number, ways: number): { precision: Float64Array; before: Float64Array } {
  const precision = new Float64Array(size * size);
  const before = Float64Array.from(lasts, (l) => (OFFSET_SD[l.mark] ?? LABEL_ONLY)[channel]);
  for (const maker of new Set(lasts.map((l) => l.maker))) {
    const own = lasts.flatMap((l, at) => (l.maker === maker ? [{ mark: l.mark, at }] : []));
    // Variance is D + b b': its inverse takes one division (Sherman and Morrison).
    const r = own.map(({ mark, at }) => ({ at, d: before[at] ** 2 * (1 - MAKER_SHARE[mark]), b: before[at] * Math.sqrt(MAKER_SHARE[mark]) }));
    const down = 1 + r.reduce((s, { d, b }) => s + (b * b) / d, 0);
    for (const x of r) {
      precision[x.at * size + x.at] += 1 / x.d;
      for (const y of r) precision[x.at * size + y.at] -= ((x.b / x.d) * (y.b / y.d)) / down;
    }
  }
  for (let i = lasts.length; i < size; i++) precision[i * size + i] = 1 / (i < lasts.length + ways ? WAY_SD[channel] : TAU_SD) ** 2;
  return { precision, before };
}
/** One person's words as a message on the globals, from their sites as they stand: the shift it brings; `w` is renewed. */
function messageOf(person: Person): Float64Array {
  const { k, t, v } = person;
  const n = t.length;
  const root = Float64Array.from(t, Math.sqrt);
  const inner = new Float64Array(n * n);
  for (let i = 0; i < n; i++) for (let j = 0; j < n; j++) inner[i * n + j] = root[i] * k[i * n + j] * root[j] + (i === j ? 1 : 0);
  const w = inverseOf(inner, n);
  for (let i = 0; i < n; i++) for (let j = 0; j < n; j++) w[i * n + j] *= root[i] * root[j];
  const kv = times(k, v);
  const wkv = times(w, kv);
  person.w = w;
  return v.map((x, i) => x - wkv[i]);
}
/** Adds one person's message to precision and shift of the globals. */
function addMessage(person: Person, size: number, precision: Float64Array, shift: Float64Array, sign = 1): void {
  const own = messageOf(person);
  const { w } = person;
  const n = person.t.length;
  for (let i = 0; i < n; i++)
    for (let x = 0; x < person.at[i].length; x++) {
      const a = person.at[i][x];
      const by = sign * person.by[i][x];
      shift[a] += by * own[i];
      for (let j = 0; j < n; j++) {
        const f = by * w[i * n + j];
        if (f !== 0) for (let y = 0; y < person.at[j].length; y++) precision[a * size + person.at[j][y]] += f * person.by[j][y];
      }
    }
}
/** Renews a person's sites from what everybody together says. */
function renew(person: Person, mean: Float64Array, cov: Float64Array, size: number): void {
  const n = person.t.length;
  const { w } = person;
  const kw = product(person.k, w, n);
  const p = person.k.slice();
  const kwk = product(kw, person.k, n);
  for (let i = 0; i < n * n; i++) p[i] -= kwk[i];
  // Q = 1 - P T: what the globals say reaches a word only as far as the person's own words leave room.
  const q = new Float64Array(n * n);
  for (let i = 0; i < n; i++) for (let j = 0; j < n; j++) q[i * n + j] = (i === j ? 1 : 0) - p[i * n + j] * person.t[j];
  const am = Float64Array.from(person.at, (at, i) => at.reduce((s, a, x) => s + person.by[i][x] * mean[a], 0));
  const aca = new Float64Array(n * n);
  for (let i = 0; i < n; i++)
    for (let j = 0; j <= i; j++) {
      // Plain loops: this is done for every pair of words of every person, some times over.
      const [atI, byI, atJ, byJ] = [person.at[i], person.by[i], person.at[j], person.by[j]];
      let sum = 0;
      for (let x = 0; x < atI.length; x++) for (let y = 0; y < atJ.length; y++) sum += byI[x] * byJ[y] * cov[atI[x] * size + atJ[y]];
      aca[i * n + j] = aca[j * n + i] = sum;
    }
  const pv = times(p, person.v);
  const row = times(q, am).map((m, i) => m + pv[i]);
  const qaca = product(q, aca, n);
  for (let i = 0; i < n; i++) {
    let variance = p[i * n + i];
    for (let j = 0; j < n; j++) variance += qaca[i * n + j] * q[i * n + j];
    const left = 1 - person.t[i] * variance;
    if (left < 1e-9) continue;
    const { T, V } = siteOf({ cg: (row[i] - person.v[i] * variance) / left, cv: variance / left }, person.words[i]);
    person.t[i] = T;
    person.v[i] = V;
  }
}
/** What a last leans on of its other parts is off in all words at once: it widens what is told of it. */
function lean(cov: Float64Array, size: number, people: readonly Person[], lasts: readonly ShopLast[], given: Given): void {
  lasts.forEach((last, i) => {
    const words = people.flatMap((p) => p.words.filter((w) => w.last === last.id));
    if (words.length === 0) return;
    for (const [o, known] of Object.entries(given) as [OffsetId, ReadonlyMap<string, { sdMm: number }>][]) {
      const share = words.reduce((s, w) => s + (w.by[o] ?? 0) / (w.by[w.channel] || 1), 0) / words.length;
      cov[i * size + i] += (share * (known.get(last.id)?.sdMm ?? 0)) ** 2;
    }
  });
}
function product(a: Float64Array, b: Float64Array, n: number): Float64Array {
  const out = new Float64Array(n * n);
  for (let i = 0; i < n; i++)
    for (let k = 0; k < n; k++) {
      const f = a[i * n + k];
      if (f !== 0) for (let j = 0; j < n; j++) out[i * n + j] += f * b[k * n + j];
    }
  return out;
}
/**
 * What all people's words say of one part of every last, of the fitters' ways and of what our targets are off in this shop: expectation
 * propagation with each person's own feet and liking integrated out, all globals in one dense matrix. Worked out from nothing each time:
 * what is taken back was never there.
 * @param onsweep called after each round; a true answer ends it early, with what it came to
 */
export function learnChannel(channel: OffsetId, ask: ShopAsk, onsweep: (sweep: number) => boolean | void = () => {}): ChannelBelief {
  const { lasts, visits } = ask;
  const fitters = [...new Set(visits.flatMap((v) => (v.fitter === '' ? [] : [v.fitter])))].sort();
  const kinds = [...new Set(visits.flatMap((v) => v.words.map((w) => w.kind)))].sort();
  const places: Places = {
    lastAt: new Map(lasts.map((l, i) => [l.id, i])),
    fitterAt: new Map(fitters.map((f, i) => [f, lasts.length + i])),
    kindAt: new Map(kinds.map((k, i) => [k, lasts.length + fitters.length + i]))
  };
  const size = lasts.length + fitters.length + kinds.length;
  const people = peopleOf(channel, ask, places);
  const { precision: prior, before } = priorPrecision(lasts, channel, size, fitters.length);
  let cov = inverseOf(prior, size);
  let mean: Float64Array = new Float64Array(size);
  let sweeps = 0;
  for (let moved = people.length > 0 ? Infinity : 0; moved > STILL_MM && sweeps < MOST_SWEEPS; sweeps++) {
    for (const person of people) renew(person, mean, cov, size);
    const precision = prior.slice();
    const shift = new Float64Array(size);
    for (const person of people) addMessage(person, size, precision, shift);
    cov = inverseOf(precision, size);
    const next = times(cov, shift);
    moved = next.reduce((most, m, i) => Math.max(most, Math.abs(m - mean[i])), 0);
    mean = next;
    if (onsweep(sweeps + 1)) break;
  }
  lean(cov, size, people, lasts, ask.given ?? {});
  return { channel, lasts, fitters, kinds, mean, cov, before, people, given: ask.given ?? {}, sweeps };
}
/** What a channel came to for each last, as it is given to the next: girths first, since lengths and insteps lean on them. */
export const CHANNEL_ORDER = ['girth', 'length', 'instep', 'heel', 'toe'] as const satisfies readonly OffsetId[];
export const givenBy = ({ lasts, mean, cov }: ChannelBelief): Map<string, { mm: number; sdMm: number }> =>
  new Map(lasts.map((l, i) => [l.id, { mm: mean[i], sdMm: Math.sqrt(cov[i * mean.length + i]) }]));
/** The same without what one person said: what their own estimate may lean on, so that their words do not come back as knowledge of the last. */
export function withoutPerson(belief: ChannelBelief, id: string): Pick<ChannelBelief, 'mean' | 'cov'> {
  const person = belief.people.find((p) => p.id === id);
  if (!person) return belief;
  const size = belief.mean.length;
  const precision = inverseOf(belief.cov, size);
  const shift = times(precision, belief.mean);
  addMessage(person, size, precision, shift, -1);
  const cov = inverseOf(precision, size);
  return { mean: times(cov, shift), cov };
}
