import { readyResponse } from '$lib/server/watch/ready';

/** For a proxy: whether requests may be sent here. */
export const GET = readyResponse;
