import { ACCEPTED_LENGTH_MM } from '../measure';

/**
 * Length scales as data. A size is a length seen through a scale: size = (length - zero) / unit,
 * where the length is the foot's, or the last's (the foot's plus an allowance).
 * One `toFootMm` and one `fromFootMm` read every row; the one scale that converts by rule says so.
 */

const INCH = 25.4;
/** One size of length in the British and American scales, a third of an inch, mm. */
export const BARLEYCORN = INCH / 3;
const PARIS_POINT = 20 / 3;
/** Last allowance inside the British rule, 2/3 in. */
const TWO_THIRDS_INCH = (2 / 3) * INCH;

export const CONFIDENCES = ['high', 'medium', 'low'] as const;
export type Confidence = (typeof CONFIDENCES)[number];

export interface School {
  id: string;
  name: string;
  /** Where there is little room; the name when left out. */
  short?: string;
  unitMm: number;
  /** Length of size nought on the school's basis, mm. */
  zeroMm: number;
  basis: 'foot' | 'last';
  /** Last beyond foot, mm; 0 on a foot basis. */
  allowanceMm: number;
  source: string;
}

export interface ScaleDefinition<Id extends string = string> {
  id: Id;
  name: string;
  short: string;
  /** Step of the usual run, in sizes. */
  step: number;
  range: readonly [number, number];
  /** First school is the default. */
  schools: readonly School[];
  /** Present when sizes come from another scale's number, not from a length. */
  rule?: 'au-boot';
  /** Told by the quick box beside whatever is asked. */
  inQuickBox?: true;
  /** From a foot its sizes are good to about one: its schools lie a size apart, and the first is told. */
  coarseFromFoot?: true;
  /** A half size has the whole's length and the next width. */
  halfIsWidth?: true;
  group: 'women' | 'men' | 'kids' | 'all';
  source: string;
  confidence: Confidence;
  /** Words by which it is asked for; where several scales have one, all are meant. */
  words: readonly string[];
  /** Offered as a meaning of a bare number. */
  bare?: true;
  /** Its number is the foot itself, in mm: a bare number is then told once, as a foot. */
  footItself?: true;
  /** Laid along the rule unless a shop chooses. */
  onRule?: true;
  /** Width scale whose letters go with its labels. */
  widthScale?: string;
  /** As what its numbers are turned into Australian boots, where a rule speaks of them. */
  bootGroup?: BootGroup;
  /** Why its schools disagree. */
  disagree?: string;
}
/** Source groups of the Australian boot rule. */
export type BootGroup = 'women' | 'men' | 'kids';

/** A scale of any origin: the published ones, their finer cuts, and those makers define for themselves. */
export type AnyScale = Omit<ScaleDefinition, 'words'> & {
  words?: readonly string[];
  /** Names of a maker's own widths, narrowest first. */
  widths?: readonly string[];
  /** The scale of which this is a finer cut. */
  cutOf?: ScaleId;
};

// prettier-ignore
const onFoot = (id: string, name: string, unitMm: number, zeroMm: number, source: string, short?: string): School => ({
  id, name, ...(short ? { short } : {}), unitMm, zeroMm, basis: 'foot', allowanceMm: 0, source
});
// prettier-ignore
const onLast = (id: string, name: string, unitMm: number, zeroMm: number, allowanceMm: number, source: string): School => ({
  id, name, unitMm, zeroMm, basis: 'last', allowanceMm, source
});

const MEMORY = ', from memory';
const DEVICE = 'practice: the metal measuring device, size 1 is 7 2/3 in' + MEMORY;
const BRITISH = 'British system: adult size 0 is a last of 8 1/3 in, 25 barleycorns' + MEMORY;
const STAMPED = "practice: one maker's boxes, printed centimetres; another maker prints women's 7.5 as men's 6.5";

