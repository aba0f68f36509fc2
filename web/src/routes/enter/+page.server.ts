import { hasAccounts } from '$lib/server/doors/accounts';
import { forPage } from '$lib/server/page';

/** Whether anybody could sign in at all. */
export const load = async () => ({ anybody: await forPage(hasAccounts()) });
