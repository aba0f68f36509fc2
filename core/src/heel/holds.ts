/** What holds the ankle, least first: a ladder. Its torque counts as so much more base under the foot [model, order of magnitude]. */
export interface Hold<Id extends string = string> {
  id: Id;
  name: string;
  torqueNm: number;
  /** The closure it holds a foot back as. */
  closure: 'none' | 'strap' | 'elastic' | 'lace';
  /** How it is drawn: a strap round the ankle, laces, a shaft so high, mm. */
  strap: boolean;
  laced: boolean;
  shaftMm: number;
}
export const HOLDS = [
  { id: 'none', name: 'nothing at the ankle', torqueNm: 0, closure: 'none', strap: false, laced: false, shaftMm: 0 },
  { id: 'strap', name: 'a thin ankle strap', torqueNm: 1, closure: 'strap', strap: true, laced: false, shaftMm: 0 },
  { id: 'sock-shaft', name: 'a sock-like shaft', torqueNm: 1.5, closure: 'elastic', strap: false, laced: false, shaftMm: 130 },
  { id: 'wide-strap', name: 'a wide ankle strap', torqueNm: 2, closure: 'strap', strap: true, laced: false, shaftMm: 0 },
  { id: 'laced', name: 'laces', torqueNm: 4, closure: 'lace', strap: false, laced: true, shaftMm: 0 },
  { id: 'laced-boot', name: 'a laced boot', torqueNm: 8, closure: 'lace', strap: false, laced: true, shaftMm: 160 }
] as const satisfies readonly Hold[];
export type HoldId = (typeof HOLDS)[number]['id'];
export const HOLD = Object.fromEntries(HOLDS.map((h) => [h.id, h])) as Readonly<Record<HoldId, Hold<HoldId>>>;
/** Rung on the ladder. */
export const rungOf = (id: HoldId): number => HOLDS.findIndex((h) => h.id === id);
