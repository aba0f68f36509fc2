import { FLOOR_MARKS, sinkWord, type HeelReport } from '@chiave/core/heel';

/** What a heel does on a ground in a word or two, and whether that is well. */
export interface GroundWord {
  words: string;
  well: boolean;
}
const HOLDS: GroundWord = { words: 'holds', well: true };

export function groundWord({ sinkMm, floor, opening }: Pick<HeelReport, 'sinkMm' | 'floor' | 'opening'>): GroundWord {
  if (sinkMm) return wordOf(sinkWord(sinkMm.centre));
  if (floor) return wordOf(FLOOR_MARKS.find((m) => m.id === floor.mark)!);
  if (opening && opening.caught > 0) return { words: 'is caught', well: false };
  if (opening && opening.rocks > 0) return { words: 'rocks', well: false };
  return HOLDS;
}
const wordOf = ({ name, well }: { name: string; well: boolean }): GroundWord => ({ words: name, well });
