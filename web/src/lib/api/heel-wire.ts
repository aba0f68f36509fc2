import type { HeelMade } from '@chiave/core/heel';
import type { z } from 'zod';
import type { heelMadeSchema } from './heel-schema';

/** A heel as it is sent. */
export type HeelSent = z.infer<typeof heelMadeSchema>;

/** A heel as the core takes it. */
export const heelIn = (sent: HeelSent & { capMm?: number }): HeelMade => ({
  heelHeightMm: sent.heelHeightMm,
  platformMm: sent.platformMm,
  heel: sent.heelShape,
  tip: { widthMm: sent.tipWidthMm, lengthMm: sent.tipLengthMm, section: sent.tipSection },
  setbackMm: sent.tipSetbackMm,
  seatWedgeDeg: sent.seatWedgeDeg,
  hold: sent.hold,
  capMm: sent.capMm
});

/** A heel as it is sent, without what is done to it. */
export const heelOut = ({ heelHeightMm, platformMm, heel, tip, setbackMm, seatWedgeDeg, hold }: HeelMade): HeelSent => ({
  heelHeightMm,
  platformMm,
  heelShape: heel,
  tipWidthMm: tip?.widthMm,
  tipLengthMm: tip?.lengthMm,
  tipSection: tip?.section,
  tipSetbackMm: setbackMm,
  seatWedgeDeg,
  hold
});
