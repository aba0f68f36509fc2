import type { ToeFamilyId } from '../last';
import { cuts, type Cuts } from './zones';

/**
 * Kinds of shoe with their targets, mm. All figures are estimates of this project, to be tuned by each shop,
 * except where `marks` says practice or a published source.
 */
// prettier-ignore
export const KIND_IDS = [
  'oxford', 'loafer', 'pump', 'flat', 'sandal', 'lace-boot', 'elastic-boot', 'western-boot', 'tall-boot', 'sneaker', 'running', 'walking',
  'extra-depth', 'heels-dance', 'pole-sandal', 'pole-boot', 'character', 'ballet-slipper', 'pointe'
] as const;
export type KindId = (typeof KIND_IDS)[number];

export type Closure = 'lace' | 'strap' | 'buckle' | 'hook-loop' | 'zip' | 'elastic' | 'none';
export const CLOSURES: readonly Closure[] = ['lace', 'strap', 'buckle', 'hook-loop', 'zip', 'elastic', 'none'];

export interface Kind {
  id: KindId;
  name: string;
  /** Toe room is judged inside (insole less foot) or usable (until the first toe meets the silhouette). */
  basis: 'inside' | 'usable';
  toeRoom: Cuts;
  ballGirth: Cuts;
  instep: Cuts;
  heelSlip: Cuts;
  /** Lift of a new, stiff pair at an ordinary heel, mm. */
  slipWhenNewMm: number;
  pullOn: boolean;
  shaft: boolean;
  /** Street kinds become a child's on a child's foot. */
  street: boolean;
  usual: { closure: Closure; toe: ToeFamilyId; soleStiffness: number; heelHeightMm: number };
  marks: string;
  note: string;
}

const LACED = cuts(-8, -4, 6, 12);
const SLIP_ON = cuts(-8, -5, 2, 6);
const CLOSE_HEEL = cuts(-1, 0, 4, 8);
const HELD_HEEL = cuts(-1, 0, 3, 6);

type Usual = Kind['usual'];
const usual = (closure: Closure, toe: ToeFamilyId, soleStiffness: number, heelHeightMm: number): Usual => ({ closure, toe, soleStiffness, heelHeightMm });
// prettier-ignore
const kind = (
  id: KindId, name: string, basis: Kind['basis'], toeRoom: Cuts, ballGirth: Cuts, instep: Cuts, heelSlip: Cuts, slipWhenNewMm: number,
  form: { pullOn?: boolean; shaft?: boolean; street?: boolean }, u: Usual, marks: string, note: string
): Kind => ({
  id, name, basis, toeRoom, ballGirth, instep, heelSlip, slipWhenNewMm,
  pullOn: form.pullOn ?? false, shaft: form.shaft ?? false, street: form.street ?? true, usual: u, marks, note
});

