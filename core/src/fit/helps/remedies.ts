import { formatSigned } from '../../measure';
import { clearanceAt, judge, limitsOf, zonesOf, zoneState, type Targets } from '../judge';
import { fitOnce } from '../room';
import type { Shoe, Wear, WornFoot } from '../shoe';
import { TOLD_FROM_MM } from '../words';
import { NO_AIDS, ZONE, type ZoneId } from '../zones';
import { trialsFor, type HelpId } from './definitions';
import { fitsWithHelps, type Help } from './fits-with';

/** A help that brings a zone less than this nearer to right is no help, mm. */
const LEAST_GAIN_MM = 0.25;

export interface Remedy {
  kind: HelpId;
  /** How much of it is put in, mm. */
  mm: number;
  name: string;
  zone: ZoneId;
  effectMm: number;
  /** Clearance of the zone after it, mm. */
  afterMm: number;
  /** True when the foot fits with this one alone. */
  makesFit: boolean;
  /** What it costs elsewhere, in words, largest first. */
  costs: string;
  limits: string;
}

/** What would help both feet in a size and width, each help once. */
export function helpsFor(feet: readonly WornFoot[], shoe: Shoe, wear: Wear, targets: Targets): Remedy[] {
  const all = feet.flatMap((foot) => remediesFor(foot, shoe, wear, targets).remedies);
  return all.filter((r, i) => all.findIndex((o) => o.name === r.name && o.zone === r.zone) === i);
}

/**
 * What would help one foot in one shoe. Every effect is the difference between two computed fits.
 * @returns helps for zones that are not right, those that make it fit first, and whether at most two make it fit
 */
export function remediesFor(foot: WornFoot, shoe: Shoe, wear: Wear, targets: Targets): { remedies: Remedy[]; fitsWith: Help[] | null } {
  const { dims } = foot;
  const seen = fitOnce(dims, shoe, wear);
  const before = seen.zone;
  const fitsNow = judge(before, targets).fits;
  const remedies: Remedy[] = [];
  for (const { help, mm, wear: worn, aids } of trialsFor(shoe, { wear, aids: NO_AIDS })) {
    const after = fitOnce(dims, shoe, worn, aids).zone;
    const makesFit = judge(after, targets).fits;
    const zone = mostHelped(help.zones, before, after, targets);
    if (!zone || spoils(before, after, targets)) continue;
    if (!makesFit && fitsNow) continue;
    const afterMm = clearanceAt(after, targets, zone);
    remedies.push({
      kind: help.id,
      mm,
      name: help.name(mm),
      zone,
      effectMm: afterMm - clearanceAt(before, targets, zone),
      afterMm,
      makesFit,
      costs: costsOf(zone, before, after, targets),
      limits: help.limits
    });
  }
  remedies.sort((p, q) => Number(q.makesFit) - Number(p.makesFit) || Math.abs(q.effectMm) - Math.abs(p.effectMm));
  return { remedies, fitsWith: fitsWithHelps(foot, shoe, wear, targets, seen) };
}

/** True when a help presses a zone that lay within its limits out of them: an insole where depth is short is no help. */
function spoils(before: Float64Array, after: Float64Array, targets: Targets): boolean {
  return limitsOf(targets).least.some((least, i) => before[i] >= least && after[i] < least);
}

/** The zone a help brings nearest to the middle of right, when it was off it and ends nearer. @param zones it is meant for */
function mostHelped(zones: readonly ZoneId[], before: Float64Array, after: Float64Array, targets: Targets): ZoneId | null {
  let found: ZoneId | null = null;
  let most = LEAST_GAIN_MM;
  for (const id of zones) {
    const was = clearanceAt(before, targets, id);
    if (Number.isNaN(was) || zoneState(id, was, targets) === 'right') continue;
    const { b, c } = targets[id]!;
    const off = (mm: number): number => Math.max(b - mm, mm - c, 0);
    const gain = off(was) - off(clearanceAt(after, targets, id));
    if (gain > most) {
      most = gain;
      found = id;
    }
  }
  return found;
}

/** What a help costs elsewhere, in words. */
function costsOf(helped: ZoneId, before: Float64Array, after: Float64Array, targets: Targets): string {
  return zonesOf(targets)
    .inOrder.filter(({ id, at }) => id !== helped && Math.abs(after[at] - before[at]) >= TOLD_FROM_MM && zoneState(id, after[at], targets) !== 'right')
    .map(({ id, at }) => `${ZONE[id].name} ${formatSigned(after[at] - before[at], 'mm')} mm`)
    .join(', ');
}
