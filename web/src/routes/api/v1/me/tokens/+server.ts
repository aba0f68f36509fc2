import { z } from 'zod';
import { tokenRow, tokenSchema } from '$lib/api/door-schema';
import { confirmed } from '$lib/server/doors/accounts';
import { ownAccount } from '$lib/server/doors/own';
import { addToken, tokensOf } from '$lib/server/doors/tokens';
import { get, writeSecret } from '$lib/server/endpoint';

export const GET = get(
  { needs: 'self', summary: 'One’s own tokens, without what they are', answer: z.object({ tokens: z.array(tokenRow) }) },
  async ({ locals }) => ({
    tokens: await tokensOf(ownAccount(locals.who).accountId)
  })
);
export const POST = writeSecret(
  {
    needs: 'self',
    summary: 'Make a token for another program: it names what it may, ends on a day, and is shown once',
    body: tokenSchema,
    status: 201,
    answer: z.object({ id: z.number(), token: z.string() })
  },
  async (body, { locals }) => {
    const who = ownAccount(locals.who);
    await confirmed(who.accountId, body.now);
    return addToken(body, who);
  }
);
