import { KIND, middleOf, targetsFor, ZONE, zoneSetFor, type FeelId, type Shoe, type Wear, type ZoneId, type ZoneState } from '../fit';
import type { EvidenceMark, LearnedOffsets } from '../last';
import { MEASURE_IDS, SIDES, type Side } from '../measure';
import type { Line, Word } from './ep';
import { bandOf, FEEL_SD, LABEL_ONLY, OFFSET_SD, OFFSETS, READ_SD, SLIP, WHOLE_SD, WHOLE_ZONES, wholeBand, WORN_MORE_SD } from './felt';
import type { Slopes } from './slopes';
import { likingAt, MEASURES_BOTH, PERSON_SIZE, stateAt, type Before, type LikingId } from './state';

/** A pair that somebody wears or tried, and what was said of it. */
export interface KnownPair {
  id: string;
  shoe: Shoe;
  /** Its last: pairs of one last are off together. Null for a shoe known by its label. */
  lastId: string | null;
  mark: EvidenceMark;
  /** What the shop took over of this last; its shoe is read as the sheet has it all the same. */
  learned?: LearnedOffsets;
  /** Step of its label's sizes, mm, where only the label is known. */
  labelStepMm?: number;
  wear: Wear;
  /** How the whole shoe feels. */
  whole?: FeelId;
  /** How each zone feels. */
  zones: Readonly<Partial<Record<Side, Readonly<Partial<Record<ZoneId, ZoneState>>>>>>;
  /** It is worn, or was kept: what is not spoken of is at least bearable. */
  worn: boolean;
  /** It was told in a letter or with a parcel that came back: a slip is likelier. */
  written?: boolean;
  /** Clearances that a thumb or a ruler read at the chair, mm. */
  read?: readonly { side: Side; zone: ZoneId; mm: number }[];
}
/** A word as it was said. */
export type SaidWord = ZoneState | FeelId | 'worn';
const GROUP_OF: Readonly<Record<(typeof ZONE)[ZoneId]['part'], LikingId>> = { toes: 'toes', ball: 'girth', waist: 'girth', heel: 'heel' };
/** Which liking reaches a zone beside the common one. */
export const groupOf = (zone: ZoneId): LikingId => GROUP_OF[ZONE[zone].part];
/** One line of a pair before it is read at a state: which zones with which weights. */
export interface Said {
  pair: KnownPair;
  side: Side | null;
  zone: ZoneId | 'whole';
  word: SaidWord;
  parts: readonly { side: Side; zone: ZoneId; weight: number }[];
  band: readonly [number, number];
  sd: number;
  slip: number;
}
const zoneAt = (shoe: Shoe, zone: ZoneId): number => zoneSetFor(KIND[shoe.kind]).at[zone] ?? -1;
/** What was said of a pair, as lines. Cuts are those for nobody's preference: what is liked is learned, not assumed twice. */
export function saidOf(pair: KnownPair): Said[] {
  const { shoe, wear, zones, whole, worn } = pair;
  const targets = targetsFor(shoe, { ...wear, preference: 'regular' });
  const out: Said[] = [];
  const felt = (zone: ZoneId): number => Math.hypot(FEEL_SD[zone]!, pair.labelStepMm ? pair.labelStepMm / Math.sqrt(12) : 0, making(zone));
  for (const side of SIDES)
    for (const [id, word] of Object.entries(zones[side] ?? {}) as [ZoneId, ZoneState][]) {
      if (FEEL_SD[id] === undefined || !targets[id] || ZONE[id].scale === 'place') continue;
      out.push({
        pair,
        side,
        zone: id,
        word,
        parts: [{ side, zone: id, weight: 1 }],
        band: bandOf(id, word, targets[id]),
        sd: felt(id),
        slip: pair.written ? SLIP.written : SLIP.zone
      });
    }
  if (whole) {
    const all = SIDES.flatMap((side) => WHOLE_ZONES.filter(([id]) => targets[id]).map(([zone, weight]) => ({ side, zone, weight })));
    const sum = all.reduce((s, p) => s + p.weight, 0);
    const middle = all.reduce((s, { zone, weight }) => s + weight * middleOf(targets[zone]!), 0) / sum;
    const [low, high] = wholeBand(whole);
    out.push({ pair, side: null, zone: 'whole', word: whole, parts: all.map((p) => ({ ...p, weight: p.weight / sum })), band: [low + middle, high + middle], sd: Math.hypot(WHOLE_SD, pair.labelStepMm ? pair.labelStepMm / Math.sqrt(12) : 0), slip: SLIP.whole }); // prettier-ignore
  }
  if (worn)
    for (const [zone] of WHOLE_ZONES) {
      if (!targets[zone] || SIDES.some((side) => zones[side]?.[zone])) continue;
      const { a, d } = targets[zone]!;
      out.push({ pair, side: null, zone, word: 'worn', parts: SIDES.map((side) => ({ side, zone, weight: 0.5 })), band: [a, d], sd: Math.hypot(felt(zone), WORN_MORE_SD), slip: SLIP.worn }); // prettier-ignore
    }
  return out;
}
/** How far one pair of a making differs from another, mm. */
const making = (zone: ZoneId): number => (zone === 'toe-room' ? 0.7 : zone === 'ball-girth' || zone === 'instep' ? 1.5 : 0);

