/** Papers a page is laid out for, mm. */
export const PAPERS = { a4: { widthMm: 210, heightMm: 297 }, letter: { widthMm: 215.9, heightMm: 279.4 } } as const;
export type PaperId = keyof typeof PAPERS;
