import { PASTES, PLATFORM_SHAPES, SHANK_LENGTHS, TAPERS, THROATS } from './choices';
import type { PointeFieldId, PointeSpec } from './model';

/** Every field of a model's box once: forms, tables, CSV and JSON follow from it. */
interface Common<Id extends string> {
  id: Id;
  name: string;
  /** How it is found out, in the trade's words. */
  how: string;
}
export interface FigureField<Id extends string = string> extends Common<Id> {
  as: 'figure';
  unit: 'mm' | 'of the sole';
  low: number;
  high: number;
}
export interface ChoiceField<Id extends string = string> extends Common<Id> {
  as: 'choice';
  options: readonly { id: string; name: string }[];
}
export interface FlagField<Id extends string = string> extends Common<Id> {
  as: 'flag';
}
export type PointeField = (FigureField | ChoiceField | FlagField) & { id: PointeFieldId };

const mm = (id: PointeFieldId, name: string, low: number, high: number, how: string): PointeField => ({ as: 'figure', id, name, unit: 'mm', low, high, how });
const choice = (id: PointeFieldId, name: string, options: ChoiceField['options'], how: string): PointeField => ({ as: 'choice', id, name, options, how });
export const POINTE_FIELDS: readonly PointeField[] = [
  mm('jointGirthMm', 'girth at the joints', 110, 330, 'tape inside, 0.3 of the inside length behind the platform'),
  mm('jointWidthMm', 'width at the joints', 40, 120, 'inside calliper, at the same place'),
  choice('taper', 'taper', TAPERS, 'the box held against the five outlines'),
  mm('platformWidthMm', 'platform width', 30, 90, 'calliper outside, where it stands'),
  mm('platformDepthMm', 'platform depth', 15, 35, 'calliper outside, top to sole'),
  choice('platformShape', 'platform shape', PLATFORM_SHAPES, 'pressed on carbon paper: what prints'),
  mm('vampMm', 'vamp', 30, 130, 'platform’s edge to the throat, along the top'),
  choice('throat', 'throat', THROATS, 'seen from above'),
  mm('wingMm', 'inner wing', 40, 150, 'platform’s edge to where the side goes soft under the thumb'),
  mm('wingOuterMm', 'outer wing', 40, 150, 'the same on the outer side'),
  choice('shankLength', 'shank length', SHANK_LENGTHS, 'felt through the lining'),
  { as: 'figure', id: 'bend', name: 'bends at', unit: 'of the sole', low: 0.25, high: 0.6, how: 'bent over the hand: from the heel, of the sole’s length' },
  choice('paste', 'paste', PASTES, 'pressed between thumb and finger, against a new one of each'),
  mm('heelHeightMm', 'heel height', 30, 80, 'sole to the binding at the back'),
  mm('heelWidthMm', 'heel width', 30, 80, 'cloth laid flat, at the widest'),
  { as: 'flag', id: 'drawstring', name: 'drawstring', how: 'seen' }
];
export const POINTE_FIELD = Object.fromEntries(POINTE_FIELDS.map((f) => [f.id, f])) as Readonly<Record<PointeFieldId, PointeField>>;
/** Every field of a spec is in the list: adding one elsewhere does not compile. */
const ALL: Readonly<Record<keyof PointeSpec, true>> = { jointGirthMm: true, jointWidthMm: true, taper: true, platformWidthMm: true, platformDepthMm: true, platformShape: true, vampMm: true, throat: true, wingMm: true, wingOuterMm: true, shankLength: true, bend: true, paste: true, heelHeightMm: true, heelWidthMm: true, drawstring: true }; // prettier-ignore
export const POINTE_FIELD_IDS = Object.keys(ALL) as PointeFieldId[];
