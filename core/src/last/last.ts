import { BALL_AT } from '../measure';
import type { ToeFamilyId } from './families';
import { blankInside, type Inside, type ToeStructure, type WidthBasis } from './inside';
import type { InsoleOutline } from './traced-insole';
import type { LearnedOffsets } from './learned';
import { toplineAtAnkle, type SideCut } from './topline';

/** How a fact about a shoe came to be known, best first. */
export const EVIDENCE_MARKS = ['measured', 'felt', 'claimed', 'unsure', 'not-seen'] as const;
export type EvidenceMark = (typeof EVIDENCE_MARKS)[number];

export const ARCH_LINES = ['straight', 'curved'] as const;
/** Whether a measure of a last grows with the size or is the same in all. */
export const GRADINGS = ['fixed', 'graded'] as const;
/** A half size as a full grade, or as the same length and the next width. */
export const HALVES = ['full', 'width-only'] as const;

/** What a last looks like beside its plan and girths, in its base size; what is not known is left out. */
export interface LastForm {
  /** Drop from heel to ball the last is made for, mm, and how far the toe stands off the ground, mm. */
  heelHeightMm?: number;
  toeSpringMm?: number;
  /** Line of the arch seen from the inner side, and how high the sides are cut. */
  archLine?: (typeof ARCH_LINES)[number];
  sideCut?: SideCut;
  /** From the back of the heel to where the vamp ends: before the toe clefts it shows cleavage. */
  throatLineMm?: number;
  /** Above the insole: the top at half the length the size is made for, and the back. */
  instepHeightMm?: number;
  backHeightMm?: number;
  toe?: ToeStructure;
}

/** A maker's last: its inside in one base size and width, and how it is graded from there. */
export interface Last {
  id: string;
  maker: string;
  name: string;
  family: ToeFamilyId;
  taperShiftMm: number;
  /** Its insole as it was traced, where it was: the engine runs along it in place of the family's curve. */
  outline?: InsoleOutline;
  widthBasis: WidthBasis;
  base: {
    /** Size number in the maker's scale, and the width letter. */
    size: number;
    width: string;
    forFootMm: number;
    insoleMm: number;
    ballWidthMm: number;
    heelWidthMm: number;
    ballGirthMm: number;
    waistGirthMm: number;
    instepGirthMm: number;
    throatGirthMm?: number;
    toplineGirthMm?: number;
    shaftGirthMm?: number;
    toeDepthMm: number;
    littleToeDepthMm: number;
  };
  grade: Grade;
  /** Other names the same last goes by. */
  aliases?: string[];
  form?: LastForm;
  /** A combination last: letters by which heel and waist are narrower (-) or wider (+) than the ball's letter says. */
  combination?: { heel: number; waist: number };
  /** How well the inside is known, mm: deviation of the base length and of girths. */
  evidence: { mark: EvidenceMark; lengthSdMm: number; widthSdMm: number; girthSdMm: number; note: string };
  /** What a shop took over from its try-ons, and what the sheet said before. */
  learned?: { by: LearnedOffsets; sheet: Pick<Last, 'base' | 'taperShiftMm' | 'evidence'> };
}

export interface Grade {
  lengthPerSizeMm: number;
  girthPerSizeMm: number;
  girthPerWidthMm: number;
  /** Share of a girth change that goes to the bottom's width. */
  bottomShare: number;
  toeExtension: (typeof GRADINGS)[number];
  halves: (typeof HALVES)[number];
  /** One bottom for two half sizes: length and bottom by whole sizes, girths by every half. */
  coarse?: boolean;
  /** Drop of the last, fixed when left out. */
  heelHeight?: (typeof GRADINGS)[number];
}

/** Heel seats widen less than balls: share of the bottom's change that reaches the heel [estimate]. */
const HEEL_SHARE = 0.55;
/** A width letter hardly reaches the heel [estimate]. */
const HEEL_WIDTH_SHARE = 0.25;

