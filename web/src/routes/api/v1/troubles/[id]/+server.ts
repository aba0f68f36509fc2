import { removedAnswer } from '$lib/api/answers';
import { troubleChangeSchema, pairKeptAnswer } from '$lib/api/keep-schema';
import { act, fitterOf, idOf, write } from '$lib/server/endpoint';
import { troubles } from '$lib/server/shop/person-rows';

export const PUT = write(
  { needs: 'health', summary: 'Change a kept trouble; a version seen and outdated is a conflict', body: troubleChangeSchema, answer: pairKeptAnswer },
  ({ version, ...body }, event) => troubles.change(idOf(event, 'id', 'trouble'), body, version, fitterOf(event))
);
export const DELETE = act({ needs: 'health', summary: 'Take a trouble away', answer: removedAnswer }, async (event) => {
  await troubles.remove(idOf(event, 'id', 'trouble'), fitterOf(event));
  return { removed: true };
});
