/** Units in which a scanner may write, and what one of each is, mm. */
export const SCAN_UNITS = [
  { id: 'mm', name: 'millimetres', mm: 1 },
  { id: 'cm', name: 'centimetres', mm: 10 },
  { id: 'in', name: 'inches', mm: 25.4 },
  { id: 'm', name: 'metres', mm: 1000 }
] as const;
export type ScanUnit = (typeof SCAN_UNITS)[number];

/** Longest edges that a foot with or without its leg may have, those taken without asking, and those that are likeliest, mm [model]. */
const MAY_BE: readonly [number, number] = [80, 480];
const TAKEN: readonly [number, number] = [140, 360];
const LIKELY: readonly [number, number] = [190, 330];

const within = (mm: number, [low, high]: readonly [number, number]): boolean => mm >= low && mm <= high;

/**
 * In which unit a scan is written, by how long it is.
 * @param longest edge of its box, in its own unit
 * @returns the unit where only one comes into question and the length is a foot's; else those to be asked about, likeliest first
 */
export function unitsOf(longest: number): { taken: ScanUnit } | { ask: ScanUnit[] } {
  const may = SCAN_UNITS.filter(({ mm }) => within(longest * mm, MAY_BE));
  if (may.length === 1 && within(longest * may[0].mm, TAKEN)) return { taken: may[0] };
  const rank = ({ mm }: ScanUnit): number => (within(longest * mm, LIKELY) ? 0 : within(longest * mm, TAKEN) ? 1 : 2);
  return { ask: [...may].sort((a, b) => rank(a) - rank(b)) };
}
