import { z } from 'zod';
import { doneAnswer } from '$lib/api/answers';
import { dropToken, sessionToken } from '$lib/server/doors/cookie';
import { endSession } from '$lib/server/doors/sessions';
import { writeSecret } from '$lib/server/endpoint';

export const POST = writeSecret(
  { needs: 'open', summary: 'Sign out on this device', body: z.strictObject({}), answer: doneAnswer },
  async (_, { cookies, request }) => {
    const token = sessionToken(cookies);
    if (token) await endSession(token);
    dropToken(cookies, request);
    return { done: true };
  }
);
