import type { ToeFamilyId } from './families';
import type { InsoleOutline } from './traced-insole';

/** What a ball width of a shoe was measured on; the three differ by several millimetres. */
export const WIDTH_BASES = ['footbed', 'feather-edge', 'inside'] as const;
export type WidthBasis = (typeof WIDTH_BASES)[number];
/** Whether the toe box stands by itself or falls in. */
export const TOE_STRUCTURES = ['structured', 'collapsed'] as const;
export type ToeStructure = (typeof TOE_STRUCTURES)[number];

/** The inside of one shoe in one size and width, mm, insole in as sold. */
export interface Inside {
  /** Foot length the size is made for; stations are fractions of it. */
  madeForFootMm: number;
  insoleLengthMm: number;
  /** Heel to the shoe's inner ball line. */
  flexLineMm: number;
  family: ToeFamilyId;
  /** Taper starts later (+) or earlier (-) than the family's, mm. */
  taperShiftMm: number;
  /** The insole as it was traced, in whatever size; null where the family's curve stands for it. */
  outline: InsoleOutline | null;
  ballWidthMm: number;
  widthBasis: WidthBasis;
  /** Width of the heel seat on the insole. */
  heelWidthMm: number;
  ballGirthMm: number;
  waistGirthMm: number;
  instepGirthMm: number;
  /** What must let the foot pass in a pull-on; null in shoes that open. */
  throatGirthMm: number | null;
  toplineGirthMm: number | null;
  shaftGirthMm: number | null;
  toeDepthMm: number;
  littleToeDepthMm: number;
  /** How far the toe stands off the ground; the top above the insole at half the length the size is made for; the topline's height under the outer ankle bone. NaN where it is not known. */
  toeSpringMm: number;
  instepHeightMm: number;
  toplineHeightMm: number;
}

/** An empty inside, to be overwritten. */
export const blankInside = (): Inside => ({
  madeForFootMm: 0,
  insoleLengthMm: 0,
  flexLineMm: 0,
  family: 'round',
  taperShiftMm: 0,
  outline: null,
  ballWidthMm: 0,
  widthBasis: 'footbed',
  heelWidthMm: 0,
  ballGirthMm: 0,
  waistGirthMm: 0,
  instepGirthMm: 0,
  throatGirthMm: null,
  toplineGirthMm: null,
  shaftGirthMm: null,
  toeDepthMm: 0,
  littleToeDepthMm: 0,
  toeSpringMm: NaN,
  instepHeightMm: NaN,
  toplineHeightMm: NaN
});
