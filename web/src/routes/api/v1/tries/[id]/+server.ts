import { tryPatchSchema } from '$lib/api/shop-schema';
import { get, idOf, take } from '$lib/server/endpoint';
import { removeTry, saveTry } from '$lib/server/shop/tries';

export const PATCH = take(tryPatchSchema, async (body, event) => {
  await saveTry(idOf(event, 'id', 'pair tried'), body);
  return { saved: true };
});
export const DELETE = get(async (event) => {
  await removeTry(idOf(event, 'id', 'pair tried'));
  return { removed: true };
});
