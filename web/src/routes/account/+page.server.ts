import { redirect } from '@sveltejs/kit';
import { isLoopback } from '$lib/server/doors/host';
import { ownRow } from '$lib/server/doors/accounts';
import { sessionsOf } from '$lib/server/doors/sessions';
import { tokensOf } from '$lib/server/doors/tokens';
import { forPage } from '$lib/server/page';

/** One's own account. The demo's owner has none. */
export const load = async ({ locals: { who } }) => {
  const id = who?.accountId ?? null;
  if (id === null) redirect(303, '/accounts');
  const [account, sessions, tokens] = await forPage(Promise.all([ownRow(id), sessionsOf(id, who!.sessionId), tokensOf(id)]));
  return { account, sessions, tokens, onNetwork: !isLoopback() };
};
