import type { Cuts, KindZone, SharedZone } from '../zones';
import { KIND, type KindId } from './kinds';

/** A shop's own targets in place of ours, where it has set some; ours are kept and shown beside them. */
export interface ShopTargets {
  kinds: Partial<Record<KindId, Partial<Record<KindZone, Cuts>>>>;
  shared: Partial<Record<SharedZone, Cuts>>;
}

/** Ours for a zone of a kind. */
export const ownTarget = (kind: KindId, zone: KindZone): Cuts => KIND[kind].cuts[zone];

/** Below this age a street shoe leaves room for growth: `childCuts` of the zones. */
export const CHILD_UNDER_AGE = 14;
