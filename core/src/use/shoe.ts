import { KIND, type ClosureId, type KindId, type Style, type UpperId } from '../fit';
import { HEEL_SHAPE, heelAt, type HeelShapeId, type TipSectionId } from '../heel';
import type { EvidenceMark, ToeFamilyId } from '../last';
import { AT, attributeLimits, fieldOf, keptFigure, levelOf, USE_ATTRIBUTE_IDS, USE_ATTRIBUTES, type UseAttributeId } from '../attributes';
import { BREATH, BY_CLOSURE, BY_KIND, CROSS_LEVEL, FLAT_UNDER_MM, OPENING_GIRTH, OPENS_GIRTH, OUTSIDE_WIDTH, SHAPE_LEVEL, SOLE_DRY, SOLE_WET, STRAP_OF, TOES, WELT_OUT } from './by-kind'; // prettier-ignore
import { about, sure, within, type Points } from './points';

/** What is known of a style for its use. */
export interface UseStyle {
  kind: KindId;
  upper: UpperId;
  closure: ClosureId;
  family: ToeFamilyId;
  heelHeightMm: number;
  /** 0 means none; of a sport kind that it was never taken. */
  platformMm: number;
  soleStiffness: number;
  removableInsoleMm?: number;
  /** Foot length its base size is made for, mm. */
  madeForMm: number;
  /** Height inside over the toes, base size, mm; null where it is not known. */
  depthMm?: number | null;
  /** What was looked at, each with how it came to be known. */
  attributes?: Partial<Record<UseAttributeId, Known>>;
}
export interface Known {
  value: number;
  mark: EvidenceMark;
}

/** A style in columns: three points of every attribute, and which of them are known. */
export interface UseShoe {
  kind: KindId;
  upper: UpperId;
  closure: ClosureId;
  family: ToeFamilyId;
  madeForMm: number;
  depthMm: number | null;
  /** Three a attribute, in the order of the list. */
  points: Float64Array;
  /** 1 where it is known, 2 where by the maker's word alone. */
  known: Uint8Array;
  /** 1 where the three points are one. */
  sure: Uint8Array;
}
export const SEEN = 1;
export const CLAIMED = 2;
const OPEN_BREATHES = 1;
const UNSURE_SPREAD = 0.5;

/** Whose levels stand on a scale: only these are read by their place. */
const LEVELLED = new Set(USE_ATTRIBUTES.filter((a) => a.as === 'levels').map((a) => a.id));
/** How its heel is made where nobody looked: as the heel bench takes it. */
const usualHeel = (s: UseStyle) => HEEL_SHAPE[heelAt(KIND[s.kind].usual.heel, s.heelHeightMm)];
const shapeAt = (s: UseStyle): number => (s.heelHeightMm < FLAT_UNDER_MM ? levelOf('shape', 'flat') : SHAPE_LEVEL[usualHeel(s).id as HeelShapeId]);
/** As wide as the sole, mm: what a wedge stands on. */
const SOLE_WIDE_MM = 60;
const perPoint = (points: Points, of: (v: number) => number): Points => points.map(of) as unknown as Points;

/** What is taken for granted of a style, attribute by attribute, in an order in which each may read those before it. */
type Usual = (s: UseStyle, is: (id: UseAttributeId) => Points) => Points;
const by = (s: UseStyle) => BY_KIND[s.kind];
/** Sport kinds stand on a sole of some height: a platform of 0 says that nobody took it. */
const neverTaken = (s: Pick<UseStyle, 'kind' | 'platformMm'>): boolean => s.platformMm === 0 && BY_KIND[s.kind].stack !== null;
const USUAL: Readonly<Record<UseAttributeId, Usual>> = {
  heel: (s) => sure(s.heelHeightMm),
  plat: (s) => (neverTaken(s) ? about(by(s).stack!, STACK_SPREAD) : sure(s.platformMm)),
  bend: (s) => sure(s.soleStiffness),
  insole: (s) => sure(s.removableInsoleMm ?? 0),
  weight: (s) => about(by(s).weight, 0.2 * by(s).weight),
  hide: (s) => about(by(s).hide, 0.5),
  shaft: (s) => sure(by(s).shaft),
  shape: (s) => sure(shapeAt(s)),
  tip: (s) => sure(usualHeel(s).tipWidthMm ?? SOLE_WIDE_MM),
  cross: (s) => sure(CROSS_LEVEL[usualHeel(s).section]),
  cap: () => sure(0),
  counter: (s) => within(about(by(s).counter, 1), 1, 5),
  fore: (s) => within(about(by(s).press, 1), 1, 5),
  rear: (s) => within(about(by(s).press, 1), 1, 5),
  breath: (s) => within(about(BREATH[s.upper] + (TOES[s.family] === levelOf('toe', 'open') ? OPEN_BREATHES : 0), 1), 1, 5),
  toe: (s) => sure(TOES[s.family]),
  hold: (s) => sure(by(s).lacedHigh ? BY_CLOSURE[s.closure].holdHigh : BY_CLOSURE[s.closure].hold),
  strapMm: (s) => about(by(s).strapMm, by(s).platformed ? 9 : 5),
  strapOf: (s) => STRAP_OF[s.upper],
  sole: (s) => by(s).soles,
  split: () => [0, 0, 1],
  tread: (s) => about(by(s).tread, 0.6 * by(s).tread),
  dry: (_s, is) => perPoint(is('sole'), (v) => SOLE_DRY[Math.round(v)]),
  wetmu: (_s, is) => perPoint(is('sole'), (v) => SOLE_WET[Math.round(v)]),
  stable: () => [0, 0, 1],
  plate: () => [0, 0, 1],
  curve: () => about(6, 3),
  proof: () => [0, 0, 1],
  slant: (s) => about(by(s).platformed ? 12 + Math.max(0, 0.4 * (s.heelHeightMm - 178)) : 6, 3),
  opens: (s) => BY_CLOSURE[s.closure].opens,
  openLen: (s, is) => {
    const { openLen, ofShaft } = BY_CLOSURE[s.closure];
    return about(ofShaft * is('shaft')[1] + (openLen === 0 ? 0 : (by(s).openLen ?? openLen)), 20);
  },
  openGirth: (s, is) => perPoint(is('opens'), (v) => OPENING_GIRTH * s.madeForMm * OPENS_GIRTH[Math.round(v)]),
  welt: (s) => sure(by(s).welt),
  outside: (s, is) => perPoint(is('welt'), (v) => OUTSIDE_WIDTH * s.madeForMm + WELT_OUT[Math.round(v)]),
  seam: () => sure(levelOf('seam', 'soft')),
  sewn: () => sure(levelOf('sewn', 'to-sew')),
  guard: () => sure(levelOf('guard', 'none'))
};
const STACK_SPREAD = 3;
const ORDER = Object.keys(USUAL) as UseAttributeId[];
/** What a kept field tells without anybody marking it: known as soon as it stands there. */
const TOLD_BY_FIELDS: ReadonlySet<UseAttributeId> = new Set(['heel', 'plat', 'bend', 'insole', 'toe']);
/** What follows from the closure alone. */
const toldByClosure = (s: UseStyle, id: UseAttributeId): boolean => id === 'opens' || (id === 'hold' && BY_CLOSURE[s.closure].hold === levelOf('hold', 'bare'));

