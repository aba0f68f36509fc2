import { PLAIN_GROUNDS } from '../heel';

/** What is asked for a use: each question once; a use names those it needs, in its own order. */
export interface ChoiceQuestion<Id extends string = string> {
  as: 'choice';
  id: Id;
  name: string;
  options: readonly { id: string; name: string }[];
  /** Several may be ticked. */
  several: boolean;
  /** What is taken for granted until somebody answers. */
  usual: string | null;
}
export interface NumberQuestion<Id extends string = string> {
  as: 'number';
  id: Id;
  name: string;
  unit: 'mm' | 'h' | 'km' | '°' | 'pairs' | 'a minute';
  low: number;
  high: number;
  usual: number | null;
}
const ask = <const Id extends string>(id: Id, name: string, options: Readonly<Record<string, string>>, own: { several?: true; usual?: string } = {}): ChoiceQuestion<Id> => ({ as: 'choice', id, name, options: Object.entries(options).map(([key, words]) => ({ id: key, name: words })), several: own.several ?? false, usual: own.usual ?? null }); // prettier-ignore
const yesNo = <const Id extends string>(id: Id, name: string, own: { usual?: string } = {}): ChoiceQuestion<Id> => ask(id, name, { no: 'no', yes: 'yes' }, own);
const number = <const Id extends string>(id: Id, name: string, unit: NumberQuestion['unit'], [low, high]: readonly [number, number], usual: number | null = null): NumberQuestion<Id> => ({ as: 'number', id, name, unit, low, high, usual }); // prettier-ignore

// prettier-ignore
const DEFINITIONS = [
  ask('level', 'How long at it', { new: 'new to it', some: 'some months', able: 'able', pro: 'professional' }),
  ask('floor', 'The floor', { wood: 'bare wood', glossy: 'varnished wood', vinyl: 'vinyl', tile: 'tile or concrete', street: 'the street' }),
  ask('turns', 'Turns', { few: 'few', many: 'many' }),
  ask('where', 'What is done in them', { pole: 'on the pole', floor: 'on the floor', pictures: 'for pictures' }, { several: true }),
  ask('before', 'Heels worn before', { none: 'none', street: 'street heels', dance: 'dance heels' }),
  ask('pole', 'The pole', { chrome: 'chrome', steel: 'stainless steel', brass: 'brass', coated: 'powder coated' }),
  ask('dance', 'The dance', { character: 'character or stage', ballroom: 'ballroom', latin: 'Latin' }),
  ask('workout', 'Mostly run', { long: 'long and slow', tempo: 'tempo', hills: 'hills', race: 'a race' }),
  ask('surface', 'Where it is run or walked', { road: 'road', track: 'track', trail: 'trail' }),
  number('kmWeek', 'Run a week', 'km', [0, 250], 25),
  number('wornDrop', 'Drop of the pair worn now', 'mm', [-5, 20]),
  number('pairs', 'Pairs in turn', 'pairs', [1, 8], 1),
  number('kmToRace', 'Kilometres until the race', 'km', [0, 3000]),
  number('hours', 'Hours on the feet', 'h', [0, 24], 5),
  number('danceHours', 'Of these danced', 'h', [0, 12], 0),
  ask('boot', 'What the boot is for', { riding: 'riding', snow: 'snow', work: 'work', dress: 'dress', everyday: 'every day' }),
  number('stirrup', 'Stirrup, inside at the tread', 'mm', [80, 200]),
  ask('ground', 'The softest ground', Object.fromEntries(PLAIN_GROUNDS.map((g) => [g, g]))),
  ask('habit', 'Heels are worn', { never: 'never', sometimes: 'sometimes', often: 'often' }),
  ask('formal', 'How formal', { easy: 'easy', smart: 'smart', formal: 'formal' }),
  number('wish', 'Height wished for', 'mm', [0, 150]),
  number('deviceDrop', 'Drop the device is set for', 'mm', [-5, 60], 9.5),
  number('tol', 'Degrees the device allows either way', '°', [0, 10], 1.5),
  yesNo('adjustable', 'The ankle of the device is adjustable', { usual: 'no' }),
  number('deviceGirth', 'Girth of the device at the instep', 'mm', [150, 520]),
  number('insert', 'Insert they wear', 'mm', [0, 20], 3),
  number('bodyHeight', 'Body height, if they like to tell it', 'mm', [900, 2300]),
  yesNo('hot', 'Worn in the heat'),
  yesNo('sweats', 'Feet sweat'),
  yesNo('showArch', 'The arch is to be shown'),
  yesNo('wet', 'Wet or greasy floors'),
  yesNo('dropFoot', 'A drop foot'),
  yesNo('open', 'An open place on the foot')
] as const;
type Definition = (typeof DEFINITIONS)[number];
export type QuestionId = Definition['id'];
export type ChoiceQuestionId = Extract<Definition, ChoiceQuestion>['id'];
export type NumberQuestionId = Extract<Definition, NumberQuestion>['id'];
export type Question = ChoiceQuestion<ChoiceQuestionId> | NumberQuestion<NumberQuestionId>;
export const QUESTIONS: readonly Question[] = DEFINITIONS;
export const QUESTION = Object.fromEntries(QUESTIONS.map((q) => [q.id, q])) as Readonly<Record<QuestionId, Question>>;
/** Options of a choice, in their order. */
export const optionsOf = (id: ChoiceQuestionId): readonly string[] => (QUESTION[id] as ChoiceQuestion).options.map((o) => o.id);

/** What was answered: an option, several of them, or a number; what was not answered stays away. */
export type Answers = Partial<Record<ChoiceQuestionId, string | readonly string[]> & Record<NumberQuestionId, number>>;
/** What was ticked of a choice; null where nobody answered. */
export function chosenOf(answers: Answers, id: ChoiceQuestionId): readonly string[] | null {
  const said = answers[id];
  if (said !== undefined) return typeof said === 'string' ? [said] : said.length > 0 ? said : null;
  const { usual } = QUESTION[id] as ChoiceQuestion;
  return usual === null ? null : [usual];
}
/** A number as answered, or the usual one; null where neither is there. */
export const numberOf = (answers: Answers, id: NumberQuestionId): number | null => answers[id] ?? (QUESTION[id] as NumberQuestion).usual;
