import { removedStyleAnswer, styleAnswer } from '$lib/api/answers';
import { act, get } from '$lib/server/endpoint';
import { removeStyle } from '$lib/server/shop/stock-changes';
import { styleOf } from '$lib/server/shop/stockroom';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = get({ needs: 'look', summary: 'One style', answer: styleAnswer }, ({ params }) => styleOf(params.id!));
export const DELETE: RequestHandler = act({ needs: 'stock', summary: 'Take a style away that no visit speaks of', answer: removedStyleAnswer }, ({ params }) =>
  removeStyle(params.id!)
);
