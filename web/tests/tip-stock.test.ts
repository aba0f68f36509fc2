import { describe, expect, it } from 'vitest';
import { readTips, tipsText, tipStockSchema, USUAL_TIP_STOCK } from '../src/lib/api/tip-stock';

describe('tips as a drawer is written down', () => {
  it('are read with or without the bore, by comma or point, and written the same', () => {
    expect(readTips('8,5 9.5/3;  12')).toEqual([{ diameterMm: 8.5 }, { diameterMm: 9.5, pinBoreMm: 3 }, { diameterMm: 12 }]);
    expect(tipsText(readTips('8.5 9.5/3 12') as never)).toBe('8.5 9.5/3 12');
    expect(readTips('')).toEqual([]);
  });
  it('name the word that is none', () => {
    expect(readTips('8.5 nine 10')).toBe('nine');
    expect(readTips('8.5/x')).toBe('8.5/x');
  });
  it('the usual drawer is one', () => expect(tipStockSchema.parse(USUAL_TIP_STOCK)).toEqual(USUAL_TIP_STOCK));
});
