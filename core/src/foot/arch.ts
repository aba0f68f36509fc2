/**
 * Arch class by published indices. Every index has its own set-up and its own limits; a figure of one is never graded with
 * another's. Figures from memory.
 */
export type ArchClass = 'low' | 'lowered' | 'normal' | 'high';

export interface ArchBand {
  /** Values below this belong to the band; the last band has no end. */
  below: number;
  name: string;
  arch: ArchClass;
}

export interface ArchIndex {
  id: string;
  name: string;
  /** What goes in, in words, and how it is worked out. */
  setup: string;
  bands: readonly ArchBand[];
  source: string;
}

// prettier-ignore
export const ARCH_INDICES: readonly ArchIndex[] = [
  {
    id: 'arch-height', name: 'arch height index', setup: 'top of the foot at half its length over heel-to-ball length, at a tenth of the weight: read seated',
    bands: [{ below: 0.275, name: 'low', arch: 'low' }, { below: 0.356, name: 'ordinary', arch: 'normal' }, { below: Infinity, name: 'high', arch: 'high' }],
    source: 'Williams and McClay 2000; limits of 1.5 deviations, Williams, McClay and Hamill 2001, from memory'
  },
  {
    id: 'midfoot-heel', name: 'midfoot over heel width of the wet print', setup: 'narrowest of the middle over widest of the heel',
    bands: [{ below: 0.3, name: 'narrower than ordinary', arch: 'high' }, { below: 1, name: 'ordinary for an adult', arch: 'normal' }, { below: Infinity, name: 'broader than ordinary', arch: 'low' }],
    source: 'Staheli, Chew and Corbett 1987, adults 0.3 to 1.0, from memory'
  },
  {
    id: 'print-area', name: 'area of the middle third of the wet print', setup: 'middle third over the whole print without toes',
    bands: [{ below: 0.21, name: 'high', arch: 'high' }, { below: 0.2600001, name: 'ordinary', arch: 'normal' }, { below: Infinity, name: 'low', arch: 'low' }],
    source: 'Cavanagh and Rodgers 1987, from memory'
  },
  {
    id: 'midfoot-forefoot', name: 'midfoot over forefoot width of the wet print', setup: 'narrowest of the middle over widest of the forefoot, in hundredths',
    bands: [{ below: 30, name: 'ordinary', arch: 'normal' }, { below: 40, name: 'between', arch: 'lowered' }, { below: 45, name: 'lowered', arch: 'lowered' }, { below: Infinity, name: 'flat', arch: 'low' }],
    source: 'Forriol and Pascual 1990, from memory'
  },
  {
    id: 'navicular-drop', name: 'navicular drop', setup: 'height of the bump on the inner side, seated less standing, mm',
    bands: [{ below: 10.0001, name: 'ordinary', arch: 'normal' }, { below: 15.0001, name: 'more than ordinary', arch: 'lowered' }, { below: Infinity, name: 'much', arch: 'low' }],
    source: 'Brody 1982: about 10 mm normal, over 15 abnormal, from memory'
  }
];

export interface ArchReading {
  index: ArchIndex;
  value: number;
  band: ArchBand;
  sum: string;
}

/** Grades a value of one index. @throws RangeError for an index that is not there or a value that is not a number */
export function gradeArch(id: string, value: number, sum = ''): ArchReading {
  const index = ARCH_INDICES.find((i) => i.id === id);
  if (!index) throw new RangeError(`there is no arch index “${id}”; there are ${ARCH_INDICES.map((i) => i.id).join(', ')}`);
  if (!Number.isFinite(value) || value < 0) throw new RangeError(`${index.name} is a number from nought up`);
  return { index, value, band: index.bands.find((b) => value < b.below)!, sum };
}

/** What was taken of an arch; whatever is there is graded. */
export interface ArchMeasures {
  ballLengthMm?: number;
  archSeatedMm?: number;
  navicularSeatedMm?: number;
  navicularStandingMm?: number;
  /** Wet print: narrowest of the middle, widest of heel and forefoot, mm. */
  print?: { midfootMm?: number; heelMm?: number; forefootMm?: number; middleThirdShare?: number };
}

/**
 * Every index that the measures allow, each with its sum.
 * @example archReadings({ ballLengthMm: 180, archSeatedMm: 66 })[0].band.name // 'high'
 */
export function archReadings({ ballLengthMm, archSeatedMm, navicularSeatedMm, navicularStandingMm, print }: ArchMeasures): ArchReading[] {
  const found: ArchReading[] = [];
  const over = (id: string, a: number | undefined, b: number | undefined, times = 1): void => {
    if (a === undefined || b === undefined || b <= 0) return;
    const value = (times * a) / b;
    found.push(gradeArch(id, value, `${a} / ${b} = ${value.toFixed(times === 1 ? 3 : 1)}`));
  };
  over('arch-height', archSeatedMm, ballLengthMm);
  over('midfoot-heel', print?.midfootMm, print?.heelMm);
  over('midfoot-forefoot', print?.midfootMm, print?.forefootMm, 100);
  if (print?.middleThirdShare !== undefined) found.push(gradeArch('print-area', print.middleThirdShare, `${print.middleThirdShare}`));
  if (navicularSeatedMm !== undefined && navicularStandingMm !== undefined) {
    const drop = navicularSeatedMm - navicularStandingMm;
    if (drop >= 0) found.push({ ...gradeArch('navicular-drop', drop), sum: `${navicularSeatedMm} - ${navicularStandingMm} = ${drop.toFixed(1)} mm` });
  }
  return found;
}

/** The six marks of the posture score, each -2 to +2. Entered as a clinician or trained fitter scored them; not a diagnosis. */
export const POSTURE_ITEMS = [
  'talar head',
  'curves at the outer ankle',
  'heel bone from behind',
  'bulge at the inner middle',
  'inner arch',
  'forefoot turned out'
] as const;

// prettier-ignore
const POSTURE_BANDS: readonly { from: number; name: string }[] = [
  { from: 10, name: 'highly pronated' }, { from: 6, name: 'pronated' }, { from: 0, name: 'normal' }, { from: -4, name: 'supinated' }, { from: -12, name: 'highly supinated' }
];
export const POSTURE_SOURCE = 'Redmond, Crosbie and Ouvrier 2006, from memory';

/**
 * The posture score of six marks and its band.
 * @throws RangeError unless there are six whole marks from -2 to +2
 * @example postureScore([1, 1, 1, 1, 1, 1]) // { score: 6, band: 'pronated' }
 */
export function postureScore(marks: readonly number[]): { score: number; band: string } {
  if (marks.length !== 6 || marks.some((m) => !Number.isInteger(m) || m < -2 || m > 2)) throw new RangeError('six marks, each a whole number from -2 to +2');
  const score = marks.reduce((sum, m) => sum + m, 0);
  return { score, band: POSTURE_BANDS.find((b) => score >= b.from)!.name };
}
