import { SCALE, formatSize, fromFootMm, toFootMm, type AnyScale, type ScaleId, type School } from '@chiave/core/size';

/** The strips laid along the rule in the Sizes step, in order. */
export const STRIPS: readonly ScaleId[] = ['us-w', 'us-m', 'us-youth', 'us-child', 'uk', 'uk-child', 'eu', 'mondo', 'jp', 'kr', 'cn', 'au-boot'];

export interface Tick {
  mm: number;
  label: string;
  whole: boolean;
}
export interface Strip {
  scale: string;
  name: string;
  rows: { school: School; ticks: Tick[] }[];
  /** Where schools put one and the same size, for the size nearest the foot. */
  gap: { label: string; lowMm: number; highMm: number } | null;
  inRange: boolean;
}

/**
 * The ticks of a scale between two foot lengths, one row a school, and the gap between the schools at a foot.
 * @param of a scale of the tables, or a maker's own
 * @param fromMm,toMm the part of the rule shown
 * @param atMm the foot at which the schools are compared
 */
export function stripOf(of: ScaleId | AnyScale, fromMm: number, toMm: number, atMm: number): Strip {
  const scale: AnyScale = typeof of === 'string' ? SCALE[of] : of;
  // A boot's half is a width: its strip has whole lengths only.
  const step = scale.rule ? 1 : scale.step;
  const [low, high] = scale.range;
  const shown = scale.rule ? scale.schools.slice(0, 1) : scale.schools;
  const rows = shown.map((school) => {
    const ticks: Tick[] = [];
    const first = Math.max(low, Math.ceil(fromFootMm(school, fromMm) / step) * step);
    const last = Math.min(high, fromFootMm(school, toMm));
    for (let i = 0; first + i * step <= last + 1e-9; i++) {
      const size = first + i * step;
      ticks.push({ mm: toFootMm(school, size), label: formatSize(size, step), whole: step >= 1 || Math.abs(size - Math.round(size)) < 1e-6 });
    }
    return { school, ticks };
  });
  const size = Math.round(fromFootMm(shown[0], atMm) / step) * step;
  const inRange = size >= low && size <= high;
  const places = shown.map((school) => toFootMm(school, size));
  const gap = shown.length > 1 && inRange ? { label: formatSize(size, step), lowMm: Math.min(...places), highMm: Math.max(...places) } : null;
  return { scale: scale.id, name: scale.name, rows, gap, inRange };
}
