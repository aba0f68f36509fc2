import type { ArchLine } from '../../heel';
import type { Inside } from '../../last';
import type { MeasureId } from '../../measure';
import type { Aids, FootDims } from './given';

/** How a sum begins: which figures stand in it, in their order. */
export type SumHead =
  | { code: 'difference'; shoeMm: number; footMm: number }
  | { code: 'ball-width'; shoeMm: number; insoleMm: number; girthMm: number; footMm: number }
  | { code: 'beside-toes' }
  | { code: 'over-toes'; bigMm: number; bigToeMm: number; littleMm: number; littleToeMm: number }
  | { code: 'flex-line'; shoeMm: number; footMm: number }
  | { code: 'counter'; shoeMm: number; footMm: number }
  | { code: 'over-cleft'; cleftMm: number; throatMm: number }
  | { code: 'arch-line'; archLine: ArchLine; dropMm: number; lengthMm: number }
  | { code: 'under-bone'; boneMm: number; toplineMm: number }
  | { code: 'lift-by-slide'; gapMm: number; stiffness: number }
  | { code: 'lift'; stiffness: number; gripped: boolean };

/** What is taken off, mm; negative where it adds. `foot-state` is what the hour and the weeks did, `toe-tip` the shoe's tip that holds no toes. */
export type SumCode =
  | 'sock'
  | 'insert'
  | 'foot-state'
  | 'heel-grip'
  | 'toe-filler'
  | 'half-insole'
  | 'ball-pad'
  | 'tongue-pad'
  | 'laces'
  | 'stretched'
  | 'hammer-toe'
  | 'toe-spring'
  | 'heel-spread'
  | 'toe-tip'
  | 'slide';
export interface SumTerm {
  code: SumCode;
  mm: number;
}

/** The sum behind a clearance: codes and numbers, no words. */
export interface Sum {
  head: SumHead;
  less: readonly SumTerm[];
  /** Toe that touches first, 0 the big toe, where that makes a difference. */
  firstToe?: number;
}

/** What a sum is written from. */
export interface SumInput {
  /** A measure as it was read, mm, before it was carried into the state in which the shoe is worn. */
  read: (id: MeasureId) => number;
  dims: FootDims;
  inside: Inside;
  aids: Aids;
  /** What sock adds to the outline on a side, and to girths; what the insert takes of depth, and of girths, mm. */
  sockMm: number;
  sockGirthMm: number;
  insertMm: number;
  insertGirthMm: number;
  /** Girth that the heel spreads the ball by, mm. */
  heelSpreadMm: number;
  /** What takes girth at the ball and at the instep, a mm of its thickness; how much of a grip narrows the heel. */
  girthPerPadMm: number;
  girthPerTonguePadMm: number;
  gripNarrows: number;
  basis: 'inside' | 'usable';
  /** What a toe that stands off the ground takes of the depth over the toes. */
  springTakesMm: number;
  /** Where the vamp ends, of the foot's length it is made for; how the shank runs, on which drop. */
  vampAt: number | null;
  archLine: ArchLine | null;
  dropMm: number;
  soleStiffness: number;
  /** What its comparison came out as, mm. */
  planWidthMm: number;
  usableRoomMm: number;
  slideMm: number;
  shorteningMm: number;
  firstToe: number;
}

export const less = (code: SumCode, mm: number): SumTerm => ({ code, mm });

/** The sum of a girth: shoe less foot, sock, insert and what the hour did. @param girthMm of the shoe, null where it is not known */
export function girthSum(x: SumInput, girthMm: number | null, id: MeasureId, worn: number, more: readonly SumTerm[] = []): Sum {
  const footMm = x.read(id);
  return {
    head: { code: 'difference', shoeMm: girthMm ?? NaN, footMm },
    less: [less('sock', x.sockGirthMm), less('insert', x.insertGirthMm), less('foot-state', worn - footMm), ...more]
  };
}
