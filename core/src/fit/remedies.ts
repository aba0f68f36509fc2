import type { Aids } from './clearances';
import { NO_AIDS, fitOnce } from './clearances';
import { judge, zoneState } from './judge';
import type { Shoe } from './shoe';
import type { Targets } from './targets';
import { UPPER } from './uppers';
import type { FootDims, Wear } from './wear';
import { ZONE_AT, ZONE_IDS, type ZoneId } from './zones';

// prettier-ignore
export type RemedyKind =
  | 'full-insole' | 'half-insole' | 'remove-insole' | 'ball-pad' | 'tongue-pad' | 'heel-grip' | 'thicker-sock' | 'toe-filler'
  | 'spot-stretch' | 'lacing' | 'sister-size' | 'other-last' | 'wedge';

/** What a help does to the shoe or to how it is worn; its effect is always found by computing the fit again. */
interface RemedyRule {
  kind: RemedyKind;
  name: (mm: number) => string;
  amountsMm: readonly number[];
  /** Zones it is meant for, and whether it takes room (-1) or gives it (+1). */
  helps: readonly ZoneId[];
  direction: 1 | -1;
  change: (mm: number, aids: Aids, wear: Wear) => { aids: Aids; wear: Wear };
  /** Why it cannot be done to this shoe, or null. */
  forbidden: (shoe: Shoe, wear: Wear) => string | null;
  limits: string;
}

const NEXT_SOCKS = [0.3, 1, 2.5, 4];
const never = (): null => null;

// prettier-ignore
const RULES: readonly RemedyRule[] = [
  {
    kind: 'full-insole', name: (t) => `full insole, ${t} mm`, amountsMm: [2, 3, 4], helps: ['ball-girth', 'instep', 'waist', 'throat'], direction: -1,
    change: (t, aids, wear) => ({ aids, wear: { ...wear, insertMm: wear.insertMm + t } }), forbidden: never,
    limits: 'takes depth over the toes by its thickness; girth by 1.1 to 2 times'
  },
  {
    kind: 'remove-insole', name: (t) => `take the ${t} mm insole out`, amountsMm: [0], helps: ['ball-girth', 'instep', 'toe-box-depth', 'throat'], direction: 1,
    change: (t, aids, wear) => ({ aids, wear: { ...wear, insertMm: wear.insertMm - t } }),
    forbidden: (shoe) => (shoe.removableInsoleMm > 0 ? null : 'the insole is fixed'),
    limits: 'harder underfoot'
  },
  {
    kind: 'ball-pad', name: (t) => `ball pad, ${t} mm`, amountsMm: [2, 3], helps: ['ball-girth', 'heel-slip'], direction: -1,
    change: (t, aids, wear) => ({ aids: { ...aids, ballPadMm: t }, wear }), forbidden: never,
    limits: 'holds the foot back on a heel; little use in flat shoes'
  },
  {
    kind: 'tongue-pad', name: (t) => `tongue pad, ${t} mm`, amountsMm: [3], helps: ['instep', 'heel-slip'], direction: -1,
    change: (t, aids, wear) => ({ aids: { ...aids, tonguePadMm: t }, wear }),
    forbidden: (shoe) => (shoe.closure === 'none' ? 'there is no tongue' : null),
    limits: 'presses the instep'
  },
  {
    kind: 'heel-grip', name: (t) => `heel grip, ${t} mm`, amountsMm: [3], helps: ['heel-slip', 'heel-width', 'toe-room'], direction: -1,
    change: (t, aids, wear) => ({ aids: { ...aids, heelGripMm: t }, wear }), forbidden: never,
    limits: 'takes 2 to 4 mm of length; may hide a built-in elastic doing the same'
  },
  {
    kind: 'thicker-sock', name: (t) => `sock of ${t} mm`, amountsMm: [0], helps: ['ball-girth', 'instep', 'toe-room'], direction: -1,
    change: (t, aids, wear) => ({ aids, wear: { ...wear, sockMm: t } }),
    forbidden: (shoe) => (shoe.kind === 'sandal' || shoe.kind === 'pole-sandal' ? 'not in a sandal' : null),
    limits: 'warm'
  },
  {
    kind: 'toe-filler', name: (t) => `toe filler, ${t} mm`, amountsMm: [4, 8], helps: ['toe-room'], direction: -1,
    change: (t, aids, wear) => ({ aids: { ...aids, toeFillerMm: t }, wear }),
    forbidden: (shoe) => (['running', 'pointe', 'extra-depth'].includes(shoe.kind) ? 'not in this kind of shoe' : null),
    limits: 'last resort, only for shoes too long'
  },
  {
    kind: 'spot-stretch', name: (t) => `spot stretch, ${t} mm`, amountsMm: [3, 5], helps: ['ball-width', 'toe-box-width'], direction: 1,
    change: (t, aids, wear) => ({ aids: { ...aids, stretchMm: t }, wear }),
    forbidden: (shoe) => (UPPER[shoe.upper].stretches ? null : `${UPPER[shoe.upper].name} is not stretched`),
    limits: 'one spot, 3 to 6 mm, leather and suede, by a trained hand; heat can burn and spoil glue; never length'
  },
  {
    kind: 'lacing', name: (t) => (t > 0 ? 'lace looser over the instep' : 'lace tighter over the instep'), amountsMm: [4, -4], helps: ['instep'], direction: 1,
    change: (t, aids, wear) => ({ aids: { ...aids, lacingMm: t }, wear }),
    forbidden: (shoe) => (shoe.closure === 'lace' ? null : 'there are no laces'),
    limits: 'about 4 mm either way'
  }
];

