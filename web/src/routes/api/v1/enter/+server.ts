import { enteredAnswer } from '$lib/api/answers';
import { z } from 'zod';
import { take } from '$lib/server/endpoint';
import { COOKIE, cookieSeconds, cookieValue, tryPasscode } from '$lib/server/passcode';
import { Problem } from '$lib/server/problems';

export const POST = take(
  { summary: 'Enter with the shop passcode', body: z.object({ passcode: z.string().max(200) }), role: 'anyone', answer: enteredAnswer },
  ({ passcode }, event) => {
    const result = tryPasscode(passcode, event.getClientAddress());
    if (result === 'wait') throw new Problem(429, 'Too many tries', 'Too many wrong passcodes: wait a minute.');
    if (result === 'wrong')
      throw new Problem(401, 'Wrong passcode', 'That is not the shop passcode.', [{ path: 'passcode', message: 'That is not the shop passcode.' }]);
    event.cookies.set(COOKIE, cookieValue(), {
      path: '/',
      httpOnly: true,
      sameSite: 'strict',
      // Behind a proxy that ends TLS the cookie is secure; on a shop's own network there is none.
      secure: event.request.headers.get('x-forwarded-proto') === 'https',
      maxAge: cookieSeconds
    });
    return { entered: true };
  }
);
