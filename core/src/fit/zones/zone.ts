import type { Inside } from '../../last';
import type { Cuts } from './cuts';
import type { Allowances, FootDims, PlainPlan } from './given';
import type { Sum, SumInput } from './sum';

/** Parts of a shoe, front to back. */
export const ZONE_PARTS = ['toes', 'ball', 'waist', 'heel'] as const;
export type ZonePart = (typeof ZONE_PARTS)[number];

/** What of a kind of shoe says which zones it has. */
export interface KindTraits {
  /** It has no opening beside the throat: the heel passes through it. */
  pullOn: boolean;
  /** Height of its shaft, mm; 0 where it ends below the ankle. */
  shaftMm: number;
  /** It is fitted with the teacher, its vamp and wings on their own bench. */
  teacherLeads: boolean;
}

/** Clearance of a zone, mm, from numbers alone; NaN where foot or shoe does not tell enough. */
export type Formula = (dims: FootDims, inside: Inside, allowances: Allowances, plan: PlainPlan) => number;

/** Everything there is to say of one zone of a fit. Lists, tables, limits, doubt, helps and words follow from it. */
export interface ZoneDefinition<Id extends string = string> {
  id: Id;
  name: string;
  /** Part of the shoe it lies in, front to back. */
  part: ZonePart;
  /**
   * Where a fitter points to it on a foot seen from above: along the length from the heel, and across from the outer edge (-1) over the middle
   * (0) to the inner edge (1); or whichever toe reaches the shoe first.
   */
  place: { along: number; across: number } | 'first-toe';
  /** Kinds that have it. A zone of some kinds only takes no place in the arrays of the others. */
  kinds: 'all' | ((kind: KindTraits) => boolean);
  /** Comfort-only zones are told but never decide. */
  decides: boolean;
  /** Where it is right: the same in every kind, or told by each kind for itself. */
  cuts: Cuts | 'by-kind';
  /** Of a child's street shoe, where it is another. */
  childCuts?: Cuts;
  /** What lies between the cuts: room on either side, a place that may be behind or ahead, or an amount of which little is never wrong. */
  scale: 'room' | 'place' | 'amount';
  /** Share of a preference's shift that reaches it: girths and lengths whole, widths less. */
  preferenceShare: number;
  /** True where the schools of room in front and between two sizes differ. */
  shiftedBySchools: boolean;
  /** True where it is told on the kind's own basis, inside or usable. */
  onBasis: boolean;
  /** True where a closure takes up what is too much. */
  closureTakesUp: boolean;
  /** True where leather gives in wear, which one school allows for beforehand. */
  moulds: boolean;
  /** Null where it is found along the outline or after the slide. */
  formula: Formula | null;
  /** True where it changes by the same amount for each millimetre of any cause: its doubt is then a sum. */
  straight: boolean;
  /** True where what two helps change simply adds up, whatever foot and size. */
  helpsAddUp: boolean;
  /** True where a customer can say at Try how it feels. */
  felt: boolean;
  /** True where hours of wear change it. */
  wears: boolean;
  /** True where it counts towards how tight or loose the whole shoe sits. */
  tellsTightness: boolean;
  /** What the wearer gets when it is too little, and when it is too much. */
  tooLittle: string;
  tooMuch: string;
  /** The sum behind its clearance, in the order a fitter would do it. */
  sum: (input: SumInput) => Sum;
}

/** What most zones are: deciding, felt, the same cuts in all kinds, answering in a straight line. */
const USUAL = {
  kinds: 'all',
  decides: true,
  scale: 'room',
  preferenceShare: 0,
  shiftedBySchools: false,
  onBasis: false,
  closureTakesUp: false,
  moulds: false,
  formula: null,
  straight: true,
  helpsAddUp: true,
  felt: true,
  wears: false,
  tellsTightness: false
} as const satisfies Partial<ZoneDefinition>;

type Own<Id extends string, C> = Pick<ZoneDefinition<Id>, 'id' | 'name' | 'place' | 'tooLittle' | 'tooMuch' | 'sum'> &
  Partial<ZoneDefinition<Id>> & { cuts: C };
type Told = ZoneDefinition['cuts'];

/** Defines a zone of every kind; what is left out is as in most. */
export const zone = <const Id extends string, C extends Told>(own: Omit<Own<Id, C>, 'kinds'>) =>
  ({ ...USUAL, ...own }) as unknown as ZoneDefinition<Id> & { kinds: 'all'; cuts: C };
/** Defines a zone of some kinds only. */
export const zoneOfSome = <const Id extends string, C extends Told>(own: Own<Id, C> & { kinds: (kind: KindTraits) => boolean }) =>
  ({ ...USUAL, ...own }) as unknown as ZoneDefinition<Id> & { kinds: (kind: KindTraits) => boolean; cuts: C };
