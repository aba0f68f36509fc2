import { USE_ATTRIBUTE } from '../attributes';
import { UPPER_IDS, type UpperId } from '../fit';

/** Grip of soles and uppers on floors and poles: estimates of this project, within a quarter; a shop's own pulls replace them. */
export const USE_FLOORS = ['wood', 'glossy', 'vinyl', 'tile', 'street'] as const;
export type UseFloorId = (typeof USE_FLOORS)[number];
export const GRIP_BAND = 0.25;
/** By the level of the sole: leather, suede, smooth, rubber, bare foam; on each floor. */
export const TURN_GRIP: readonly (readonly number[])[] = [
  [0.38, 0.28, 0.62, 0.3, 0.5],
  [0.42, 0.38, 0.58, 0.4, 0.6],
  [0.32, 0.25, 0.45, 0.26, 0.45],
  [0.75, 0.65, 0.9, 0.6, 0.8],
  [0.65, 0.55, 0.75, 0.5, 0.75]
];
type Drags = readonly [wood: number, glossy: number, vinyl: number, tile: number, street: number, chrome: number];
const LEATHERS: Drags = [0.46, 0.4, 0.66, 0.38, 0.55, 0.4];
const CLOTHS: Drags = [0.27, 0.25, 0.45, 0.3, 0.55, 0.22];
/** The chrome pole stands behind the floors. */
export const ON_CHROME = USE_FLOORS.length;
/** An upper drawn over a floor, and against a chrome pole. */
export const DRAG: Readonly<Record<UpperId, Drags>> = {
  patent: [0.5, 0.75, 0.85, 0.7, 0.7, 0.75],
  plastic: [0.42, 0.45, 0.55, 0.45, 0.55, 0.5],
  'matte-faux': [0.42, 0.42, 0.5, 0.42, 0.55, 0.4],
  'smooth-leather': LEATHERS,
  'soft-leather': LEATHERS,
  'stiff-leather': LEATHERS,
  suede: [0.32, 0.3, 0.4, 0.35, 0.55, 0.26],
  canvas: CLOTHS,
  knit: CLOTHS,
  satin: CLOTHS,
  mesh: CLOTHS
};
/** Poles against chrome. */
export const POLES = { chrome: 1, steel: 0.9, brass: 1.15, coated: 1.35 } as const;
export type PoleId = keyof typeof POLES;
export const POLE_IDS = Object.keys(POLES) as PoleId[];
/** What something is pulled over: the floors, and the poles behind them. */
export const SURFACES = [...USE_FLOORS, ...POLE_IDS] as const;
export type SurfaceId = (typeof SURFACES)[number];
export const surfaceAt = (surface: string): number => SURFACES.indexOf(surface as SurfaceId);

/** Grip of one material on one surface. */
export interface Grip {
  /** Friction coefficient. */
  mu: number;
  low: number;
  high: number;
  /** The shop's own pulls that it rests on; 0 for our estimate. */
  pulls: number;
}
/** What a shop goes by: soles on floors by the sole's level, uppers on floors and poles. */
export interface Grips {
  sole: readonly (readonly Grip[])[];
  upper: Readonly<Record<UpperId, readonly Grip[]>>;
}
const estimate = (mu: number): Grip => ({ mu, low: (1 - GRIP_BAND) * mu, high: (1 + GRIP_BAND) * mu, pulls: 0 });
/** Our estimates, until a shop pulls its own. */
export const OUR_GRIPS: Grips = {
  sole: TURN_GRIP.map((row) => row.map(estimate)),
  upper: Object.fromEntries(
    UPPER_IDS.map((id) => [id, [...DRAG[id].slice(0, ON_CHROME), ...POLE_IDS.map((pole) => DRAG[id][ON_CHROME] * POLES[pole])].map(estimate)])
  ) as unknown as Grips['upper']
};
/** What is pulled: a sole, or an upper turned down. */
export const PULLED_PARTS = ['sole', 'upper'] as const;
export type PulledPart = (typeof PULLED_PARTS)[number];
/** What may be pulled of each part, in the order of its rows. */
export const PULLED_MATERIALS: Readonly<Record<PulledPart, readonly string[]>> = {
  sole: USE_ATTRIBUTE.sole.as === 'levels' ? USE_ATTRIBUTE.sole.ids : [],
  upper: UPPER_IDS
};
/** A pull test of a shop: a weighted shoe pulled level over its own floor or along its own pole. */
export interface Pull {
  part: PulledPart;
  /** One of `PULLED_MATERIALS`. */
  material: string;
  surface: SurfaceId;
  /** What the scale showed as it slid, kg, go by go. */
  kg: readonly number[];
  /** Weight in the shoe, and the shoe, kg. */
  insideKg: number;
  shoeKg: number;
}
/** A hand on a scale is no closer than this, whatever its goes say [model]. */
const HAND_BAND = 0.1;
/** The goes of a pull as friction coefficients: what pulls by what presses. */
const goesOf = ({ kg, insideKg, shoeKg }: Pull): number[] => kg.map((n) => n / (insideKg + shoeKg));
const mean = (of: readonly number[]): number => of.reduce((sum, n) => sum + n, 0) / of.length;
/** The friction coefficient of one pull: the mean of its goes. */
export const muOf = (pull: Pull): number => mean(goesOf(pull));
/** Several pulls of one material on one surface: their mean, between the least and the most that was pulled. */
function pulled(all: readonly Pull[]): Grip {
  const mu = mean(all.map(muOf));
  const goes = all.flatMap(goesOf);
  return { mu, low: Math.min((1 - HAND_BAND) * mu, ...goes), high: Math.max((1 + HAND_BAND) * mu, ...goes), pulls: all.length };
}
/** A shop's grips: its own pulls take the place of our estimates, each for its own material and surface. */
export function gripsWith(pulls: readonly Pull[]): Grips {
  if (pulls.length === 0) return OUR_GRIPS;
  const row = (part: PulledPart, material: string, ours: readonly Grip[]): Grip[] =>
    ours.map((grip, at) => {
      const own = pulls.filter((p) => p.part === part && p.material === material && surfaceAt(p.surface) === at);
      return own.length === 0 ? grip : pulled(own);
    });
  return {
    sole: OUR_GRIPS.sole.map((ours, level) => row('sole', PULLED_MATERIALS.sole[level], ours)),
    upper: Object.fromEntries(UPPER_IDS.map((id) => [id, row('upper', id, OUR_GRIPS.upper[id])])) as unknown as Grips['upper']
  };
}
/** Turning on the ball: under the first it slips, over the second it sticks. */
export const TURNS = { slips: 0.25, sticks: 0.55 } as const;
/** Twist that a turn asks of the knee, N m: friction by weight by the radius the ball bears on [model]. */
const TWIST_NM = 0.262;
export const twistNm = (mu: number, weightKg: number): number => TWIST_NM * mu * weightKg;
