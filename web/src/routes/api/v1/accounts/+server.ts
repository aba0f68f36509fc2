import { z } from 'zod';
import { idAnswer } from '$lib/api/answers';
import { accountRow, accountSchema } from '$lib/api/door-schema';
import { addAccount, allAccounts } from '$lib/server/doors/accounts';
import { get, writeSecret } from '$lib/server/endpoint';

export const GET = get({ needs: 'shop', summary: 'Everybody who has or had an account', answer: z.object({ accounts: z.array(accountRow) }) }, async () => ({
  accounts: await allAccounts()
}));
export const POST = writeSecret(
  {
    needs: 'shop',
    summary: 'Add an account; the first one is an owner’s, and from then on everybody signs in',
    body: accountSchema,
    status: 201,
    answer: idAnswer
  },
  async (body) => ({ id: await addAccount(body) })
);
