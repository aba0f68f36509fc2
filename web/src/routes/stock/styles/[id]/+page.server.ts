import { onSameLast } from '@chiave/core/fit';
import { forPage } from '$lib/server/page';
import { photosOf } from '$lib/server/shop/style-photos';
import { allLasts, allMakers, allStyles, styleOf } from '$lib/server/shop/stockroom';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params }) => {
  const style = await forPage(styleOf(params.id));
  const [styles, lasts, makers, photos] = await forPage(Promise.all([allStyles(), allLasts(), allMakers(), photosOf(style.id)]));
  return {
    style,
    photos,
    lasts: lasts.filter((l) => l.maker === style.last.maker).map(({ id, name }) => ({ id, name })),
    letters: makers.find((m) => m.id === style.maker.id)?.letters ?? style.letters,
    same: onSameLast(style, styles).map(({ style: s, otherwise }) => ({
      id: s.id,
      name: s.name,
      otherwise,
      pairs: Object.values(s.stock).reduce((a, b) => a + b, 0)
    }))
  };
};
