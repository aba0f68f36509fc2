import { gradeLast, type Last } from '@chiave/core/last';
import { trimNumber } from '@chiave/core/measure';
import type { LastScan } from '@chiave/core/scan';

/** Figures of a base that a scanned last tells in whatever size was scanned. */
const OF_BASE = ['waistGirthMm', 'instepGirthMm', 'toeDepthMm', 'littleToeDepthMm'] as const;
/** Figures of the form, which grow with the foot. */
const OF_FORM = ['toeSpringMm', 'instepHeightMm', 'backHeightMm', 'throatLineMm'] as const;

/**
 * What a scanned last, or the inside of a shoe on it, says of the definition, as texts by their fields: told of its base size. What a girth or depth is off by in the size
 * that was scanned it is taken to be off by in the base.
 * @param letters from the base width
 */
export function definitionFrom(last: Last, size: number, letters: number, scan: LastScan): Record<string, string> {
  const inside = gradeLast(last, size, letters);
  const scale = inside.madeForFootMm / last.base.forFootMm;
  const text = (mm: number): string => trimNumber(Math.round(mm * 10) / 10);
  const fields: Record<string, string> = {};
  // What is open in the scan is left as it stands.
  const tell = (field: string, read: number | null, ofBase: (mm: number) => number): void => {
    if (read !== null) fields[field] = text(ofBase(read));
  };
  for (const id of OF_BASE) tell(`base.${id}`, scan[id], (mm) => last.base[id] + mm - inside[id]);
  for (const id of OF_FORM) tell(`form.${id}`, scan[id], (mm) => Math.max(0, mm / scale));
  return fields;
}
