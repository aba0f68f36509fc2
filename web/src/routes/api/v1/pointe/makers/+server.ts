import { pointeKeptAnswer, pointeMakerSchema } from '$lib/api/pointe-schema';
import { write } from '$lib/server/endpoint';
import { keepPointeMaker } from '$lib/server/shop/pointe';

export const POST = write({ needs: 'stock', summary: 'Keep a maker of pointe shoes with its length and width scales', body: pointeMakerSchema, status: 201, answer: pointeKeptAnswer }, (body) => keepPointeMaker(body)); // prettier-ignore
