import { deviceStand, INSIDE_MOST_MM, leanOf, type DeviceStand } from '../heel';
import { FLAG } from '../fit';
import type { UsePerson } from './person';
import { chosenOf, numberOf, type Answers, type QuestionId } from './questions';
import { LEAN_LEVER } from './sums';
import { ALL_USES } from './uses';

/** Shoe and device as one system: how far they lean by a short and a long lever, what drop they allow, and the wedge that would level them. */
export interface DeviceOn extends Omit<DeviceStand, 'leanDeg'> {
  dropMm: number;
  leanDeg: { low: number; centre: number; high: number };
  /** Past what the device allows, degrees; 0 within. */
  pastDeg: number;
  /** Drops that keep within what it allows, mm. */
  allowedMm: { low: number; high: number };
  /** What of the missing height goes into the shoe, mm; the rest goes outside or is for another shoe. */
  insideMm: number;
}
const DEG = 180 / Math.PI;
export function deviceOn(dropMm: number, { lengthMm }: Pick<UsePerson, 'lengthMm'>, answers: Answers): DeviceOn {
  const [set, tol] = [numberOf(answers, 'deviceDrop')!, numberOf(answers, 'tol')!];
  const asked = (lever: number) => ({ shoeDropMm: dropMm, deviceDropMm: set, leverMm: lever * lengthMm });
  const stand = deviceStand({ ...asked(LEAN_LEVER.centre), toleranceDeg: tol, adjustable: chosenOf(answers, 'adjustable')![0] === 'yes' });
  const room = LEAN_LEVER.centre * lengthMm * Math.tan(tol / DEG);
  const [low, high] = [leanOf(asked(LEAN_LEVER.low)), leanOf(asked(LEAN_LEVER.high))].sort((a, b) => a - b);
  return {
    ...stand,
    dropMm,
    leanDeg: { low, centre: stand.leanDeg, high },
    pastDeg: Math.max(0, Math.abs(stand.leanDeg) - tol),
    allowedMm: { low: set - room, high: set + room },
    insideMm: Math.min(INSIDE_MOST_MM, stand.wedgeMm)
  };
}
/** What is asked of a device: by the uses that lie over whoever wears one. */
export const DEVICE_QUESTIONS: readonly QuestionId[] = ALL_USES.flatMap((u) => (Array.isArray(u.over) && u.over.every((f) => FLAG[f as keyof typeof FLAG].device) ? u.questions : [])); // prettier-ignore
