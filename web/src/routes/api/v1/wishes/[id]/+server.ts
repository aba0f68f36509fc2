import { removedAnswer } from '$lib/api/answers';
import { wishChangeSchema, pairKeptAnswer } from '$lib/api/keep-schema';
import { act, fitterOf, idOf, write } from '$lib/server/endpoint';
import { wishes } from '$lib/server/shop/person-rows';

export const PUT = write(
  { needs: 'fit', summary: 'Change a kept wish; a version seen and outdated is a conflict', body: wishChangeSchema, answer: pairKeptAnswer },
  ({ version, ...body }, event) => wishes.change(idOf(event, 'id', 'wish'), body, version, fitterOf(event))
);
export const DELETE = act({ needs: 'fit', summary: 'Take a wish away', answer: removedAnswer }, async (event) => {
  await wishes.remove(idOf(event, 'id', 'wish'), fitterOf(event));
  return { removed: true };
});
