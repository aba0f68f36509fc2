import type { ArchLine } from './footbed';
import { HEEL_SHAPES, type HeelShapeId } from './heel-shapes';
import { TIP_SECTIONS, type TipSectionId } from './tip-print';

/** How a heel is made, beside its height and platform: one definition for form, files, schemas and whoever reads them. */
interface Figure<Id extends string> {
  id: Id;
  name: string;
  unit: 'mm' | '°';
  low: number;
  high: number;
  /** How two hands take it alike. */
  how: string;
}
interface Choice<Id extends string, Option extends string> {
  id: Id;
  name: string;
  options: readonly { id: Option; name: string }[];
  how: string;
}
const figure = <const Id extends string>(id: Id, name: string, unit: 'mm' | '°', low: number, high: number, how: string): Figure<Id> => ({ id, name, unit, low, high, how }); // prettier-ignore
const choice = <const Id extends string, const Option extends string>(id: Id, name: string, options: readonly { id: Option; name: string }[], how: string): Choice<Id, Option> => ({ id, name, options, how }); // prettier-ignore

const ARCHES: readonly { id: ArchLine; name: string }[] = [
  { id: 'straight', name: 'straight' },
  { id: 'curved', name: 'curved: carries the arch' }
];

const DEFINITIONS = [
  choice('heelShape', 'Heel shape', HEEL_SHAPES as readonly { id: HeelShapeId; name: string }[], 'seen from the side'),
  figure('tipWidthMm', 'Heel tip across', 'mm', 3, 90, 'calliper on the top-piece, across the foot'),
  figure('tipLengthMm', 'Heel tip along', 'mm', 3, 200, 'calliper on the top-piece, along the foot'),
  choice('tipSection', 'Heel tip section', TIP_SECTIONS as readonly { id: TipSectionId; name: string }[], 'seen from below'),
  figure('tipSetbackMm', 'Heel tip set back', 'mm', -30, 60, 'plumb line from the back of the heel to the rear of the tip'),
  figure('heelHalfWidthMm', 'Heel width at half height', 'mm', 3, 100, 'calliper at half the height, across the foot'),
  figure('pinBoreMm', 'Pin bore', 'mm', 1, 6, 'drill shank that just goes in'),
  figure('seatWedgeDeg', 'Seat wedge', '°', 0, 35, 'angle gauge inside, on the seat'),
  figure('throatLineMm', 'Throat line', 'mm', 80, 330, 'inside, base size, from the back of the heel to where the vamp ends'),
  figure('soleUnderBallMm', 'Board and sole under the ball', 'mm', 1, 40, 'thickness at the ball without the platform'),
  figure('toeSlantDeg', 'Toe slant of the platform', '°', 0, 60, 'from upright, seen from the side'),
  choice('archLine', 'Arch line', ARCHES, 'a straight edge held along the shank')
] as const;

type Definition = (typeof DEFINITIONS)[number];
/** What is known of how a heel is made; null or blank where it is not. */
export type HeelAttributes = {
  [D in Definition as D['id']]: D extends Choice<string, infer Option> ? Option | '' : number | null;
};
export type HeelAttributeId = keyof HeelAttributes;
export const HEEL_ATTRIBUTES: readonly (Figure<HeelAttributeId> | Choice<HeelAttributeId, string>)[] = DEFINITIONS;
export const BLANK_HEEL = Object.fromEntries(DEFINITIONS.map((d) => [d.id, 'options' in d ? '' : null])) as unknown as HeelAttributes;
