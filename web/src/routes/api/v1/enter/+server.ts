import { enteredAnswer } from '$lib/api/answers';
import { enterSchema } from '$lib/api/door-schema';
import { signIn } from '$lib/server/doors/accounts';
import { dropToken, keepToken, sessionToken } from '$lib/server/doors/cookie';
import { addressOf } from '$lib/server/doors/host';
import { endSession } from '$lib/server/doors/sessions';
import { writeSecret } from '$lib/server/endpoint';

export const POST = writeSecret(
  { needs: 'open', summary: 'Sign in with name and password, and a code where the account has a second factor', body: enterSchema, answer: enteredAnswer },
  async (body, event) => {
    const { request, cookies } = event;
    const began = await signIn({ ...body, device: request.headers.get('user-agent') ?? '', address: addressOf(event) });
    // Whatever token the device held before is worth nothing from now on.
    const before = sessionToken(cookies);
    if (before) await endSession(before);
    dropToken(cookies, request);
    keepToken(cookies, request, began.token, began.endsAt);
    // The record names who came in.
    event.locals.who = began.who;
    return { entered: true };
  }
);
