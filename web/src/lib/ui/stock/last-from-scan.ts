import { gradeLast, type Last } from '@chiave/core/last';
import { trimNumber } from '@chiave/core/measure';
import type { LastScan } from '@chiave/core/scan';

/** Figures of a base that a scanned last tells in whatever size was scanned. */
const OF_BASE = ['waistGirthMm', 'instepGirthMm', 'toeDepthMm', 'littleToeDepthMm'] as const;
/** Figures of the form, which grow with the foot. */
const OF_FORM = ['toeSpringMm', 'instepHeightMm'] as const;

/**
 * What a scanned last says of its definition, as texts by their fields: told of its base size. What a girth or depth is off by in the size
 * that was scanned it is taken to be off by in the base.
 * @param letters from the base width
 */
export function definitionFrom(last: Last, size: number, letters: number, scan: LastScan): Record<string, string> {
  const inside = gradeLast(last, size, letters);
  const scale = inside.madeForFootMm / last.base.forFootMm;
  const text = (mm: number): string => trimNumber(Math.round(mm * 10) / 10);
  return Object.fromEntries([
    ...OF_BASE.map((id) => [`base.${id}`, text(last.base[id] + scan[id] - inside[id])]),
    ...OF_FORM.map((id) => [`form.${id}`, text(Math.max(0, scan[id] / scale))])
  ]) as Record<string, string>;
}
