import { get, paperOf } from '$lib/server/endpoint';
import { heavy } from '$lib/server/heavy/pool';
import { pdfResponse } from '$lib/server/pdf-response';

export const GET = get({ needs: 'look', summary: 'A foot gauge to print at true size, PDF; ?paper=a4 or letter', media: 'application/pdf' }, async (event) => {
  const paper = paperOf(event);
  return pdfResponse(await heavy('footGauge', { paper }), `foot-gauge-${paper}`);
});
