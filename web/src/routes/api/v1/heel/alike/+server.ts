import { heelAlikeAnswer, heelAlikeSchema } from '$lib/api/heel-schema';
import { take } from '$lib/server/endpoint';
import { alikeInStock } from '$lib/server/heel-alike';

export const POST = take(
  { needs: 'look', summary: 'Heels of the stockroom that feel most like one', body: heelAlikeSchema, answer: heelAlikeAnswer },
  alikeInStock
);
