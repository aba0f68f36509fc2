/**
 * What else is taken of a foot, beside the measures that make its outline and girths: each is kept as it was read and used
 * where a bench asks for it; none is filled in when it is missing.
 */
/** Units of what is taken: how each stands behind a figure, is called, and is coded in files. Only a length may be typed in any unit of length. */
export const TAKEN_UNITS = {
  mm: { behind: ' mm', name: 'mm', code: 'mm', isLength: true, ask: 'a length' },
  '°': { behind: '°', name: 'degree', code: 'deg', isLength: false, ask: 'an angle. Write it in degrees, as 65' },
  '×': { behind: ' times', name: 'time', code: 'times', isLength: false, ask: 'a number of times. Write it as 18' }
} as const;
export type TakenUnitId = keyof typeof TAKEN_UNITS;

export interface ExtraDefinition<Id extends string = string> {
  id: Id;
  name: string;
  definition: string;
  unit: TakenUnitId;
  /** What can be at all. */
  range: readonly [number, number];
  /** Standard deviation of one reading [estimate]. */
  sd: number;
  /** The fit reads it; what it does not read is for benches of its own. */
  fitted?: true;
}

// prettier-ignore
const DEFINITIONS = [
  { id: 'pressedBallGirthMm', name: 'ball girth, tape pulled tight', definition: 'as ball girth, the tape drawn until the flesh gives', unit: 'mm', range: [90, 420], sd: 3 },
  { id: 'ballWidthSeatedMm', name: 'ball width, seated', definition: 'as ball width, no weight on the foot', unit: 'mm', range: [30, 160], sd: 1.5 },
  { id: 'bigToeLengthMm', name: 'big toe length', definition: 'tip of the big toe to the crease at its joint', unit: 'mm', range: [10, 120], sd: 1.5 },
  { id: 'toe1TipMm', name: 'toe 1 behind the longest', definition: 'how far the big toe ends behind the longest toe', unit: 'mm', range: [0, 60], sd: 1, fitted: true },
  { id: 'toe2TipMm', name: 'toe 2 behind the longest', definition: 'how far the second toe ends behind the longest', unit: 'mm', range: [0, 60], sd: 1, fitted: true },
  { id: 'toe3TipMm', name: 'toe 3 behind the longest', definition: 'how far the third toe ends behind the longest', unit: 'mm', range: [0, 70], sd: 1, fitted: true },
  { id: 'toe4TipMm', name: 'toe 4 behind the longest', definition: 'how far the fourth toe ends behind the longest', unit: 'mm', range: [0, 90], sd: 1, fitted: true },
  { id: 'toe5TipMm', name: 'toe 5 behind the longest', definition: 'how far the little toe ends behind the longest', unit: 'mm', range: [0, 120], sd: 1, fitted: true },
  { id: 'archSeatedMm', name: 'top of the foot at half length, seated', definition: 'floor to the top of the foot at half its length, no weight on it', unit: 'mm', range: [20, 130], sd: 1.5 },
  { id: 'archStandingMm', name: 'top of the foot at half length, standing', definition: 'the same, weight on both feet', unit: 'mm', range: [20, 130], sd: 1.5, fitted: true },
  { id: 'navicularSeatedMm', name: 'navicular height, seated', definition: 'floor to the bump on the inner side, no weight on it', unit: 'mm', range: [5, 90], sd: 1.5 },
  { id: 'navicularStandingMm', name: 'navicular height, standing', definition: 'the same, weight on both feet', unit: 'mm', range: [0, 90], sd: 1.5, fitted: true },
  { id: 'ankleBoneMm', name: 'under the outer ankle bone', definition: 'floor to the lower edge of the outer ankle bone, weight on both feet', unit: 'mm', range: [15, 120], sd: 2, fitted: true },
  { id: 'ankleGirthHeightMm', name: 'height of the ankle girth', definition: 'floor to where the ankle was taped', unit: 'mm', range: [40, 250], sd: 4 },
  { id: 'calfGirthHeightMm', name: 'height of the calf girth', definition: 'floor to where the calf was taped', unit: 'mm', range: [100, 520], sd: 5 },
  { id: 'shinLengthMm', name: 'shin length', definition: 'floor to the crease behind the knee', unit: 'mm', range: [150, 650], sd: 5 },
  { id: 'ankleLiftDeg', name: 'ankle lift', definition: 'lifting the foot at the ankle, knee straight', unit: '°', range: [-20, 60], sd: 4 },
  { id: 'heelDropMm', name: 'heel drop, relaxed', definition: 'how far the toes hang below the heel with the leg held out', unit: 'mm', range: [0, 260], sd: 5 },
  { id: 'pointReachDeg', name: 'point reach', definition: 'pointing of the whole foot, ankle and midfoot together', unit: '°', range: [0, 140], sd: 4 },
  { id: 'pressedBallWidthMm', name: 'ball width, pressed by hand', definition: 'as ball width, a hand closing the heads as far as they go without pain', unit: 'mm', range: [25, 150], sd: 1.5 },
  { id: 'tipSpanMm', name: 'width across the toe tips', definition: 'calliper across the toes, 15 mm behind the longest tip', unit: 'mm', range: [10, 110], sd: 1.5 },
  { id: 'demiReachDeg', name: 'demi-pointe reach', definition: 'sole to floor with the heel raised as far as it goes, toes flat', unit: '°', range: [0, 110], sd: 4 },
  { id: 'rises', name: 'single-leg rises', definition: 'full rises on one leg in a row, knee straight, a finger at the barre', unit: '×', range: [0, 100], sd: 2 },
  { id: 'littleToeBunionMm', name: 'little-toe bunion stands out', definition: 'how far it stands out, inside the ball width', unit: 'mm', range: [0, 25], sd: 1, fitted: true },
  { id: 'heelSpurMm', name: 'spur at the heel stands out', definition: 'how far it stands out behind or beside the heel', unit: 'mm', range: [0, 25], sd: 1 }
] as const satisfies readonly ExtraDefinition[];

