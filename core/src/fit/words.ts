import { formatLength, type Side } from '../measure';
import { TOE_NAMES, inSizes } from './explain';
import type { Verdict } from './judge';
import type { Targets } from './targets';
import { ZONE, ZONE_AT, ZONE_IDS, type ZoneId } from './zones';

/** One foot's part in a sentence. */
export interface SpokenFoot {
  side: Side;
  zone: Float64Array;
  targets: Targets;
  /** Toe that touches first, 0 the big toe. */
  toe: number;
  decidedBy: ZoneId;
}

const mm = (value: number): string => formatLength(Math.abs(value), 'mm');

/** How one zone feels, with its millimetres: `4 mm short at the second toe`. */
export function feelOfZone(id: ZoneId, foot: Pick<SpokenFoot, 'zone' | 'targets' | 'toe'>): string {
  const v = foot.zone[ZONE_AT[id]];
  const t = foot.targets[id];
  const toe = TOE_NAMES[foot.toe];
  if (id === 'toe-room') {
    if (v < t.a) return `${inSizes(t.b - v)} short at the ${toe} (${mm(t.b - v)})`;
    if (v < t.b) return `close at the ${toe}, ${mm(t.b - v)} less than usual`;
    if (v > t.d) return `${inSizes(v - t.c)} long (${mm(v - t.c)})`;
    if (v > t.c) return `long by ${mm(v - t.c)}`;
    return `toes right, ${mm(v)} in front`;
  }
  if (id === 'heel-slip') return v > t.d ? `heel lifts ${mm(v)}, too much` : v > t.c ? `heel lifts ${mm(v)}` : 'heel held';
  const name = ZONE[id].name;
  if (v < t.a) return `${name} too tight by ${mm(t.a - v)}`;
  if (v < t.b) return `${name} snug`;
  if (v > t.d) return `${name} too loose by ${mm(v - t.d)}`;
  if (v > t.c) return `${name} roomy, ${mm(v - t.c)} to spare`;
  return `${name} right`;
}

/** Zones of a foot that are not right, worst first. */
export function offZones(foot: SpokenFoot): { id: ZoneId; outside: boolean; weight: number }[] {
  return ZONE_IDS.filter((id) => ZONE[id].decides && !Number.isNaN(foot.zone[ZONE_AT[id]]))
    .map((id) => {
      const v = foot.zone[ZONE_AT[id]];
      const t = foot.targets[id];
      const below = id === 'heel-slip' ? 0 : Math.max(0, t.b - v);
      const off = Math.max(below, v - t.c, 0);
      return { id, outside: v > t.d || (id !== 'heel-slip' && v < t.a), weight: off / ((t.d - t.a) / 2) };
    })
    .filter(({ weight }) => weight > 0)
    .sort((p, q) => Number(q.outside) - Number(p.outside) || q.weight - p.weight);
}

/** What is most off over one or both feet, in words; empty when all is right. @param each how many zones a foot */
export function worstWords(feet: readonly SpokenFoot[], each = 1): string[] {
  return feet
    .flatMap((foot) =>
      offZones(foot)
        .slice(0, each)
        .map((o) => ({ ...o, text: `${feelOfZone(o.id, foot)}, ${foot.side} foot` }))
    )
    .sort((p, q) => Number(q.outside) - Number(p.outside) || q.weight - p.weight)
    .map((o) => o.text);
}

/**
 * One sentence a customer understands, made from the numbers: the verdict, the zone that decides, what is to spare.
 * @param feet one or two feet
 * @param fitsWith what makes it fit, when help does
 */
export function sentence(verdict: Verdict, feet: readonly SpokenFoot[], fitsWith: readonly string[] | null): string {
  const said: string[] = [];
  for (const foot of feet) {
    for (const { id, outside } of offZones(foot).slice(0, 2)) {
      if (verdict === 'fits' || outside) said.push(`${feelOfZone(id, foot)}${feet.length > 1 ? `, ${foot.side} foot` : ''}`);
    }
  }
  const joined = merge(said).slice(0, 3).join('; ');
  if (verdict === 'fits') return joined ? `Fits: ${joined}.` : 'Fits: right in every zone that decides.';
  if (verdict === 'fits-with-help') return `Would fit with ${(fitsWith ?? []).join(' and ')}: ${joined}.`;
  return `Does not fit: ${joined}.`;
}

/** The same words for both feet are said once. */
function merge(said: readonly string[]): string[] {
  const out: string[] = [];
  for (const s of said) {
    const stem = s.replace(/, (left|right) foot$/, '');
    const twin = out.findIndex((o) => o.replace(/, (left|right) foot$/, '') === stem);
    if (twin >= 0) out[twin] = `${stem}, both feet`;
    else out.push(s);
  }
  return out;
}

/** How the whole sits: mean of the zones' signed places between the cuts, -1 tight to +1 loose. */
export function tightness(feet: readonly SpokenFoot[]): number {
  let sum = 0;
  let count = 0;
  for (const foot of feet) {
    for (const id of ['toe-room', 'ball-girth', 'ball-width', 'instep', 'heel-width'] as const) {
      const v = foot.zone[ZONE_AT[id]];
      if (Number.isNaN(v)) continue;
      const t = foot.targets[id];
      sum += Math.max(-1.5, Math.min(1.5, (v - (t.b + t.c) / 2) / ((t.d - t.a) / 2)));
      count++;
    }
  }
  return count === 0 ? 0 : sum / count;
}

/** Word for a tightness: snug, regular or generous where it fits. */
export function character(value: number): 'snug' | 'regular' | 'generous' {
  if (value < -0.25) return 'snug';
  return value > 0.25 ? 'generous' : 'regular';
}
