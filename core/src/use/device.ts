import type { UsePerson } from './person';
import { numberOf, type Answers } from './questions';
import { LEAN_LEVER, leanDeg } from './sums';

/** Shoe and device as one system: how far they lean, what drop they allow, and the wedge that would level them. */
export interface DeviceStand {
  dropMm: number;
  leanDeg: { low: number; centre: number; high: number };
  direction: 'forward' | 'back' | 'upright';
  /** Past what the device allows, degrees; 0 within. */
  pastDeg: number;
  /** Drops that keep within what it allows, mm. */
  allowedMm: { low: number; high: number };
  /** Under the heel inside, mm; negative: so much too high already. */
  wedgeMm: number;
}
/** No wedge inside a shoe is higher, mm [practice]. */
export const MOST_WEDGE_MM = 10;
/** A lean under this is upright, degrees. */
const UPRIGHT_DEG = 0.3;
const DEG = 180 / Math.PI;
export function deviceOn(dropMm: number, { lengthMm }: Pick<UsePerson, 'lengthMm'>, answers: Answers): DeviceStand {
  const [set, tol] = [numberOf(answers, 'deviceDrop')!, numberOf(answers, 'tol')!];
  const lean = (lever: number): number => leanDeg(dropMm, set, lengthMm, lever);
  const centre = lean(LEAN_LEVER.centre);
  const room = LEAN_LEVER.centre * lengthMm * Math.tan(tol / DEG);
  const ends = [lean(LEAN_LEVER.low), lean(LEAN_LEVER.high)].sort((a, b) => a - b);
  return {
    dropMm,
    leanDeg: { low: ends[0], centre, high: ends[1] },
    direction: Math.abs(centre) < UPRIGHT_DEG ? 'upright' : centre > 0 ? 'forward' : 'back',
    pastDeg: Math.max(0, Math.abs(centre) - tol),
    allowedMm: { low: set - room, high: set + room },
    wedgeMm: set - dropMm
  };
}
