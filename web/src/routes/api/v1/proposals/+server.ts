import { z } from 'zod';
import { proposalRow } from '$lib/api/door-schema';
import { proposalsFor } from '$lib/server/doors/proposals';
import { get } from '$lib/server/endpoint';

export const GET = get(
  { needs: 'fit', summary: 'Changes to lasts and targets that apprentices propose; they see their own', answer: z.object({ proposals: z.array(proposalRow) }) },
  async ({ locals }) => ({ proposals: await proposalsFor(locals.who) })
);
