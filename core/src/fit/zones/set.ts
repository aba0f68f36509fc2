import type { Formula, KindTraits } from './zone';
import { DEFINITIONS, ZONE_IDS, type Definition, type ZoneId } from './registry';

/** A zone that needs no outline: its place and its formula. */
export interface PlainZone {
  at: number;
  formula: Formula;
}

/** The zones of one kind of shoe, and the place of each in its arrays: those of all kinds first, then its own. */
export interface ZoneSet {
  count: number;
  /** Zones by place. */
  ids: readonly ZoneId[];
  /** The same in the order in which a fitter checks them. */
  inOrder: readonly { id: ZoneId; at: number }[];
  at: Readonly<Partial<Record<ZoneId, number>>>;
  /** Places by what the definitions say of their zones. */
  plain: readonly PlainZone[];
  plainDeciding: readonly PlainZone[];
  straight: readonly number[];
  addingUp: readonly number[];
}

const ofAllKinds = DEFINITIONS.filter((z) => z.kinds === 'all');
const ofSomeKinds = DEFINITIONS.filter((z) => z.kinds !== 'all');

/** Zones that every kind has, and those of some kinds only. */
export type CommonZone = Extract<Definition, { kinds: 'all' }>['id'];
export type OwnZone = Exclude<ZoneId, CommonZone>;
/** Place of a zone that every kind has; those of some kinds only are asked of their set. */
export const ZONE_AT = Object.fromEntries(ofAllKinds.map((z, i) => [z.id, i])) as Readonly<Record<CommonZone, number>>;
/** The longest set: arrays that are used again for every kind are as long. */
export const MOST_ZONES = DEFINITIONS.length;

const sets = new Map<string, ZoneSet>();

function setOf(own: readonly Definition[]): ZoneSet {
  const key = own.map((z) => z.id).join(' ');
  const found = sets.get(key);
  if (found) return found;
  const zones = [...ofAllKinds, ...own];
  const at = Object.fromEntries(zones.map((z, i) => [z.id, i])) as Partial<Record<ZoneId, number>>;
  const places = (which: (z: (typeof zones)[number]) => boolean): number[] => zones.flatMap((z, i) => (which(z) ? [i] : []));
  const plain = (which: (z: Definition) => boolean): PlainZone[] => zones.flatMap((z, i) => (z.formula && which(z) ? [{ at: i, formula: z.formula }] : []));
  const set: ZoneSet = {
    count: zones.length,
    ids: zones.map((z) => z.id),
    inOrder: ZONE_IDS.flatMap((id) => (at[id] === undefined ? [] : [{ id, at: at[id] }])),
    at,
    plain: plain(() => true),
    plainDeciding: plain((z) => z.decides),
    straight: places((z) => z.decides && z.straight),
    addingUp: places((z) => z.helpsAddUp)
  };
  sets.set(key, set);
  return set;
}

const byKind = new WeakMap<KindTraits, ZoneSet>();
/** The zones a kind of shoe has; kinds with the same zones share one set. */
export function zoneSetFor(kind: KindTraits): ZoneSet {
  const found = byKind.get(kind) ?? setOf(ofSomeKinds.filter((z) => z.kinds !== 'all' && z.kinds(kind)));
  byKind.set(kind, found);
  return found;
}

/** The set that consists of some zones, as told by the keys of a record. */
export const zoneSetOf = (ids: Iterable<string>): ZoneSet => {
  const wanted = new Set(ids);
  return setOf(ofSomeKinds.filter((z) => wanted.has(z.id)));
};
