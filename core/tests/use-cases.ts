import type { ClosureId, KindId, UpperId } from '../src/fit';
import type { ToeFamilyId } from '../src/last';
import { USE_ATTRIBUTE_IDS, type UseAttributeId } from '../src/attributes';
import { ANYBODY, judgeFor, judgeUse, suitOf, useShoe, type Answers, type Judged, type Schools, type UseId, type UsePerson, type UseShoe, type UseSetting } from '../src/use'; // prettier-ignore

/** Shoes and people of the study. Attributes are `felt`; what is left out was not seen. */
type Values = Partial<Record<UseAttributeId, number>>;
interface ShoeCase {
  kind: KindId;
  upper: UpperId;
  closure: ClosureId;
  family: ToeFamilyId;
  heel: number;
  plat: number;
  bend: number;
  insole?: number;
  madeFor?: number;
  depth?: number;
  values: Values;
}
const five = (hold: number | null, toe: number | null, sole: number, shape: number, tip: number, more: Values = {}): Values => ({
  ...(hold === null ? {} : { hold }), ...(toe === null ? {} : { toe }), sole, shape, tip, ...more
}); // prettier-ignore
const shoe = (kind: KindId, upper: UpperId, closure: ClosureId, family: ToeFamilyId, [heel, plat]: readonly [number, number], bend: number, values: Values, more: Partial<ShoeCase> = {}): ShoeCase => ({ kind, upper, closure, family, heel, plat, bend, values, ...more }); // prettier-ignore
const MEN = { madeFor: 265 };
// prettier-ignore
const CASES = {
  'galop-90': shoe('heels-dance', 'suede', 'lace', 'peep', [90, 0], 2, five(5, 2, 2, 4, 10)),
  'galop-strap': shoe('heels-dance', 'patent', 'strap', 'almond', [95, 0], 2, five(1, 1, 2, 4, 9)),
  'ragtag-100': shoe('heels-dance', 'mesh', 'lace', 'soft-almond', [100, 0], 2, five(5, 2, 3, 4, 10)),
  'slowair-88': shoe('heels-dance', 'knit', 'elastic', 'almond', [88, 0], 1, five(3, 1, 2, 3, 22)),
  'midnoon-7': shoe('pole-sandal', 'plastic', 'strap', 'open', [178, 70], 5, { hold: 1, sole: 2, strapMm: 32, strapOf: 3, slant: 12, cross: 0, weight: 590 }),
  'midnoon-7-fine': shoe('pole-sandal', 'patent', 'strap', 'open', [178, 70], 5, { hold: 1, sole: 2, strapMm: 8, strapOf: 0, slant: 12, weight: 560 }),
  'duskline-8': shoe('pole-boot', 'patent', 'lace', 'almond', [203, 95], 5, { hold: 5, toe: 1, slant: 22, weight: 870, cross: 0, breath: 1, shaft: 180 }),
  'duskline-8-suede': shoe('pole-boot', 'suede', 'lace', 'peep', [203, 95], 5, { hold: 5, toe: 2, slant: 21, cross: 1, shaft: 180 }),
  'firnlight-9': shoe('pole-boot', 'matte-faux', 'zip', 'peep', [229, 115], 5, { hold: 4, toe: 2, weight: 1150, slant: 26, shaft: 420 }),
  rainpool: shoe('ballet-slipper', 'canvas', 'elastic', 'round', [0, 0], 1, { split: 1, sewn: 2 }),
  'first-steps': shoe('ballet-slipper', 'soft-leather', 'elastic', 'round', [0, 0], 1, { split: 0, sewn: 0 }),
  'chorus-50': shoe('character', 'smooth-leather', 'strap', 'round', [50, 0], 3, five(1, null, 0, 3, 26)),
  freshet: shoe('running', 'mesh', 'lace', 'round', [28, 20], 2, { sole: 3, fore: 2, rear: 2, stable: 0, curve: 7, counter: 3.5, weight: 245, tread: 2 }, { insole: 4 }),
  'freshet-steady': shoe('running', 'mesh', 'lace', 'round', [31, 21], 3, { sole: 3, fore: 3, rear: 3, stable: 2, curve: 3, counter: 4, weight: 290, tread: 2 }, { insole: 4 }),
  'tarn-race': shoe('running', 'knit', 'lace', 'round', [36, 28], 3, { sole: 4, fore: 1, rear: 2, stable: 0, curve: 8, counter: 2.5, weight: 205, tread: 1, plate: 2 }, { ...MEN, insole: 3 }),
  usher: shoe('walking', 'smooth-leather', 'lace', 'round', [26, 14], 3, { sole: 3, fore: 3, rear: 3, stable: 1, counter: 4, tread: 2, wetmu: 0.38 }, { ...MEN, depth: 26, insole: 4 }),
  'tinsmith-work': shoe('western-boot', 'stiff-leather', 'none', 'round', [35, 0], 5, { sole: 3, tread: 3, outside: 118, welt: 2, wetmu: 0.36 }, { ...MEN, insole: 4 }),
  'long-shadow': shoe('western-boot', 'smooth-leather', 'none', 'snip', [45, 0], 4, { sole: 0, tread: 0, outside: 108, welt: 1 }, MEN),
  'wide-berth': shoe('extra-depth', 'soft-leather', 'hook-loop', 'broad-square', [24, 14], 3, { sole: 3, opens: 5, openGirth: 355, counter: 4, seam: 0, fore: 2.5 }, { ...MEN, depth: 31, insole: 6 }),
  'mistral-75': shoe('pump', 'satin', 'none', 'almond', [75, 0], 3, five(null, null, 0, 4, 9)),
  'lakeside-block': shoe('pump', 'smooth-leather', 'strap', 'soft-almond', [60, 0], 3, five(1, 1, 2, 2, 42, { cross: 1, fore: 2.5 })),
  alderman: shoe('oxford', 'smooth-leather', 'lace', 'chisel', [25, 0], 4, { sole: 0, rear: 4.5 }, { ...MEN, depth: 24 })
} satisfies Record<string, ShoeCase>;
export type ShoeName = keyof typeof CASES;
export const SHOE_NAMES = Object.keys(CASES) as ShoeName[];
export function shoeNamed(name: ShoeName, over: Partial<ShoeCase> & { values?: Values } = {}): UseShoe {
  const c: ShoeCase = { ...CASES[name], ...over, values: { ...CASES[name].values, ...over.values } };
  const known = Object.fromEntries(Object.entries(c.values).map(([id, value]) => [id, { value, mark: 'felt' as const }]));
  return useShoe({
    kind: c.kind, upper: c.upper, closure: c.closure, family: c.family, heelHeightMm: c.heel, platformMm: c.plat, soleStiffness: c.bend,
    removableInsoleMm: c.insole ?? 0, madeForMm: c.madeFor ?? 240, depthMm: c.depth ?? null, attributes: known
  }); // prettier-ignore
}
/** A shoe of which nobody looked at some attributes. */
export function unseen(s: UseShoe, ...ids: UseAttributeId[]): UseShoe {
  const known = s.known.slice();
  for (const id of ids) known[USE_ATTRIBUTE_IDS.indexOf(id)] = 0;
  return { ...s, known };
}

