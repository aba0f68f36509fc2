import { KINDS, type FlagId, type KindId } from '@chiave/core/fit';

/** Kinds the stockroom carries, for choosing. */
export const KIND_CHOICES: readonly { id: KindId; name: string }[] = KINDS.filter((k) => !['pointe', 'pole-sandal', 'pole-boot'].includes(k.id)).map(
  ({ id, name }) => ({ id, name })
);

export const FLAG_CHOICES: readonly { id: FlagId; name: string }[] = [
  { id: 'diabetic', name: 'diabetes' },
  { id: 'numb', name: 'numb feet' },
  { id: 'swollen', name: 'swelling' },
  { id: 'painful', name: 'pain' },
  { id: 'pregnant', name: 'pregnant' },
  { id: 'hypermobile', name: 'hypermobile' },
  { id: 'brace', name: 'brace' },
  { id: 'prosthesis', name: 'prosthesis' },
  { id: 'balance', name: 'unsteady' }
];

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

/** What stands behind a verdict already told: the sentence without its first words, or a full stop where none was kept. */
export const becauseOf = (sentence: string): string => (sentence ? `: ${sentence.replace(/^[^:]*: /, '')}` : '.');
