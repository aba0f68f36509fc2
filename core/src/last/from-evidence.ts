import type { EvidenceMark, Grade, Last } from './last';
import type { ToeFamilyId } from './families';
import type { WidthBasis } from './inside';
import { outlineOfTracings } from './outline-of-tracings';
import type { InsoleOutline } from './traced-insole';
import type { Point } from '../shape';

/** One pair, or one shoe of it, measured by somebody; mm, what was not taken is left out. */
export interface InsideReading {
  size: number;
  /** Letters from the last's base width. */
  widthSteps: number;
  side: 'left' | 'right';
  /** Whose hand. */
  who: string;
  lengthMm?: number;
  ballMm?: number;
  heelMm?: number;
  ballGirthMm?: number;
  /** The insole's own line, where it was traced: x forward from the back of the heel, y to the inner side. */
  outline?: readonly Point[];
}

/** What is believed before anything is measured: kind and toe family in the maker's scale. */
export interface LastPrior {
  id: string;
  maker: string;
  name: string;
  family: ToeFamilyId;
  taperShiftMm: number;
  /** A line that was laid before; new tracings take its place. */
  outline?: InsoleOutline;
  widthBasis: WidthBasis;
  /** The last as its kind and label alone would have it. */
  base: Last['base'];
  grade: Grade;
  /** How sure that is: a label or hearsay. */
  mark: Extract<EvidenceMark, 'claimed' | 'unsure' | 'not-seen'>;
}

export interface LastEstimate {
  last: Last;
  /** Readings too far from all the others to be counted, with how far, mm. */
  outliers: { reading: InsideReading; what: Measure; offMm: number }[];
  /** Left less right, mm, where both were measured; they stay apart and are never averaged into one shoe. */
  leftLessRight: { what: Measure; mm: number; sdMm: number }[];
  /** Fields nobody measured: they come from family and kind. */
  filled: string[];
  /** Hands that measured, with how many readings. */
  hands: { who: string; readings: number }[];
}

type Measure = 'lengthMm' | 'ballMm' | 'heelMm' | 'ballGirthMm';

/**
 * Deviations, mm [estimates]: of one reading, of one hand's own way (shared by all its readings), and of what kind and label
 * alone say of the base size; the grade's share is how far the maker's step may be off, of the step.
 */
const DOUBT: Readonly<Record<Measure, { reading: number; hand: number; prior: number; gradeShare: number; name: string }>> = {
  lengthMm: { reading: 1, hand: 0.6, prior: 3.5, gradeShare: 0.12, name: 'length' },
  ballMm: { reading: 0.8, hand: 0.5, prior: 3, gradeShare: 0.4, name: 'ball width' },
  heelMm: { reading: 0.8, hand: 0.5, prior: 2.5, gradeShare: 0.5, name: 'heel width' },
  ballGirthMm: { reading: 2, hand: 1, prior: 6, gradeShare: 0.4, name: 'ball girth' }
};
const MEASURES = Object.keys(DOUBT) as Measure[];
/** A reading this many of its deviations from what all the others say is left out and named. */
const OUTLIER_SD = 3;
/** Hearsay is doubted more than a label, a last nobody saw most of all. */
const MARK_FACTOR: Readonly<Record<LastPrior['mark'], number>> = { claimed: 1, unsure: 1.5, 'not-seen': 2 };

interface Line {
  /** At the base size, and a size. */
  at: number;
  step: number;
  atSd: number;
}

/**
 * One last out of whatever is known: a label alone, one insole, or many sizes by many hands. Each measure is a line over the
 * sizes with a prior from kind and label; readings of one hand share that hand's own error, so ten by one hand are not ten.
 * @throws RangeError when a reading has no figure in it
 * @example lastFromEvidence(prior, []).last.evidence.lengthSdMm // 3.5
 */
