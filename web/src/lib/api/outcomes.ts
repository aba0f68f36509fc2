/** What became of a pair that was tried. */
export const OUTCOMES = [
  { id: 'open', name: 'not decided' },
  { id: 'kept', name: 'kept' },
  { id: 'left', name: 'left' },
  { id: 'returned', name: 'came back' }
] as const;
/** Why a pair was left or came back. `fit`: it speaks of feet and shoes. */
export const RETURN_REASONS = [
  { id: 'fit', name: 'did not fit', fit: true },
  { id: 'size', name: 'wrong size', fit: true },
  { id: 'later-pain', name: 'hurt later', fit: true },
  { id: 'other-won', name: 'another one won', fit: false },
  { id: 'looks', name: 'looks', fit: false },
  { id: 'price', name: 'price', fit: false }
] as const;
export type ReasonCode = (typeof RETURN_REASONS)[number]['id'];
/** Of a pair of which nothing is decided yet, and of one that was taken. */
export const UNDECIDED = 'open' satisfies (typeof OUTCOMES)[number]['id'];
export const KEPT = 'kept' satisfies (typeof OUTCOMES)[number]['id'];
export const LEFT = 'left' satisfies (typeof OUTCOMES)[number]['id'];
export const RETURNED = 'returned' satisfies (typeof OUTCOMES)[number]['id'];
