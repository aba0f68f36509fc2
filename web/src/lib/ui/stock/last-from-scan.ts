import { gradeLast, type Last } from '@chiave/core/last';
import { trimNumber } from '@chiave/core/measure';
import type { LastScan, LastScanId } from '@chiave/core/scan';

interface ScanFigure {
  id: LastScanId;
  name: string;
  /** Where it goes in the definition: among the figures of the base, or of the form, which grow with the foot; with the reading where neither. */
  goes: 'base' | 'form' | 'reading';
  /** Told of what is open only. */
  topline?: true;
}
/** What a scan of a last or of an inside says beside its line, in the order in which it is shown. */
export const SCAN_FIGURES = [
  { id: 'ballGirthMm', name: 'ball girth', goes: 'reading' },
  { id: 'waistGirthMm', name: 'waist girth', goes: 'base' },
  { id: 'instepGirthMm', name: 'instep girth', goes: 'base' },
  { id: 'toeDepthMm', name: 'depth at the big toe', goes: 'base' },
  { id: 'littleToeDepthMm', name: 'depth at the little toe', goes: 'base' },
  { id: 'instepHeightMm', name: 'instep height', goes: 'form' },
  { id: 'toeSpringMm', name: 'toe spring', goes: 'form' },
  { id: 'backHeightMm', name: 'back height', goes: 'form', topline: true },
  { id: 'throatLineMm', name: 'throat line from the heel', goes: 'form', topline: true }
] as const satisfies readonly ScanFigure[];
type FigureOf<G extends ScanFigure['goes']> = Extract<(typeof SCAN_FIGURES)[number], { goes: G }>;
const goingTo = <G extends ScanFigure['goes']>(goes: G): FigureOf<G>[] => SCAN_FIGURES.filter((f): f is FigureOf<G> => f.goes === goes);

/**
 * What a scanned last, or the inside of a shoe on it, says of the definition, as texts by their fields: told of its base size. What a girth or
 * depth is off by in the size that was scanned it is taken to be off by in the base.
 * @param letters from the base width
 */
export function definitionFrom(last: Last, size: number, letters: number, values: LastScan['values']): Record<string, string> {
  const inside = gradeLast(last, size, letters);
  const scale = inside.madeForFootMm / last.base.forFootMm;
  const fields: Record<string, string> = {};
  // What is open in the scan is left as it stands.
  const tell = (field: string, id: LastScanId, ofBase: (mm: number) => number): void => {
    const read = values[id];
    if (read) fields[field] = trimNumber(Math.round(ofBase(read.mm) * 10) / 10);
  };
  for (const { id } of goingTo('base')) tell(`base.${id}`, id, (mm) => last.base[id] + mm - inside[id]);
  for (const { id } of goingTo('form')) tell(`form.${id}`, id, (mm) => Math.max(0, mm / scale));
  return fields;
}
