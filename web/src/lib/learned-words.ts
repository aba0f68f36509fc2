import type { Grade } from '@chiave/core/last';
import type { KeepReason, OffsetId } from '@chiave/core/learn';
import type { ShopLearned } from './api/learned-schema';

type LastSays = ShopLearned['lasts'][number];
/** What more and less of each part is called. */
const MORE: Readonly<Record<OffsetId, readonly [less: string, more: string]>> = {
  length: ['shorter', 'longer'],
  girth: ['tighter round the ball', 'fuller round the ball'],
  instep: ['lower over the instep', 'higher over the instep'],
  heel: ['narrower at the heel', 'wider at the heel'],
  toe: ['tapering sooner', 'tapering later']
};
export const PART_NAMES: Readonly<Record<OffsetId, string>> = {
  length: 'length',
  girth: 'ball girth',
  instep: 'instep',
  heel: 'heel',
  toe: 'where the toe begins'
};
const people = (n: number): string => (n === 1 ? 'one person' : `${n} people`);
const fitters = (n: number): string => (n === 1 ? 'one fitter' : `${n} fitters`);
const percent = (p: number): number => Math.round(100 * p);
/** “shorter”, “fuller round the ball”. */
export const moreWord = (channel: OffsetId, mm: number): string => MORE[channel][mm < 0 ? 0 : 1];
/** “2.5 shorter than its sheet, give or take 0.5”. */
export function standsWords({ channel, net }: Pick<LastSays, 'channel' | 'net'>, figure: (mm: number) => string): string {
  return `${figure(Math.abs(net.mm))} ${moreWord(channel, net.mm)} than its sheet, give or take ${figure(net.sdMm)}`;
}
/** From how many people, and how much the sheet still has to say. */
export function groundsWords({ people: n, fitters: f, words, sheetShare }: Pick<LastSays, 'people' | 'fitters' | 'words' | 'sheetShare'>): string {
  return `${people(n)}, ${fitters(f)}, ${words} words; the sheet has ${percent(sheetShare)} of 100 of the say`;
}
/** What would change for those who are fitted: sizes or letters, as its grade has them. */
export function changeWords(channel: OffsetId, mm: number, grade: Pick<Grade, 'lengthPerSizeMm' | 'girthPerWidthMm'>, styles: number): string {
  const of = `in its ${styles === 1 ? 'style' : `${styles} styles`}`;
  const tenth = (n: number): string => (Math.round(10 * Math.abs(n)) / 10).toString();
  if (channel === 'length') return `people would be told about ${tenth(mm / grade.lengthPerSizeMm)} of a size ${mm < 0 ? 'more' : 'less'} ${of}`;
  if (channel === 'girth') return `people would be told about ${tenth(mm / grade.girthPerWidthMm)} of a width ${mm < 0 ? 'more' : 'less'} ${of}`;
  return `what is said of the ${PART_NAMES[channel]} moves by as much ${of}`;
}
/** Why targets stay as they are. */
export const KEEP_WORDS: Readonly<Record<KeepReason, string>> = {
  shared: 'its cuts are those of every kind',
  'few-people': 'too few people',
  'few-words': 'too few words',
  'one-hand': 'one fitter took them all: it may be their way',
  'all-alike': 'nearly all said the same',
  unsure: 'not known closely enough',
  near: 'nothing says it is off',
  'not-foretold': 'the newest words are not foretold better by it',
  published: 'a published rule stands above it'
};
const FEW = ['no', 'one', 'two', 'three', 'four', 'five', 'six'] as const;
const numberWord = (n: number): string => FEW[n] ?? String(n);
/** What a shop's proposals come to, in one sentence. */
export function learnedHead(lasts: number, targets: number): string {
  if (lasts + targets === 0) return 'Nothing that people said speaks against the sheets or the targets.';
  const of = [
    ...(lasts > 0 ? [lasts === 1 ? 'one last stands off its sheet' : `${numberWord(lasts)} lasts stand off their sheets`] : []),
    ...(targets > 0 ? [targets === 1 ? 'the targets of one kind could move' : `the targets of ${numberWord(targets)} kinds could move`] : [])
  ].join('; ');
  return `${of[0].toUpperCase()}${of.slice(1)}.`;
}
