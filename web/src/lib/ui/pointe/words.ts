import type { LengthUnit } from '@chiave/core/measure';
import { LEARNED_PART, overState, POINTE_ZONE, type Belief, type LearnedPartId, type PointeReport, type ReadZone } from '@chiave/core/pointe';
import { smallLength } from '../../small-length';
import { withFractions } from '../../size-fractions';
import type { ShoeHere } from './pointe-bench.svelte';

export const shoeWords = ({ model, name }: Pick<ShoeHere, 'model' | 'name'>): string => `${model.name} ${withFractions(String(name.size))} ${name.mark}`;
const deg = (n: number): string => `${Math.round(Math.abs(n))}°`;
/** Over the box in words. */
export function overWords({ over }: Pick<PointeReport, 'over'>): string {
  if (!over) return 'point reach not taken';
  return { short: `${deg(over.toSpareDeg)} short of the box`, falls: `falls over by ${deg(over.heldBackDeg)}`, holds: 'gets over and holds' }[overState(over)];
}
/** The shank in words. */
export function shankWords({ over }: Pick<PointeReport, 'over'>): string {
  if (!over) return 'Shank: take the point reach first';
  if (over.missing === 'reach') return 'No shank does both: reach is short, ask the teacher';
  if (over.missing === 'hold') return 'No shank does both: longer vamp and wings, or strength, must hold her';
  if (over.shankNm > over.highNm) return 'Too hard a shank to get over';
  return over.shankNm < over.lowNm ? 'Too soft a shank to hold' : 'This shank gets over and holds';
}
/** What a zone that is not right means. */
export const zoneWords = ({ zone, state }: Pick<ReadZone, 'zone' | 'state'>): string => {
  const z = POINTE_ZONE[zone];
  const little = state === 'lowish' || state === 'highish' ? 'a little: ' : '';
  return state === 'right' ? `${z.name} right` : `${little}${state === 'low' || state === 'lowish' ? z.low : z.high}`;
};
/** What speaks most against a shoe, in few words. */
export const against = ({ decidedBy }: Pick<PointeReport, 'decidedBy'>): string =>
  decidedBy.state === 'right' ? 'nothing speaks against it' : zoneWords(decidedBy);
/** The same for a card. */
export function againstShort({ decidedBy: { zone, state } }: Pick<PointeReport, 'decidedBy'>): string {
  if (state === 'right') return 'right all over';
  const [low, high] = POINTE_ZONE[zone].short;
  return `${state === 'low' || state === 'lowish' ? low : high}${state === 'lowish' || state === 'highish' ? ', a little' : ''}`;
}
/** About how likely it is right, in tens: more is not known. */
export function aboutTen(probability: number): string {
  const tens = Math.min(9, Math.round(10 * probability));
  return tens === 0 ? 'hardly ever' : `about ${tens} in 10`;
}

/** What is believed of a part of a model, in words. */
export function beliefWords(id: LearnedPartId, { mean, sd, n }: Belief, unit: LengthUnit): string {
  const { unit: own, more, less, name } = LEARNED_PART[id];
  const size = (by: number): string => (own === 'mm' ? smallLength(Math.abs(by), unit) : `${Math.round(100 * (Math.exp(Math.abs(by)) - 1))} %`);
  return `${size(mean)} ${mean < 0 ? less : more} in ${name}, give or take ${size(sd)}, from ${n} ${n === 1 ? 'answer' : 'answers'}`;
}
