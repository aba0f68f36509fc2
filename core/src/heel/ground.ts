import { normalBelow } from '../measure';
import { banded, type Banded } from './banded';
import { tipArea, type Tip } from './tip-print';
import type { Bound } from './pose';
import type { Ground } from './soils';

/**
 * What a tip does to the ground and the ground to a tip. Bearing theory is for footings and one lawn varies tenfold: depths are bands, and only
 * the ranking within one ground is firm.
 */
const GRAVITY = 9.81;
/** What one does on the heel: its peak over body weight (walking: Winter 1991, from memory; the heel's share and dancing [model]). */
export const DOINGS = [
  { id: 'standing', name: 'standing', brake: 0, peak: null },
  { id: 'walking', name: 'walking', brake: 0.2, peak: { low: 1, centre: 1.1, high: 1.2 } },
  { id: 'dancing', name: 'dancing', brake: 0.28, peak: { low: 1.2, centre: 1.4, high: 1.8 } }
] as const;
export type DoingId = (typeof DOINGS)[number]['id'];
export const DOING = Object.fromEntries(DOINGS.map((d) => [d.id, d])) as Readonly<Record<DoingId, (typeof DOINGS)[number]>>;

/** Whoever stands has come there, in steps of a walk. */
const STEP = DOING.walking.peak!;

/** N/mm2, which is MPa. */
export const pressureMpa = (forceN: number, areaMm2: number): number => forceN / areaMm2;
/** Force on one heel, N: standing on two feet, or at the peak of a step. @param ballShare of the weight on ball and toes */
export const standingForce = (weightKg: number, ballShare: number): number => (weightKg * GRAVITY * (1 - ballShare)) / 2;
export const stepForce = (weightKg: number, doing: DoingId, bound: Bound = 'centre'): number => weightKg * GRAVITY * (DOING[doing].peak ?? STEP)[bound];

/** A tip as the ground feels it: area, and how much wider it grows up the heel, mm a mm. */
export interface Tread {
  areaMm2: number;
  widens: number;
}
export const treadOf = (tip: Tip, widens: number): Tread => ({ areaMm2: tipArea(tip), widens });

/** Deeper than this it is told as “60 or more”, mm. */
export const DEEPEST_MM = 60;
/** [model] but for the bearing factor (Skempton 1951, from memory). */
const SINK = { ballTakesOverMm: 30, strongerOverMm: 60, step: 1.3, grip: 0.5, gripInSand: 0.25, matToMm: 25, matGrowsMm: 4, bearing: 6.17, perDepth: 0.2, most: 9 } as const; // prettier-ignore

/** What the ground bears under a tip at a depth, N. @param cuKpa strength at the top */
function resistance(soil: NonNullable<Ground['soil']>, cuKpa: number, { areaMm2, widens }: Tread, depthMm: number, stepping: boolean): number {
  const d = 2 * Math.sqrt(areaMm2 / Math.PI) + widens * depthMm;
  const c = (cuKpa / 1000) * (1 + depthMm / SINK.strongerOverMm) * (stepping ? SINK.step : 1);
  const bearing = Math.min(SINK.most, SINK.bearing * (1 + (SINK.perDepth * depthMm) / d));
  const under = ((Math.PI * d * d) / 4) * (c * bearing + (soil.perMmKpa / 1000) * depthMm);
  const mat = depthMm < SINK.matToMm ? soil.matNPerMm * Math.PI * d * Math.min(1, depthMm / SINK.matGrowsMm) : 0;
  const grip = (soil.perMmKpa > 0 ? SINK.gripInSand : SINK.grip) * c * Math.PI * d * depthMm;
  return under + mat + grip;
}

/** The least depth at which the ground bears the heel, mm, `DEEPEST_MM` where none does. */
function sinksTo(soil: NonNullable<Ground['soil']>, cuKpa: number, tread: Tread, peakN: number, restN: number, stepping: boolean): number {
  for (let z = 0; z < DEEPEST_MM; z += 0.25) {
    const force = restN + (peakN - restN) * Math.max(0, 1 - z / SINK.ballTakesOverMm);
    if (resistance(soil, cuKpa, tread, z, stepping) >= force) return z;
  }
  return DEEPEST_MM;
}

