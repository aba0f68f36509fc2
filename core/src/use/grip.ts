import type { UpperId } from '../fit';

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
export const floorAt = (floor: string): number => USE_FLOORS.indexOf(floor as UseFloorId);
/** Turning on the ball: under the first it slips, over the second it sticks. */
export const TURNS = { slips: 0.25, sticks: 0.55 } as const;
/** Twist that a turn asks of the knee, N m: friction by weight by the radius the ball bears on [model]. */
const TWIST_NM = 0.262;
export const twistNm = (mu: number, weightKg: number): number => TWIST_NM * mu * weightKg;