/** Smallest step that the continental scale is cut in is a third; runs say which they use. */
// prettier-ignore
const DEFINITIONS = [
  {
    id: 'us-w', name: 'US women', short: 'US W', step: 0.5, range: [1, 18], group: 'women', confidence: 'high',
    source: 'practice: men + 1.5 on boxes, men + 1 on the device',
    words: ['us women', 'us womens', "us women's", 'us w', 'usw', 'us-w', 'us', "women's", 'womens', 'women', 'w'], bare: true, onRule: true, inQuickBox: true, widthScale: 'us-letter', bootGroup: 'women',
    disagree: "boxes and sellers say women's is men's + 1.5; the measuring device says + 1; printed centimetres say + 1 and steps of 5 mm",
    schools: [
      onFoot('label', "boxes: men's + 1.5", BARLEYCORN, 20.5 * BARLEYCORN, "practice: sneaker trade's universal rule", 'box'),
      onFoot('device', "measuring device: men's + 1", BARLEYCORN, 21 * BARLEYCORN, DEVICE, 'device'),
      onFoot('stamped', 'printed centimetres', 10, 170, STAMPED, 'printed cm')
    ]
  },
  {
    id: 'us-m', name: 'US men', short: 'US M', step: 0.5, range: [1, 20], group: 'men', confidence: 'high', source: DEVICE,
    words: ['us mens', "us men's", 'us men', 'us m', 'usm', 'us-m', 'us', "men's", 'mens', 'men', 'm'], bare: true, onRule: true, inQuickBox: true, widthScale: 'us-letter', bootGroup: 'men',
    disagree: "boxes and sellers say women's is men's + 1.5; the measuring device says + 1; printed centimetres say + 1 and steps of 5 mm",
    schools: [
      onFoot('device', 'measuring device', BARLEYCORN, 22 * BARLEYCORN, DEVICE, 'device'),
      onFoot('stamped', 'printed centimetres', 10, 180, STAMPED, 'printed cm')
    ]
  },
  {
    id: 'us-child', name: 'US child', short: 'US C', step: 0.5, range: [0, 13.5], group: 'kids', confidence: 'medium',
    source: 'practice: 13.5 is followed by youth 1',
    words: ['us child', 'us c', 'us kids', 'us', 'child', 'kids', 'c'], bare: true, onRule: true, widthScale: 'us-letter',
    disagree: "continuous: men's + 13, so that 13.5 runs into youth 1; historic: men's + 12 1/3, which does not",
    schools: [
      onFoot('continuous', "men's + 13, no jump at the rollover", BARLEYCORN, 9 * BARLEYCORN, 'practice', "men's + 13"),
      onFoot('historic', "men's + 12 1/3, to size 13 only", BARLEYCORN, (22 - 37 / 3) * BARLEYCORN, 'Rossi; weak' + MEMORY, "men's + 12⅓")
    ]
  },
  {
    id: 'us-youth', name: 'US youth', short: 'US Y', step: 0.5, range: [1, 7], group: 'kids', confidence: 'high',
    source: "practice: same numbers as men's; grade-school boxes 3.5 to 7",
    words: ['us youth', 'us y', 'us kids', 'us', 'youth', 'y', 'kids'], bare: true, onRule: true, widthScale: 'us-letter', bootGroup: 'kids',
    schools: [onFoot('standard', "as men's", BARLEYCORN, 22 * BARLEYCORN, DEVICE)]
  },
  {
    id: 'uk', name: 'UK', short: 'UK', step: 0.5, range: [0, 17], group: 'all', confidence: 'high', source: BRITISH,
    words: ['british', 'uk'], bare: true, onRule: true, inQuickBox: true, widthScale: 'uk-fitting',
    schools: [onLast('standard', 'British', BARLEYCORN, 25 * BARLEYCORN, TWO_THIRDS_INCH, BRITISH)]
  },
  {
    id: 'uk-child', name: 'UK child', short: 'UK C', step: 0.5, range: [0, 13.5], group: 'kids', confidence: 'high',
    source: 'British system: child size 0 is a last of 4 in' + MEMORY,
    words: ['uk child', 'uk c', 'uk kids', 'child', 'kids'], bare: true, onRule: true, widthScale: 'uk-fitting',
    schools: [onLast('standard', 'British', BARLEYCORN, 12 * BARLEYCORN, TWO_THIRDS_INCH, 'British system: child 0 is 4 in' + MEMORY)]
  },
  {
    id: 'eu', name: 'continental', short: 'EU', step: 1, range: [15, 52], group: 'all', confidence: 'medium',
    source: 'Paris point 2/3 cm (ISO/TS 19407' + MEMORY + '); allowance: practice. From a foot good to about one size',
    words: ['continental', 'european', 'eur', 'eu'], bare: true, onRule: true, inQuickBox: true, coarseFromFoot: true, widthScale: 'eu-fitting',
    disagree: 'makers give the last 13 to 20 mm over the foot; the label alone does not say which',
    schools: [
      { ...onLast('plus-2-3in', 'allowance 16.9 mm', PARIS_POINT, 0, TWO_THIRDS_INCH, 'practice; passes the EN ISO 20345 EU-to-UK bands'), short: '+ 16.9 mm' },
      { ...onLast('plus-13', 'allowance 13.3 mm, two points', PARIS_POINT, 0, 2 * PARIS_POINT, 'practice'), short: '+ two points' },
      { ...onLast('plus-15', 'allowance 15 mm', PARIS_POINT, 0, 15, 'practice'), short: '+ 15 mm' },
      { ...onLast('plus-20', 'allowance 20 mm', PARIS_POINT, 0, 20, 'practice'), short: '+ 20 mm' }
    ]
  },
  {
    id: 'mondo', name: 'Mondopoint', short: 'Mondo', step: 5, range: ACCEPTED_LENGTH_MM, group: 'all', confidence: 'high', source: 'ISO 9407' + MEMORY,
    words: ['mondopoint', 'mondo', 'mp'], bare: true, footItself: true, onRule: true, inQuickBox: true,
    schools: [onFoot('standard', 'foot length in mm', 1, 0, 'ISO 9407' + MEMORY)]
  },
  {
    id: 'jp', name: 'Japanese', short: 'JP', step: 0.5, range: [8, 40], group: 'all', confidence: 'high', source: 'JIS S 5037' + MEMORY,
    words: ['japanese', 'japan', 'jpn', 'jp'], bare: true, onRule: true, inQuickBox: true, widthScale: 'jp-width',
    schools: [onFoot('standard', 'foot length in cm', 10, 0, 'JIS S 5037' + MEMORY)]
  },
  {
    id: 'kr', name: 'Korean', short: 'KR', step: 5, range: ACCEPTED_LENGTH_MM, group: 'all', confidence: 'high', source: 'Korean standard, foot length in mm' + MEMORY,
    words: ['korean', 'korea', 'kr'], bare: true, footItself: true, onRule: true,
    schools: [onFoot('standard', 'foot length in mm', 1, 0, 'Korean standard' + MEMORY)]
  },
  {
    id: 'cn', name: 'Chinese', short: 'CN', step: 5, range: ACCEPTED_LENGTH_MM, group: 'all', confidence: 'high', source: 'GB/T 3293.1' + MEMORY,
    words: ['chinese', 'china', 'cn'], bare: true, footItself: true, onRule: true,
    schools: [onFoot('standard', 'foot length in mm', 1, 0, 'GB/T 3293.1' + MEMORY)]
  },
  {
    id: 'cn-old', name: 'Chinese, old numbers', short: 'CN old', step: 1, range: [10, 60], group: 'all', confidence: 'high',
    source: 'convention: twice the centimetres less 10',
    words: ['chinese', 'china', 'cn old', 'cn'],
    schools: [onFoot('standard', '2 L(cm) - 10', 5, 50, 'convention')]
  },
  {
    id: 'au-m', name: 'Australian men', short: 'AU M', step: 0.5, range: [0, 17], group: 'men', confidence: 'medium',
    source: 'practice: follows British numbers, varies by maker',
    words: ['au men', 'au m', 'au'], widthScale: 'uk-fitting',
    schools: [onLast('standard', 'as British', BARLEYCORN, 25 * BARLEYCORN, TWO_THIRDS_INCH, 'practice')]
  },
  {
    id: 'au-w', name: 'Australian women', short: 'AU W', step: 0.5, range: [1, 18], group: 'women', confidence: 'low',
    source: "practice: usually US women's numbers, varies by maker",
    words: ['au women', 'au w', 'au'], widthScale: 'us-letter',
    schools: [onFoot('standard', "as US women's boxes", BARLEYCORN, 20.5 * BARLEYCORN, 'practice')]
  },
  {
    id: 'au-boot', name: 'Australian boots, unisex', short: 'AU boot', step: 0.5, range: [0, 17], group: 'all', confidence: 'medium', rule: 'au-boot', halfIsWidth: true,
    source: 'practice: whole lengths as British; a half size is the same length and the next width',
    words: ['australian boot', 'aussie boot', 'au boot', 'au-boot', 'au', 'boot'], bare: true, onRule: true, widthScale: 'uk-fitting',
    disagree: 'the rule goes by the number on the box, the foot goes by its length: start at the rule, then judge by the foot',
    schools: [
      onFoot('minus-3', "women's - 3, men's - 1, kids' - 1", BARLEYCORN, 23 * BARLEYCORN, 'practice'),
      onFoot('guide', "women's - 2.5, men's - 1 to - 1.5", BARLEYCORN, 23 * BARLEYCORN, "practice: a maker's guide")
    ]
  },
  {
    id: 'mx', name: 'Mexican', short: 'MX', step: 0.5, range: [8, 40], group: 'all', confidence: 'low', source: 'practice, weak: about the foot in cm',
    words: ['mexican', 'mx'],
    schools: [onFoot('standard', 'about cm of foot', 10, 0, 'practice, weak')]
  },
  {
    id: 'br', name: 'Brazilian', short: 'BR', step: 1, range: [13, 50], group: 'all', confidence: 'low', source: 'practice, weak: continental - 2',
    words: ['brazilian', 'br'],
    schools: [onLast('standard', 'continental - 2', PARIS_POINT, 2 * PARIS_POINT, TWO_THIRDS_INCH, 'practice, weak')]
  }
] as const satisfies readonly ScaleDefinition[];

