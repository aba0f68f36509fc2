/** What a fitter measures with when the tape lies elsewhere: everybody's own, read once. */
export const HAND_PARTS = [
  { id: 'thumbMm', name: 'thumb', low: 12, high: 35 },
  { id: 'fingerMm', name: 'finger', low: 9, high: 28 },
  { id: 'nailMm', name: 'thumbnail', low: 8, high: 25 }
] as const;
export type HandPartId = (typeof HAND_PARTS)[number]['id'];
/** A fitter’s own, mm. */
export type Hand = Partial<Record<HandPartId, number>>;
/** Several of one part, as a fitter says it: “a finger”, “two thumbs”, “1/2 thumb”. Null where it is no such word. */
export function readByHand(text: string, hand: Hand): { mm: number; part: HandPartId } | { missing: HandPartId } | null {
  const read = /^\s*(a|one|two|1\/2|half a|½|\d+(?:[.,]\d+)?)?\s*(thumbnail|thumb|finger)(?:nail)?(?:s)?(?:[’']s width| width)?\s*$/i.exec(text);
  if (!read) return null;
  const part = HAND_PARTS.find((p) => p.name === read[2].toLowerCase())!.id;
  const mm = hand[part];
  if (mm === undefined) return { missing: part };
  return { mm: many(read[1] ?? 'a') * mm, part };
}
const WORDS: Readonly<Record<string, number>> = { a: 1, one: 1, two: 2, '1/2': 0.5, 'half a': 0.5, '½': 0.5 };
const many = (word: string): number => WORDS[word.toLowerCase()] ?? Number(word.replace(',', '.'));
