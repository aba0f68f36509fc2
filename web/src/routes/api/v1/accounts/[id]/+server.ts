import { savedVersionAnswer } from '$lib/api/answers';
import { accountPatchSchema } from '$lib/api/door-schema';
import { changeAccount } from '$lib/server/doors/accounts';
import { idOf, writeSecret } from '$lib/server/endpoint';

export const PATCH = writeSecret(
  { needs: 'shop', summary: 'Change somebody’s role, close or open their account, give a new password', body: accountPatchSchema, answer: savedVersionAnswer },
  async (body, event) => ({ saved: true, version: await changeAccount(idOf(event, 'id', 'account'), body) })
);
