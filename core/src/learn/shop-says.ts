import { KIND, KIND_ZONES, type KindId } from '../fit';
import { siteOf } from './ep';
import type { OffsetId } from './felt';
import { freedFrom, type ChannelBelief } from './shop';
import { CHANNEL_OF, LIKING_VARIANCE, type ShopVisit, type ShopWord } from './visits';

interface Value {
  mm: number;
  sdMm: number;
}
/** What may be said of one part of a last; `kind`: it stands off as its whole kind does. */
export const LAST_VERDICTS = ['too-few', 'nothing', 'kind', 'propose', 'measure'] as const;
export type LastVerdict = (typeof LAST_VERDICTS)[number];
/** One part of one last, as people's words have it; nought is what the stockroom says. */
export interface LastSays {
  last: string;
  channel: OffsetId;
  /** By itself, beside fitters and targets. */
  own: Value;
  /** As it stands in these hands, against our targets: what a proposal goes by. */
  net: Value;
  people: number;
  words: number;
  fitters: number;
  /** How much of the say the stockroom's own figure still has, 0 to 1. */
  sheetShare: number;
  verdict: LastVerdict;
}
/** A proposal needs so many people and words, so many deviations and millimetres from nought [model]. */
export const PROPOSE = { people: 6, words: 12, z: 2, mm: { length: 1, girth: 2, instep: 2, heel: 1, toe: 1 } as Readonly<Record<OffsetId, number>> } as const;
/** Further out than this, in deviations beforehand, the sheet is not to be mended by words: the insole is measured. */
const MEASURE_Z = 3;

/** Value and doubt of a weighted sum of globals. */
function sumOf({ mean, cov }: Pick<ChannelBelief, 'mean' | 'cov'>, by: ReadonlyMap<number, number>): Value {
  const d = mean.length;
  let [mm, variance] = [0, 0];
  for (const [i, a] of by) {
    mm += a * mean[i];
    for (const [j, b] of by) variance += a * b * cov[i * d + j];
  }
  return { mm, sdMm: Math.sqrt(Math.max(0, variance)) };
}
/**
 * What a channel says of each last that anybody spoke of, the surest first.
 * @param targets what the same channel says of targets: what a whole kind is off by is not laid upon each of its lasts
 */
export function lastsSay(belief: ChannelBelief, targets: readonly TargetSays[] = []): LastSays[] {
  const { lasts, channel, people, before } = belief;
  return lasts
    .flatMap((last, at): LastSays[] => {
      const spoken = people.flatMap((p) => p.words.flatMap((w, i) => (w.last === last.id ? [{ person: p.id, kind: w.kind, at: p.at[i] }] : [])));
      if (spoken.length === 0) return [];
      const net = new Map<number, number>([[at, 1]]);
      const ways = new Set<number>();
      for (const word of spoken)
        for (const g of word.at) {
          if (g === at) continue;
          net.set(g, (net.get(g) ?? 0) - 1 / spoken.length);
          if (g < lasts.length + belief.fitters.length) ways.add(g);
        }
      const own = sumOf(belief, new Map([[at, 1]]));
      const said = sumOf(belief, net);
      const many = new Set(spoken.map((w) => w.person)).size;
      const words = spoken.length;
      const isFar = ({ mm, sdMm }: Value): boolean => Math.abs(mm) >= PROPOSE.z * sdMm && Math.abs(mm) >= PROPOSE.mm[channel];
      const few = many < PROPOSE.people || words < PROPOSE.words;
      const beside = besideKinds(belief, net, spoken, targets);
      const verdict: LastVerdict =
        few ? 'too-few' : !isFar(said) ? 'nothing' : beside && !isFar(beside) ? 'kind' : Math.abs((beside ?? said).mm) > MEASURE_Z * before[at] ? 'measure' : 'propose'; // prettier-ignore
      return [{ last: last.id, channel, own, net: said, people: many, words, fitters: ways.size, sheetShare: Math.min(1, (own.sdMm / before[at]) ** 2), verdict }]; // prettier-ignore
    })
    .sort((a, b) => Math.abs(b.net.mm) / b.net.sdMm - Math.abs(a.net.mm) / a.net.sdMm);
}
/** How a last stands beside the others of kinds that stand off as a whole; null where none does. */
function besideKinds(
  belief: ChannelBelief,
  net: ReadonlyMap<number, number>,
  spoken: readonly { kind: KindId }[],
  targets: readonly TargetSays[]
): Value | null {
  const moved = targets.filter((t) => t.off && spoken.some((w) => w.kind === t.kind));
  if (moved.length === 0) return null;
  const by = new Map(net);
  for (const { kind } of moved) {
    const share = spoken.filter((w) => w.kind === kind).length / spoken.length;
    for (const [g, x] of targetAt(belief, kind).by) by.set(g, (by.get(g) ?? 0) + share * x);
  }
  return sumOf(belief, by);
}
/** How one fitter's words lie beside the others', mm: positive where theirs say tighter. */
export interface WaySays extends Value {
  fitter: string;
  channel: OffsetId;
  words: number;
}
/** Nothing where one hand took all. */
export function waysSay(belief: ChannelBelief): WaySays[] {
  const { fitters, lasts, people, channel } = belief;
  if (fitters.length < 2) return [];
  return fitters.map((fitter, i) => {
    const at = lasts.length + i;
    const by = new Map(fitters.map((_, k) => [lasts.length + k, k === i ? 1 : -1 / (fitters.length - 1)]));
    const words = people.reduce((n, p) => n + p.at.filter((g) => g.includes(at)).length, 0);
    return { fitter, channel, words, ...sumOf(belief, by) };
  });
}
/** Why our targets for a kind stay as they are. */
export const KEEP_REASONS = ['shared', 'few-people', 'few-words', 'one-hand', 'all-alike', 'unsure', 'near', 'not-foretold', 'published'] as const;
export type KeepReason = (typeof KEEP_REASONS)[number];
/** What a kind's cuts lie off the table in these hands, and whether to move them. */
export interface TargetSays extends Value {
  kind: KindId;
  channel: OffsetId;
  people: number;
  words: number;
  fitters: number;
  /** Its people say that the whole kind stands off, whether or not that is enough to move its targets. */
  off: boolean;
  /** By how much all four cuts would move up, mm, where that is proposed. */
  move: number | null;
  /** Why it is not. */
  keep: KeepReason | null;
  /** People or words still missing. */
  missing: number;
}
/** A target is moved only by so much evidence [model]. */
export const TUNE = { people: 30, words: 60, fitters: 2, sdMm: 0.6, mm: 0.75, z: 2, mostMm: 3, alike: 0.95 } as const;
/** The zone whose cuts a kind has of its own and that speaks of a part of a last; none where the cuts are those of every kind. */
export const targetZone = (channel: OffsetId): (typeof KIND_ZONES)[number] | undefined => KIND_ZONES.find((zone) => CHANNEL_OF[zone] === channel);

