import { modelsCsv } from '$lib/api/pointe-exchange';
import { get } from '$lib/server/endpoint';
import { Problem } from '$lib/server/problems';
import { pointeStock } from '$lib/server/shop/pointe';

const file = (text: string, type: string, name: string): Response =>
  new Response(text, { headers: { 'content-type': `${type}; charset=utf-8`, 'content-disposition': `attachment; filename="${name}"`, 'cache-control': 'no-store' } }); // prettier-ignore

export const GET = get({ needs: 'look', summary: 'Makers and models of pointe shoes as a file; ?format=json or csv' }, async ({ url }) => {
  const format = url.searchParams.get('format') ?? 'json';
  const { makers, models } = await pointeStock();
  if (format === 'json')
    return file(`${JSON.stringify({ makers, models: models.map(({ beliefs: _beliefs, ...m }) => m) }, null, 1)}\n`, 'application/json', 'pointe.json');
  if (format === 'csv') return file(modelsCsv(models), 'text/csv', 'pointe-models.csv');
  throw new Problem(422, 'Values out of range', `There is no format “${format}”: json or csv.`, [{ path: 'format', message: 'json or csv' }]);
});
