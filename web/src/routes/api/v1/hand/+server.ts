import { enteredAnswer } from '$lib/api/answers';
import { handSchema } from '$lib/api/door-schema';
import { takeOver } from '$lib/server/doors/accounts';
import { keepToken } from '$lib/server/doors/cookie';
import { dayTablet } from '$lib/server/doors/own';
import { writeSecret } from '$lib/server/endpoint';

export const POST = writeSecret(
  { needs: 'self', summary: 'Give a device that stays signed in for the shop day into other hands, by PIN', body: handSchema, answer: enteredAnswer },
  async ({ accountId, pin }, { locals, cookies, request }) => {
    const { id, endsAt } = await dayTablet(locals.who);
    keepToken(cookies, request, await takeOver(id, accountId, pin), endsAt);
    return { entered: true };
  }
);
