import { FLAGS, KINDS, type FlagId, type KindId } from '@chiave/core/fit';

/** Kinds that may be asked for: all but those that are fitted with the teacher. */
export const KIND_CHOICES: readonly { id: KindId; name: string }[] = KINDS.filter((k) => !k.teacherLeads).map(({ id, name }) => ({ id, name }));

export const FLAG_CHOICES: readonly { id: FlagId; name: string }[] = FLAGS.map(({ id, name }) => ({ id, name }));

export const VERDICT_WORDS: Readonly<Record<string, string>> = { fits: 'fits', 'fits-with-help': 'fits with help', 'does-not-fit': 'does not fit' };
export const OUTCOME_CHOICES = [
  { id: 'open', name: 'not decided' },
  { id: 'kept', name: 'kept' },
  { id: 'left', name: 'left' },
  { id: 'returned', name: 'came back' }
] as const;
export const REACH_WORDS: Readonly<Record<string, string>> = {
  'in-comfort': 'this ankle reaches it in comfort',
  'at-the-limit': 'this ankle reaches it only near its limit',
  'out-of-reach': 'this ankle does not reach it',
  unknown: 'ankle reach not measured: measure it before a high heel'
};
/** A chance in words with its figure: never a bare percentage, never a certainty. */
export function chance(p: number): string {
  const inHundred = Math.round(p * 20) * 5;
  const figure = inHundred < 5 ? 'under 5' : inHundred > 95 ? 'over 95' : `about ${inHundred}`;
  return `${figure} in 100 that every zone sits within its limits`;
}
