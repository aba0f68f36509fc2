import { heightFrom, type Box } from './box';
import { DOUBTS, type BoxDoubt } from './doubt';
import {
  GRADE,
  SHANK_LENGTH,
  TAPER,
  type EvidenceId,
  type GradeId,
  type PasteId,
  type PlatformShapeId,
  type ShankLengthId,
  type TaperId,
  type ThroatId
} from './choices';

/** A maker's own scales: inside length is zero + step x size; marks stand narrow first. No standard joins makers: all goes through millimetres. */
export interface PointeScale {
  length: { zeroMm: number; stepMm: number; halves: boolean; from: number; to: number };
  width: { marks: readonly string[]; girthStepMm: number; widthStepMm: number };
}
export interface PointeMaker extends PointeScale {
  id: string;
  name: string;
}
/** A field of a model with how sure it is. */
export interface Known<T> {
  value: T;
  evidence: Exclude<EvidenceId, 'filled'>;
}
/** How far a model is believed to be off its figures: mm, and for the shank the logarithm of its stiffness. */
export interface PointeOff {
  girthMm?: number;
  vampMm?: number;
  shank?: number;
}
/** What is known of a model at its base size and mark; what is not stays away and is filled in with spread. */
export interface PointeSpec {
  jointGirthMm?: Known<number>;
  jointWidthMm?: Known<number>;
  taper?: Known<TaperId>;
  platformWidthMm?: Known<number>;
  platformDepthMm?: Known<number>;
  platformShape?: Known<PlatformShapeId>;
  vampMm?: Known<number>;
  throat?: Known<ThroatId>;
  wingMm?: Known<number>;
  wingOuterMm?: Known<number>;
  shankLength?: Known<ShankLengthId>;
  bend?: Known<number>;
  paste?: Known<PasteId>;
  heelHeightMm?: Known<number>;
  heelWidthMm?: Known<number>;
  drawstring?: Known<boolean>;
}
export type PointeFieldId = keyof PointeSpec;
export interface PointeModel {
  id: string;
  name: string;
  maker: PointeMaker;
  base: { size: number; mark: string };
  /** How much a mark adds to the platform's width, mm. */
  perMarkMm: number;
  grades: readonly GradeId[];
  usualGrade: GradeId;
  /** How sure the maker's inside lengths are. */
  lengthEvidence: EvidenceId;
  spec: PointeSpec;
  /** A quiet variant of another: its shank starts half a grade softer, as its maker says. */
  quiet?: boolean;
  /** What answers at the barre taught of it. */
  off?: PointeOff;
}

/** A maker's sizes, from the smallest. */
export function sizesOf({ length }: PointeScale): number[] {
  const each = length.halves ? 2 : 1;
  return Array.from({ length: Math.floor((length.to - length.from) * each) + 1 }, (_, i) => length.from + i / each);
}
export const insideLength = ({ length }: PointeScale, size: number): number => length.zeroMm + length.stepMm * size;

/** How a field that is not known is filled in [model], of inside length, joints and taper. */
const FILL = { girth: 0.872, girthStep: 5, width: 0.385, depth: 0.104, vamp: 0.275, wing: 0.315, heelHeight: 0.235, heelWidth: 0.23, quiet: 1.2 } as const;
/** Stiffness of a grade in a model, N m a radian. */
export const gradeNm = ({ quiet, off }: Pick<PointeModel, 'quiet' | 'off'>, grade: GradeId): number =>
  (GRADE[grade].nm / (quiet ? FILL.quiet : 1)) * Math.exp(off?.shank ?? 0);
/** How a box grows with its size. */
const GROWS = { girth: 8, width: 0.85, platform: 0.1, vamp: 0.8, heel: 0.6 } as const;

/** A box with the doubt of its fields, and which of them were filled in. */
export interface FilledBox {
  box: Box;
  doubt: BoxDoubt;
  filled: readonly PointeFieldId[];
}
/** What a special order changes of a stock model, each in its field. */
export type PointeChanges = Partial<Pick<Box, 'vampMm' | 'wingMm' | 'wingOuterMm' | 'heelHeightMm' | 'heelWidthMm' | 'paste' | 'drawstring' | 'throat'>> & { shankLength?: ShankLengthId; bend?: number }; // prettier-ignore

