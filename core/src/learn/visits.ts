import { ZONE, type KindId, type Preference, type ZoneId } from '../fit';
import { SIDES, type MeasureId, type Side } from '../measure';
import { believe, type Reading } from './ep';
import { OFFSETS, type OffsetId } from './felt';
import { anchorOf, type LearnAsk } from './person';
import { lineAt, saidOf, type KnownPair } from './said';
import { slopesAt } from './slopes';
import { LIKING_SD, likingAt, MEASURES_BOTH, priorOf, stateAt } from './state';

/** Which part of a last each zone speaks of. What speaks of no single part teaches a shop nothing of its lasts. */
export const CHANNEL_OF: Partial<Readonly<Record<ZoneId, OffsetId>>> = {
  'toe-room': 'length', 'ball-girth': 'girth', instep: 'instep', throat: 'instep', 'heel-width': 'heel', 'toe-box-width': 'toe'
}; // prettier-ignore
/** One word of a visit, against the last as the stockroom holds it and our own targets. */
export interface ShopWord {
  pair: string;
  last: string;
  kind: KindId;
  side: Side;
  zone: ZoneId;
  channel: OffsetId;
  /** Clearance less what is liked beforehand, mm. */
  mm: number;
  low: number;
  high: number;
  /** How closely it is felt. */
  sd: number;
  slip: number;
  /** What a millimetre more of each part of the last brings. */
  by: Readonly<Partial<Record<OffsetId, number>>>;
  /** How much of the wearer's liking reaches it. */
  share: number;
}
/** All that one person said at one visit, as a shop learns from it. */
export interface ShopVisit {
  /** Who, as a number of the shop's: never a name. */
  person: string;
  /** Whose ears and tape; empty where nobody said. */
  fitter: string;
  /** When, as an ISO day: newer words are foretold from older ones. */
  day: string;
  words: ShopWord[];
  /** How the words go together because the feet were read once for all, mm², by rows. */
  together: Float64Array;
}
/** A visit as it was kept. */
export interface VisitKept extends Omit<LearnAsk, 'pairs'> {
  person: string;
  fitter: string;
  day: string;
  pairs: readonly KnownPair[];
  preference: Preference;
}
/** Liking of the whole shoe and of one of its places, mm². */
export const LIKING_VARIANCE = LIKING_SD.common ** 2 + LIKING_SD.group ** 2;

/**
 * Reads a visit for a shop: each word for a zone that speaks of one part of a last, at the feet as they were taped that day, what was not
 * taped taken from proportions. Pairs known by their label teach no last.
 */
export function readVisit(visit: VisitKept): ShopVisit {
  const { person, fitter, day, pairs, tape, preference, features = {} } = visit;
  const readings = SIDES.flatMap(
    (side) =>
    (Object.entries(tape[side] ?? {}) as [MeasureId, { mm: number; sdMm: number }][]).map(([id, v]): Reading => ({ at: [stateAt(side, id)], by: [1], mm: 0, value: v.mm, sd: v.sdMm })) // prettier-ignore
  );
  const { mean, cov } = believe(priorOf(anchorOf(visit), preference, []), [], readings);
  const d = mean.length;
  const lined = pairs
    .filter((p) => p.lastId !== null)
    .flatMap((pair) => {
      const said = saidOf(pair).filter((s) => s.side !== null && s.zone !== 'whole' && CHANNEL_OF[s.zone] !== undefined);
      if (said.length === 0) return [];
      const zones = new Set(said.map((s) => s.zone as ZoneId));
      const of = (side: Side) => slopesAt({ ...pair, side, mmOf: (id) => mean[stateAt(side, id)], features: features[side] ?? {}, zones });
      const slopes = { left: of('left'), right: of('right') };
      return said.flatMap((s) => {
        const line = lineAt(s, slopes, d, mean);
        if (!line) return [];
        const zone = s.zone as ZoneId;
        const channel = CHANNEL_OF[zone]!;
        const by = (at: number): number => line.by[line.at.indexOf(at)] ?? 0;
        const foot = line.at.flatMap((at, k) => (at < MEASURES_BOTH.length ? [{ at, by: line.by[k] }] : []));
        // At the feet as taped, with what this person is said to like.
        const mm = foot.reduce((sum, f) => sum + f.by * mean[f.at], line.mm) + by(likingAt('common')) * mean[likingAt('common')];
        const parts = Object.fromEntries(OFFSETS.flatMap((o, k) => (by(d + k) === 0 ? [] : [[o, by(d + k)]])));
        const { low, high, sd, slip } = line;
        const word: ShopWord = { pair: pair.id, last: pair.lastId!, kind: pair.shoe.kind, side: s.side!, zone, channel, mm, low, high, sd, slip, by: parts, share: ZONE[zone].preferenceShare }; // prettier-ignore
        return [{ word, foot }];
      });
    });
  const n = lined.length;
  const together = new Float64Array(n * n);
  lined.forEach(({ foot: a }, i) =>
    lined.forEach(({ foot: b }, j) => {
      for (const x of a) for (const y of b) together[i * n + j] += x.by * y.by * cov[x.at * d + y.at];
    })
  );
  return { person, fitter, day, words: lined.map((l) => l.word), together };
}
