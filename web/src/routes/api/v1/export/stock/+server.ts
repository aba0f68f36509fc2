import { get } from '$lib/server/endpoint';
import { Problem } from '$lib/server/problems';
import { countsCsv, lastsCsv, stockFile, stylesCsv } from '$lib/server/shop/stock-files';

const file = (text: string, type: string, name: string): Response =>
  new Response(text, {
    headers: { 'content-type': `${type}; charset=utf-8`, 'content-disposition': `attachment; filename="${name}"`, 'cache-control': 'no-store' }
  });

export const GET = get({ needs: 'look', summary: 'The stockroom as a file; ?format=json, lasts, styles or counts' }, async ({ url }) => {
  const format = url.searchParams.get('format') ?? 'json';
  if (format === 'json') return file(`${JSON.stringify(await stockFile(), null, 1)}\n`, 'application/json', 'stockroom.json');
  if (format === 'lasts') return file(await lastsCsv(), 'text/csv', 'lasts.csv');
  if (format === 'styles') return file(await stylesCsv(), 'text/csv', 'styles.csv');
  if (format === 'counts') return file(await countsCsv(), 'text/csv', 'counts.csv');
  throw new Problem(422, 'Values out of range', `There is no format “${format}”: json, lasts, styles or counts.`, [
    { path: 'format', message: 'json, lasts, styles or counts' }
  ]);
});
