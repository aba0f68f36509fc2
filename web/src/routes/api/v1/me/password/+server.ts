import { doneAnswer } from '$lib/api/answers';
import { ownSchema } from '$lib/api/door-schema';
import { changeOwn, confirmed } from '$lib/server/doors/accounts';
import { keepToken } from '$lib/server/doors/cookie';
import { ownAccount } from '$lib/server/doors/own';
import { handOver, sessionEnd } from '$lib/server/doors/sessions';
import { writeSecret } from '$lib/server/endpoint';

export const PUT = writeSecret(
  { needs: 'self', summary: 'Change one’s own password or PIN; with the password all other sessions end', body: ownSchema, answer: doneAnswer },
  async ({ now, ...body }, { locals, cookies, request }) => {
    const { accountId, sessionId, way } = ownAccount(locals.who);
    await changeOwn(await confirmed(accountId, now), sessionId, body);
    // The device gets a new token too: the old one may be in other hands.
    if (sessionId !== null) keepToken(cookies, request, await handOver(sessionId, accountId, way), await sessionEnd(sessionId));
    return { done: true };
  }
);
