import { readStyleSize } from '@chiave/core/fit';
import { get, idOf } from '$lib/server/endpoint';
import { fitCardPdf } from '$lib/server/fit-pdf';
import { pdfResponse } from '$lib/server/pdf';
import { readPut } from '$lib/put-text';
import { invalid, refusing } from '$lib/server/problems';
import { fittingOf } from '$lib/server/shop/fittings';
import { styleOf } from '$lib/server/shop/stockroom';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = get(async (event) => {
  const { searchParams } = event.url;
  const [fitting, style] = await Promise.all([fittingOf(idOf(event, 'id', 'fitting')), styleOf(searchParams.get('style') ?? '')]);
  const read = readStyleSize(style, searchParams.get('size') ?? '', searchParams.get('width') ?? '');
  if ('message' in read) throw invalid([{ path: read.field, message: read.message }]);
  const paper = searchParams.get('paper') === 'letter' ? 'letter' : 'a4';
  const put = refusing('put', () => readPut(searchParams.get('put') ?? ''));
  return pdfResponse(await fitCardPdf(fitting, style, read.size, read.width, paper, put), `fit-${style.id}`);
});
