import { AT, type UseAttributeId } from '../attributes';
import { SUM, type InUse, type SumId, type UseSetting } from './sums';
import type { UseShoe } from './shoe';

/** What may be asked of a shoe by itself: an attribute, or a sum for somebody. */
export type FigureId = SumId | UseAttributeId;
/** A figure of one shoe, with the doubt of what nobody looked at. */
export interface UseFigure {
  low: number;
  centre: number;
  high: number;
  /** All it rests on was seen, measured or told by the maker. */
  known: boolean;
}
const POINTS = [0, 1, 2] as const;
/** @returns null while something of the person or the answers was not taken */
export function figureOf(id: FigureId, setting: UseSetting, shoe: UseShoe, load: InUse['load'] = null): UseFigure | null {
  const summed = id in SUM ? SUM[id as SumId] : null;
  const reads = summed ? summed.reads : [id as UseAttributeId];
  const of = summed ? summed.of({ ...setting, load }) : ({ point }: { point: number }) => shoe.points[3 * AT[id as UseAttributeId] + point];
  const three = of && POINTS.map((point) => of({ shoe, point, roomMm: null }));
  if (!three || three.some((v) => v === null)) return null;
  const figures = three as number[];
  return { low: Math.min(...figures), centre: figures[1], high: Math.max(...figures), known: reads.every((r) => shoe.known[AT[r]] > 0) };
}
