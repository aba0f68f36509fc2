import { postsAnswer } from '$lib/api/post-schema';
import { get } from '$lib/server/endpoint';
import { postsOf, sentAndKept } from '$lib/server/shop/posts';

export const GET = get(
  { needs: 'people', summary: 'Parcels, the newest first, and how many pairs were sent, kept and came back', answer: postsAnswer },
  async () => ({
    posts: await postsOf(),
    counts: await sentAndKept()
  })
);