/**
 * One size, width mark and grade of a model.
 * @throws RangeError when the maker does not have the size or the mark: ask `markProblem` and `sizeProblem` first
 */
export function boxOf(model: PointeModel, size: number, mark: string, grade: GradeId = model.usualGrade, changes: PointeChanges = {}): FilledBox {
  const problem = sizeProblem(model.maker, size) || markProblem(model.maker, mark);
  if (problem) throw new RangeError(problem);
  const { spec, maker, base, off } = model;
  const filled: PointeFieldId[] = [];
  const [S, S0] = [insideLength(maker, size), insideLength(maker, base.size)];
  const dS = S - S0;
  const marks = maker.width.marks;
  const steps = marks.indexOf(mark) - marks.indexOf(base.mark);
  const fromMiddle = marks.indexOf(base.mark) - (marks.length - 1) / 2;
  const or = <F extends PointeFieldId>(field: F, usual: () => NonNullable<PointeSpec[F]>['value']): NonNullable<PointeSpec[F]>['value'] => {
    const known = spec[field];
    if (known) return known.value;
    filled.push(field);
    return usual();
  };
  const girth0 = or('jointGirthMm', () => FILL.girth * S0 + FILL.girthStep * fromMiddle);
  const width0 = or('jointWidthMm', () => FILL.width * girth0);
  const taper = or('taper', () => 'medium' as const);
  const vamp0 = or('vampMm', () => FILL.vamp * S0);
  const wing0 = or('wingMm', () => FILL.wing * S0);
  const wingOuter0 = spec.wingOuterMm?.value ?? wing0;
  const length = changes.shankLength ?? or('shankLength', () => 'full' as const);
  const longer = 1 + (GROWS.vamp * dS) / S0;
  const box: Box = {
    insideLengthMm: S,
    jointGirthMm: girth0 + (off?.girthMm ?? 0) + (GROWS.girth * dS) / 10 + maker.width.girthStepMm * steps,
    jointWidthMm: width0 * (1 + (GROWS.width * dS) / S0) + maker.width.widthStepMm * steps,
    taper,
    platform: {
      widthMm: or('platformWidthMm', () => width0 * TAPER[taper].platform) + model.perMarkMm * steps + GROWS.platform * dS,
      depthMm: or('platformDepthMm', () => FILL.depth * S0),
      shape: or('platformShape', () => 'oval' as const)
    },
    vampMm: changes.vampMm ?? vamp0 * longer + (off?.vampMm ?? 0),
    throat: changes.throat ?? or('throat', () => 'u' as const),
    wingMm: changes.wingMm ?? wing0 * longer,
    wingOuterMm: changes.wingOuterMm ?? wingOuter0 * longer,
    shank: { nm: gradeNm(model, grade), length, bend: changes.bend ?? or('bend', () => SHANK_LENGTH[length].bendAt) },
    paste: changes.paste ?? or('paste', () => 'medium' as const),
    heelHeightMm: changes.heelHeightMm ?? or('heelHeightMm', () => FILL.heelHeight * S0),
    heelWidthMm: changes.heelWidthMm ?? or('heelWidthMm', () => FILL.heelWidth * S0) * (1 + (GROWS.heel * dS) / S0),
    drawstring: changes.drawstring ?? or('drawstring', () => true)
  };
  const of = (id: keyof typeof DOUBTS, field: PointeFieldId): number => DOUBTS[id][spec[field]?.evidence ?? 'filled'];
  const doubt: BoxDoubt = {
    length: DOUBTS.length[model.lengthEvidence],
    girth: of('girth', 'jointGirthMm'),
    width: of('width', 'jointWidthMm'),
    platform: of('platform', 'platformWidthMm'),
    vamp: changes.vampMm === undefined ? of('vamp', 'vampMm') : DOUBTS.vamp.claimed,
    wing: changes.wingMm === undefined ? of('wing', 'wingMm') : DOUBTS.wing.claimed,
    // No maker's grade is published in N m: even a measured shank is one of a batch.
    shank: DOUBTS.shank[spec.shankLength?.evidence ?? 'filled']
  };
  return { box, doubt, filled };
}

