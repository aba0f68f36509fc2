import { idAnswer } from '$lib/api/answers';
import { postSchema } from '$lib/api/post-schema';
import { fitterOf, idOf, writePrepared } from '$lib/server/endpoint';
import { addPost, sayOfPost } from '$lib/server/shop/posts';

export const POST = writePrepared(
  { needs: 'fit', summary: 'Send pairs by post: each becomes a pair tried at home', body: postSchema, status: 201, answer: idAnswer },
  async (body, event) => ({ body, said: await sayOfPost(idOf(event, 'id', 'fitting'), body) }),
  async ({ body, said }, event) => ({ id: await addPost(idOf(event, 'id', 'fitting'), body, said, fitterOf(event)) })
);
