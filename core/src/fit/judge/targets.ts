import { BETWEEN_SHIFT, CHILD_UNDER_AGE, CLOSURE, KIND, PREFERENCE_SHIFT, ROOM_SHIFT, UPPER } from '../tables';
import type { Shoe, Wear } from '../shoe';
import { cuts, moved, ZONE, zoneSetFor, zoneSetOf, type CommonZone, type Cuts, type OwnZone, type ZoneId, type ZoneSet } from '../zones';

/** Four cuts of each zone a kind of shoe has, mm. */
export type Targets = Readonly<Record<CommonZone, Cuts> & Partial<Record<OwnZone, Cuts>>>;
type TargetShoe = Pick<Shoe, 'kind' | 'closure' | 'upper'>;
type TargetWear = Pick<Wear, 'preference' | 'age' | 'breakIn' | 'roomSchool' | 'betweenSchool' | 'shopTargets'>;

/** Worked out once for all shoes of a kind, closure and upper that are worn alike; neither is changed once made. */
const known = new WeakMap<TargetWear, Map<string, Targets>>();

/**
 * The cuts of every zone for a shoe and how it is worn. They begin with the kind's, or the shop's own; then school, preference, closure and
 * break-in shift them. A child's cuts replace both, so that no shop lowers growth room.
 * @returns four cuts for each zone of the kind, mm
 */
export function targetsFor(shoe: TargetShoe, wear: TargetWear): Targets {
  const own = known.get(wear) ?? new Map<string, Targets>();
  known.set(wear, own);
  const key = `${shoe.kind} ${shoe.closure} ${shoe.upper}`;
  const found = own.get(key) ?? workOut(shoe, wear);
  own.set(key, found);
  return found;
}

function workOut(shoe: TargetShoe, wear: TargetWear): Targets {
  const kind = KIND[shoe.kind];
  const child = kind.street && wear.age !== undefined && wear.age < CHILD_UNDER_AGE;
  const between = kind.betweenSizes ? BETWEEN_SHIFT[wear.betweenSchool ?? 'middle'][kind.betweenSizes] : 0;
  const takesUp = Math.max(0, CLOSURE[shoe.closure].takesUpMm - CLOSURE[kind.usual.closure].takesUpMm);
  const moulds = wear.breakIn === 'mould' && kind.moulds ? UPPER[shoe.upper].growMm : 0;
  const targets: Partial<Record<ZoneId, Cuts>> = {};
  for (const { id } of zoneSetFor(kind).inOrder) {
    const zone = ZONE[id];
    const asAChild = child && zone.childCuts;
    let t = asAChild || baseOf(shoe, wear, id);
    if (zone.shiftedBySchools && kind.roomSchools && !asAChild) t = moved(t, ROOM_SHIFT[wear.roomSchool ?? 'middle']);
    const shift = PREFERENCE_SHIFT[wear.preference] * zone.preferenceShare + (zone.shiftedBySchools ? between : 0);
    const less = zone.moulds ? moulds : 0;
    const more = zone.closureTakesUp ? takesUp : 0;
    targets[id] = cuts(t.a + shift - less, t.b + shift - less, t.c + shift + more, t.d + shift + more);
  }
  return targets as Targets;
}

/** A zone's cuts before anything shifts them: the shop's own where it has set some. */
function baseOf({ kind }: TargetShoe, { shopTargets }: TargetWear, id: ZoneId): Cuts {
  const told = ZONE[id].cuts;
  const shops: Partial<Record<ZoneId, Cuts>> | undefined = told === 'by-kind' ? shopTargets?.kinds[kind] : shopTargets?.shared;
  const ours: Partial<Record<ZoneId, Cuts>> = told === 'by-kind' ? KIND[kind].cuts : { [id]: told };
  return (shops?.[id] ?? ours[id])!;
}

const sets = new WeakMap<Targets, ZoneSet>();
/** The zones that targets are for. */
export function zonesOf(targets: Targets): ZoneSet {
  const found = sets.get(targets) ?? zoneSetOf(Object.keys(targets));
  sets.set(targets, found);
  return found;
}

/** A zone's clearance among all of a foot in a shoe, mm; NaN where the kind has no such zone or it does not apply. */
export const clearanceAt = (zone: ArrayLike<number>, targets: Targets, id: ZoneId): number => zone[zonesOf(targets).at[id] ?? -1] ?? NaN;