export function lastFromEvidence(prior: LastPrior, readings: readonly InsideReading[]): LastEstimate {
  const empty = readings.find((r) => MEASURES.every((m) => r[m] === undefined));
  if (empty) throw new RangeError(`the reading of size ${empty.size} by ${empty.who || 'nobody named'} has no figure in it`);
  const outliers: LastEstimate['outliers'] = [];
  const leftLessRight: LastEstimate['leftLessRight'] = [];
  const lines = {} as Record<Measure, Line>;
  const filled: string[] = [];
  for (const what of MEASURES) {
    const own = readings.filter((r) => r[what] !== undefined);
    if (own.length === 0) filled.push(DOUBT[what].name);
    const { line, off } = lineOf(what, prior, own);
    lines[what] = line;
    outliers.push(...off);
    const apart = sidesApart(
      what,
      prior,
      own.filter((r) => !off.some((o) => o.reading === r)),
      line
    );
    if (apart) leftLessRight.push(apart);
  }
  const { base, grade } = prior;
  const girthMoved = lines.ballGirthMm.at - base.ballGirthMm;
  const lengthMoved = lines.lengthMm.at - base.insoleMm;
  const round = (mm: number): number => Math.round(mm * 100) / 100;
  const measured = readings.length > 0;
  const hands = [...new Set(readings.map((r) => r.who))].map((who) => ({ who, readings: readings.filter((r) => r.who === who).length }));
  const whole = grade.halves === 'width-only' || grade.coarse;
  const sizesOff = (size: number): number => (whole ? Math.floor(size + 1e-9) : size) - base.size;
  const traced = readings.flatMap(({ outline: points, who, size }) =>
    points ? [{ points, who, forFootMm: base.forFootMm + sizesOff(size) * grade.lengthPerSizeMm }] : []
  );
  const outline = outlineOfTracings(traced, prior.taperShiftMm) ?? prior.outline;
  const last: Last = {
    id: prior.id,
    maker: prior.maker,
    name: prior.name,
    family: prior.family,
    taperShiftMm: prior.taperShiftMm,
    ...(outline ? { outline } : {}),
    widthBasis: prior.widthBasis,
    base: {
      ...base,
      // A longer inside with the toe it has is made for a longer foot: the maker's habit.
      forFootMm: round(base.forFootMm + lengthMoved),
      insoleMm: round(lines.lengthMm.at),
      ballWidthMm: round(lines.ballMm.at),
      heelWidthMm: round(lines.heelMm.at),
      ballGirthMm: round(lines.ballGirthMm.at),
      waistGirthMm: round(base.waistGirthMm + girthMoved),
      instepGirthMm: round(base.instepGirthMm + girthMoved)
    },
    grade: { ...grade, lengthPerSizeMm: round(lines.lengthMm.step), girthPerSizeMm: round(lines.ballGirthMm.step) },
    evidence: {
      mark: measured ? 'measured' : prior.mark,
      lengthSdMm: round(lines.lengthMm.atSd),
      widthSdMm: round(lines.ballMm.atSd),
      girthSdMm: round(lines.ballGirthMm.atSd),
      note: measured
        ? `${readings.length} ${readings.length === 1 ? 'reading' : 'readings'} by ${hands.length} ${hands.length === 1 ? 'hand' : 'hands'}${filled.length > 0 ? `; ${filled.join(', ')} from family and kind` : ''}`
        : 'from family, kind and label only'
    }
  };
  return { last, outliers, leftLessRight, filled, hands };
}

const startOf = (what: Measure, { base }: LastPrior): number =>
  ({ lengthMm: base.insoleMm, ballMm: base.ballWidthMm, heelMm: base.heelWidthMm, ballGirthMm: base.ballGirthMm })[what];

/** A measure's growth a size and a letter by the prior's grade, mm. */
function gradeOf(what: Measure, { grade }: LastPrior): { size: number; letter: number } {
  const bottom = (share: number): { size: number; letter: number } => ({
    size: grade.bottomShare * share * grade.girthPerSizeMm,
    letter: grade.bottomShare * (what === 'heelMm' ? 0.25 : 1) * grade.girthPerWidthMm
  });
  if (what === 'lengthMm') return { size: grade.lengthPerSizeMm, letter: 0 };
  if (what === 'ballGirthMm') return { size: grade.girthPerSizeMm, letter: grade.girthPerWidthMm };
  return bottom(what === 'heelMm' ? 0.55 : 1);
}

