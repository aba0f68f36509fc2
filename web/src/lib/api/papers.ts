/** Papers a page is laid out for, mm. */
export const PAPERS = { a4: { widthMm: 210, heightMm: 297 }, letter: { widthMm: 215.9, heightMm: 279.4 } } as const;
export type PaperId = keyof typeof PAPERS;
/** Small papers for what a customer takes home, mm. */
export const CARD_PAPERS = { a6: { widthMm: 105, heightMm: 148 }, a5: { widthMm: 148, heightMm: 210 } } as const;
export type CardPaperId = keyof typeof CARD_PAPERS;