// prettier-ignore
export const KINDS: readonly Kind[] = [
  kind('oxford', 'oxford or derby', 'usable', cuts(4, 7, 13, 18), cuts(-12, -8, 0, 8), LACED, CLOSE_HEEL, 1, {}, usual('lace', 'almond', 3, 25), 'estimate', 'room for the evening on the little-toe side'),
  kind('loafer', 'loafer', 'usable', cuts(1, 3, 9, 13), cuts(-12, -9, -3, 2), SLIP_ON, HELD_HEEL, 1, {}, usual('none', 'round', 3, 25), 'estimate', 'no closure: too roomy is as bad; often meant sockless'),
  kind('pump', 'pump', 'usable', cuts(-2, 0, 6, 10), cuts(-12, -9, -3, 2), SLIP_ON, CLOSE_HEEL, 1, {}, usual('none', 'almond', 3, 70), 'estimate', 'judged after the slide'),
  kind('flat', 'flat', 'usable', cuts(-2, 1, 9, 14), cuts(-12, -9, -3, 2), SLIP_ON, CLOSE_HEEL, 1, {}, usual('none', 'round', 2, 10), 'estimate', 'soft pointed knit is kept at nought'),
  kind('sandal', 'sandal', 'inside', cuts(-2, 1, 6, 10), cuts(-12, -8, 0, 6), SLIP_ON, CLOSE_HEEL, 0.5, {}, usual('strap', 'open', 2, 20), 'estimate', 'school A: toes and heel inside the edge; school B: up to it, not past'),
  kind('lace-boot', 'lace boot', 'inside', cuts(8, 12, 22, 28), cuts(-12, -8, 0, 8), LACED, cuts(-1, 0, 8, 12), 3, {}, usual('lace', 'round', 4, 30), "thumb's width: practice", 'a small lift at first; hide and toe structure matter'),
  kind('elastic-boot', 'elastic-sided boot', 'inside', cuts(7, 10, 18, 24), cuts(-10, -6, 0, 6), SLIP_ON, cuts(-1, 0, 20, 25), 12, { pullOn: true }, usual('elastic', 'round', 4, 30), "finger's width, 10 to 20 mm lift when new: practice", 'loose enough to enter, slight instep pressure is normal'),
  kind('western-boot', 'western-type boot', 'usable', cuts(4, 7, 14, 20), cuts(-10, -6, 0, 6), SLIP_ON, cuts(-1, 0, 9.5, 12.7), 6, { pullOn: true }, usual('none', 'pointed', 4, 40), 'up to 9.5 to 12.7 mm slip while the leather sole is stiff: practice', 'a pop at the throat, snug over the instep, toes free'),
  kind('tall-boot', 'tall boot', 'inside', cuts(8, 12, 22, 28), cuts(-12, -8, 0, 8), LACED, cuts(-1, 0, 8, 12), 3, { shaft: true }, usual('zip', 'round', 3, 30), "thumb's width: practice", 'calf plus 5 to plus 25 mm'),
  kind('sneaker', 'sneaker', 'inside', cuts(6, 9, 15, 20), cuts(-8, -4, 4, 12), LACED, CLOSE_HEEL, 1, {}, usual('lace', 'round', 2, 15), 'estimate', ''),
  kind('running', 'running', 'inside', cuts(8, 11, 16, 22), cuts(-8, -4, 4, 12), LACED, HELD_HEEL, 0.5, {}, usual('lace', 'round', 2, 25), 'half an inch of toe room: practice', 'the foot splays; no slip'),
  kind('walking', 'walking', 'inside', cuts(8, 11, 17, 22), cuts(-8, -4, 4, 12), LACED, CLOSE_HEEL, 1, {}, usual('lace', 'round', 3, 25), 'half an inch at least: practice', 'not so much that it shifts'),
  kind('extra-depth', 'extra depth', 'inside', cuts(8, 10, 20, 25), cuts(-4, 0, 8, 14), LACED, CLOSE_HEEL, 1, {}, usual('hook-loop', 'square', 3, 20), 'inside 10 to 20 mm longer than the foot: IWGDF, from memory', 'more than about one size over trips and shears'),
  kind('heels-dance', 'heels class', 'usable', cuts(-1, 1, 6, 9), cuts(-12, -9, -2, 3), SLIP_ON, HELD_HEEL, 0.5, { street: false }, usual('lace', 'almond', 2, 95), 'heel of 3.5 to 4 in: practice', 'laced or strapped; never half a size down'),
  kind('pole-sandal', 'pole sandal', 'inside', cuts(-3, 0, 6, 10), cuts(-12, -8, 0, 6), SLIP_ON, HELD_HEEL, 0.5, { street: false }, usual('strap', 'open', 5, 178), 'estimate', 'the ankle is held'),
  kind('pole-boot', 'pole boot', 'usable', cuts(1, 4, 10, 14), cuts(-12, -8, 0, 6), SLIP_ON, HELD_HEEL, 0.5, { street: false }, usual('lace', 'almond', 5, 203), 'estimate', 'the ankle is held'),
  kind('character', 'character shoe', 'usable', cuts(-1, 1, 6, 9), cuts(-12, -9, -2, 3), SLIP_ON, HELD_HEEL, 0.5, { street: false }, usual('strap', 'round', 3, 50), 'estimate', 'fit close, toes flat'),
  kind('ballet-slipper', 'ballet slipper', 'inside', cuts(-6, -3, 1, 4), cuts(-14, -10, -4, 0), cuts(-14, -10, 0, 4), HELD_HEEL, 0, { street: false }, usual('elastic', 'round', 1, 0), 'estimate', 'toes flat and straight, no folds'),
  kind('pointe', 'pointe shoe', 'inside', cuts(-6, -3, 1, 4), cuts(-14, -10, -4, 0), cuts(-14, -10, 0, 4), HELD_HEEL, 0, { street: false }, usual('elastic', 'square', 5, 0), 'length and girth only', 'box, vamp and shank are judged at the pointe bench by a trained fitter with the teacher')
];

