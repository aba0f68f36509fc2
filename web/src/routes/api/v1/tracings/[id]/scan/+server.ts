import { get, idOf } from '$lib/server/endpoint';
import { scanOf } from '$lib/server/shop/tracings';

export const GET = get({ needs: 'people', summary: 'The scan kept with an outline, as it came', media: 'application/octet-stream' }, (event) =>
  scanOf(idOf(event, 'id', 'tracing'))
);
