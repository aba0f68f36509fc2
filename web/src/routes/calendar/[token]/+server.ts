import { toProblem } from '$lib/server/database-problems';
import { noteProblem } from '$lib/server/log';
import { problemResponse } from '$lib/server/problems';
import { calendarOf } from '$lib/server/shop/feeds';

/** What is due as a calendar. Who has the address need not sign in: it is private, and can be taken back. */
export const GET = async ({ params }) => {
  try {
    return new Response(await calendarOf(params.token), {
      headers: { 'content-type': 'text/calendar; charset=utf-8', 'cache-control': 'private, no-store', 'x-robots-tag': 'noindex' }
    });
  } catch (error) {
    return problemResponse(toProblem(error, noteProblem));
  }
};
