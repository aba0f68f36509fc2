import { alikeAnswer, alikeSchema } from '$lib/api/learn-schema';
import { take } from '$lib/server/endpoint';
import { alikeTo } from '$lib/server/shop/alike';

export const POST = take(
  { needs: 'look', summary: 'What people with feet alike kept of some styles; only of five and more, never who', body: alikeSchema, answer: alikeAnswer },
  alikeTo
);
