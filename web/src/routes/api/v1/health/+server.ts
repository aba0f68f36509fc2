import { healthAnswer } from '$lib/api/answers';
import { asIs } from '$lib/server/endpoint';
import { readyResponse } from '$lib/server/watch/ready';

/** Asks the database for a row and the disk for room; 503 with the reason when either fails. */
export const GET = asIs({ needs: 'open', summary: 'Whether the application and its database answer', answer: healthAnswer }, readyResponse);
