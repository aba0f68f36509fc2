import { WAYS, type TakenId } from '@chiave/core/measure';
import type { AgreementRow } from './api/instrument-schema';

const NAME = Object.fromEntries(WAYS.map((w) => [w.id, w.name]));
export const instrumentName = (how: AgreementRow['how']): string => NAME[how];
export const signedMm = (mm: number): string => (Math.abs(mm) < 0.05 ? '0' : `${mm > 0 ? '+' : '−'}${Math.abs(mm).toFixed(1)}`);

/** A mean difference of scan and hand this large or less is accepted of a foot by the standard, mm (ISO 20685-1:2018). */
const STANDARD_MM = 2;

/** What an agreement says, in a sentence. @param name of the measure */
export function agreementWords({ how, against, agreement: a }: AgreementRow, name: string): string {
  const [first, second] = [instrumentName(how), instrumentName(against)];
  if (a.says === 'points')
    return `${capital(first)} and ${second} read the ${name} of ${a.persons} ${a.persons === 1 ? 'person' : 'persons'}: too few to say how they agree.`;
  const reads =
    Math.abs(a.biasMm) < a.biasHalfMm
      ? `like the ${second}, as far as can be told`
      : `as ${Math.abs(a.biasMm).toFixed(1)} mm ${a.biasMm > 0 ? 'more' : 'less'} than the ${second}`;
  const few = a.says === 'few' ? ', a guess from few' : '';
  return `The ${first} reads the ${name} ${reads} (${signedMm(a.biasMm)} ± ${a.biasHalfMm.toFixed(1)}); the next foot lies between ${signedMm(a.limits[0])} and ${signedMm(a.limits[1])} mm, 95 times in 100${few}.`;
}
/**
 * Which instrument it was that drifted: the one that every drifted pair of a measure has in common, where another pair without it still holds.
 * @returns null where that cannot be told
 */
export function drifted(row: AgreementRow, all: readonly AgreementRow[]): AgreementRow['how'] | null {
  const own = all.filter((a) => a.measure === row.measure);
  const off = own.filter((a) => a.drift.foundAt !== null);
  const held = own.filter((a) => a.drift.foundAt === null);
  const blamed = [row.how, row.against].filter(
    (one) => off.every((a) => a.how === one || a.against === one) && held.some((a) => a.how !== one && a.against !== one)
  );
  return blamed.length === 1 ? blamed[0] : null;
}
/** What a drift says, or ''. @param all of the shop, by which it is told which of the two it was */
export function driftWords(row: AgreementRow, all: readonly AgreementRow[], day: (iso: string) => string): string {
  const { how, against, drift } = row;
  if (drift.foundAt === null) return '';
  const one = drifted(row, all);
  const seen = `seen on ${day(drift.at!)}`;
  if (one === null) return `${capital(instrumentName(how))} and ${instrumentName(against)} have drifted apart: the ${instrumentName(how)} reads ${drift.way} against it than it did, ${seen}. Check both on something of known length.`; // prettier-ignore
  const way = one === how ? drift.way : drift.way === 'more' ? 'less' : 'more';
  return `The ${instrumentName(one)} has drifted: it reads ${way} than it did, ${seen}. Check it on something of known length before it is used again.`;
}
/** Where scan and hand differ by more than the standard lets them. */
export const beyondStandard = ({ how, agreement }: AgreementRow, id: TakenId): boolean =>
  how === 'scan' && agreement.says !== 'points' && !id.endsWith('GirthMm') && Math.abs(agreement.biasMm) > STANDARD_MM;
export const standardWords = `Scan and hand may differ by ${STANDARD_MM} mm on a foot in the mean (ISO 20685-1): these differ by more.`;

const capital = (text: string): string => text[0].toUpperCase() + text.slice(1);
