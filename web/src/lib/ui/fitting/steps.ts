/** A visit, in the order practitioners work. */
export const STEPS = [
  { id: 'ask', name: 'Ask', hint: 'what for, what sock, what trouble' },
  { id: 'look', name: 'Look', hint: 'shoes off, stand, walk' },
  { id: 'measure', name: 'Measure', hint: 'both feet, standing' },
  { id: 'sizes', name: 'Sizes', hint: 'both feet on the rule' },
  { id: 'pull', name: 'Pull', hint: 'the stockroom for these feet' },
  { id: 'try', name: 'Try', hint: 'felt zone by zone' },
  { id: 'keep', name: 'Keep', hint: 'what was taken, and why' }
] as const;
