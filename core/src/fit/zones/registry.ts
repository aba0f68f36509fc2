import { ankleBone } from './ankle-bone';
import { arch } from './arch';
import { ballGirth } from './ball-girth';
import { ballWidth } from './ball-width';
import { flexPoint } from './flex-point';
import { heelSlip } from './heel-slip';
import { heelWidth } from './heel-width';
import { instep } from './instep';
import { instepHeight } from './instep-height';
import { shaft } from './shaft';
import { throat } from './throat';
import { toeBoxDepth } from './toe-box-depth';
import { toeBoxWidth } from './toe-box-width';
import { toeRoom } from './toe-room';
import { topline } from './topline';
import { vamp } from './vamp';
import { waist } from './waist';
import type { Cuts } from './cuts';
import type { ZoneDefinition } from './zone';

/** Every zone, in the order in which a fitter checks them. */
// prettier-ignore
export const DEFINITIONS = [
  toeRoom, toeBoxWidth, toeBoxDepth, vamp, ballWidth, ballGirth, flexPoint, waist, arch, instep, instepHeight, throat, topline, ankleBone, heelWidth, heelSlip, shaft
] as const;
export type Definition = (typeof DEFINITIONS)[number];
export type ZoneId = Definition['id'];

export const ZONE_IDS: readonly ZoneId[] = DEFINITIONS.map((z) => z.id);
export const ZONES: readonly ZoneDefinition<ZoneId>[] = DEFINITIONS;
export const ZONE = Object.fromEntries(DEFINITIONS.map((z) => [z.id, z])) as unknown as Readonly<Record<ZoneId, ZoneDefinition<ZoneId>>>;

/** Zones whose targets stand with the kind, and those that have the same in every kind. */
export type KindZone = Extract<Definition, { cuts: 'by-kind' }>['id'];
export type SharedZone = Exclude<ZoneId, KindZone>;
export const KIND_ZONES = DEFINITIONS.filter((z) => z.cuts === 'by-kind').map((z) => z.id) as readonly KindZone[];
/** Targets of the zones that do not depend on the kind [estimate]. */
export const SHARED_TARGETS = Object.fromEntries(ZONES.flatMap((z) => (z.cuts === 'by-kind' ? [] : [[z.id, z.cuts]]))) as Readonly<Record<SharedZone, Cuts>>;
