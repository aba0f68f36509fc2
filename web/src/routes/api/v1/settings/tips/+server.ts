import { savedAnswer } from '$lib/api/answers';
import { tipStockSchema } from '$lib/api/tip-stock';
import { get, write } from '$lib/server/endpoint';
import { keepTipStock, tipStockOfShop } from '$lib/server/shop/settings';

export const GET = get({ needs: 'look', summary: 'Heel tips and caps the shop stocks', answer: tipStockSchema }, tipStockOfShop);
export const PUT = write({ needs: 'stock', summary: 'Keep which heel tips and caps are stocked', body: tipStockSchema, answer: savedAnswer }, async (body) => {
  await keepTipStock(body);
  return { saved: true };
});
