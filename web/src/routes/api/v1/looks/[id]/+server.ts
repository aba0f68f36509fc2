import { removedAnswer } from '$lib/api/answers';
import { lookedChangeSchema, pairKeptAnswer } from '$lib/api/keep-schema';
import { act, fitterOf, idOf, write } from '$lib/server/endpoint';
import { looks } from '$lib/server/shop/person-rows';

export const PUT = write(
  { needs: 'health', summary: 'Change a kept look at the feet; a version seen and outdated is a conflict', body: lookedChangeSchema, answer: pairKeptAnswer },
  ({ version, ...body }, event) => looks.change(idOf(event, 'id', 'look at the feet'), body, version, fitterOf(event))
);
export const DELETE = act({ needs: 'health', summary: 'Take a look at the feet away', answer: removedAnswer }, async (event) => {
  await looks.remove(idOf(event, 'id', 'look at the feet'), fitterOf(event));
  return { removed: true };
});
