import type { ProposalRow } from '$lib/api/door-schema';
import { differencesOf } from '$lib/differences';
import { proposalsFor } from '$lib/server/doors/proposals';
import { forPage } from '$lib/server/page';

/** Fields of a body that say what it was made on, and are no part of the change. */
const BESIDES = ['version', 'id'];

export const load = async ({ locals, fetch, request }) => {
  // A request within the application is looked at like any other: it says which host it is for.
  const headers = { host: request.headers.get('host') ?? '' };
  /** What is there now where a proposal would write; null for something new, or where there is nothing of the kind any more. */
  const nowAt = async ({ method, path, body }: ProposalRow): Promise<unknown> => {
    if (method === 'POST') return null;
    const response = await fetch(path, { headers });
    if (!response.ok) return null;
    const now = (await response.json()) as Record<string, unknown>;
    // A setting is answered under its one name, and kept without it.
    const apart = Object.keys(body as object).every((name) => !(name in now));
    return apart ? Object.values(now)[0] : now;
  };
  const proposals = await forPage(proposalsFor(locals.who));
  return {
    proposals: await Promise.all(proposals.map(async (p) => ({ ...p, changes: p.answer === '' ? differencesOf(await nowAt(p), p.body, BESIDES) : [] })))
  };
};