/** Where the offsets of each last stand in the state, and what is believed of them beforehand. */
export function layoutOf(pairs: readonly KnownPair[]): { baseOf: (pair: KnownPair) => number; extra: Before[] } {
  const keys: string[] = [];
  const extra: Before[] = [];
  const keyOf = ({ lastId, id }: KnownPair): string => (lastId === null ? `label ${id}` : `last ${lastId}`);
  for (const pair of pairs) {
    if (keys.includes(keyOf(pair))) continue;
    keys.push(keyOf(pair));
    extra.push(...(pair.lastId === null ? OFFSETS.map((o) => ({ mm: 0, sdMm: LABEL_ONLY[o] })) : offsetsBefore(pair)));
  }
  return { baseOf: (pair) => PERSON_SIZE + OFFSETS.length * keys.indexOf(keyOf(pair)), extra };
}
/** What is believed of a last's offsets before this wearer spoke: what its sheet is worth, or what the shop took over. */
export const offsetsBefore = ({ mark, learned }: Pick<KnownPair, 'mark' | 'learned'>): Before[] =>
  OFFSETS.map((o) => learned?.[o] ?? { mm: 0, sdMm: OFFSET_SD[mark][o] });
/** What a thumb or a ruler read, as a line of the clearance itself: nobody's liking is in it. */
export const readOf = (pair: KnownPair): (Pick<Said, 'pair' | 'parts'> & { mm: number; sd: number })[] =>
  (pair.read ?? []).map(({ side, zone, mm }) => ({ pair, parts: [{ side, zone, weight: 1 }], mm, sd: Math.hypot(READ_SD, making(zone)) }));
/** A clearance as a line through the state: what it says there, and how it answers. */
export function clearanceAt(
  { pair, parts }: Pick<Said, 'pair' | 'parts'>,
  slopes: Readonly<Record<Side, Slopes>>,
  base: number,
  mean: Float64Array
): Line | null {
  const by = new Map<number, number>();
  const add = (at: number, n: number): void => void (n !== 0 && by.set(at, (by.get(at) ?? 0) + n));
  let mm = 0;
  for (const { side, zone, weight } of parts) {
    const at = zoneAt(pair.shoe, zone);
    const s = slopes[side];
    if (at < 0 || !Number.isFinite(s.mm[at])) return null;
    mm += weight * s.mm[at];
    MEASURE_IDS.forEach((id, k) => Number.isFinite(s.byMeasure[k][at]) && add(stateAt(side, id), weight * s.byMeasure[k][at]));
    OFFSETS.forEach((_, k) => Number.isFinite(s.byOffset[k][at]) && add(base + k, weight * s.byOffset[k][at]));
  }
  // The shoe was read as it stands in the stockroom: measures at the mean, offsets and liking at nought.
  for (const [at, n] of by) if (at < MEASURES_BOTH.length) mm -= n * mean[at];
  return { at: [...by.keys()], by: [...by.values()], mm };
}
/** A word read at a state: the clearance, less what is liked, which is felt and not there. */
export function lineAt(said: Said, slopes: Readonly<Record<Side, Slopes>>, base: number, mean: Float64Array): Word | null {
  const line = clearanceAt(said, slopes, base, mean);
  if (!line) return null;
  const liked = new Map<number, number>();
  for (const { zone, weight } of said.parts)
    for (const id of ['common', groupOf(zone)] as const) liked.set(likingAt(id), (liked.get(likingAt(id)) ?? 0) - weight * ZONE[zone].preferenceShare);
  return {
    at: [...line.at, ...liked.keys()],
    by: [...line.by, ...liked.values()],
    mm: line.mm,
    low: said.band[0],
    high: said.band[1],
    sd: said.sd,
    slip: said.slip
  };
}
