import { tryPatchSchema } from '$lib/api/shop-schema';
import { act, idOf, write } from '$lib/server/endpoint';
import { removeTry, saveTry } from '$lib/server/shop/tries';

export const PATCH = write(tryPatchSchema, async (body, event) => ({ saved: true, version: await saveTry(idOf(event, 'id', 'pair tried'), body) }));
export const DELETE = act(async (event) => {
  await removeTry(idOf(event, 'id', 'pair tried'));
  return { removed: true };
});
