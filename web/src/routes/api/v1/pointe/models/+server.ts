import { pointeKeptAnswer, pointeModelSchema, pointeStockAnswer } from '$lib/api/pointe-schema';
import { get, write } from '$lib/server/endpoint';
import { keepPointeModel, pointeStock } from '$lib/server/shop/pointe';

export const GET = get(
  { needs: 'look', summary: 'Makers and models of pointe shoes, with stock and what the barre taught', answer: pointeStockAnswer },
  pointeStock
);
export const POST = write(
  { needs: 'stock', summary: 'Keep a pointe model, new or changed', body: pointeModelSchema, status: 201, answer: pointeKeptAnswer },
  (body) => keepPointeModel(body)
);
