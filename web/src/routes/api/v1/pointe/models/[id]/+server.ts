import { removedAnswer } from '$lib/api/answers';
import { act } from '$lib/server/endpoint';
import { removePointeModel } from '$lib/server/shop/pointe';

export const DELETE = act({ needs: 'stock', summary: 'Take a pointe model away', answer: removedAnswer }, async ({ params }) => {
  await removePointeModel(params.id ?? '');
  return { removed: true };
});
