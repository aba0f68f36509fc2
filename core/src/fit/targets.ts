import { CHILD, CLOSURE_TAKES, KIND, PREFERENCE_SHIFT, SHARED_TARGETS, FLEX_WITHIN_MM } from './kinds';
import type { Shoe } from './shoe';
import { UPPER } from './uppers';
import type { Wear } from './wear';
import { ZONE, ZONE_IDS, cuts, type Cuts, type ZoneId } from './zones';

export type Targets = Readonly<Record<ZoneId, Cuts>>;

/** Kinds in which a tight girth may be allowed for what leather will give, when the fitter holds to that school [practice]. */
const SPORT = new Set(['running', 'walking', 'sneaker', 'extra-depth']);

/**
 * The cuts of every zone for a shoe and how it is worn: kind, child, preference, closure and break-in school.
 * @returns four cuts a zone, mm
 */
export function targetsFor(shoe: Pick<Shoe, 'kind' | 'closure' | 'upper'>, wear: Pick<Wear, 'preference' | 'age' | 'breakIn'>): Targets {
  const kind = KIND[shoe.kind];
  const child = kind.street && wear.age !== undefined && wear.age < CHILD.underAge;
  const base: Record<ZoneId, Cuts> = {
    'toe-room': child ? CHILD.toeRoom : kind.toeRoom,
    'ball-girth': child ? CHILD.ballGirth : kind.ballGirth,
    instep: kind.instep,
    'heel-slip': kind.heelSlip,
    'flex-point': cuts(-2 * FLEX_WITHIN_MM, -FLEX_WITHIN_MM, FLEX_WITHIN_MM, 2 * FLEX_WITHIN_MM),
    ...SHARED_TARGETS
  };
  const shift = PREFERENCE_SHIFT[wear.preference];
  const takes = Math.max(0, CLOSURE_TAKES[shoe.closure] - CLOSURE_TAKES[kind.usual.closure]);
  const moulds = wear.breakIn === 'mould' && !SPORT.has(shoe.kind) ? UPPER[shoe.upper].growMm : 0;
  const out = {} as Record<ZoneId, Cuts>;
  for (const id of ZONE_IDS) {
    const s = shift * ZONE[id].preferenceShare;
    const girth = id === 'ball-girth' || id === 'instep';
    const less = id === 'ball-girth' ? moulds : 0;
    const more = girth ? takes : 0;
    const t = base[id];
    out[id] = cuts(t.a + s - less, t.b + s - less, t.c + s + more, t.d + s + more);
  }
  return out;
}
