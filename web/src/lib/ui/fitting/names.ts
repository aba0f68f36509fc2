import { FLAGS, KINDS, type FlagId, type KindId } from '@chiave/core/fit';
import type { Reach } from '@chiave/core/heel';

/** Kinds that may be asked for: all but those that are fitted with the teacher. */
export const KIND_CHOICES: readonly { id: KindId; name: string }[] = KINDS.filter((k) => !k.teacherLeads).map(({ id, name }) => ({ id, name }));

export const FLAG_CHOICES: readonly { id: FlagId; name: string }[] = FLAGS.map(({ id, name }) => ({ id, name }));

export const REACH_WORDS: Readonly<Record<Reach, string>> = {
  comfortable: 'this ankle reaches it in comfort',
  'near-limit': 'this ankle reaches it only near its limit',
  'out-of-reach': 'this ankle does not reach it',
  unknown: 'ankle reach not measured: measure it before a high heel'
};
/** A chance as a figure: never a certainty, never finer than it is known. */
export function inHundred(p: number): string {
  const round = Math.round(p * 20) * 5;
  return `${round < 5 ? 'under 5' : round > 95 ? 'over 95' : `about ${round}`} in 100`;
}
/** The same in words: never a bare percentage. */
export const chance = (p: number): string => `${inHundred(p)} that every zone sits within its limits`;
