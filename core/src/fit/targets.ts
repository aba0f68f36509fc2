import {
  BETWEEN_SHIFT,
  CHILD,
  CLOSURE_TAKES,
  FLEX_WITHIN_MM,
  KIND,
  KIND_ZONES,
  ownTarget,
  PREFERENCE_SHIFT,
  ROOM_SCHOOL_KINDS,
  ROOM_SHIFT,
  SHARED_TARGETS
} from './kinds';
import type { Shoe } from './shoe';
import { UPPER } from './uppers';
import type { Wear } from './wear';
import { ZONE, ZONE_IDS, cuts, type Cuts, type ZoneId } from './zones';

export type Targets = Readonly<Record<ZoneId, Cuts>>;

/** Kinds in which a tight girth may be allowed for what leather will give, when the fitter holds to that school [practice]. */
const SPORT = new Set(['running', 'walking', 'sneaker', 'extra-depth']);

/**
 * The cuts of every zone for a shoe and how it is worn: kind or the shop's own, child, school of room, preference, closure and break-in school.
 * A child's growth room is no shop's to lower.
 * @returns four cuts a zone, mm
 */
export function targetsFor(shoe: TargetShoe, wear: TargetWear): Targets {
  const own = known.get(wear) ?? new Map<string, Targets>();
  known.set(wear, own);
  const key = `${shoe.kind} ${shoe.closure} ${shoe.upper}`;
  const found = own.get(key) ?? workOut(shoe, wear);
  own.set(key, found);
  return found;
}

type TargetShoe = Pick<Shoe, 'kind' | 'closure' | 'upper'>;
type TargetWear = Pick<Wear, 'preference' | 'age' | 'breakIn' | 'roomSchool' | 'betweenSchool' | 'shopTargets'>;
/** Worked out once for all shoes of a kind, closure and upper that are worn alike; neither is changed once made. */
const known = new WeakMap<TargetWear, Map<string, Targets>>();

function workOut(shoe: TargetShoe, wear: TargetWear): Targets {
  const kind = KIND[shoe.kind];
  const child = kind.street && wear.age !== undefined && wear.age < CHILD.underAge;
  const base: Record<ZoneId, Cuts> = {
    ...(Object.fromEntries(KIND_ZONES.map((zone) => [zone, wear.shopTargets?.kinds[shoe.kind]?.[zone] ?? ownTarget(shoe.kind, zone)])) as Record<
      (typeof KIND_ZONES)[number],
      Cuts
    >),
    'flex-point': cuts(-2 * FLEX_WITHIN_MM, -FLEX_WITHIN_MM, FLEX_WITHIN_MM, 2 * FLEX_WITHIN_MM),
    ...SHARED_TARGETS,
    ...wear.shopTargets?.shared,
    ...(child ? { 'toe-room': CHILD.toeRoom, 'ball-girth': CHILD.ballGirth } : {})
  };
  if (!child && ROOM_SCHOOL_KINDS.has(shoe.kind)) {
    const room = ROOM_SHIFT[wear.roomSchool ?? 'middle'];
    const t = base['toe-room'];
    base['toe-room'] = cuts(t.a + room.a, t.b + room.b, t.c + room.c, t.d + room.d);
  }
  const between = BETWEEN_SHIFT[wear.betweenSchool ?? 'middle'][shoe.kind] ?? 0;
  const shift = PREFERENCE_SHIFT[wear.preference];
  const takes = Math.max(0, CLOSURE_TAKES[shoe.closure] - CLOSURE_TAKES[kind.usual.closure]);
  const moulds = wear.breakIn === 'mould' && !SPORT.has(shoe.kind) ? UPPER[shoe.upper].growMm : 0;
  const out = {} as Record<ZoneId, Cuts>;
  for (const id of ZONE_IDS) {
    const s = shift * ZONE[id].preferenceShare + (id === 'toe-room' ? between : 0);
    const girth = id === 'ball-girth' || id === 'instep';
    const less = id === 'ball-girth' ? moulds : 0;
    const more = girth ? takes : 0;
    const t = base[id];
    out[id] = cuts(t.a + s - less, t.b + s - less, t.c + s + more, t.d + s + more);
  }
  return out;
}