export type ScaleId = (typeof DEFINITIONS)[number]['id'];
export type LengthScale = ScaleDefinition<ScaleId>;
export const SCALES: readonly LengthScale[] = DEFINITIONS;
export const SCALE_IDS: readonly ScaleId[] = SCALES.map((s) => s.id);

export const SCALE: Readonly<Record<ScaleId, LengthScale>> = Object.fromEntries(SCALES.map((s) => [s.id, s])) as Record<ScaleId, LengthScale>;

/** Every school name any scale knows; `standard` also means "the scale's default". */
export const SCHOOL_IDS: readonly string[] = [...new Set(['standard', ...SCALES.flatMap((s) => s.schools.map((school) => school.id))])];

/** True for the name of a length scale. */
export const isScaleId = (id: string): id is ScaleId => (SCALE_IDS as readonly string[]).includes(id);

/** The school of that name, or the scale's default when it has none of that name. */
export function schoolOf(scale: Pick<AnyScale, 'schools'>, id?: string): School {
  return scale.schools.find((s) => s.id === id) ?? scale.schools[0];
}

/** Schools between which a scale leaves a choice; none when it has its one rule. */
export const namedSchools = (scale: AnyScale): readonly string[] => (scale.schools.length > 1 ? scale.schools.map((s) => s.id) : []);

/** Foot length a size stands for in a school, mm. @example toFootMm(schoolOf(SCALE.uk), 8) // 262.47 */
export const toFootMm = (school: School, size: number): number => school.zeroMm + size * school.unitMm - school.allowanceMm;

/** Exact size of a foot length in a school. */
export const fromFootMm = (school: School, footMm: number): number => (footMm + school.allowanceMm - school.zeroMm) / school.unitMm;

/** Step in which a scale's labels differ in length: a half that is only a width does not count. */
export const lengthStep = (scale: Pick<AnyScale, 'step' | 'halfIsWidth'>): number => (scale.halfIsWidth ? 1 : scale.step);

/** The part of a size that speaks of length: a half that is a width has the whole's. */
export const lengthSize = (scale: Pick<AnyScale, 'halfIsWidth'>, size: number): number => (scale.halfIsWidth ? Math.floor(size + 1e-9) : size);