function targetAt(belief: ChannelBelief, kind: KindId): { by: Map<number, number>; words: { person: string; word: ShopWord }[]; fitters: number } {
  const { lasts, fitters, kinds, people } = belief;
  const at = lasts.length + fitters.length + kinds.indexOf(kind);
  const words = people.flatMap((p) => p.words.flatMap((word, i) => (word.kind === kind ? [{ person: p.id, word, at: p.at[i] }] : [])));
  const by = new Map([[at, 1]]);
  const ways = new Set<number>();
  for (const w of words)
    for (const g of w.at)
      if (g >= lasts.length && g < lasts.length + fitters.length) {
        by.set(g, (by.get(g) ?? 0) + 1 / words.length);
        ways.add(g);
      }
  return { by, words, fitters: ways.size };
}
/**
 * Whether this shop's targets should move, kind by kind.
 * @param older the same belief without the newest fifth of the words, and those words: they must be foretold better with the move
 */
export function targetsSay(belief: ChannelBelief, older: { belief: ChannelBelief; newest: readonly ShopVisit[] } | null): TargetSays[] {
  return belief.kinds.flatMap((kind): TargetSays[] => {
    const { by, words, fitters } = targetAt(belief, kind);
    if (words.length === 0) return [];
    const said = sumOf(belief, by);
    const people = new Set(words.map((w) => w.person)).size;
    const most = Math.max(...[...countOf(words.map(({ word: { low, high } }) => `${low} ${high}`)).values()]);
    const move = Math.max(-TUNE.mostMm, Math.min(TUNE.mostMm, said.mm));
    const near = Math.abs(said.mm) < TUNE.mm || Math.abs(said.mm) < TUNE.z * said.sdMm;
    const keep: KeepReason | null =
      targetZone(belief.channel) === undefined ? 'shared'
      : people < TUNE.people ? 'few-people'
      : words.length < TUNE.words ? 'few-words'
      : fitters < TUNE.fitters ? 'one-hand'
      : most > TUNE.alike * words.length ? 'all-alike'
      : said.sdMm >= TUNE.sdMm ? 'unsure'
      : near ? 'near'
      : move < 0 && KIND[kind].publishedRoom ? 'published'
      : older && foretold(older, kind, belief.channel) <= 0 ? 'not-foretold'
      : null; // prettier-ignore
    const missing = keep === 'few-people' ? TUNE.people - people : keep === 'few-words' ? TUNE.words - words.length : 0;
    return [
      {
        kind,
        channel: belief.channel,
        ...said,
        people,
        words: words.length,
        fitters,
        off: !near && people >= PROPOSE.people,
        move: keep ? null : move,
        keep,
        missing
      }
    ];
  });
}
const countOf = (of: readonly string[]): Map<string, number> => of.reduce((m, x) => m.set(x, (m.get(x) ?? 0) + 1), new Map<string, number>());
/** By how much the log chance of the newest words rises when the cuts move as the older ones say. */
function foretold({ belief, newest }: { belief: ChannelBelief; newest: readonly ShopVisit[] }, kind: KindId, channel: OffsetId): number {
  if (!belief.kinds.includes(kind)) return 0;
  const { mm } = sumOf(belief, targetAt(belief, kind).by);
  const { mean, lasts, before } = belief;
  let gain = 0;
  for (const visit of newest)
    visit.words.forEach((said, i) => {
      if (said.channel !== channel || said.kind !== kind) return;
      const word = freedFrom(belief, said);
      const at = lasts.findIndex((l) => l.id === word.last);
      const cv = visit.together[i * visit.words.length + i] + word.share ** 2 * LIKING_VARIANCE + (at < 0 ? 0 : ((word.by[channel] ?? 0) * before[at]) ** 2);
      const cg = at < 0 ? 0 : (word.by[channel] ?? 0) * mean[at];
      const chance = (move: number): number => siteOf({ cg: cg - move, cv }, word).judged.chance;
      gain += Math.log(chance(mm)) - Math.log(chance(0));
    });
  return gain;
}
