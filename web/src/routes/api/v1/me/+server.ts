import { meAnswer } from '$lib/api/door-schema';
import { meOf } from '$lib/server/doors/own';
import { get } from '$lib/server/endpoint';

export const GET = get(
  { needs: 'self', summary: 'Who is signed in here, and who may take over by PIN', answer: meAnswer },
  async ({ locals }) => (await meOf(locals.who))!
);
