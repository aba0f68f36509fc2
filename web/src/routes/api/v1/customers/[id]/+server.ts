import { customerPatchSchema } from '$lib/api/shop-schema';
import { act, fitterOf, get, idOf, write } from '$lib/server/endpoint';
import { changeCustomer, customerOf, eraseCustomer } from '$lib/server/shop/customers';

export const GET = get((event) => customerOf(idOf(event, 'id', 'person')));
export const PATCH = write(customerPatchSchema, async (body, event) => ({
  saved: true,
  version: await changeCustomer(idOf(event, 'id', 'person'), body, fitterOf(event))
}));
/** Erases the person; what must stay is made anonymous. */
export const DELETE = act(async (event) => {
  await eraseCustomer(idOf(event, 'id', 'person'));
  return { erased: true };
});
