import { SIDES, type MeasureId, type Side } from '../measure';

type Values = Readonly<Record<Side, Readonly<Partial<Record<MeasureId, { mm: number; sdMm: number }>>>>>;
/** Somebody’s feet, and what they tried of the styles that are asked about; a number, never a name. */
export interface AlikePerson {
  person: string;
  feet: Values;
  tried: readonly { key: string; kept: boolean }[];
}
/** How many of those with feet alike kept it. */
export interface AlikeKept {
  key: string;
  /** People who tried it; each counts once. */
  tried: number;
  kept: number;
  /** Share that keeps it, drawn towards the shop's own where few tried. */
  share: number;
}
export interface AlikeAnswer {
  /** People with feet alike; 0 where they are fewer than may be told. */
  people: number;
  lines: AlikeKept[];
}
/** What of each measure is felt as another foot, mm [model]. */
const FELT_STEP: Partial<Readonly<Record<MeasureId, number>>> = {
  lengthMm: 4.2,
  ballGirthMm: 6.4,
  instepGirthMm: 8,
  ballWidthMm: 3,
  heelWidthMm: 3,
  ballLengthMm: 5
};
/** Nothing is told of fewer people than this, so that nobody is known by it. */
export const LEAST_ALIKE = 5;
/** How many pairs the shop's own share weighs as. */
const SHOP_WEIGHS = 4;
/** Alike up to this mean square of differences over what is felt. */
const ALIKE = 1;

/** The longer foot first: a longer left is compared with a longer right. */
function longerFirst(feet: Values): readonly Side[] {
  const of = (side: Side): number => feet[side].lengthMm?.mm ?? 0;
  return of('right') > of('left') ? ['right', 'left'] : SIDES;
}
/**
 * How far apart two people's feet are: the mean of squared differences over what is felt and read; doubt never makes them further apart.
 * @returns null where they share fewer than length and one more measure
 */
export function apartSquared(a: Values, b: Values): number | null {
  const [sidesA, sidesB] = [longerFirst(a), longerFirst(b)];
  let [sum, n] = [0, 0];
  let lengths = 0;
  const others = new Set<string>();
  sidesA.forEach((sideA, i) => {
    for (const [id, step] of Object.entries(FELT_STEP) as [MeasureId, number][]) {
      const [x, y] = [a[sideA][id], b[sidesB[i]][id]];
      if (!x || !y) continue;
      sum += (x.mm - y.mm) ** 2 / (step ** 2 + x.sdMm ** 2 + y.sdMm ** 2);
      n++;
      if (id === 'lengthMm') lengths++;
      else others.add(id);
    }
  });
  return lengths > 0 && others.size > 0 ? sum / n : null;
}
/** What people with feet alike kept of each thing that is asked about; only of five and more, and of whom agreed or has no name any more. */
export function alikeKept(feet: Values, others: readonly AlikePerson[], keys: readonly string[], shopShare: number): AlikeAnswer {
  const alike = others.filter((o) => {
    const apart = apartSquared(feet, o.feet);
    return apart !== null && apart <= ALIKE;
  });
  if (alike.length < LEAST_ALIKE) return { people: 0, lines: [] };
  const lines = keys.flatMap((key): AlikeKept[] => {
    const who = alike.flatMap((o) => {
      const own = o.tried.filter((t) => t.key === key);
      return own.length > 0 ? [own.some((t) => t.kept)] : [];
    });
    if (who.length < LEAST_ALIKE) return [];
    const kept = who.filter(Boolean).length;
    return [{ key, tried: who.length, kept, share: (kept + SHOP_WEIGHS * shopShare) / (who.length + SHOP_WEIGHS) }];
  });
  return { people: alike.length, lines };
}