/** Why a maker has no such size or mark, or ''. */
export function sizeProblem(scale: PointeScale, size: number): string {
  const { from, to, halves } = scale.length;
  const made = size >= from && size <= to && Number.isInteger((size - from) * (halves ? 2 : 1));
  return made ? '' : `Sizes run from ${from} to ${to} by ${halves ? 'halves' : 'ones'}; ${size} is not made.`;
}
export const markProblem = ({ width }: PointeScale, mark: string): string =>
  width.marks.includes(mark) ? '' : `Width marks are ${width.marks.join(', ')}; “${mark}” is not one of them.`;

export interface FieldProblem {
  field: string;
  words: string;
}
/** Limits of what can be made, of the inside length where they are shares. */
const LIMITS = { length: [150, 320], girth: [0.7, 1.05], platformWide: 30, platformUnder: 8, platformDeep: [15, 35], vamp: [0.18, 0.42], wing: [0.2, 0.48], bend: [0.25, 0.6], heel: [30, 80], nm: [2, 30], heightLow: 20, heightShare: 0.75 } as const; // prettier-ignore
/** What cannot be of a box, each naming its field and the fix. */
export function boxProblems(box: Box): FieldProblem[] {
  const out: FieldProblem[] = [];
  const S = box.insideLengthMm;
  const fig = (n: number): string => String(Math.round(n * 10) / 10);
  const within = (field: string, name: string, value: number, [low, high]: readonly [number, number], unit = 'mm'): void => {
    if (!(value >= low && value <= high)) out.push({ field, words: `${name} is ${fig(low)} to ${fig(high)} ${unit}; ${fig(value)} was given.` });
  };
  const share = ([low, high]: readonly [number, number]): [number, number] => [low * S, high * S];
  within('insideLengthMm', 'Inside length', S, LIMITS.length);
  within('jointGirthMm', 'Girth at the joints', box.jointGirthMm, share(LIMITS.girth));
  within('platform.widthMm', 'Platform width', box.platform.widthMm, [LIMITS.platformWide, box.jointWidthMm - LIMITS.platformUnder]);
  within('platform.depthMm', 'Platform depth', box.platform.depthMm, LIMITS.platformDeep);
  within('vampMm', 'Vamp', box.vampMm, share(LIMITS.vamp));
  within('wingMm', 'Wings', box.wingMm, share(LIMITS.wing));
  within('wingOuterMm', 'Outer wing', box.wingOuterMm, share(LIMITS.wing));
  within('shank.nm', 'Stiffness of the shank', box.shank.nm, LIMITS.nm, 'N m a radian');
  within('shank.bend', 'Where the shank bends', box.shank.bend, LIMITS.bend, 'of the sole');
  within('heelHeightMm', 'Heel height', box.heelHeightMm, LIMITS.heel);
  const height = heightFrom(box.jointGirthMm, box.jointWidthMm);
  if (height < LIMITS.heightLow || height > LIMITS.heightShare * box.jointWidthMm)
    out.push({ field: 'jointWidthMm', words: `A girth of ${fig(box.jointGirthMm)} and a width of ${fig(box.jointWidthMm)} mm leave ${fig(height)} mm of height at the joints; ${LIMITS.heightLow} to ${fig(LIMITS.heightShare * box.jointWidthMm)} can be.` }); // prettier-ignore
  return out;
}
/** What cannot be of a maker's scales. */
export function scaleProblems({ length, width }: PointeScale): FieldProblem[] {
  const out: FieldProblem[] = [];
  if (!(length.stepMm > 0 && length.stepMm <= 15))
    out.push({ field: 'length.stepMm', words: `A size is more than 0 and at most 15 mm; ${length.stepMm} was given.` });
  if (!(length.from <= length.to)) out.push({ field: 'length.to', words: `The run ends at ${length.to}, before it begins at ${length.from}.` });
  if (!(width.widthStepMm <= width.girthStepMm / 2 && width.girthStepMm / 2 <= 6)) out.push({ field: 'width.girthStepMm', words: 'A width mark adds at most 12 mm of girth, and of width at most half of its girth.' }); // prettier-ignore
  if (width.marks.length === 0 || new Set(width.marks).size < width.marks.length) out.push({ field: 'width.marks', words: 'Name at least one width mark, narrow first, each once.' }); // prettier-ignore
  return out;
}
