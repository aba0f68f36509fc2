/** How a shoe that is worn says what the foot is: by its inside, or by its label alone. */
export type KnownShoeSum = { way: 'inside'; name: string; feel: string; insideMm: number; lessMm: number } | { way: 'label'; name: string; feel: string };

/** What a shoe that is worn says of the foot, in words. */
export const knownShoeWords = (sum: KnownShoeSum): string =>
  `${sum.name}, ${sum.feel}: ${sum.way === 'inside' ? `inside ${sum.insideMm.toFixed(1)} less ${sum.lessMm.toFixed(1)}` : 'by its label only'}`;

export const CONTRADICT_WORDS = 'These shoes contradict each other: one of them is worn too long or too short, or runs off its label.';
