import { formatSigned } from '../measure';
import { fitOnce } from './clearances';
import { nameOf, trialsFor, type RemedyKind, type Trial } from './help-rules';
import { fitsWithHelps, type Help } from './helps';
import { judge, zoneState } from './judge';
import { limitsOf } from './limits';
import { NO_AIDS } from './plain-zones';
import type { Shoe } from './shoe';
import type { Targets } from './targets';
import type { Wear, WornFoot } from './wear';
import { ZONE, ZONE_AT, ZONE_IDS, type ZoneId } from './zones';

export interface Remedy {
  kind: RemedyKind;
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
  for (const trial of trialsFor(shoe, wear, NO_AIDS)) {
    const after = fitOnce(dims, shoe, trial.wear, trial.aids).zone;
    const makesFit = judge(after, targets).fits;
    const zone = mostHelped(trial, before, after, targets);
    if (!zone || spoils(before, after, targets)) continue;
    if (!makesFit && fitsNow) continue;
    remedies.push({
      kind: trial.rule.kind,
      mm: trial.mm,
      name: nameOf(trial),
      zone,
      effectMm: after[ZONE_AT[zone]] - before[ZONE_AT[zone]],
      afterMm: after[ZONE_AT[zone]],
      makesFit,
      costs: costsOf(zone, before, after, targets),
      limits: trial.rule.limits
    });
  }
  remedies.sort((p, q) => Number(q.makesFit) - Number(p.makesFit) || Math.abs(q.effectMm) - Math.abs(p.effectMm));
  return { remedies, fitsWith: fitsWithHelps(foot, shoe, wear, targets, seen) };
}

/** True when a help presses a zone that lay within its limits out of them: an insole where depth is short is no help. */
function spoils(before: Float64Array, after: Float64Array, targets: Targets): boolean {
  const { least } = limitsOf(targets);
  return ZONE_IDS.some((_, i) => before[i] >= least[i] && after[i] < least[i]);
}

/** The zone a help brings nearest to the middle of right, when it was off it and ends nearer. */
function mostHelped(trial: Trial, before: Float64Array, after: Float64Array, targets: Targets): ZoneId | null {
  let found: ZoneId | null = null;
  let most = 0.25;
  for (const id of trial.rule.helps) {
    const i = ZONE_AT[id];
    if (Number.isNaN(before[i]) || zoneState(id, before[i], targets) === 'right') continue;
    const t = targets[id];
    const off = (v: number): number => Math.max(t.b - v, v - t.c, 0);
    const gain = off(before[i]) - off(after[i]);
    if (gain > most) {
      most = gain;
      found = id;
    }
  }
  return found;
}

const signed = (mm: number): string => `${formatSigned(mm, 'mm')} mm`;

function costsOf(helped: ZoneId, before: Float64Array, after: Float64Array, targets: Targets): string {
  return ZONE_IDS.filter((id) => id !== helped && Math.abs(after[ZONE_AT[id]] - before[ZONE_AT[id]]) >= 0.5)
    .filter((id) => zoneState(id, after[ZONE_AT[id]], targets) !== 'right')
    .map((id) => `${ZONE[id].name} ${signed(after[ZONE_AT[id]] - before[ZONE_AT[id]])}`)
    .join(', ');
}
