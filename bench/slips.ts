import { findSlips, judgeJointly, sidesExchanged, type JointValue } from '../core/src/measure';
import { seeded } from '../demo/random';
import { honestFeet, withSlip } from './honest-feet';

/** How well slips of the tape are found, on feet from a generator other than the check's own model. */
export interface SlipFigures {
  sets: number;
  falseAlarms: number;
  /** Slips that moved a value by more than five of its conditional deviations, and how many were found as that value. */
  made: number;
  found: number;
  /** Of those found, how many were named with their cause and offered the right value within 1 %. */
  explained: number;
  ballForWaist: number;
  exchanged: { found: number; falsely: number };
}

export function slipFigures(sets: number, seed = 7): SlipFigures {
  const random = seeded(seed).uniform;
  const figures: SlipFigures = { sets, falseAlarms: 0, made: 0, found: 0, explained: 0, ballForWaist: 0, exchanged: { found: 0, falsely: 0 } };
  for (let n = 0; n < sets; n++) {
    const honest = honestFeet(random);
    if (findSlips(honest).length > 0) figures.falseAlarms++;

    const { at, values } = withSlip(honest, random);
    const before = judgeJointly(honest).each[at];
    const moved = Math.abs(values[at].mm - honest[at].mm) / before.conditionalSdMm;
    if (moved > 5) {
      figures.made++;
      const slip = findSlips(values).find((s) => s.side === values[at].side && s.id === values[at].id);
      if (slip) figures.found++;
      if (slip?.offerMm && Math.abs(slip.offerMm / honest[at].mm - 1) < 0.01) figures.explained++;
    }

    const waist = honest.findIndex((v) => v.side === 'left' && v.id === 'waistGirthMm');
    const ball = honest.find((v) => v.side === 'left' && v.id === 'ballGirthMm')!;
    const confused = honest.map((v, i) => (i === waist ? { ...v, mm: ball.mm } : v));
    if (findSlips(confused).some((s) => s.side === 'left')) figures.ballForWaist++;

    // The same feet a year later, read anew; then with the sides exchanged.
    const later = honest.map((v) => ({ ...v, mm: v.mm + Math.round((random() - 0.5) * 3 * v.sdMm) }));
    if (sidesExchanged(later, honest)!.asked) figures.exchanged.falsely++;
    const crossed: JointValue[] = later.map((v) => ({ ...v, side: v.side === 'left' ? 'right' : 'left' }));
    if (sidesExchanged(crossed, honest)!.asked) figures.exchanged.found++;
  }
  return figures;
}
