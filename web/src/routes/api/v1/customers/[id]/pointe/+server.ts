import { dancerAnswer, dancerSchema } from '$lib/api/pointe-schema';
import { fitterOf, get, idOf, write } from '$lib/server/endpoint';
import { dancerOf, keepDancer } from '$lib/server/shop/pointe';
import { z } from 'zod';

export const GET = get({ summary: 'What was asked of a dancer, pairs worn, answers at the barre', answer: dancerAnswer }, (event) =>
  dancerOf(idOf(event, 'id', 'person'))
);
export const PUT = write({ summary: 'Keep what was asked of a dancer', body: dancerSchema, answer: z.object({ kept: z.literal(true) }) }, (body, event) =>
  keepDancer(idOf(event, 'id', 'person'), body, fitterOf(event))
);
