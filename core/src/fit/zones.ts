/** The zones of a fit, in the order a fitter checks them. */
// prettier-ignore
export const ZONE_IDS = [
  'toe-room', 'toe-box-width', 'toe-box-depth', 'ball-width', 'ball-girth', 'flex-point', 'waist', 'instep', 'throat', 'topline',
  'heel-width', 'heel-slip', 'shaft'
] as const;
export type ZoneId = (typeof ZONE_IDS)[number];

/** Place of a zone in a clearance array. */
export const ZONE_AT = Object.fromEntries(ZONE_IDS.map((id, i) => [id, i])) as Readonly<Record<ZoneId, number>>;

export type ZoneState = 'too-tight' | 'snug' | 'right' | 'roomy' | 'too-loose';
export const ZONE_STATES: readonly ZoneState[] = ['too-tight', 'snug', 'right', 'roomy', 'too-loose'];
export type FlexState = ZoneState | 'behind' | 'ahead';

/** Four cuts a < b < c < d, mm: below a too tight, a to b snug, b to c right, c to d roomy, above d too loose. */
export interface Cuts {
  a: number;
  b: number;
  c: number;
  d: number;
}
export const cuts = (a: number, b: number, c: number, d: number): Cuts => ({ a, b, c, d });

export interface Zone {
  id: ZoneId;
  name: string;
  /** Comfort-only zones are told but never decide. */
  decides: boolean;
  /** Share of a preference's shift that reaches the zone: girths and lengths whole, widths less. */
  preferenceShare: number;
  tooLittle: string;
  tooMuch: string;
}

// prettier-ignore
const zone = (id: ZoneId, name: string, decides: boolean, preferenceShare: number, tooLittle: string, tooMuch: string): Zone => ({
  id, name, decides, preferenceShare, tooLittle, tooMuch
});

export const ZONES: readonly Zone[] = [
  zone('toe-room', 'toe room', true, 1, 'black or lost nails, numbness, an ingrown nail', 'trips, the foot bangs forward'),
  zone('toe-box-width', 'toe box width', true, 0.4, 'callus, blisters beside the toes', 'the toes slide'),
  zone('toe-box-depth', 'toe box depth', true, 0.4, 'the tops of the toes are rubbed', 'the toes slide'),
  zone('ball-width', 'ball width', true, 0.4, 'burning, a pressed bunion', 'shear and blisters'),
  zone('ball-girth', 'ball girth', true, 1, 'burning, numbness', 'shear and blisters'),
  zone('flex-point', 'flex point', false, 0, 'arch strain, a crease on the joint', 'arch strain, a crease on the joint'),
  zone('waist', 'waist', false, 0.4, 'pushes into the arch: support for one, pain for another', 'little hold under the arch'),
  zone('instep', 'instep', true, 1, 'pressure, hard to get in', 'the foot slides forward, the heel lifts'),
  zone('throat', 'throat', true, 1, 'a fight to get in', 'falls off'),
  zone('topline', 'topline', true, 0, 'cuts at the edge', 'the ankle slips out'),
  zone('heel-width', 'heel width', true, 0.4, 'rub at the heel', 'lift and blisters'),
  zone('heel-slip', 'heel slip', true, 0, '', 'lift and blisters'),
  zone('shaft', 'shaft', true, 0, 'will not close', 'gapes')
];
export const ZONE: Readonly<Record<ZoneId, Zone>> = Object.fromEntries(ZONES.map((z) => [z.id, z])) as Record<ZoneId, Zone>;

/** State of a clearance against its cuts. */
export function stateOf(clearanceMm: number, t: Cuts): ZoneState {
  if (clearanceMm < t.a) return 'too-tight';
  if (clearanceMm < t.b) return 'snug';
  if (clearanceMm <= t.c) return 'right';
  return clearanceMm <= t.d ? 'roomy' : 'too-loose';
}
