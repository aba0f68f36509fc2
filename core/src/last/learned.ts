import type { Last } from './last';

/** What may differ between a last as it stands in the stockroom and as it is: length, girths, instep beside them, heel, where the toe begins. */
export const OFFSETS = ['length', 'girth', 'instep', 'heel', 'toe'] as const;
export type OffsetId = (typeof OFFSETS)[number];
/** What a shop took over from its try-ons: by how much a part of a last is off its sheet, and how surely, mm. */
export type LearnedOffsets = Readonly<Partial<Record<OffsetId, { mm: number; sdMm: number }>>>;
/** A last of more girth is broader too, by this share of it [model]. */
export const GIRTH_WIDENS = 0.33;

type Base = Last['base'];
const more = (mm: number | undefined, by: number): number | undefined => (mm === undefined ? undefined : mm + by);
const MOVES: Readonly<Record<OffsetId, (base: Base, by: number) => Partial<Base>>> = {
  length: (b, by) => ({ forFootMm: b.forFootMm + by, insoleMm: b.insoleMm + by }),
  girth: (b, by) => ({
    ballGirthMm: b.ballGirthMm + by,
    waistGirthMm: b.waistGirthMm + by,
    instepGirthMm: b.instepGirthMm + by,
    throatGirthMm: more(b.throatGirthMm, by),
    ballWidthMm: b.ballWidthMm + GIRTH_WIDENS * by
  }),
  instep: (b, by) => ({ instepGirthMm: b.instepGirthMm + by, throatGirthMm: more(b.throatGirthMm, by) }),
  heel: (b, by) => ({ heelWidthMm: b.heelWidthMm + by }),
  toe: () => ({})
};
/**
 * The last a shop goes by: its sheet with what was learned and taken over laid upon it, which is known as well as the learning says.
 * The sheet itself is kept, and `asSheet` brings it back.
 */
export function withLearned<L extends Last>(last: L, by: LearnedOffsets): L {
  if (OFFSETS.every((o) => !by[o])) return last;
  let { base, taperShiftMm } = last;
  for (const o of OFFSETS) if (by[o]) base = { ...base, ...MOVES[o](base, by[o].mm) };
  if (by.toe) taperShiftMm += by.toe.mm;
  const evidence = { ...last.evidence, lengthSdMm: by.length?.sdMm ?? last.evidence.lengthSdMm, girthSdMm: by.girth?.sdMm ?? last.evidence.girthSdMm };
  return { ...last, base, taperShiftMm, evidence, learned: { by, sheet: { base: last.base, taperShiftMm: last.taperShiftMm, evidence: last.evidence } } };
}
/** A last as its sheet has it, whatever was learned. */
export function asSheet<L extends Last>(last: L): L {
  if (!last.learned) return last;
  const { learned, ...rest } = last;
  return { ...rest, ...learned.sheet } as L;
}
