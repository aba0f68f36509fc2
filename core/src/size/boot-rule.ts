import { SCALE, fromFootMm, toFootMm, type AnyScale, type BootGroup } from './scales';

/**
 * The unisex Australian boot scale. Length of whole n is British n; a half size has the same length
 * and the next width, so it never cures a short boot. From other scales it converts by the number
 * on the box, by source group, not by millimetres [practice].
 */
export interface BootSize {
  whole: number;
  wider: boolean;
}

/** What is taken off the number of a source group, by school [practice]. */
const TAKEN_OFF: Readonly<Record<string, Readonly<Record<BootGroup, number>>>> = {
  'minus-3': { women: 3, men: 1, kids: 1 },
  guide: { women: 2.5, men: 1, kids: 1 }
};

/** As what a scale's number is turned into a boot. British numbers are taken as they are, by length. */
export const bootRuleGroup = (scale: AnyScale): BootGroup | null => scale.bootGroup ?? null;

/** A boot number `5.5` as its parts: whole 5, wider. */
export function bootParts(number: number): BootSize {
  const halves = Math.round(number * 2);
  return { whole: Math.floor(halves / 2), wider: halves % 2 !== 0 };
}

/** How a boot size is written: `5` or `5.5`. */
export const bootLabel = ({ whole, wider }: BootSize): string => (wider ? `${whole}.5` : `${whole}`);

/** Boot size from the number of a women's, men's or children's scale. @example bootFromNumber('women', 8, 'minus-3') // { whole: 5, wider: false } */
export const bootFromNumber = (group: BootGroup, number: number, school: string): BootSize =>
  bootParts(number - (TAKEN_OFF[school] ?? TAKEN_OFF['minus-3'])[group]);

/** The number in a women's, men's or children's scale that the rule turns into this boot. */
export const numberFromBoot = (group: BootGroup, boot: BootSize, school: string): number =>
  boot.whole + (boot.wider ? 0.5 : 0) + (TAKEN_OFF[school] ?? TAKEN_OFF['minus-3'])[group];

/** Boot size by the foot's length: the nearest whole British length. */
export function bootFromFoot(footMm: number): BootSize & { exact: number } {
  const exact = fromFootMm(SCALE['au-boot'].schools[0], footMm);
  return { exact, whole: Math.round(exact), wider: false };
}

/** Foot length of a boot's whole size, mm. */
export const bootFootMm = (boot: BootSize): number => toFootMm(SCALE['au-boot'].schools[0], boot.whole);
