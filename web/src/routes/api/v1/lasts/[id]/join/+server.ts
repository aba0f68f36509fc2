import { joinedAnswer } from '$lib/api/answers';
import { joinSchema } from '$lib/api/stock-schema';
import { write } from '$lib/server/endpoint';
import { joinLasts } from '$lib/server/shop/stock-changes';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = write(
  { needs: 'lasts', summary: 'Join a last that is the same under another name', body: joinSchema, answer: joinedAnswer },
  ({ other }, { params }) => joinLasts(params.id!, other)
);