export interface Remedy {
  kind: RemedyKind;
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

interface Trial {
  rule: RemedyRule;
  mm: number;
  aids: Aids;
  wear: Wear;
}

function trialsFor(shoe: Shoe, wear: Wear, aids: Aids): Trial[] {
  const trials: Trial[] = [];
  for (const rule of RULES) {
    if (rule.forbidden(shoe, wear) !== null) continue;
    const amounts =
      rule.kind === 'remove-insole'
        ? [shoe.removableInsoleMm]
        : rule.kind === 'thicker-sock'
          ? NEXT_SOCKS.filter((t) => t > wear.sockMm + 0.2).slice(0, 2)
          : rule.amountsMm;
    for (const mm of amounts) trials.push({ rule, mm, ...rule.change(mm, aids, wear) });
  }
  return trials;
}

/**
 * What would help one foot in one shoe. Every effect is the difference between two computed fits.
 * @returns helps for zones that are not right, those that make it fit first, and whether at most two make it fit
 */
export function remediesFor(dims: FootDims, shoe: Shoe, wear: Wear, targets: Targets): { remedies: Remedy[]; fitsWith: string[] | null } {
  const before = fitOnce(dims, shoe, wear).zone;
  const fitsNow = judge(before, targets).fits;
  const remedies: Remedy[] = [];
  const trials = trialsFor(shoe, wear, NO_AIDS);
  let best: { names: string[]; distance: number } | null = null;
  const consider = (names: string[], zone: Float64Array): boolean => {
    const judged = judge(zone, targets);
    // Fewer helps win; among as many, the one nearest the middle.
    const better = best === null || names.length < best.names.length || (names.length === best.names.length && judged.distance < best.distance);
    if (judged.fits && better) best = { names, distance: judged.distance };
    return judged.fits;
  };
  for (const trial of trials) {
    const after = fitOnce(dims, shoe, trial.wear, trial.aids).zone;
    const makesFit = consider([trial.rule.name(trial.mm)], after);
    const zone = mostHelped(trial, before, after, targets);
    if (!zone) continue;
    if (!makesFit && fitsNow) continue;
    remedies.push({
      kind: trial.rule.kind,
      name: trial.rule.name(trial.mm),
      zone,
      effectMm: after[ZONE_AT[zone]] - before[ZONE_AT[zone]],
      afterMm: after[ZONE_AT[zone]],
      makesFit,
      costs: costsOf(zone, before, after, targets),
      limits: trial.rule.limits
    });
  }
  if (best === null) {
    for (const first of trials) {
      for (const second of trialsFor(shoe, first.wear, first.aids)) {
        // Two helps are the same pair in either order.
        if (RULES.indexOf(second.rule) <= RULES.indexOf(first.rule)) continue;
        consider([first.rule.name(first.mm), second.rule.name(second.mm)], fitOnce(dims, shoe, second.wear, second.aids).zone);
      }
    }
  }
  remedies.sort((p, q) => Number(q.makesFit) - Number(p.makesFit) || Math.abs(q.effectMm) - Math.abs(p.effectMm));
  return { remedies, fitsWith: fitsNow ? [] : ((best as { names: string[] } | null)?.names ?? null) };
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

function costsOf(helped: ZoneId, before: Float64Array, after: Float64Array, targets: Targets): string {
  return ZONE_IDS.filter((id) => id !== helped && Math.abs(after[ZONE_AT[id]] - before[ZONE_AT[id]]) >= 0.5)
    .filter((id) => zoneState(id, after[ZONE_AT[id]], targets) !== 'right')
    .map((id) => `${id} ${(after[ZONE_AT[id]] - before[ZONE_AT[id]]).toFixed(1)} mm`)
    .join(', ');
}
