import type { JointValue, MeasureId, Side } from '../core/src/measure';

/**
 * Honest feet from a generator of its own, for trying the check on: it shares neither form nor figures with the check's
 * model. A foot is built up from stature and build with additive millimetres, Student's t with six degrees instead of normal,
 * two body types, and readings rounded as hands round them.
 */
export type Random = () => number;

const normal = (random: Random): number => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
/** Student's t with six degrees of freedom, scaled to deviation 1. */
function heavy(random: Random): number {
  let square = 0;
  for (let i = 0; i < 6; i++) square += normal(random) ** 2;
  return normal(random) / Math.sqrt(square / 6) / Math.sqrt(1.5);
}

/** The eight commonest measures of a visit. */
export const COMMON: readonly MeasureId[] = [
  'lengthMm',
  'ballLengthMm',
  'outerBallLengthMm',
  'ballWidthMm',
  'heelWidthMm',
  'ballGirthMm',
  'waistGirthMm',
  'instepGirthMm'
];
const READ_SD: Partial<Record<MeasureId, number>> = { ballGirthMm: 3, waistGirthMm: 3, instepGirthMm: 3 };

/** Both feet of one person, as read. */
export function honestFeet(random: Random): JointValue[] {
  const man = random() < 0.5;
  const lengthMm = man ? 269.7 + 13.1 * heavy(random) : 244.4 + 12.2 * heavy(random);
  const breadth = (man ? 100.6 : 89.7) + 0.22 * (lengthMm - (man ? 269.7 : 244.4)) + 3.6 * heavy(random);
  const girth = breadth * 2.47 + 4.2 * heavy(random);
  const flat = random() < 0.25 ? -5 : 1.5;
  const person: Record<string, number> = {
    lengthMm,
    ballLengthMm: 0.73 * lengthMm + 2.6 * heavy(random),
    outerBallLengthMm: 0.637 * lengthMm + 3 * heavy(random),
    ballWidthMm: breadth,
    heelWidthMm: 0.55 * breadth + 0.045 * lengthMm + 2.1 * heavy(random),
    ballGirthMm: girth,
    waistGirthMm: 0.965 * girth + 3.2 * heavy(random) + flat,
    instepGirthMm: 0.99 * girth + 4 * heavy(random) + flat
  };
  return (['left', 'right'] as const).flatMap((side: Side) => {
    const longer = 1.6 * heavy(random);
    return COMMON.map((id) => {
      const own = person[id] + longer * (person[id] / lengthMm) + (id === 'lengthMm' ? 0 : 0.009 * person[id] * heavy(random));
      const sdMm = READ_SD[id] ?? 1.5;
      return { side, id, mm: Math.round(own + 0.75 * sdMm * normal(random)), sdMm };
    });
  });
}

/** A single slip made on purpose, and what it did. */
export interface MadeSlip {
  kind: 'unit' | 'digits';
  at: number;
  values: JointValue[];
}

/** The same set with one value spoiled: its unit swapped or its leading figures exchanged. */
export function withSlip(values: readonly JointValue[], random: Random): MadeSlip {
  const at = Math.floor(random() * values.length);
  const { mm } = values[at];
  const text = `${mm}`;
  const kind = random() < 0.5 ? 'unit' : 'digits';
  const swapped = Number(text[1] + text[0] + text.slice(2));
  const units = [2.54, 1 / 2.54, 10, 0.1, 25.4, 1 / 25.4];
  const spoiled = kind === 'unit' ? mm * units[Math.floor(random() * units.length)] : swapped;
  return { kind, at, values: values.map((v, i) => (i === at ? { ...v, mm: spoiled } : v)) };
}