/** The line with outliers taken out one after another, the furthest first. */
function lineOf(what: Measure, prior: LastPrior, readings: readonly InsideReading[]): { line: Line; off: LastEstimate['outliers'] } {
  const off: LastEstimate['outliers'] = [];
  let kept = [...readings];
  for (;;) {
    const line = posterior(what, prior, kept);
    if (kept.length < 3) return { line, off };
    // Each is judged by what the others say, or a far one would pull the line to itself.
    const judged = kept.map((reading) => {
      const others = posterior(
        what,
        prior,
        kept.filter((r) => r !== reading)
      );
      const offMm = levelOf(what, prior, reading) - (others.at + others.step * (reading.size - prior.base.size));
      return { reading, offMm, sds: Math.abs(offMm) / Math.hypot(DOUBT[what].reading, DOUBT[what].hand, others.atSd) };
    });
    const worst = judged.reduce((a, b) => (b.sds > a.sds ? b : a));
    if (worst.sds < OUTLIER_SD) return { line, off };
    off.push({ reading: worst.reading, what, offMm: worst.offMm });
    kept = kept.filter((r) => r !== worst.reading);
  }
}

/** A reading brought to the base width. */
const levelOf = (what: Measure, prior: LastPrior, r: InsideReading): number => r[what]! - r.widthSteps * gradeOf(what, prior).letter;

/** Normal posterior of the line's height at the base size and its step. */
function posterior(what: Measure, prior: LastPrior, readings: readonly InsideReading[]): Line {
  const doubt = DOUBT[what];
  const step0 = gradeOf(what, prior).size;
  const at0 = startOf(what, prior);
  const priorSd = doubt.prior * MARK_FACTOR[prior.mark];
  const stepSd = Math.max(0.05, doubt.gradeShare * step0);
  let [aa, ab, bb] = [1 / priorSd ** 2, 0, 1 / stepSd ** 2];
  let [ra, rb] = [at0 * aa, step0 * bb];
  for (const who of new Set(readings.map((r) => r.who))) {
    const own = readings.filter((r) => r.who === who);
    // One hand's readings share its own error: inverse of (reading² I + hand² 11ᵀ), by Sherman and Morrison.
    const each = 1 / doubt.reading ** 2;
    const shared = (each * doubt.hand ** 2) / (doubt.reading ** 2 + own.length * doubt.hand ** 2);
    let [sx, sy] = [0, 0];
    for (const r of own) {
      const x = r.size - prior.base.size;
      const y = levelOf(what, prior, r);
      [sx, sy] = [sx + x, sy + y];
      aa += each;
      ab += each * x;
      bb += each * x * x;
      ra += each * y;
      rb += each * x * y;
    }
    aa -= shared * own.length ** 2;
    ab -= shared * own.length * sx;
    bb -= shared * sx * sx;
    ra -= shared * own.length * sy;
    rb -= shared * sx * sy;
  }
  const det = aa * bb - ab * ab;
  return { at: (ra * bb - rb * ab) / det, step: (rb * aa - ra * ab) / det, atSd: Math.sqrt(bb / det) };
}

/** How the left shoes stand to the right ones. */
function sidesApart(what: Measure, prior: LastPrior, readings: readonly InsideReading[], line: Line): LastEstimate['leftLessRight'][number] | null {
  const residual = (side: 'left' | 'right'): number[] =>
    readings.filter((r) => r.side === side).map((r) => levelOf(what, prior, r) - (line.at + line.step * (r.size - prior.base.size)));
  const [left, right] = [residual('left'), residual('right')];
  if (left.length === 0 || right.length === 0) return null;
  const mean = (v: readonly number[]): number => v.reduce((s, x) => s + x, 0) / v.length;
  return { what, mm: mean(left) - mean(right), sdMm: DOUBT[what].reading * Math.sqrt(1 / left.length + 1 / right.length) };
}
