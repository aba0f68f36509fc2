import { CARD_PAPERS, PAPERS } from '$lib/api/papers';
import { get, idOf, paperAmong } from '$lib/server/endpoint';
import { heavy } from '$lib/server/heavy/pool';
import { pdfResponse } from '$lib/server/pdf-response';
import { readPut } from '$lib/put-text';
import { refusing } from '$lib/server/problems';
import { fittingOf } from '$lib/server/shop/fittings';
import { styleOf } from '$lib/server/shop/stockroom';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = get(
  {
    needs: 'people',
    summary:
      'The fit card of an opened pair, PDF; ?style, size, width, put=L.toe-filler.4,R.heel-grip.3, paper=a4, letter (the whole fit), a5 or a6 (to take home)',
    media: 'application/pdf'
  },
  async (event) => {
    const asked = (name: string): string => event.url.searchParams.get(name) ?? '';
    const [fitting, style] = await Promise.all([fittingOf(idOf(event, 'id', 'fitting')), styleOf(asked('style'))]);
    const put = refusing('put', () => readPut(asked('put')));
    const card = await heavy('fitCard', {
      fitting,
      styleId: style.id,
      size: asked('size'),
      width: asked('width'),
      paper: paperAmong(event, { ...PAPERS, ...CARD_PAPERS }),
      put
    });
    return pdfResponse(card, `fit-${style.id}`);
  }
);
