import { z } from 'zod';
import { mm } from './values';

/** Heel tips and caps that a shop stocks, mm across; a tip's bore is that of the pin it is pushed on by. */
export const tipStockSchema = z
  .strictObject({
    tips: z.array(z.strictObject({ diameterMm: mm(3, 40), pinBoreMm: mm(1, 6).optional() })).max(80, 'at most 80 tips'),
    caps: z.array(mm(3, 40).describe('inside, mm')).max(80, 'at most 80 caps')
  })
  .meta({ id: 'TipStock' });
export type TipStock = z.infer<typeof tipStockSchema>;

/** What a drawer holds until the shop says what is in its own [estimate]. */
export const USUAL_TIP_STOCK: TipStock = {
  tips: [6.5, 7.5, 8.5, 9.5, 10.5, 12, 14].map((diameterMm) => ({ diameterMm })),
  caps: [6, 7, 8, 9, 10.5, 12.5]
};

/** Sizes as they are typed, with the bore after a stroke: `8.5 9.5/3`. @returns the tips, or the word that is none */
export function readTips(text: string): TipStock['tips'] | string {
  const tips: TipStock['tips'] = [];
  for (const word of text
    .replaceAll(',', '.')
    .split(/[\s;]+/)
    .filter(Boolean)) {
    const [across, bore] = word.split('/').map(Number);
    if (!Number.isFinite(across) || (word.includes('/') && !Number.isFinite(bore))) return word;
    tips.push(word.includes('/') ? { diameterMm: across, pinBoreMm: bore } : { diameterMm: across });
  }
  return tips;
}
export const tipsText = (tips: TipStock['tips']): string =>
  tips.map(({ diameterMm, pinBoreMm }) => (pinBoreMm === undefined ? String(diameterMm) : `${diameterMm}/${pinBoreMm}`)).join(' ');
