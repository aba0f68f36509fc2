/**
 * What is kept of a style for its use, beside what the stockroom kept already: each attribute once, with how two hands take it alike. Schemas, form,
 * files, tables and the measuring card follow from this list. Cuts of the tests are estimates of this project.
 */
interface Common<Id extends string> {
  id: Id;
  name: string;
  /** How it is taken, so that two hands agree. */
  how: string;
  /** Which hand test it is, drawn on the measuring card; null where a rule, a scale or a look tells it. */
  test: TestId | null;
}
/** A figure in a unit. */
interface Figure<Id extends string = string> extends Common<Id> {
  as: 'figure';
  unit: 'mm' | 'g' | '°' | 'µ';
  low: number;
  high: number;
}
/** A test by hand in five levels, the softest first: three goes, the middle one counts; two hands stay within a level. */
interface Five<Id extends string = string> extends Common<Id> {
  as: 'five';
  /** Four cuts between the levels, in the unit of the test. */
  cuts: readonly [number, number, number, number];
  unit: string;
  /** Words of the softest and of the hardest. */
  ends: readonly [string, string];
}
/** Levels with names, kept by their place. */
interface Levels<Id extends string = string, Level extends string = string> extends Common<Id> {
  as: 'levels';
  /** Names in their order, and their ids. */
  levels: readonly string[];
  ids: readonly Level[];
}
export const HAND_TESTS = ['bend', 'squeeze', 'dowel', 'blow', 'pull', 'lift', 'groove', 'drop'] as const;
export type TestId = (typeof HAND_TESTS)[number];

const figure = <const Id extends string>(id: Id, name: string, unit: Figure['unit'], [low, high]: readonly [number, number], how: string, test: TestId | null = null): Figure<Id> => ({ as: 'figure', id, name, unit, low, high, how, test }); // prettier-ignore
const five = <const Id extends string>(id: Id, name: string, how: string, test: TestId, own: Pick<Five, 'ends' | 'unit' | 'cuts'>): Five<Id> => ({ as: 'five', id, name, how, test, ...own }); // prettier-ignore
const levels = <const Id extends string, const Level extends string>(id: Id, name: string, names: Readonly<Record<Level, string>>, how: string, test: TestId | null = null): Levels<Id, Level> => ({ as: 'levels', id, name, levels: Object.values(names), ids: Object.keys(names) as Level[], how, test }); // prettier-ignore

