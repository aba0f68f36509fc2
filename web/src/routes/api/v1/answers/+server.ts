import { z } from 'zod';
import { saidKeptAnswer, saidListAnswer, saidSchema } from '$lib/api/said-schema';
import { fitterOf, get, queryOf, write } from '$lib/server/endpoint';
import { askedAlike, keepSaid, saidAnswers } from '$lib/server/shop/said';

const query = z.object({ person: z.coerce.number().int().positive().optional() });
export const GET = get(
  { needs: 'people', summary: 'Answers that were sent, the newest first, and questions that several people asked', query, answer: saidListAnswer },
  async (event) => {
    const { person } = queryOf(event, query);
    const [answers, alike] = await Promise.all([saidAnswers(person), askedAlike()]);
    return { answers, alike };
  }
);
export const POST = write(
  { needs: 'fit', summary: 'Keep an answer that is sent: who asked, what was said, by which engine', body: saidSchema, status: 201, answer: saidKeptAnswer },
  (body, event) => keepSaid(body, fitterOf(event))
);