export interface PersonCase {
  use: UseId;
  person: Partial<UsePerson>;
  answers: Answers;
}
// prettier-ignore
export const PEOPLE = {
  pia: { use: 'heels-class', person: { lengthMm: 240, weightKg: 58, ankleReachDeg: 66 }, answers: { level: 'new', turns: 'many', floor: 'wood' } },
  roswith: { use: 'pole', person: { lengthMm: 235, weightKg: 60, ankleReachDeg: 70, looks: { left: { arch: ['high', 'high'] }, right: { arch: ['high'] } } }, answers: { level: 'new', where: ['pole', 'floor'], floor: 'glossy', before: 'none', hot: 'yes', pole: 'chrome' } },
  edda: { use: 'slipper', person: { lengthMm: 238, weightKg: 64 }, answers: { floor: 'vinyl', sweats: 'yes', showArch: 'yes' } },
  jorin: { use: 'running', person: { lengthMm: 265, weightKg: 72, looks: {
    left: { arch: ['low', 'low'], postureScore: 8, roll: { is: 'in', watched: 'eye' }, wornAt: 'inner', strike: { is: 'heel', watched: 'filmed' } },
    right: { arch: ['low'], postureScore: 6, roll: { is: 'in', watched: 'eye' }, wornAt: 'even', strike: { is: 'heel', watched: 'filmed' } } } },
    answers: { kmWeek: 35, workout: 'long', surface: 'road', wornDrop: 10, pairs: 1, kmToRace: 185 } },
  sunniva: { use: 'standing', person: { lengthMm: 244, weightKg: 78, ballWidthMm: 96, toeHeightMm: 21, hammerToeMm: 3, flags: ['diabetic', 'numb'] }, answers: { hours: 8, floor: 'tile', insert: 5 } },
  ruven: { use: 'walking', person: { lengthMm: 264, weightKg: 84, toeHeightMm: 23, flags: ['brace'] }, answers: { deviceDrop: 9.5, tol: 1.5, dropFoot: 'yes', deviceGirth: 340, insert: 3, surface: 'road' } },
  cosima: { use: 'occasion', person: { lengthMm: 242, weightKg: 60, ankleReachDeg: 62 }, answers: { ground: 'lawn', hours: 8, danceHours: 2, habit: 'sometimes', formal: 'formal', wish: 60 } },
  abelard: { use: 'boots', person: { lengthMm: 268, weightKg: 88, ballWidthMm: 110 }, answers: { boot: 'riding', stirrup: 135 } }
} as const satisfies Record<string, PersonCase>;
export type PersonName = keyof typeof PEOPLE;
export const settingOf = ({ person, answers }: Omit<PersonCase, 'use'>): UseSetting => ({ person: { ...ANYBODY, ...person }, answers });
export const judgeNamed = (who: PersonName, schools: Schools = {}, answers: Answers = {}) =>
  judgeFor(PEOPLE[who].use, settingOf({ person: PEOPLE[who].person, answers: { ...PEOPLE[who].answers, ...answers } }), schools);
export const judged = (who: PersonName, shoe: ShoeName, schools: Schools = {}, answers: Answers = {}): Judged =>
  judgeUse(judgeNamed(who, schools, answers), shoeNamed(shoe));
export const suitNamed = (who: PersonName, shoe: ShoeName): number => suitOf(judgeNamed(who), shoeNamed(shoe)).suit;
