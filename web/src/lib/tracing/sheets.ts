/** Sheets of known size a foot can be traced on, mm, the longer side first. */
export const SHEETS = [
  { id: 'a4', name: 'A4', longMm: 297, shortMm: 210 },
  { id: 'letter', name: 'US Letter', longMm: 279.4, shortMm: 215.9 },
  { id: 'a3', name: 'A3, or two A4 joined along their long sides', longMm: 420, shortMm: 297 },
  { id: 'tabloid', name: 'two US Letter joined along their long sides', longMm: 431.8, shortMm: 279.4 }
] as const;
export type SheetId = (typeof SHEETS)[number]['id'];
export const sheetOf = (id: SheetId): (typeof SHEETS)[number] => SHEETS.find((s) => s.id === id)!;

/** Card of ISO/IEC 7810 format ID-1, as bank and identity cards are, mm (the standard's nominal size, from memory). */
export const CARD = { longMm: 85.6, shortMm: 53.98 } as const;
