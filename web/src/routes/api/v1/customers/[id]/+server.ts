import { customerAnswer, erasedAnswer, savedVersionAnswer } from '$lib/api/answers';
import { customerPatchSchema } from '$lib/api/shop-schema';
import { act, fitterOf, get, idOf, write } from '$lib/server/endpoint';
import { changeCustomer, customerOf, eraseCustomer } from '$lib/server/shop/customers';

export const GET = get({ needs: 'people', summary: 'One person', answer: customerAnswer }, (event) => customerOf(idOf(event, 'id', 'person')));
export const PATCH = write(
  {
    needs: 'fit',
    summary: 'Change what is kept of a person; a version seen and outdated is a conflict',
    body: customerPatchSchema,
    answer: savedVersionAnswer
  },
  async (body, event) => ({
    saved: true,
    version: await changeCustomer(idOf(event, 'id', 'person'), body, fitterOf(event))
  })
);
/** Erases the person; what must stay is made anonymous. */
export const DELETE = act({ needs: 'health', summary: 'Erase a person; what must stay is made anonymous', answer: erasedAnswer }, async (event) => {
  await eraseCustomer(idOf(event, 'id', 'person'));
  return { erased: true };
});