export type ExtraId = (typeof DEFINITIONS)[number]['id'];
export type Extra = ExtraDefinition<ExtraId>;
export const EXTRAS: readonly Extra[] = DEFINITIONS;

export const EXTRA: Readonly<Record<ExtraId, Extra>> = Object.fromEntries(EXTRAS.map((e) => [e.id, e])) as Record<ExtraId, Extra>;
export const isExtraId = (id: string): id is ExtraId => id in EXTRA;
/** In what a measure is taken: every measure of the outline is a length. */
export const takenUnit = (id: string): (typeof TAKEN_UNITS)[TakenUnitId] => TAKEN_UNITS[isExtraId(id) ? EXTRA[id].unit : 'mm'];

/** Why a value of an extra measure cannot be, or ''. */
export function extraProblem(id: ExtraId, value: number): string {
  const { name, unit, range } = EXTRA[id];
  const [low, high] = range;
  return value >= low && value <= high ? '' : `${name} is ${low} to ${high} ${unit}; ${Number(value.toFixed(1))} was typed.`;
}

/** Heights of a standing foot that the fit reads where they were taken; none is filled in. */
export const HEIGHT_IDS = ['archStandingMm', 'navicularStandingMm', 'ankleBoneMm'] as const satisfies readonly ExtraId[];
export type HeightId = (typeof HEIGHT_IDS)[number];

/** The five toe tips, big toe first. */
export const TOE_TIP_IDS = ['toe1TipMm', 'toe2TipMm', 'toe3TipMm', 'toe4TipMm', 'toe5TipMm'] as const satisfies readonly ExtraId[];
/** Toe tips 1 to 5 in order, when all five were taken. */
export function tipsOf(values: Partial<Record<ExtraId, { mm: number }>>): number[] | undefined {
  const tips = TOE_TIP_IDS.map((id) => values[id]?.mm);
  return tips.every((mm) => mm !== undefined) ? (tips as number[]) : undefined;
}