// prettier-ignore
const DEFINITIONS = [
  figure('heel', 'heel height', 'mm', [0, 260], 'seen from behind, from the floor to the heel seat; of a sport shoe the whole height inside, 12 in 100 from the back of the insole'),
  figure('plat', 'platform', 'mm', [0, 150], 'under the ball; of a sport shoe the whole height inside, three quarters from the back of the insole'),
  figure('weight', 'weight', 'g', [20, 3000], 'one shoe of the base size on a kitchen scale', 'lift'),
  figure('hide', 'thickness of the upper', 'mm', [0.2, 8], 'calliper at the edge of the topline'),
  figure('shaft', 'shaft height', 'mm', [20, 700], 'inside, from the footbed to the top edge at the back'),
  figure('insole', 'insole that comes out', 'mm', [0, 15], 'taken out and measured at the heel; 0 where it is glued in'),
  figure('tip', 'heel tip across', 'mm', [3, 120], 'calliper on the top-piece, across the foot'),
  five('bend', 'stiffness of the sole', 'the heel held down, a luggage scale lifts the tip by a quarter of the shoe’s length', 'bend', { ends: ['very soft', 'very stiff'], unit: 'kg', cuts: [0.5, 1.5, 3, 6] }),
  five('counter', 'heel cup', 'on a kitchen scale, the thumb presses 20 mm above the seat until it shows 2 kg: how far it gives', 'squeeze', { ends: ['gives way', 'hard'], unit: 'mm', cuts: [10, 6, 3, 1] }),
  five('fore', 'firmness at the ball', 'a 10 mm dowel on the insole, pressed with 5 kg: how far it sinks', 'dowel', { ends: ['very soft', 'hard'], unit: 'mm', cuts: [6, 4, 2.5, 1] }),
  five('rear', 'firmness at the heel', 'a 10 mm dowel on the heel seat, pressed with 5 kg: how far it sinks', 'dowel', { ends: ['very soft', 'hard'], unit: 'mm', cuts: [6, 4, 2.5, 1] }),
  five('breath', 'breathing', 'blow through the upper with a hand inside: nothing, hardly, when pressed, plainly, freely', 'blow', { ends: ['lets nothing through', 'blows freely'], unit: 'felt', cuts: [1, 2, 3, 4] }),
  levels('toe', 'toes', { narrow: 'closed and narrow', closed: 'closed', half: 'half closed', open: 'open' }, 'half closed: it ends before the toe clefts; open: all toes are seen'),
  levels('hold', 'ankle hold', { bare: 'bare', 'one-strap': 'one strap', 'two-straps': 'two straps', sock: 'sock shaft', shaft: 'zip or lace shaft', laced: 'laced, covered and strapped' }, 'look, then tug the heel down'),
  figure('strapMm', 'strap width', 'mm', [1, 90], 'calliper, at the narrowest'),
  levels('strapOf', 'strap material', { faux: 'thin faux leather', elastic: 'elastic', leather: 'leather', plastic: 'thick plastic' }, 'a nail dents leather and leaves plastic; elastic stretches'),
  levels('sole', 'sole', { leather: 'leather', suede: 'suede', smooth: 'smooth', rubber: 'rubber', foam: 'bare foam' }, 'look, and scratch it with a nail'),
  levels('split', 'sole length', { full: 'full', split: 'split' }, 'look: split soles are two pads'),
  figure('tread', 'tread depth', 'mm', [0, 25], 'a rule in a groove at the ball', 'groove'),
  figure('dry', 'grip dry', 'µ', [0.05, 1.5], '2 kg inside, on a clean dry tile, pulled level, the mean of three: pull ÷ (2 kg + the shoe)', 'pull'),
  figure('wetmu', 'grip wet', 'µ', [0.02, 1.2], 'the same on a tile with soapy water', 'pull'),
  levels('stable', 'side support', { none: 'none', guided: 'guided', inner: 'firm on the inner side', strong: 'strong' }, 'raised side walls guide; an inner wall a level firmer at the arch is firm; both are strong'),
  levels('plate', 'plate', { none: 'none', bends: 'bends', stiff: 'stiff' }, 'bend it, and read the maker’s sheet', 'bend'),
  figure('curve', 'curve of the sole', '°', [0, 25], 'angle between the middle lines of heel and front, from below: straight under 4, half curved to 8'),
  levels('proof', 'water resistance', { none: 'not at all', shower: 'a shower', sealed: 'sealed', shell: 'rubber shell' }, 'a spoonful of water on the seam for five minutes, paper inside', 'drop'),
  levels('shape', 'heel shape', { flat: 'flat', wedge: 'wedge', block: 'block', cone: 'cone', stiletto: 'stiletto', none: 'none' }, 'seen from the side and from behind'),
  levels('cross', 'section of the tip', { round: 'round', front: 'square in front', square: 'square' }, 'seen from below'),
  figure('cap', 'heel cap', 'mm', [0, 80], 'calliper over the cap that is put on; 0 without one'),
  figure('slant', 'front slant', '°', [0, 60], 'how high the front edge is lifted, over the length that is lifted'),
  levels('opens', 'way of opening', { nothing: 'nothing', elastic: 'elastic', strap: 'strap', lace: 'lace', 'lace-to-toe': 'lace to the toe', 'hook-loop': 'hook and loop', 'side-zip': 'side zip', 'end-zip': 'back or front zip' }, 'look'),
  figure('openLen', 'length of the opening', 'mm', [0, 600], 'tape along the opening'),
  figure('openGirth', 'opening', 'mm', [120, 700], 'tape inside the opening, wide open'),
  figure('outside', 'outside width', 'mm', [50, 180], 'calliper over the welt at the ball'),
  levels('welt', 'welt', { none: 'none', single: 'single', double: 'double', stitched: 'stitched down' }, 'stands out about 2, 5, 7 or 10 mm a side'),
  levels('seam', 'seams inside', { none: 'none', soft: 'soft', hard: 'hard' }, 'a finger goes round the toes'),
  levels('sewn', 'elastics', { sewn: 'sewn', half: 'half sewn', 'to-sew': 'to sew' }, 'look'),
  levels('guard', 'toe guard', { none: 'none', firm: 'firm', hard: 'hard cap' }, 'the thumb, and the mark inside')
] as const;
type Definition = (typeof DEFINITIONS)[number];
export type UseAttributeId = Definition['id'];
export type UseAttribute = Figure<UseAttributeId> | Five<UseAttributeId> | Levels<UseAttributeId>;
export const USE_ATTRIBUTES: readonly UseAttribute[] = DEFINITIONS;
export const USE_ATTRIBUTE_IDS = USE_ATTRIBUTES.map((a) => a.id);
export const USE_ATTRIBUTE = Object.fromEntries(USE_ATTRIBUTES.map((a) => [a.id, a])) as Readonly<Record<UseAttributeId, UseAttribute>>;
/** Close-ups that are kept with a style. */
export const CLOSE_UPS = ['whole', 'arch', 'toe', 'vamp', 'heel', 'sole', 'insole'] as const;
export type CloseUp = (typeof CLOSE_UPS)[number];
/** On which close-up an attribute is seen. */
export const SEEN_ON: Readonly<Record<UseAttributeId, CloseUp>> = {
  heel: 'heel', plat: 'whole', weight: 'whole', hide: 'vamp', shaft: 'whole', insole: 'insole', tip: 'heel', bend: 'sole', counter: 'heel',
  fore: 'insole', rear: 'insole', breath: 'vamp', toe: 'toe', hold: 'whole', strapMm: 'vamp', strapOf: 'vamp', sole: 'sole', split: 'sole',
  tread: 'sole', dry: 'sole', wetmu: 'sole', stable: 'arch', plate: 'sole', curve: 'sole', proof: 'vamp', shape: 'heel', cross: 'heel', cap: 'heel',
  slant: 'toe', opens: 'vamp', openLen: 'vamp', openGirth: 'vamp', outside: 'sole', welt: 'toe', seam: 'insole', sewn: 'vamp', guard: 'toe'
}; // prettier-ignore
/** Where an attribute stands in a shoe's columns. */
export const AT = Object.fromEntries(USE_ATTRIBUTE_IDS.map((id, i) => [id, i])) as Readonly<Record<UseAttributeId, number>>;
/** What a value may be: figures between their limits, five levels with halves where hands fall between, levels by their place. */
export function attributeLimits(a: UseAttribute): readonly [low: number, high: number] {
  return a.as === 'figure' ? [a.low, a.high] : a.as === 'five' ? [1, 5] : [0, a.levels.length - 1];
}
const FIVE = [1, 2, 3, 4, 5] as const;
/** A value in words: `3 of 5`, `one strap`, `90 mm`. */
export function attributeWords(a: UseAttribute, value: number): string {
  if (a.as === 'levels') return a.levels[Math.round(value)];
  if (a.as === 'five') return value === FIVE[0] ? a.ends[0] : value === FIVE[4] ? a.ends[1] : `${trim(value)} of 5`;
  if (a.unit === 'µ') return trim(value, 2);
  if (a.unit === '°') return `${trim(value)}°`;
  return value === 0 ? 'none' : `${trim(value)} ${a.unit}`;
}
const trim = (n: number, digits = 1): string => String(Number(n.toFixed(digits)));
/** What of these stands in fields that a style had already. */
export const OWN_FIELD = {
  heel: 'heelHeightMm', plat: 'platformMm', insole: 'removableInsoleMm', bend: 'soleStiffness',
  weight: 'weightG', hide: 'upperThicknessMm', shaft: 'shaftHeightMm', tip: 'tipWidthMm', cross: 'tipSection', shape: 'heelShape', slant: 'toeSlantDeg'
} as const satisfies Partial<Record<UseAttributeId, string>>; // prettier-ignore
type OwnId = keyof typeof OWN_FIELD;
type KeptDefinition = Exclude<Definition, { id: OwnId }>;
/** The rest is kept beside them, each under its own id, and the sole under another: `sole` is words of the maker's already. */
type FieldOf<Id extends string> = Id extends 'sole' ? 'soleKind' : Id;
export const fieldOf = (id: UseAttributeId): string => (OWN_FIELD as Partial<Record<UseAttributeId, string>>)[id] ?? (id === 'sole' ? 'soleKind' : id);
export type UseFields = { [D in KeptDefinition as FieldOf<D['id']>]: D extends Levels<string, infer Level> ? Level | '' : number | null };
export type UseFieldId = keyof UseFields;
/** One field a kept attribute, for schema, form and files. */
export const USE_FIELDS: readonly { field: UseFieldId; attribute: UseAttribute }[] = USE_ATTRIBUTES.filter((a) => !(a.id in OWN_FIELD)).map((attribute) => ({ field: fieldOf(attribute.id) as UseFieldId, attribute })); // prettier-ignore
export const BLANK_USE = Object.fromEntries(USE_FIELDS.map(({ field, attribute }) => [field, attribute.as === 'levels' ? '' : null])) as unknown as UseFields;
/** A kept value as a figure: levels by their place; null where it is blank. */
export function keptFigure(a: UseAttribute, value: unknown): number | null {
  if (a.as !== 'levels') return typeof value === 'number' ? value : null;
  const at = a.ids.indexOf(value as string);
  return at < 0 ? null : at;
}
type LevelsOf = { [D in Definition as D extends Levels ? D['id'] : never]: D extends Levels<string, infer Level> ? Level : never };
/** The place of a level: rules and usual values name it, columns keep its place. */
export const levelOf = <Id extends keyof LevelsOf>(id: Id, level: LevelsOf[Id]): number => keptFigure(USE_ATTRIBUTE[id], level)!;
