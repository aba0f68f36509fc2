import { lastsAnswer, nameAnswer } from '$lib/api/answers';
import { lastSchema } from '$lib/api/stock-schema';
import { get, write } from '$lib/server/endpoint';
import { addLast } from '$lib/server/shop/stock-changes';
import { allLasts } from '$lib/server/shop/stockroom';

export const GET = get({ needs: 'look', summary: 'Every last', answer: lastsAnswer }, async () => ({ lasts: await allLasts() }));
export const POST = write({ needs: 'lasts', summary: 'Keep a new last', body: lastSchema, status: 201, answer: nameAnswer }, (body) => addLast(body));
