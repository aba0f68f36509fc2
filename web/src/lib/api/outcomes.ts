/** What became of a pair that was tried. */
export const OUTCOMES = [
  { id: 'open', name: 'not decided' },
  { id: 'kept', name: 'kept' },
  { id: 'left', name: 'left' },
  { id: 'returned', name: 'came back' }
] as const;
/** Of a pair of which nothing is decided yet, and of one that was taken. */
export const UNDECIDED = 'open' satisfies (typeof OUTCOMES)[number]['id'];
export const KEPT = 'kept' satisfies (typeof OUTCOMES)[number]['id'];
export const LEFT = 'left' satisfies (typeof OUTCOMES)[number]['id'];
export const RETURNED = 'returned' satisfies (typeof OUTCOMES)[number]['id'];
