/** How a shoe is closed. All figures are estimates of this project. */
export interface ClosureDefinition<Id extends string = string> {
  id: Id;
  /** Girth it can take up, mm: more than the kind's usual closure takes up widens what counts as right. */
  takesUpMm: number;
  /** Share of a slide on a heel that it lets through. */
  letsSlide: number;
  /** True where something lies under it that a pad can be put below. */
  tongue: boolean;
  /** True where it can be let out or drawn in over the instep. */
  laced: boolean;
  /** True where it goes round the ankle of a low shoe, as it is drawn. */
  ankleStrap: boolean;
}

const closure = <const Id extends string>(
  id: Id,
  takesUpMm: number,
  letsSlide: number,
  { tongue = true, laced = false, ankleStrap = false } = {}
): ClosureDefinition<Id> => ({
  id,
  takesUpMm,
  letsSlide,
  tongue,
  laced,
  ankleStrap
});

const DEFINITIONS = [
  closure('lace', 4, 0.3, { laced: true }),
  closure('strap', 3, 0.6, { ankleStrap: true }),
  closure('buckle', 3, 0.6),
  closure('hook-loop', 3, 0.6),
  closure('zip', 0, 0.5),
  closure('elastic', 2, 0.8),
  closure('none', 0, 1, { tongue: false })
] as const;

export type ClosureId = (typeof DEFINITIONS)[number]['id'];
export const CLOSURE_IDS: readonly ClosureId[] = DEFINITIONS.map((c) => c.id);
export const CLOSURE = Object.fromEntries(DEFINITIONS.map((c) => [c.id, c])) as Readonly<Record<ClosureId, ClosureDefinition>>;