/** A style in columns. What nobody saw is filled in with its spread, and marked as not known. */
export function useShoe(style: UseStyle): UseShoe {
  const points = new Float64Array(3 * USE_ATTRIBUTE_IDS.length);
  const known = new Uint8Array(USE_ATTRIBUTE_IDS.length);
  const is = (id: UseAttributeId): Points => [points[3 * AT[id]], points[3 * AT[id] + 1], points[3 * AT[id] + 2]];
  for (const id of ORDER) {
    const usual = USUAL[id](style, is);
    const own = style.attributes?.[id];
    let value = usual;
    if (own && own.mark !== 'not-seen') {
      const unsure = own.mark === 'unsure';
      value = unsure && !LEVELLED.has(id) ? (usual.map((v) => own.value + UNSURE_SPREAD * (v - usual[1])) as unknown as Points) : sure(own.value);
      known[AT[id]] = unsure ? 0 : own.mark === 'claimed' ? CLAIMED : SEEN;
    } else if ((TOLD_BY_FIELDS.has(id) && !(id === 'plat' && neverTaken(style))) || toldByClosure(style, id)) known[AT[id]] = SEEN;
    const [low, high] = attributeLimits(USE_ATTRIBUTES[AT[id]]);
    for (let i = 0; i < 3; i++) points[3 * AT[id] + i] = Math.min(high, Math.max(low, value[i]));
  }
  const { kind, upper, closure, family, madeForMm } = style;
  return withSure({ kind, upper, closure, family, madeForMm, depthMm: style.depthMm ?? null, points, known });
}

/** A shoe whose points were changed. */
export const withSure = (shoe: Omit<UseShoe, 'sure'>): UseShoe => ({
  ...shoe,
  sure: shoe.known.map((_, i) => Number(shoe.points[3 * i] === shoe.points[3 * i + 1] && shoe.points[3 * i] === shoe.points[3 * i + 2]))
});
/** A style of the stockroom as its use is judged. */
export function useStyleOf(style: Style): UseStyle {
  const { kind, upper, closure, heelHeightMm, platformMm, soleStiffness, removableInsoleMm, last, details } = style;
  const attributes: Partial<Record<UseAttributeId, Known>> = {};
  const kept: Readonly<Record<string, unknown>> = { ...details, heelHeightMm, platformMm, soleStiffness, removableInsoleMm };
  for (const a of USE_ATTRIBUTES) {
    const field = fieldOf(a.id);
    const value = ownLevel(a.id, kept[field]) ?? keptFigure(a, kept[field]);
    const mark = details?.evidence[field]?.mark;
    // What stands in the style itself is taken as it stands; what is noted beside it without a mark is not sure.
    if (value !== null && (mark || !TOLD_BY_FIELDS.has(a.id))) attributes[a.id] = { value, mark: mark ?? 'unsure' };
  }
  if (neverTaken(style)) delete attributes.plat;
  return {
    kind,
    upper,
    closure,
    family: last.family,
    heelHeightMm,
    platformMm,
    soleStiffness,
    removableInsoleMm,
    madeForMm: last.base.forFootMm,
    depthMm: last.base.toeDepthMm,
    attributes
  };
}
/** Heel shapes and tip sections are kept in finer words than a use asks for. */
function ownLevel(id: UseAttributeId, value: unknown): number | null {
  if (id === 'shape') return SHAPE_LEVEL[value as HeelShapeId] ?? null;
  return id === 'cross' ? (CROSS_LEVEL[value as TipSectionId] ?? null) : null;
}
