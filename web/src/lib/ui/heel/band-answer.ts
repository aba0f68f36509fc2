import { CAPS, DISCIPLINE, REACH_SCHOOLS, type DisciplineId, type HeelBand, type Level, type progress, type ReachSchool } from '@chiave/core/heel';
import { formatLength, type LengthUnit } from '@chiave/core/measure';

/** How a limit is known, as it is written to somebody. */
export const CAP_MARKS = { standard: 'published', practice: 'practice', model: 'our estimate' } as const;
export const capName = (id: string): string => CAPS.find((c) => c.id === id)!.name;

/** What an answer about heights is made of. */
export interface BandAnswered {
  who: string | null;
  lengthMm: number;
  reachDeg: number | null;
  school: ReachSchool;
  relaxedDropMm: number | null;
  discipline: DisciplineId;
  level: Level;
  platformMm: number;
  band: HeelBand;
  steps: ReturnType<typeof progress>;
}

/** The band of heights as a letter: how high, every limit with how it is known, the way there, and who is asked first. */
export function bandAnswer(
  { who, lengthMm, reachDeg, school, relaxedDropMm, discipline, level, platformMm, band, steps }: BandAnswered,
  unit: LengthUnit
): string {
  const mm = (value: number): string => formatLength(Math.round(value), unit);
  const range = band.lowMm > 0 ? `${mm(band.lowMm)} to ${mm(band.highMm)}` : `up to ${mm(band.highMm)}`;
  const reach = reachDeg === null ? 'the reach of the ankle was not measured' : `the ankle points ${reachDeg}°, taken as “${REACH_SCHOOLS.find((s) => s.id === school)!.name}”`; // prettier-ignore
  return [
    `${who ?? 'A foot'}, ${formatLength(lengthMm, unit)} long; ${reach}${relaxedDropMm === null ? '' : `; relaxed drop ${mm(relaxedDropMm)}`}.`,
    band.conflict
      ? `For ${DISCIPLINE[discipline].name}, ${level}: nothing is left. It asks for ${mm(band.lowMm)}, and ${mm(band.highMm)} is the most (${capName(band.binding)}).`
      : `For ${DISCIPLINE[discipline].name}, ${level}: ${range}${platformMm > 0 ? `, on a platform of ${mm(platformMm)}` : ''}. What decides: ${capName(band.binding)}.`,
    'Limits, the lowest first:',
    ...band.caps.map((c) => `- ${mm(c.valueMm)}: ${capName(c.cap)} (${CAP_MARKS[c.mark]}${c.hard ? ', firm' : ''})`),
    ...(steps.steps.length > 1 ? [`The way there: ${steps.steps.map((s) => mm(s.dropMm)).join(', ')} of drop, some ${steps.months.toFixed(1)} months, each lower pair kept. Another school goes there at once, for class only.`] : []), // prettier-ignore
    'Advice, not diagnosis: clinicians, teachers, makers and the rules of a studio come first. Pain or numb toes mean stop.'
  ].join('\n');
}
