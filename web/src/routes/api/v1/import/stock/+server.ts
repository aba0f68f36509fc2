import { stockImportAnswer } from '$lib/api/answers';
import { stockImportSchema } from '$lib/api/stock-exchange';
import { IMPORT_LIMIT, writePrepared } from '$lib/server/endpoint';
import { lookOver, takeIn } from '$lib/server/shop/stock-files';

export const POST = writePrepared(
  {
    needs: 'stock',
    summary: 'Read a file or a pasted run into the stockroom; looked over first as a dry run',
    body: stockImportSchema,
    limit: IMPORT_LIMIT,
    answer: stockImportAnswer
  },
  lookOver,
  takeIn
);