/** Who treads, and how. */
export interface Treading {
  weightKg: number;
  doing: DoingId;
  /** Share of the weight on ball and toes: the more there, the less on the heel. */
  ballShare: Banded;
}
const OTHER = { low: 'high', centre: 'centre', high: 'low' } as const;
const forces = ({ weightKg, doing, ballShare }: Treading, bound: Bound): { peakN: number; restN: number; stepping: boolean } => {
  const stepping = DOING[doing].peak !== null;
  const onBall = ballShare[OTHER[bound]];
  const restN = stepping ? weightKg * GRAVITY * (1 - onBall) : standingForce(weightKg, onBall);
  return { restN, stepping, peakN: stepping ? Math.max(restN, stepForce(weightKg, doing, bound)) : restN };
};
/** How deep a heel sinks, mm: least on the strongest such ground under the lightest step; none on hard ground. */
export function sinkOf(ground: Ground, tread: Tread, treading: Treading): Banded | null {
  const { soil } = ground;
  if (!soil) return null;
  return banded((bound) => {
    const { peakN, restN, stepping } = forces(treading, bound);
    return sinksTo(soil, soil.cuKpa[OTHER[bound]], tread, peakN, restN, stepping);
  });
}

/** A heel that sinks more than this is stuck at times, mm. */
export const STICKS_FROM_MM = 10;
/** So many standard deviations lie between the low and the high strength. */
const SPREAD = 2.56;
/** Chance that one tread sinks deeper than `STICKS_FROM_MM`; nought on hard ground. */
export function chanceSunk(ground: Ground, tread: Tread, treading: Treading): number {
  const { soil } = ground;
  if (!soil) return 0;
  const { peakN, restN, stepping } = forces(treading, 'centre');
  let [low, high] = [0.01, 5000];
  // The strength at which it sinks just so deep: halved on a scale of ratios.
  for (let i = 0; i < 40; i++) {
    const middle = Math.sqrt(low * high);
    if (sinksTo(soil, middle, tread, peakN, restN, stepping) > STICKS_FROM_MM) low = middle;
    else high = middle;
  }
  const { cuKpa } = soil;
  return normalBelow((Math.log(Math.sqrt(low * high)) - Math.log(cuKpa.centre)) / (Math.log(cuKpa.high / cuKpa.low) / SPREAD));
}

/** Words for a depth, up to so many mm, and whether one can go on so. */
export const SINK_WORDS = [
  { id: 'no-trace', name: 'no trace', toMm: 2, well: true },
  { id: 'mark', name: 'a mark', toMm: 8, well: true },
  { id: 'sinks', name: 'sinks', toMm: 20, well: false },
  { id: 'sticks', name: 'sticks', toMm: Infinity, well: false }
] as const;
export const sinkWord = (depthMm: number): (typeof SINK_WORDS)[number] => SINK_WORDS.find((w) => depthMm <= w.toMm)!;

/** Words for the pressure of a step over what marks a floor, and whether that is well [model]. */
export const FLOOR_MARKS = [
  { id: 'none', name: 'no mark', under: 0.25, well: true },
  { id: 'faint', name: 'a faint mark', under: 0.6, well: true },
  { id: 'dents-likely', name: 'dents likely', under: 1, well: false },
  { id: 'dents', name: 'dents', under: Infinity, well: false }
] as const;
export type FloorMarkId = (typeof FLOOR_MARKS)[number]['id'];
/** What a step does to a hard floor; none on ground that is not marked. */
export function floorMark(ground: Ground, areaMm2: number, forceN: number): { ratio: number; mark: FloorMarkId } | null {
  if (ground.marksAtMpa === null) return null;
  const ratio = pressureMpa(forceN, areaMm2) / ground.marksAtMpa;
  return { ratio, mark: FLOOR_MARKS.find((m) => ratio < m.under)!.id };
}

/** A tip this much wider than an opening no longer rocks on it. */
const ROCKS_TO = 1.5;
/** Chance that one step is caught in an opening, and that it rocks on one. */
export function openings({ widthMm, everyMm }: NonNullable<Ground['opening']>, tipMm: number): { caught: number; rocks: number } {
  return { caught: Math.max(0, widthMm - tipMm) / everyMm, rocks: tipMm >= ROCKS_TO * widthMm ? 0 : Math.min(widthMm, tipMm) / everyMm };
}
export const inSteps = (chance: number, steps: number): number => 1 - (1 - chance) ** steps;

/** Friction needed to walk (Redfern 2001, about 0.17 to 0.22, from memory), on a slope by its tangent more. */
export const WALK_FRICTION = 0.2;
export const frictionNeeded = (slopeDeg: number): number => WALK_FRICTION + Math.tan((Math.abs(slopeDeg) * Math.PI) / 180);
