import type { Mark } from './banded';
import type { HoldId } from './holds';
import { HEEL } from './pitch';

export const LEVELS = ['beginner', 'intermediate', 'experienced'] as const;
export type Level = (typeof LEVELS)[number];

/** What a shoe is worn for, and the heels that go with it. Heights are of the heel, or of the drop where `basis` says so, mm. */
export interface Discipline<Id extends string = string> {
  id: Id;
  name: string;
  basis: 'heel' | 'drop';
  heights: Readonly<Record<Level, readonly [low: number, high: number]>>;
  /** Schools that start elsewhere: the lowest of a beginner, mm. */
  starts: readonly number[];
  /** What holds the ankle at least; with less the drop stays low, and where it leaves the floor it is not done. */
  hold: HoldId;
  offTheFloor: boolean;
  mark: Mark;
  source: string;
}
const heights = (beginner: readonly [number, number], intermediate = beginner, experienced = intermediate): Discipline['heights'] => ({
  beginner,
  intermediate,
  experienced
});
const discipline = <const Id extends string>(
  id: Id,
  name: string,
  own: Pick<Discipline, 'heights' | 'mark' | 'source'> & Partial<Omit<Discipline, 'id' | 'name'>>
): Discipline<Id> => ({ basis: 'heel', starts: [], hold: 'none', offTheFloor: false, ...own, id, name });

const TRADE = 'practice';
export const DISCIPLINES = [
  discipline('everyday', 'everyday', { basis: 'drop', heights: heights([0, HEEL.everydayMm]), mark: 'standard', source: 'Ebbeling 1994, from memory' }),
  discipline('office', 'office', { basis: 'drop', heights: heights([0, 75]), mark: 'model', source: 'this project' }),
  discipline('evening', 'evening', { basis: 'drop', heights: heights([0, 110]), mark: 'model', source: 'this project' }),
  discipline('ballroom', 'ballroom', { heights: heights([38, 76]), mark: 'practice', source: TRADE }),
  discipline('character', 'character', { heights: heights([38, 76]), mark: 'practice', source: TRADE }),
  discipline('heels-class', 'heels class', { heights: heights([89, 102], [89, 102], [89, 107]), starts: [89, 102], hold: 'laced', mark: 'practice', source: TRADE }), // prettier-ignore
  discipline('pole-shoe', 'pole, sandal', { heights: heights([178, 178], [178, 203], [178, 254]), hold: 'strap', offTheFloor: true, mark: 'practice', source: TRADE }), // prettier-ignore
  discipline('pole-boot', 'pole, boot', { heights: heights([178, 203], [178, 203], [178, 254]), hold: 'laced', offTheFloor: true, mark: 'practice', source: TRADE }) // prettier-ignore
] as const;
export type DisciplineId = (typeof DISCIPLINES)[number]['id'];
export const DISCIPLINE = Object.fromEntries(DISCIPLINES.map((d) => [d.id, d])) as Readonly<Record<DisciplineId, Discipline<DisciplineId>>>;
