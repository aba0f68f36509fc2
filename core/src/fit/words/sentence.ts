import type { Side } from '../../measure';
import type { Verdict } from '../judge';
import type { ZoneId } from '../zones';
import { BOTH_FEET, feelWords, SENTENCE, verdictWords } from './catalogue';
import { feelOf, findingsOf, worstOf, type Finding, type SpokenFoot } from './findings';

/** Most that is said in one sentence. */
const MOST_SAID = 3;

/** A finding, and whether it is the same on both feet. */
interface Said {
  finding: Finding;
  both: boolean;
}

/**
 * What stands behind a verdict, in words made from the numbers: the zone that decides first, then what else is off.
 * @param feet one or two feet
 * @param decidedBy the foot and zone that decide over all
 */
export function reasonFor(verdict: Verdict, feet: readonly SpokenFoot[], decidedBy: { side: Side; zone: ZoneId }): string {
  const decides = (f: Pick<Finding, 'side' | 'zone'>): boolean => f.side === decidedBy.side && f.zone === decidedBy.zone;
  const told = feet
    .flatMap((foot) => findingsOf(foot).filter((f, i) => decides(f) || (i < 2 && (verdict === 'fits' || f.outsideMm > 0))))
    .sort((p, q) => Number(decides(q)) - Number(decides(p)));
  if (told.length === 0) return SENTENCE.allRight;
  const words = mergeFeet(told)
    .slice(0, MOST_SAID)
    .map(({ finding, both }) => feelWords(finding) + (both ? `, ${BOTH_FEET}` : feet.length > 1 ? `, ${finding.side} foot` : ''));
  // A zone that is right may still be the one nearest to its limit: it is named, so that the sentence and what decides agree.
  if (!told.some(decides)) {
    const foot = feet.find((f) => f.side === decidedBy.side)!;
    words.unshift(SENTENCE.nearest(feelWords(feelOf(decidedBy.zone, foot)) + (feet.length > 1 ? `, ${foot.side} foot` : '')));
  }
  return words.join('; ');
}

/** One sentence a customer understands: the verdict and what stands behind it. @param helps names of what makes it fit, when help does */
export const sentence = (verdict: Verdict, reason: string, helps: readonly string[] | null): string => `${verdictWords(verdict, helps ?? [])}: ${reason}.`;

/** The same on both feet is said once. */
function mergeFeet(told: readonly Finding[]): Said[] {
  const tenth = (v: number): number => Math.round(v * 10);
  const alike = (p: Finding, q: Finding): boolean =>
    p.side !== q.side &&
    p.zone === q.zone &&
    p.state === q.state &&
    p.toe === q.toe &&
    tenth(p.mm) === tenth(q.mm) &&
    tenth(p.offMm) === tenth(q.offMm) &&
    tenth(p.outsideMm) === tenth(q.outsideMm);
  const said: Said[] = [];
  for (const finding of told) {
    const twin = said.find((s) => !s.both && alike(s.finding, finding));
    if (twin) twin.both = true;
    else said.push({ finding, both: false });
  }
  return said;
}

/** How one zone of a foot feels, in words. */
export const feelOfZone = (zone: ZoneId, foot: Pick<SpokenFoot, 'zone' | 'targets' | 'toe'>): string => feelWords(feelOf(zone, foot));

/** What is most off over one or both feet, in words; empty when all is right. @param each how many zones a foot */
export const worstWords = (feet: readonly SpokenFoot[], each = 1): string[] => worstOf(feet, each).map((f) => `${feelWords(f)}, ${f.side} foot`);
