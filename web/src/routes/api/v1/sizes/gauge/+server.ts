import { get } from '$lib/server/endpoint';
import { PAPERS, pdfResponse, type PaperId } from '$lib/server/pdf';
import { invalid } from '$lib/server/problems';
import { gaugePdf } from '$lib/server/size-pdf';

export const GET = get(async (event) => {
  const paper = event.url.searchParams.get('paper') ?? 'a4';
  if (!(paper in PAPERS)) throw invalid([{ path: 'paper', message: `there are ${Object.keys(PAPERS).join(' and ')}` }]);
  return pdfResponse(await gaugePdf(paper as PaperId), `foot-gauge-${paper}`);
});
