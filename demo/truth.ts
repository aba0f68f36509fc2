/** What is so in the demo and nobody in it knows: what the shop's try-ons are made from, and what its learning has to find. */
import type { KindId } from '@chiave/core/fit';
import type { OffsetId } from '@chiave/core/last';

/** Lasts that are not as their sheets say, mm. All others are. */
export const OFF_LASTS: Readonly<Record<string, Partial<Record<OffsetId, number>>>> = { bramble: { length: -2.6 }, clover: { girth: -5.5 } };
/** By how much a fitter's words say tighter in the length, mm. */
export const WAYS: Readonly<Record<string, number>> = { 'Orsola V.': 0, 'Teo B.': 1, 'Pia L.': 0 };
/** By how much more room in front people here want in a kind than our table has, mm. */
export const TABLE_OFF: Partial<Readonly<Record<KindId, number>>> = { walking: 1.8 };
/** Every so many pairs a size was written down wrongly. */
export const WRONG_SIZES = 2;