export const KIND: Readonly<Record<KindId, Kind>> = Object.fromEntries(KINDS.map((k) => [k.id, k])) as Record<KindId, Kind>;

/** A child's street shoe (age under 14): growth room 12 mm, least 9 (three-width children's system, from memory). */
export const CHILD = { underAge: 14, toeRoom: cuts(9, 12, 17, 22), ballGirth: cuts(-8, -4, 4, 12) } as const;

/** Targets of the zones that do not depend on the kind [estimate]. */
export const SHARED_TARGETS = {
  'ball-width': cuts(-6, -3, 4, 9),
  'toe-box-width': cuts(-4, -1, 6, 12),
  'toe-box-depth': cuts(-1, 1, 6, 12),
  throat: cuts(-10, -4, 4, 10),
  topline: cuts(-4, 0, 12, 22),
  'heel-width': cuts(-2, 0, 4, 7),
  waist: cuts(-10, -6, 4, 10),
  shaft: cuts(0, 5, 25, 40)
} as const;
/** Comfort only: the ball may lie this far either side of the flex line, mm [estimate]. */
export const FLEX_WITHIN_MM = 5;

/** How much room in front, where schools differ: the runner's finds most shoes too short, the clinic's that too long trips and shears. */
export const ROOM_SCHOOLS = [
  { id: 'middle', name: 'between the schools' },
  { id: 'runner', name: 'the runner’s: more room' },
  { id: 'clinic', name: 'the clinic’s: not too long' }
] as const;
export type RoomSchool = (typeof ROOM_SCHOOLS)[number]['id'];
/** Millimetres each cut of the toe room moves by, in kinds that are walked and run in [estimate]. */
export const ROOM_SHIFT: Readonly<Record<RoomSchool, Cuts>> = { middle: cuts(0, 0, 0, 0), runner: cuts(1, 2, 2, 2), clinic: cuts(0, -1, -3, -5) };
export const ROOM_SCHOOL_KINDS: ReadonlySet<KindId> = new Set(['running', 'walking', 'sneaker', 'lace-boot', 'oxford']);

/** Sandals and boots between two sizes, where schools differ [practice]; dance heels often come in whole sizes only. */
export const BETWEEN_SCHOOLS = [
  { id: 'middle', name: 'between the schools' },
  { id: 'sandals-down', name: 'sandals down, closed boots up' },
  { id: 'boots-up', name: 'every boot up' }
] as const;
export type BetweenSchool = (typeof BETWEEN_SCHOOLS)[number]['id'];
/** Half of half a British size, mm: by so much a school asks for more toe room, or for less [estimate]. */
const BETWEEN_MM = 2.1;
export const BETWEEN_SHIFT: Readonly<Record<BetweenSchool, Partial<Record<KindId, number>>>> = {
  middle: {},
  'sandals-down': { sandal: -BETWEEN_MM, 'pole-sandal': -BETWEEN_MM, 'pole-boot': BETWEEN_MM },
  'boots-up': { 'pole-boot': BETWEEN_MM }
};

/** Zones whose targets stand with the kind; the others are shared by all. */
export const KIND_ZONES = ['toe-room', 'ball-girth', 'instep', 'heel-slip'] as const;
export type KindZone = (typeof KIND_ZONES)[number];
export type SharedZone = keyof typeof SHARED_TARGETS;
/** A shop's own targets in place of ours, where it has set some; ours are kept and shown beside them. */
export interface ShopTargets {
  kinds: Partial<Record<KindId, Partial<Record<KindZone, Cuts>>>>;
  shared: Partial<Record<SharedZone, Cuts>>;
}

/** Ours for a zone of a kind. */
export function ownTarget(kind: KindId, zone: KindZone): Cuts {
  const k = KIND[kind];
  return { 'toe-room': k.toeRoom, 'ball-girth': k.ballGirth, instep: k.instep, 'heel-slip': k.heelSlip }[zone];
}

/** Shift of all cuts by how the wearer likes it, mm [estimate]. */
export const PREFERENCE_SHIFT = { snug: -3, regular: 0, generous: 4 } as const;
export type Preference = keyof typeof PREFERENCE_SHIFT;

/** Girth a closure can take up, mm: widens c and d beyond the kind's usual closure [estimate]. */
export const CLOSURE_TAKES: Readonly<Record<Closure, number>> = { lace: 4, strap: 3, buckle: 3, 'hook-loop': 3, elastic: 2, zip: 0, none: 0 };
