import { proposalsFor } from '$lib/server/doors/proposals';
import { forPage } from '$lib/server/page';

export const load = async ({ locals }) => ({ proposals: await forPage(proposalsFor(locals.who)) });
