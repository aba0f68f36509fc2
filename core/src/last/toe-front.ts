import { INNER_SHARE, OUTER_SHARE } from '../shape';
import { TOE_FAMILIES, type ToeFamilyId } from './families';
import { SHOE_PLAN } from './shoe-plan';
import { curveTable, type CurveTable } from './toe-curve';

/** One side of a shoe in front of where it tapers, free of size: a toe family's, or one that was traced. */
export interface FrontSide {
  table: CurveTable;
  /** Length of the toe's curve, of the foot length the size is made for. */
  taper: number;
  /** Half-width where it begins and at the tip, of the ball width. */
  atTaper: number;
  tip: number;
}

/** Both sides of a shoe's toe. */
export interface ToeFront {
  inner: FrontSide;
  outer: FrontSide;
}

const fronts = new Map<ToeFamilyId, ToeFront>(
  TOE_FAMILIES.map((f) => {
    const table = curveTable(f.id);
    return [
      f.id,
      {
        inner: { table, taper: f.innerTaper, atTaper: SHOE_PLAN.innerAtTaper * INNER_SHARE, tip: f.peak + f.flat },
        outer: { table, taper: f.outerTaper, atTaper: SHOE_PLAN.outerAtTaper * OUTER_SHARE, tip: f.flat - f.peak }
      }
    ];
  })
);

/** The toe of a family. */
export const familyFront = (family: ToeFamilyId): ToeFront => fronts.get(family)!;
