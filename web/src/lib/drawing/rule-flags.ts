/** A flag's plate and how near two of them may stand, px. */
export const FLAG = { width: 96, height: 32, apart: 102, tongue: 12 } as const;

export interface Flag {
  /** Middle of its plate. */
  at: number;
  /** On which side of its line its tongue hangs down: the first flag's to the left, the last one's to the right, any other's astride. */
  side: -1 | 0 | 1;
}

/**
 * Lays the flags of marks side by side where their places stand close.
 * @param places where the marks stand, px
 * @returns a flag for each place, in the same order
 */
export function layFlags(places: readonly number[]): Flag[] {
  const order = places.map((place, i) => ({ i, place, at: place })).sort((p, q) => p.place - q.place);
  for (let k = 1; k < order.length; k++) order[k].at = Math.max(order[k].at, order[k - 1].at + FLAG.apart);
  const drift = order.reduce((sum, f) => sum + f.at - f.place, 0) / Math.max(1, order.length);
  const flags: Flag[] = [];
  order.forEach((f, k) => (flags[f.i] = { at: f.at - drift, side: order.length === 1 ? 0 : k === 0 ? -1 : k === order.length - 1 ? 1 : 0 }));
  return flags;
}

/** Outline of a flag whose tongue ends at its place on the rule's lower edge. */
export function flagPath({ at, side }: Flag, place: number, top: number, foot: number): string {
  const half = FLAG.width / 2;
  const bottom = top + FLAG.height;
  // The tongue leaves the plate within its edge, however far the place has moved from it.
  const within = (v: number): number => Math.min(at + half - 8, Math.max(at - half + 8, v));
  const [left, right] = [place - FLAG.tongue * (side === 0 ? 0.5 : side < 0 ? 1 : 0), place + FLAG.tongue * (side === 0 ? 0.5 : side > 0 ? 1 : 0)];
  const [from, to] = [within(left - 6), within(right + 6)];
  return (
    `M${at - half + 7} ${top}H${at + half - 7}a7 7 0 0 1 7 7V${bottom - 7}a7 7 0 0 1 -7 7H${Math.max(to, from + 4)}L${right} ${bottom + 18}V${foot}H${left}V${bottom + 18}` +
    `L${from} ${bottom}H${at - half + 7}a7 7 0 0 1 -7 -7V${top + 7}a7 7 0 0 1 7 -7Z`
  );
}
