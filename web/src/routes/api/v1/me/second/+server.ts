import { z } from 'zod';
import { doneAnswer } from '$lib/api/answers';
import { secondSchema, withoutSecondSchema } from '$lib/api/door-schema';
import { acceptSecond, confirmed, dropSecond, offerSecond } from '$lib/server/doors/accounts';
import { ownAccount } from '$lib/server/doors/own';
import { writeSecret } from '$lib/server/endpoint';

const answer = z.object({ secret: z.string().optional(), uri: z.string().optional(), recovery: z.array(z.string()).optional().describe('shown once') });
export const POST = writeSecret(
  { needs: 'self', summary: 'A second factor: its secret first, then a code of it switches it on and tells recovery codes once', body: secondSchema, answer },
  async ({ now, code }, { locals }) => {
    const row = await confirmed(ownAccount(locals.who).accountId, now);
    return code === undefined ? offerSecond(row) : { recovery: await acceptSecond(row, code) };
  }
);
export const DELETE = writeSecret(
  { needs: 'self', summary: 'Take one’s own second factor away', body: withoutSecondSchema, answer: doneAnswer },
  async ({ now }, { locals }) => {
    await dropSecond(await confirmed(ownAccount(locals.who).accountId, now));
    return { done: true };
  }
);
