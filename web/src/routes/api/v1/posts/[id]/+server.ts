import { removedAnswer, savedVersionAnswer } from '$lib/api/answers';
import { postPatchSchema } from '$lib/api/post-schema';
import { act, idOf, write } from '$lib/server/endpoint';
import { changePost, removePost } from '$lib/server/shop/posts';

export const PATCH = write(
  { needs: 'fit', summary: 'Change the last day to send a parcel back', body: postPatchSchema, answer: savedVersionAnswer },
  async (body, event) => ({
    saved: true,
    version: await changePost(idOf(event, 'id', 'parcel'), body)
  })
);
export const DELETE = act({ needs: 'fit', summary: 'Take a parcel back that never went out, with its pairs', answer: removedAnswer }, async (event) => {
  await removePost(idOf(event, 'id', 'parcel'));
  return { removed: true };
});