/**
 * The inside of a last in a size and width.
 * @param last the last
 * @param size size number in the maker's scale
 * @param widthSteps letters wider (+) or narrower (-) than the base width
 * @param into an inside to overwrite, where thousands are looked at in a row; a new one when left out
 * @throws RangeError when the grade runs out of anything that could hold a foot
 * @example gradeLast(last, last.base.size, 0).insoleLengthMm === last.base.insoleMm
 */
export function gradeLast(last: Last, size: number, widthSteps: number, into?: Inside): Inside {
  const { base, grade } = last;
  const whole = Math.floor(size + 1e-9);
  const half = size - whole > 0.25;
  if (grade.halves === 'width-only') return insideAt(last, whole - base.size, whole - base.size, widthSteps + (half ? 1 : 0), size, into);
  const sizes = size - base.size;
  return insideAt(last, grade.coarse ? whole - base.size : sizes, sizes, widthSteps, size, into);
}

/**
 * The inside of a last where it is made for a foot of a length, between sizes as well.
 * @throws RangeError as `gradeLast`
 */
export function gradeToFoot(last: Last, footMm: number, widthSteps: number): Inside {
  const sizes = (footMm - last.base.forFootMm) / last.grade.lengthPerSizeMm;
  return insideAt(last, sizes, sizes, widthSteps, last.base.size + sizes);
}

/**
 * @param sizes sizes from the base that length and bottom have grown by
 * @param girthSizes sizes that the girths have grown by
 */
function insideAt(last: Last, sizes: number, girthSizes: number, letters: number, label: number, into: Inside = blankInside()): Inside {
  const { base, grade } = last;
  const forFoot = base.forFootMm + sizes * grade.lengthPerSizeMm;
  const insole = insoleAt(last, forFoot);
  const bySize = girthSizes * grade.girthPerSizeMm;
  const byWidth = letters * grade.girthPerWidthMm;
  const waistLetters = (last.combination?.waist ?? 0) * grade.girthPerWidthMm;
  const heelLetters = (last.combination?.heel ?? 0) * grade.girthPerWidthMm;
  const girth = (mm: number, more = 0): number => mm + (bySize + byWidth + more) * (mm / base.ballGirthMm);
  const scale = forFoot / base.forFootMm;
  const bottomBySize = grade.coarse ? sizes * grade.girthPerSizeMm : bySize;
  const ballWidthMm = base.ballWidthMm + grade.bottomShare * (bottomBySize + byWidth);
  if (!(insole > 60 && ballWidthMm > 20)) throw new RangeError(`${last.name} cannot be graded to size ${Number(label.toFixed(2))}`);
  into.madeForFootMm = forFoot;
  into.insoleLengthMm = insole;
  into.flexLineMm = BALL_AT * forFoot;
  into.family = last.family;
  into.taperShiftMm = last.taperShiftMm;
  into.outline = last.outline ?? null;
  into.ballWidthMm = ballWidthMm;
  into.widthBasis = last.widthBasis;
  into.heelWidthMm = base.heelWidthMm + grade.bottomShare * (HEEL_SHARE * bottomBySize + HEEL_WIDTH_SHARE * byWidth + HEEL_SHARE * heelLetters);
  into.ballGirthMm = base.ballGirthMm + bySize + byWidth;
  into.waistGirthMm = girth(base.waistGirthMm, waistLetters);
  into.instepGirthMm = girth(base.instepGirthMm);
  into.throatGirthMm = base.throatGirthMm === undefined ? null : girth(base.throatGirthMm);
  into.toplineGirthMm = base.toplineGirthMm === undefined ? null : girth(base.toplineGirthMm);
  into.shaftGirthMm = base.shaftGirthMm === undefined ? null : girth(base.shaftGirthMm);
  into.toeDepthMm = base.toeDepthMm * scale;
  into.littleToeDepthMm = base.littleToeDepthMm * scale;
  formInto(last.form, scale, forFoot, into);
  return into;
}

