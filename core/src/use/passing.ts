/** A foot in its device and the opening it must pass: with less to spare than this it passes with trouble, mm [model]. */
export const PASSES = { narrow: -1, easy: 12 } as const;
export const PASSING = [
  { id: 'narrow', under: 0 },
  { id: 'trouble', under: PASSES.easy },
  { id: 'easy', under: Infinity }
] as const;
export const passing = (spareMm: number): (typeof PASSING)[number]['id'] => PASSING.find((p) => spareMm < p.under)!.id;
