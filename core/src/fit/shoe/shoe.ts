import type { ArchLine, HeelAttributes } from '../../heel';
import { BALL_AT, proportion } from '../../measure';
import { TOE_FAMILY, type Inside, type ToeFamilyId, type ToeStructure, type WidthBasis } from '../../last';
import { KIND, type ClosureId, type KindId, type UpperId } from '../tables';
import { middleOf, SHARED_TARGETS } from '../zones';

/** How well each part of a shoe's inside is known, standard deviations in mm, beside the making of one pair. */
export interface InsideSd {
  lengthMm: number;
  ballLineMm: number;
  widthMm: number;
  girthMm: number;
  taperMm: number;
  depthMm: number;
}

/** How a shoe is made, the same in all its sizes and widths. */
export interface ShoeMake {
  kind: KindId;
  upper: UpperId;
  closure: ClosureId;
  /** By hand, 1 soft to 5 stiff. */
  soleStiffness: number;
  heelHeightMm: number;
  platformMm: number;
  /** Thickness of an insole that comes out, 0 when none does. */
  removableInsoleMm: number;
  toeStructure: ToeStructure;
  /** What is known of how its heel is made; null where all is as usual. */
  heel: HeelAttributes | null;
  /** Where the vamp ends, of the foot's length it is made for; null where it is not known. */
  vampAt: number | null;
  /** How its shank runs, by the style or its last; null where it is not known. */
  archLine: ArchLine | null;
}

/** What a style keeps of it in fields of its own: heel, vamp and shank follow from its details and its last. */
export type KeptMake = Omit<ShoeMake, 'heel' | 'vampAt' | 'archLine'>;

/** A shoe as the engine takes it: one size and width, with its inside. */
export interface Shoe extends ShoeMake {
  inside: Inside;
  sd: InsideSd;
  assumed: readonly string[];
}

/** A shoe of which only part is known: kind and insole length at least. */
export interface ShoeInput {
  kind: KindId;
  insoleLengthMm: number;
  toeShape?: ToeFamilyId;
  taperStartMm?: number;
  madeForFootMm?: number;
  ballWidthMm?: number;
  heelWidthMm?: number;
  widthBasis?: WidthBasis;
  ballGirthMm?: number;
  waistGirthMm?: number;
  instepGirthMm?: number;
  throatGirthMm?: number;
  toplineGirthMm?: number;
  shaftGirthMm?: number;
  toeDepthMm?: number;
  toeStructure?: ToeStructure;
  heelHeightMm?: number;
  platformMm?: number;
  flexLineMm?: number;
  upper?: UpperId;
  removableInsoleMm?: number;
  closure?: ClosureId;
  soleStiffness?: number;
  sd?: Partial<InsideSd>;
}

/** Making error of one shoe [estimate]: left and right of a pair differ by about the root of two times that. */
export const MAKING_SD = { lengthMm: 0.7, girthMm: 1.5 } as const;
/** Deviations of what is filled in [estimate]. */
const FILLED_SD = { ballLineMm: 2.5, widthMm: 2.5, girthMm: 6, taperMm: 4, depthMm: 1.5 } as const;
const MEASURED_SD = { ballLineMm: 1.5, widthMm: 1, girthMm: 2, taperMm: 2, depthMm: 1 } as const;

/** Girth of a leather-lined inside over its insole width, for a consistent pair [estimate]. */
const GIRTH_OVER_INSOLE = 2.61;
/** Proportions of the foot a shoe is made for, when the shoe's own are unknown. */
const MADE_FOR = {
  girth: proportion('ballGirthMm'),
  waist: proportion('waistGirthMm', 'ballGirthMm'),
  shortHeel: proportion('shortHeelGirthMm', 'ballGirthMm'),
  toeHeight: proportion('toeHeightMm'),
  littleToeHeight: proportion('littleToeHeightMm'),
  depthOver: 4
} as const;
const COLLAPSED_LESS_MM = 2;
const SEAT_OVER_BALL = 0.677;

/**
 * Fills in what is not known of a shoe from its kind and toe family, with a wide spread, and lists it.
 * @param input at least kind and insole length, mm
 * @throws RangeError when the insole is too short for any foot
 */
