import type { DeviceOn } from '@chiave/core/use';

/** How a device stands in a shoe, in words: `stands upright`, `leans back 3.0°, 1.5° past what the device allows`. */
export function leanWords({ direction, leanDeg, pastDeg }: Pick<DeviceOn, 'direction' | 'leanDeg' | 'pastDeg'>): string {
  if (direction === 'upright') return 'stands upright, within what the device allows';
  return `leans ${direction} ${Math.abs(leanDeg.centre).toFixed(1)}°, ${pastDeg.toFixed(1)}° past what the device allows`;
}
