import { get, paperOf } from '$lib/server/endpoint';
import { heavy } from '$lib/server/heavy/pool';
import { pdfResponse } from '$lib/server/pdf-response';

export const GET = get(async (event) => {
  const paper = paperOf(event);
  return pdfResponse(await heavy('footGauge', { paper }), `foot-gauge-${paper}`);
});