export function completeShoe(input: ShoeInput): Shoe {
  const kind = KIND[input.kind];
  const assumed: string[] = [];
  const fill = <T>(name: string, given: T | undefined, otherwise: () => T): T => {
    if (given !== undefined) return given;
    assumed.push(`shoe.${name}`);
    return otherwise();
  };
  const S = input.insoleLengthMm;
  const family = fill('toeShape', input.toeShape, () => kind.usual.toe);
  const tip = kind.basis === 'usable' ? TOE_FAMILY[family].nominalTipMm : 0;
  const L0 = fill('madeForFootMm', input.madeForFootMm, () =>
    input.flexLineMm !== undefined ? input.flexLineMm / BALL_AT : S - middleOf(kind.cuts['toe-room']) - tip
  );
  if (!(L0 > 60)) throw new RangeError('the insole is too short for any foot');
  const girth = fill('ballGirthMm', input.ballGirthMm, () =>
    input.ballWidthMm !== undefined ? GIRTH_OVER_INSOLE * input.ballWidthMm : MADE_FOR.girth * L0 + middleOf(kind.cuts['ball-girth'])
  );
  const footGirth = girth - middleOf(kind.cuts['ball-girth']);
  const width = fill('ballWidthMm', input.ballWidthMm, () => girth / GIRTH_OVER_INSOLE);
  const toeStructure = fill('toeStructure', input.toeStructure, () => 'structured' as const);
  const less = toeStructure === 'collapsed' ? COLLAPSED_LESS_MM : 0;
  const toeDepth = fill('toeDepthMm', input.toeDepthMm, () => MADE_FOR.toeHeight * L0 + MADE_FOR.depthOver - less);
  const known = (value: unknown, part: keyof typeof FILLED_SD): number => (value === undefined ? FILLED_SD : MEASURED_SD)[part];
  const throat = kind.pullOn
    ? fill('throatGirthMm', input.throatGirthMm, () => MADE_FOR.shortHeel * footGirth + middleOf(SHARED_TARGETS.throat))
    : (input.throatGirthMm ?? null);
  return {
    kind: input.kind,
    inside: {
      madeForFootMm: L0,
      insoleLengthMm: S,
      flexLineMm: fill('flexLineMm', input.flexLineMm, () => BALL_AT * L0),
      family,
      taperShiftMm: input.taperStartMm === undefined ? 0 : input.taperStartMm - (S - TOE_FAMILY[family].innerTaper * L0),
      outline: null,
      ballWidthMm: width,
      widthBasis: input.widthBasis ?? 'footbed',
      heelWidthMm: fill('heelWidthMm', input.heelWidthMm, () => SEAT_OVER_BALL * width),
      ballGirthMm: girth,
      waistGirthMm: fill('waistGirthMm', input.waistGirthMm, () => MADE_FOR.waist * footGirth + middleOf(SHARED_TARGETS.waist)),
      instepGirthMm: fill('instepGirthMm', input.instepGirthMm, () => footGirth + middleOf(kind.cuts.instep)),
      throatGirthMm: throat,
      toplineGirthMm: input.toplineGirthMm ?? null,
      shaftGirthMm: input.shaftGirthMm ?? null,
      toeDepthMm: toeDepth,
      littleToeDepthMm: toeDepth - (MADE_FOR.toeHeight - MADE_FOR.littleToeHeight) * L0,
      toeSpringMm: NaN,
      instepHeightMm: NaN,
      toplineHeightMm: NaN
    },
    sd: {
      lengthMm: 0,
      ballLineMm: known(input.flexLineMm ?? input.madeForFootMm, 'ballLineMm'),
      widthMm: known(input.ballWidthMm, 'widthMm'),
      girthMm: known(input.ballGirthMm, 'girthMm'),
      taperMm: known(input.taperStartMm, 'taperMm'),
      depthMm: known(input.toeDepthMm, 'depthMm'),
      ...input.sd
    },
    upper: fill('upper', input.upper, () => 'smooth-leather' as const),
    closure: fill('closure', input.closure, () => kind.usual.closure),
    soleStiffness: fill('soleStiffness', input.soleStiffness, () => kind.usual.soleStiffness),
    heelHeightMm: fill('heelHeightMm', input.heelHeightMm, () => kind.usual.heelHeightMm),
    platformMm: input.platformMm ?? 0,
    removableInsoleMm: input.removableInsoleMm ?? 0,
    toeStructure,
    heel: null,
    vampAt: null,
    archLine: null,
    assumed
  };
}