/** What a last stands like in a size: all of it grows as the foot does. */
function formInto(form: LastForm | undefined, scale: number, forFootMm: number, into: Inside): void {
  into.toeSpringMm = form?.toeSpringMm === undefined ? NaN : form.toeSpringMm * scale;
  into.instepHeightMm = form?.instepHeightMm === undefined ? NaN : form.instepHeightMm * scale;
  into.toplineHeightMm =
    form?.sideCut === undefined ? NaN : toplineAtAnkle(form.sideCut, form.backHeightMm === undefined ? NaN : form.backHeightMm * scale, forFootMm);
}

/** Heights and places of a form that grow with the foot. */
const GROWING = ['toeSpringMm', 'throatLineMm', 'instepHeightMm', 'backHeightMm'] as const satisfies readonly (keyof LastForm)[];
/** A form told from another base size. */
const formOf = (form: LastForm, scale: number, dropMm: number | null): LastForm => ({
  ...form,
  ...Object.fromEntries(GROWING.flatMap((id) => (form[id] === undefined ? [] : [[id, form[id] * scale]]))),
  ...(dropMm === null ? {} : { heelHeightMm: dropMm })
});

/** Drop of a last in a size, mm: fixed, or growing with the foot; null where it is not known. */
export function gradedDrop(last: Last, size: number): number | null {
  const drop = last.form?.heelHeightMm;
  if (drop === undefined) return null;
  if (last.grade.heelHeight !== 'graded') return drop;
  return drop * (1 + ((size - last.base.size) * last.grade.lengthPerSizeMm) / last.base.forFootMm);
}

/** Insole length of a last in a size, mm: as `gradeLast` gives it, alone. */
export function insoleOf(last: Last, size: number): number {
  const { base, grade } = last;
  const sizes = (grade.halves === 'width-only' || grade.coarse ? Math.floor(size + 1e-9) : size) - base.size;
  return insoleAt(last, base.forFootMm + sizes * grade.lengthPerSizeMm);
}
const insoleAt = ({ base, grade }: Last, forFootMm: number): number => {
  const extension = base.insoleMm - base.forFootMm;
  return forFootMm + (grade.toeExtension === 'graded' ? extension * (forFootMm / base.forFootMm) : extension);
};

/**
 * The same last told from another size and width: graded there and back it is what it was.
 * @throws RangeError for a size it cannot be told from (a half that is only a width)
 */
export function rebase(last: Last, size: number, width: string, widthSteps: number): Last {
  if (last.grade.halves === 'width-only' && Math.abs(size - Math.round(size)) > 1e-9) throw new RangeError('a half that is a width is no base size');
  if (last.grade.coarse && Math.abs(size - Math.round(size)) > 1e-9) throw new RangeError('a coarse grade is told from a whole size');
  // What a combination takes away stays where it was said: the base is told as the letter alone gives it.
  const inside = gradeLast({ ...last, combination: undefined }, size, widthSteps);
  const { throatGirthMm, toplineGirthMm, shaftGirthMm } = inside;
  return {
    ...last,
    form: last.form && formOf(last.form, inside.madeForFootMm / last.base.forFootMm, gradedDrop(last, size)),
    base: {
      size,
      width,
      forFootMm: inside.madeForFootMm,
      insoleMm: inside.insoleLengthMm,
      ballWidthMm: inside.ballWidthMm,
      heelWidthMm: inside.heelWidthMm,
      ballGirthMm: inside.ballGirthMm,
      waistGirthMm: inside.waistGirthMm,
      instepGirthMm: inside.instepGirthMm,
      ...(throatGirthMm === null ? {} : { throatGirthMm }),
      ...(toplineGirthMm === null ? {} : { toplineGirthMm }),
      ...(shaftGirthMm === null ? {} : { shaftGirthMm }),
      toeDepthMm: inside.toeDepthMm,
      littleToeDepthMm: inside.littleToeDepthMm
    }
  };
}
