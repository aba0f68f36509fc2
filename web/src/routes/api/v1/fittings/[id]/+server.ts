import { fittingAnswer, savedVersionAnswer } from '$lib/api/answers';
import { fittingOut } from '$lib/api/rows';
import { fittingPatchSchema } from '$lib/api/shop-schema';
import { fitterOf, get, idOf, write } from '$lib/server/endpoint';
import { fittingOf, saveFitting } from '$lib/server/shop/fittings';

export const GET = get({ needs: 'people', summary: 'One fitting: feet, answers, pairs tried', answer: fittingAnswer }, async (event) =>
  fittingOut(await fittingOf(idOf(event, 'id', 'fitting')))
);
export const PATCH = write(
  { needs: 'fit', summary: 'Save what was asked and seen', body: fittingPatchSchema, answer: savedVersionAnswer },
  async (body, event) => ({
    saved: true,
    version: await saveFitting(idOf(event, 'id', 'fitting'), body, fitterOf(event))
  })
);
