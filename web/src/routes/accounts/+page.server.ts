import { allAccounts } from '$lib/server/doors/accounts';
import { sessionsOf } from '$lib/server/doors/sessions';
import { forPage } from '$lib/server/page';

export const load = async ({ locals }) => {
  const [accounts, sessions] = await forPage(Promise.all([allAccounts(), sessionsOf(null, locals.who?.sessionId ?? null)]));
  return { accounts, sessions };
};
