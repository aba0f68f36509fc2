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
