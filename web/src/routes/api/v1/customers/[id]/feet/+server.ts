import { get, idOf } from '$lib/server/endpoint';
import { feetCsvOf, feetFileOf } from '$lib/server/shop/people-files';

export const GET = get({ needs: 'people', summary: 'A person’s feet, every session; ?format=csv for one line a value' }, async (event) => {
  const id = idOf(event, 'id', 'person');
  if (event.url.searchParams.get('format') !== 'csv') return feetFileOf(id);
  return new Response(await feetCsvOf(id), {
    headers: { 'content-type': 'text/csv; charset=utf-8', 'content-disposition': `attachment; filename="feet-${id}.csv"`, 'cache-control': 'no-store' }
  });
});
