import { makersAnswer, nameAnswer } from '$lib/api/answers';
import { makerSchema } from '$lib/api/stock-schema';
import { get, write } from '$lib/server/endpoint';
import { addMaker } from '$lib/server/shop/stock-changes';
import { allMakers } from '$lib/server/shop/stockroom';

export const GET = get({ needs: 'look', summary: 'Makers with their widths', answer: makersAnswer }, async () => ({ makers: await allMakers() }));
export const POST = write({ needs: 'stock', summary: 'Keep a new maker', body: makerSchema, status: 201, answer: nameAnswer }, addMaker);
