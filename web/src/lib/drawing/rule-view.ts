import { MM_PER, trimNumber, type LengthUnit } from '@chiave/core/measure';

/** The part of the rule in view, foot mm; panning and zooming keep it within what feet are. */
export interface View {
  fromMm: number;
  toMm: number;
}
export const RULE_LIMITS: View = { fromMm: 80, toMm: 360 };
const LEAST_SPAN = 14;

export function clampView({ fromMm, toMm }: View): View {
  const most = RULE_LIMITS.toMm - RULE_LIMITS.fromMm;
  const span = Math.min(most, Math.max(LEAST_SPAN, toMm - fromMm));
  const middle = (fromMm + toMm) / 2;
  const from = Math.min(RULE_LIMITS.toMm - span, Math.max(RULE_LIMITS.fromMm, middle - span / 2));
  return { fromMm: from, toMm: from + span };
}

/** Zooms by a factor (below 1 shows less) with the place `atMm` staying where it is. */
export function zoomed(view: View, factor: number, atMm: number): View {
  return clampView({ fromMm: atMm - (atMm - view.fromMm) * factor, toMm: atMm + (view.toMm - atMm) * factor });
}

export const panned = (view: View, byMm: number): View => clampView({ fromMm: view.fromMm + byMm, toMm: view.toMm + byMm });

/** A view in which every mark stands well inside. */
export function viewAround(marks: readonly number[], span = 64): View {
  const low = Math.min(...marks);
  const high = Math.max(...marks);
  const wide = Math.max(span, (high - low) * 1.6);
  const middle = (low + high) / 2;
  return clampView({ fromMm: middle - wide / 2, toMm: middle + wide / 2 });
}

/** Ticks thin out when there is no room for their words: every n-th label is written. */
export function labelEvery(pixelsPerTick: number, labelPixels: number): number {
  for (const n of [1, 2, 5, 10, 20]) if (pixelsPerTick * n >= labelPixels) return n;
  return 50;
}

/** How the rule is cut: millimetres from tick to tick, ticks to a longer one, longer ones to a figure, and the figure's words. */
export interface Graduation {
  tickMm: number;
  longer: number;
  figure: number;
  words: (mm: number) => string;
}
/** Room of a figure on the brass, and least room between two ticks, px. */
const FIGURE_PX = 46;
const TICK_PX = 3;
const CUT: Readonly<Record<LengthUnit, { tickMm: number; coarseMm: number; longMm: number; places: number }>> = {
  mm: { tickMm: 1, coarseMm: 5, longMm: 5, places: 0 },
  cm: { tickMm: 1, coarseMm: 5, longMm: 5, places: 1 },
  in: { tickMm: MM_PER.in / 16, coarseMm: MM_PER.in / 4, longMm: MM_PER.in / 4, places: 2 }
};

/** @param pixelsPerMm how wide a millimetre is seen */
export function graduation(unit: LengthUnit, pixelsPerMm: number): Graduation {
  const { tickMm, coarseMm, longMm, places } = CUT[unit];
  const tick = tickMm * pixelsPerMm < TICK_PX ? coarseMm : tickMm;
  return {
    tickMm: tick,
    longer: Math.round(longMm / tick),
    figure: labelEvery(longMm * pixelsPerMm, FIGURE_PX),
    words: (mm) => trimNumber(mm / MM_PER[unit], places)
  };
}
