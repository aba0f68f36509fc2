import { changedLastAnswer, lastAnswer } from '$lib/api/answers';
import { lastChangeSchema } from '$lib/api/stock-schema';
import { get, write } from '$lib/server/endpoint';
import { estimateOf, readingsOf } from '$lib/server/shop/last-evidence';
import { changeLast } from '$lib/server/shop/stock-changes';
import { lastById } from '$lib/server/shop/stockroom';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = get(
  { needs: 'look', summary: 'One last, what was measured of it, and what that says together', answer: lastAnswer },
  async ({ params }) => {
    const last = await lastById(params.id!);
    const readings = await readingsOf(last.id);
    return { last, readings, estimate: await estimateOf(last, readings) };
  }
);
export const PUT: RequestHandler = write(
  { needs: 'lasts', summary: 'Change a last; a version seen and outdated is a conflict', body: lastChangeSchema, answer: changedLastAnswer },
  (body, { params }) => changeLast(params.id!, body)
);
