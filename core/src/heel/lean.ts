/** A device that was made for one drop, standing in a shoe of another. */
export interface LeanAsked {
  /** Inside the shoe, heel less forefoot with its insole in, mm. */
  shoeDropMm: number;
  deviceDropMm: number;
  /** From heel to ball inside the shoe, mm. */
  leverMm: number;
  /** What the clinician allows, degrees. */
  toleranceDeg?: number;
}
/** What is upright where no clinician has said otherwise, degrees [model]. */
export const UPRIGHT_DEG = 1;
const DEG = 180 / Math.PI;

/** How far a device leans, degrees: forward above nought. */
export const leanOf = ({ shoeDropMm, deviceDropMm, leverMm }: LeanAsked): number => Math.atan((shoeDropMm - deviceDropMm) / leverMm) * DEG;
export const isUpright = (asked: LeanAsked): boolean => Math.abs(leanOf(asked)) <= (asked.toleranceDeg ?? UPRIGHT_DEG);

/** What becomes of a device in a shoe of another drop. */
export const DEVICE_VERDICTS = ['stands', 'with-wedge', 'adjust', 'reject'] as const;
export const LEANS = ['forward', 'back', 'upright'] as const;
export interface DeviceStand {
  leanDeg: number;
  direction: (typeof LEANS)[number];
  /** Thickness of a wedge full under the heel, running to nothing at the ball, mm. */
  wedgeMm: number;
  verdict: (typeof DEVICE_VERDICTS)[number];
}
/** Inside a shoe a wedge is at most so thick; more goes outside, mm (leg-length texts, from memory: 10 to 12). */
export const INSIDE_MOST_MM = 12;

/** How a device stands in a shoe: a shoe too high tips it forward, which no wedge mends; one too low is wedged. */
export function deviceStand(asked: LeanAsked & { adjustable: boolean }): DeviceStand {
  const leanDeg = leanOf(asked);
  if (isUpright(asked)) return { leanDeg, direction: 'upright', wedgeMm: 0, verdict: 'stands' };
  const wedgeMm = Math.max(0, asked.deviceDropMm - asked.shoeDropMm);
  const mended = wedgeMm > 0 && wedgeMm <= INSIDE_MOST_MM;
  return { leanDeg, direction: leanDeg > 0 ? 'forward' : 'back', wedgeMm, verdict: asked.adjustable ? 'adjust' : mended ? 'with-wedge' : 'reject' };
}
